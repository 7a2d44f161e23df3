"""An overlay front beside and under the case itself. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="common practice", per="lap_left.end")
def lap_left(end_lap: Mm) -> Mm:
    """On the left the front laps over the end panel."""
    return end_lap


@rule(source="common practice", per="lap_right.end")
def lap_right(end_lap: Mm) -> Mm:
    """On the right the front laps over the end panel."""
    return end_lap


@rule(source="common practice", per="above.lap_end")
def gap_above(end_lap: Mm) -> Mm:
    """Above, the front laps over the case: its gap is less than nothing."""
    return -end_lap


@rule(source="common practice", per="below.lap_end")
def gap_below(end_lap: Mm) -> Mm:
    """Below, the front laps over the case: its gap is less than nothing."""
    return -end_lap
