"""A platform for a mattress: what stands out beside it, and how far the boxes stand back under it. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm

BED = ("mattress_width", "mattress_length", "platform_width", "platform_length")
"""What has to be known of a bed."""
STACKED = ("toe_height", "bed_box_height", "slat_thickness", "mattress_thickness")
"""What its height is made of."""


@rule(
    source="common practice",
    label="platform past the mattress, at each side",
    per="space",
    when=BED,
)
def margin_across(platform_width: Mm, mattress_width: Mm) -> Mm:
    """Beside the mattress the platform stands out by half of what it is wider.

    One side; less than nothing lets the mattress overhang.
    """
    return (platform_width - mattress_width) / 2


@rule(
    source="common practice",
    label="platform past the mattress, at each end",
    per="space",
    when=BED,
)
def margin_along(platform_length: Mm, mattress_length: Mm) -> Mm:
    """At head and foot the platform stands out by half of what it is longer.

    One end; less than nothing lets the mattress overhang.
    """
    return (platform_length - mattress_length) / 2


@rule(
    source="common practice",
    label="width over the boxes",
    per="space",
    when=BED,
)
def base_width(platform_width: Mm, platform_overhang: Mm) -> Mm:
    """The boxes stand back under the platform by its overhang at both edges."""
    return platform_width - 2 * platform_overhang


@rule(
    source="common practice",
    label="length over the boxes",
    per="space",
    when=BED,
)
def base_length(platform_length: Mm, platform_overhang: Mm) -> Mm:
    """The boxes stand back under the platform by its overhang at head and foot."""
    return platform_length - 2 * platform_overhang


@rule(
    source="common practice",
    label="depth for the drawers of one side",
    per="space",
    when=(*BED, "middle_support"),
)
def half_depth(base_width: Mm, middle_support: Mm) -> Mm:
    """Drawers from both sides meet at the middle support: each side has half of what it leaves."""
    return (base_width - middle_support) / 2


@rule(source="common practice", label="height to lie at", per="space", when=STACKED)
def sleeping_height(toe_height: Mm, bed_box_height: Mm, slat_thickness: Mm, mattress_thickness: Mm) -> Mm:
    """You lie at the height of toe kick, box, slats and mattress together."""
    return toe_height + bed_box_height + slat_thickness + mattress_thickness
