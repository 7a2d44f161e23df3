"""What hangs from the top, and is not passed under. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="common practice", label="reaches down into the cell by", per="stopping.above")
def reaches_in(
    projection: Mm, obstruction_clearance: Mm, opening_height: Mm, outer_cell_from_floor: Mm, outer_cell_height: Mm
) -> Mm:
    """From the top it reaches into the cell by its height and the clearance, less what lies over the cell."""
    return projection + obstruction_clearance + outer_cell_from_floor + outer_cell_height - opening_height
