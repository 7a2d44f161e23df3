"""The room of a cell that nothing is built into: an open bay, a false front, a blocked cell, a split. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="common practice", label="room of the contents", per="content.bay")
def contents_room(contents_size: Mm) -> Mm:
    """An open cell is as large as what stands in it."""
    return contents_size
