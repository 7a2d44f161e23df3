"""A row of a column of inset fronts, as large as what goes in needs. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import snap_up
from vasculum.core.rules.obstructions.free import NOTHING


@rule(source="common practice", per="sizing.contents_stacked")
def fixed_part(
    contents_room: Mm,
    gap: Mm,
    gap_above: Mm,
    gap_below: Mm,
    increment: Mm,
    edge_allowance: Mm = NOTHING,
    room_on_floor: Mm = NOTHING,
) -> Mm:
    """In a column of fronts the box has its front and one gap: the front is as high as leaves what goes in its room.

    And the pull on its edge; in the lowest row over what stands on the floor.
    """
    return snap_up(contents_room + room_on_floor - gap, increment) + gap_above + gap_below + edge_allowance


@rule(source="geometry", per="sizing.contents_stacked", unit="ratio")
def weight() -> Mm:
    """A row sized by its contents takes no share of what is left."""
    return Mm(0)
