"""What stands in the way, in each view. From the clear front lower left corner."""

from __future__ import annotations

from collections.abc import Iterator
from fractions import Fraction
from itertools import pairwise

from vasculum.core.lengths import Mm
from vasculum.drawing.primitives import Point, Polyline, Rect, Role
from vasculum.drawing.sizes import Sizes
from vasculum.plan.document import Obstruction
from vasculum.plan.laying.crossings import leans

ZERO = Fraction(0)
Span = tuple[Mm, Mm]
"""Where something begins, and how far it goes."""
Outline = list[Point]
"""How far something stands in at heights from below: (height, projection)."""


def from_the_front(sizes: Sizes, space: str) -> Iterator[Rect | Polyline]:
    """Across and up."""
    opening = sizes.all_of("opening_width", "opening_height", "clear_stands_in")
    if opening is None:
        return
    width, height, stands_in = opening
    for id_, one in _of(sizes, space):
        if one.on in ("left", "right") and leans(one):
            edge = -stands_in if one.on == "left" else width - stands_in
            yield _outlined(id_, one, edge, _outline(sizes, one, height))
        else:
            role: Role = "hidden" if one.on == "back" else "obstruction"
            yield _rect(id_, _across(sizes, one, width, stands_in, None), _up(sizes, one, height), role)


def from_above(sizes: Sizes, space: str, at: Mm | None) -> Iterator[Rect]:
    """Across and in depth, of what stands at a height; of everything where no height is given."""
    opening = sizes.all_of("opening_width", "opening_height", "clear_stands_in", "clear_depth")
    if opening is None:
        return
    width, height, stands_in, depth = opening
    for id_, one in _of(sizes, space):
        start, size = _up(sizes, one, height)
        if at is None or start <= at <= start + size:
            reach = _stands_in(_outline(sizes, one, height), at) if leans(one) and at is not None else None
            yield _rect(id_, _across(sizes, one, width, stands_in, reach), _in_depth(sizes, one, depth, reach))


def from_the_side(sizes: Sizes, space: str, column: Span | None) -> Iterator[Rect | Polyline]:
    """In depth and up, of what stands in a column, or anywhere without one, and not at the side of its space."""
    opening = sizes.all_of("opening_height", "clear_depth")
    if opening is None:
        return
    height, depth = opening
    width, stands_in = sizes.of("opening_width") or ZERO, sizes.of("clear_stands_in") or ZERO
    for id_, one in _of(sizes, space):
        start, size = _across(sizes, one, width, stands_in, None)
        is_in_column = column is None or (start < column[0] + column[1] and start + size > column[0])
        if one.on not in ("left", "right") and is_in_column:
            if leans(one):
                yield _outlined(id_, one, depth, _outline(sizes, one, height))
            else:
                yield _rect(id_, _in_depth(sizes, one, depth, None), _up(sizes, one, height))


def _of(sizes: Sizes, space: str) -> Iterator[tuple[str, Obstruction]]:
    yield from ((id_, one) for id_, one in sizes.plan.plan.obstructions.items() if one.space == space)


def _length(sizes: Sizes, text: str | None, otherwise: Mm) -> Mm:
    return otherwise if text is None else sizes.plan.plan.length(text)


def _across(sizes: Sizes, one: Obstruction, width: Mm, stands_in: Mm, reach: Mm | None) -> Span:
    projection = _length(sizes, one.projection, ZERO) if reach is None else reach
    if one.on == "left":
        return (-stands_in, projection)
    if one.on == "right":
        return (width - stands_in - projection, projection)
    start = _length(sizes, one.from_left, ZERO)
    return (start - stands_in, _length(sizes, one.width, width - start))


def _up(sizes: Sizes, one: Obstruction, height: Mm) -> Span:
    if one.profile:
        low, high = sizes.plan.plan.length(one.profile[0].at), sizes.plan.plan.length(one.profile[-1].at)
        return (low, high - low)
    projection = _length(sizes, one.projection, ZERO)
    if one.on == "floor":
        return (ZERO, projection)
    if one.on == "top":
        return (height - projection, projection)
    start = _length(sizes, one.from_floor, ZERO)
    return (start, _length(sizes, one.height, height - start))


def _in_depth(sizes: Sizes, one: Obstruction, depth: Mm, reach: Mm | None) -> Span:
    if one.on == "back":
        projection = _length(sizes, one.projection, ZERO) if reach is None else reach
        return (depth - projection, projection)
    start = _length(sizes, one.from_front, ZERO)
    return (start, _length(sizes, one.depth, depth - start))


def _outline(sizes: Sizes, one: Obstruction, height: Mm) -> Outline:
    length = sizes.plan.plan.length
    if one.profile:
        return [(length(point.at), length(point.projection)) for point in one.profile]
    start, size = _up(sizes, one, height)
    low = length(one.projection)
    return [(start, low), (start + size, _length(sizes, one.projection_above, low))]


def _stands_in(outline: Outline, at: Mm) -> Mm:
    """How far it stands in at a height within its outline."""
    for (low, here), (high, there) in pairwise(outline):
        if low <= at <= high:
            return here + (there - here) * (at - low) / (high - low)
    return ZERO


def _outlined(id_: str, one: Obstruction, edge: Mm, outline: Outline) -> Polyline:
    """From the edge that it stands in from, out along its outline and back."""
    way = 1 if one.on == "left" else -1
    points = [(edge + way * reach, up) for up, reach in outline]
    corners = ((edge, outline[0][0]), *points, (edge, outline[-1][0]))
    return Polyline("obstruction", "obstructions", corners, is_closed=True, key=f"{id_}/projection")


def _rect(id_: str, across: Span, up: Span, role: Role = "obstruction") -> Rect:
    return Rect(role, "obstructions", (across[0], up[0]), across[1], up[1], f"{id_}/projection")
