"""The boards of a new case around its opening: from the front, from the side, from above."""

from __future__ import annotations

from collections.abc import Iterator
from fractions import Fraction

from vasculum.core.lengths import Mm
from vasculum.drawing.primitives import Rect
from vasculum.drawing.sizes import Sizes
from vasculum.drawing.standing import Standing, standing

ZERO = Fraction(0)


def case_from_front(space: Sizes) -> Iterator[Rect]:
    """What reaches the front is cut through, such as sides, top and bottom; the toe board is hidden below."""
    for one in _boards(space):
        if one.low["back"] <= ZERO:
            yield from one.seen("front", "cut", "opening", "across" if one.thin == "up" else "up")
        elif one.piece.role == "toe_board_front":
            yield from one.seen("front", "hidden", "opening", "up")


def case_from_side(space: Sizes, across: Mm | None) -> Iterator[Rect]:
    """Top, bottom and back, cut through at a distance from the left."""
    for one in _boards(space):
        if one.spans("across", across):
            yield from one.seen("side", "cut", "opening", "back" if one.thin == "up" else "up")


def case_from_above(space: Sizes) -> Iterator[Rect]:
    """Sides and back, cut through the middle."""
    height = space.of("clear_height")
    for one in _boards(space):
        if one.spans("up", None if height is None else height / 2):
            yield from one.seen("above", "cut", "opening", "across" if one.thin == "back" else "back")


def _boards(space: Sizes) -> list[Standing]:
    return [one for one in standing(space) if one.piece.rule.stock]
