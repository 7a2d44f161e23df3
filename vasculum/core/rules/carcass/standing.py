"""How high a new case stands. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.obstructions.free import NOTHING


@rule(source="geometry", label="height that it stands", per="carcass.new")
def standing_height(
    case_outside_height: Mm, top_over: Mm, caster_height: Mm = NOTHING, base_height: Mm = NOTHING
) -> Mm:
    """From the floor it stands as high as casters, base, case with its plinth, and the top on it."""
    return caster_height + base_height + case_outside_height + top_over
