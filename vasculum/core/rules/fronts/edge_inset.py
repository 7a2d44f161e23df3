"""A lapping front that ends inside the opening at one edge of the case: the board there shows, or runs on under it.

Exact mm.
"""

from __future__ import annotations

from vasculum.core.catalogue import alternative, rule
from vasculum.core.lengths import Mm

alternative(
    "front_edge.inset",
    title="Inside the opening",
    about="Ends a gap before the board there, which shows, or runs on under the front.",
    order=2,
)


@rule(source="common practice", per="lap_left.inset")
def lap_left(gap: Mm) -> Mm:
    """On the left the front ends a gap inside the opening: it laps by less than nothing."""
    return -gap


@rule(source="common practice", per="lap_right.inset")
def lap_right(gap: Mm) -> Mm:
    """On the right the front ends a gap inside the opening: it laps by less than nothing."""
    return -gap
