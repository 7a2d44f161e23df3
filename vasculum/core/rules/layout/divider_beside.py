"""The board between two columns of a split: it belongs to the part on its right. Exact mm, in the space's frame."""

from __future__ import annotations

from vasculum.core.catalogue import piece
from vasculum.core.flow import Edges, Stand
from vasculum.core.lengths import Mm


@piece(
    "divider",
    per="board_before.column",
    title="Divider",
    length="board_length_cut",
    width="board_depth_cut",
    thickness="outer_divider_thickness",
    stock="divider_sheet",
    bands=Edges("case_band", ("front", "back"), width="board_depth_core", only="banded_edges"),
    let_in="outer_divider_housed",
    fixed_at="outer_divider_fixings",
    order=8,
)
def divider(
    cell_from_left: Mm,
    outer_divider_thickness: Mm,
    outer_divider_set_back: Mm,
    cell_from_floor: Mm,
    board_begins: Mm,
) -> Stand:
    """An upright divider stands on the left of its column."""
    across, up = cell_from_left - outer_divider_thickness, cell_from_floor + board_begins
    return Stand(across, outer_divider_set_back, up, "up", "back", 1)
