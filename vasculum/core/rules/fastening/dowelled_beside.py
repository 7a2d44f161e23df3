"""Dowels of every other row or column: midway between those from the other side of the board. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.fastening.sold import places_along, places_between


@rule(source="common practice", per=("divider_held.dowels", "staggered"))
def dowel_places(divider_depth_cut: Mm, dowel_margin: Mm, dowel_pitch: Mm, increment: Mm) -> tuple[Mm, ...]:
    """Midway between the dowels of the neighbour beyond the board; two at thirds where that has two."""
    return places_between(places_along(divider_depth_cut, dowel_margin, dowel_pitch, increment, 2), increment)
