"""What every bottom in grooves shares: the grooves of sides and front, and what they take. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import cut, rule
from vasculum.core.errors import CannotDerive
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.reasons import smallest, snap_down
from vasculum.core.rules.bottoms.lying import bottom_piece
from vasculum.core.rules.joints.ends import SIDES
from vasculum.core.rules.obstructions.free import NOTHING


def groove_depth(thickness: Mm, most_groove_depth: Mm, thickness_increment: Mm, wanted: Mm | None, part: str) -> Mm:
    if wanted is None:
        depth = snap_down(smallest(most_groove_depth, thickness / 2), thickness_increment)
    else:
        depth = wanted
    if depth >= thickness or depth <= 0:
        raise CannotDerive(
            "groove-through-the-wall",
            f"A groove {{depth}} deep does not go into a {part} {{thickness}} thick.",
            "Half the thickness is usual, 1/4 in at most.",
            depth=depth,
            thickness=thickness,
        )
    return depth


@rule(source="common practice", label="groove depth in the sides", per="in_grooves")
def groove_depth_side(
    side_thickness: Mm, most_groove_depth: Mm, thickness_increment: Mm, wanted_groove_depth: Mm | None = None
) -> Mm:
    """The groove in a side is half its thickness deep, but no deeper than is usual, unless chosen.

    Raises:
        CannotDerive: ``groove-through-the-wall``.
    """
    return groove_depth(side_thickness, most_groove_depth, thickness_increment, wanted_groove_depth, "side")


@rule(source="common practice", label="groove depth in the box front", per="in_grooves")
def groove_depth_front(
    front_stock: Mm, most_groove_depth: Mm, thickness_increment: Mm, wanted_groove_depth: Mm | None = None
) -> Mm:
    """The groove in the box front is half its thickness deep, but no deeper than is usual, unless chosen.

    Raises:
        CannotDerive: ``groove-through-the-wall``.
    """
    return groove_depth(front_stock, most_groove_depth, thickness_increment, wanted_groove_depth, "box front")


@rule(source="common practice", label="groove width", per="in_grooves")
def groove_width(bottom_thickness: Mm, wanted_groove_width: Mm | None = None) -> Mm:
    """The groove is as wide as the bottom is thick, or as the cutter that was chosen."""
    return bottom_thickness if wanted_groove_width is None else wanted_groove_width


@rule(source="common practice", per="in_grooves")
def wall_height(box_height: Mm) -> Mm:
    """The walls are as high as the box, for the bottom stands inside them."""
    return box_height


@rule(source="geometry", per="in_grooves")
def outside_height(wall_height_cut: Mm) -> Mm:
    """Assembled, the box is as high as its walls."""
    return wall_height_cut


@rule(source="common practice", per="in_grooves")
def bottom_width(inside_width: Mm, groove_depth_side: Mm, bottom_play: Mm) -> Mm:
    """The bottom reaches into both side grooves, less its play.

    Left to right.
    """
    return inside_width + 2 * groove_depth_side - bottom_play


@rule(source="geometry", label="play of the bottom, side to side", per="in_grooves")
def bottom_play_across(inside_width: Mm, groove_depth_side: Mm, bottom_width_cut: Mm) -> Mm:
    """Left to right the bottom can move by what its grooves leave: its play, and what snapping gave back."""
    return inside_width + 2 * groove_depth_side - bottom_width_cut


@rule(source="common practice", per="in_grooves")
def bottom_loss(bottom_raise: Mm, bottom_thickness: Mm) -> Mm:
    """A captured bottom takes what stands below it and its own thickness."""
    return bottom_raise + bottom_thickness


@rule(source="geometry", per="in_grooves")
def inside_height(outside_height: Mm, bottom_raise: Mm, bottom_thickness: Mm) -> Mm:
    """Inside is the outside height less what stands below the bottom and the bottom itself.

    Raises:
        CannotDerive: ``no-inside-height``.
    """
    height = outside_height - bottom_raise - bottom_thickness
    if height <= 0:
        raise CannotDerive(
            "no-inside-height",
            "A bottom {bottom_thickness} thick, raised {bottom_raise}, fills a box {outside_height} high.",
            "Raise the bottom less, or make the box higher.",
            bottom_thickness=bottom_thickness,
            bottom_raise=bottom_raise,
            outside_height=outside_height,
        )
    return height


@rule(source="geometry", label="bottom begins behind the box front", per="in_grooves")
def bottom_from_front(
    set_back: Mm, front_wall: Mm, groove_depth_front: Mm, bottom_slack: Mm, set_in_front: Mm = NOTHING
) -> Mm:
    """The bottom begins in the groove of the front, off its ground by what play is left there.

    From the front face of the case.
    """
    return set_back + set_in_front + front_wall - groove_depth_front + bottom_slack


@bottom_piece(per="in_grooves")
def bottom(
    box_from_left: Mm,
    outside_width: Mm,
    bottom_width_cut: Mm,
    bottom_from_front: Mm,
    walls_from_floor: Mm,
    bottom_raise: Mm,
) -> Stand:
    """A captured bottom lies in the middle of its grooves."""
    across = box_from_left + (outside_width - bottom_width_cut) / 2
    return Stand(across, bottom_from_front, walls_from_floor + bottom_raise, "across", "back", 1)


def _groove(into: str | tuple[str, ...], depth: str, per: str | tuple[str, ...] = "in_grooves") -> None:
    cut(
        "groove",
        per=per,
        into=into,
        title="Groove for the bottom",
        at="bottom_raise",
        width="groove_width",
        depth=depth,
    )


_groove(SIDES, "groove_depth_side")
_groove("box_front", "groove_depth_front", ("in_grooves", "front_walled"))
