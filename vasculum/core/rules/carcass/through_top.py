"""Top and bottom run through; the sides stand between them. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative

alternative(
    "through.top",
    title="Top and bottom run through",
    about="The sides stand between them, so the load presses on wood.",
    shares=("upper.over", "lower.under", "upper_as_lower", "back_behind_sides"),
    order=2,
)
