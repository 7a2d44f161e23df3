"""Screws of a pair of runners, one for each of its holes. Exact counts."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import how_many


@rule(
    source="common practice",
    label="number of runner screws",
    per=("screwed", "runner_holed_in_case", "runner_holed_in_box"),
    unit="count",
)
def runner_screw_count(runner_case_holes: tuple[Mm, ...], runner_box_holes: tuple[Mm, ...]) -> Mm:
    """A pair of runners takes a screw for each hole of all four members."""
    return 2 * (how_many(*runner_case_holes) + how_many(*runner_box_holes))
