"""A back between a top and a bottom that run through: as wide as the case, behind its sides. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.reasons import snap_down
from vasculum.core.rules.carcass.back import back_piece


@rule(source="common practice", per=("carcass.new", "case_back.between", "back_behind_sides"))
def case_side_depth_cut(case_panel_depth_cut: Mm, case_back_thickness: Mm) -> Mm:
    """The sides end before the back that stands behind them."""
    return case_panel_depth_cut - case_back_thickness


@rule(source="geometry", per=("back_fastened", "case_back.between", "back_behind_sides"))
def case_back_edge(case_side_thickness: Mm) -> Mm:
    """Through a back behind the sides, screws bite into the sides."""
    return case_side_thickness


@rule(source="common practice", per=("case_back.between", "back_behind_sides"))
def case_back_width_cut(case_outside_width: Mm, thickness_increment: Mm) -> Mm:
    """The back runs the full width of the case, behind its sides."""
    return snap_down(case_outside_width, thickness_increment)


@back_piece("case_back.between", "back_behind_sides")
def case_back(
    case_from_left: Mm,
    case_outside_width: Mm,
    case_back_width_cut: Mm,
    case_side_depth_cut: Mm,
    opening_height: Mm,
    case_back_height_cut: Mm,
) -> Stand:
    """The back stands behind the sides, between top and bottom."""
    across = case_from_left + (case_outside_width - case_back_width_cut) / 2
    return Stand(across, case_side_depth_cut, (opening_height - case_back_height_cut) / 2, "across", "up", -1)
