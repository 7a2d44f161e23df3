"""Where runners and boxes go, for the second page at the saw."""

from __future__ import annotations

from collections.abc import Iterator

from reportlab.platypus import Flowable

from vasculum.export.pdf.by_drawer import Line, by_drawer
from vasculum.export.pdf.page import Cell, section, table
from vasculum.export.pdf.type import BIG, said
from vasculum.plan.laying.layout import boxes_of, numbers_of
from vasculum.plan.laying.solving import SolvedPlan, nearest_key
from vasculum.plan.telling.set_ups import RUNNERS
from vasculum.plan.telling.solution import shown
from vasculum.plan.telling.words import cell_name, place_name


def runner_positions(plan: SolvedPlan) -> Iterator[Flowable]:
    """A column for each drawer; what is the same for all stands once."""
    boxes, numbers = boxes_of(plan.plan), numbers_of(plan.plan)
    lines = [
        Line(what, cell_name(plan.plan, node.id, numbers), size)
        for node in boxes
        for name, what in RUNNERS
        if (size := shown(plan, plan.solved.value(*nearest_key(plan, node.id, name)))) is not None
    ]
    if len(boxes) > 1:
        yield from by_drawer(lines)
    elif lines:
        rows: list[list[Cell]] = [[one.what, said(one.size.text, BIG), one.size.other] for one in lines]
        yield table(("", "Size", "Other unit"), rows, (6, 2, 2), is_close=True)


def packing_strips(plan: SolvedPlan) -> Iterator[Flowable]:
    """How thick the packing is at each station of the tape."""
    rows: list[list[Cell]] = []
    for id_ in plan.plan.reading_order:
        left, right = (shown(plan, plan.solved.value(id_, f"packing_{side}_here")) for side in ("left", "right"))
        if left is not None and right is not None and (left.mm != "0" or right.mm != "0"):
            sides = (f"{left.text} ({left.other})", f"{right.text} ({right.other})")
            rows.append([place_name(plan.plan, id_), *sides])
    if rows:
        yield from section("Packing strips, thickness at each station")
        yield table(("Station", "Left", "Right"), rows, (4, 2, 2), is_close=True)
