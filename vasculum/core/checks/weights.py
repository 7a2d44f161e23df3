"""Who can carry it, and what stands on a caster."""

from __future__ import annotations

from fractions import Fraction

from vasculum.core.catalogue import check
from vasculum.core.flow import Finding
from vasculum.core.lengths import Mm


@check(source="from memory", per="drawer")
def one_person_carries_it(carried_weight: float, lift_alone: Fraction) -> Finding | None:
    """One person can lift the drawer in."""
    if carried_weight <= lift_alone:
        return None
    return Finding(
        "two-carry",
        "caution",
        "With what stays in it the drawer weighs {weight_kg}, more than {alone_kg}: two people carry it.",
        "Hang it empty, and fill it in place.",
        {"weight_kg": carried_weight, "alone_kg": lift_alone},
        ("carried_weight",),
    )


@check(source="common practice", per="space", when=("caster_rating", "standing_weight"))
def casters_carry_it(caster_load: Fraction, caster_rating: Fraction) -> Finding | None:
    """Each caster is rated for a third of the load, for one of four may lift off an uneven floor."""
    if caster_load <= caster_rating:
        return None
    return Finding(
        "casters-overloaded",
        "attention",
        "A caster may have to carry {load_kg}; it is rated for {rated_kg}.",
        "Take stronger casters, or load it less.",
        {"load_kg": caster_load, "rated_kg": caster_rating},
        ("caster_load",),
    )


@check(source="common practice", per="space", when=("caster_offset", "caster_wheel"))
def swivels_stand_inside(caster_inset: Mm, opening_width: Mm, clear_depth: Mm) -> Finding | None:
    """The circles that the casters turn in stay under the box."""
    short = opening_width if opening_width < clear_depth else clear_depth
    if 4 * caster_inset <= short:
        return None
    return Finding(
        "swivels-meet",
        "attention",
        "Two casters turn in circles {circle} across; the box is only {short} that way.",
        "Take smaller wheels, or fixed casters at one end.",
        {"circle": 2 * caster_inset, "short": short},
        ("caster_inset",),
    )
