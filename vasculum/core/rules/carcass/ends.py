"""Which boards of a case run through, and on which lines the others meet them."""

from __future__ import annotations

from typing import NamedTuple

from vasculum.core.flow import Datum

CASE_SIDES = ("case_side_left", "case_side_right")


class Met(NamedTuple):
    """Boards that run through, by the alternative, and the line near one of their ends on which others meet them.

    ``holes`` names where along that line there is wood to screw into, ``thickness`` how thick what meets them is.
    """

    per: tuple[str, ...]
    boards: tuple[str, ...]
    end: Datum
    line: str
    holes: str
    thickness: str


BELOW = ("bottom_stretcher_front", "bottom_stretcher_back")
ABOVE = ("stretcher_front", "stretcher_back")
ACROSS = (
    (("lower.under", "whole_bottom"), ("case_bottom",), "bottom_hole_places"),
    (("lower.under", "case_bottom.stretchers"), BELOW, "stretcher_hole_places"),
    (("upper.over", "case_top.panel"), ("case_top",), "upper_hole_places"),
    (("upper.over", "case_top.stretchers"), ABOVE, "stretcher_hole_places"),
)
"""Boards that lie across and run through: what is under the inside, and what over it."""
OVERSAILING = ("upper.over", "case_top.oversailing")
ENDS: tuple[Datum, Datum] = ("left", "right")
MET = (
    Met(("lower.between", "bottomed"), CASE_SIDES, "lower", "hole_line_low", "lower_hole_places", "case_bottom_taken"),
    Met(("upper.between", "topped"), CASE_SIDES, "upper", "hole_line_high", "upper_hole_places", "case_top_taken"),
    *(Met(per, boards, "left", "hole_line_across", holes, "case_side_thickness") for per, boards, holes in ACROSS),
    *(Met(per, boards, "right", "hole_line_across", holes, "case_side_thickness") for per, boards, holes in ACROSS),
    *(Met(OVERSAILING, ("case_top",), end, "top_hole_line", "top_hole_places", "case_side_thickness") for end in ENDS),
)
DATUMS: tuple[tuple[Datum, str], ...] = (("front", ""), ("back", "_from_back"))
"""From which edge holes are told, and how their names end then."""
