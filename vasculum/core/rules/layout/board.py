"""The board before a part of a split, where nothing stands in its way: as the split has cut it. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="geometry", label="divider length, cut", per="has_board")
def board_length_cut(outer_divider_length_cut: Mm) -> Mm:
    """Each divider of a split is as long as its split asks."""
    return outer_divider_length_cut


@rule(source="geometry", label="divider depth, cut", per="has_board")
def board_depth_cut(outer_divider_depth_cut: Mm) -> Mm:
    """Each divider of a split is as deep as its split asks."""
    return outer_divider_depth_cut


@rule(source="geometry", label="divider begins behind the front", per="has_board")
def board_begins(outer_divider_begins: Mm) -> Mm:
    """It begins where its split lets dividers begin."""
    return outer_divider_begins
