"""Where the dowels of a divider stand along its ends. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="common practice", per=("divided.board", "divider_held.dowels"))
def divider_fixings(dowel_places: tuple[Mm, ...]) -> tuple[Mm, ...]:
    """Dowels stand along each end, told from the divider's front edge."""
    return dowel_places
