"""A back between sides that run through, and between top and bottom. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.reasons import snap_down
from vasculum.core.rules.carcass.back import back_piece


@rule(source="common practice", per=("case_back.between", "back_within_sides"))
def case_back_width_cut(opening_width: Mm, thickness_increment: Mm) -> Mm:
    """Between sides the back is as wide as the inside, to the increment for thickness."""
    return snap_down(opening_width, thickness_increment)


@back_piece("case_back.between", "back_within_sides")
def case_back(
    clear_stands_in: Mm,
    opening_width: Mm,
    case_back_width_cut: Mm,
    case_panel_depth_cut: Mm,
    case_back_thickness: Mm,
    opening_height: Mm,
    case_back_height_cut: Mm,
) -> Stand:
    """The back stands between the sides, flush with their back edges."""
    across = (opening_width - case_back_width_cut) / 2 - clear_stands_in
    back, up = case_panel_depth_cut - case_back_thickness, (opening_height - case_back_height_cut) / 2
    return Stand(across, back, up, "across", "up", -1)
