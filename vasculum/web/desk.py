"""The desk: the store, and the plans that were solved of late, so that a change costs only what depends on it."""

from __future__ import annotations

from collections import OrderedDict
from functools import partial
from threading import Lock
from typing import Any

from flask import current_app

from vasculum.core.flow import Key, key_text
from vasculum.demo import DEMO_PLANS, demo_plan
from vasculum.drawing.shown import View, drawings_of
from vasculum.plan.document import Plan
from vasculum.plan.edits.restoring import brought_back
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.making.marking import marked
from vasculum.plan.telling.solution import Moved, moved, quantity_keys, quantity_shown, solution_of
from vasculum.solid.proof import prove
from vasculum.store.plans import Plans, Revision
from vasculum.web.messages import ChangeAnswer, PlanAnswer, PreviewAnswer, PrintState

MOST_SOLVED = 48


class Desk:
    """One for each app."""

    def __init__(self, plans: Plans) -> None:
        self.plans = plans
        self._solved: OrderedDict[tuple[str, int], SolvedPlan] = OrderedDict()
        self._lock = Lock()

    # ---- solved plans --------------------------------------------------------------------------------------------

    def solved(self, revision: Revision, before: SolvedPlan | None = None) -> SolvedPlan:
        """The solution of one revision, worked out at most once."""
        return self.solved_at(revision.plan_id, revision.number, revision.plan, before)

    def solved_at(self, plan_id: str, number: int, plan: Plan, before: SolvedPlan | None = None) -> SolvedPlan:
        """The solution of a plan's document at a revision."""
        key = (plan_id, number)
        with self._lock:
            if key in self._solved:
                self._solved.move_to_end(key)
                return self._solved[key]
        solved = marked(plan, before)
        with self._lock:
            self._solved[key] = solved
            if len(self._solved) > MOST_SOLVED:
                self._solved.popitem(last=False)
        return solved

    def at(self, plan_id: str, number: int) -> SolvedPlan | None:
        """The solution of an earlier revision, or None where it is no longer kept."""
        plan = self.plans.at(plan_id, number)
        return None if plan is None else self.solved_at(plan_id, number, plan)

    # ---- answers -------------------------------------------------------------------------------------------------

    def whole(self, revision: Revision) -> PlanAnswer:
        """A plan with everything about it."""
        solved = self.solved(revision)
        return PlanAnswer(**self._at(revision, solved), solution=solution_of(solved, prove(solved)))

    def change(self, before: SolvedPlan, revision: Revision, view: View | None = None) -> ChangeAnswer:
        """What a change did, as far as the caller does not know it yet."""
        after = self.solved(revision, before)
        solution = solution_of(after, prove(after))
        return ChangeAnswer(
            **self._at(revision, after, view),
            changed={key_text(k): quantity_shown(after, k) for k in _changed_keys(before, after)},
            gone=sorted(key_text(k) for k in {*quantity_keys(before)} - {*quantity_keys(after)}),
            moved=moved(before, after),
            parts=solution.parts,
            hardware=solution.hardware,
            shopping=solution.shopping,
            travels=solution.travels,
            findings=solution.findings,
            tape_checks=solution.tape_checks,
            assumed=solution.assumed,
            stages=solution.stages,
            assembled=solution.assembled,
        )

    def _at(self, revision: Revision, solved: SolvedPlan, view: View | None = None) -> dict[str, Any]:
        """What every answer about a revision holds."""
        return {
            "id": revision.plan_id,
            "revision": revision.number,
            "kept_at": revision.made.isoformat(),
            "label": revision.label,
            "can_undo": revision.can_undo,
            "can_redo": revision.can_redo,
            "printed": self._printed(revision, solved),
            "document": revision.plan,
            "drawings": drawings_of(solved, view),
        }

    def preview(self, before: SolvedPlan | None, plan: Plan, view: View | None = None) -> PreviewAnswer:
        """What a plan would be; nothing is kept."""
        after = marked(plan, before)
        return PreviewAnswer(
            solution=solution_of(after, prove(after)),
            moved=moved(before, after) if before else [],
            drawings=drawings_of(after, view),
        )

    def moved_between(self, plan_id: str, base: int, head: int) -> list[Moved]:
        """What changed from one revision to another; nothing where the first is no longer kept."""
        old, new = self.at(plan_id, base), self.at(plan_id, head)
        return moved(old, new) if old and new else []

    def _printed(self, revision: Revision, solved: SolvedPlan) -> PrintState | None:
        if revision.printed is None:
            return None
        printed = self.at(revision.plan_id, revision.printed)
        count = None if printed is None else len(moved(printed, solved))
        return PrintState(revision=revision.printed, changed_since=count)

    # ---- the demo ------------------------------------------------------------------------------------------------

    def lay_out_demo(self) -> None:
        """Put the demo plans in where they have never been; the first of them last, so that it opens first."""
        known = {p.id for p in (*self.plans.listed(), *self.plans.listed(deleted=True))}
        for plan_id in reversed(DEMO_PLANS):
            if plan_id not in known:
                self.plans.make(demo_plan(plan_id), "The demo as it ships", plan_id)

    def put_demo_back(self, plan_id: str) -> Revision:
        """Bring a demo plan back to how it ships, as a change that can be undone."""
        known = {p.id for p in self.plans.listed()}
        if plan_id not in known:
            if plan_id in {p.id for p in self.plans.listed(deleted=True)}:
                self.plans.restore(plan_id)
            else:
                return self.plans.make(demo_plan(plan_id), "The demo as it ships", plan_id)
        now = self.plans.get(plan_id)
        change = partial(brought_back, demo_plan(plan_id))
        return self.plans.apply(plan_id, now.number, change, "The demo put back as it ships")


def _changed_keys(before: SolvedPlan, after: SolvedPlan) -> list[Key]:
    if before.plan.units.length != after.plan.units.length:
        return list(quantity_keys(after))
    old, new = before.solved.quantities, after.solved.quantities
    return [key for key in quantity_keys(after) if old.get(key) != new[key]]


def desk() -> Desk:
    """The desk of the app that answers now."""
    found: Desk = current_app.extensions["desk"]
    return found
