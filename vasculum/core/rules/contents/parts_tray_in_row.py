"""The height that a thin tray needs for its heap of parts. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import snap_up


@rule(source="common practice", per="content.parts_tray_row")
def contents_room(contents_size: Mm, parts_thickness: Mm, parts_between: Mm, parts_start: Mm, increment: Mm) -> Mm:
    """A row is as high as the heap in its tray, the base, what stays between fronts, and start strips."""
    return snap_up(contents_size + parts_thickness, increment) + parts_between + parts_start
