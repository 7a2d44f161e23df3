"""Blocks behind a face frame that a lying divider ends at: it reaches no wall past the frame's lip. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import piece, rule
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.rules.obstructions.free import NOTHING


def _block(packing: Mm, lip: Mm, board_lost: Mm, reaches: Mm) -> Mm:
    return packing if lip > 0 and board_lost == 0 and reaches == 0 else NOTHING


@rule(source="common practice", label="block at the left end of the divider", per=("board_before.row", "left.edge"))
def rail_packing_left(
    board_begins: Mm,
    outer_divider_begins: Mm,
    outer_reaches_left: Mm,
    packing_blank_left: Mm = NOTHING,
    lip_left: Mm = NOTHING,
) -> Mm:
    """Behind the left lip a lying divider is packed as its runners are; not where it reaches the wall itself.

    Nor where it is cut round something there.
    """
    return _block(packing_blank_left, lip_left, board_begins - outer_divider_begins, outer_reaches_left)


@rule(source="common practice", label="block at the right end of the divider", per=("board_before.row", "right.edge"))
def rail_packing_right(
    board_begins: Mm,
    board_length_cut: Mm,
    outer_divider_begins: Mm,
    outer_divider_length_cut: Mm,
    outer_reaches_right: Mm,
    packing_blank_right: Mm = NOTHING,
    lip_right: Mm = NOTHING,
) -> Mm:
    """Behind the right lip a lying divider is packed as its runners are; not where it reaches the wall itself.

    Nor where it is cut round something there.
    """
    planned = outer_divider_begins + outer_divider_length_cut
    return _block(packing_blank_right, lip_right, planned - board_begins - board_length_cut, outer_reaches_right)


@piece(
    "rail_packing_left",
    per=("board_before.row", "left.edge", "packing_made.planed"),
    title="Packing beside a divider, left",
    length="board_depth_cut",
    width="outer_divider_thickness",
    thickness="rail_packing_left",
    stock="packing_strip",
    hand="L",
    where="rail_packing_left",
    order=22,
)
def packing_left(cell_from_floor: Mm, cell_height: Mm, wall_left_from_left: Mm = NOTHING) -> Stand:
    """The left block stands on the wall of the case, level with the divider, which is fixed to it."""
    return Stand(wall_left_from_left, NOTHING, cell_from_floor + cell_height, "back", "up", 1)


@piece(
    "rail_packing_right",
    per=("board_before.row", "right.edge", "packing_made.planed"),
    title="Packing beside a divider, right",
    length="board_depth_cut",
    width="outer_divider_thickness",
    thickness="rail_packing_right",
    stock="packing_strip",
    hand="R",
    where="rail_packing_right",
    order=23,
)
def packing_right(
    rail_packing_right: Mm, cell_from_floor: Mm, cell_height: Mm, wall_right_from_left: Mm = NOTHING
) -> Stand:
    """The right block stands on the wall of the case, level with the divider, which is fixed to it."""
    return Stand(wall_right_from_left - rail_packing_right, NOTHING, cell_from_floor + cell_height, "back", "up", -1)
