"""The height that a shelf needs for what stands on it. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="common practice", per="content.shelf_row")
def contents_room(contents_size: Mm, headroom: Mm, shelf_thickness: Mm) -> Mm:
    """A row with a shelf is as high as the shelf, what stands on it and the headroom."""
    return shelf_thickness + contents_size + headroom
