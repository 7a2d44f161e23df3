"""A case that comes apart: dowels locate it, screws hold it, no glue. Exact mm."""

from __future__ import annotations

from itertools import pairwise, product

from vasculum.core.catalogue import alternative, cut, good, rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import how_many
from vasculum.core.rules.carcass.datums import measured_from_back
from vasculum.core.rules.carcass.ends import DATUMS, MET

alternative(
    "case_joint.knock_down",
    title="Comes apart",
    about="Dowels locate, screws hold, no glue; travels flat.",
    shares=("case_screwed", "dowelled"),
    order=3,
)


@rule(source="common practice", per="case_joint.knock_down")
def case_housed() -> Mm:
    """A board that comes off again is let into nothing."""
    return Mm(0)


@rule(source="geometry", per="case_joint.knock_down")
def dowelled_host(case_housing_thickness: Mm) -> Mm:
    """Dowels of the case go into the faces of the boards that run through; the thinner counts."""
    return case_housing_thickness


@rule(source="geometry", per="case_joint.knock_down")
def dowelled_edge(case_screwed_edge: Mm) -> Mm:
    """They go into the ends of the boards between them."""
    return case_screwed_edge


@rule(source="common practice", per="case_joint.knock_down")
def dowel_places(case_side_depth_cut: Mm, hole_places: tuple[Mm, ...], dowel_margin: Mm) -> tuple[Mm, ...]:
    """A dowel stands near each edge, and one midway between each two screws, clear of both; from the front edge."""
    between = ((one + next_one) / 2 for one, next_one in pairwise(hole_places))
    return (dowel_margin, *between, case_side_depth_cut - dowel_margin)


@rule(source="geometry", label="dowels along each joint, from the back", per="case_joint.knock_down")
def dowel_places_from_back(dowel_places: tuple[Mm, ...], case_panel_depth_cut: Mm) -> tuple[Mm, ...]:
    """The same dowels, from the back edge of the board that runs through."""
    return measured_from_back(dowel_places, case_panel_depth_cut)


@rule(
    source="common practice",
    label="dowels along each upper joint",
    per="case_joint.knock_down",
    unit="count",
)
def upper_dowels(upper_dowel_places: tuple[Mm, ...]) -> Mm:
    """Above they stand along all of the joint."""
    return Mm(how_many(*upper_dowel_places))


@rule(source="geometry", label="dowels along each upper joint, from the front", per="case_joint.knock_down")
def upper_dowel_places(dowel_places: tuple[Mm, ...]) -> tuple[Mm, ...]:
    """Above they stand along all of the depth."""
    return dowel_places


@rule(source="geometry", label="dowels along each upper joint, from the back", per="case_joint.knock_down")
def upper_dowel_places_from_back(upper_dowel_places: tuple[Mm, ...], case_panel_depth_cut: Mm) -> tuple[Mm, ...]:
    """The same dowels, from the back edge of the board that runs through."""
    return measured_from_back(upper_dowel_places, case_panel_depth_cut)


@rule(source="geometry", label="dowels along each lower joint, from the front", per="case_joint.knock_down")
def lower_dowel_places(dowel_places: tuple[Mm, ...]) -> tuple[Mm, ...]:
    """Below they stand along all of the depth."""
    return dowel_places


@rule(source="geometry", label="dowels along each lower joint, from the back", per="case_joint.knock_down")
def lower_dowel_places_from_back(lower_dowel_places: tuple[Mm, ...], case_panel_depth_cut: Mm) -> tuple[Mm, ...]:
    """The same dowels, from the back edge of the sides."""
    return measured_from_back(lower_dowel_places, case_panel_depth_cut)


@rule(source="geometry", label="dowels of the bottom, from its front", per=("case_joint.knock_down", "whole_bottom"))
def bottom_dowel_places(lower_dowel_places: tuple[Mm, ...], bottom_begins: Mm) -> tuple[Mm, ...]:
    """On the bottom the same dowels, from its own front edge."""
    return tuple(place - bottom_begins for place in lower_dowel_places)


@rule(source="geometry", label="dowels of the bottom, from its back", per=("case_joint.knock_down", "whole_bottom"))
def bottom_dowel_places_from_back(bottom_dowel_places: tuple[Mm, ...], bottom_depth_cut: Mm) -> tuple[Mm, ...]:
    """On the bottom the same dowels, from its back edge."""
    return measured_from_back(bottom_dowel_places, bottom_depth_cut)


@rule(
    source="common practice",
    label="dowels along each lower joint",
    per="case_joint.knock_down",
    unit="count",
)
def lower_dowels(lower_dowel_places: tuple[Mm, ...]) -> Mm:
    """Below they stand along all of the joint."""
    return Mm(how_many(*lower_dowel_places))


@rule(source="common practice", label="number of dowels in the case", per="case_joint.knock_down", unit="count")
def case_dowel_count(lower_dowels: Mm, upper_dowels: Mm) -> Mm:
    """Dowels locate both joints of what lies below, and both of what lies above."""
    return 2 * (lower_dowels + upper_dowels)


@rule(source="common practice", per=("divided.board", "glued_ends", "dry"), unit="ml")
def divider_glue() -> Mm:
    """In a case that comes apart dividers stand dry."""
    return Mm(0)


good(
    "dowel",
    per="case_joint.knock_down",
    title="Dowel for the case",
    count="case_dowel_count",
    size="dowel_length",
    gauge="dowel_diameter",
    into=("dowel_face_depth", "dowel_edge_depth"),
)
WHOLE = {
    "upper_hole_places": ("whole_top",),
    "lower_hole_places": ("whole_bottom",),
    "bottom_hole_places": ("whole_bottom",),
}
"""Dowels go into whole boards."""
DOWELS = {
    "lower_hole_places": "lower_dowel_places",
    "bottom_hole_places": "bottom_dowel_places",
    "upper_hole_places": "upper_dowel_places",
    "top_hole_places": "top_dowel_places",
}
"""Where dowels stand on the lines on which screws stand; a stretcher has room for its screws alone."""
for met, (datum, told) in product((one for one in MET if one.holes in DOWELS), DATUMS):
    cut(
        "holes",
        per=(*met.per, *WHOLE.get(met.holes, ()), "case_joint.knock_down", f"marking_datum.{datum}"),
        into=met.boards,
        title="Dowel holes",
        datums=met.end,
        at=met.line,
        holes=DOWELS[met.holes] + told,
        holes_from=datum,
    )
