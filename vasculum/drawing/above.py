"""One cell from above, at its own height in the space. The origin is the clear front left corner; the back is up."""

from __future__ import annotations

from fractions import Fraction
from math import cos, radians, sin

from vasculum.core.lengths import Mm
from vasculum.core.rules.organizers.rack import DIVIDERS as RACK_DIVIDERS
from vasculum.drawing.carcass import case_from_above
from vasculum.drawing.in_the_way import from_above
from vasculum.drawing.inside import corner_inside, fitted_inside
from vasculum.drawing.primitives import (
    FIRST,
    OPENING_PAPER,
    STEP,
    Arc,
    Layer,
    Line,
    Paper,
    Point,
    Rect,
    Role,
    Sheet,
    Text,
    scale_for,
)
from vasculum.drawing.sizes import Sizes
from vasculum.drawing.standing import MEMBERS, own_parts, standing
from vasculum.drawing.walls import walls_from_above
from vasculum.plan.laying.layout import BOXES, Node
from vasculum.plan.laying.solving import SolvedPlan, nodes_in
from vasculum.plan.making.rooms import room_of, tiers_of

ZERO = Fraction(0)
NUMBER = Fraction(6)
"""How high the number of a cell is, mm on paper."""


def above(
    plan: SolvedPlan,
    space: str,
    chosen: str,
    numbers: dict[str, int],
    on: Paper = OPENING_PAPER,
) -> Sheet:
    """A space from above, cut through the middle of one cell: its box open, others at that height as outlines."""
    sheet = Sheet("above", "Plan view, from above", place=chosen)
    sizes = Sizes(plan, space, sheet)
    clear = sizes.all_of("clear_width", "clear_depth")
    if clear is None:
        return sheet
    width, depth = clear
    sheet.scale = scale_for(width, depth, *on)
    sheet.add(Rect("outline", "opening", (ZERO, ZERO), width, depth, sizes.key("clear_width")))
    middle = _middle(plan, chosen)
    for node in nodes_in(plan, space):
        if _spans(plan, node.id, middle):
            for board in standing(Sizes(plan, node.id, sheet), *MEMBERS):
                if board.spans("up", middle):
                    sheet.add(*board.seen("above", "cut", "cells", board.thin))
            if not node.place.children:
                _cell(Sizes(plan, node.id, sheet), node, numbers[node.id], node.id == chosen)
    for own in own_parts(sizes, space):
        if own.spans("up", middle):
            sheet.add(*own.seen("above", "cut", "cells", own.thin))
    sheet.add(*case_from_above(sizes))
    sheet.add(*from_above(sizes, space, middle))
    _door(Sizes(plan, chosen, sheet))
    sizes.dimension("clear_width", "across", -FIRST - STEP, (ZERO, ZERO), (width, ZERO))
    sizes.dimension("clear_depth", "up", -FIRST, (ZERO, ZERO), (ZERO, depth))
    return sheet


def _door(at: Sizes) -> None:
    """The leaf of a door before the opening, open as far as it goes, and the way it swings."""
    door = at.all_of("door_hangs_at", "door_width", "door_opens", "opening_width", "clear_stands_in")
    if door is None or at.own("door_hangs_at") is None:
        return
    hinge, leaf, opens, width, stands_in = door
    angle, is_left = float(opens), hinge <= -stands_in + width / 2
    turned = radians(-angle if is_left else 180 + angle)
    end = (hinge + Fraction(round(float(leaf) * cos(turned))), Fraction(round(float(leaf) * sin(turned))))
    key = at.key("door_width")
    at.sheet.add(Line("outline", "opening", (hinge, ZERO), end, key))
    swing = (-round(angle), 0) if is_left else (180, 180 + round(angle))
    at.sheet.add(Arc("hidden", "opening", (hinge, ZERO), leaf, *swing, key))


def _middle(plan: SolvedPlan, place: str) -> Mm | None:
    floor, height = plan.solved.value(place, "cell_from_floor"), plan.solved.value(place, "cell_height")
    return None if floor is None or height is None else floor + height / 2


