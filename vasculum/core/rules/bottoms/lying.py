"""What every bottom is as a piece, however it is held: each says only where it lies. Exact mm."""

from __future__ import annotations

from collections.abc import Callable

from vasculum.core.catalogue import piece
from vasculum.core.flow import Stand

Lies = Callable[..., Stand]


def bottom_piece(per: str) -> Callable[[Lies], Lies]:
    """The bottom of a box, out of its sheet; the function says where it lies."""
    return piece(
        "bottom",
        per=per,
        title="Bottom",
        length="bottom_width_cut",
        width="bottom_depth_cut",
        thickness="bottom_thickness",
        stock="bottom_sheet",
        moves=True,
        order=5,
    )
