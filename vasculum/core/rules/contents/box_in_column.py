"""The width that a box needs for its contents. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import snap_up


@rule(source="common practice", per="content.box_column")
def contents_room(contents_size: Mm, side_thickness: Mm, runner_width_loss: Mm, increment: Mm) -> Mm:
    """A column is as wide as its contents, both sides of the box, and what the runners take."""
    inside = snap_up(contents_size, increment)
    return snap_up(inside + 2 * side_thickness, increment) + runner_width_loss
