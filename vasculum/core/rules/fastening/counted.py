"""Screws of a pair of runners, by a number that was chosen. Exact counts."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="from memory", per="screwed", unit="count")
def runner_screw_count(runner_screws: Mm) -> Mm:
    """A pair of runners takes the screws that were chosen for it."""
    return runner_screws
