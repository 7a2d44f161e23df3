"""Where the screws of a divider stand along its ends. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.fastening.sold import places_along, shifted


@rule(
    source="common practice",
    label="fasteners along each end of the dividers, from their front",
    per=("divided.board", "divider_held.screws"),
)
def divider_fixings(
    divider_depth_cut: Mm, joint_screw_margin: Mm, fixings_further_back: Mm, joint_screw_pitch: Mm, increment: Mm
) -> tuple[Mm, ...]:
    """Screws stand along each end, two at least, told from the divider's front edge."""
    return shifted(
        places_along(divider_depth_cut, joint_screw_margin, joint_screw_pitch, increment, 2), fixings_further_back
    )
