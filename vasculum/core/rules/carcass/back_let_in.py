"""A back that is let into sides, top and bottom: how deep, and the size that follows. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.reasons import smallest, snap_down
from vasculum.core.rules.carcass.back import back_piece
from vasculum.core.rules.joints.ends import half_depth


@rule(source="common practice", label="case back let in by", per="back_let_in")
def case_back_rabbet(
    case_side_thickness: Mm, case_bottom_counts: Mm, case_top_counts: Mm, thickness_increment: Mm
) -> Mm:
    """It is let in by half of the thinnest board of the case, down to the increment.

    Raises:
        CannotDerive: ``rabbet-through-the-end``.
    """
    thinnest = smallest(case_side_thickness, case_bottom_counts, case_top_counts)
    return half_depth(thinnest, thickness_increment, None)


@rule(source="common practice", label="back reaches into the top by", per="back_let_in")
def back_rabbet_above(case_back_rabbet: Mm) -> Mm:
    """Above it is let in as deep as below."""
    return case_back_rabbet


@rule(source="common practice", label="back reaches into the bottom by", per="back_let_in")
def back_rabbet_below(case_back_rabbet: Mm) -> Mm:
    """Below it is let in as deep as at the sides."""
    return case_back_rabbet


@rule(source="geometry", label="case back behind the inside", per="back_let_in")
def back_behind(back_within: Mm) -> Mm:
    """A back that is let in stands where the boards that hold it run on past the inside."""
    return back_within


@rule(source="common practice", label="case boards run on past the back", per="back_let_in")
def back_within(case_back_thickness: Mm, case_back_set_in: Mm) -> Mm:
    """Sides, top and bottom run on past the inside by the back's thickness, and by what it is set in."""
    return case_back_thickness + case_back_set_in


@rule(source="common practice", label="width of the case back, cut", per="back_let_in")
def case_back_width_cut(opening_width: Mm, case_back_rabbet: Mm, bottom_rabbet_play: Mm, increment: Mm) -> Mm:
    """The back reaches into both sides, less its play, down to the shop's increment."""
    return snap_down(opening_width + 2 * case_back_rabbet - bottom_rabbet_play, increment)


@rule(source="common practice", label="height of the case back, cut", per="back_let_in")
def case_back_height_cut(
    opening_height: Mm, back_rabbet_below: Mm, back_rabbet_above: Mm, bottom_rabbet_play: Mm, increment: Mm
) -> Mm:
    """The back reaches into top and bottom, less its play, down to the shop's increment."""
    return snap_down(opening_height + back_rabbet_below + back_rabbet_above - bottom_rabbet_play, increment)


@back_piece("back_let_in")
def case_back(
    case_from_left: Mm,
    case_outside_width: Mm,
    case_back_width_cut: Mm,
    case_panel_depth_cut: Mm,
    case_back_thickness: Mm,
    case_back_set_in: Mm,
    opening_height: Mm,
    back_rabbet_below: Mm,
    back_rabbet_above: Mm,
    case_back_height_cut: Mm,
) -> Stand:
    """It stands in the middle of what it is let into, so far before the back edges as it is set in."""
    across = case_from_left + (case_outside_width - case_back_width_cut) / 2
    back = case_panel_depth_cut - case_back_set_in - case_back_thickness
    middle = opening_height + back_rabbet_above - back_rabbet_below
    up = (middle - case_back_height_cut) / 2
    return Stand(across, back, up, "across", "up", -1)
