"""A box plain in its cell. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative

alternative(
    "runner.friction",
    title="Plain in its cell",
    about="Nothing but the cell; deeper than wide runs straight. Air behind, or it pumps.",
    shares=(
        "sliding",
        "clearing",
        "seated",
    ),
    order=8,
)
