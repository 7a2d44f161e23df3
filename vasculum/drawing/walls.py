"""The walls of a box from above, cut through: each piece as it is joined; of fingers or tails one layer."""

from __future__ import annotations

from collections.abc import Iterator
from fractions import Fraction
from typing import Literal

from vasculum.core.lengths import Mm
from vasculum.drawing.primitives import Point, Polyline, Primitive
from vasculum.drawing.sizes import Sizes

End = Literal["front", "back"]
ENDS: tuple[End, End] = ("front", "back")

ZERO = Fraction(0)
Cut = tuple[Mm, Mm, Mm]
"""Into the inner face of a side near one end: how deep, from where, to where."""


def walls_from_above(at: Sizes, corner: Point) -> Iterator[Primitive]:
    """Front, back and both sides; ``corner`` is the left end of the outer face of the front."""
    box = at.all_of("outside_width", "outside_depth", "side_thickness")
    if box is None:
        return
    width, depth, side = box
    x, y = corner
    for end in ENDS:
        piece = _end(at, end, width, side)
        if piece:
            placed = tuple((x + a, y + (b if end == "front" else depth - b)) for a, b in piece)
            yield Polyline("cut", "box", placed, True, at.key(f"box_{end}_length_cut"))
    left = _side(at, depth, side)
    for points in (left, [(width - a, b) for a, b in left]):
        yield Polyline("cut", "box", tuple((x + a, y + b) for a, b in points), True, at.key("side_length_cut"))


def _end(at: Sizes, end: End, width: Mm, side: Mm) -> list[Point]:
    """Front or back, y from its outer face inwards: the left half, then its mirror image."""
    sizes = at.all_of(f"box_{end}_length_cut", f"box_{end}_thickness")
    if sizes is None or at.own(f"box_{end}_length_cut") is None:
        return []
    length, thick = sizes
    start, set_in = (width - length) / 2, at.own(f"set_in_{end}") or ZERO
    left = [(a, b + set_in) for a, b in _left_half(at, end, (start, side, thick))]
    return [*left, *((width - a, b) for a, b in reversed(left))]


def _left_half(at: Sizes, end: End, size: tuple[Mm, Mm, Mm]) -> list[Point]:
    """From the inner face round the left end to the outer face."""
    start, side, thick = size
    slot, tongue = at.own(f"slot_depth_{end}"), at.own(f"tongue_{end}")
    if slot is not None:
        inner = thick - slot
        return [(side, thick), (side, inner), (ZERO, inner), (ZERO, thick), (start, thick), (start, ZERO)]
    if tongue is not None:
        return [(start, thick), (start, thick - tongue), (side, thick - tongue), (side, ZERO)]
    removed = at.own(f"rabbet_depth_{end}") or at.own(f"socket_depth_{end}")
    if removed is not None:
        return [(side, thick), (side, thick - removed), (start, thick - removed), (start, ZERO)]
    if at.own(f"finger_count_{end}") is not None or at.own(f"tail_count_{end}") is not None:
        return [(side, thick), (side, ZERO)]
    return [(start, thick), (start, ZERO)]


def _side(at: Sizes, depth: Mm, side: Mm) -> list[Point]:
    """The left side: along its outer face, then back along its inner one with what is cut there."""
    loss = {end: at.own(f"side_loss_{end}") or ZERO for end in ENDS}
    front, back = loss["front"], depth - loss["back"]
    inner = [(a, b) for a, b in _inner(_cut(at, "front"), front, side)]
    behind = [(a, depth - b) for a, b in _inner(_cut(at, "back"), loss["back"], side)]
    return [(ZERO, back), (ZERO, front), *inner, *reversed(behind)]


def _inner(cut: Cut | None, begins: Mm, side: Mm) -> list[Point]:
    if cut is None:
        return [(side, begins)]
    deep, start, stop = cut
    if start <= begins:
        return [(side - deep, begins), (side - deep, stop), (side, stop)]
    return [(side, begins), (side, start), (side - deep, start), (side - deep, stop), (side, stop)]


def _cut(at: Sizes, end: End) -> Cut | None:
    """The rabbet or dado of a side near one end."""
    thick = at.of(f"box_{end}_thickness") or ZERO
    rabbet, dado, tongue = (at.own(f"{name}_{end}") for name in ("side_rabbet", "dado_depth", "tongue"))
    if rabbet is not None:
        return rabbet, ZERO, thick
    if dado is None:
        return None
    if tongue is not None:
        begins = at.own(f"dado_from_{end}") or ZERO
        return dado, begins, begins + tongue
    set_in = at.own(f"set_in_{end}") or ZERO
    return dado, set_in, set_in + thick
