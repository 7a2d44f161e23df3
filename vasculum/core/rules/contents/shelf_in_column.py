"""The width that a shelf needs for what stands on it. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="common practice", per="content.shelf_column")
def contents_room(contents_size: Mm) -> Mm:
    """A column with a shelf is as wide as what stands on it."""
    return contents_size
