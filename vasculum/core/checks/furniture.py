"""Casters, heights and beds: what contradicts what."""

from __future__ import annotations

from vasculum.core.catalogue import check
from vasculum.core.flow import Finding
from vasculum.core.lengths import Mm
from vasculum.core.rules.bed import BED


@check(
    source="common practice",
    per="space",
    when=BED,
)
def mattress_lies_on_its_platform(margin_across: Mm, margin_along: Mm) -> Finding | None:
    """The mattress is no larger than its platform."""
    for margin, way in ((margin_across, "wider"), (margin_along, "longer")):
        if margin < 0:
            return Finding(
                f"mattress-{way}",
                "attention",
                f"The mattress is {{over}} {way} than its platform.",
                "Measure the mattress, or make the platform larger.",
                {"over": -2 * margin},
                ("margin_across", "margin_along"),
            )
    return None


@check(
    source="common practice",
    per="space",
    when=(*BED, "room_width", "room_length"),
)
def bed_goes_into_the_room(platform_width: Mm, platform_length: Mm, room_width: Mm, room_length: Mm) -> Finding | None:
    """The platform goes into the room, one way or turned."""
    short, long = (
        (platform_width, platform_length) if platform_width < platform_length else (platform_length, platform_width)
    )
    narrow, wide = (room_width, room_length) if room_width < room_length else (room_length, room_width)
    if short <= narrow and long <= wide:
        return None
    over = short - narrow if short > narrow else long - wide
    return Finding(
        "bed-larger-than-room",
        "stop",
        "A platform of {short} by {long} does not go into a room of {narrow} by {wide}: {over} too much.",
        "Measure both again, or make the platform smaller.",
        {"short": short, "long": long, "narrow": narrow, "wide": wide, "over": over},
        ("margin_across",),
    )


@check(source="from memory", per="space", when=BED)
def bed_stands_on_its_middle(
    platform_width: Mm, unsupported_bed: Mm, middle_support: Mm | None = None
) -> Finding | None:
    """A wide bed stands on a support along its middle."""
    if platform_width <= unsupported_bed or middle_support is not None:
        return None
    return Finding(
        "middle-support",
        "note",
        "A platform {wide} across wants a support along its middle: {most} is as far as slats go without.",
        "Say how thick it is, and the boxes from both sides end before it.",
        {"wide": platform_width, "most": unsupported_bed},
        ("base_width",),
    )


@check(
    source="geometry",
    per="space",
    when=(*BED, "middle_support"),
)
def halves_meet(half_depth: Mm, clear_depth: Mm) -> Finding | None:
    """The boxes of one side end before the middle."""
    if clear_depth <= half_depth:
        return None
    return Finding(
        "halves-overlap",
        "stop",
        "This side is {depth} deep, but each side has only {half}: the boxes would meet those of the other side.",
        "Measure its depth to the middle support, or make the platform wider.",
        {"depth": clear_depth, "half": half_depth},
        ("half_depth", "clear_depth"),
    )


@check(source="ASTM F2057, from memory", per=("standing", "drawers_open"))
def tall_units_are_fixed(opening_height: Mm, tall_unit: Mm, matched_height: Mm | None = None) -> Finding | None:
    """A tall unit with drawers is fixed to the wall."""
    height = opening_height if matched_height is None else matched_height
    if height < tall_unit:
        return None
    return Finding(
        "fix-to-the-wall",
        "caution",
        "With drawers open a unit {height} high can tip, and a child climbs them.",
        "Fix it to the wall, and give every drawer a stop so that it does not fall out.",
        {"height": height},
        ("opening_height",),
    )
