"""The keeper of plans: every change is a revision on disk before it is answered; undo and redo are revisions too.

What reading would refuse is not written. Thinning: the newest revisions of a plan all stay, and what undo leads to from
the newest, step by step; the revision last printed; of older ones the last of each day. Undo ends where the revision
it leads to has been thinned out.
"""

from __future__ import annotations

import uuid
from collections.abc import Callable, Iterator, Mapping
from contextlib import contextmanager
from dataclasses import dataclass
from datetime import UTC, datetime
from hashlib import blake2b
from typing import Literal, NamedTuple

from sqlalchemy import Engine, delete, func, select
from sqlalchemy.orm import Session

from vasculum.core.errors import NoSuchPlan, NoSuchRevision, NothingToUndo, PlanMovedOn
from vasculum.core.recent import Recent
from vasculum.plan.document import Plan
from vasculum.plan.document.reading import read_plan
from vasculum.plan.edits.restoring import brought_back
from vasculum.store.database import Turn, writing
from vasculum.store.models import PlanRow, RevisionRow


class Thinning(NamedTuple):
    """How history is thinned out."""

    kept_whole: int = 300
    """The newest revisions of a plan: all of them stay; and as many steps of undo, however old."""
    once_in: int = 50
    """Thinning happens once in so many revisions."""


THINNING = Thinning()


Step = Literal["edit", "undo", "redo"]
Kind = Literal["made"] | Step


@dataclass(frozen=True)
class Revision:
    """A plan at one revision, as it is on disk."""

    plan_id: str
    number: int
    plan: Plan
    digest: str
    """Of the document as it is on disk: another database may have the same number."""
    label: str
    kind: str
    made: datetime
    can_undo: bool
    can_redo: bool
    printed: int | None


@dataclass(frozen=True)
class Listed:
    """A plan in the list."""

    id: str
    name: str
    revision: int
    changed: datetime
    is_deleted: bool


@dataclass(frozen=True)
class HistoryEntry:
    """One revision in the history of a plan."""

    number: int
    kind: str
    label: str
    made: datetime


MOST_CHARACTERS = 300_000
"""So much of documents read of late is kept as plans: about 5 MB."""
_READ: Recent[str, tuple[Plan, int]] = Recent(MOST_CHARACTERS, lambda kept: kept[1])


def digest_of(document: str) -> str:
    """A short name of a document by its contents."""
    return blake2b(document.encode(), digest_size=12).hexdigest()


def _plan_of(document: str) -> Plan:
    """The plan that a document holds, read once.

    Raises:
        PlanRefused: where it is none.
    """
    digest = digest_of(document)
    known = _READ.get(digest)
    if known is None:
        known = (read_plan(document), len(document))
        _READ.put(digest, known)
    return known[0]


