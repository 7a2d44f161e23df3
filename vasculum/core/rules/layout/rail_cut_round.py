"""A board that lies between rows, cut between what stands in from the sides at its height. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.layout.board_cut_round import begun, most, reached


@rule(source="geometry", per=("has_board", "board_before.row", "board_obstructed"))
def board_begins(outer_divider_begins: Mm, each_board_takes_left: tuple[Mm | None, ...]) -> Mm:
    """A lying divider begins past what stands in from the left at its height."""
    return begun(outer_divider_begins, most(each_board_takes_left))


@rule(source="geometry", per=("has_board", "board_before.row", "board_obstructed"))
def board_length_cut(
    outer_divider_begins: Mm,
    outer_divider_length: Mm,
    outer_cell_width: Mm,
    board_begins: Mm,
    each_board_takes_right: tuple[Mm | None, ...],
    increment: Mm,
) -> Mm:
    """A lying divider is as long as what stands in from the sides leaves, down to the shop's increment.

    Raises:
        CannotDerive: ``nothing-left-of-divider``.
    """
    planned, lost = outer_divider_begins + outer_divider_length, most(each_board_takes_right)
    return reached(board_begins, planned, outer_cell_width, lost, increment)
