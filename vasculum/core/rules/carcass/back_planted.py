"""A back planted on: it squares the case, and its edges show. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, rule
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.reasons import snap_down
from vasculum.core.rules.carcass.back import back_piece

alternative(
    "case_back.planted",
    title="Planted behind",
    about="Covers everything from behind and squares the case; its edges show.",
    shares=("back_fastened",),
    order=1,
)


@rule(source="common practice", per="case_back.planted")
def back_behind(case_back_thickness: Mm) -> Mm:
    """A planted back stands behind the case by its thickness."""
    return case_back_thickness


@rule(source="common practice", per="case_back.planted")
def back_within() -> Mm:
    """A planted back is let into nothing."""
    return Mm(0)


@rule(source="common practice", per="case_back.planted")
def case_back_width_cut(case_outside_width: Mm, increment: Mm) -> Mm:
    """A planted back is as wide as the case, down to the shop's increment, so that it does not stand out."""
    return snap_down(case_outside_width, increment)


@rule(source="common practice", per="case_back.planted")
def case_back_height_cut(case_outside_height: Mm, plinth: Mm, increment: Mm) -> Mm:
    """A planted back is as high as the case above its plinth, down to the shop's increment."""
    return snap_down(case_outside_height - plinth, increment)


@back_piece("case_back.planted")
def case_back(
    case_from_left: Mm,
    case_outside_width: Mm,
    case_back_width_cut: Mm,
    case_panel_depth_cut: Mm,
    case_bottom_taken: Mm,
    case_outside_height: Mm,
    plinth: Mm,
    case_back_height_cut: Mm,
) -> Stand:
    """A planted back stands behind the middle of the case, above its plinth."""
    across = case_from_left + (case_outside_width - case_back_width_cut) / 2
    up = -case_bottom_taken + (case_outside_height - plinth - case_back_height_cut) / 2
    return Stand(across, case_panel_depth_cut, up, "across", "up", -1)
