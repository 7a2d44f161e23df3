"""A case fixed to masonry by plugs. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, good, rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.fastening.sold import shortest

alternative(
    "fixed_to.masonry",
    title="Masonry",
    about="Through the sides and shims into plugs in the wall.",
    shares=("is_fixed",),
    order=3,
)


@rule(source="geometry", per=("carcass.new", "fixed_to.masonry"))
def fixing_passed(case_side_thickness: Mm, fixing_shim: Mm) -> Mm:
    """Through a side and the shims behind it."""
    return case_side_thickness + fixing_shim


@rule(source="common practice", per=("carcass.new", "fixed_to.masonry"))
def fixing_screw_length(fixing_passed: Mm, plug_bite: Mm, screw_lengths: tuple[Mm, ...]) -> Mm:
    """The shortest that is sold and bites as deep as was chosen.

    Raises:
        CannotDerive: ``no-fastener-so-long``.
    """
    return shortest(screw_lengths, fixing_passed + plug_bite, "screw")


good(
    "screw",
    per=("carcass.new", "fixed_to.masonry"),
    title="Screw into masonry",
    count="fixing_screws",
    size="fixing_screw_length",
    through=("fixing_passed",),
    holds="plugs",
    where="fixing_screw_length",
)
good("plug", per=("carcass.new", "fixed_to.masonry"), title="Wall plug", count="fixing_screws")
