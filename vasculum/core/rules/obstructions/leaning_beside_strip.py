"""A strip beside what leans: it lies on a wall that leans all along, and keeps out of what stands in over a stretch.

Exact mm.
"""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest, taken
from vasculum.core.rules.obstructions.beside_strip import blocked_to
from vasculum.core.rules.obstructions.free import NOTHING
from vasculum.core.rules.obstructions.leaning import lean_over


def is_along(begins_from_front: Mm, stretch_deep: Mm | None) -> bool:
    """Whether a thing runs from the front all the way in, as a wall does."""
    return begins_from_front <= 0 and stretch_deep is None


def leans_in_at_strip(
    projection: Mm,
    projection_above: Mm,
    begins_from_floor: Mm,
    opening_height: Mm,
    begins_from_front: Mm,
    stretch_up: Mm | None = None,
    ends_from_floor: Mm | None = None,
    stretch_deep: Mm | None = None,
    outer_carrier_from_floor: Mm | None = None,
    outer_runner_height: Mm | None = None,
) -> Mm:
    """At the height of a strip a wall that leans all along stands in by the larger of what it does at its edges."""
    if outer_carrier_from_floor is None or outer_runner_height is None:
        return NOTHING
    if not is_along(begins_from_front, stretch_deep):
        return NOTHING
    if ends_from_floor is not None:
        stretch = ends_from_floor - begins_from_floor
    else:
        stretch = opening_height - begins_from_floor if stretch_up is None else stretch_up
    sizes = (projection, projection_above)
    return lean_over(sizes, begins_from_floor, stretch, outer_carrier_from_floor, outer_runner_height)


for side in ("left", "right"):
    rule(source="geometry", label="wall leans in behind the strip by", per=f"leaning.{side}")(leans_in_at_strip)


@rule(source="geometry", label="leaning wall fills on the left", per="leaning.left")
def fills_left(leans_in_at_strip: Mm, clear_stands_in: Mm, outer_cell_from_left: Mm) -> Mm:
    """Of what it takes on the left a leaning wall fills what it stands in at the strip's height."""
    return largest(NOTHING, leans_in_at_strip - clear_stands_in - outer_cell_from_left)


@rule(source="geometry", per="leaning.left")
def blocks_left_from(
    stands_in: Mm,
    begins_from_front: Mm,
    obstruction_clearance: Mm,
    outer_cell_depth: Mm,
    stretch_deep: Mm | None = None,
) -> Mm:
    """A leaning thing that is no wall blocks a strip on the left from its front edge on."""
    is_met = stands_in > 0 and not is_along(begins_from_front, stretch_deep)
    return begins_from_front - obstruction_clearance if is_met else outer_cell_depth


@rule(source="geometry", per="leaning.left")
def blocks_left_to(
    begins_from_front: Mm, obstruction_clearance: Mm, outer_cell_depth: Mm, stretch_deep: Mm | None = None
) -> Mm:
    """It blocks a strip up to its back edge, and the clearance; to the end where its depth was not said."""
    return blocked_to(begins_from_front, stretch_deep, obstruction_clearance, outer_cell_depth)


@rule(source="geometry", label="filled behind the left strip by the wall", per=("drawer", "obstructed.left"))
def filled_left(each_fills_left: tuple[Mm | None, ...]) -> Mm:
    """Behind the strip on the left stands the wall that leans most."""
    return largest(NOTHING, *taken(each_fills_left))


@rule(source="geometry", label="leaning wall fills on the right", per="leaning.right")
def fills_right(
    leans_in_at_strip: Mm, clear_stands_in: Mm, opening_width: Mm, outer_cell_from_left: Mm, outer_cell_width: Mm
) -> Mm:
    """Of what it takes on the right a leaning wall fills what it stands in at the strip's height."""
    return largest(
        NOTHING, leans_in_at_strip - (opening_width - clear_stands_in - outer_cell_from_left - outer_cell_width)
    )


@rule(source="geometry", per="leaning.right")
def blocks_right_from(
    stands_in: Mm,
    begins_from_front: Mm,
    obstruction_clearance: Mm,
    outer_cell_depth: Mm,
    stretch_deep: Mm | None = None,
) -> Mm:
    """A leaning thing that is no wall blocks a strip on the right from its front edge on."""
    is_met = stands_in > 0 and not is_along(begins_from_front, stretch_deep)
    return begins_from_front - obstruction_clearance if is_met else outer_cell_depth


@rule(source="geometry", per="leaning.right")
def blocks_right_to(
    begins_from_front: Mm, obstruction_clearance: Mm, outer_cell_depth: Mm, stretch_deep: Mm | None = None
) -> Mm:
    """It blocks a strip up to its back edge, and the clearance; to the end where its depth was not said."""
    return blocked_to(begins_from_front, stretch_deep, obstruction_clearance, outer_cell_depth)


@rule(source="geometry", label="filled behind the right strip by the wall", per=("drawer", "obstructed.right"))
def filled_right(each_fills_right: tuple[Mm | None, ...]) -> Mm:
    """Behind the strip on the right stands the wall that leans most."""
    return largest(NOTHING, *taken(each_fills_right))
