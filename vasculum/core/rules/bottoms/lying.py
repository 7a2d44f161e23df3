"""What every bottom is as a piece, however it is held: each says only where it lies. Exact mm."""

from __future__ import annotations

from functools import partial

from vasculum.core.catalogue import piece

bottom_piece = partial(
    piece,
    "bottom",
    title="Box bottom",
    length="bottom_width_cut",
    width="bottom_depth_cut",
    thickness="bottom_thickness",
    stock="bottom_sheet",
    moves=True,
    order=5,
)
"""The bottom of a box, out of its sheet; ``per`` says which, and the function where it lies."""
