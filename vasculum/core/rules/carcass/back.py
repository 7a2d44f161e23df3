"""The back of a case as a piece, however it is let in."""

from __future__ import annotations

from collections.abc import Callable
from typing import TypeVar

from vasculum.core.catalogue import piece
from vasculum.core.flow import Stand

AMONG_THE_BOARDS = 55
"""Where it stands in lists: after sides, bottom and top."""
S = TypeVar("S", bound=Callable[..., Stand | None])


def back_piece(*per: str) -> Callable[[S], S]:
    """A back of its cut size, of its own sheet; the function says where it stands."""
    return piece(
        "case_back",
        per=per,
        title="Case back",
        length="case_back_width_cut",
        width="case_back_height_cut",
        thickness="case_back_thickness",
        stock="case_back_sheet",
        order=AMONG_THE_BOARDS,
    )
