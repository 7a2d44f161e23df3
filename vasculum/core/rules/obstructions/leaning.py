"""What leans: a raked seat back, a wall out of plumb. It stands in by one size low and by another high. Exact mm.

Between its ends it is a straight line; a cell takes the larger of what it meets at its own floor and top.
"""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest, smallest
from vasculum.core.rules.obstructions.crossing import meet


def lean_over(sizes: tuple[Mm, Mm], begins: Mm, stretch: Mm, from_floor: Mm, height: Mm) -> Mm:
    """The most that something stands in over a height; it leans from one size to another over its own stretch."""
    if not meet(begins, stretch, from_floor, height):
        return Mm(0)
    low, high = sizes
    more = (high - low) / stretch
    first = largest(from_floor, begins) - begins
    last = smallest(from_floor + height, begins + stretch) - begins
    return largest(low + more * first, low + more * last)


@rule(source="common practice", label="stands in by", per="leaning")
def stands_in(
    projection: Mm,
    projection_above: Mm,
    begins_from_floor: Mm,
    outer_cell_from_floor: Mm,
    outer_cell_height: Mm,
    opening_height: Mm,
    stretch_up: Mm | None = None,
    ends_from_floor: Mm | None = None,
) -> Mm:
    """Over the height of its cell a leaning thing stands in by the larger of what it does at its ends; or nothing.

    It ends at a height above the floor, after a stretch, or at the top of the opening.
    """
    if ends_from_floor is not None:
        stretch = ends_from_floor - begins_from_floor
    else:
        stretch = opening_height - begins_from_floor if stretch_up is None else stretch_up
    sizes = (projection, projection_above)
    return lean_over(sizes, begins_from_floor, stretch, outer_cell_from_floor, outer_cell_height)


@rule(source="common practice", per="leaning.left")
def takes_left(stands_in: Mm, obstruction_clearance: Mm, clear_stands_in: Mm, outer_cell_from_left: Mm) -> Mm:
    """What leans in from the left takes what it stands in and the clearance past it."""
    if stands_in <= 0:
        return Mm(0)
    return largest(Mm(0), stands_in + obstruction_clearance - clear_stands_in - outer_cell_from_left)


@rule(source="common practice", per="leaning.right")
def takes_right(
    stands_in: Mm,
    obstruction_clearance: Mm,
    clear_stands_in: Mm,
    opening_width: Mm,
    outer_cell_from_left: Mm,
    outer_cell_width: Mm,
) -> Mm:
    """What leans in from the right takes what it stands in and the clearance past it."""
    if stands_in <= 0:
        return Mm(0)
    behind = opening_width - clear_stands_in - outer_cell_from_left - outer_cell_width
    return largest(Mm(0), stands_in + obstruction_clearance - behind)


@rule(source="common practice", per="leaning.behind")
def takes_behind(
    stands_in: Mm,
    obstruction_clearance: Mm,
    clear_stands_in: Mm,
    outer_cell_from_left: Mm,
    outer_cell_width: Mm,
    begins_from_left: Mm,
    stretch_across: Mm | None = None,
) -> Mm:
    """What leans before the back takes what it stands in and the clearance past it, from a cell before it."""
    across = begins_from_left - clear_stands_in
    if stands_in <= 0 or not meet(across, stretch_across, outer_cell_from_left, outer_cell_width):
        return Mm(0)
    return stands_in + obstruction_clearance
