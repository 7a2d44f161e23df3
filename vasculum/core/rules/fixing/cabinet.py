"""A case fixed to the boards of a cabinet that stands there. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, good, rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.fastening.sold import cover_in, longest_inside

alternative(
    "fixed_to.cabinet",
    title="A cabinet",
    about="Through the sides and shims into the boards of a cabinet that stands there.",
    shares=("is_fixed",),
    order=4,
)


@rule(source="geometry", per=("carcass.new", "fixed_to.cabinet"), when=("fixed_to_thickness",))
def fixing_passed(case_side_thickness: Mm, fixing_shim: Mm) -> Mm:
    """Through a side and the shims behind it."""
    return case_side_thickness + fixing_shim


@rule(source="common practice", per=("carcass.new", "fixed_to.cabinet"), when=("fixed_to_thickness",))
def fixing_screw_length(
    fixing_passed: Mm,
    fixed_to_thickness: Mm,
    thin_stock: Mm,
    least_thin_cover: Mm,
    least_screw_cover: Mm,
    screw_lengths: tuple[Mm, ...],
) -> Mm:
    """The longest that is sold and does not come through the board it goes into."""
    cover = cover_in(fixed_to_thickness, thin_stock, least_thin_cover, least_screw_cover)
    return longest_inside(screw_lengths, fixing_passed + fixed_to_thickness - cover)


good(
    "screw",
    per=("carcass.new", "fixed_to.cabinet"),
    title="Screw into a cabinet",
    count="fixing_screws",
    size="fixing_screw_length",
    through=("fixing_passed",),
    holds="cabinet",
    where="fixing_screw_length",
)
