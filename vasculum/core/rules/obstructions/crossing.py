"""One obstruction and one cell: what it takes, where they meet. Exact mm, from the clear front lower left corner."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest


def meet(start: Mm, size: Mm | None, cell_start: Mm, cell_size: Mm) -> bool:
    """Whether a stretch and a cell have more than an edge in common; a stretch without size runs on to the end."""
    return start < cell_start + cell_size and (size is None or start + size > cell_start)


@rule(source="common practice", label="takes from the left", per="crossing.left")
def takes_left(
    projection: Mm,
    obstruction_clearance: Mm,
    clear_stands_in: Mm,
    outer_cell_from_left: Mm,
    outer_cell_from_floor: Mm,
    outer_cell_height: Mm,
    begins_from_floor: Mm,
    stretch_up: Mm | None = None,
) -> Mm:
    """What stands in from the left takes its projection and the clearance past it, from a cell at its height."""
    if not meet(begins_from_floor, stretch_up, outer_cell_from_floor, outer_cell_height):
        return Mm(0)
    return largest(Mm(0), projection + obstruction_clearance - clear_stands_in - outer_cell_from_left)


@rule(source="common practice", label="takes from the right", per="crossing.right")
def takes_right(
    projection: Mm,
    obstruction_clearance: Mm,
    clear_stands_in: Mm,
    opening_width: Mm,
    outer_cell_from_left: Mm,
    outer_cell_width: Mm,
    outer_cell_from_floor: Mm,
    outer_cell_height: Mm,
    begins_from_floor: Mm,
    stretch_up: Mm | None = None,
) -> Mm:
    """What stands in from the right takes its projection and the clearance past it, from a cell at its height."""
    if not meet(begins_from_floor, stretch_up, outer_cell_from_floor, outer_cell_height):
        return Mm(0)
    behind = opening_width - clear_stands_in - outer_cell_from_left - outer_cell_width
    return largest(Mm(0), projection + obstruction_clearance - behind)


@rule(source="common practice", label="takes from behind", per="crossing.behind")
def takes_behind(
    projection: Mm,
    obstruction_clearance: Mm,
    clear_stands_in: Mm,
    outer_cell_from_left: Mm,
    outer_cell_width: Mm,
    outer_cell_from_floor: Mm,
    outer_cell_height: Mm,
    begins_from_left: Mm,
    begins_from_floor: Mm,
    stretch_across: Mm | None = None,
    stretch_up: Mm | None = None,
) -> Mm:
    """What stands before the back takes its projection and the clearance past it, from a cell that it stands behind."""
    if not meet(begins_from_floor, stretch_up, outer_cell_from_floor, outer_cell_height):
        return Mm(0)
    if not meet(begins_from_left - clear_stands_in, stretch_across, outer_cell_from_left, outer_cell_width):
        return Mm(0)
    return projection + obstruction_clearance


@rule(source="common practice", label="takes from a row on the floor", per="crossing.below")
def takes_on_floor(
    projection: Mm,
    obstruction_clearance: Mm,
    clear_stands_in: Mm,
    outer_cell_from_left: Mm,
    outer_cell_width: Mm,
    begins_from_left: Mm,
    stretch_across: Mm | None = None,
) -> Mm:
    """From a row that stands on the floor it would take its projection and the clearance, where both meet across."""
    if not meet(begins_from_left - clear_stands_in, stretch_across, outer_cell_from_left, outer_cell_width):
        return Mm(0)
    return projection + obstruction_clearance


@rule(source="common practice", label="takes from below", per="crossing.below")
def takes_below(
    projection: Mm,
    obstruction_clearance: Mm,
    clear_stands_in: Mm,
    outer_cell_from_left: Mm,
    outer_cell_width: Mm,
    outer_cell_from_floor: Mm,
    begins_from_left: Mm,
    stretch_across: Mm | None = None,
) -> Mm:
    """What stands on the floor takes its projection and the clearance past it, from a cell that it reaches."""
    if not meet(begins_from_left - clear_stands_in, stretch_across, outer_cell_from_left, outer_cell_width):
        return Mm(0)
    return largest(Mm(0), projection + obstruction_clearance - outer_cell_from_floor)


@rule(source="common practice", label="takes from above", per="crossing.above")
def takes_above(
    projection: Mm,
    obstruction_clearance: Mm,
    clear_stands_in: Mm,
    opening_height: Mm,
    outer_cell_from_left: Mm,
    outer_cell_width: Mm,
    outer_cell_from_floor: Mm,
    outer_cell_height: Mm,
    begins_from_left: Mm,
    stretch_across: Mm | None = None,
) -> Mm:
    """What hangs from the top takes its projection and the clearance past it, from a cell that it reaches."""
    if not meet(begins_from_left - clear_stands_in, stretch_across, outer_cell_from_left, outer_cell_width):
        return Mm(0)
    over = opening_height - outer_cell_from_floor - outer_cell_height
    return largest(Mm(0), projection + obstruction_clearance - over)
