"""What leans into the plane of an inset front: a wall out of plumb. The front is smaller by it. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.obstructions.in_front_plane import reaches


@rule(source="common practice", per="leaning.left")
def takes_face_left(
    stands_in: Mm,
    begins_from_front: Mm,
    clear_stands_in: Mm,
    outer_cell_from_left: Mm,
    outer_face_left_of_cell: Mm,
    outer_set_back: Mm | None = None,
) -> Mm:
    """What leans in from the left takes what it reaches into the face, where it stands in the plane of the front."""
    before = outer_cell_from_left + clear_stands_in - outer_face_left_of_cell
    return reaches(stands_in, before, begins_from_front, outer_set_back)


@rule(source="common practice", per="leaning.right")
def takes_face_right(
    stands_in: Mm,
    begins_from_front: Mm,
    clear_stands_in: Mm,
    opening_width: Mm,
    outer_cell_from_left: Mm,
    outer_cell_width: Mm,
    outer_face_right_of_cell: Mm,
    outer_set_back: Mm | None = None,
) -> Mm:
    """What leans in from the right takes what it reaches into the face, where it stands in the plane of the front."""
    ends = outer_cell_from_left + outer_cell_width + outer_face_right_of_cell
    return reaches(stands_in, opening_width - clear_stands_in - ends, begins_from_front, outer_set_back)
