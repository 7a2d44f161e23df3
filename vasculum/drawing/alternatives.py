"""Small pictures of an alternative, drawn from a plan's own numbers: the corner, the bottom, the runner, the front.

All are of the first box of the plan, cut where the alternative shows: joints from above, the rest upright.
"""

from __future__ import annotations

from collections.abc import Iterable, Iterator
from fractions import Fraction
from typing import Literal

from vasculum.core.lengths import Mm
from vasculum.drawing.primitives import Point, Polyline, Sheet
from vasculum.drawing.sizes import Sizes
from vasculum.drawing.walls import interlocked_from_above, walls_from_above
from vasculum.plan.document import Model
from vasculum.plan.laying.layout import boxes_of
from vasculum.plan.laying.solving import SolvedPlan

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


def _shape(role: Role, points: Iterable[Point]) -> Shape:
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


def _wall_and_bottom(at: Sizes) -> Iterator[Shape]:
    """The left wall with what is cut into it, and the bottom; the box's lower left corner is the origin.

    A back that is cut down stands on the bottom, nearer than it is.
    """
    sizes = at.all_of("side_thickness", "wall_height_cut", "outside_height", "bottom_thickness", "bottom_width_cut")
    width = at.own("outside_width")
    if sizes is None or width is None:
        return
    side, wall, high, thick, bottom = sizes
    low = high - wall
    deep = at.own("groove_depth_side") or at.own("edge_rabbet_side") or ZERO
    raised = (at.of("bottom_raise") or ZERO) if at.own("groove_depth_side") is not None else ZERO
    points = [(ZERO, low), (ZERO, high), (side, high), (side, raised + thick), (side - deep, raised + thick)]
    points += [(side - deep, raised), (side, raised), (side, low)] if raised else [(side - deep, low)]
    if low > 0 or not deep:
        points = [(ZERO, low), (ZERO, high), (side, high), (side, low)]
    yield _shape("wood", points)
    yield _rect("end", (width - bottom) / 2, raised, bottom, thick)
    back = at.own("back_wall_height_cut")
    if back is not None and back < wall - raised:
        yield _rect("wood", side * (SHOWN - 1), raised + thick, side, back)


def _runner(at: Sizes) -> Iterator[Shape]:
    """Case, runner and box from the front; the floor of the box's room is at the bottom."""
    sizes = at.all_of("beside_box", "play_below", "runner_height", "side_thickness", "outside_height")
    if sizes is None:
        return
    beside, below, runner, side, high = sizes
    yield _rect("wood", -beside - side, -side, side, high + below + 2 * side)
    if at.own("runner_seat") is not None:
        yield _rect("wood", -beside, -side, beside + side * SHOWN * 2, side)
    for shape in _wall_and_bottom(at):
        yield Shape(role=shape.role, points=[[x, y - float(below)] for x, y in shape.points])
    line = at.own("runner_line_built")
    projects = at.own("runner_projects")
    if line is not None:
        reach = beside if projects is None else projects
        yield _rect("metal", -beside, line - runner / 2, reach, runner)
    elif projects is not None:
        yield _rect("metal", -beside, below - runner, projects, runner)
    elif below > 0:
        yield _rect("metal", ZERO, ZERO, side, below)


def _front(at: Sizes) -> Iterator[Shape]:
    """The lower front corner from the side: what surrounds the opening, the front, the box behind it."""
    sizes = at.all_of("set_back", "room_from_floor", "play_below", "outside_height", "side_thickness", "outside_depth")
    if sizes is None:
        return
    set_back, room, below, high, side, deep = sizes
    yield _rect("wood", ZERO, room - side, deep, side)
    box = room + below
    yield _rect("wood", set_back, box, deep, high)
    front = at.all_of("front_thickness", "front_height_cut", "front_from_floor")
    if front is None or at.own("front_height_cut") is None:
        return
    thick, tall, low = front
    lip, cut = at.own("lip_rabbet_width"), at.own("lip_rabbet_depth")
    left = set_back - (at.of("lock_stand_off") or ZERO) - thick
    if lip is None or cut is None:
        yield _rect("end", left, low, thick, tall)
        return
    inner = left + thick - cut
    points = [(left, low), (inner, low), (inner, low + lip), (left + thick, low + lip)]
    points += [(left + thick, low + tall - lip), (inner, low + tall - lip), (inner, low + tall), (left, low + tall)]
    yield _shape("end", points)


_DRAWN = {"joint": _joint, "bottom": _wall_and_bottom, "runner": _runner, "front": _front}
