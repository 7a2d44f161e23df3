"""Bottom captured in a groove that runs around the inside of all four walls. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, cut, rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.bottoms.in_grooves import groove_depth

alternative(
    "bottom.grooved",
    title="Captured in a groove",
    about="Held all round with play; loses the raise and the bottom's thickness below.",
    needs="table_saw|router|dado_set",
    instead="Strips glued inside the walls below and above the bottom make the groove.",
    shares=("in_grooves",),
    order=1,
)


@rule(source="common practice", label="groove depth in the box back", per="bottom.grooved")
def groove_depth_back(
    box_back_thickness: Mm, most_groove_depth: Mm, thickness_increment: Mm, wanted_groove_depth: Mm | None = None
) -> Mm:
    """The groove in the box back is half its thickness deep, but no deeper than is usual, unless chosen.

    Raises:
        CannotDerive: ``groove-through-the-wall``.
    """
    return groove_depth(box_back_thickness, most_groove_depth, thickness_increment, wanted_groove_depth, "box back")


@rule(source="common practice", per="bottom.grooved")
def bottom_depth(inside_depth: Mm, groove_depth_front: Mm, groove_depth_back: Mm, bottom_play: Mm) -> Mm:
    """The bottom reaches into the grooves of front and back, less its play.

    Front to back.
    """
    return inside_depth + groove_depth_front + groove_depth_back - bottom_play


@rule(source="geometry", label="play of the bottom, front to back", per="bottom.grooved")
def bottom_play_along(inside_depth: Mm, groove_depth_front: Mm, groove_depth_back: Mm, bottom_depth_cut: Mm) -> Mm:
    """Front to back the bottom can move by what its grooves leave: its play, and what snapping gave back."""
    return inside_depth + groove_depth_front + groove_depth_back - bottom_depth_cut


@rule(source="common practice", per="bottom.grooved")
def back_wall_height(wall_height_cut: Mm) -> Mm:
    """The back is as high as the sides are cut: the groove runs around."""
    return wall_height_cut


@rule(source="geometry", label="play before the bottom, and behind it", per="bottom.grooved")
def bottom_slack(bottom_play_along: Mm) -> Mm:
    """Half of the play is before the bottom, half behind it."""
    return bottom_play_along / 2


cut(
    "groove",
    per="bottom.grooved",
    into="box_back",
    title="Groove for the bottom",
    at="bottom_raise",
    width="groove_width",
    depth="groove_depth_back",
)
