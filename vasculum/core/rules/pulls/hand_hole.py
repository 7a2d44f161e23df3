"""A hand-hole through front and box. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, cut, rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.pulls.holed import behind_it

alternative(
    "pull.hand_hole",
    title="Hand-hole",
    about="Cut through front and box: nothing stands out.",
    shares=("holed",),
    order=3,
)


@rule(source="common practice", label="hole for the pull above the front's lower edge", per="pull.hand_hole")
def pull_hole_from_edge(front_height_cut: Mm, hand_hole_height: Mm) -> Mm:
    """A hand-hole stands half-way up the front.

    Its lower edge, above the front's.
    """
    return (front_height_cut - hand_hole_height) / 2


@rule(source="geometry", label="width of the hole for the pull", per="pull.hand_hole")
def pull_hole_width(hand_hole_width: Mm) -> Mm:
    """A hand-hole is as wide as was chosen."""
    return hand_hole_width


@rule(source="geometry", label="height of the hole for the pull", per="pull.hand_hole")
def pull_hole_height(hand_hole_height: Mm) -> Mm:
    """A hand-hole is as high as was chosen."""
    return hand_hole_height


@rule(
    source="geometry", label="height of the hole for the pull in the box front", per=("pull.hand_hole", "front_walled")
)
def pull_hole_in_wall(
    front_from_floor: Mm,
    pull_hole_from_edge: Mm,
    pull_hole_height: Mm,
    walls_from_floor: Mm,
    front_wall_height_cut: Mm,
    pull_hole_from_wall_edge: Mm,
) -> Mm:
    """In the box front the hole is as high as in the front, as far as the box front reaches; past it there is none."""
    upper = front_from_floor + pull_hole_from_edge + pull_hole_height - walls_from_floor
    return behind_it(upper, front_wall_height_cut, pull_hole_from_wall_edge)


cut(
    "hole",
    per="pull.hand_hole",
    into="front",
    title="Hand-hole",
    face="through",
    at="pull_hole_from_edge",
    width="pull_hole_height",
    begins="pull_hole_from_left",
    length="pull_hole_width",
)
cut(
    "hole",
    per=("pull.hand_hole", "front_walled"),
    into="box_front",
    title="Hand-hole",
    face="through",
    at="pull_hole_from_wall_edge",
    width="pull_hole_in_wall",
    begins="pull_hole_from_wall_left",
    length="pull_hole_width",
)
