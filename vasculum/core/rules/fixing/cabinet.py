"""A case fixed to the boards of a cabinet that stands there. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, good, rule
from vasculum.core.lengths import Mm

alternative(
    "fixed_to.cabinet",
    title="A cabinet",
    about="Through the sides and shims into the boards of a cabinet that stands there.",
    shares=("is_fixed", "fixed_into_boards"),
    order=4,
)


@rule(source="geometry", per=("carcass.new", "fixed_to.cabinet"), when=("fixed_to_thickness",))
def fixing_passed(case_side_thickness: Mm, fixing_shim: Mm) -> Mm:
    """Through a side and the shims behind it."""
    return case_side_thickness + fixing_shim


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
