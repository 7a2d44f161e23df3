"""What the boards of a new case take of its outside, along each axis. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.obstructions.free import NOTHING


@rule(source="geometry", label="boards of the case across", per="carcass.new")
def boards_across(case_side_thickness: Mm, case_past_sides: Mm) -> Mm:
    """Across, both sides, and what stands past them, are between the outside and the inside."""
    return 2 * (case_side_thickness + case_past_sides)


@rule(source="geometry", label="boards of the case over each other", per="carcass.new")
def boards_up(
    case_bottom_taken: Mm,
    case_top_taken: Mm,
    plinth: Mm,
    top_over: Mm,
    caster_height: Mm = NOTHING,
    base_height: Mm = NOTHING,
) -> Mm:
    """Upwards, casters, base, plinth, bottom, top, and a top laid on it stand between the outside and the inside."""
    return caster_height + base_height + plinth + case_bottom_taken + case_top_taken + top_over


@rule(source="geometry", label="back and fronts of the case behind each other", per="carcass.new")
def boards_deep(case_forward: Mm, back_behind: Mm) -> Mm:
    """In depth, what stands before the case and the back behind it are between the outside and the inside."""
    return case_forward + back_behind
