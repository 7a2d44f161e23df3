"""Which boards of a case run through, and on which lines the others meet them."""

from __future__ import annotations

from typing import NamedTuple

from vasculum.core.flow import Datum

CASE_SIDES = ("case_side_left", "case_side_right")
CASE_ACROSS = ("case_bottom", "case_top", "stretcher_front", "stretcher_back")


class Met(NamedTuple):
    """Boards that run through, by the alternative, and the line near one of their ends on which others meet them."""

    per: str
    boards: tuple[str, ...]
    end: Datum
    line: str


MET = (
    Met("through.sides", CASE_SIDES, "lower", "hole_line_low"),
    Met("through.sides", CASE_SIDES, "upper", "hole_line_high"),
    Met("through.top", CASE_ACROSS, "left", "hole_line_low"),
    Met("through.top", CASE_ACROSS, "right", "hole_line_high"),
)
