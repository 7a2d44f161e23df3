"""The sides stand on the bottom, and hold the top between them. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, rule
from vasculum.core.lengths import Mm

alternative(
    "through.bottom_only",
    title="Bottom runs through, top between",
    about="The sides stand on the bottom and run to the upper edge; the top stands between them.",
    shares=("sides_screwed", "upper.between", "lower.under", "back_within_sides"),
    order=4,
)


@rule(source="geometry", per="through.bottom_only")
def upper_across_length(case_across_length_cut: Mm, case_housed: Mm, case_side_thickness: Mm) -> Mm:
    """The top is as long as the bottom less both sides, and what of it is housed in them."""
    return case_across_length_cut - 2 * case_side_thickness + 2 * case_housed
