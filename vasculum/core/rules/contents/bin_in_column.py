"""The width of a column for a bought bin. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="common practice", per="content.bin_column")
def contents_room(bin_room_width: Mm) -> Mm:
    """A column with a bin is as wide as the bin needs."""
    return bin_room_width
