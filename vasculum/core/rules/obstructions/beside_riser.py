"""What a cell loses to the risers of a tray that slides above it. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="common practice", per="riser.left")
def taken_left(grid_thickness: Mm) -> Mm:
    """On the left stands a riser of the tray above."""
    return grid_thickness


@rule(source="common practice", per="riser.right")
def taken_right(grid_thickness: Mm) -> Mm:
    """On the right stands a riser of the tray above."""
    return grid_thickness
