"""Partial overlay: the front laps over all sides by as much, and the case shows around it. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, rule
from vasculum.core.lengths import Mm

alternative(
    "front.partial",
    title="Partial overlay",
    about="Laps over the case by as much on all sides; the case shows around it.",
    shares=("lapping", "edge_by_edge"),
    order=3,
)


@rule(source="common practice", per="front.partial")
def end_lap(partial_lap: Mm) -> Mm:
    """At an end panel a partial overlay laps by what was chosen."""
    return partial_lap


@rule(source="common practice", per="front.partial")
def shared_lap(partial_lap: Mm) -> Mm:
    """At a partition a partial overlay laps by as much as elsewhere."""
    return partial_lap


@rule(source="common practice", per="front.partial")
def set_back() -> Mm:
    """A partial overlay stands before the case, so runners begin at the front face."""
    return Mm(0)
