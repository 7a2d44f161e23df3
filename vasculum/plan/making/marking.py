"""A solved plan whose every piece has its mark: what is kept after each change."""

from __future__ import annotations

from dataclasses import replace

from vasculum.plan.document import Plan
from vasculum.plan.document.marks import with_marks
from vasculum.plan.laying.solving import SolvedPlan, solve_plan
from vasculum.plan.making.pieces import pieces_of


def marked(plan: Plan, before: SolvedPlan | None = None) -> SolvedPlan:
    """Solve a plan and give every new piece its mark; what is gone gives up its own."""
    solved = solve_plan(plan, before)
    return replace(solved, plan=with_marks(plan, (p.id for p in pieces_of(solved)), solved.laid.places))
