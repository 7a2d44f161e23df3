"""The hole in a face frame. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import taken


@rule(source="common practice", per="space.framed")
def opening_width(each_frame_width: tuple[Mm | None, ...]) -> Mm:
    """The opening is as wide as the face frame leaves."""
    return taken(each_frame_width)[0]


@rule(source="common practice", per="space.framed")
def opening_height(each_frame_height: tuple[Mm | None, ...]) -> Mm:
    """The opening is as high as the face frame leaves."""
    return taken(each_frame_height)[0]
