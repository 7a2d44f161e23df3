"""Pulls in the middle of the front. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, rule
from vasculum.core.lengths import Mm

alternative(
    "pull.centred",
    title="Centred",
    about="In the middle of the front; two on a wide one.",
    shares=("pulled", "pull_screwed"),
    order=1,
)


@rule(source="common practice", label="pull above the front's lower edge", per="pull.centred")
def pull_up(front_height_cut: Mm) -> Mm:
    """A centred pull stands half-way up the front."""
    return front_height_cut / 2
