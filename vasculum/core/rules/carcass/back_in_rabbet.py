"""A back in rabbets of sides, top and bottom: its edges are hidden. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, cut, rule
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.reasons import smallest, snap_down
from vasculum.core.rules.carcass.back import back_piece
from vasculum.core.rules.joints.ends import half_depth

alternative(
    "case_back.in_rabbet",
    title="In a rabbet",
    about="Let into sides, top and bottom; its edges are hidden.",
    needs="router|dado_set|table_saw",
    instead="Plant it behind, or glue strips inside to stop it.",
    shares=("has_back",),
    order=2,
)


@rule(source="common practice", label="rabbet for the case back", per="case_back.in_rabbet")
def case_back_rabbet(
    case_side_thickness: Mm, case_bottom_thickness: Mm, case_top_counts: Mm, thickness_increment: Mm
) -> Mm:
    """The rabbet is half as deep as the thinnest board of the case, down to the increment, and as wide as the back.

    Raises:
        CannotDerive: ``rabbet-through-the-end``.
    """
    thinnest = smallest(case_side_thickness, case_bottom_thickness, case_top_counts)
    return half_depth(thinnest, thickness_increment, None)


@rule(source="common practice", label="back reaches into the top by", per="case_back.in_rabbet")
def back_rabbet_above(case_back_rabbet: Mm) -> Mm:
    """Above the rabbet is as deep as below."""
    return case_back_rabbet


@rule(source="common practice", label="case back behind the inside", per="case_back.in_rabbet")
def back_behind(case_back_thickness: Mm) -> Mm:
    """A back in a rabbet stands behind the inside by its thickness."""
    return case_back_thickness


@rule(source="common practice", label="case boards run on past the back", per="case_back.in_rabbet")
def back_within(case_back_thickness: Mm) -> Mm:
    """Sides, top and bottom run on past the back: they are deeper by its thickness."""
    return case_back_thickness


@rule(source="common practice", label="width of the case back, cut", per="case_back.in_rabbet")
def case_back_width_cut(opening_width: Mm, case_back_rabbet: Mm, bottom_rabbet_play: Mm, increment: Mm) -> Mm:
    """The back reaches into the rabbets of both sides, less its play, down to the shop's increment."""
    return snap_down(opening_width + 2 * case_back_rabbet - bottom_rabbet_play, increment)


@rule(source="common practice", label="height of the case back, cut", per="case_back.in_rabbet")
def case_back_height_cut(
    opening_height: Mm, case_back_rabbet: Mm, back_rabbet_above: Mm, bottom_rabbet_play: Mm, increment: Mm
) -> Mm:
    """The back reaches into the rabbets of top and bottom, less its play, down to the shop's increment."""
    return snap_down(opening_height + case_back_rabbet + back_rabbet_above - bottom_rabbet_play, increment)


@back_piece("case_back.in_rabbet")
def case_back(
    case_from_left: Mm,
    case_outside_width: Mm,
    case_back_width_cut: Mm,
    case_panel_depth_cut: Mm,
    case_back_thickness: Mm,
    opening_height: Mm,
    case_back_rabbet: Mm,
    back_rabbet_above: Mm,
    case_back_height_cut: Mm,
) -> Stand:
    """A back in rabbets stands in the middle of them, flush with the back edges."""
    across = case_from_left + (case_outside_width - case_back_width_cut) / 2
    back, middle = case_panel_depth_cut - case_back_thickness, opening_height + back_rabbet_above - case_back_rabbet
    up = (middle - case_back_height_cut) / 2
    return Stand(across, back, up, "across", "up", -1)


cut(
    "rabbet",
    per="case_back.in_rabbet",
    into=("case_side_left", "case_side_right", "case_bottom", "case_top"),
    title="Rabbet for the case back",
    datums="back",
    width="case_back_thickness",
    depth="case_back_rabbet",
)
