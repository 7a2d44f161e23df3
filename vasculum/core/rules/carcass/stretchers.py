"""Two stretchers instead of a top: a worktop covers them. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, piece, rule
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm

alternative(
    "case_top.stretchers",
    title="Two stretchers",
    about="Less wood where a top is laid on it.",
    shares=("topped", "stretchered"),
    order=3,
)


@piece(
    "stretcher_front",
    per="case_top.stretchers",
    title="Stretcher",
    length="upper_across_length",
    width="stretcher_width_cut",
    thickness="case_top_thickness",
    stock="case_top_sheet",
    order=53,
)
def stretcher_front(upper_across_from_left: Mm, case_top_from_floor: Mm) -> Stand:
    """The front stretcher lies at the front edge."""
    return Stand(upper_across_from_left, Mm(0), case_top_from_floor, "across", "back", -1)


@piece(
    "stretcher_back",
    per="case_top.stretchers",
    title="Stretcher",
    length="upper_across_length",
    width="stretcher_width_cut",
    thickness="case_top_thickness",
    stock="case_top_sheet",
    order=54,
)
def stretcher_back(upper_across_from_left: Mm, stretcher_back_from_front: Mm, case_top_from_floor: Mm) -> Stand:
    """The back stretcher ends where the inside ends."""
    return Stand(upper_across_from_left, stretcher_back_from_front, case_top_from_floor, "across", "back", -1)


@rule(
    source="geometry",
    label="screw holes at the top of the case, from the front",
    per=("case_screwed", "case_top.stretchers"),
)
def upper_hole_places(stretchers_holed: tuple[Mm, ...]) -> tuple[Mm, ...]:
    """Along stretchers the holes stand where there is wood."""
    return stretchers_holed


@rule(source="common practice", per=("case_joint.knock_down", "case_top.stretchers"))
def upper_dowels() -> Mm:
    """A stretcher is narrow: its screws locate it."""
    return Mm(0)
