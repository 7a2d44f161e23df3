"""Boards round the base of a case, and fronts that come down before them."""

from __future__ import annotations

from vasculum.core.catalogue import check
from vasculum.core.flow import Finding
from vasculum.core.lengths import Mm


@check(source="geometry", per=("over_skirt", "lapping"), when=("base_height",))
def fronts_end_over_the_skirt(gap_below: Mm) -> Finding | None:
    """Boards round the base reach up to the floor of the inside: a front that laps over the bottom meets them."""
    if gap_below >= 0:
        return None
    return Finding(
        "front-meets-skirt",
        "stop",
        "The front laps {lap} over the bottom, and meets the boards round the base.",
        "Let fronts end inside the opening below, or let them be inset.",
        {"lap": -gap_below},
        ("gap_below", "front_edge_below"),
    )
