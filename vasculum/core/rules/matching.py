"""Heights that must match a neighbour: casters, base, carcass and top add up; one is left open. Exact mm."""

from __future__ import annotations

from fractions import Fraction

from vasculum.core.catalogue import rule
from vasculum.core.errors import CannotDerive
from vasculum.core.lengths import Mm
from vasculum.core.rules.obstructions.free import NOTHING


@rule(source="common practice", label="height that nobody said", per="space", when=("matched_height",))
def height_left_open(
    matched_height: Mm,
    caster_height: Mm = NOTHING,
    base_height: Mm = NOTHING,
    carcass_height: Mm = NOTHING,
    top_thickness: Mm = NOTHING,
    plinth_height: Mm = NOTHING,
) -> Mm:
    """What is not said of casters, base, plinth, carcass and top takes what the others leave of the height to match.

    Raises:
        CannotDerive: ``heights-over``.
    """
    said = caster_height + base_height + plinth_height + carcass_height + top_thickness
    if said > matched_height:
        raise CannotDerive(
            "heights-over",
            "Casters, base, plinth, case and top come to {said}, {over} more than the {wanted} to match.",
            "Take a lower one, or leave one of them open.",
            said=said,
            over=said - matched_height,
            wanted=matched_height,
        )
    return matched_height - said


@rule(source="common practice", label="toe kick", per="space", when=("caster_height",))
def toe_kick(caster_height: Mm, toe_kick_clearance: Mm) -> Mm:
    """A toe kick hides the casters and stays clear of the floor."""
    return caster_height - toe_kick_clearance


@rule(source="common practice", label="caster in from every edge", per="space", when=("caster_offset", "caster_wheel"))
def caster_inset(caster_offset: Mm, caster_wheel: Mm) -> Mm:
    """The swivel stands inside every edge by its offset and half the wheel, so that it turns under the box."""
    return caster_offset + caster_wheel / 2


@rule(
    source="common practice",
    label="load on a caster",
    per="space",
    when=("caster_rating", "standing_weight"),
    unit="kg",
)
def caster_load(standing_weight: Fraction, casters_carrying: Fraction) -> Fraction:
    """One caster may lift off an uneven floor: each of the others is reckoned with its part of the load."""
    return standing_weight / casters_carrying
