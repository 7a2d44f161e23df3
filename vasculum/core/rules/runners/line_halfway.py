"""A runner line half-way up the box. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import snap_down


@rule(source="common practice", per="line.halfway")
def runner_line(room_below_box: Mm, outside_height: Mm, increment: Mm, wanted_runner_line: Mm | None = None) -> Mm:
    """The runner line is half-way up the box, down to the shop's increment, or where it was chosen.

    Above the cell's floor, to the centre of the runner.
    """
    if wanted_runner_line is not None:
        return wanted_runner_line
    return snap_down(room_below_box + outside_height / 2, increment)
