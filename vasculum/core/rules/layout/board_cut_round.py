"""A board between parts, cut between what is really there: it ends before what stands in its way. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest, smallest, taken
from vasculum.core.rules.layout.dividing import left_of
from vasculum.core.rules.obstructions.free import NOTHING


def most(each: tuple[Mm | None, ...]) -> Mm:
    """What the largest of several things takes, or nothing."""
    return largest(NOTHING, *taken(each))


def begun(planned: Mm, taken_there: Mm) -> Mm:
    """Where a divider begins: as its split lets it, or past what takes something there."""
    return taken_there if taken_there > 0 else planned


def reached(begins: Mm, planned_end: Mm, whole: Mm, taken_there: Mm, increment: Mm) -> Mm:
    """How long a divider is that begins somewhere and ends as planned, or before what takes something there.

    Down to the increment.

    Raises:
        CannotDerive: ``nothing-left-of-divider``.
    """
    ends = smallest(planned_end, whole - taken_there) if taken_there > 0 else planned_end
    return left_of(whole, begins + whole - ends, increment)


@rule(source="geometry", per=("has_board", "board_before.column", "board_obstructed"))
def board_begins(outer_divider_begins: Mm, each_board_takes_below: tuple[Mm | None, ...]) -> Mm:
    """An upright divider stands over what is on the floor under it."""
    return begun(outer_divider_begins, most(each_board_takes_below))


@rule(source="geometry", per=("has_board", "board_before.column", "board_obstructed"))
def board_length_cut(
    outer_divider_begins: Mm,
    outer_divider_length: Mm,
    outer_cell_height: Mm,
    board_begins: Mm,
    each_board_takes_above: tuple[Mm | None, ...],
    increment: Mm,
) -> Mm:
    """An upright divider reaches from what stands under it to what hangs over it, down to the shop's increment.

    Raises:
        CannotDerive: ``nothing-left-of-divider``.
    """
    planned, lost = outer_divider_begins + outer_divider_length, most(each_board_takes_above)
    return reached(board_begins, planned, outer_cell_height, lost, increment)


@rule(source="geometry", per=("has_board", "board_obstructed"))
def board_depth_cut(
    outer_divider_depth_cut: Mm,
    outer_cell_depth: Mm,
    outer_divider_set_back: Mm,
    each_board_takes_behind: tuple[Mm | None, ...],
    increment: Mm,
) -> Mm:
    """A divider ends before what stands behind it, down to the shop's increment.

    Raises:
        CannotDerive: ``nothing-left-of-divider``.
    """
    lost = outer_divider_set_back + most(each_board_takes_behind)
    return smallest(outer_divider_depth_cut, left_of(outer_cell_depth, lost, increment))
