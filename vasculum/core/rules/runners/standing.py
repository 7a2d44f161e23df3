"""A box that stands in its cell and lifts out. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative

alternative(
    "runner.standing",
    title="Stands, lifts out",
    about="On the floor, or on what is below it: a lift-out box, a tray or a frame inside a drawer.",
    shares=(
        "sliding",
        "clearing",
        "seated",
    ),
    order=12,
)
