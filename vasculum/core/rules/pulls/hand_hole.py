"""A hand-hole through front and box. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, cut, rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest, smallest
from vasculum.core.rules.obstructions.free import NOTHING

alternative(
    "pull.hand_hole",
    title="Hand-hole",
    about="Cut through front and box: nothing stands out.",
    order=3,
)


@rule(source="common practice", label="hand-hole above the front's lower edge", per="pull.hand_hole")
def hand_hole_from_edge(front_height_cut: Mm, hand_hole_height: Mm) -> Mm:
    """A hand-hole stands half-way up the front.

    Its lower edge, above the front's.
    """
    return (front_height_cut - hand_hole_height) / 2


@rule(source="common practice", label="hand-hole, from the front's left edge", per="pull.hand_hole")
def hand_hole_from_left(front_width_cut: Mm, hand_hole_width: Mm) -> Mm:
    """A hand-hole stands in the middle of the front.

    Its left end, from the front's.
    """
    return (front_width_cut - hand_hole_width) / 2


cut(
    "hole",
    per="pull.hand_hole",
    into="front",
    title="Hand-hole",
    face="through",
    at="hand_hole_from_edge",
    width="hand_hole_height",
    begins="hand_hole_from_left",
    length="hand_hole_width",
)


@rule(source="geometry", label="hand-hole above the box front's lower edge", per=("pull.hand_hole", "front_walled"))
def hand_hole_from_wall_edge(front_from_floor: Mm, hand_hole_from_edge: Mm, walls_from_floor: Mm) -> Mm:
    """In the box front the hole is where it is in the front, or begins at its lower edge.

    Its lower edge, above the box front's.
    """
    return largest(front_from_floor + hand_hole_from_edge - walls_from_floor, NOTHING)


@rule(source="geometry", label="hand-hole height in the box front", per=("pull.hand_hole", "front_walled"))
def hand_hole_in_wall(
    front_from_floor: Mm,
    hand_hole_from_edge: Mm,
    hand_hole_height: Mm,
    walls_from_floor: Mm,
    front_wall_height_cut: Mm,
    hand_hole_from_wall_edge: Mm,
) -> Mm:
    """In the box front the hole is as high as in the front, as far as the box front reaches; past it there is none."""
    ends = smallest(front_from_floor + hand_hole_from_edge + hand_hole_height - walls_from_floor, front_wall_height_cut)
    return largest(ends - hand_hole_from_wall_edge, NOTHING)


@rule(source="geometry", label="hand-hole, from the box front's left end", per=("pull.hand_hole", "front_walled"))
def hand_hole_from_wall_left(
    front_from_left: Mm, hand_hole_from_left: Mm, box_from_left: Mm, outside_width: Mm, box_front_length_cut: Mm
) -> Mm:
    """The hole in the box front is behind that in the front.

    Its left end, from the box front's, which is in the middle of the box.
    """
    return front_from_left + hand_hole_from_left - box_from_left - (outside_width - box_front_length_cut) / 2


cut(
    "hole",
    per=("pull.hand_hole", "front_walled"),
    into="box_front",
    title="Hand-hole",
    face="through",
    at="hand_hole_from_wall_edge",
    width="hand_hole_in_wall",
    begins="hand_hole_from_wall_left",
    length="hand_hole_width",
)
