"""Upper corners at which the top runs through; the sides stand under it. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="common practice", per="upper.over")
def side_above(case_housed_above: Mm) -> Mm:
    """Above the inside the sides run on by what is housed in the top."""
    return case_housed_above


@rule(source="geometry", per="upper.over")
def over_sides(case_top_taken: Mm, case_housed_above: Mm) -> Mm:
    """Above the sides lies the top, less what is housed in it."""
    return case_top_taken - case_housed_above


@rule(source="geometry", per="upper.over")
def upper_across_from_left(case_from_left: Mm) -> Mm:
    """What lies above begins where the case begins.

    From the clear left of the space.
    """
    return case_from_left


@rule(source="geometry", per="upper.over")
def case_top_from_floor(case_sides_from_floor: Mm, case_side_length_cut: Mm, case_housed_above: Mm) -> Mm:
    """The top lies on the sides, or holds them by what is housed.

    Its underside, above the floor of the inside.
    """
    return case_sides_from_floor + case_side_length_cut - case_housed_above


@rule(source="geometry", per="upper.over")
def upper_screwed_through(case_top_counts: Mm) -> Mm:
    """Above, case screws go through the top."""
    return case_top_counts


@rule(source="geometry", per="upper.over")
def upper_screwed_edge(case_side_thickness: Mm) -> Mm:
    """They bite into the ends of the sides."""
    return case_side_thickness
