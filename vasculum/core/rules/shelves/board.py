"""A shelf as a piece, wherever it rests."""

from __future__ import annotations

from collections.abc import Callable
from typing import TypeVar

from vasculum.core.catalogue import piece
from vasculum.core.flow import Edges, Stand

SHELVES = ("shelf", "shelf_second", "shelf_third", "shelf_fourth", "shelf_fifth", "shelf_sixth")
"""The shelves of one place, from below: as many as it holds."""
IN_LISTS = 7
"""Where it stands among the parts of its place."""
S = TypeVar("S", bound=Callable[..., Stand | None])


def shelf_piece(role: str, *per: str, where: str = "", nth: int = 0) -> Callable[[S], S]:
    """A shelf of its cut size, banded as the case is; the function says where it lies."""
    return piece(
        role,
        per=per,
        title="Shelf",
        length="shelf_length_cut",
        width="shelf_depth_cut",
        thickness="shelf_thickness",
        stock="shelf_sheet",
        bands=Edges("case_band", ("front", "back"), width="shelf_depth_core", only="banded_edges"),
        where=where,
        nth=nth,
        order=IN_LISTS,
    )
