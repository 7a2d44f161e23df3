"""What carries a box besides its runner, from the front: rails under a top, posts, battens, skids; hidden lines."""

from __future__ import annotations

from collections.abc import Iterator
from fractions import Fraction

from vasculum.core.lengths import Mm
from vasculum.drawing.primitives import Primitive, Rect
from vasculum.drawing.sizes import Sizes

ZERO = Fraction(0)


def carriers(at: Sizes) -> Iterator[Primitive]:
    """Both sides of one box."""
    sizes = at.all_of("box_from_left", "outside_width", "beside_box", "room_from_floor", "play_below")
    if sizes is None:
        return
    x, width, beside, room, below = sizes
    left, right = x - beside, x + width + beside
    for name, thick, low, high in _strips(at, room, below):
        for corner in (left, right - thick):
            yield Rect("hidden", "runners", (corner, low), thick, high, at.key(name))
    side = at.of("side_thickness")
    is_on_seat = at.own("runner_seat") is not None and at.own("batten_engagement") is None
    if is_on_seat and side is not None and below > 0:
        for corner in (x, x + width - side):
            yield Rect("hidden", "runners", (corner, room), side, below, at.key("runner_seat"))


def _strips(at: Sizes, room: Mm, below: Mm) -> Iterator[tuple[str, Mm, Mm, Mm]]:
    """Along the walls: the size that is shown, how thick, from where, how high."""
    line = at.own("runner_from_floor")
    rail = at.all_of("hung_rail_thickness", "hung_rail_height")
    if at.own("hung_across") is not None and rail is not None and line is not None:
        yield "hung_rail_height", rail[0], line - rail[1] / 2, rail[1]
    cell = at.all_of("cell_from_floor", "cell_height", "post_thickness")
    if at.own("clip_rail_count") is not None and cell is not None:
        yield "post_thickness", cell[2], cell[0], cell[1]
    batten = at.all_of("batten_projection", "runner_height")
    if at.own("batten_engagement") is not None and batten is not None:
        yield "batten_projection", batten[0], room + below - batten[1], batten[1]
