"""Pulls that are screwed to the front before it is hung. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, cut, good, rule
from vasculum.core.lengths import Mm

alternative(
    "pull_held.front",
    title="To the front alone",
    about="Screwed on from behind, before the front is hung.",
    order=2,
)


@rule(source="common practice", per=("pull_screwed", "pull_held.front"))
def pull_passed(front_thickness: Mm) -> Mm:
    """The screw of a pull goes through the front alone."""
    return front_thickness


good(
    "screw",
    per=("pull_screwed", "pull_held.front"),
    title="Screw for the pull",
    count="pull_screws",
    size="pull_screw_length",
    through=("front_thickness",),
    into=("pull_thread",),
)
cut(
    "holes",
    per=("pull_screwed", "pull_held.front"),
    into="front",
    title="Holes for the pull",
    face="through",
    at="pull_up",
    holes="pull_holes_from_left",
    holes_from="left",
)
cut(
    "holes",
    per=("pull_screwed", "pull_held.front"),
    into="front",
    title="Counterbore for the pull's screws",
    at="pull_up",
    depth="pull_counterbore",
    holes="pull_holes_from_left",
    holes_from="left",
)
