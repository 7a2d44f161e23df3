"""Pulls whose screws go through box front and front. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, good, rule
from vasculum.core.lengths import Mm

alternative(
    "pull_held.box",
    title="Through box and front",
    about="From inside the box, once the front hangs.",
    order=1,
)


@rule(source="common practice", label="stack before the pull", per=("pull_screwed", "pull_held.box"))
def pull_passed(front_thickness: Mm, front_wall: Mm, before_box_front: Mm) -> Mm:
    """The screw of a pull goes through box front and front, over any space between them."""
    return front_wall + before_box_front + front_thickness


good(
    "screw",
    per=("pull_screwed", "pull_held.box"),
    title="Screw for the pull",
    count="pull_screws",
    size="pull_screw_length",
    through=("before_box_front", "front_thickness"),
    into=("pull_thread",),
)
good(
    "screw",
    per=("pull_screwed", "pull_held.box", "front_walled"),
    title="Screw for the pull",
    count="pull_screws",
    size="pull_screw_length",
    through=("box_front_thickness", "before_box_front", "front_thickness"),
    into=("pull_thread",),
)
