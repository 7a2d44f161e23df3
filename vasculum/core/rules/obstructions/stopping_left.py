"""What stands in from the left, and is not passed beside. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="common practice", per="stopping.left")
def reaches_in(projection: Mm, obstruction_clearance: Mm, clear_stands_in: Mm, outer_cell_from_left: Mm) -> Mm:
    """From the left it reaches into the cell by its projection and the clearance, less what lies before the cell."""
    return projection + obstruction_clearance - clear_stands_in - outer_cell_from_left
