"""What stands between rows or columns, and the one unknown that settles them all. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.errors import CannotDerive
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest, snap_down, total


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
def divider_depth_cut(cell_depth: Mm, divider_set_back: Mm, divider_short_behind: Mm, increment: Mm) -> Mm:
    """A divider is as deep as the cell, less what it stands back at the front and ends short at the back.

    Down to the shop's increment.

    Raises:
        CannotDerive: ``nothing-left-of-divider``.
    """
    return left_of(cell_depth, divider_set_back + divider_short_behind, increment)


def left_of(whole: Mm, lost: Mm, increment: Mm) -> Mm:
    """What is left of a size, down to the increment.

    Raises:
        CannotDerive: ``nothing-left-of-divider``.
    """
    left = snap_down(whole - lost, increment)
    if left <= 0:
        raise CannotDerive(
            "nothing-left-of-divider",
            "What stands in the way, and what it stands back, take {taken} of a divider of {whole}.",
            "Divide the space past what is in the way, or let the divider stand back less.",
            taken=lost,
            whole=whole,
        )
    return left


@rule(source="geometry", label="divider begins in its cell", per="upright.board")
def divider_begins(divider_housed: Mm) -> Mm:
    """An upright divider stands on what is below it, or in it by what it is housed; less than nothing then."""
    return -divider_housed


@rule(source="common practice", label="length of all dividers", per="upright.board")
def divider_length(cell_height: Mm, divider_held_ends: Mm, divider_housed: Mm, divider_play: Mm) -> Mm:
    """An upright divider is as long as the cell is high and what is housed where it is held, less play there."""
    return cell_height + divider_held_ends * (divider_housed - divider_play)


@rule(source="geometry", label="ends at which a divider is held", per="divided.board", unit="count")
def divider_held_ends() -> Mm:
    """A divider is held at both ends."""
    return Mm(2)


@rule(source="common practice", label="length of all dividers, cut", per="divided.board")
def divider_length_cut(divider_length: Mm, increment: Mm) -> Mm:
    """Dividers are cut down to the shop's increment.

    Raises:
        CannotDerive: ``nothing-left-of-divider``.
    """
    return left_of(divider_length, Mm(0), increment)


@rule(source="geometry", label="thickest board that screws of a divider go through", per="divided.board")
def divider_passed(low_end_host: Mm, high_end_host: Mm, divider_housed: Mm) -> Mm:
    """Screws go through what a divider ends at, less what it is let in; the thicker of both ends counts."""
    return largest(low_end_host, high_end_host) - divider_housed
