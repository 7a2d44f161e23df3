"""A top laid on the case: it covers what stands before it, and overhangs. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import piece, rule
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.reasons import snap_down


@rule(
    source="common practice", label="length of the top on the case, cut", per="carcass.new", when=("worktop_thickness",)
)
def worktop_length_cut(case_outside_width: Mm, worktop_overhang: Mm, increment: Mm) -> Mm:
    """The top overhangs on both sides, down to the shop's increment."""
    return snap_down(case_outside_width + 2 * worktop_overhang, increment)


@rule(
    source="common practice", label="depth of the top on the case, cut", per="carcass.new", when=("worktop_thickness",)
)
def worktop_depth_cut(case_outside_depth: Mm, front_before: Mm, worktop_overhang: Mm, increment: Mm) -> Mm:
    """The top covers the case, the fronts before it and any stand-off, and overhangs at the front."""
    return snap_down(case_outside_depth + front_before + worktop_overhang, increment)


@rule(source="geometry", per="carcass.new", when=("worktop_thickness",))
def top_over(worktop_thickness: Mm) -> Mm:
    """The top stands on the case by its thickness."""
    return worktop_thickness


@piece(
    "worktop",
    per="carcass.new",
    title="Worktop",
    length="worktop_length_cut",
    width="worktop_depth_cut",
    thickness="worktop_thickness",
    stock="worktop_sheet",
    where="worktop_thickness",
    order=59,
)
def worktop(
    case_from_left: Mm,
    case_outside_width: Mm,
    worktop_length_cut: Mm,
    case_outside_depth: Mm,
    worktop_depth_cut: Mm,
    case_top_from_floor: Mm,
    case_top_taken: Mm,
) -> Stand:
    """The worktop lies on the case, flush with its back, and overhangs at both ends and before it."""
    across = case_from_left + (case_outside_width - worktop_length_cut) / 2
    back, up = case_outside_depth - worktop_depth_cut, case_top_from_floor + case_top_taken
    return Stand(across, back, up, "across", "back", 1)
