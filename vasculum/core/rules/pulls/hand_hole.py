"""A hand-hole through front and box. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, cut, rule
from vasculum.core.lengths import Mm

alternative(
    "pull.hand_hole",
    title="Hand-hole",
    about="Cut through front and box: nothing stands out.",
    order=3,
)


@rule(source="common practice", per="pull.hand_hole")
def hand_hole_from_edge(front_height_cut: Mm, hand_hole_height: Mm) -> Mm:
    """A hand-hole stands half-way up the front.

    Its lower edge, above the front's.
    """
    return (front_height_cut - hand_hole_height) / 2


@rule(source="common practice", per="pull.hand_hole")
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
