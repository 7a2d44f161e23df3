"""What carries a box, from the front: runners, packing, rails, battens, posts, and what it rides on; hidden lines."""

from __future__ import annotations

from collections.abc import Iterator
from fractions import Fraction

from vasculum.drawing.primitives import Primitive, Rect
from vasculum.drawing.sizes import Sizes
from vasculum.drawing.standing import standing

ZERO = Fraction(0)


RUNNER_LINES = (("runner_from_floor", "runner_line_built"), ("upper_runner_from_floor", "upper_runner_from_floor"))
"""The lines of a pair, and of a second one that stays in the case: how high each is, and what tells it."""


OF_SHEETS = ("runner", "carrier")
"""What carries a box and is cut from a sheet: risers, and the board that one side hangs on."""
ELSEWHERE = ("batten_engagement", "rail_under_bottom", "tray_bearing", "carrier_out")
"""What says that a box rides on something that is not under its sides."""


def carriers(at: Sizes) -> Iterator[Primitive]:
    """Both sides of one box; what stands behind its like is drawn once."""
    yield from dict.fromkeys(_around(at))
    yield from _under(at)


def _around(at: Sizes) -> Iterator[Rect]:
    for one in standing(at):
        if one.piece.role.startswith("member"):
            yield from one.seen("front", "hidden", "runners", at.key("runner_line_built"))
        elif one.is_carrier or one.piece.role.startswith(OF_SHEETS):
            yield from one.seen("front", "hidden", "runners", one.thin)


def _under(at: Sizes) -> Iterator[Rect]:
    """What a box rides on, under its sides: rollers, skids, or runners that are not at its sides."""
    seat = at.all_of("box_from_left", "outside_width", "room_from_floor", "room_below_box", "side_thickness")
    is_elsewhere = any(at.own(name) is not None for name in ELSEWHERE)
    if at.own("runner_seat") is None or is_elsewhere or seat is None:
        return
    x, width, room, below, side = seat
    for left in (x, x + width - side) if below > 0 else ():
        yield Rect("hidden", "runners", (left, room), side, below, at.key("runner_seat"))
