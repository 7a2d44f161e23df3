"""The space around a case that is built into it: its walls, and the room that stays.

Exact mm, from where the clear inside begins.
"""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import taken
from vasculum.core.rules.obstructions.free import NOTHING


@rule(source="common practice", per=("space", "niche.width"))
def niche_width(each_space_width: tuple[Mm | None, ...]) -> Mm:
    """The space around a case is as wide as its narrowest reading."""
    return taken(each_space_width)[0]


@rule(source="common practice", per=("space", "niche.height"))
def niche_height(each_space_height: tuple[Mm | None, ...]) -> Mm:
    """The space around a case is as high as its lowest reading."""
    return taken(each_space_height)[0]


@rule(source="common practice", per=("space", "niche.depth"))
def niche_depth(each_space_depth: tuple[Mm | None, ...]) -> Mm:
    """The space around a case is as deep as its shallowest reading."""
    return taken(each_space_depth)[0]


@rule(source="geometry", label="room beside the case, one side", per="niche.width")
def room_beside_case(
    niche_width: Mm, case_outside_width: Mm, case_past_sides: Mm, lost_on_left: Mm, lost_on_right: Mm
) -> Mm:
    """Beside the case, or a top that stands past it, stays half of what they and things in the way leave."""
    return (niche_width - case_outside_width - 2 * case_past_sides - lost_on_left - lost_on_right) / 2


@rule(source="geometry", label="room above the case", per="niche.height")
def room_above_case(niche_height: Mm, standing_height: Mm, lost_above: Mm, lost_below: Mm) -> Mm:
    """Above the case stays what it and things in the way leave of the height."""
    return niche_height - standing_height - lost_above - lost_below


@rule(source="geometry", label="room behind the case", per="niche.depth")
def room_behind_case(niche_depth: Mm, case_whole_depth: Mm, lost_behind: Mm) -> Mm:
    """Behind the case stays what it, its fronts and things in the way leave of the depth."""
    return niche_depth - case_whole_depth - lost_behind


@rule(source="geometry", per=("space", "niche.width"))
def niche_from_left(case_from_left: Mm, case_past_sides: Mm, room_beside_case: Mm, lost_on_left: Mm) -> Mm:
    """The case stands in the middle of what is left of the width."""
    return case_from_left - case_past_sides - room_beside_case - lost_on_left


@rule(source="geometry", per=("space", "niche.height"))
def niche_from_floor(
    case_bottom_taken: Mm, plinth: Mm, lost_below: Mm, caster_height: Mm = NOTHING, base_height: Mm = NOTHING
) -> Mm:
    """The case stands on the floor of the space, or above what it is set over."""
    return -(case_bottom_taken + plinth + caster_height + base_height + lost_below)


@rule(source="geometry", per=("space", "niche.depth"))
def niche_from_front(case_forward: Mm) -> Mm:
    """What stands furthest forward of the case is flush with the front of the space."""
    return -case_forward
