"""A case with a whole bottom. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, piece, rule
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.rules.carcass.around import BAND
from vasculum.core.rules.obstructions.free import NOTHING

alternative(
    "case_bottom.panel",
    title="Whole bottom",
    shares=("whole_bottom", "bottomed"),
    order=1,
)


@piece(
    "case_bottom",
    per="whole_bottom",
    title="Case bottom",
    length="case_across_length_cut",
    width="case_panel_depth_cut",
    thickness="case_bottom_thickness",
    stock="case_bottom_sheet",
    bands=BAND,
    order=52,
)
def case_bottom(across_from_left: Mm, case_bottom_thickness: Mm) -> Stand:
    """The bottom lies under the inside."""
    return Stand(across_from_left, NOTHING, -case_bottom_thickness, "across", "back", 1)


@rule(source="geometry", label="screw holes at the bottom of the case", per=("case_screwed", "whole_bottom"))
def lower_hole_places(hole_places: tuple[Mm, ...]) -> tuple[Mm, ...]:
    """Along a whole bottom the holes stand along all of the joint."""
    return hole_places
