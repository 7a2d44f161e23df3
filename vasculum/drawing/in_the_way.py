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
Niche = tuple[Span, Span, Span]
"""The space that was measured: across, up, in depth."""
Outline = list[Point]
"""How far something stands in at heights from below: (height, projection)."""


def from_the_front(sizes: Sizes, space: str) -> Iterator[Rect | Polyline]:
    """Across and up."""
    niche = _niche(sizes)
    if niche is None:
        return
    for id_, one in _of(sizes, space):
        if one.on in ("left", "right") and leans(one):
            (left, width), _, _ = niche
            edge = left if one.on == "left" else left + width
            yield _outlined(id_, one, edge, _outline(sizes, one, niche))
        else:
            role: Role = "hidden" if one.on == "back" else "obstruction"
            yield _rect(id_, _across(sizes, one, niche, None), _up(sizes, one, niche), role)


def from_above(sizes: Sizes, space: str, at: Mm | None) -> Iterator[Rect]:
    """Across and in depth, of what stands at a height; of everything where no height is given."""
    niche = _niche(sizes)
    if niche is None:
        return
    for id_, one in _of(sizes, space):
        start, size = _up(sizes, one, niche)
        if at is None or start <= at <= start + size:
            reach = _stands_in(_outline(sizes, one, niche), at) if leans(one) and at is not None else None
            yield _rect(id_, _across(sizes, one, niche, reach), _in_depth(sizes, one, niche, reach))


def from_the_side(sizes: Sizes, space: str, column: Span | None) -> Iterator[Rect | Polyline]:
    """In depth and up, of what stands in a column, or anywhere without one, and not at the side of its space."""
    niche = _niche(sizes)
    if niche is None:
        return
    for id_, one in _of(sizes, space):
        start, size = _across(sizes, one, niche, None)
        is_in_column = column is None or (start < column[0] + column[1] and start + size > column[0])
        if one.on not in ("left", "right") and is_in_column:
            if leans(one):
                (begins, depth) = niche[2]
                yield _outlined(id_, one, begins + depth, _outline(sizes, one, niche))
            else:
                yield _rect(id_, _in_depth(sizes, one, niche, None), _up(sizes, one, niche))


def _niche(sizes: Sizes) -> Niche | None:
    found = sizes.all_of(
        "niche_from_left", "niche_width", "niche_from_floor", "niche_height", "niche_from_front", "niche_depth"
    )
    return None if found is None else ((found[0], found[1]), (found[2], found[3]), (found[4], found[5]))


def _of(sizes: Sizes, space: str) -> Iterator[tuple[str, Obstruction]]:
    yield from ((id_, one) for id_, one in sizes.plan.plan.obstructions.items() if one.space == space)


def _length(sizes: Sizes, text: str | None, otherwise: Mm) -> Mm:
    return otherwise if text is None else sizes.plan.plan.length(text)


def _across(sizes: Sizes, one: Obstruction, niche: Niche, reach: Mm | None) -> Span:
    left, width = niche[0]
    projection = _length(sizes, one.projection, ZERO) if reach is None else reach
    if one.on == "left":
        return (left, projection)
    if one.on == "right":
        return (left + width - projection, projection)
    start = _length(sizes, one.from_left, ZERO)
    return (left + start, _length(sizes, one.width, width - start))


def _up(sizes: Sizes, one: Obstruction, niche: Niche) -> Span:
    floor, height = niche[1]
    if one.profile:
        low, high = sizes.plan.plan.length(one.profile[0].at), sizes.plan.plan.length(one.profile[-1].at)
        return (floor + low, high - low)
    projection = _length(sizes, one.projection, ZERO)
    if one.on == "floor":
        return (floor, projection)
    if one.on == "top":
        return (floor + height - projection, projection)
    start = _length(sizes, one.from_floor, ZERO)
    return (floor + start, _length(sizes, one.height, height - start))


def _in_depth(sizes: Sizes, one: Obstruction, niche: Niche, reach: Mm | None) -> Span:
    begins, depth = niche[2]
    if one.on == "back":
        projection = _length(sizes, one.projection, ZERO) if reach is None else reach
        return (begins + depth - projection, projection)
    start = _length(sizes, one.from_front, ZERO)
    return (begins + start, _length(sizes, one.depth, depth - start))


def _outline(sizes: Sizes, one: Obstruction, niche: Niche) -> Outline:
    length = sizes.plan.plan.length
    if one.profile:
        return [(niche[1][0] + length(point.at), length(point.projection)) for point in one.profile]
    start, size = _up(sizes, one, niche)
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
