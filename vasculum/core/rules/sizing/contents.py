"""A row as large as what goes in needs. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.obstructions.free import NOTHING


@rule(source="common practice", label="size that does not share", per="sizing.contents")
def fixed_part(contents_room: Mm, room_on_floor: Mm = NOTHING) -> Mm:
    """A row sized by its contents is as large as they need; the lowest over what stands on the floor."""
    return contents_room + room_on_floor


@rule(source="geometry", label="share", per="sizing.contents", unit="ratio")
def weight() -> Mm:
    """A row sized by its contents takes no share of what is left."""
    return Mm(0)
