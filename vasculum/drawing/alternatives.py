"""Small pictures of an alternative, drawn from a plan's own numbers: the corner, the bottom, the runner, the front.

All are of the first box of the plan, cut where the alternative shows: joints from above, the rest upright.
"""

from __future__ import annotations

from collections.abc import Iterable, Iterator
from fractions import Fraction
from typing import Literal

from vasculum.core.flow.things import Axis
from vasculum.core.lengths import Mm
from vasculum.drawing.primitives import Point, Polyline, Sheet
from vasculum.drawing.sizes import Sizes
from vasculum.drawing.walls import interlocked_from_above, walls_from_above
from vasculum.plan.document import Model
from vasculum.plan.laying.layout import boxes_of
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.making.piece import Piece
from vasculum.plan.making.pieces import made_of
from vasculum.solid.slices import cut_through
from vasculum.solid.solids import solid_of

ZERO = Fraction(0)
SHOWN = 5
"""How many thicknesses of a side are in view."""
ASPECT = Fraction(16, 9)

Role = Literal["wood", "end", "metal"]


class Shape(Model):
    """One piece, cut through; mm, y down as a screen has it."""

    role: Role
    points: list[list[float]]


class Picture(Model):
    """What is in view, from its upper left corner, and the pieces in it."""

    left: float
    top: float
    width: float
    height: float
    shapes: list[Shape]


def picture_of(plan: SolvedPlan, family: str) -> Picture | None:
    """A picture of what a plan chooses of one family; None where there is no box, or it has no sizes yet."""
    box = next(iter(boxes_of(plan.plan)), None)
    if box is None or family not in _DRAWN:
        return None
    at = Sizes(plan, box.id, Sheet("alternative", ""))
    side = at.of("side_thickness")
    shapes = list(_DRAWN[family](at)) if side is not None else []
    if side is None or not shapes:
        return None
    width = side * SHOWN * ASPECT
    left, top = _corner(shapes, width)
    line = at.own("runner_line_built")
    if family == "joint":
        left, top = -float(side), -2 * float(side)
    elif family == "runner" and line is not None:
        top = -float(line + width / ASPECT / 2)
    return Picture(left=left, top=top, width=float(width), height=float(width / ASPECT), shapes=shapes)


def _corner(shapes: list[Shape], width: Mm) -> tuple[float, float]:
    """Upright pictures show their lower left corner, with a little air around it."""
    points = [point for shape in shapes for point in shape.points]
    air = float(width) / 20
    return min(x for x, _ in points) - air, max(y for _, y in points) + air - float(width / ASPECT)


def _shape(role: Role, points: Iterable[tuple[Mm | float, Mm | float]]) -> Shape:
    return Shape(role=role, points=[[round(float(x), 2), round(float(-y), 2)] for x, y in points])


def _rect(role: Role, left: Mm, low: Mm, width: Mm, height: Mm) -> Shape:
    corners = ((left, low), (left + width, low), (left + width, low + height), (left, low + height))
    return _shape(role, corners)


def _joint(at: Sizes) -> Iterator[Shape]:
    """The front corner from above, the front below as one stands before it; the sides in their tint."""
    pieces = [one for one in walls_from_above(at, (ZERO, ZERO)) if isinstance(one, Polyline)]
    is_walled = at.own("box_front_length_cut") is not None
    if not is_walled:
        face = at.all_of("front_overhang_left", "front_width_cut", "front_thickness")
        if face is not None:
            yield from _turned([_rect("end", -face[0], -face[2], face[1], face[2])])
    for piece in pieces:
        yield from _turned([_shape("wood" if "side_length" in piece.key else "end", piece.points)])
    yield from _turned(list(_interlocking(at)))


def _interlocking(at: Sizes) -> Iterator[Shape]:
    """Fingers and tails alternate over the height: the layers below show in the corner as bars and as a tail."""
    for what, (left, near), (right, far) in interlocked_from_above(at):
        wide = right - left
        if what == "fingers":
            yield from (_rect("end", left + wide * n / 3, near, wide / 3, far - near) for n in (0, 2))
        else:
            tip = ((left + wide / 4, near), (right - wide / 4, near))
            yield _shape("end", (*tip, (right, far), (left, far)))


