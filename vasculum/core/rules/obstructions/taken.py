"""What a cell loses on each side to everything that stands in its way. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest, taken


@rule(source="common practice", label="taken from the cell on the left", per="obstructed.left")
def taken_left(each_takes_left: tuple[Mm | None, ...]) -> Mm:
    """On the left the cell loses what the largest of the things in the way takes."""
    return largest(*taken(each_takes_left))


@rule(source="common practice", label="taken from the cell on the right", per="obstructed.right")
def taken_right(each_takes_right: tuple[Mm | None, ...]) -> Mm:
    """On the right the cell loses what the largest of the things in the way takes."""
    return largest(*taken(each_takes_right))


@rule(source="common practice", label="taken from the cell behind", per="obstructed.behind")
def taken_behind(each_takes_behind: tuple[Mm | None, ...]) -> Mm:
    """Behind the cell loses what the largest of the things in the way takes."""
    return largest(*taken(each_takes_behind))


@rule(source="common practice", label="taken from the cell below", per="obstructed.below")
def taken_below(each_takes_below: tuple[Mm | None, ...]) -> Mm:
    """Below the cell loses what the largest of the things in the way takes."""
    return largest(*taken(each_takes_below))


@rule(
    source="common practice", label="room over what stands on the floor", per=("obstructed.below", "cell.row", "lowest")
)
def room_on_floor(each_takes_on_floor: tuple[Mm | None, ...]) -> Mm:
    """The lowest row leaves room for the highest thing on the floor, besides what goes in it."""
    return largest(*taken(each_takes_on_floor))


@rule(source="common practice", label="taken from the cell above", per="obstructed.above")
def taken_above(each_takes_above: tuple[Mm | None, ...]) -> Mm:
    """Above the cell loses what the largest of the things in the way takes."""
    return largest(*taken(each_takes_above))
