"""A fitted shelf, whatever it rests on. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.errors import CannotDerive
from vasculum.core.lengths import Mm
from vasculum.core.reasons import snap_down


@rule(source="common practice", label="shelf length", per="shelf")
def shelf_length(free_width: Mm, shelf_play: Mm) -> Mm:
    """A fitted shelf is the free width less its play on both sides.

    Raises:
        CannotDerive: ``no-room-for-shelf``.
    """
    length = free_width - 2 * shelf_play
    if length <= 0:
        raise CannotDerive(
            "no-room-for-shelf",
            "Play of {shelf_play} on both sides fills a cell {free_width} wide.",
            "Take less play, or make the cell wider.",
            shelf_play=shelf_play,
            free_width=free_width,
        )
    return length


@rule(source="common practice", per="shelf")
def shelf_length_cut(shelf_length: Mm, increment: Mm) -> Mm:
    """The shelf is cut to length, down to the shop's increment."""
    return snap_down(shelf_length, increment)


@rule(source="common practice", label="shelf depth", per="shelf")
def shelf_depth(free_depth: Mm, shelf_short_behind: Mm) -> Mm:
    """The shelf is as deep as is free, less what it ends short at the back.

    Raises:
        CannotDerive: ``no-room-for-shelf``.
    """
    depth = free_depth - shelf_short_behind
    if depth <= 0:
        raise CannotDerive(
            "no-room-for-shelf",
            "A shelf that ends {shelf_short_behind} before the back is left nothing of {free_depth}.",
            "Let it end further back.",
            shelf_short_behind=shelf_short_behind,
            free_depth=free_depth,
        )
    return depth


@rule(source="common practice", label="shelf depth, cut", per="shelf")
def shelf_depth_cut(shelf_depth: Mm, increment: Mm) -> Mm:
    """The shelf is ripped to its depth, down to the shop's increment."""
    return snap_down(shelf_depth, increment)
