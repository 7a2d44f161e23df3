"""Sides run through from floor to top; top and bottom stand between them. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import smallest

alternative(
    "through.sides",
    title="Sides run through",
    about="From floor to top; top and bottom stand between them, so the load hangs on the joints.",
    order=1,
)


@rule(source="common practice", label="length of the case sides", per="through.sides")
def case_side_length(opening_height: Mm, case_bottom_thickness: Mm, case_top_taken: Mm, plinth: Mm) -> Mm:
    """The sides are as long as the inside is high, with top, bottom and the plinth below."""
    return opening_height + case_bottom_thickness + case_top_taken + plinth


@rule(source="geometry", label="outside height of the case", per="through.sides")
def case_outside_height(case_side_length_cut: Mm) -> Mm:
    """Outside, the case is as high as its cut sides.

    Without casters and without a top laid on it.
    """
    return case_side_length_cut


@rule(source="geometry", label="outside width of the case", per="through.sides")
def case_outside_width(case_across_length_cut: Mm, case_housed: Mm, case_side_thickness: Mm) -> Mm:
    """Outside, the case is as wide as its cut boards across, less what is housed, and both sides."""
    return case_across_length_cut - 2 * case_housed + 2 * case_side_thickness


@rule(source="common practice", label="length of case bottom and top", per="through.sides")
def case_across_length(opening_width: Mm, case_housed: Mm) -> Mm:
    """Top and bottom are as long as the inside is wide, and what is housed in both sides."""
    return opening_width + 2 * case_housed


@rule(source="common practice", label="lower hole line on the case sides", per="through.sides")
def hole_line_low(plinth: Mm, case_bottom_thickness: Mm) -> Mm:
    """On the sides, the hole line for the bottom runs through the middle of its thickness.

    From the lower end.
    """
    return plinth + case_bottom_thickness / 2


@rule(source="common practice", label="upper hole line on the case sides", per="through.sides")
def hole_line_high(case_top_taken: Mm) -> Mm:
    """On the sides, the hole line for the top runs through the middle of its thickness.

    From the upper end.
    """
    return case_top_taken / 2


@rule(source="geometry", label="case bottom and top begin, from the left", per="through.sides")
def across_from_left(clear_stands_in: Mm, case_housed: Mm) -> Mm:
    """Top and bottom begin at the inside, or in the left side by what is housed.

    From the clear left of the space.
    """
    return -clear_stands_in - case_housed


@rule(source="geometry", label="right case side, from the left", per="through.sides")
def case_right_side_from_left(across_from_left: Mm, case_across_length_cut: Mm, case_housed: Mm) -> Mm:
    """The right side stands where the boards across end, or holds them by what is housed.

    Its left face, from the clear left of the space.
    """
    return across_from_left + case_across_length_cut - case_housed


@rule(source="geometry", label="case sides below the inside's floor", per="through.sides")
def case_sides_from_floor(case_bottom_thickness: Mm, plinth: Mm) -> Mm:
    """The sides run on below the floor of the inside by the bottom and the plinth."""
    return -case_bottom_thickness - plinth


@rule(source="geometry", label="case top above the inside's floor", per="through.sides")
def case_top_from_floor(case_sides_from_floor: Mm, case_side_length_cut: Mm, case_top_taken: Mm) -> Mm:
    """The top ends where the sides end.

    Its underside, above the floor of the inside.
    """
    return case_sides_from_floor + case_side_length_cut - case_top_taken


@rule(source="geometry", label="thickest board that a case screw goes through", per="through.sides")
def case_screwed_through(case_side_thickness: Mm) -> Mm:
    """Case screws go through the sides."""
    return case_side_thickness


@rule(source="geometry", label="thinnest board that houses another", per="through.sides")
def case_housing_thickness(case_side_thickness: Mm) -> Mm:
    """Top and bottom are housed in the sides."""
    return case_side_thickness


@rule(source="geometry", label="edge that case screws bite into", per="through.sides")
def case_screwed_edge(case_bottom_thickness: Mm, case_top_counts: Mm) -> Mm:
    """Case screws bite into the ends of top and bottom; the thinner counts."""
    return smallest(case_bottom_thickness, case_top_counts)
