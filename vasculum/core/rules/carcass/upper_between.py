"""Upper corners at which the sides run through; what lies above stands between them. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.obstructions.free import NOTHING


@rule(source="common practice", label="sides run on above the inside", per="upper.between")
def side_above(case_top_taken: Mm) -> Mm:
    """Above the inside the sides run on by the top."""
    return case_top_taken


@rule(source="geometry", label="what lies above the sides", per="upper.between")
def over_sides() -> Mm:
    """The case ends where the sides end."""
    return NOTHING


@rule(source="common practice", label="upper hole line on the case sides", per="upper.between")
def hole_line_high(case_top_taken: Mm) -> Mm:
    """On the sides, the hole line for the top runs through the middle of its thickness.

    From the upper end.
    """
    return case_top_taken / 2


@rule(source="geometry", label="what lies above begins, from the left", per="upper.between")
def upper_across_from_left(clear_stands_in: Mm, case_housed: Mm) -> Mm:
    """What lies above begins at the inside, or in the left side by what is housed.

    From the clear left of the space.
    """
    return -clear_stands_in - case_housed


@rule(source="geometry", label="case top above the inside's floor", per="upper.between")
def case_top_from_floor(case_sides_from_floor: Mm, case_side_length_cut: Mm, case_top_taken: Mm) -> Mm:
    """The top ends where the sides end.

    Its underside, above the floor of the inside.
    """
    return case_sides_from_floor + case_side_length_cut - case_top_taken


@rule(source="geometry", label="board that upper case screws go through", per="upper.between")
def upper_screwed_through(case_side_thickness: Mm) -> Mm:
    """Above, case screws go through the sides."""
    return case_side_thickness


@rule(source="geometry", label="edge that upper case screws bite into", per="upper.between")
def upper_screwed_edge(case_top_counts: Mm) -> Mm:
    """They bite into the ends of the top."""
    return case_top_counts
