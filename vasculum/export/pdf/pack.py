"""The print pack in its order: two pages that are enough at the saw, then everything for doubt."""

from __future__ import annotations

from reportlab.lib.units import mm
from reportlab.platypus import Flowable, PageBreak

from vasculum.export.pdf.drawings import elevations, part_drawings, views_behind
from vasculum.export.pdf.found import found, settle_first, signs_without_print
from vasculum.export.pdf.marking import marking_chart
from vasculum.export.pdf.page import built, paper_of
from vasculum.export.pdf.parts import parts_to_cut, rests_on
from vasculum.export.pdf.positions import packing_strips, runner_positions
from vasculum.export.pdf.reasons import reasons
from vasculum.export.pdf.shopping import to_buy
from vasculum.export.pdf.surveyed import in_the_way, measured, still_assumed, what_is_there
from vasculum.export.pdf.tape import tape_checks
from vasculum.export.pdf.type import FINE, TITLE, register_fonts, said
from vasculum.export.pdf.worked import set_ups
from vasculum.plan.document import Plan
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.telling.solution import solution_of
from vasculum.solid.proof import prove

AT_THE_SAW = 72 * mm
"""How high an elevation may be above the positions: they stand on one page with it."""


def print_pack(plan: SolvedPlan, revision: int | None) -> bytes:
    """The whole pack as one PDF; ``revision`` stands in the foot of every page."""
    register_fonts()
    solution, paper = solution_of(plan, prove(plan)), paper_of(plan.plan.printed_on)
    at = f"revision {revision}" if revision is not None else "from a plan file"
    story: list[Flowable] = [
        said(plan.plan.name, TITLE),
        *_head(plan.plan),
        *settle_first(solution),
        *parts_to_cut(solution),
        *rests_on(solution),
        PageBreak(),
        *elevations(plan, paper, AT_THE_SAW),
        *runner_positions(plan),
        *packing_strips(plan),
        *set_ups(solution),
        PageBreak(),
        *measured(plan),
        *in_the_way(plan),
        *what_is_there(plan),
        *still_assumed(solution),
        *found(solution),
        *views_behind(plan, paper),
        *part_drawings(plan, paper),
        *marking_chart(plan),
        *to_buy(solution),
        *tape_checks(solution),
        *reasons(plan),
    ]
    return built(story, plan.plan.name, f"{plan.plan.name} · {at}", paper)


def _head(plan: Plan) -> list[Flowable]:
    unit = "inches" if plan.units.length == "in" else "millimetres"
    note = [said(plan.note)] if plan.note else []
    sizes = f"Sizes in {unit}, cut to {plan.units.increment}, the other unit beside. * rests on something assumed."
    return [*note, said(sizes, FINE), *signs_without_print(plan)]
