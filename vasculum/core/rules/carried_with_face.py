"""What is carried in of a box whose face is its own front: both together. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest, smallest


@rule(source="geometry", per="drawer")
def carried_width(outside_width: Mm, front_width_cut: Mm, box_back_length_cut: Mm) -> Mm:
    """With its face a box is carried in as wide as the wider of both."""
    return largest(outside_width, front_width_cut, box_back_length_cut)


@rule(source="geometry", per="drawer")
def carried_height(
    room_from_floor: Mm, room_below_box: Mm, outside_height: Mm, front_from_floor: Mm, front_height_cut: Mm
) -> Mm:
    """With its face a box is carried in as high as from the lower of both lower edges to the higher of both upper."""
    low = room_from_floor + room_below_box
    top = largest(low + outside_height, front_from_floor + front_height_cut)
    return top - smallest(low, front_from_floor)


@rule(source="geometry", per="drawer")
def carried_depth(outside_depth: Mm, front_thickness: Mm) -> Mm:
    """With its face a box is carried in deeper by the face."""
    return outside_depth + front_thickness
