"""An upright rail between the sides instead of a top: it holds them apart, and something to screw through. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, good, piece, rule
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.reasons import snap_down
from vasculum.core.rules.fastening.sold import pocket_length

alternative(
    "case_top.rail",
    title="A rail at the top",
    about="Stands upright between the sides before the back; open above, with pocket screws.",
    shares=("topless", "railed"),
    order=5,
)
RAIL = ("carcass.new", "railed")


@rule(source="common practice", label="length of the top rail, cut", per=RAIL)
def top_rail_length_cut(opening_width: Mm, thickness_increment: Mm) -> Mm:
    """The rail is as long as the inside is wide, to the increment for thickness: it holds the sides apart."""
    return snap_down(opening_width, thickness_increment)


@rule(source="common practice", label="width of the top rail, cut", per=RAIL)
def top_rail_width_cut(stretcher_width: Mm, increment: Mm) -> Mm:
    """It is ripped to the width of a stretcher, down to the shop's increment."""
    return snap_down(stretcher_width, increment)


@rule(source="geometry", label="top rail behind the front edges", per=RAIL)
def top_rail_from_front(case_panel_depth_cut: Mm, back_within: Mm, case_top_thickness: Mm) -> Mm:
    """It stands before the back."""
    return case_panel_depth_cut - back_within - case_top_thickness


@piece(
    "top_rail",
    per=RAIL,
    title="Top rail",
    length="top_rail_length_cut",
    width="top_rail_width_cut",
    thickness="case_top_thickness",
    stock="case_top_sheet",
    order=53,
)
def top_rail(
    clear_stands_in: Mm,
    opening_width: Mm,
    top_rail_length_cut: Mm,
    top_rail_from_front: Mm,
    case_sides_from_floor: Mm,
    case_side_length_cut: Mm,
    top_rail_width_cut: Mm,
) -> Stand:
    """It stands on edge before the back, its upper edge with those of the sides."""
    across = (opening_width - top_rail_length_cut) / 2 - clear_stands_in
    up = case_sides_from_floor + case_side_length_cut - top_rail_width_cut
    return Stand(across, top_rail_from_front, up, "across", "up", -1)


@rule(source="common practice", label="pocket screws of the top rail", per=RAIL, unit="count")
def top_rail_pockets() -> Mm:
    """Two at each end."""
    return Mm(4)


@rule(source="common practice", label="length of pocket screws of the top rail", per=RAIL)
def top_rail_pocket_length(
    case_top_thickness: Mm,
    case_side_thickness: Mm,
    pocket_thicknesses: tuple[Mm, ...],
    pocket_lengths: tuple[Mm, ...],
) -> Mm:
    """They go by the thinner of rail and side."""
    return pocket_length(case_top_thickness, case_side_thickness, pocket_thicknesses, pocket_lengths)


good(
    "pocket_screw",
    per=RAIL,
    title="Pocket screw for the top rail",
    count="top_rail_pockets",
    size="top_rail_pocket_length",
    through=("case_top_thickness",),
    holds="next_board",
)
