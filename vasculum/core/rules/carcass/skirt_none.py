"""A base without boards round it."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.obstructions.free import NOTHING

alternative(
    "base_skirt.none",
    title="Nothing",
    about="Feet, base or casters are seen.",
    order=1,
)


@rule(source="geometry", label="boards round the base stand out by", per="carcass.new")
def skirt_past() -> Mm:
    """Nothing stands round the base."""
    return NOTHING
