"""A case fixed to a top that lies on it. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, good, rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.fastening.sold import cover_in, longest_inside

alternative(
    "fixed_to.worktop",
    title="A top over it",
    about="Up through the top of the case, or its stretchers, into what lies on it.",
    shares=("is_fixed",),
    order=5,
)


@rule(source="geometry", per=("carcass.new", "fixed_to.worktop"), when=("fixed_to_thickness",))
def fixing_passed(case_top_taken: Mm, fixing_shim: Mm) -> Mm:
    """Up through the top of the case, and shims over it."""
    return case_top_taken + fixing_shim


@rule(source="common practice", per=("carcass.new", "fixed_to.worktop"), when=("fixed_to_thickness",))
def fixing_screw_length(
    fixing_passed: Mm,
    fixed_to_thickness: Mm,
    thin_stock: Mm,
    least_thin_cover: Mm,
    least_screw_cover: Mm,
    screw_lengths: tuple[Mm, ...],
) -> Mm:
    """The longest that is sold and does not come through the top."""
    cover = cover_in(fixed_to_thickness, thin_stock, least_thin_cover, least_screw_cover)
    return longest_inside(screw_lengths, fixing_passed + fixed_to_thickness - cover)


good(
    "screw",
    per=("carcass.new", "fixed_to.worktop"),
    title="Screw into a top over it",
    count="fixing_screws",
    size="fixing_screw_length",
    through=("fixing_passed",),
    holds="top",
    where="fixing_screw_length",
)
