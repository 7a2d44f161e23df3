"""Shelves on pins, and what stands between them and the walls that hold the pins."""

from __future__ import annotations

from vasculum.core.catalogue import check
from vasculum.core.flow import Finding
from vasculum.core.lengths import Mm
from vasculum.core.rules.obstructions.free import NOTHING
from vasculum.core.rules.shelves.on_pins import ON_PINS


def _missed(side: str, off: Mm, shelf_play: Mm, pin_hole_depth: Mm) -> Finding | None:
    """A pin stands out of its wall about as far as it goes in: so far off that wall a shelf finds it."""
    if off + shelf_play < pin_hole_depth:
        return None
    return Finding(
        "shelf-misses-its-pins",
        "stop",
        f"On the {side} the shelf ends {{off}} off the wall that its pins are in; they stand out {{out}}.",
        "Pack the wall out beside it, put a divider there, or let the shelf lie on the floor of its place.",
        {"off": off + shelf_play, "out": pin_hole_depth},
        ("shelf_length", "pin_hole_depth"),
    )


@check(source="from memory", per=(*ON_PINS, "left.edge"))
def shelves_reach_pins_in_the_left_wall(
    cell_from_left: Mm,
    shelf_play: Mm,
    pin_hole_depth: Mm,
    wall_left_from_left: Mm | None = None,
    taken_left: Mm = NOTHING,
) -> Finding | None:
    """Packing, a lip and whatever is in the way keep a shelf off the wall."""
    off = NOTHING if wall_left_from_left is None else cell_from_left - wall_left_from_left
    return _missed("left", off + taken_left, shelf_play, pin_hole_depth)


@check(source="from memory", per=(*ON_PINS, "right.edge"))
def shelves_reach_pins_in_the_right_wall(
    cell_from_left: Mm,
    cell_width: Mm,
    shelf_play: Mm,
    pin_hole_depth: Mm,
    wall_right_from_left: Mm | None = None,
    taken_right: Mm = NOTHING,
) -> Finding | None:
    """Packing, a lip and whatever is in the way keep a shelf off the wall."""
    off = NOTHING if wall_right_from_left is None else wall_right_from_left - cell_from_left - cell_width
    return _missed("right", off + taken_right, shelf_play, pin_hole_depth)
