"""The height of a row for a bought bin. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="common practice", per="content.bin_row")
def contents_room(bin_room_height: Mm) -> Mm:
    """A row with a bin is as high as the bin needs."""
    return bin_room_height
