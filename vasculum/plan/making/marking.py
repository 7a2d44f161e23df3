"""A solved plan whose every piece has its mark: what is kept after each change."""

from __future__ import annotations

from dataclasses import replace

from vasculum.plan.document import Plan
from vasculum.plan.document.marks import with_marks
from vasculum.plan.laying.solving import SolvedPlan, solve_plan
from vasculum.plan.making.pieces import pieces_of


def marked(plan: Plan, before: SolvedPlan | None = None) -> SolvedPlan:
    """Solve a plan and give every new piece its mark."""
    solved = solve_plan(plan, before)
    return replace(solved, plan=with_marks(plan, (piece.id for piece in pieces_of(solved))))
