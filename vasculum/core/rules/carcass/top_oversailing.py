"""A top that runs over the fronts: they stand under it, flush with its edge, or behind an overhang. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, piece, rule
from vasculum.core.flow import Edges, Stand
from vasculum.core.lengths import Mm
from vasculum.core.rules.carcass.datums import measured_from_back

alternative(
    "case_top.oversailing",
    title="Over the fronts",
    about="Runs on past the case over the fronts, which stand under it; it may overhang them, and both sides.",
    shares=("whole_top", "topped"),
    order=2,
)
ON = ("case_top.oversailing", "upper.over")


@rule(source="common practice", per=("carcass.new", *ON))
def top_forward(front_before: Mm, top_overhang_front: Mm) -> Mm:
    """Furthest forward stands the top: over the fronts, any stand-off behind them, and by its overhang."""
    return front_before + top_overhang_front


@rule(source="common practice", per=("carcass.new", *ON))
def top_past_sides(top_overhang_side: Mm) -> Mm:
    """At both ends the top stands past the sides by its overhang."""
    return top_overhang_side


@rule(source="common practice", label="length of a top over the fronts, cut", per=ON)
def case_top_length_cut(upper_across_length: Mm, top_past_sides: Mm) -> Mm:
    """The top is as long as the case is wide, and its overhang at both ends."""
    return upper_across_length + 2 * top_past_sides


@rule(source="common practice", label="depth of a top over the fronts, cut", per=ON)
def case_top_depth_cut(case_panel_depth_cut: Mm, top_forward: Mm) -> Mm:
    """The top is as deep as the boards below it, and what it stands before them; their back edges agree."""
    return case_panel_depth_cut + top_forward


@piece(
    "case_top",
    per=ON,
    title="Case top",
    length="case_top_length_cut",
    width="case_top_depth_cut",
    thickness="case_top_thickness",
    stock="case_top_sheet",
    bands=Edges("case_band", ("front", "back"), width="case_top_depth_core", only="banded_edges"),
    order=53,
)
def case_top(upper_across_from_left: Mm, top_past_sides: Mm, top_forward: Mm, case_top_from_floor: Mm) -> Stand:
    """The top lies over the inside, the sides and the fronts."""
    return Stand(upper_across_from_left - top_past_sides, -top_forward, case_top_from_floor, "across", "back", -1)


@rule(source="common practice", label="hole line on a top over the fronts", per=ON)
def top_hole_line(case_side_thickness: Mm, top_past_sides: Mm) -> Mm:
    """On the top, the hole line for a side runs through the middle of its thickness, behind the overhang.

    From either end.
    """
    return top_past_sides + case_side_thickness / 2


@rule(source="geometry", label="screw holes of a top over the fronts, from its front", per=(*ON, "case_screwed"))
def top_hole_places(hole_places: tuple[Mm, ...], top_forward: Mm) -> tuple[Mm, ...]:
    """On the top the holes stand behind what it runs over, where the sides have theirs."""
    return tuple(top_forward + place for place in hole_places)


@rule(source="geometry", label="screw holes of a top over the fronts, from the back", per=(*ON, "case_screwed"))
def top_hole_places_from_back(top_hole_places: tuple[Mm, ...], case_top_depth_cut: Mm) -> tuple[Mm, ...]:
    """From the back edge, where the top agrees with the boards below it."""
    return measured_from_back(top_hole_places, case_top_depth_cut)


@rule(source="geometry", label="dowels in a top over the fronts, from its front", per=(*ON, "case_joint.knock_down"))
def top_dowel_places(dowel_places: tuple[Mm, ...], top_forward: Mm) -> tuple[Mm, ...]:
    """On the top the dowels stand behind what it runs over, where the sides have theirs."""
    return tuple(top_forward + place for place in dowel_places)


@rule(source="geometry", label="dowels in a top over the fronts, from the back", per=(*ON, "case_joint.knock_down"))
def top_dowel_places_from_back(top_dowel_places: tuple[Mm, ...], case_top_depth_cut: Mm) -> tuple[Mm, ...]:
    """From the back edge, where the top agrees with the boards below it."""
    return measured_from_back(top_dowel_places, case_top_depth_cut)
