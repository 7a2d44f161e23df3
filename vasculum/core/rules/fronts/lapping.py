"""Every front that laps over what surrounds its cell: width, and where it stands. Exact mm.

How far it laps is told by its own kind; what snapping leaves is spread.
"""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.obstructions.free import NOTHING


@rule(source="common practice", per="lapping")
def front_width(
    face_width: Mm, lap_left: Mm, lap_right: Mm, face_taken_left: Mm = NOTHING, face_taken_right: Mm = NOTHING
) -> Mm:
    """A front that laps is the width of its face in the opening and both laps, less what stands in its plane."""
    return face_width - face_taken_left - face_taken_right + lap_left + lap_right


@rule(source="geometry", per="lapping")
def front_from_left(
    cell_from_left: Mm,
    face_left_of_cell: Mm,
    lap_left: Mm,
    front_width: Mm,
    front_width_cut: Mm,
    face_taken_left: Mm = NOTHING,
) -> Mm:
    """The front's left edge stands outside its face, or what stands in it, by the lap, less half of what snapping left.

    From the clear left of the space.
    """
    return cell_from_left - face_left_of_cell + face_taken_left - lap_left + (front_width - front_width_cut) / 2


@rule(source="geometry", per=("faced", "lapping"))
def opening_by_front(
    front_width_cut: Mm, lap_left: Mm, lap_right: Mm, face_taken_left: Mm = NOTHING, face_taken_right: Mm = NOTHING
) -> Mm:
    """By the front, the opening is the cut front less both laps, and what stands in its plane."""
    return front_width_cut - lap_left - lap_right + face_taken_left + face_taken_right
