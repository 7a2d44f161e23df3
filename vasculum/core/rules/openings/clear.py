"""What is clear in height and depth, and the packing at each station. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.errors import CannotDerive
from vasculum.core.lengths import Mm


def checked_clear_width(width: Mm) -> Mm:
    """The width, when something is left of it.

    Raises:
        CannotDerive: ``no-clear-width``.
    """
    if width <= 0:
        raise CannotDerive(
            "no-clear-width",
            "Packing and wiggle room leave {width} of the width.",
            "Make the packing thinner, or measure again.",
            width=width,
        )
    return width


@rule(source="common practice", label="clear height", per="space")
def clear_height(opening_height: Mm, wiggle_height: Mm) -> Mm:
    """Clear height is the opening's height less the wiggle room.

    Raises:
        CannotDerive: ``no-clear-height``.
    """
    height = opening_height - wiggle_height
    if height <= 0:
        raise CannotDerive(
            "no-clear-height",
            "Wiggle room of {wiggle} fills the height of {opening}.",
            "Take less wiggle room, or measure again.",
            wiggle=wiggle_height,
            opening=opening_height,
        )
    return height


@rule(source="common practice", label="clear depth", per="space")
def clear_depth(depth_inside: Mm, wiggle_depth: Mm) -> Mm:
    """Clear depth is from the front face to the nearest thing behind, less the wiggle room.

    Raises:
        CannotDerive: ``no-clear-depth``.
    """
    depth = depth_inside - wiggle_depth
    if depth <= 0:
        raise CannotDerive(
            "no-clear-depth",
            "Wiggle room of {wiggle} fills the depth of {read}.",
            "Take less wiggle room, or measure again.",
            wiggle=wiggle_depth,
            read=depth_inside,
        )
    return depth


@rule(source="common practice", label="packing on the left at this station", per="strip.left_and_right")
def packing_left_here(width: Mm, governing_width: Mm, packing_left: Mm) -> Mm:
    """At this station the left strip takes its packing and half of what this reading is wider than the narrowest.

    Runners must be parallel front to back, so a taper is taken out here, centred.
    """
    return packing_left + (width - governing_width) / 2


@rule(source="common practice", label="packing on the right at this station", per="strip.left_and_right")
def packing_right_here(width: Mm, governing_width: Mm, packing_right: Mm) -> Mm:
    """At this station the right strip takes its packing and half of what this reading is wider than the narrowest.

    Runners must be parallel front to back, so a taper is taken out here, centred.
    """
    return packing_right + (width - governing_width) / 2
