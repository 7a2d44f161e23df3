"""Parts and fasteners of one's own: sizes that lack, notches too large, fasteners that do not hold or come through."""

from __future__ import annotations

from vasculum.core.catalogue import check
from vasculum.core.flow import Finding
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest


@check(source="common practice", per="own_part.unsized")
def an_own_part_has_its_sizes() -> Finding | None:
    """A part of one's own is cut once its three sizes were said."""
    return Finding(
        "own-part-without-sizes",
        "attention",
        "This part has no length, width or thickness yet, so it is on no list.",
        "Say its length and width, and the stock that it is cut from, or how thick it is.",
        {},
        (),
    )


@check(source="geometry", per="own_notch.uncut")
def a_notch_has_both_its_sizes() -> Finding | None:
    """A notch is cut once it is said how wide and how deep, in a part of which it is said that it lies flat."""
    return Finding(
        "notch-without-sizes",
        "attention",
        "A notch was asked for here that is not cut yet.",
        "Say how wide and how deep it is, and that the part lies flat.",
        {},
        (),
    )


@check(source="geometry", per="own_notched")
def notches_leave_a_part(
    own_length: Mm,
    own_width: Mm,
    own_front_notch_wide: Mm,
    own_back_notch_wide: Mm,
    own_front_notch_deep: Mm,
    own_back_notch_deep: Mm,
) -> Finding | None:
    """Notches of both corners leave something between them, and between front and back."""
    across = 2 * largest(own_front_notch_wide, own_back_notch_wide)
    deep = own_front_notch_deep + own_back_notch_deep
    if across < own_length and deep < own_width:
        return None
    return Finding(
        "notches-leave-nothing",
        "stop",
        "Notches {across} wide and {deep} deep together leave nothing of a part {length} by {width}.",
        "Make the notches smaller, or the part larger.",
        {"across": across, "deep": deep, "length": own_length, "width": own_width},
        ("own_length",),
    )


@check(source="common practice", per="own_good_passes")
def an_own_fastener_holds(own_good_bite: Mm, least_screw_bite: Mm) -> Finding | None:
    """A fastener of one's own bites deep enough."""
    if own_good_bite >= least_screw_bite:
        return None
    return Finding(
        "own-fastener-too-short",
        "attention",
        "It bites {bite} behind what it passes; {least} is the least.",
        "Take it longer by {short}.",
        {
            "bite": own_good_bite if own_good_bite > 0 else Mm(0),
            "least": least_screw_bite,
            "short": least_screw_bite - own_good_bite,
        },
        ("own_good_bite",),
    )


@check(source="common practice", per="own_good.bounded")
def an_own_fastener_stays_inside(own_good_cover: Mm, own_good_cover_wanted: Mm) -> Finding | None:
    """A fastener of one's own ends inside what holds it."""
    if own_good_cover >= own_good_cover_wanted:
        return None
    short = own_good_cover_wanted - own_good_cover
    if own_good_cover < 0:
        return Finding(
            "own-fastener-comes-through",
            "stop",
            "It comes through what holds it by {out}.",
            "Take it shorter by {short}.",
            {"out": -own_good_cover, "short": short},
            ("own_good_cover",),
        )
    return Finding(
        "own-fastener-near-the-face",
        "attention",
        "Before its point {left} is left; {wanted} is wanted.",
        "Take it shorter by {short}.",
        {"left": own_good_cover, "wanted": own_good_cover_wanted, "short": short},
        ("own_good_cover",),
    )
