"""Holes along the joints of a case, all from one datum: the front edges, or the back edges. Exact mm."""

from __future__ import annotations

from itertools import product

from vasculum.core.catalogue import cut, good, rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import how_many
from vasculum.core.rules.carcass.datums import measured_from_back
from vasculum.core.rules.carcass.ends import DATUMS, MET
from vasculum.core.rules.fastening.sold import places_along, screw_for


@rule(source="common practice", label="screw holes of the case, from the front", per="case_screwed")
def hole_places(case_side_depth_cut: Mm, case_hole_margin: Mm, case_hole_pitch: Mm, increment: Mm) -> tuple[Mm, ...]:
    """Holes begin and end a margin from the edges, and divide the rest evenly, no further apart than was chosen.

    From the front edge, to the increment; one hole in the middle of a board that is too narrow for two.
    """
    return places_along(case_side_depth_cut, case_hole_margin, case_hole_pitch, increment)


@rule(source="common practice", label="number of screws in the case", per="case_screwed", unit="count")
def case_screw_count(lower_hole_places: tuple[Mm, ...], upper_hole_places: tuple[Mm, ...]) -> Mm:
    """A screw goes through each hole at both ends of what lies below, and of what lies above."""
    return 2 * (how_many(*lower_hole_places) + how_many(*upper_hole_places))


@rule(source="common practice", label="bite of a case screw", per="case_screwed")
def case_screw_bite(case_screw_length: Mm, case_screwed_through: Mm) -> Mm:
    """In the end of the board across bites what reaches past the board it goes through."""
    return case_screw_length - case_screwed_through


@rule(source="common practice", label="diameter of case screws", per="case_screwed")
def case_screw_diameter(case_screwed_edge: Mm, screw_diameters: tuple[Mm, ...], edge_diameters: Mm) -> Mm:
    """As thick a screw as the ends of the boards take."""
    return screw_for(case_screwed_edge, screw_diameters, edge_diameters)


good(
    "screw",
    per="case_screwed",
    title="Screw for the case",
    count="case_screw_count",
    size="case_screw_length",
    through=("case_screwed_through",),
    holds="next_board",
    gauge="case_screw_diameter",
)


@rule(source="geometry", label="screw holes at the bottom of the case, from the back", per="case_screwed")
def lower_hole_places_from_back(lower_hole_places: tuple[Mm, ...], case_panel_depth_cut: Mm) -> tuple[Mm, ...]:
    """The same holes, from the back edge of the board that runs through."""
    return measured_from_back(lower_hole_places, case_panel_depth_cut)


@rule(source="geometry", label="screw holes at the top of the case, from the back", per="case_screwed")
def upper_hole_places_from_back(upper_hole_places: tuple[Mm, ...], case_panel_depth_cut: Mm) -> tuple[Mm, ...]:
    """The same holes, from the back edge of the board that runs through."""
    return measured_from_back(upper_hole_places, case_panel_depth_cut)


for met, (datum, told) in product(MET, DATUMS):
    cut(
        "holes",
        per=(*met.per, "case_screwed", f"marking_datum.{datum}"),
        into=met.boards,
        title="Holes",
        face="through",
        datums=met.end,
        at=met.line,
        holes=met.holes + told,
        holes_from=datum,
    )
