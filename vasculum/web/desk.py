"""The desk: the store, and the plans that were solved of late, so that a change costs only what depends on it."""

from __future__ import annotations

from typing import Any, Literal, NamedTuple

import jsonpatch
from flask import current_app

from vasculum.core.errors import PlanMovedOn
from vasculum.core.recent import Recent
from vasculum.demo import DEMO_PLANS, demo_plan
from vasculum.drawing.shown import SheetShown, View, drawing_deltas, drawings_of, elevations_of
from vasculum.plan.document import Plan
from vasculum.plan.edits.restoring import brought_back
from vasculum.plan.edits.verbs import acted
from vasculum.plan.laying.solving import SolvedPlan, solve_plan
from vasculum.plan.making.marking import marked
from vasculum.plan.telling.outcome import Moved, OnScreen, moved, moved_keys, outcome_delta
from vasculum.plan.telling.solution import Solution, solution_of
from vasculum.solid.proof import carried, prove
from vasculum.store.plans import Plans, Revision, Step
from vasculum.web.messages import ChangeAnswer, Edit, PlanAnswer, PreviewAnswer, PrintState

MOST_QUANTITIES = 60_000
"""So many quantities are kept worked out, of whatever plans: about 60 MB."""


def _quantities(plan: SolvedPlan) -> int:
    return len(plan.solved.quantities)


