"""Sides run through from floor to top; top and bottom stand between them. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative

alternative(
    "through.sides",
    title="Sides run through",
    about="From floor to top; top and bottom stand between them, so the load hangs on the joints.",
    shares=("sides_screwed", "upper.between", "lower.between", "upper_as_lower", "back_within_sides"),
    order=1,
)
