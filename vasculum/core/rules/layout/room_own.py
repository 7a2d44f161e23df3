"""The room for a box in a cell of its own. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.obstructions.free import NOTHING


@rule(source="geometry", per="room.own")
def room_height(cell_height: Mm, taken_below: Mm = NOTHING, taken_above: Mm = NOTHING) -> Mm:
    """A box has the height of its cell, less what stands in its way below and above."""
    return cell_height - taken_below - taken_above


@rule(source="geometry", per="room.own")
def room_from_floor(cell_from_floor: Mm, taken_below: Mm = NOTHING) -> Mm:
    """The room for a box begins with its cell, or above what stands on the floor.

    Above the floor of the space.
    """
    return cell_from_floor + taken_below
