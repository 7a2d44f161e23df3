"""From the clear space to the cell that one drawer lives in. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="geometry", per="cell.whole")
def cell_width(clear_width: Mm) -> Mm:
    """A cell that has the space to itself is as wide as what is clear."""
    return clear_width


@rule(source="geometry", per="cell.whole")
def cell_height(clear_height: Mm) -> Mm:
    """A cell that has the space to itself is as high as what is clear."""
    return clear_height


@rule(source="geometry", per="cell.whole")
def cell_depth(clear_depth: Mm) -> Mm:
    """A cell that has the space to itself is as deep as what is clear."""
    return clear_depth
