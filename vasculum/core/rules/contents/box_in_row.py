"""The height that a box needs for its contents. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import snap_up
from vasculum.core.rules.obstructions.free import NOTHING


@rule(source="common practice", per="content.box_row")
def contents_room(
    contents_size: Mm,
    headroom: Mm,
    bottom_loss: Mm,
    play_above: Mm,
    play_below: Mm,
    increment: Mm,
    mat_thickness: Mm = NOTHING,
) -> Mm:
    """A row is as high as contents and headroom, what bottom and mat take, and the play above and below the box."""
    inside = snap_up(contents_size + headroom, increment)
    return snap_up(inside + mat_thickness + bottom_loss, increment) + play_above + play_below
