"""An inside that does not exist yet: what goes in says how large it becomes. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import taken


@rule(source="common practice", label="opening width", per="inside_width.by_layout")
def opening_width(each_wanted_across: tuple[Mm | None, ...]) -> Mm:
    """A case that is built around its layout is as wide inside as that wants."""
    return taken(each_wanted_across)[0]


@rule(source="common practice", label="opening height", per="inside_height.by_layout")
def opening_height(each_wanted_up: tuple[Mm | None, ...]) -> Mm:
    """A case that is built around its layout is as high inside as that wants."""
    return taken(each_wanted_up)[0]


@rule(source="common practice", label="depth of the inside", per="inside_depth.by_layout")
def depth_inside(each_wanted_deep: tuple[Mm | None, ...]) -> Mm:
    """A case that is built around its layout is as deep inside as that wants."""
    return taken(each_wanted_deep)[0]
