"""No bottom of its own: a frame that stands on the floor of what it is put into. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.obstructions.free import NOTHING

alternative(
    "bottom.none",
    title="No bottom",
    about="A frame for what has a floor already: a tray, a lower half, a grid inside a drawer that is there.",
    order=7,
)


@rule(source="common practice", label="box wall height", per="bottom.none")
def wall_height(box_height: Mm) -> Mm:
    """The walls are as high as the box."""
    return box_height


@rule(source="common practice", label="box back height", per="bottom.none")
def back_wall_height(wall_height_cut: Mm) -> Mm:
    """The back is as high as the sides are cut."""
    return wall_height_cut


@rule(source="geometry", label="outside height", per="bottom.none")
def outside_height(wall_height_cut: Mm) -> Mm:
    """Assembled, the frame is as high as its walls."""
    return wall_height_cut


@rule(source="geometry", label="height that the bottom takes", per="bottom.none")
def bottom_loss() -> Mm:
    """Without a bottom nothing is lost."""
    return NOTHING


@rule(source="geometry", label="inside height", per="bottom.none")
def inside_height(outside_height: Mm) -> Mm:
    """Inside is all of the height."""
    return outside_height
