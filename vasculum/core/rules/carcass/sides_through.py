"""Sides run through from floor to top; top and bottom stand between them. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, rule
from vasculum.core.lengths import Mm

alternative(
    "through.sides",
    title="Sides run through",
    about="From floor to top; top and bottom stand between them, so the load hangs on the joints.",
    order=1,
)


@rule(source="common practice", per="through.sides")
def case_side_length(case_outside_height: Mm) -> Mm:
    """The sides are as long as the case is high."""
    return case_outside_height


@rule(source="common practice", per="through.sides")
def case_across_length(opening_width: Mm, case_housed: Mm) -> Mm:
    """Top and bottom are as long as the inside is wide, and what is housed in both sides."""
    return opening_width + 2 * case_housed


@rule(source="common practice", per="through.sides")
def hole_line_low(plinth: Mm, case_thickness: Mm) -> Mm:
    """On the sides, the hole line for the bottom runs through the middle of its thickness.

    From the lower end.
    """
    return plinth + case_thickness / 2


@rule(source="common practice", per="through.sides")
def hole_line_high(case_thickness: Mm) -> Mm:
    """On the sides, the hole line for the top runs through the middle of its thickness.

    From the upper end.
    """
    return case_thickness / 2
