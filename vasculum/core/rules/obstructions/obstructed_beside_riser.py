"""What a cell loses where a riser of the tray above stands on the same side as something in the way. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest, taken


@rule(source="common practice", per=("riser.left", "obstructed.left"))
def taken_left(grid_thickness: Mm, each_takes_left: tuple[Mm | None, ...]) -> Mm:
    """On the left the cell loses to the riser or to what stands in the way, whichever takes more."""
    return largest(grid_thickness, *taken(each_takes_left))


@rule(source="common practice", per=("riser.right", "obstructed.right"))
def taken_right(grid_thickness: Mm, each_takes_right: tuple[Mm | None, ...]) -> Mm:
    """On the right the cell loses to the riser or to what stands in the way, whichever takes more."""
    return largest(grid_thickness, *taken(each_takes_right))
