"""One obstruction and one upright board between columns: what it takes of the board, where they meet. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest
from vasculum.core.rules.obstructions.crossing import meet
from vasculum.core.rules.obstructions.crossing_board import most_in
from vasculum.core.rules.obstructions.free import NOTHING


@rule(source="common practice", per="board_crossing.column.behind")
def board_takes_behind(
    projection: Mm,
    obstruction_clearance: Mm,
    clear_stands_in: Mm,
    outer_cell_from_left: Mm,
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
    """From an upright board what stands before the back behind it takes as much, and the clearance past it."""
    left = outer_cell_from_left - divider_thickness
    if not meet(begins_from_left - clear_stands_in, stretch_across, left, divider_thickness):
        return NOTHING
    high = outer_cell_from_floor + outer_cell_height
    stands = most_in(
        projection, begins_from_floor, opening_height, outer_cell_from_floor, high, stretch_up, ends_from_floor,
        projection_above,
    )  # fmt: skip
    return stands + obstruction_clearance if stands > 0 else NOTHING


@rule(source="common practice", label="takes from the divider below", per="board_crossing.column.below")
def board_takes_below(
    projection: Mm,
    obstruction_clearance: Mm,
    clear_stands_in: Mm,
    outer_cell_from_left: Mm,
    outer_cell_from_floor: Mm,
    divider_thickness: Mm,
    begins_from_left: Mm,
    stretch_across: Mm | None = None,
) -> Mm:
    """From an upright board what stands on the floor under it takes as much, and the clearance past it."""
    left = outer_cell_from_left - divider_thickness
    if not meet(begins_from_left - clear_stands_in, stretch_across, left, divider_thickness):
        return NOTHING
    return largest(NOTHING, projection + obstruction_clearance - outer_cell_from_floor)


@rule(source="common practice", label="takes from the divider above", per="board_crossing.column.above")
def board_takes_above(
    projection: Mm,
    obstruction_clearance: Mm,
    clear_stands_in: Mm,
    opening_height: Mm,
    outer_cell_from_left: Mm,
    outer_cell_from_floor: Mm,
    outer_cell_height: Mm,
    divider_thickness: Mm,
    begins_from_left: Mm,
    stretch_across: Mm | None = None,
) -> Mm:
    """From an upright board what hangs from the top over it takes as much, and the clearance past it."""
    left = outer_cell_from_left - divider_thickness
    if not meet(begins_from_left - clear_stands_in, stretch_across, left, divider_thickness):
        return NOTHING
    over = opening_height - outer_cell_from_floor - outer_cell_height
    return largest(NOTHING, projection + obstruction_clearance - over)
