"""What carries a box, from the front: runners, packing, rails, battens, posts, and what it rides on; hidden lines."""

from __future__ import annotations

from collections.abc import Iterator
from fractions import Fraction

from vasculum.drawing.primitives import Primitive, Rect
from vasculum.drawing.sizes import Sizes
from vasculum.drawing.standing import standing
from vasculum.plan.making.pieces import STRIPS

ZERO = Fraction(0)


def carriers(at: Sizes) -> Iterator[Primitive]:
    """Both sides of one box."""
    for one in standing(at):
        if not one.piece.rule.stock:
            yield from one.seen("front", "hidden", "runners", at.key("runner_line_built"))
        elif one.piece.rule.stock in STRIPS:
            yield from one.seen("front", "hidden", "runners", one.thin)
    yield from _posts(at)
    yield from _under(at)


def _posts(at: Sizes) -> Iterator[Rect]:
    """Posts in the corners of the bay: nobody says how far they reach back, so no body stands for them."""
    post = at.all_of("box_from_left", "outside_width", "beside_box", "cell_from_floor", "cell_height", "post_thickness")
    if at.own("clip_rail_count") is None or post is None:
        return
    x, width, beside, low, high, thick = post
    for left in (x - beside, x + width + beside - thick):
        yield Rect("hidden", "runners", (left, low), thick, high, at.key("post_thickness"))


def _under(at: Sizes) -> Iterator[Rect]:
    """What a box rides on, under its sides: rollers, skids, or runners that are not at its sides."""
    seat = at.all_of("box_from_left", "outside_width", "room_from_floor", "play_below", "side_thickness")
    if at.own("runner_seat") is None or at.own("batten_engagement") is not None or seat is None:
        return
    x, width, room, below, side = seat
    for left in (x, x + width - side) if below > 0 else ():
        yield Rect("hidden", "runners", (left, room), side, below, at.key("runner_seat"))
