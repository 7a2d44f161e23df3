"""A board between parts, cut between what is really there: it ends before what stands in its way. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.errors import CannotDerive
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest, snap_down, taken
from vasculum.core.rules.obstructions.free import NOTHING


def most(each: tuple[Mm | None, ...]) -> Mm:
    """What the largest of several things takes, or nothing."""
    return largest(NOTHING, *taken(each))


def cut_round(planned: Mm, whole: Mm, taken_of_it: Mm, increment: Mm) -> Mm:
    """A size as planned, or what things in the way leave of the whole, down to the increment.

    Raises:
        CannotDerive: ``nothing-left-of-divider``.
    """
    if taken_of_it == 0:
        return planned
    left = snap_down(whole - taken_of_it, increment)
    if left <= 0:
        raise CannotDerive(
            "nothing-left-of-divider",
            "What stands in the way takes {taken} of a divider of {whole}.",
            "Divide the space past what is in the way.",
            taken=taken_of_it,
            whole=whole,
        )
    return left


@rule(source="geometry", per=("has_board", "board_before.column", "board_obstructed"))
def board_begins(each_board_takes_below: tuple[Mm | None, ...]) -> Mm:
    """An upright divider stands over what is on the floor under it."""
    return most(each_board_takes_below)


@rule(source="geometry", per=("has_board", "board_before.column", "board_obstructed"))
def board_length_cut(
    outer_divider_length_cut: Mm,
    outer_cell_height: Mm,
    board_begins: Mm,
    each_board_takes_above: tuple[Mm | None, ...],
    increment: Mm,
) -> Mm:
    """An upright divider reaches from what stands under it to what hangs over it, down to the shop's increment.

    Raises:
        CannotDerive: ``nothing-left-of-divider``.
    """
    lost = board_begins + most(each_board_takes_above)
    return cut_round(outer_divider_length_cut, outer_cell_height, lost, increment)


@rule(source="geometry", per=("has_board", "board_obstructed"))
def board_depth_cut(
    outer_divider_depth_cut: Mm, outer_cell_depth: Mm, each_board_takes_behind: tuple[Mm | None, ...], increment: Mm
) -> Mm:
    """A divider ends before what stands behind it, down to the shop's increment.

    Raises:
        CannotDerive: ``nothing-left-of-divider``.
    """
    return cut_round(outer_divider_depth_cut, outer_cell_depth, most(each_board_takes_behind), increment)
