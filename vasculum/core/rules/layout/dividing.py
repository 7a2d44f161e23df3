"""What stands between rows or columns, and the one unknown that settles them all. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.errors import CannotDerive
from vasculum.core.lengths import Mm
from vasculum.core.reasons import snap_down, total


@rule(source="common practice", label="between two neighbours", per="divided.board")
def between(divider_thickness: Mm) -> Mm:
    """Between neighbours stands a divider of measured thickness."""
    return divider_thickness


@rule(source="geometry", label="size of one share", per="split")
def unit_size(split_clear: Mm, between: Mm, each_fixed_part: tuple[Mm, ...], each_weight: tuple[Mm, ...]) -> Mm:
    """What fixed parts and dividers leave is divided by the shares.

    Raises:
        CannotDerive: ``rows-over`` when they leave less than nothing, ``rows-under`` when nobody takes what is left,
            ``no-room-for-shares`` when they leave nothing to share.
    """
    fixed, shares = total(*each_fixed_part), total(*each_weight)
    left = split_clear - fixed - between * (len(each_weight) - 1)
    if left < 0:
        raise CannotDerive(
            "rows-over",
            "Fixed rows and dividers come to {wanted}, {over} more than the {clear} there is.",
            "Take {over} off a fixed row, leave out a divider or thin it, or let one row take what is left.",
            wanted=split_clear - left,
            over=-left,
            clear=split_clear,
        )
    if shares == 0 and left > 0:
        raise CannotDerive(
            "rows-under",
            "Fixed rows and dividers leave {left} of {clear} to nobody.",
            "Let one row take what is left, or make one {left} larger.",
            left=left,
            clear=split_clear,
        )
    if shares > 0 and left == 0:
        raise CannotDerive(
            "no-room-for-shares",
            "Fixed rows and dividers take all of {clear}; nothing is left to share.",
            "Make a fixed row smaller, or take the others out.",
            clear=split_clear,
        )
    return left / shares if shares > 0 else left


@rule(source="common practice", label="depth of all dividers, cut", per="divided.board")
def divider_depth_cut(cell_depth: Mm, increment: Mm) -> Mm:
    """A divider is as deep as the cell, down to the shop's increment."""
    return snap_down(cell_depth, increment)


@rule(source="common practice", label="length of all dividers, cut", per="upright.board")
def divider_length_cut(cell_height: Mm, increment: Mm) -> Mm:
    """An upright divider is as long as the cell is high, down to the shop's increment."""
    return snap_down(cell_height, increment)
