"""Screws of members on the box whose holes were said, for runners that stay in the case. Exact counts."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import how_many


def runner_screw_count(runner_box_holes: tuple[Mm, ...], members_to_buy: Mm) -> Mm:
    """Each pair in use takes a screw for each hole of its two members on the box."""
    return 2 * how_many(*runner_box_holes) * members_to_buy


for holed in (("runner_holed_in_box",), ("runner_holed_in_box", "runner_holed_in_case")):
    rule(source="common practice", per=("screwed", "kept_pairs", *holed), unit="count")(runner_screw_count)
