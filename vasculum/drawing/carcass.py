"""The boards of a new case around its opening, and the space around it: from the front, from the side, from above."""

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


def niche_from_front(space: Sizes) -> Iterator[Rect]:
    """The space that a case is built into."""
    niche = space.all_of("niche_from_left", "niche_from_floor", "niche_width", "niche_height")
    if niche is not None and space.own("room_beside_case") is not None and space.own("room_above_case") is not None:
        left, floor, width, height = niche
        yield Rect("hidden", "opening", (left, floor), width, height, space.key("niche_width"))


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


def edges_from_front(space: Sizes) -> tuple[Mm, Mm, Mm, Mm]:
    """Left, right, lower and upper edge of what is drawn of a space: opening, packing, case and the space around it."""
    across, up = [ZERO], [ZERO]
    for begins, size in (("niche_from_left", "niche_width"), ("case_from_left", "case_outside_width")):
        found = space.all_of(begins, size)
        across += [] if found is None else [found[0], found[0] + found[1]]
    niche = space.all_of("niche_from_floor", "niche_height")
    up += [] if niche is None else [niche[0], niche[0] + niche[1]]
    packing = space.all_of("packing_left", "packing_right", "clear_width")
    across += [] if packing is None else [-packing[0], packing[2] + packing[1]]
    for one in _boards(space):
        reach = one.reach["up"]
        up += [] if reach is None else [one.low["up"], one.low["up"] + reach]
    return (min(across), max(across), min(up), max(up))


def _boards(space: Sizes) -> list[Standing]:
    return [one for one in standing(space) if one.piece.rule.stock]
