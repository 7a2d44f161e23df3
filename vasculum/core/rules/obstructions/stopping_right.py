"""What stands in from the right, and is not passed beside. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="common practice", per="stopping.right")
def reaches_in(
    projection: Mm,
    obstruction_clearance: Mm,
    clear_stands_in: Mm,
    opening_width: Mm,
    outer_cell_from_left: Mm,
    outer_cell_width: Mm,
) -> Mm:
    """From the right it reaches into the cell by its projection and the clearance, less what lies behind the cell."""
    return (
        projection + obstruction_clearance + outer_cell_from_left + outer_cell_width + clear_stands_in - opening_width
    )
