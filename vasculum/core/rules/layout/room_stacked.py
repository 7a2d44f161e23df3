"""The room for a box in a column of fronts without rails: it follows the front, so equal fronts get equal boxes."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.obstructions.free import NOTHING


@rule(source="common practice", per="room.stacked")
def room_height(
    front_height_cut: Mm,
    gap: Mm,
    taken_below: Mm = NOTHING,
    taken_above: Mm = NOTHING,
    face_taken_below: Mm = NOTHING,
    face_taken_above: Mm = NOTHING,
) -> Mm:
    """In a column without rails a box has the height of its front and one gap, less what stands in its way."""
    return front_height_cut + face_taken_below + face_taken_above + gap - taken_below - taken_above


@rule(source="common practice", per="room.stacked")
def room_from_floor(front_from_floor: Mm, gap: Mm, taken_below: Mm = NOTHING, face_taken_below: Mm = NOTHING) -> Mm:
    """In a column without rails the room for a box begins half a gap below its front.

    Above the floor of the space.
    """
    return front_from_floor - face_taken_below - gap / 2 + taken_below
