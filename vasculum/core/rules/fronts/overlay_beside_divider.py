"""An overlay front beside a divider, or over and under a rail, that it shares with a neighbour. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="common practice", label="front laps over on the left by", per="lap_left.divider")
def lap_left(shared_lap: Mm) -> Mm:
    """On the left the front laps over its half of the divider."""
    return shared_lap


@rule(source="common practice", label="front laps over on the right by", per="lap_right.divider")
def lap_right(shared_lap: Mm) -> Mm:
    """On the right the front laps over its half of the divider."""
    return shared_lap


@rule(source="common practice", label="gap above the front", per="above.lap_divider")
def gap_above(shared_lap: Mm) -> Mm:
    """Above, the front laps over its half of the rail: its gap is less than nothing."""
    return -shared_lap


@rule(source="common practice", label="gap below the front", per="below.lap_divider")
def gap_below(shared_lap: Mm) -> Mm:
    """Below, the front laps over its half of the rail: its gap is less than nothing."""
    return -shared_lap
