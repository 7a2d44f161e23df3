"""A toe board between sides that run to the floor. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import piece, rule
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.reasons import snap_down


@rule(source="common practice", per="lower.between", when=("plinth_height",))
def plinth(plinth_height: Mm) -> Mm:
    """The sides run on below the bottom by the height of the plinth."""
    return plinth_height


@rule(source="common practice", per="lower.between", when=("plinth_height",))
def toe_board_length_cut(opening_width: Mm, increment: Mm) -> Mm:
    """The toe board stands between the sides, down to the shop's increment."""
    return snap_down(opening_width, increment)


@rule(source="common practice", per="lower.between", when=("plinth_height",))
def toe_board_height_cut(plinth_height: Mm, toe_kick_clearance: Mm, increment: Mm) -> Mm:
    """The toe board stays clear of the floor, down to the shop's increment."""
    return snap_down(plinth_height - toe_kick_clearance, increment)


@rule(source="common practice", per="lower.between", when=("plinth_height",), unit="count")
def toe_board_count() -> Mm:
    """One toe board."""
    return Mm(1)


@piece(
    "toe_board_front",
    per="lower.between",
    title="Toe board",
    length="toe_board_length_cut",
    width="toe_board_height_cut",
    thickness="plinth_thickness",
    stock="plinth_sheet",
    where="toe_board_height_cut",
    order=56,
)
def toe_board_front(
    clear_stands_in: Mm,
    opening_width: Mm,
    toe_board_length_cut: Mm,
    toe_set_back: Mm,
    case_bottom_taken: Mm,
    toe_board_height_cut: Mm,
) -> Stand:
    """The toe board stands between the sides, set back, under the bottom."""
    across = (opening_width - toe_board_length_cut) / 2 - clear_stands_in
    return Stand(across, toe_set_back, -case_bottom_taken - toe_board_height_cut, "across", "up", 1)
