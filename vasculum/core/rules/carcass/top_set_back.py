"""A top between the sides that stands back from their front edges. Exact mm."""

from __future__ import annotations

from itertools import pairwise

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.fastening.sold import places_along, shifted
from vasculum.core.rules.layout.dividing import left_of

SET_BACK = ("whole_top", "top_set_back")


@rule(source="common practice", per=SET_BACK)
def top_begins(case_panel_depth_cut: Mm, top_depth_cut: Mm) -> Mm:
    """It begins behind the front edges by what was chosen, and what snapping takes: behind, all edges agree."""
    return case_panel_depth_cut - top_depth_cut


@rule(source="common practice", per=SET_BACK)
def top_depth_cut(case_panel_depth_cut: Mm, top_set_back: Mm, increment: Mm) -> Mm:
    """It is less deep by what it stands back; its back edge agrees with those of the sides.

    Raises:
        CannotDerive: ``nothing-left-of-divider``.
    """
    return left_of(case_panel_depth_cut, top_set_back, increment)


@rule(source="common practice", per=("case_screwed", *SET_BACK, "top_held.alike"))
def upper_hole_places(
    case_side_depth_cut: Mm, top_begins: Mm, case_hole_margin: Mm, case_hole_pitch: Mm, increment: Mm
) -> tuple[Mm, ...]:
    """Screws stand where there is top: a margin from its front edge, as before from the back."""
    run = case_side_depth_cut - top_begins
    return shifted(places_along(run, case_hole_margin, case_hole_pitch, increment), top_begins)


@rule(source="common practice", per=("case_joint.knock_down", *SET_BACK, "top_held.alike"))
def upper_dowel_places(
    case_side_depth_cut: Mm, top_begins: Mm, upper_hole_places: tuple[Mm, ...], dowel_margin: Mm
) -> tuple[Mm, ...]:
    """A dowel stands near each edge of the top, and one midway between each two screws."""
    between = ((one + next_one) / 2 for one, next_one in pairwise(upper_hole_places))
    return (top_begins + dowel_margin, *between, case_side_depth_cut - dowel_margin)
