"""A front that laps over the case at an edge, as it does everywhere else."""

from __future__ import annotations

from vasculum.core.catalogue import alternative

alternative(
    "front_edge.lapped",
    title="Over the edge of the case",
    about="As the front laps elsewhere.",
    order=1,
)
