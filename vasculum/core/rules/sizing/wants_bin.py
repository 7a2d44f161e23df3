"""What a bought bin or basket wants of the case around it. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="common practice", per="wants.bin")
def wanted_across(bin_room_width: Mm) -> Mm:
    """A bin wants its width and its clearance."""
    return bin_room_width


@rule(source="common practice", label="inside height wanted", per="wants.bin")
def wanted_up(bin_room_height: Mm) -> Mm:
    """A bin wants its height and its clearance."""
    return bin_room_height


@rule(source="common practice", label="inside depth wanted", per="wants.bin")
def wanted_deep(bin_room_depth: Mm) -> Mm:
    """A bin wants its depth."""
    return bin_room_depth
