"""The board between two rows of a split: it belongs to the part below it. Exact mm, in the space's frame."""

from __future__ import annotations

from vasculum.core.catalogue import piece
from vasculum.core.flow import Edges, Stand
from vasculum.core.lengths import Mm
from vasculum.core.rules.obstructions.free import NOTHING


@piece(
    "divider",
    per="board_before.row",
    title="Divider",
    length="outer_divider_length_cut",
    width="outer_divider_depth_cut",
    thickness="outer_divider_thickness",
    stock="divider_sheet",
    bands=Edges("case_band", ("front",), width="outer_divider_depth_core"),
    order=8,
)
def divider(cell_from_left: Mm, cell_from_floor: Mm, cell_height: Mm) -> Stand:
    """A lying divider stands over its row."""
    return Stand(cell_from_left, NOTHING, cell_from_floor + cell_height, "across", "back", 1)
