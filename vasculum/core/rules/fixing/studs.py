"""A case fixed to studs behind the board of a wall. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, good, rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.fastening.sold import shortest

alternative(
    "fixed_to.studs",
    title="Studs",
    about="Through the sides, shims and the board on the wall, into the studs behind it.",
    shares=("is_fixed",),
    order=2,
)


@rule(source="geometry", label="screws that fix the case pass", per=("carcass.new", "fixed_to.studs"))
def fixing_passed(case_side_thickness: Mm, fixing_shim: Mm, wall_lining: Mm) -> Mm:
    """Through a side, the shims behind it and the board on the wall."""
    return case_side_thickness + fixing_shim + wall_lining


@rule(source="common practice", label="length of screws that fix the case", per=("carcass.new", "fixed_to.studs"))
def fixing_screw_length(fixing_passed: Mm, stud_bite: Mm, screw_lengths: tuple[Mm, ...]) -> Mm:
    """The shortest that is sold and bites as deep as was chosen.

    Raises:
        CannotDerive: ``no-fastener-so-long``.
    """
    return shortest(screw_lengths, fixing_passed + stud_bite, "screw")


good(
    "screw",
    per=("carcass.new", "fixed_to.studs"),
    title="Screw into studs",
    count="fixing_screws",
    size="fixing_screw_length",
    through=("fixing_passed",),
    holds="studs",
    where="fixing_screw_length",
)
