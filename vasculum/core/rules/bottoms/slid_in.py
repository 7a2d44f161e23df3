"""Bottom slid in from behind under a back that is cut down, and screwed to it. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, rule
from vasculum.core.errors import CannotDerive
from vasculum.core.lengths import Mm
from vasculum.core.rules.obstructions.free import NOTHING

alternative(
    "bottom.slid_in",
    title="Slid in from behind",
    about="In grooves of sides and front, under a back that is cut down; comes out again. Right for solid wood.",
    needs="table_saw|router|dado_set",
    instead="Strips glued inside the walls make the groove.",
    shares=("in_grooves",),
    order=3,
)


@rule(source="common practice", per="bottom.slid_in")
def back_wall_height(wall_height_cut: Mm, bottom_raise: Mm, bottom_thickness: Mm) -> Mm:
    """The back stands on the bottom: it is lower by what stands below the bottom, and by the bottom.

    Raises:
        CannotDerive: ``no-height-for-walls``.
    """
    height = wall_height_cut - bottom_raise - bottom_thickness
    if height <= 0:
        raise CannotDerive(
            "no-height-for-walls",
            "A bottom {bottom_thickness} thick, raised {bottom_raise}, fills walls {wall_height} high.",
            "Raise the bottom less, or make the box higher.",
            bottom_thickness=bottom_thickness,
            bottom_raise=bottom_raise,
            wall_height=wall_height_cut,
        )
    return height


@rule(source="common practice", per="bottom.slid_in")
def bottom_depth(
    outside_depth: Mm,
    front_wall: Mm,
    groove_depth_front: Mm,
    bottom_play: Mm,
    set_in_front: Mm = NOTHING,
) -> Mm:
    """The bottom runs from the groove in the front out under the back, less half its play.

    Front to back.
    """
    return outside_depth - set_in_front - front_wall + groove_depth_front - bottom_play / 2


@rule(source="geometry", per="bottom.slid_in")
def bottom_play_along(
    outside_depth: Mm,
    front_wall: Mm,
    groove_depth_front: Mm,
    bottom_depth_cut: Mm,
    set_in_front: Mm = NOTHING,
) -> Mm:
    """Front to back the bottom ends short of the outside of the back by this much."""
    return outside_depth - set_in_front - front_wall + groove_depth_front - bottom_depth_cut


@rule(source="geometry", per="bottom.slid_in")
def bottom_slack() -> Mm:
    """Slid in as far as it goes, the bottom meets the ground of the groove in the front."""
    return NOTHING
