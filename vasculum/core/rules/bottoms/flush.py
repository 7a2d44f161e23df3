"""What every bottom flush with the lower edges shares: full walls, and only its thickness lost. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.errors import CannotDerive
from vasculum.core.lengths import Mm


@rule(source="common practice", label="box wall height", per="flush_bottom")
def wall_height(box_height: Mm) -> Mm:
    """The walls are as high as the box, for the bottom stands within them."""
    return box_height


@rule(source="common practice", label="box back height", per="flush_bottom")
def back_wall_height(wall_height_cut: Mm) -> Mm:
    """The back is as high as the sides are cut."""
    return wall_height_cut


@rule(source="geometry", label="outside height", per="flush_bottom")
def outside_height(wall_height_cut: Mm) -> Mm:
    """Assembled, the box is as high as its walls."""
    return wall_height_cut


@rule(source="common practice", label="height that the bottom takes", per="flush_bottom")
def bottom_loss(bottom_thickness: Mm) -> Mm:
    """A bottom flush with the lower edges takes its own thickness."""
    return bottom_thickness


@rule(source="geometry", label="inside height", per="flush_bottom")
def inside_height(outside_height: Mm, bottom_thickness: Mm) -> Mm:
    """Inside is the outside height less the bottom.

    Raises:
        CannotDerive: ``no-inside-height``.
    """
    height = outside_height - bottom_thickness
    if height <= 0:
        raise CannotDerive(
            "no-inside-height",
            "A bottom {bottom_thickness} thick fills a box {outside_height} high.",
            "Use a thinner bottom, or make the box higher.",
            bottom_thickness=bottom_thickness,
            outside_height=outside_height,
        )
    return height
