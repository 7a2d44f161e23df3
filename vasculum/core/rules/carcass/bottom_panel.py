"""A case with a whole bottom. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, piece, rule
from vasculum.core.flow import Edges, Stand
from vasculum.core.lengths import Mm
from vasculum.core.rules.carcass.datums import measured_from_back
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
    width="bottom_depth_cut",
    thickness="case_bottom_thickness",
    stock="case_bottom_sheet",
    bands=Edges("case_band", ("front", "back"), width="bottom_depth_core", only="banded_edges"),
    order=52,
)
def case_bottom(across_from_left: Mm, bottom_begins: Mm, case_bottom_thickness: Mm) -> Stand:
    """The bottom lies under the inside."""
    return Stand(across_from_left, bottom_begins, -case_bottom_thickness, "across", "back", 1)


@rule(source="geometry", label="screw holes at the bottom of the case", per=("case_screwed", "whole_bottom"))
def lower_hole_places(hole_places: tuple[Mm, ...]) -> tuple[Mm, ...]:
    """Along a whole bottom the holes stand along all of the joint."""
    return hole_places


@rule(source="geometry", label="case bottom behind the front edges", per="whole_bottom")
def bottom_begins() -> Mm:
    """The bottom is flush with the front edges."""
    return NOTHING


@rule(source="common practice", label="depth of the case bottom", per="whole_bottom")
def bottom_depth_cut(case_panel_depth_cut: Mm) -> Mm:
    """The bottom is as deep as the sides."""
    return case_panel_depth_cut


@rule(source="geometry", label="screw holes of the bottom, from its front", per=("case_screwed", "whole_bottom"))
def bottom_hole_places(lower_hole_places: tuple[Mm, ...], bottom_begins: Mm) -> tuple[Mm, ...]:
    """On the bottom the same holes, from its own front edge."""
    return tuple(place - bottom_begins for place in lower_hole_places)


@rule(source="geometry", label="screw holes of the bottom, from its back", per=("case_screwed", "whole_bottom"))
def bottom_hole_places_from_back(bottom_hole_places: tuple[Mm, ...], bottom_depth_cut: Mm) -> tuple[Mm, ...]:
    """On the bottom the same holes, from its back edge."""
    return measured_from_back(bottom_hole_places, bottom_depth_cut)
