"""A case with a whole top. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, piece, rule
from vasculum.core.flow import Edges, Stand
from vasculum.core.lengths import Mm
from vasculum.core.rules.obstructions.free import NOTHING

alternative(
    "case_top.panel",
    title="Whole top",
    shares=("whole_top", "topped"),
    order=1,
)


def case_top(upper_across_from_left: Mm, top_begins: Mm, case_top_from_floor: Mm) -> Stand:
    """The top lies over the inside; between sides that run through it cannot run over the fronts."""
    return Stand(upper_across_from_left, top_begins, case_top_from_floor, "across", "back", -1)


@rule(source="geometry", label="case top behind the front edges", per="whole_top")
def top_begins() -> Mm:
    """The top is flush with the front edges."""
    return NOTHING


@rule(source="common practice", label="depth of the case top", per="whole_top")
def top_depth_cut(case_panel_depth_cut: Mm) -> Mm:
    """The top is as deep as the sides."""
    return case_panel_depth_cut


@rule(source="geometry", per=("case_screwed", "whole_top"))
def upper_hole_places(hole_places: tuple[Mm, ...]) -> tuple[Mm, ...]:
    """Along a whole top the holes stand as along the bottom."""
    return hole_places


for per in ("case_top.panel", ("case_top.oversailing", "upper.between")):
    piece(
        "case_top",
        per=per,
        title="Case top",
        length="upper_across_length",
        width="top_depth_cut",
        thickness="case_top_thickness",
        stock="case_top_sheet",
        bands=Edges("case_band", ("front", "back"), width="top_depth_core", only="banded_edges"),
        order=53,
    )(case_top)
