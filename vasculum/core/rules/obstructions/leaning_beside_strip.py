"""A strip keeps out of what leans beside it, over its whole height. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="geometry", per="leaning.left")
def blocks_left_from(stands_in: Mm, begins_from_front: Mm, obstruction_clearance: Mm, outer_cell_depth: Mm) -> Mm:
    """A leaning thing on the left blocks a strip from its front edge on, where it stands in beside the cell at all."""
    return begins_from_front - obstruction_clearance if stands_in > 0 else outer_cell_depth


@rule(source="geometry", per="leaning.left")
def blocks_left_to(
    begins_from_front: Mm, obstruction_clearance: Mm, outer_cell_depth: Mm, stretch_deep: Mm | None = None
) -> Mm:
    """It blocks a strip up to its back edge, and the clearance; to the end where its depth was not said."""
    if stretch_deep is None:
        return outer_cell_depth
    return begins_from_front + stretch_deep + obstruction_clearance


@rule(source="geometry", per="leaning.right")
def blocks_right_from(stands_in: Mm, begins_from_front: Mm, obstruction_clearance: Mm, outer_cell_depth: Mm) -> Mm:
    """A leaning thing on the right blocks a strip from its front edge on, where it stands in beside the cell at all."""
    return begins_from_front - obstruction_clearance if stands_in > 0 else outer_cell_depth


@rule(source="geometry", per="leaning.right")
def blocks_right_to(
    begins_from_front: Mm, obstruction_clearance: Mm, outer_cell_depth: Mm, stretch_deep: Mm | None = None
) -> Mm:
    """It blocks a strip up to its back edge, and the clearance; to the end where its depth was not said."""
    if stretch_deep is None:
        return outer_cell_depth
    return begins_from_front + stretch_deep + obstruction_clearance
