"""A column of cells from the side, cut through the middle of one of them. The origin is the clear front floor."""

from __future__ import annotations

from fractions import Fraction

from vasculum.core.flow.things import Axis
from vasculum.core.lengths import Mm
from vasculum.core.rules.shelves.board import SHELVES
from vasculum.drawing.carcass import case_from_side
from vasculum.drawing.carriers import RUNNER_LINES
from vasculum.drawing.in_the_way import from_the_side
from vasculum.drawing.primitives import FIRST, OPENING_PAPER, STEP, Line, Paper, Rect, Sheet, scale_for
from vasculum.drawing.sizes import Sizes
from vasculum.drawing.standing import MEMBERS, Standing, own_parts, standing
from vasculum.plan.laying.layout import BOXES, numbers_of
from vasculum.plan.laying.solving import SolvedPlan, nodes_in, space_around

ZERO = Fraction(0)


def section(plan: SolvedPlan, chosen: str, on: Paper = OPENING_PAPER) -> Sheet:
    """The column that a cell stands in, from the side: fronts, boxes, bottoms and runners, one above the other.

    The chosen cell, or the first box of its column where it holds none, says how deep its box and runner are.
    """
    sheet = Sheet("section", "Section, from the side", place=chosen)
    sizes = Sizes(plan, chosen, sheet)
    room, width = sizes.all_of("clear_depth", "opening_height"), sizes.all_of("cell_from_left", "cell_width")
    if room is None:
        return sheet
    depth, height = room[0], max(room[1], sizes.of("face_height") or ZERO)
    drawn = (depth, height)
    around = sizes.all_of("lost_below", "niche_depth", "niche_height")
    if around is not None:  # what is in the way of a case is drawn where it stands, around it
        drawn = (around[1], around[2])
    sheet.scale = scale_for(*drawn, *on)
    for start, end in (
        ((ZERO, ZERO), (depth, ZERO)),
        ((depth, ZERO), (depth, height)),
        ((depth, height), (ZERO, height)),
    ):
        sheet.add(Line("outline", "opening", start, end, sizes.key("clear_depth")))
    sizes.dimension("clear_depth", "across", -FIRST - STEP, (ZERO, ZERO), (depth, ZERO))
    space = space_around(plan, chosen)
    sheet.add(*from_the_side(sizes, space, None if width is None else (width[0], width[1])))
    middle = None if width is None else width[0] + width[1] / 2
    if sizes.of("case_outside_depth") is not None:
        sheet.add(*case_from_side(Sizes(plan, space, sheet), middle))
    cells, numbers = column_of(plan, chosen), numbers_of(plan.plan)
    for place in cells:
        _cell(Sizes(plan, place, sheet), numbers.get(place, 0), middle, depth)
    for own in own_parts(sizes, space):
        if own.spans("across", middle):
            sheet.add(*own.seen("side", "cut", "cells", own.thin))
    boxes = [place for place in cells if plan.plan.places[place].holds in BOXES]
    if boxes:
        _depths(Sizes(plan, chosen if chosen in boxes else boxes[0], sheet), height)
    return sheet


def column_of(plan: SolvedPlan, chosen: str) -> list[str]:
    """The places of a space, splits too, that stand above or below the middle of one of them, and it itself."""

    def across(place: str) -> tuple[Mm, Mm] | None:
        left, width = (plan.solved.value(place, name) for name in ("cell_from_left", "cell_width"))
        return None if left is None or width is None else (left, left + width)

    own = across(chosen)
    if own is None:
        return [chosen]
    middle, found = (own[0] + own[1]) / 2, []
    for node in nodes_in(plan, space_around(plan, chosen)):
        at = across(node.id)
        if at is not None and at[0] <= middle < at[1]:
            found.append(node.id)
    return found


def _cell(at: Sizes, number: int, middle: Mm | None, depth: Mm) -> None:
    """What one place of the column holds; of a split, the board that lies before it."""
    place = at.plan.plan.places[at.place]
    cut = [one for one in standing(at) if one.spans("across", middle)]
    for one in cut:
        if one.piece.role in MEMBERS and one.thin != "across":
            at.sheet.add(*one.seen("side", "cut", "cells", one.thin))
    cell = at.all_of("cell_from_floor", "cell_height")
    if place.children or cell is None:
        return
    floor, height = cell
    for one in cut:
        if one.piece.role == "front":
            at.sheet.add(*one.seen("side", "cut", "front", one.thin, tint=number))
        elif one.piece.role in SHELVES:
            at.sheet.add(*one.seen("side", "cut", "cells", "back", tint=number))
    if place.holds in BOXES:
        _box(at, number, depth, [one for one in cut if one.piece.rule.moves and one.piece.role != "front"])
    elif place.holds == "bin" and (bin_ := at.all_of("bin_depth", "bin_height")) is not None:
        at.sheet.add(Rect("fill", "cells", (ZERO, floor), bin_[0], bin_[1], at.key("bin_depth"), number))
    elif place.holds == "blocked":
        for start, end in (((ZERO, floor), (depth, floor + height)), ((ZERO, floor + height), (depth, floor))):
            at.sheet.add(Line("obstruction", "cells", start, end, at.key("cell_height")))
    at.sheet.add(Rect("cell", "cells", (ZERO, floor), depth, height, at.key("cell_height")))


def _box(at: Sizes, number: int, space_depth: Mm, moving: list[Standing]) -> None:
    box = at.all_of("set_back", "outside_depth", "outside_height", "room_from_floor", "room_below_box")
    if box is None:
        return
    start, depth, height, room, play = box
    below = room + play
    at.sheet.add(Rect("fill", "box", (start, below), depth, height, at.key("outside_depth"), number))
    for one in moving:
        size: Axis = "up" if one.thin == "back" else "back"
        at.sheet.add(*one.seen("side", "cut", "box", size, tint=number))
    at.dimension("outside_height", "up", FIRST, (space_depth, below), (space_depth, below + height))
    carriers = [one for one in standing(at) if one.is_carrier]
    seen = (rect for one in carriers for rect in one.seen("side", "hidden", "runners", "back"))
    at.sheet.add(*dict.fromkeys(seen))
    runner = at.all_of("runner_length", "runner_line_built")
    if runner is None:
        return
    length, own_line = runner
    beyond = Fraction(2) * at.sheet.scale
    for up, told_by in RUNNER_LINES:
        line = at.of(up)
        if line is not None:
            ends = ((start - beyond, line), (start + length + beyond, line))
            at.sheet.add(Line("centre", "runners", *ends, at.key(told_by)))
    at.dimension("runner_line_built", "up", -FIRST, (ZERO, room), (ZERO, room + own_line))


def _depths(at: Sizes, height: Mm) -> None:
    """How deep a box is, above the column, and how long its runner, below it."""
    box = at.all_of("set_back", "outside_depth")
    if box is not None:
        start, depth = box
        at.dimension("outside_depth", "across", FIRST, (start, height), (start + depth, height))
        length = at.of("runner_length")
        if length is not None:
            at.dimension("runner_length", "across", -FIRST, (start, ZERO), (start + length, ZERO))
