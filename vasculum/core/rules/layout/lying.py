"""A divider that lies between rows. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import snap_down


@rule(source="common practice", per="lying.board")
def divider_length_cut(cell_width: Mm, increment: Mm) -> Mm:
    """A lying divider is as long as the cell is wide, down to the shop's increment."""
    return snap_down(cell_width, increment)
