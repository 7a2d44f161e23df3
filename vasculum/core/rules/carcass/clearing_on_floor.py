"""A case beside something that stands on the floor of its space. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.obstructions.free import NOTHING


@rule(source="common practice", per="case_ends.floor")
def ends_left(begins_from_left: Mm, stretch_across: Mm, niche_width: Mm) -> Mm:
    """What stands on the floor in the left half is left beside the case."""
    is_left = 2 * begins_from_left + stretch_across <= niche_width
    return begins_from_left + stretch_across if is_left else NOTHING


@rule(source="common practice", per="case_ends.floor")
def ends_right(begins_from_left: Mm, stretch_across: Mm, niche_width: Mm) -> Mm:
    """What stands on the floor in the right half is left beside the case."""
    is_left = 2 * begins_from_left + stretch_across <= niche_width
    return NOTHING if is_left else niche_width - begins_from_left
