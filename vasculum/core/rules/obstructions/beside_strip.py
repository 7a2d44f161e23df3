"""A strip past something in the way keeps out of the thing itself: it lies before it or behind it. Exact mm.

Of the runner's length it takes the longest stretch that nothing stands in; where a thing runs all along, there is none.
"""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest, smallest, taken
from vasculum.core.rules.obstructions.crossing import meet
from vasculum.core.rules.obstructions.free import NOTHING


def free_stretch(
    begins: Mm, length: Mm, each_from: tuple[Mm | None, ...], each_to: tuple[Mm | None, ...]
) -> tuple[Mm, Mm]:
    """The longest stretch of a runner beside which nothing stands: where it begins, and how long it is."""
    ends, found, at = begins + length, (begins, NOTHING), begins
    for low, high in (*sorted(zip(taken(each_from), taken(each_to), strict=True)), (ends, ends)):
        if low - at > found[1]:
            found = (at, smallest(low, ends) - at)
        at = largest(at, high)
    return found


def blocked_to(begins: Mm, deep: Mm | None, clearance: Mm, cell_depth: Mm) -> Mm:
    """How far in a thing blocks a strip: to its back edge and the clearance, or all the way where nobody said."""
    return cell_depth if deep is None else begins + deep + clearance


@rule(source="geometry", label="blocks the left strip from", per="crossing.left")
def blocks_left_from(
    begins_from_front: Mm,
    obstruction_clearance: Mm,
    begins_from_floor: Mm,
    outer_cell_depth: Mm,
    stretch_up: Mm | None = None,
    outer_carrier_from_floor: Mm | None = None,
    outer_runner_height: Mm | None = None,
) -> Mm:
    """A thing at the height of a strip on the left blocks it from its front edge on, less the clearance."""
    if outer_carrier_from_floor is None or outer_runner_height is None:
        return outer_cell_depth
    is_met = meet(begins_from_floor, stretch_up, outer_carrier_from_floor, outer_runner_height)
    return begins_from_front - obstruction_clearance if is_met else outer_cell_depth


@rule(source="geometry", label="blocks the left strip up to", per="crossing.left")
def blocks_left_to(
    begins_from_front: Mm, obstruction_clearance: Mm, outer_cell_depth: Mm, stretch_deep: Mm | None = None
) -> Mm:
    """It blocks a strip up to its back edge, and the clearance; to the end where its depth was not said."""
    return blocked_to(begins_from_front, stretch_deep, obstruction_clearance, outer_cell_depth)


@rule(source="geometry", label="left strip begins, from the front", per=("drawer", "obstructed.left"))
def strip_left_begins(
    set_back: Mm,
    runner_length: Mm,
    each_blocks_left_from: tuple[Mm | None, ...],
    each_blocks_left_to: tuple[Mm | None, ...],
) -> Mm:
    """The strip on the left begins where the longest free stretch does.

    From the front face of the case.
    """
    return free_stretch(set_back, runner_length, each_blocks_left_from, each_blocks_left_to)[0]


@rule(source="geometry", label="left strip length", per=("drawer", "obstructed.left"))
def strip_left_length(
    set_back: Mm,
    runner_length: Mm,
    each_blocks_left_from: tuple[Mm | None, ...],
    each_blocks_left_to: tuple[Mm | None, ...],
) -> Mm:
    """The strip on the left is as long as the longest stretch beside which nothing stands."""
    return free_stretch(set_back, runner_length, each_blocks_left_from, each_blocks_left_to)[1]


@rule(source="geometry", label="blocks the right strip from", per="crossing.right")
def blocks_right_from(
    begins_from_front: Mm,
    obstruction_clearance: Mm,
    begins_from_floor: Mm,
    outer_cell_depth: Mm,
    stretch_up: Mm | None = None,
    outer_carrier_from_floor: Mm | None = None,
    outer_runner_height: Mm | None = None,
) -> Mm:
    """A thing at the height of a strip on the right blocks it from its front edge on, less the clearance."""
    if outer_carrier_from_floor is None or outer_runner_height is None:
        return outer_cell_depth
    is_met = meet(begins_from_floor, stretch_up, outer_carrier_from_floor, outer_runner_height)
    return begins_from_front - obstruction_clearance if is_met else outer_cell_depth


@rule(source="geometry", label="blocks the right strip up to", per="crossing.right")
def blocks_right_to(
    begins_from_front: Mm, obstruction_clearance: Mm, outer_cell_depth: Mm, stretch_deep: Mm | None = None
) -> Mm:
    """It blocks a strip up to its back edge, and the clearance; to the end where its depth was not said."""
    return blocked_to(begins_from_front, stretch_deep, obstruction_clearance, outer_cell_depth)


@rule(source="geometry", label="right strip begins, from the front", per=("drawer", "obstructed.right"))
def strip_right_begins(
    set_back: Mm,
    runner_length: Mm,
    each_blocks_right_from: tuple[Mm | None, ...],
    each_blocks_right_to: tuple[Mm | None, ...],
) -> Mm:
    """The strip on the right begins where the longest free stretch does.

    From the front face of the case.
    """
    return free_stretch(set_back, runner_length, each_blocks_right_from, each_blocks_right_to)[0]


@rule(source="geometry", label="right strip length", per=("drawer", "obstructed.right"))
def strip_right_length(
    set_back: Mm,
    runner_length: Mm,
    each_blocks_right_from: tuple[Mm | None, ...],
    each_blocks_right_to: tuple[Mm | None, ...],
) -> Mm:
    """The strip on the right is as long as the longest stretch beside which nothing stands."""
    return free_stretch(set_back, runner_length, each_blocks_right_from, each_blocks_right_to)[1]
