"""The outside of a new case, from the inside that the layout fills. Exact mm.

Where the inside comes from is told by the alternatives of the case: see in_space and of_outside beside this file.
"""

from __future__ import annotations

from vasculum.core.catalogue import alternative, piece, rule
from vasculum.core.flow import Edges, Stand
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest, snap_up
from vasculum.core.rules.obstructions.free import NOTHING

alternative(
    "carcass.new",
    title="The clear inside of a new case",
    about="What was measured, or what goes in, is the clear inside; the boards stand round it.",
    order=4,
)


@rule(source="geometry", label="number of boards of the case", per="carcass.new", unit="count")
def case_boards() -> Mm:
    """A new case has two sides, and two boards across them."""
    return Mm(4)


@rule(source="geometry", label="outside depth of the case", per="carcass.new")
def case_outside_depth(case_panel_depth_cut: Mm, back_within: Mm, back_behind: Mm) -> Mm:
    """Outside, the case is as deep as its cut panels and the back behind them, without what stands before it."""
    return case_panel_depth_cut - back_within + back_behind


@rule(source="geometry", label="whole depth of the case", per="carcass.new")
def case_whole_depth(case_outside_depth: Mm, case_forward: Mm) -> Mm:
    """With its fronts, or a top over them, the case is deeper by what stands before its boards."""
    return case_outside_depth + case_forward


@rule(source="common practice", label="depth of the case boards", per="carcass.new")
def case_panel_depth(clear_depth: Mm, back_within: Mm) -> Mm:
    """Sides, top and bottom are as deep as the inside, and on past a back that is let into them."""
    return clear_depth + back_within


@rule(source="common practice", per="carcass.new")
def case_panel_depth_cut(case_panel_depth: Mm, increment: Mm) -> Mm:
    """The depth of the case is cut up to the shop's increment, so that what goes in keeps its room."""
    return snap_up(case_panel_depth, increment)


@rule(source="common practice", label="depth of the case sides", per="carcass.new")
def case_side_depth_cut(case_panel_depth_cut: Mm) -> Mm:
    """Sides are as deep as top and bottom, unless a back stands behind them."""
    return case_panel_depth_cut


@rule(source="geometry", label="furthest forward of the case", per="carcass.new")
def case_forward(top_forward: Mm, skirt_past: Mm) -> Mm:
    """Furthest forward stand the fronts, a top over them, or the boards round the base."""
    return largest(top_forward, skirt_past)


@rule(source="geometry", label="furthest past the sides", per="carcass.new")
def case_past_sides(top_past_sides: Mm, skirt_past: Mm) -> Mm:
    """Furthest past the sides stands the top, or what is round the base."""
    return largest(top_past_sides, skirt_past)


@rule(source="geometry", label="fronts and top before the case", per="carcass.new")
def top_forward(front_before: Mm) -> Mm:
    """A top ends with the case: the fronts stand before it."""
    return front_before


@rule(source="geometry", label="top past the sides", per="carcass.new")
def top_past_sides() -> Mm:
    """A top ends where the case ends."""
    return NOTHING


@rule(source="common practice", per="carcass.new")
def case_side_length_cut(case_side_length: Mm, thickness_increment: Mm) -> Mm:
    """Sides are cut up to the increment for thickness: what stands between them holds the inside apart."""
    return snap_up(case_side_length, thickness_increment)


@rule(source="common practice", per="carcass.new")
def case_across_length_cut(case_across_length: Mm, thickness_increment: Mm) -> Mm:
    """Boards across are cut up to the increment for thickness: they hold the inside apart."""
    return snap_up(case_across_length, thickness_increment)


@rule(source="geometry", label="case begins, left of its inside", per="carcass.new")
def case_from_left(clear_stands_in: Mm, case_side_thickness: Mm) -> Mm:
    """The case begins outside its inside by a side.

    From the clear left of the space; less than nothing.
    """
    return -clear_stands_in - case_side_thickness


BAND = Edges("case_band", ("front", "back"), width="case_panel_depth_core", only="banded_edges")
"""Top and bottom are banded on their front edge, or on both."""
SIDE_BAND = Edges("case_band", ("front", "back"), width="case_side_depth_core", only="banded_edges")
"""So are the sides."""


@piece(
    "case_side_left",
    per="carcass.new",
    title="Case side, left",
    length="case_side_length_cut",
    width="case_side_depth_cut",
    thickness="case_side_thickness",
    stock="case_side_sheet",
    hand="L",
    bands=SIDE_BAND,
    order=50,
)
def case_side_left(case_from_left: Mm, case_sides_from_floor: Mm) -> Stand:
    """The left side of the case stands outside the inside."""
    return Stand(case_from_left, NOTHING, case_sides_from_floor, "up", "back", 1)


@piece(
    "case_side_right",
    per="carcass.new",
    title="Case side, right",
    length="case_side_length_cut",
    width="case_side_depth_cut",
    thickness="case_side_thickness",
    stock="case_side_sheet",
    hand="R",
    bands=SIDE_BAND,
    order=51,
)
def case_side_right(case_right_side_from_left: Mm, case_sides_from_floor: Mm) -> Stand:
    """The right side of the case stands where the boards across end."""
    return Stand(case_right_side_from_left, NOTHING, case_sides_from_floor, "up", "back", -1)
