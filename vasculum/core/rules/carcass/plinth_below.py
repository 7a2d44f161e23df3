"""A plinth of four boards below a bottom that runs through. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import piece, rule
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.reasons import snap_down


@rule(source="common practice", per="lower.under", when=("plinth_height",))
def plinth(toe_board_height_cut: Mm) -> Mm:
    """The bottom stands on a plinth of its own, as high as its boards are cut."""
    return toe_board_height_cut


@rule(source="common practice", label="length of a toe board, cut", per="lower.under", when=("plinth_height",))
def toe_board_length_cut(case_outside_width: Mm, increment: Mm) -> Mm:
    """The long boards of the plinth are as long as the case is wide, down to the shop's increment."""
    return snap_down(case_outside_width, increment)


@rule(source="common practice", label="height of a toe board, cut", per="lower.under", when=("plinth_height",))
def toe_board_height_cut(plinth_height: Mm, increment: Mm) -> Mm:
    """The boards of the plinth are as high as it is, down to the shop's increment."""
    return snap_down(plinth_height, increment)


@rule(source="common practice", label="length of a toe board's return, cut", per="lower.under", when=("plinth_height",))
def toe_end_length_cut(case_outside_depth: Mm, toe_set_back: Mm, plinth_thickness: Mm, increment: Mm) -> Mm:
    """The short boards stand between the long ones, and the front one is set back for toes."""
    return snap_down(case_outside_depth - toe_set_back - 2 * plinth_thickness, increment)


@rule(source="common practice", label="number of toe boards", per="lower.under", when=("plinth_height",), unit="count")
def toe_board_count() -> Mm:
    """Two long boards, front and back."""
    return Mm(2)


@piece(
    "toe_board_front",
    per="lower.under",
    title="Toe board",
    length="toe_board_length_cut",
    width="toe_board_height_cut",
    thickness="plinth_thickness",
    stock="plinth_sheet",
    where="toe_board_height_cut",
    order=56,
)
def toe_board_front(case_from_left: Mm, toe_set_back: Mm, case_bottom_taken: Mm, toe_board_height_cut: Mm) -> Stand:
    """The front board of the plinth is set back for toes."""
    return Stand(case_from_left, toe_set_back, -case_bottom_taken - toe_board_height_cut, "across", "up", 1)


@piece(
    "toe_board_back",
    per="lower.under",
    title="Toe board",
    length="toe_board_length_cut",
    width="toe_board_height_cut",
    thickness="plinth_thickness",
    stock="plinth_sheet",
    where="toe_board_height_cut",
    order=57,
)
def toe_board_back(
    case_from_left: Mm,
    case_outside_depth: Mm,
    plinth_thickness: Mm,
    case_bottom_taken: Mm,
    toe_board_height_cut: Mm,
) -> Stand:
    """The back board of the plinth stands at the back of the case."""
    return Stand(
        case_from_left,
        case_outside_depth - plinth_thickness,
        -case_bottom_taken - toe_board_height_cut,
        "across",
        "up",
        1,
    )


@piece(
    "toe_end_left",
    per="lower.under",
    title="Toe board, end",
    length="toe_end_length_cut",
    width="toe_board_height_cut",
    thickness="plinth_thickness",
    stock="plinth_sheet",
    where="toe_board_height_cut",
    order=58,
)
def toe_end_left(
    case_from_left: Mm,
    toe_set_back: Mm,
    plinth_thickness: Mm,
    case_bottom_taken: Mm,
    toe_board_height_cut: Mm,
) -> Stand:
    """The left end of the plinth stands between its long boards."""
    return Stand(
        case_from_left, toe_set_back + plinth_thickness, -case_bottom_taken - toe_board_height_cut, "back", "up", 1
    )


@piece(
    "toe_end_right",
    per="lower.under",
    title="Toe board, end",
    length="toe_end_length_cut",
    width="toe_board_height_cut",
    thickness="plinth_thickness",
    stock="plinth_sheet",
    where="toe_board_height_cut",
    order=59,
)
def toe_end_right(
    case_from_left: Mm,
    toe_board_length_cut: Mm,
    toe_set_back: Mm,
    plinth_thickness: Mm,
    case_bottom_taken: Mm,
    toe_board_height_cut: Mm,
) -> Stand:
    """The right end of the plinth stands between its long boards."""
    return Stand(
        case_from_left + toe_board_length_cut - plinth_thickness,
        toe_set_back + plinth_thickness,
        -case_bottom_taken - toe_board_height_cut,
        "back",
        "up",
        1,
    )
