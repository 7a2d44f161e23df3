"""What is cut through the front for a hand or a handle, and behind it through the box front. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest, smallest
from vasculum.core.rules.obstructions.free import NOTHING


@rule(source="common practice", label="hole for the pull, from the front's left edge", per="holed")
def pull_hole_from_left(front_width_cut: Mm, pull_hole_width: Mm) -> Mm:
    """The hole stands in the middle of the front.

    Its left end, from the front's.
    """
    return (front_width_cut - pull_hole_width) / 2


@rule(source="geometry", label="hole for the pull above the box front's lower edge", per=("holed", "front_walled"))
def pull_hole_from_wall_edge(front_from_floor: Mm, pull_hole_from_edge: Mm, walls_from_floor: Mm) -> Mm:
    """In the box front the hole is where it is in the front, or begins at its lower edge.

    Its lower edge, above the box front's.
    """
    return largest(front_from_floor + pull_hole_from_edge - walls_from_floor, NOTHING)


def behind_it(upper: Mm, front_wall_height_cut: Mm, pull_hole_from_wall_edge: Mm) -> Mm:
    """How high the hole behind one is whose upper edge stands at ``upper``, as far as the box front reaches."""
    return largest(smallest(upper, front_wall_height_cut) - pull_hole_from_wall_edge, NOTHING)


@rule(source="geometry", label="hole for the pull, from the box front's left end", per=("holed", "front_walled"))
def pull_hole_from_wall_left(
    front_from_left: Mm, pull_hole_from_left: Mm, box_from_left: Mm, outside_width: Mm, box_front_length_cut: Mm
) -> Mm:
    """The hole in the box front is behind that in the front.

    Its left end, from the box front's, which is in the middle of the box.
    """
    return front_from_left + pull_hole_from_left - box_from_left - (outside_width - box_front_length_cut) / 2
