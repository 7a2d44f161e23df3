"""Pulls on one line below the upper edges. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, rule
from vasculum.core.errors import CannotDerive
from vasculum.core.lengths import Mm

alternative(
    "pull.on_line",
    title="On a line",
    about="As far below the upper edge on every front; two on a wide one.",
    shares=("pulled", "pull_screwed"),
    order=2,
)


@rule(source="common practice", per="pull.on_line")
def pull_up(front_height_cut: Mm, pull_below_edge: Mm) -> Mm:
    """A pull on the line stands as far below the upper edge as was chosen.

    Above the front's lower edge.

    Raises:
        CannotDerive: ``pull-below-the-front``.
    """
    up = front_height_cut - pull_below_edge
    if up <= 0:
        raise CannotDerive(
            "pull-below-the-front",
            "A line {below} below the edge misses a front {height} high.",
            "Bring the line nearer to the edge, or centre the pulls.",
            below=pull_below_edge,
            height=front_height_cut,
        )
    return up
