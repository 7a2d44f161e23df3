"""Where the screws of an angle stand under a divider. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.fastening.angles import angle_holes


@rule(source="common practice", per=("divided.board", "divider_held.angles"))
def divider_fixings(
    angle_short_front: Mm,
    fixings_further_back: Mm,
    angle_length: Mm,
    angle_wall_screws: Mm,
    increment: Mm,
) -> tuple[Mm, ...]:
    """The screws into the wall stand evenly along the angle, told from the divider's front edge."""
    return angle_holes(angle_short_front + fixings_further_back, angle_length, angle_wall_screws, increment)
