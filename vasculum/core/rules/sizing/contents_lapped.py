"""A row of a column of overlay fronts, as large as what goes in needs. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import snap_up
from vasculum.core.rules.obstructions.free import NOTHING


@rule(source="common practice", per="sizing.contents_lapped")
def fixed_part(
    contents_room: Mm,
    gap_above: Mm,
    gap_below: Mm,
    increment: Mm,
    edge_allowance: Mm = NOTHING,
    room_on_floor: Mm = NOTHING,
) -> Mm:
    """In a column of overlay fronts the box has its front without the laps: the front leaves what goes in its room.

    And the pull on its edge; in the lowest row over what stands on the floor.
    """
    needs = contents_room + room_on_floor
    return snap_up(needs - gap_above - gap_below, increment) + gap_above + gap_below + edge_allowance


@rule(source="geometry", per="sizing.contents_lapped", unit="ratio")
def weight() -> Mm:
    """A row sized by its contents takes no share of what is left."""
    return Mm(0)
