"""What stands on the floor, and is not passed over. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="common practice", per="stopping.below")
def reaches_in(projection: Mm, obstruction_clearance: Mm, outer_cell_from_floor: Mm) -> Mm:
    """From the floor it reaches into the cell by its height and the clearance, less what lies under the cell."""
    return projection + obstruction_clearance - outer_cell_from_floor
