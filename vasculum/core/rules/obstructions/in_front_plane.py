"""What stands in the plane of a front in the opening: a sill, a baseboard. The front is smaller by it. Exact mm.

An inset front stands a gap from it; the lip of a lipped front laps over it as it does over the case.

Only what begins before the back of the front is in its way; what stands further in is passed by the box alone.
"""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest, taken
from vasculum.core.rules.obstructions.crossing import meet
from vasculum.core.rules.obstructions.free import NOTHING


def reaches(stands_in: Mm, before_face: Mm, begins_from_front: Mm, set_back: Mm | None) -> Mm:
    """How far something reaches into a face that begins so far from where it is measured."""
    if set_back is None or begins_from_front >= set_back:
        return NOTHING
    return largest(NOTHING, stands_in - before_face)


@rule(source="common practice", label="takes from the front on the left", per="crossing.left")
def takes_face_left(
    projection: Mm,
    begins_from_front: Mm,
    clear_stands_in: Mm,
    outer_cell_from_left: Mm,
    outer_face_left_of_cell: Mm,
    outer_cell_from_floor: Mm,
    outer_cell_height: Mm,
    begins_from_floor: Mm,
    stretch_up: Mm | None = None,
    outer_set_back: Mm | None = None,
) -> Mm:
    """What stands in from the left takes what it reaches into the face, where it stands in the plane of the front."""
    if not meet(begins_from_floor, stretch_up, outer_cell_from_floor, outer_cell_height):
        return NOTHING
    before = outer_cell_from_left + clear_stands_in - outer_face_left_of_cell
    return reaches(projection, before, begins_from_front, outer_set_back)


@rule(source="common practice", label="takes from the front on the right", per="crossing.right")
def takes_face_right(
    projection: Mm,
    begins_from_front: Mm,
    clear_stands_in: Mm,
    opening_width: Mm,
    outer_cell_from_left: Mm,
    outer_cell_width: Mm,
    outer_face_right_of_cell: Mm,
    outer_cell_from_floor: Mm,
    outer_cell_height: Mm,
    begins_from_floor: Mm,
    stretch_up: Mm | None = None,
    outer_set_back: Mm | None = None,
) -> Mm:
    """What stands in from the right takes what it reaches into the face, where it stands in the plane of the front."""
    if not meet(begins_from_floor, stretch_up, outer_cell_from_floor, outer_cell_height):
        return NOTHING
    ends = outer_cell_from_left + outer_cell_width + outer_face_right_of_cell
    return reaches(projection, opening_width - clear_stands_in - ends, begins_from_front, outer_set_back)


@rule(source="common practice", label="takes from the front below", per="crossing.below")
def takes_face_below(
    projection: Mm,
    begins_from_front: Mm,
    clear_stands_in: Mm,
    outer_cell_from_left: Mm,
    outer_cell_width: Mm,
    outer_cell_from_floor: Mm,
    begins_from_left: Mm,
    stretch_across: Mm | None = None,
    outer_set_back: Mm | None = None,
) -> Mm:
    """A sill takes what it reaches up into the face, where it stands in the plane of the front."""
    if not meet(begins_from_left - clear_stands_in, stretch_across, outer_cell_from_left, outer_cell_width):
        return NOTHING
    return reaches(projection, outer_cell_from_floor, begins_from_front, outer_set_back)


@rule(source="common practice", label="takes from the front above", per="crossing.above")
def takes_face_above(
    projection: Mm,
    begins_from_front: Mm,
    clear_stands_in: Mm,
    opening_height: Mm,
    outer_cell_from_left: Mm,
    outer_cell_width: Mm,
    outer_cell_from_floor: Mm,
    outer_cell_height: Mm,
    begins_from_left: Mm,
    stretch_across: Mm | None = None,
    outer_set_back: Mm | None = None,
) -> Mm:
    """What hangs from the top takes what it reaches down into the face, where it stands in the plane of the front."""
    if not meet(begins_from_left - clear_stands_in, stretch_across, outer_cell_from_left, outer_cell_width):
        return NOTHING
    over = opening_height - outer_cell_from_floor - outer_cell_height
    return reaches(projection, over, begins_from_front, outer_set_back)


@rule(source="common practice", label="front stands clear on the left by", per=("obstructed.left", "in_the_opening"))
def face_taken_left(each_takes_face_left: tuple[Mm | None, ...]) -> Mm:
    """On the left the front stands clear of what reaches furthest into its face."""
    return largest(NOTHING, *taken(each_takes_face_left))


@rule(source="common practice", label="front stands clear on the right by", per=("obstructed.right", "in_the_opening"))
def face_taken_right(each_takes_face_right: tuple[Mm | None, ...]) -> Mm:
    """On the right the front stands clear of what reaches furthest into its face."""
    return largest(NOTHING, *taken(each_takes_face_right))


@rule(source="common practice", label="front stands clear below by", per=("obstructed.below", "in_the_opening"))
def face_taken_below(each_takes_face_below: tuple[Mm | None, ...]) -> Mm:
    """Below the front stands over the highest sill in its face."""
    return largest(NOTHING, *taken(each_takes_face_below))


@rule(source="common practice", label="front stands clear above by", per=("obstructed.above", "in_the_opening"))
def face_taken_above(each_takes_face_above: tuple[Mm | None, ...]) -> Mm:
    """Above the front stands under what hangs lowest into its face."""
    return largest(NOTHING, *taken(each_takes_face_above))
