"""One obstruction and one board between parts: what it takes of the board, where they meet. Exact mm.

An upright board stands before its column, a lying one over its row.
"""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest
from vasculum.core.rules.obstructions.crossing import meet
from vasculum.core.rules.obstructions.free import NOTHING
from vasculum.core.rules.obstructions.leaning import lean_over


def most_in(
    projection: Mm,
    begins_from_floor: Mm,
    opening_height: Mm,
    low: Mm,
    high: Mm,
    stretch_up: Mm | None,
    ends_from_floor: Mm | None,
    projection_above: Mm | None,
) -> Mm:
    """The most that a thing, upright or leaning, stands in between two heights; nothing where it is not there."""
    if projection_above is None:
        return projection if meet(begins_from_floor, stretch_up, low, high - low) else NOTHING
    ends = ends_from_floor
    if ends is None:
        ends = opening_height if stretch_up is None else begins_from_floor + stretch_up
    return lean_over((projection, projection_above), begins_from_floor, ends - begins_from_floor, low, high - low)


@rule(source="common practice", label="takes from the divider on the left", per="board_crossing.row.left")
def board_takes_left(
    projection: Mm,
    obstruction_clearance: Mm,
    clear_stands_in: Mm,
    outer_cell_from_left: Mm,
    outer_cell_from_floor: Mm,
    outer_cell_height: Mm,
    divider_thickness: Mm,
    begins_from_floor: Mm,
    opening_height: Mm,
    stretch_up: Mm | None = None,
    ends_from_floor: Mm | None = None,
    projection_above: Mm | None = None,
) -> Mm:
    """From a lying board what stands in from the left at its height takes as much, and the clearance past it."""
    low = outer_cell_from_floor + outer_cell_height
    high = low + divider_thickness
    stands = most_in(
        projection, begins_from_floor, opening_height, low, high, stretch_up, ends_from_floor, projection_above
    )
    if stands <= 0:
        return NOTHING
    return largest(NOTHING, stands + obstruction_clearance - clear_stands_in - outer_cell_from_left)


@rule(source="common practice", label="takes from the divider on the right", per="board_crossing.row.right")
def board_takes_right(
    projection: Mm,
    obstruction_clearance: Mm,
    clear_stands_in: Mm,
    opening_width: Mm,
    outer_cell_from_left: Mm,
    outer_cell_width: Mm,
    outer_cell_from_floor: Mm,
    outer_cell_height: Mm,
    divider_thickness: Mm,
    begins_from_floor: Mm,
    opening_height: Mm,
    stretch_up: Mm | None = None,
    ends_from_floor: Mm | None = None,
    projection_above: Mm | None = None,
) -> Mm:
    """From a lying board what stands in from the right at its height takes as much, and the clearance past it."""
    low = outer_cell_from_floor + outer_cell_height
    high = low + divider_thickness
    stands = most_in(
        projection, begins_from_floor, opening_height, low, high, stretch_up, ends_from_floor, projection_above
    )
    if stands <= 0:
        return NOTHING
    behind = opening_width - clear_stands_in - outer_cell_from_left - outer_cell_width
    return largest(NOTHING, stands + obstruction_clearance - behind)


@rule(source="common practice", label="takes from the divider behind", per="board_crossing.row.behind")
def board_takes_behind(
    projection: Mm,
    obstruction_clearance: Mm,
    clear_stands_in: Mm,
    outer_cell_from_left: Mm,
    outer_cell_width: Mm,
    outer_cell_from_floor: Mm,
    outer_cell_height: Mm,
    divider_thickness: Mm,
    begins_from_left: Mm,
    begins_from_floor: Mm,
    opening_height: Mm,
    stretch_across: Mm | None = None,
    stretch_up: Mm | None = None,
    ends_from_floor: Mm | None = None,
    projection_above: Mm | None = None,
) -> Mm:
    """From a lying board what stands before the back at its height takes as much, and the clearance past it."""
    if not meet(begins_from_left - clear_stands_in, stretch_across, outer_cell_from_left, outer_cell_width):
        return NOTHING
    low = outer_cell_from_floor + outer_cell_height
    high = low + divider_thickness
    stands = most_in(
        projection, begins_from_floor, opening_height, low, high, stretch_up, ends_from_floor, projection_above
    )
    return stands + obstruction_clearance if stands > 0 else NOTHING