class Plans:
    """All plans of one database."""

    def __init__(
        self,
        engine: Engine,
        now: Callable[[], datetime] = lambda: datetime.now(UTC),
        thinning: Thinning = THINNING,
    ) -> None:
        self._engine = engine
        self._writing = writing(engine)
        self._turn = Turn()
        self._now = now
        self._thinning = thinning

    @contextmanager
    def _written(self) -> Iterator[Session]:
        """One transaction that writes, in its turn.

        Raises:
            NotKept: where the database does not take it; nothing is changed then.
        """
        with self._turn.taken(), Session(self._writing) as session, session.begin():
            yield session

    def listed(self, deleted: bool = False) -> list[Listed]:
        """The plans, last changed first; or those that were deleted and can be put back."""
        is_there = PlanRow.deleted.is_not(None) if deleted else PlanRow.deleted.is_(None)
        with Session(self._engine) as session:
            rows = session.scalars(select(PlanRow).where(is_there).order_by(PlanRow.changed.desc(), PlanRow.id))
            return [Listed(r.id, r.name, r.head, _utc(r.changed), r.deleted is not None) for r in rows]

    def make(self, plan: Plan, label: str, plan_id: str | None = None) -> Revision:
        """Keep a new plan under a new id, or under the one given."""
        plan_id = plan_id or f"plan-{uuid.uuid4().hex[:12]}"
        now = self._stamp()
        with self._written() as session:
            row = PlanRow(id=plan_id, name=plan.name, head=0, printed=None, created=now, changed=now, deleted=None)
            session.add(row)
            session.flush()
            made = self._append(session, row, plan, "made", label)
            return self._revision(session, row, made, plan)

    def get(self, plan_id: str, also_deleted: bool = False) -> Revision:
        """A plan as it is now.

        Raises:
            NoSuchPlan: also for a deleted one, unless that is asked for too.
        """
        with Session(self._engine) as session:
            row = self._row(session, plan_id, also_deleted)
            return self._revision(session, row, self._at(session, row, row.head))

    def at(self, plan_id: str, number: int) -> Revision | None:
        """One revision, or None where it was thinned out or never was."""
        with Session(self._engine) as session:
            row = self._row(session, plan_id)
            found = session.scalar(select(RevisionRow).filter_by(plan_id=row.id, number=number))
            return None if found is None else self._revision(session, row, found)

    def keep(self, head: Revision, plan: Plan, label: str, field: str = "", step: Step = "edit") -> Revision:
        """Append a plan worked out from ``head``, where that still is the newest; the same one is not kept twice.

        Raises:
            NoSuchPlan, PlanMovedOn, NothingToUndo: where another change came first.
        """
        if step == "edit" and plan == head.plan:
            return head
        with self._written() as session:
            row = self._row(session, head.plan_id)
            if head.number != row.head:
                raise PlanMovedOn(head.number, row.head)
            before = self._at(session, row, row.head)
            undo_to, redo_to = self._way(session, row, before, step, field)
            made = self._append(session, row, plan, step, label, field, undo_to, redo_to)
            self._thin(session, row)
            return self._revision(session, row, made, plan)

    def apply(self, plan_id: str, base: int, change: Callable[[Plan], Plan], label: str, field: str = "") -> Revision:
        """Change the plan as it was at ``base``; nothing is kept where ``change`` refuses or changes nothing.

        Raises:
            NoSuchPlan, PlanMovedOn: and whatever ``change`` raises.
        """
        head = self.get(plan_id)
        if base != head.number:
            raise PlanMovedOn(base, head.number)
        return self.keep(head, change(head.plan), label, field)

    def goal(self, plan_id: str, base: int, way: Literal["undo", "redo"]) -> tuple[Revision, Plan, str]:
        """The newest revision, what one step from it leads to, and what the step is called.

        Raises:
            NoSuchPlan, PlanMovedOn, NothingToUndo.
        """
        with Session(self._engine) as session:
            row = self._row(session, plan_id)
            if base != row.head:
                raise PlanMovedOn(base, row.head)
            head = self._at(session, row, row.head)
            to = self._goal(session, row, head, way)
            label = f"Undone: {_bare(head)}" if way == "undo" else f"Redone: {_bare(to)}"
            now = self._revision(session, row, head)
            return now, brought_back(_plan_of(to.document), now.plan), label

    def undo(self, plan_id: str, base: int) -> Revision:
        """Go one step back, as a new revision.

        Raises:
            NoSuchPlan, PlanMovedOn, NothingToUndo.
        """
        head, plan, label = self.goal(plan_id, base, "undo")
        return self.keep(head, plan, label, step="undo")

    def redo(self, plan_id: str, base: int) -> Revision:
        """Take one undo back, as a new revision.

        Raises:
            NoSuchPlan, PlanMovedOn, NothingToUndo.
        """
        head, plan, label = self.goal(plan_id, base, "redo")
        return self.keep(head, plan, label, step="redo")

    def delete(self, plan_id: str) -> None:
        """Put a plan out of sight; it can be put back."""
        with self._written() as session:
            self._row(session, plan_id).deleted = self._stamp()

    def restore(self, plan_id: str) -> Revision:
        """Put a deleted plan back."""
        with self._written() as session:
            row = self._row(session, plan_id, also_deleted=True)
            row.deleted = None
            return self._revision(session, row, self._at(session, row, row.head))

    def note_printed(self, plan_id: str, revision: int) -> None:
        """Remember which revision was last printed.

        Raises:
            NoSuchPlan, NoSuchRevision.
        """
        with self._written() as session:
            row = self._row(session, plan_id)
            if not self._has(session, row, revision):
                raise NoSuchRevision("no-such-revision", f"This plan has no revision {revision}.", "Print it as it is.")
            row.printed = revision

    def history(self, plan_id: str) -> list[HistoryEntry]:
        """The revisions of a plan, newest first."""
        with Session(self._engine) as session:
            row = self._row(session, plan_id)
            found = session.scalars(
                select(RevisionRow)
                .filter_by(plan_id=row.id)
                .order_by(RevisionRow.number.desc())
                .limit(self._thinning.kept_whole)
            )
            return [HistoryEntry(r.number, r.kind, r.label, _utc(r.made)) for r in found]

    # ---- inside one transaction ---------------------------------------------------------------------------------

    def _stamp(self) -> datetime:
        return self._now().astimezone(UTC).replace(tzinfo=None)

    def _row(self, session: Session, plan_id: str, also_deleted: bool = False) -> PlanRow:
        row = session.get(PlanRow, plan_id)
        if row is None or (row.deleted is not None and not also_deleted):
            raise NoSuchPlan("no-such-plan", f"There is no plan {plan_id!r}.", "Look at the list of plans.")
        return row

    def _at(self, session: Session, row: PlanRow, number: int) -> RevisionRow:
        return session.scalars(select(RevisionRow).filter_by(plan_id=row.id, number=number)).one()

    def _has(self, session: Session, row: PlanRow, number: int | None) -> bool:
        if number is None:
            return False
        found = select(func.count()).select_from(RevisionRow).filter_by(plan_id=row.id, number=number)
        return bool(session.scalar(found))

    def _append(
        self,
        session: Session,
        row: PlanRow,
        plan: Plan,
        kind: Kind,
        label: str,
        field: str = "",
        undo_to: int | None = None,
        redo_to: int | None = None,
    ) -> RevisionRow:
        document = plan.model_dump_json()
        _plan_of(document)  # what cannot be read again is not written
        row.head += 1
        row.name = plan.name
        row.changed = self._stamp()
        made = RevisionRow(
            plan_id=row.id, number=row.head, kind=kind, label=label[:200], field=field[:400], undo_to=undo_to,
            redo_to=redo_to, made=row.changed, document=document,
        )  # fmt: skip
        session.add(made)
        session.flush()
        return made

    def _goal(self, session: Session, row: PlanRow, head: RevisionRow, way: Literal["undo", "redo"]) -> RevisionRow:
        number = head.undo_to if way == "undo" else head.redo_to
        if number is None or not self._has(session, row, number):
            raise NothingToUndo(f"nothing-to-{way}", f"There is nothing more to {way}.", "")
        return self._at(session, row, number)

    def _way(
        self, session: Session, row: PlanRow, head: RevisionRow, step: Step, field: str
    ) -> tuple[int | None, int | None]:
        """Where undo and redo lead from the revision that comes after ``head``."""
        if step == "edit":
            is_same_field = bool(field) and head.kind == "edit" and head.field == field
            return (head.undo_to if is_same_field else head.number), None
        to = self._goal(session, row, head, step)
        return (to.undo_to, head.number) if step == "undo" else (head.number, to.redo_to)

    def _revision(self, session: Session, row: PlanRow, at: RevisionRow, plan: Plan | None = None) -> Revision:
        return Revision(
            row.id, at.number, plan or _plan_of(at.document), digest_of(at.document), at.label, at.kind, _utc(at.made),
            self._has(session, row, at.undo_to), self._has(session, row, at.redo_to), row.printed,
        )  # fmt: skip

    def _thin(self, session: Session, row: PlanRow) -> None:
        if row.head % self._thinning.once_in:
            return
        day = func.date(RevisionRow.made)
        known = {
            number: (undo_to, redo_to, str(made))
            for number, undo_to, redo_to, made in session.execute(
                select(RevisionRow.number, RevisionRow.undo_to, RevisionRow.redo_to, day)
                .where(RevisionRow.plan_id == row.id)
                .order_by(RevisionRow.number)
            )
        }
        last_of_day = {made: number for number, (_, _, made) in known.items()}
        newest = {number for number in known if number > row.head - self._thinning.kept_whole}
        stays = {*newest, *last_of_day.values(), *self._steps_back(known, row.head), row.printed}
        gone = [number for number in known if number not in stays]
        session.execute(delete(RevisionRow).where(RevisionRow.plan_id == row.id, RevisionRow.number.in_(gone)))

    def _steps_back(self, known: Mapping[int, tuple[int | None, int | None, str]], head: int) -> Iterator[int]:
        """Where redo leads from the newest revision, and where undo does, step by step."""
        undo, redo, _ = known[head]
        if redo is not None:
            yield redo
        for _ in range(self._thinning.kept_whole):
            if undo is None:
                return
            yield undo
            undo = known[undo][0] if undo in known else None


def _bare(step: RevisionRow) -> str:
    return step.label.removeprefix("Undone: ").removeprefix("Redone: ")


def _utc(stamp: datetime) -> datetime:
    return stamp.replace(tzinfo=UTC)