def _turned(shapes: list[Shape]) -> Iterator[Shape]:
    """A plan view has its front below on a drawing, and above in a small picture of a corner."""
    for shape in shapes:
        yield Shape(role=shape.role, points=[[x, -y] for x, y in shape.points])


def _cut(at: Sizes, axis: Axis, where: float, origin: Point) -> Iterator[Shape]:
    """What a plane cuts through of the box and its runners, not the packing; the origin is a point of the plane."""
    for piece in made_of(at.plan).by_place.get(at.place, []):
        solid = None if piece.rule.stock == "packing_strip" else solid_of(at.plan, piece)
        for outline in [] if solid is None else cut_through(solid, axis, where):
            yield _shape(_role(piece), ((x - float(origin[0]), y - float(origin[1])) for x, y in outline))


def _role(piece: Piece) -> Role:
    """Boards on edge as wood, what carries the box as metal, other boards by their end grain."""
    if not piece.rule.moves:
        return "metal"
    is_wall = piece.stand is not None and piece.stand.width == "up" and piece.role != "front"
    return "wood" if is_wall else "end"


def _wall_and_bottom(at: Sizes) -> Iterator[Shape]:
    """The box from the front, cut through its middle and through its back: walls, and the bottom held in them."""
    sizes = at.all_of("box_from_left", "box_from_floor", "set_back", "outside_depth", "box_back_thickness")
    if sizes is None:
        return
    left, low, set_back, deep, back = sizes
    for where in (set_back + deep - back / 2, set_back + deep / 2):
        yield from (one for one in _cut(at, "back", float(where), (left, low)) if one.role != "metal")


def _runner(at: Sizes) -> Iterator[Shape]:
    """Case, runner and box from the front; the floor of the box's room is at the bottom."""
    sizes = at.all_of(
        "box_from_left", "room_from_floor", "beside_box", "room_below_box", "side_thickness", "outside_height",
        "set_back", "outside_depth",
    )  # fmt: skip
    if sizes is None:
        return
    left, room, beside, below, side, high, set_back, deep = sizes
    middle = at.all_of("rail_under_bottom", "runner_height", "outside_width")
    if middle is not None:
        _, wide, across = middle
        origin = (left + (across - wide) / 2 - wide, room)
        yield _rect("wood", -wide, -side, 2 * wide * SHOWN, side)
        yield from _right_of(-float(wide), _cut(at, "back", float(set_back + deep / 2), origin))
        return
    yield _rect("wood", -beside - side, -side, side, high + below + 2 * side)
    if at.own("runner_seat") is not None:
        yield _rect("wood", -beside, -side, beside + side * SHOWN * 2, side)
    around = list(_cut(at, "back", float(set_back + deep / 2), (left, room)))
    yield from around
    if all(one.role != "metal" for one in around) and below > 0:
        yield _rect("metal", ZERO, ZERO, side, below)


def _right_of(edge: float, shapes: Iterable[Shape]) -> Iterator[Shape]:
    """What of some shapes lies to the right of an edge: what does not is left out, what crosses it begins there."""
    for shape in shapes:
        if max(x for x, _ in shape.points) > edge:
            yield Shape(role=shape.role, points=[[max(x, edge), y] for x, y in shape.points])


def _front(at: Sizes) -> Iterator[Shape]:
    """The lower front corner from the side: what surrounds the opening, the front, the box behind it."""
    sizes = at.all_of("room_from_floor", "side_thickness", "outside_depth", "cell_from_left", "cell_width")
    if sizes is None:
        return
    room, side, deep, left, wide = sizes
    yield _rect("wood", ZERO, room - side, deep, side)
    yield from (one for one in _cut(at, "across", float(left + wide / 2), (ZERO, ZERO)) if one.role != "metal")


_DRAWN = {"joint": _joint, "bottom": _wall_and_bottom, "runner": _runner, "front": _front}
