"""Where the pocket screws of a divider stand along its ends. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.fastening.sold import places_along, shifted


@rule(source="common practice", per=("divided.board", "divider_held.pocket"))
def divider_fixings(
    divider_depth_cut: Mm, pocket_margin: Mm, fixings_further_back: Mm, pocket_pitch: Mm, increment: Mm
) -> tuple[Mm, ...]:
    """Pocket screws stand along each end, two at least, told from the divider's front edge."""
    return shifted(places_along(divider_depth_cut, pocket_margin, pocket_pitch, increment, 2), fixings_further_back)
