"""Posts beside a frame's lip: they stand in the room that packing would fill, and are counted once. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import smallest
from vasculum.core.rules.obstructions.free import NOTHING, width_left


@rule(source="common practice", label="post in place of packing on the left", per=("runner.posts", "left.edge"))
def post_recess_left(post_thickness: Mm, packing_left: Mm = NOTHING) -> Mm:
    """On the left a post stands in place of packing, as far as it is thick: only the rest is packed behind it."""
    return smallest(post_thickness, packing_left)


@rule(source="common practice", label="post in place of packing on the right", per=("runner.posts", "right.edge"))
def post_recess_right(post_thickness: Mm, packing_right: Mm = NOTHING) -> Mm:
    """On the right a post stands in place of packing, as far as it is thick: only the rest is packed behind it."""
    return smallest(post_thickness, packing_right)


@rule(source="common practice", per=("built_in", "runner.posts"))
def free_width(
    cell_width: Mm,
    taken_left: Mm = NOTHING,
    taken_right: Mm = NOTHING,
    post_recess_left: Mm = NOTHING,
    post_recess_right: Mm = NOTHING,
) -> Mm:
    """Between walls and packing posts have the cell's width, and what of the packing they stand in place of.

    Raises:
        CannotDerive: ``no-width-beside-obstruction``.
    """
    return width_left(cell_width, taken_left + taken_right) + post_recess_left + post_recess_right


@rule(source="common practice", per=("drawer", "runner.posts"))
def passes_beside(runner_side_clearance: Mm) -> Mm:
    """Posts and clip rails stay: past the opening comes the box with the members between."""
    return runner_side_clearance
