"""Lower corners at which the bottom runs through; the sides stand on it. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="common practice", per="lower.under")
def side_below(case_housed_below: Mm) -> Mm:
    """Below the inside the sides run on by what is housed in the bottom."""
    return case_housed_below


@rule(source="geometry", per="lower.under")
def under_sides(case_bottom_taken: Mm, case_housed_below: Mm, plinth: Mm) -> Mm:
    """Under the sides lie the bottom, less what is housed in it, and the plinth."""
    return case_bottom_taken - case_housed_below + plinth


@rule(source="common practice", per="lower.under")
def case_across_length(opening_width: Mm, case_side_thickness: Mm) -> Mm:
    """The bottom is as long as the inside is wide, and both sides."""
    return opening_width + 2 * case_side_thickness


@rule(source="geometry", per="lower.under")
def case_outside_width(case_across_length_cut: Mm) -> Mm:
    """Outside, the case is as wide as its cut bottom."""
    return case_across_length_cut


@rule(source="geometry", per="lower.under")
def across_from_left(case_from_left: Mm) -> Mm:
    """The bottom begins where the case begins.

    From the clear left of the space.
    """
    return case_from_left


@rule(source="geometry", per="lower.under")
def case_right_side_from_left(across_from_left: Mm, case_across_length_cut: Mm, case_side_thickness: Mm) -> Mm:
    """The right side stands on the end of the bottom.

    Its left face, from the clear left of the space.
    """
    return across_from_left + case_across_length_cut - case_side_thickness


@rule(source="geometry", per="lower.under")
def lower_screwed_through(case_bottom_counts: Mm) -> Mm:
    """Below, case screws go through the bottom."""
    return case_bottom_counts


@rule(source="geometry", per="lower.under")
def lower_screwed_edge(case_side_thickness: Mm) -> Mm:
    """They bite into the ends of the sides."""
    return case_side_thickness
