"""A whole top that was to run over the fronts, between sides that run through: it cannot. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import piece
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.rules.carcass.around import BAND


@piece(
    "case_top",
    per=("case_top.oversailing", "through.sides"),
    title="Case top",
    length="case_across_length_cut",
    width="case_panel_depth_cut",
    thickness="case_top_thickness",
    stock="case_top_sheet",
    bands=BAND,
    order=53,
)
def case_top(across_from_left: Mm, case_top_from_floor: Mm) -> Stand:
    """Between sides the top ends where they end."""
    return Stand(across_from_left, Mm(0), case_top_from_floor, "across", "back", -1)
