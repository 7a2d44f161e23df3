"""What is left of a cell for what is built into it. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.errors import CannotDerive
from vasculum.core.lengths import Mm

NOTHING = Mm(0)


def width_left(cell_width: Mm, taken: Mm) -> Mm:
    """What is left of a cell's width.

    Raises:
        CannotDerive: ``no-width-beside-obstruction``.
    """
    width = cell_width - taken
    if width <= 0:
        raise CannotDerive(
            "no-width-beside-obstruction",
            "What stands in the way takes {taken} of a cell {cell_width} wide.",
            "Give the cell more width, divide the space past what is in the way, or block the cell.",
            taken=taken,
            cell_width=cell_width,
        )
    return width


@rule(source="common practice", label="width left for box and runners", per="built_in")
def free_width(cell_width: Mm, taken_left: Mm = NOTHING, taken_right: Mm = NOTHING) -> Mm:
    """Free is the cell's width less what stands in its way on both sides.

    Raises:
        CannotDerive: ``no-width-beside-obstruction``.
    """
    return width_left(cell_width, taken_left + taken_right)


@rule(source="common practice", label="depth left for box and runners", per="built_in")
def free_depth(cell_depth: Mm, taken_behind: Mm = NOTHING) -> Mm:
    """Free is the cell's depth less what stands behind it.

    Raises:
        CannotDerive: ``no-depth-before-obstruction``.
    """
    depth = cell_depth - taken_behind
    if depth <= 0:
        raise CannotDerive(
            "no-depth-before-obstruction",
            "What stands behind takes {taken} of a cell {cell_depth} deep.",
            "Divide the space past what is in the way, or block the cell.",
            taken=taken_behind,
            cell_depth=cell_depth,
        )
    return depth
