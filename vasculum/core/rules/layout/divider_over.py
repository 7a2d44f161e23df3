"""The board between two rows of a split: it belongs to the part below it. Exact mm, in the space's frame."""

from __future__ import annotations

from vasculum.core.catalogue import piece
from vasculum.core.flow import Edges, Stand
from vasculum.core.lengths import Mm


@piece(
    "divider",
    per="board_before.row",
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
    cell_from_left: Mm, board_begins: Mm, outer_divider_set_back: Mm, cell_from_floor: Mm, cell_height: Mm
) -> Stand:
    """A lying divider stands over its row."""
    across, up = cell_from_left + board_begins, cell_from_floor + cell_height
    return Stand(across, outer_divider_set_back, up, "across", "back", 1)
