"""An inside that was measured: its governing sizes. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import taken


@rule(source="common practice", per="inside_width.read")
def opening_width(each_case_width: tuple[Mm | None, ...]) -> Mm:
    """Without a frame the opening is as wide as the inside."""
    return taken(each_case_width)[0]


@rule(source="common practice", per="inside_height.read")
def opening_height(each_case_height: tuple[Mm | None, ...]) -> Mm:
    """Without a frame the opening is as high as the inside."""
    return taken(each_case_height)[0]


@rule(source="common practice", per="inside_depth.read")
def depth_inside(each_case_depth: tuple[Mm | None, ...]) -> Mm:
    """Inside it is as deep as was measured, to the nearest thing behind."""
    return taken(each_case_depth)[0]
