"""A box that rides on what is below it: no line on its side, a seat above the floor. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="common practice", label="box rides above the floor of its room by", per="seated")
def runner_seat(room_below_box: Mm) -> Mm:
    """The lower edge of the box rides as far above the floor of its room as the runner lifts it.

    Measure the pair in hand: the sheet that came with it comes first.
    """
    return room_below_box
