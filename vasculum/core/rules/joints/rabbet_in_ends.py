"""Rabbet in front and back: the ends run full width, the sides reach into their rabbets.

A rabbet is cut into its own part's thickness; it is as wide as the side is thick. Exact mm, along the grain.
"""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.errors import CannotDerive
from vasculum.core.lengths import Mm
from vasculum.core.reasons import snap_down


def _rabbet_depth(thickness: Mm, thickness_increment: Mm, wanted: Mm | None) -> Mm:
    depth = snap_down(thickness / 2, thickness_increment) if wanted is None else wanted
    if depth >= thickness or depth <= 0:
        raise CannotDerive(
            "rabbet-through-the-end",
            "A rabbet {depth} deep does not go into stock {thickness} thick.",
            "Half the thickness is usual.",
            depth=depth,
            thickness=thickness,
        )
    return depth


@rule(source="common practice", per="joint.rabbet_in_ends")
def rabbet_depth_front(box_front_thickness: Mm, thickness_increment: Mm, wanted_rabbet_depth: Mm | None = None) -> Mm:
    """The rabbet in the front is half its thickness deep, down to the increment for thickness, unless chosen.

    Raises:
        CannotDerive: ``rabbet-through-the-end``.
    """
    return _rabbet_depth(box_front_thickness, thickness_increment, wanted_rabbet_depth)


@rule(source="common practice", per="joint.rabbet_in_ends")
def rabbet_depth_back(box_back_thickness: Mm, thickness_increment: Mm, wanted_rabbet_depth: Mm | None = None) -> Mm:
    """The rabbet in the back is half its thickness deep, down to the increment for thickness, unless chosen.

    Raises:
        CannotDerive: ``rabbet-through-the-end``.
    """
    return _rabbet_depth(box_back_thickness, thickness_increment, wanted_rabbet_depth)


@rule(source="common practice", per="joint.rabbet_in_ends")
def front_back_length(box_width: Mm) -> Mm:
    """Front and back run the full width of the box."""
    return box_width


@rule(source="common practice", per="joint.rabbet_in_ends")
def side_length(
    box_depth: Mm, box_front_thickness: Mm, box_back_thickness: Mm, rabbet_depth_front: Mm, rabbet_depth_back: Mm
) -> Mm:
    """The sides lose what is left of front and back behind the rabbets.

    Raises:
        CannotDerive: ``no-room-for-sides``.
    """
    length = box_depth - (box_front_thickness - rabbet_depth_front) - (box_back_thickness - rabbet_depth_back)
    if length <= 0:
        raise CannotDerive(
            "no-room-for-sides",
            "Front and back fill a box {box_depth} deep.",
            "Use thinner ends or a longer runner.",
            box_depth=box_depth,
        )
    return length


@rule(source="geometry", per="joint.rabbet_in_ends")
def outside_width(front_back_length_cut: Mm) -> Mm:
    """Assembled, the box is as wide as its cut front."""
    return front_back_length_cut


@rule(source="geometry", per="joint.rabbet_in_ends")
def outside_depth(
    side_length_cut: Mm,
    box_front_thickness: Mm,
    box_back_thickness: Mm,
    rabbet_depth_front: Mm,
    rabbet_depth_back: Mm,
) -> Mm:
    """Assembled, the box is as deep as its cut sides and what is left of front and back behind the rabbets."""
    return side_length_cut + (box_front_thickness - rabbet_depth_front) + (box_back_thickness - rabbet_depth_back)
