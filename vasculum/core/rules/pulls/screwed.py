"""The screw of a pull. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import good, rule
from vasculum.core.lengths import Mm


@rule(source="common practice", per="pull_screwed")
def pull_screw_length(front_thickness: Mm, front_wall: Mm, lock_stand_off: Mm, pull_thread: Mm) -> Mm:
    """The screw of a pull goes through box front and front, over any stand-off between them, and into its thread."""
    return front_wall + lock_stand_off + front_thickness + pull_thread


good("pull", per="pull_screwed", title="Pull", count="pull_count")
good(
    "screw",
    per="pull_screwed",
    title="Screw for the pull",
    count="pull_count",
    size="pull_screw_length",
    through=("lock_stand_off", "front_thickness"),
    into=("pull_thread",),
)
good(
    "screw",
    per=("pull_screwed", "front_walled"),
    title="Screw for the pull",
    count="pull_count",
    size="pull_screw_length",
    through=("box_front_thickness", "lock_stand_off", "front_thickness"),
    into=("pull_thread",),
)
