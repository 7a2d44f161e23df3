"""The screw of a pull. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import good, rule
from vasculum.core.lengths import Mm


@rule(source="common practice", label="screw of the pull", per="pull_screwed")
def pull_screw_length(front_thickness: Mm, front_wall: Mm, before_box_front: Mm, pull_thread: Mm) -> Mm:
    """The screw of a pull goes through box front and front, over any space between them, and into its thread."""
    return front_wall + before_box_front + front_thickness + pull_thread


good("pull", per="pull_screwed", title="Pull", count="pull_count")
good(
    "screw",
    per="pull_screwed",
    title="Screw for the pull",
    count="pull_count",
    size="pull_screw_length",
    through=("before_box_front", "front_thickness"),
    into=("pull_thread",),
)
good(
    "screw",
    per=("pull_screwed", "front_walled"),
    title="Screw for the pull",
    count="pull_count",
    size="pull_screw_length",
    through=("box_front_thickness", "before_box_front", "front_thickness"),
    into=("pull_thread",),
)
