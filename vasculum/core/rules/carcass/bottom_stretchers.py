"""Two stretchers instead of a bottom: they hold the sides apart, and the lowest drawer hangs over them. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, piece, rule
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.rules.obstructions.free import NOTHING

alternative(
    "case_bottom.stretchers",
    title="Two stretchers below",
    about="Less wood where nothing stands on it; dust comes in from below.",
    shares=("bottomed", "stretchered"),
    order=2,
)


@piece(
    "bottom_stretcher_front",
    per="case_bottom.stretchers",
    title="Stretcher",
    length="case_across_length_cut",
    width="stretcher_width_cut",
    thickness="case_bottom_thickness",
    stock="case_bottom_sheet",
    order=52,
)
def bottom_stretcher_front(across_from_left: Mm, case_bottom_thickness: Mm) -> Stand:
    """The front stretcher lies at the front edge, its upper face the floor of the inside."""
    return Stand(across_from_left, NOTHING, -case_bottom_thickness, "across", "back", 1)


@piece(
    "bottom_stretcher_back",
    per="case_bottom.stretchers",
    title="Stretcher",
    length="case_across_length_cut",
    width="stretcher_width_cut",
    thickness="case_bottom_thickness",
    stock="case_bottom_sheet",
    order=52,
)
def bottom_stretcher_back(across_from_left: Mm, stretcher_back_from_front: Mm, case_bottom_thickness: Mm) -> Stand:
    """The back stretcher ends where the inside ends."""
    return Stand(across_from_left, stretcher_back_from_front, -case_bottom_thickness, "across", "back", 1)


@rule(source="geometry", per=("case_screwed", "case_bottom.stretchers"))
def lower_hole_places(stretchers_holed: tuple[Mm, ...]) -> tuple[Mm, ...]:
    """Along stretchers the holes stand where there is wood."""
    return stretchers_holed


@rule(source="common practice", per=("case_joint.knock_down", "case_bottom.stretchers"))
def lower_dowels() -> Mm:
    """A stretcher is narrow: its screws locate it."""
    return NOTHING
