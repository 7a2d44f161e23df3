"""A case that is screwed into boards of something else: as deep as they are thick, and not through them. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.fastening.sold import longest_into


@rule(source="common practice", per=("carcass.new", "fixed_into_boards"), when=("fixed_to_thickness",))
def fixing_screw_length(
    fixing_passed: Mm,
    fixed_to_thickness: Mm,
    thin_stock: Mm,
    least_thin_cover: Mm,
    least_screw_cover: Mm,
    screw_lengths: tuple[Mm, ...],
) -> Mm:
    """The longest that is sold and does not come through the board it goes into."""
    return longest_into(
        screw_lengths, fixing_passed, fixed_to_thickness, thin_stock, least_thin_cover, least_screw_cover
    )
