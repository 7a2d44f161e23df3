"""A divider that lies between rows. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="common practice", per="lying.board")
def divider_length(cell_width: Mm, reaches_left: Mm, reaches_right: Mm, divider_housed: Mm, divider_play: Mm) -> Mm:
    """A lying divider is as long as the cell is wide, with what it goes on and is housed at both ends, less play."""
    return cell_width + reaches_left + reaches_right + 2 * divider_housed - 2 * divider_play


@rule(source="geometry", per="lying.board")
def divider_begins(reaches_left: Mm, divider_housed: Mm, divider_play: Mm) -> Mm:
    """A lying divider begins past its play on the left, or in what it is housed in; less than nothing then."""
    return divider_play - divider_housed - reaches_left
