"""A divider that lies between rows. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="common practice", per="lying.board")
def divider_length(cell_width: Mm, divider_housed: Mm, divider_play: Mm) -> Mm:
    """A lying divider is as long as the cell is wide and what is housed at both ends, less play at both."""
    return cell_width + 2 * divider_housed - 2 * divider_play


@rule(source="geometry", per="lying.board")
def divider_begins(divider_housed: Mm, divider_play: Mm) -> Mm:
    """A lying divider begins past its play on the left, or in what it is housed in; less than nothing then."""
    return divider_play - divider_housed
