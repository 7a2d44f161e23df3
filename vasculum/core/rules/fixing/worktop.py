"""A case fixed to a top that lies on it. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, good, rule
from vasculum.core.lengths import Mm

alternative(
    "fixed_to.worktop",
    title="A top over it",
    about="Up through the top of the case, or its stretchers, into what lies on it.",
    shares=("is_fixed", "fixed_into_boards"),
    order=5,
)


@rule(source="geometry", per=("carcass.new", "fixed_to.worktop"), when=("fixed_to_thickness",))
def fixing_passed(case_top_taken: Mm, fixing_shim: Mm) -> Mm:
    """Up through the top of the case, and shims over it."""
    return case_top_taken + fixing_shim


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
