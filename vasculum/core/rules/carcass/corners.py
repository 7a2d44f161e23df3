"""The corners of a case, whichever board runs through at them: lengths and heights that follow. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest, smallest


@rule(source="common practice", label="length of the case sides", per="carcass.new")
def case_side_length(opening_height: Mm, side_below: Mm, side_above: Mm) -> Mm:
    """The sides are as long as the inside is high, and what they run on below and above it."""
    return opening_height + side_below + side_above


@rule(source="geometry", label="case sides below the inside's floor", per="carcass.new")
def case_sides_from_floor(side_below: Mm) -> Mm:
    """The sides begin below the floor of the inside by what they run on there."""
    return -side_below


@rule(source="geometry", label="outside height of the case", per="carcass.new")
def case_outside_height(case_side_length_cut: Mm, over_sides: Mm, under_sides: Mm) -> Mm:
    """Outside, the case is as high as its cut sides, and what lies over and under them.

    Without casters and without a top laid on it.
    """
    return case_side_length_cut + over_sides + under_sides


@rule(source="geometry", label="length of what lies above", per=("carcass.new", "upper_as_lower"))
def upper_across_length(case_across_length_cut: Mm) -> Mm:
    """What lies above is as long as the bottom where both meet the sides in the same way."""
    return case_across_length_cut


@rule(source="common practice", label="hole lines on boards that run through across", per="carcass.new")
def hole_line_across(case_side_thickness: Mm) -> Mm:
    """On a board that runs through over or under the sides, hole lines run through the middle of their thickness.

    From either end.
    """
    return case_side_thickness / 2


@rule(source="geometry", label="thickest board that a case screw goes through", per="carcass.new")
def case_screwed_through(upper_screwed_through: Mm, lower_screwed_through: Mm) -> Mm:
    """One length of screw serves above and below: the thicker of the boards counts."""
    return largest(upper_screwed_through, lower_screwed_through)


@rule(source="geometry", label="thinnest board that houses another", per="carcass.new")
def case_housing_thickness(upper_screwed_through: Mm, lower_screwed_through: Mm) -> Mm:
    """One depth serves above and below: the thinner of the boards counts."""
    return smallest(upper_screwed_through, lower_screwed_through)


@rule(source="geometry", label="edge that case screws bite into", per="carcass.new")
def case_screwed_edge(upper_screwed_edge: Mm, lower_screwed_edge: Mm) -> Mm:
    """Above and below, the thinner counts."""
    return smallest(upper_screwed_edge, lower_screwed_edge)
