"""A bottom at the lower edge over a concealed runner. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import check
from vasculum.core.flow import Finding
from vasculum.core.lengths import Mm


@check(source="from memory", per="runner.undermount")
def bottom_stands_over_the_runner(undermount_raise: Mm) -> Finding | None:
    """A bottom at the lower edge leaves a concealed runner no room."""
    return Finding(
        "bottom-meets-runner",
        "attention",
        "The runner needs {needs} below the bottom, which lies at the lower edge.",
        "Hold the bottom in grooves, raised by that much.",
        {"needs": undermount_raise},
        ("inside_height",),
    )
