"""The screw of a pull. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="common practice", per="pull_screwed")
def pull_screw_length(front_thickness: Mm, front_wall: Mm, lock_stand_off: Mm, pull_thread: Mm) -> Mm:
    """The screw of a pull goes through box front and front, over any stand-off between them, and into its thread."""
    return front_wall + lock_stand_off + front_thickness + pull_thread
