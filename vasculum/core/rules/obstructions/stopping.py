"""What a box ends before: it keeps its width and height, and loses what lies behind. Exact mm, from the front.

How far it reaches into the cell is worked out for each side from which it stands in.
"""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest
from vasculum.core.rules.obstructions.crossing import meet
from vasculum.core.rules.obstructions.free import NOTHING


@rule(source="common practice", per="stopping")
def takes_behind(
    reaches_in: Mm,
    begins_from_front: Mm,
    obstruction_clearance: Mm,
    clear_stands_in: Mm,
    outer_cell_from_left: Mm,
    outer_cell_width: Mm,
    outer_cell_from_floor: Mm,
    outer_cell_height: Mm,
    outer_cell_depth: Mm,
    begins_from_floor: Mm | None = None,
    stretch_up: Mm | None = None,
    begins_from_left: Mm | None = None,
    stretch_across: Mm | None = None,
) -> Mm:
    """A box that would meet it ends before it, by the clearance past it; any other keeps its depth."""
    is_met = reaches_in > 0
    if begins_from_floor is not None:
        is_met = is_met and meet(begins_from_floor, stretch_up, outer_cell_from_floor, outer_cell_height)
    if begins_from_left is not None:
        across = begins_from_left - clear_stands_in
        is_met = is_met and meet(across, stretch_across, outer_cell_from_left, outer_cell_width)
    if not is_met:
        return NOTHING
    return largest(NOTHING, outer_cell_depth - begins_from_front + obstruction_clearance)