def _spans(plan: SolvedPlan, place: str, height: Mm | None) -> bool:
    """Whether a place stands at this height above the floor."""
    floor, own = plan.solved.value(place, "cell_from_floor"), plan.solved.value(place, "cell_height")
    return height is not None and floor is not None and own is not None and floor <= height < floor + own


_AS: dict[str, tuple[Role, Layer, str]] = {
    "front": ("cut", "front", "front_width_cut"), "shelf": ("fill", "cells", "shelf_length_cut"),
}  # fmt: skip


def _cell(at: Sizes, node: Node, number: int, is_chosen: bool) -> None:
    cell = at.all_of("cell_from_left", "cell_width", "cell_depth")
    if cell is None:
        return
    x, width, depth = cell
    sheet = at.sheet
    if node.place.holds in BOXES:
        _box(at, number, is_chosen)
    for one in standing(at, "front", "shelf"):
        role, layer, key = _AS[one.piece.role]
        sheet.add(*one.seen("above", role, layer, at.key(key), tint=number))
    for divider in standing(at, *RACK_DIVIDERS):
        sheet.add(*divider.seen("above", "cut", "cells", divider.thin))
    if node.place.holds == "bin":
        bin_ = at.all_of("bin_width", "bin_depth")
        if bin_ is not None:
            bin_width, bin_depth = bin_
            corner = (x + (width - bin_width) / 2, ZERO)
            sheet.add(Rect("fill", "cells", corner, bin_width, bin_depth, at.key("bin_width"), number))
    if node.place.holds == "blocked":
        for start, end in (((x, ZERO), (x + width, depth)), ((x, depth), (x + width, ZERO))):
            sheet.add(Line("obstruction", "cells", start, end, at.key("cell_width")))
    stands = _in_first_part(at, node) if is_chosen or node.place.holds == "rack" else None
    # a blocked cell has a cross in its middle
    up = depth * Fraction(4, 5) if node.place.holds == "blocked" else depth / 2
    sheet.add(Text("label", "cells", stands or (x + width / 2, up), str(number), NUMBER, key=at.key("cell_width")))


def _in_first_part(at: Sizes, node: Node) -> Point | None:
    """In a place that is divided inside: the middle of its first part, for in its own middle there may be a strip."""
    room, kinds = room_of(at.plan, node), at.plan.laid.places[node.id].kinds
    corner = (at.of("rack_from_left") or ZERO, ZERO) if "rack" in kinds else corner_inside(at)
    if room is None or not ("rack" in kinds or (node.place.holds in BOXES and "fitted.none" not in kinds)):
        return None
    x, y, width, depth = tiers_of(at.plan, node.id, room)[-1].floors[0]
    return (corner[0] + x + width / 2, corner[1] + y + depth / 2)


def _box(at: Sizes, number: int, is_chosen: bool) -> None:
    box = at.all_of("box_from_left", "outside_width", "outside_depth", "set_back")
    if box is None:
        return
    x, width, depth, start = box
    at.sheet.add(Rect("fill", "box", (x, start), width, depth, at.key("outside_width"), number))
    for one in standing(at):
        if one.is_carrier:
            at.sheet.add(*one.seen("above", "hidden", "runners", "back"))
    whole = at.all_of("clear_width", "clear_depth")
    if not is_chosen or whole is None:
        return
    edge, cell_depth = whole
    walls = at.all_of("side_thickness", "front_wall", "box_back_thickness", "inside_width", "inside_depth")
    if walls is not None:
        side, front, _, inside_width, inside_depth = walls
        corner = (x + side, start + front)
        at.sheet.add(Rect("cut", "box", corner, inside_width, inside_depth, at.key("inside_width"), number))
        at.sheet.add(*walls_from_above(at, (x, start)))
        at.sheet.add(*fitted_inside(at))
        at.dimension("inside_width", "across", -FIRST, (corner[0], ZERO), (corner[0] + inside_width, ZERO))
        ends = ((edge, start + front), (edge, start + front + inside_depth))
        at.dimension("inside_depth", "up", FIRST, *ends)
    at.dimension("outside_width", "across", FIRST, (x, cell_depth), (x + width, cell_depth))
    at.dimension("outside_depth", "up", FIRST + STEP, (edge, start), (edge, start + depth))
