"""A case fixed in a frame of metal, through the holes that it has. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, good, rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.fastening.sold import longest_into

alternative(
    "fixed_to.frame",
    title="A frame with holes",
    about="Through the holes of a metal frame into the sides of the case; no new holes.",
    shares=("is_fixed",),
    order=6,
)


@rule(source="geometry", per=("carcass.new", "fixed_to.frame"), when=("fixed_to_thickness",))
def fixing_passed(fixed_to_thickness: Mm, fixing_washer: Mm) -> Mm:
    """Through a washer and the metal."""
    return fixed_to_thickness + fixing_washer


@rule(source="common practice", per=("carcass.new", "fixed_to.frame"), when=("fixed_to_thickness",))
def fixing_screw_length(
    fixing_passed: Mm,
    case_side_thickness: Mm,
    thin_stock: Mm,
    least_thin_cover: Mm,
    least_screw_cover: Mm,
    screw_lengths: tuple[Mm, ...],
) -> Mm:
    """The longest that is sold and does not come through the side."""
    return longest_into(
        screw_lengths, fixing_passed, case_side_thickness, thin_stock, least_thin_cover, least_screw_cover
    )


good(
    "screw",
    per=("carcass.new", "fixed_to.frame"),
    title="Screw into a frame with holes",
    count="fixing_screws",
    size="fixing_screw_length",
    through=("fixing_passed",),
    holds="case",
    where="fixing_screw_length",
)
