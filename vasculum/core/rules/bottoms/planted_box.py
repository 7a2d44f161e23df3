"""A planted bottom as wide as its box."""

from __future__ import annotations

from vasculum.core.catalogue import alternative

alternative(
    "bottom_spans.box",
    title="The box",
    about="From the outside of one side to that of the other.",
    order=1,
)
