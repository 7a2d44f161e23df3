"""Screws of a pair of runners, one for each of its holes. Exact counts."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="common practice", per=("screwed", "runner_holed_in_case", "runner_holed_in_box"), unit="count")
def runner_screw_count(runner_case_holes: tuple[Mm, ...], runner_box_holes: tuple[Mm, ...]) -> Mm:
    """A pair of runners takes a screw for each hole of all four members."""
    return Mm(2 * (len(runner_case_holes) + len(runner_box_holes)))
