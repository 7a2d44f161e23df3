"""A board that lies between rows, cut between what stands in from the sides at its height. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.layout.board_cut_round import cut_round, most


@rule(source="geometry", per=("has_board", "board_before.row", "board_obstructed"))
def board_begins(each_board_takes_left: tuple[Mm | None, ...]) -> Mm:
    """A lying divider begins past what stands in from the left at its height."""
    return most(each_board_takes_left)


@rule(source="geometry", per=("has_board", "board_before.row", "board_obstructed"))
def board_length_cut(
    outer_divider_length_cut: Mm,
    outer_cell_width: Mm,
    board_begins: Mm,
    each_board_takes_right: tuple[Mm | None, ...],
    increment: Mm,
) -> Mm:
    """A lying divider is as long as what stands in from the sides leaves, down to the shop's increment.

    Raises:
        CannotDerive: ``nothing-left-of-divider``.
    """
    lost = board_begins + most(each_board_takes_right)
    return cut_round(outer_divider_length_cut, outer_cell_width, lost, increment)
