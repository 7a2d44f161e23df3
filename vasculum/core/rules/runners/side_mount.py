"""Side-mount ball-bearing runners: their room is beside the box, the line half-way up. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative

alternative(
    "runner.side_mount",
    title="Side-mount ball-bearing",
    about="Half an inch a side; carries well and comes right out.",
    shares=(
        "rolling",
        "clearing",
        "lined",
        "line.halfway",
        "screwed",
    ),
    order=1,
)
