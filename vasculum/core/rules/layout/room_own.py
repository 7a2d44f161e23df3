"""The room for a box in a cell of its own. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="geometry", per="room.own")
def room_height(cell_height: Mm) -> Mm:
    """A box has the height of its cell."""
    return cell_height


@rule(source="geometry", per="room.own")
def room_from_floor(cell_from_floor: Mm) -> Mm:
    """The room for a box begins with its cell.

    Above the floor of the space.
    """
    return cell_from_floor