class Desk:
    """One for each app."""

    def __init__(self, plans: Plans) -> None:
        self.plans = plans
        self._solved: Recent[tuple[str, int, str], SolvedPlan] = Recent(MOST_QUANTITIES, _quantities)
        self._looked_at: SolvedPlan | None = None

    # ---- solved plans --------------------------------------------------------------------------------------------

    def solved(self, revision: Revision, before: SolvedPlan | None = None) -> SolvedPlan:
        """The solution of one revision, worked out at most once."""
        known = self._solved.get(_key(revision))
        if known is not None:
            return known
        solved = marked(revision.plan, before)
        self._solved.put(_key(revision), solved)
        return solved

    def at(self, plan_id: str, number: int) -> SolvedPlan | None:
        """The solution of an earlier revision, or None where it is no longer kept."""
        revision = self.plans.at(plan_id, number)
        return None if revision is None else self.solved(revision)

    def _nearer(self, before: SolvedPlan | None) -> SolvedPlan | None:
        """The last preview of the same plan, which has what is being typed already; or the plan itself."""
        last = self._looked_at
        is_near = last is not None and before is not None and last.plan.places.keys() == before.plan.places.keys()
        return last if is_near else before

    # ---- answers -------------------------------------------------------------------------------------------------

    def whole(self, revision: Revision) -> PlanAnswer:
        """A plan with everything about it."""
        solved = self.solved(revision)
        return self._answer(revision, solved, told(solved))

    def make(self, plan: Plan, label: str, plan_id: str | None = None) -> PlanAnswer:
        """Keep a new plan, once its whole answer was worked out."""
        solved = marked(plan)
        ready = told(solved)
        revision = self.plans.make(solved.plan, label, plan_id)
        self._solved.put(_key(revision), solved)
        return self._answer(revision, solved, ready)

    def put_back(self, plan_id: str) -> PlanAnswer:
        """Put a deleted plan back, once its whole answer was worked out."""
        solved = self.solved(self.plans.get(plan_id, also_deleted=True))
        ready = told(solved)
        return self._answer(self.plans.restore(plan_id), solved, ready)

    def note_printed(self, plan_id: str, number: int) -> PlanAnswer:
        """Remember which revision was printed."""
        solved = self.solved(self.plans.get(plan_id))
        ready = told(solved)
        self.plans.note_printed(plan_id, number)
        revision = self.plans.get(plan_id)
        return self._answer(revision, solved, ready) if revision.plan == solved.plan else self.whole(revision)

    def _answer(self, revision: Revision, solved: SolvedPlan, ready: Told) -> PlanAnswer:
        solved.solved.quantities.let_go()  # what was said of them is kept
        return PlanAnswer(
            **self._at(revision, solved), document=solved.plan, solution=ready.solution, drawings=ready.drawings
        )

    def edit(self, plan_id: str, edit: Edit) -> ChangeAnswer:
        """Do an act: first work it out, say, draw and prove it; only then is it kept, where the head is still it.

        Raises:
            PlanMovedOn: and whatever the act refuses; nothing is kept then.
        """
        head = self.plans.get(plan_id)
        if head.number != edit.base:
            raise PlanMovedOn(edit.base, head.number)
        now = self.solved(head)
        after = self.worked_out(head, acted(now, edit.act))
        return self.answer(head, after, called(edit, now), edit.field, edit.view)

    def worked_out(self, head: Revision, plan: Plan) -> SolvedPlan:
        """A plan solved against the newest revision, with its marks."""
        return self.solved(head) if plan == head.plan else marked(plan, self.solved(head))

    def answer(
        self,
        head: Revision,
        after: SolvedPlan,
        label: str,
        field: str = "",
        view: View | None = None,
        step: Step = "edit",
    ) -> ChangeAnswer:
        """The whole answer of a change against the newest revision, and then the change kept."""
        before = self.solved(head)
        outcome = outcome_delta(before, after, (prove(before), prove(after)))
        drawings = drawing_deltas(before, after, [*elevations_of(after), *([view] if view else [])])
        patch = jsonpatch.make_patch(before.plan.model_dump(mode="json"), after.plan.model_dump(mode="json")).patch
        revision = self.plans.keep(head, after.plan, label, field, step)
        self._solved.put(_key(revision), after)
        after.solved.quantities.let_go()
        return ChangeAnswer(**self._at(revision, after), patch=patch, outcome=outcome, drawings=drawings)

    def step(self, plan_id: str, base: int, way: Literal["undo", "redo"]) -> ChangeAnswer:
        """Go back, or take one undo back: as a new revision, computed before it is kept."""
        head, goal, label = self.plans.goal(plan_id, base, way)
        return self.answer(head, self.worked_out(head, goal), label, step=way)

    def _at(self, revision: Revision, solved: SolvedPlan) -> dict[str, Any]:
        """What every answer about a revision holds."""
        return {
            "id": revision.plan_id,
            "revision": revision.number,
            "kept_at": revision.made.isoformat(),
            "label": revision.label,
            "can_undo": revision.can_undo,
            "can_redo": revision.can_redo,
            "printed": self._printed(revision, solved),
        }

    def preview(
        self, before: SolvedPlan | None, plan: Plan, view: View | None = None, shows: OnScreen | None = None
    ) -> PreviewAnswer:
        """What a plan would be; nothing is kept. It is worked out from the last preview where that is nearer to it.

        While somebody types, the last proof stands; pieces that no list shows need no marks yet.
        """
        is_listed = shows is None or "parts" in shows.sections
        after = (marked if is_listed else solve_plan)(plan, self._nearer(before))
        self._looked_at = after
        proofs = (None, prove(after)) if before is None else (prove(before), carried(before, after))
        return PreviewAnswer(
            outcome=outcome_delta(before, after, proofs, shows),
            drawings=drawing_deltas(before, after, [view] if view else elevations_of(after)),
        )

    def moved_between(self, plan_id: str, base: int, head: int) -> list[Moved]:
        """What changed from one revision to another; nothing where the first is no longer kept."""
        old, new = self.at(plan_id, base), self.at(plan_id, head)
        return moved(old, new) if old and new else []

    def _printed(self, revision: Revision, solved: SolvedPlan) -> PrintState | None:
        if revision.printed is None:
            return None
        printed = self.at(revision.plan_id, revision.printed)
        count = None if printed is None else len(moved_keys(printed, solved))
        return PrintState(revision=revision.printed, changed_since=count)

    # ---- the demo ------------------------------------------------------------------------------------------------

    def lay_out_demo(self) -> None:
        """Put the demo plans in where they have never been; the first of them last, so that it opens first."""
        known = {p.id for p in (*self.plans.listed(), *self.plans.listed(deleted=True))}
        for plan_id in reversed(DEMO_PLANS):
            if plan_id not in known:
                self.plans.make(demo_plan(plan_id), "The demo as it ships", plan_id)

    def put_demo_back(self, plan_id: str) -> PlanAnswer:
        """Bring a demo plan back to how it ships, as a change that can be undone."""
        known = {p.id for p in self.plans.listed()}
        if plan_id not in known:
            if plan_id not in {p.id for p in self.plans.listed(deleted=True)}:
                return self.make(demo_plan(plan_id), "The demo as it ships", plan_id)
            self.put_back(plan_id)
        now = self.plans.get(plan_id)
        plan = brought_back(demo_plan(plan_id), now.plan)
        if plan == now.plan:
            return self.whole(now)
        solved = self.worked_out(now, plan)
        ready = told(solved)
        revision = self.plans.keep(now, solved.plan, "The demo put back as it ships")
        self._solved.put(_key(revision), solved)
        return self._answer(revision, solved, ready)


class Told(NamedTuple):
    """What is said and drawn of a plan."""

    solution: Solution
    drawings: list[SheetShown]


def told(solved: SolvedPlan) -> Told:
    """Everything that a whole answer says of a plan: worked out before anything is kept."""
    return Told(solution_of(solved, prove(solved)), drawings_of(solved))


def _key(revision: Revision) -> tuple[str, int, str]:
    """A revision by its contents too: another database may have the same number."""
    return revision.plan_id, revision.number, revision.digest


def called(edit: Edit, now: SolvedPlan) -> str:
    """What the history calls an edit: by its label, or by what its act says; with what was typed, as it is kept."""
    label, entered = edit.label or edit.act.told(now), edit.act.entered(now.plan)
    return f"{label}: {entered}" if entered else label


def desk() -> Desk:
    """The desk of the app that answers now."""
    found: Desk = current_app.extensions["desk"]
    return found
