"""A plinth of four boards below a bottom that runs through. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import snap_down


@rule(source="common practice", per="through.top", when=("plinth_height",))
def plinth(plinth_height: Mm) -> Mm:
    """The bottom stands on a plinth of its own."""
    return plinth_height


@rule(source="common practice", per="through.top", when=("plinth_height",))
def toe_board_length_cut(case_outside_width: Mm, increment: Mm) -> Mm:
    """The long boards of the plinth are as long as the case is wide, down to the shop's increment."""
    return snap_down(case_outside_width, increment)


@rule(source="common practice", per="through.top", when=("plinth_height",))
def toe_board_height_cut(plinth_height: Mm, increment: Mm) -> Mm:
    """The boards of the plinth are as high as it is, down to the shop's increment."""
    return snap_down(plinth_height, increment)


@rule(source="common practice", per="through.top", when=("plinth_height",))
def toe_end_length_cut(case_outside_depth: Mm, toe_set_back: Mm, case_thickness: Mm, increment: Mm) -> Mm:
    """The short boards stand between the long ones, and the front one is set back for toes."""
    return snap_down(case_outside_depth - toe_set_back - 2 * case_thickness, increment)


@rule(source="common practice", per="through.top", when=("plinth_height",), unit="count")
def toe_board_count() -> Mm:
    """Two long boards, front and back."""
    return Mm(2)
