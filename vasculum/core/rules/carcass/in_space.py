"""A case built into a space: the space that was read, less fitting room and what stands in the way. Exact mm.

The inside is snapped and the outside follows as inside and boards; what snapping leaves goes to the fitting room.
"""

from __future__ import annotations

from vasculum.core.catalogue import alternative, rule
from vasculum.core.errors import CannotDerive
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest, snap_down, taken
from vasculum.core.rules.obstructions.free import NOTHING

alternative(
    "carcass.in_space",
    title="The space a new case goes into",
    about="What was measured is the space: the case is smaller by its fitting room, and keeps clear of what is there.",
    shares=("carcass.new", "in_niche"),
    order=2,
)


@rule(source="common practice", label="widest that the case may be outside", per="niche.width")
def widest_outside(
    each_space_width: tuple[Mm | None, ...],
    fitting_room: Mm,
    lost_on_left: Mm,
    lost_on_right: Mm,
) -> Mm:
    """Outside a case is as wide as its space at the narrowest, less fitting room on both sides and what is in the way.

    Raises:
        CannotDerive: ``no-room-for-a-case``.
    """
    lost = 2 * fitting_room + lost_on_left + lost_on_right
    return _left_of(taken(each_space_width)[0], lost, "width")


@rule(source="common practice", label="highest that the case may stand", per="niche.height")
def highest_outside(
    each_space_height: tuple[Mm | None, ...], fitting_room_above: Mm, lost_above: Mm, lost_below: Mm
) -> Mm:
    """A case stands as high as its space at the lowest, less fitting room above, what hangs there and what lies below.

    With its casters, base, plinth and top.

    Raises:
        CannotDerive: ``no-room-for-a-case``.
    """
    return _left_of(taken(each_space_height)[0], fitting_room_above + lost_above + lost_below, "height")


@rule(source="common practice", label="deepest that the case may be outside", per="niche.depth")
def deepest_outside(each_space_depth: tuple[Mm | None, ...], fitting_room_behind: Mm, lost_behind: Mm) -> Mm:
    """A case is as deep as its space at the shallowest, less fitting room behind and what stands in from there.

    With the fronts that stand before it.

    Raises:
        CannotDerive: ``no-room-for-a-case``.
    """
    return _left_of(taken(each_space_depth)[0], fitting_room_behind + lost_behind, "depth")


def _left_of(space: Mm, lost: Mm, size: str) -> Mm:
    if lost < space:
        return space - lost
    raise CannotDerive(
        "no-room-for-a-case",
        f"Fitting room and what is in the way come to {{lost}} of a {size} of {{space}}.",
        "Let the case stand above what is in the way, or take less fitting room.",
        lost=lost,
        space=space,
    )


def inside_left(outside: Mm, boards: Mm, size: str) -> Mm:
    """What boards leave of an outside.

    Raises:
        CannotDerive: ``outside-all-boards``.
    """
    if boards < outside:
        return outside - boards
    raise CannotDerive(
        "outside-all-boards",
        f"An outside {size} of {{outside}} is less than its boards, {{boards}}: nothing is left inside.",
        "Make it larger by more than {over}, or take thinner boards.",
        outside=outside,
        boards=boards,
        over=boards - outside,
    )


@rule(source="common practice", per="inside_width.in_space")
def opening_width(widest_outside: Mm, boards_across: Mm, increment: Mm, thickness_increment: Mm) -> Mm:
    """Inside it is as wide as its sides leave of the outside, down to the shop's increment.

    Raises:
        CannotDerive: ``outside-all-boards``.
    """
    return snap_down(inside_left(snap_down(widest_outside, thickness_increment), boards_across, "width"), increment)


@rule(source="common practice", per="inside_height.in_space")
def opening_height(highest_outside: Mm, boards_up: Mm, increment: Mm, thickness_increment: Mm) -> Mm:
    """Inside it is as high as its boards, base and casters leave of the outside, down to the shop's increment.

    Raises:
        CannotDerive: ``outside-all-boards``.
    """
    return snap_down(inside_left(snap_down(highest_outside, thickness_increment), boards_up, "height"), increment)


@rule(source="common practice", per="inside_depth.in_space")
def depth_inside(deepest_outside: Mm, boards_deep: Mm, back_within: Mm, increment: Mm) -> Mm:
    """Inside it is as deep as back and fronts leave of the outside; the boards are cut down to the shop's increment.

    Raises:
        CannotDerive: ``outside-all-boards``.
    """
    inside = inside_left(deepest_outside, boards_deep, "depth")
    return snap_down(inside + back_within, increment) - back_within


@rule(source="geometry", label="lost to what is in the way on the left", per="in_niche")
def lost_on_left(each_ends_left: tuple[Mm | None, ...]) -> Mm:
    """On the left the case ends before whatever stands in furthest."""
    return largest(NOTHING, *taken(each_ends_left))


@rule(source="geometry", label="lost to what is in the way on the right", per="in_niche")
def lost_on_right(each_ends_right: tuple[Mm | None, ...]) -> Mm:
    """On the right the case ends before whatever stands in furthest."""
    return largest(NOTHING, *taken(each_ends_right))


@rule(source="geometry", label="lost to what is in the way behind", per="in_niche")
def lost_behind(each_ends_behind: tuple[Mm | None, ...]) -> Mm:
    """Behind, the case ends before whatever stands in furthest."""
    return largest(NOTHING, *taken(each_ends_behind))


@rule(source="geometry", label="lost to what hangs above", per="in_niche")
def lost_above(each_ends_above: tuple[Mm | None, ...]) -> Mm:
    """Above, the case ends before whatever hangs down furthest."""
    return largest(NOTHING, *taken(each_ends_above))


@rule(source="geometry", label="case stands above what is in the way by", per="in_niche")
def lost_below(each_stands_over: tuple[Mm | None, ...]) -> Mm:
    """Below, the case stands above whatever is highest of what it is set over."""
    return largest(NOTHING, *taken(each_stands_over))
