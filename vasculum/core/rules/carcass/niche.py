"""The space as it was read, where it is the inside that is filled. Exact mm, from where the clear inside begins."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.obstructions.free import NOTHING


@rule(source="geometry", label="width of the space", per="space")
def niche_width(opening_width: Mm) -> Mm:
    """The space is as wide as its inside."""
    return opening_width


@rule(source="geometry", label="height of the space", per="space")
def niche_height(opening_height: Mm) -> Mm:
    """The space is as high as its inside."""
    return opening_height


@rule(source="geometry", label="depth of the space", per="space")
def niche_depth(depth_inside: Mm) -> Mm:
    """The space is as deep as its inside."""
    return depth_inside


@rule(source="geometry", label="space begins, from where the clear width begins", per="space")
def niche_from_left(clear_stands_in: Mm) -> Mm:
    """The space begins outside the clear width; less than nothing."""
    return -clear_stands_in


@rule(source="geometry", label="floor of the space, above that of the inside", per="space")
def niche_from_floor() -> Mm:
    """The inside stands on the floor of the space."""
    return NOTHING


@rule(source="geometry", label="space begins behind the inside's front by", per="space")
def niche_from_front() -> Mm:
    """The inside begins where the space begins."""
    return NOTHING
