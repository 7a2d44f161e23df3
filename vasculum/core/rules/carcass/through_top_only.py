"""The top lies on the sides, which run to the floor; the bottom stands between them. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, rule
from vasculum.core.lengths import Mm

alternative(
    "through.top_only",
    title="Top runs through, bottom between",
    about="The top lies on the sides, which stand on the floor and hold the bottom between them.",
    shares=("sides_screwed", "upper.over", "lower.between", "back_within_sides"),
    order=3,
)


@rule(source="geometry", per="through.top_only")
def upper_across_length(case_across_length_cut: Mm, case_housed: Mm, case_side_thickness: Mm) -> Mm:
    """The top is as long as the bottom and both sides, less what of it is housed in them."""
    return case_across_length_cut - 2 * case_housed + 2 * case_side_thickness
