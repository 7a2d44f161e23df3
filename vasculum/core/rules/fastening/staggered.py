"""Fasteners of dividers on both sides of one board do not meet in it. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="common practice", per=("divided.board", "staggered"))
def fixings_further_back(fixings_apart: Mm) -> Mm:
    """In every other row or column fasteners stand further back, clear of those from the other side of a board."""
    return fixings_apart
