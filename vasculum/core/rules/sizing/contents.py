"""A row as large as what goes in needs. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="common practice", per="sizing.contents")
def fixed_part(contents_room: Mm) -> Mm:
    """A row sized by its contents is as large as they need."""
    return contents_room


@rule(source="geometry", per="sizing.contents", unit="ratio")
def weight() -> Mm:
    """A row sized by its contents takes no share of what is left."""
    return Mm(0)
