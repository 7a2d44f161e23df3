"""The room for a box in a column of overlay fronts: its front without what laps over the case. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.obstructions.free import NOTHING


@rule(source="common practice", label="height of the room for the box", per="room.lapped")
def room_height(
    front_height_cut: Mm,
    gap_above: Mm,
    gap_below: Mm,
    taken_below: Mm = NOTHING,
    taken_above: Mm = NOTHING,
    face_taken_below: Mm = NOTHING,
    face_taken_above: Mm = NOTHING,
) -> Mm:
    """In a column of fronts that lap a box has the height of its front without the laps, less what stands in its way.

    What stands in the plane of the front has shortened the front already.
    """
    face_height = front_height_cut + gap_above + gap_below + face_taken_below + face_taken_above
    return face_height - taken_below - taken_above


@rule(source="common practice", label="room for the box, above the floor", per="room.lapped")
def room_from_floor(
    front_from_floor: Mm, gap_below: Mm, taken_below: Mm = NOTHING, face_taken_below: Mm = NOTHING
) -> Mm:
    """In a column of overlay fronts the room for a box begins where the front's gap or lap ends.

    Above the floor of the space.
    """
    return front_from_floor - gap_below - face_taken_below + taken_below
