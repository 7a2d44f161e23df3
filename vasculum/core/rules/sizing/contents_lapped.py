"""A row of a column of overlay fronts, as large as what goes in needs. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import snap_up


@rule(source="common practice", per="sizing.contents_lapped")
def fixed_part(contents_room: Mm, gap_above: Mm, gap_below: Mm, increment: Mm) -> Mm:
    """In a column of overlay fronts the box has its front without the laps: the front leaves what goes in its room."""
    return snap_up(contents_room - gap_above - gap_below, increment) + gap_above + gap_below


@rule(source="geometry", per="sizing.contents_lapped", unit="ratio")
def weight() -> Mm:
    """A row sized by its contents takes no share of what is left."""
    return Mm(0)
