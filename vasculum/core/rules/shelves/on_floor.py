"""A shelf on the floor of its cell. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.rules.obstructions.free import NOTHING
from vasculum.core.rules.shelves.board import shelf_piece

alternative(
    "shelf_rests.floor",
    title="On the floor of its place",
    about="On a rail, a cleat or whatever the place stands on.",
    order=1,
)


@shelf_piece("shelf", "shelf", "shelf_rests.floor")
def shelf(
    cell_from_left: Mm,
    free_width: Mm,
    shelf_length_cut: Mm,
    cell_from_floor: Mm,
    taken_left: Mm = NOTHING,
    taken_below: Mm = NOTHING,
) -> Stand:
    """A shelf lies on the floor of its cell, in the middle of what is free."""
    across = cell_from_left + taken_left + (free_width - shelf_length_cut) / 2
    return Stand(across, NOTHING, cell_from_floor + taken_below, "across", "back", 1)
