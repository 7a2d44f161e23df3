"""One cell from the side. The origin is the front of the cell's floor."""

from __future__ import annotations

from fractions import Fraction

from vasculum.core.flow.things import Axis
from vasculum.core.lengths import Mm
from vasculum.drawing.carcass import case_from_side
from vasculum.drawing.carriers import RUNNER_LINES
from vasculum.drawing.in_the_way import from_the_side
from vasculum.drawing.primitives import FIRST, OPENING_PAPER, STEP, Line, Rect, Sheet, scale_for
from vasculum.drawing.sizes import Sizes
from vasculum.drawing.standing import standing
from vasculum.plan.laying.solving import SolvedPlan, space_around

ZERO = Fraction(0)


def section(plan: SolvedPlan, drawer: str, tint: int) -> Sheet:
    """A cell from the side, cut through the middle: front, box, bottom and runner in the depth."""
    sheet = Sheet("section", "Section, from the side", place=drawer)
    sizes = Sizes(plan, drawer, sheet)
    space = sizes.all_of("clear_depth", "cell_from_floor", "cell_height", "face_height")
    if space is None:
        return sheet
    depth, floor, cell_height, face = space
    height = face if floor == 0 and face > cell_height else cell_height
    sheet.scale = scale_for(depth, height, *OPENING_PAPER)
    for start, end in (
        ((ZERO, ZERO), (depth, ZERO)),
        ((depth, ZERO), (depth, height)),
        ((depth, height), (ZERO, height)),
    ):
        sheet.add(Line("outline", "opening", start, end, sizes.key("clear_depth")))
    sizes.dimension("clear_depth", "across", -FIRST - STEP, (ZERO, ZERO), (depth, ZERO))
    of = space_around(plan, drawer)
    sheet.add(*from_the_side(sizes, of, (floor, height)))
    if sizes.of("case_outside_depth") is not None:
        case_floor, whole = sizes.of("opening_height"), sizes.of("cell_from_floor")
        if case_floor is not None and whole is not None and whole == 0 and case_floor == height:
            sheet.add(*case_from_side(Sizes(plan, of, sheet)))
    _box_from_side(sizes, tint, (depth, height), floor)
    return sheet


def _box_from_side(sizes: Sizes, tint: int, cell: tuple[Mm, Mm], floor: Mm) -> None:
    depth, height = cell
    box = sizes.all_of("set_back", "outside_depth", "outside_height", "room_from_floor", "room_below_box")
    middle = sizes.all_of("cell_from_left", "cell_width")
    cut = [one for one in standing(sizes) if middle and one.spans("across", middle[0] + middle[1] / 2)]
    for one in cut:
        if one.piece.role == "front":
            sizes.sheet.add(*one.seen("side", "cut", "front", one.thin, (ZERO, floor), tint))
    if box is None:
        return
    start, box_depth, box_height, room, play = box
    below = room - floor + play
    sheet, end = sizes.sheet, start + box_depth
    sheet.add(Rect("fill", "box", (start, below), box_depth, box_height, sizes.key("outside_depth"), tint))
    for one in cut:
        if one.piece.rule.moves and one.piece.role != "front":
            size: Axis = "up" if one.thin == "back" else "back"
            sheet.add(*one.seen("side", "cut", "box", size, (ZERO, floor), tint))
    sizes.dimension("outside_depth", "across", FIRST, (start, height), (end, height))
    sizes.dimension("outside_height", "up", FIRST, (depth, below), (depth, below + box_height))
    _runner_from_side(sizes, start, room - floor, floor)


def _runner_from_side(sizes: Sizes, start: Mm, room: Mm, floor: Mm) -> None:
    carriers = [one for one in standing(sizes) if one.is_carrier]
    seen = (rect for one in carriers for rect in one.seen("side", "hidden", "runners", "back", (ZERO, floor)))
    sizes.sheet.add(*dict.fromkeys(seen))
    runner = sizes.all_of("runner_length", "runner_line_built")
    if runner is None:
        return
    length, own_line = runner
    line = room + own_line
    beyond = Fraction(2) * sizes.sheet.scale
    for up, told_by in RUNNER_LINES:
        at = sizes.of(up)
        if at is not None:
            ends = ((start - beyond, at - floor), (start + length + beyond, at - floor))
            sizes.sheet.add(Line("centre", "runners", *ends, sizes.key(told_by)))
    sizes.dimension("runner_length", "across", -FIRST, (start, ZERO), (start + length, ZERO))
    sizes.dimension("runner_line_built", "up", -FIRST, (ZERO, room), (ZERO, line))
