"""One cell from the side. The origin is the front of the cell's floor."""

from __future__ import annotations

from fractions import Fraction

from vasculum.core.lengths import Mm
from vasculum.drawing.carcass import case_from_side
from vasculum.drawing.in_the_way import from_the_side
from vasculum.drawing.primitives import FIRST, OPENING_PAPER, STEP, Line, Rect, Sheet, scale_for
from vasculum.drawing.sizes import Sizes
from vasculum.plan.laying.layout import nodes_of
from vasculum.plan.laying.solving import SolvedPlan

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
    front = sizes.all_of("front_thickness", "front_height_cut", "front_from_floor", "set_back")
    if front is not None and sizes.own("front_height_cut") is not None:
        thickness, front_height, from_floor, set_back = front
        corner = (set_back - thickness, from_floor - floor)
        sheet.add(Rect("cut", "front", corner, thickness, front_height, sizes.key("front_thickness"), tint))
    of = next(s for s in plan.plan.space_order if any(node.id == drawer for node in nodes_of(plan.plan, s)))
    sheet.add(*from_the_side(sizes, of, (floor, height)))
    if sizes.of("case_outside_depth") is not None:
        case_floor, whole = sizes.of("opening_height"), sizes.of("cell_from_floor")
        if case_floor is not None and whole is not None and whole == 0 and case_floor == height:
            sheet.add(*case_from_side(sizes, height))
    _box_from_side(sizes, tint, (depth, height), floor)
    return sheet


def _box_from_side(sizes: Sizes, tint: int, cell: tuple[Mm, Mm], floor: Mm) -> None:
    depth, height = cell
    box = sizes.all_of(
        "set_back",
        "outside_depth",
        "outside_height",
        "room_from_floor",
        "play_below",
        "front_wall",
        "box_back_thickness",
    )
    if box is None:
        return
    start, box_depth, box_height, room, play, front, back = box
    below = room - floor + play
    sheet, end = sizes.sheet, start + box_depth
    bottom = sizes.all_of("bottom_depth_cut", "bottom_thickness", "wall_height_cut")
    sheet.add(Rect("fill", "box", (start, below), box_depth, box_height, sizes.key("outside_depth"), tint))
    if bottom is not None:
        length, thickness, wall = bottom
        wall_from = below + box_height - wall
        ahead, behind = (sizes.own(f"set_in_{at}") or ZERO for at in ("front", "back"))
        for x, t in ((start + ahead, front), (end - back - behind, back)):
            if t == 0:
                continue
            high = wall if x == start + ahead else sizes.of("back_wall_height_cut") or wall
            sheet.add(Rect("cut", "box", (x, wall_from + wall - high), t, high, sizes.key("wall_height_cut"), tint))
        raised = sizes.of("bottom_raise") if sizes.of("groove_width") is not None else ZERO
        at = (start + _bottom_begins(sizes, front, box_depth - length), below + (raised or ZERO))
        sheet.add(Rect("cut", "box", at, length, thickness, sizes.key("bottom_depth_cut"), tint))
    sizes.dimension("outside_depth", "across", FIRST, (start, height), (end, height))
    sizes.dimension("outside_height", "up", FIRST, (depth, below), (depth, below + box_height))
    _runner_from_side(sizes, start, room - floor)


def _bottom_begins(sizes: Sizes, front: Mm, spare: Mm) -> Mm:
    """Behind the outer face of the box front: in its groove or rabbet, with half of the play before it."""
    depth = sizes.own("groove_depth_front") or sizes.own("edge_rabbet_front")
    play = sizes.own("bottom_play_along")
    if depth is None:
        return spare / 2
    inside = (sizes.own("set_in_front") or ZERO) + front - depth
    return inside + (play / 2 if play is not None and sizes.own("groove_depth_back") is not None else ZERO)


def _runner_from_side(sizes: Sizes, start: Mm, room: Mm) -> None:
    runner = sizes.all_of("runner_length", "runner_height", "runner_line_built")
    if runner is None:
        return
    length, runner_height, own_line = runner
    line = room + own_line
    at = (start, line - runner_height / 2)
    sizes.sheet.add(Rect("hidden", "runners", at, length, runner_height, sizes.key("runner_length")))
    beyond = Fraction(2) * sizes.sheet.scale
    sizes.sheet.add(
        Line(
            "centre", "runners", (start - beyond, line), (start + length + beyond, line), sizes.key("runner_line_built")
        )
    )
    sizes.dimension("runner_length", "across", -FIRST, (start, ZERO), (start + length, ZERO))
    sizes.dimension("runner_line_built", "up", -FIRST, (ZERO, room), (ZERO, line))
