"""Bottom between the walls, flush with their lower edges: pocket screws or glue. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="common practice", per="bottom.between")
def bottom_width(inside_width: Mm) -> Mm:
    """The bottom stands between the sides.

    Left to right.
    """
    return inside_width


@rule(source="common practice", per="bottom.between")
def bottom_depth(inside_depth: Mm) -> Mm:
    """The bottom stands between front and back.

    Front to back.
    """
    return inside_depth
