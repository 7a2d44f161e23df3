"""Top and bottom run through; the sides stand between them. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest, smallest

alternative(
    "through.top",
    title="Top and bottom run through",
    about="The sides stand between them, so the load presses on wood.",
    order=2,
)


@rule(source="common practice", per="through.top")
def case_side_length(opening_height: Mm, case_housed: Mm, case_housed_above: Mm) -> Mm:
    """The sides are as long as the inside is high, and what is housed in top and bottom."""
    return opening_height + case_housed + case_housed_above


@rule(source="common practice", per="through.top")
def case_across_length(opening_width: Mm, case_side_thickness: Mm) -> Mm:
    """Top and bottom are as long as the inside is wide, and both sides."""
    return opening_width + 2 * case_side_thickness


@rule(source="geometry", per="through.top")
def case_outside_width(case_across_length_cut: Mm) -> Mm:
    """Outside, the case is as wide as its cut boards across."""
    return case_across_length_cut


@rule(source="geometry", per="through.top")
def case_outside_height(
    case_side_length_cut: Mm,
    case_housed: Mm,
    case_housed_above: Mm,
    case_bottom_thickness: Mm,
    case_top_taken: Mm,
    plinth: Mm,
) -> Mm:
    """Outside, the case is as high as its cut sides, less what is housed, with top, bottom and the plinth below.

    Without casters and without a top laid on it.
    """
    standing = case_side_length_cut - case_housed - case_housed_above
    return standing + case_bottom_thickness + case_top_taken + plinth


@rule(source="common practice", per="through.top")
def hole_line_low(case_side_thickness: Mm) -> Mm:
    """On top and bottom, the hole line for a side runs through the middle of its thickness.

    From the left end.
    """
    return case_side_thickness / 2


@rule(source="common practice", per="through.top")
def hole_line_high(case_side_thickness: Mm) -> Mm:
    """On top and bottom, the hole line for a side runs through the middle of its thickness.

    From the right end.
    """
    return case_side_thickness / 2


@rule(source="geometry", per="through.top")
def across_from_left(case_from_left: Mm) -> Mm:
    """Top and bottom begin where the case begins.

    From the clear left of the space.
    """
    return case_from_left


@rule(source="geometry", per="through.top")
def case_right_side_from_left(across_from_left: Mm, case_across_length_cut: Mm, case_side_thickness: Mm) -> Mm:
    """The right side stands under the ends of the top.

    Its left face, from the clear left of the space.
    """
    return across_from_left + case_across_length_cut - case_side_thickness


@rule(source="geometry", per="through.top")
def case_sides_from_floor(case_housed: Mm) -> Mm:
    """The sides stand on the bottom, or in it by what is housed."""
    return -case_housed


@rule(source="geometry", per="through.top")
def case_top_from_floor(case_sides_from_floor: Mm, case_side_length_cut: Mm, case_housed_above: Mm) -> Mm:
    """The top lies on the sides, or holds them by what is housed.

    Its underside, above the floor of the inside.
    """
    return case_sides_from_floor + case_side_length_cut - case_housed_above


@rule(source="geometry", per="through.top")
def case_screwed_through(case_bottom_thickness: Mm, case_top_counts: Mm) -> Mm:
    """Case screws go through top and bottom; the thicker counts."""
    return largest(case_bottom_thickness, case_top_counts)


@rule(source="geometry", per="through.top")
def case_housing_thickness(case_bottom_thickness: Mm, case_top_counts: Mm) -> Mm:
    """The sides are housed in top and bottom; the thinner counts."""
    return smallest(case_bottom_thickness, case_top_counts)


@rule(source="geometry", per="through.top")
def case_screwed_edge(case_side_thickness: Mm) -> Mm:
    """Case screws bite into the ends of the sides."""
    return case_side_thickness
