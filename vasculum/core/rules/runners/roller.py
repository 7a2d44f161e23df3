"""Bottom-corner rollers: the box's edge rides on them. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative

alternative(
    "runner.roller",
    title="Bottom-corner roller",
    about="Half an inch a side; the box's edge rides on it and lifts out, so it needs room above.",
    shares=(
        "rolling",
        "clearing",
        "seated",
    ),
    order=3,
)
