"""Lying dividers that end at the packing, or go on past it to the walls. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.obstructions.free import NOTHING

alternative("rail_reach.clear", title="Between the packing", about="As wide as what is clear.", order=1)
alternative(
    "rail_reach.walls",
    title="To the walls, past the posts",
    about="Lies on the packing below it; notched round the posts in front. It goes in before the packing.",
    order=2,
)


@rule(source="geometry", label="lying divider goes on past the clear width, left", per="lying.board")
def reaches_left() -> Mm:
    """A lying divider ends where the clear width does."""
    return NOTHING


@rule(source="geometry", label="lying divider goes on past the clear width, right", per="lying.board")
def reaches_right() -> Mm:
    """A lying divider ends where the clear width does."""
    return NOTHING
