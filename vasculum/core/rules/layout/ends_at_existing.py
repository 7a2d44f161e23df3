"""A divider that ends at a cabinet that exists: its low end is the lower or the left one. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(
    source="from memory",
    label="thickness of what the divider's low end meets",
    per=("divided.board", "low_end.existing"),
)
def low_end_host(divider_thickness: Mm, standing_wall: Mm | None = None) -> Mm:
    """A wall that exists is as thick as it was measured; until then it is taken to be as thick as the divider."""
    return divider_thickness if standing_wall is None else standing_wall


@rule(
    source="from memory",
    label="thickness of what the divider's high end meets",
    per=("divided.board", "high_end.existing"),
)
def high_end_host(divider_thickness: Mm, standing_wall: Mm | None = None) -> Mm:
    """A wall that exists is as thick as it was measured; until then it is taken to be as thick as the divider."""
    return divider_thickness if standing_wall is None else standing_wall
