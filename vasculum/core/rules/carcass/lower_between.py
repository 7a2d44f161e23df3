"""Lower corners at which the sides run through to the floor; the bottom stands between them. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.obstructions.free import NOTHING


@rule(source="common practice", label="sides run on below the inside", per="lower.between")
def side_below(case_bottom_taken: Mm, plinth: Mm) -> Mm:
    """Below the inside the sides run on by the bottom and the plinth."""
    return case_bottom_taken + plinth


@rule(source="geometry", label="what lies under the sides", per="lower.between")
def under_sides() -> Mm:
    """The case begins where the sides begin."""
    return NOTHING


@rule(source="geometry", label="outside width of the case", per="lower.between")
def case_outside_width(case_across_length_cut: Mm, case_housed: Mm, case_side_thickness: Mm) -> Mm:
    """Outside, the case is as wide as its cut bottom, less what of it is housed, and both sides."""
    return case_across_length_cut - 2 * case_housed + 2 * case_side_thickness


@rule(source="common practice", label="length of the case bottom", per="lower.between")
def case_across_length(opening_width: Mm, case_housed: Mm) -> Mm:
    """The bottom is as long as the inside is wide, and what is housed in both sides."""
    return opening_width + 2 * case_housed


@rule(source="common practice", label="lower hole line on the case sides", per="lower.between")
def hole_line_low(plinth: Mm, case_bottom_taken: Mm) -> Mm:
    """On the sides, the hole line for the bottom runs through the middle of its thickness.

    From the lower end.
    """
    return plinth + case_bottom_taken / 2


@rule(source="geometry", label="case bottom begins, from the left", per="lower.between")
def across_from_left(clear_stands_in: Mm, case_housed: Mm) -> Mm:
    """The bottom begins at the inside, or in the left side by what is housed.

    From the clear left of the space.
    """
    return -clear_stands_in - case_housed


@rule(source="geometry", label="right case side, from the left", per="lower.between")
def case_right_side_from_left(across_from_left: Mm, case_across_length_cut: Mm, case_housed: Mm) -> Mm:
    """The right side stands where the bottom ends, or holds it by what is housed.

    Its left face, from the clear left of the space.
    """
    return across_from_left + case_across_length_cut - case_housed


@rule(source="geometry", label="board that lower case screws go through", per="lower.between")
def lower_screwed_through(case_side_thickness: Mm) -> Mm:
    """Below, case screws go through the sides."""
    return case_side_thickness


@rule(source="geometry", label="edge that lower case screws bite into", per="lower.between")
def lower_screwed_edge(case_bottom_counts: Mm) -> Mm:
    """They bite into the ends of the bottom."""
    return case_bottom_counts
