"""Where the walls of an inside stand, once they were measured. Exact mm, from the clear left of the space."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


def wall_left_from_left(packing_blank_left: Mm, wiggle_width: Mm) -> Mm:
    """The left wall stands outside the clear width by the packing at its thickest and half of the wiggle room.

    Where it stands furthest off; less than nothing.
    """
    return -packing_blank_left - wiggle_width / 2


def wall_right_from_left(clear_width: Mm, packing_blank_right: Mm, wiggle_width: Mm) -> Mm:
    """The right wall stands outside the clear width by the packing at its thickest and half of the wiggle room."""
    return clear_width + packing_blank_right + wiggle_width / 2


for inside in ("space.frameless", "case_width.read"):
    rule(source="geometry", label="left wall, from where the clear width begins", per=inside)(wall_left_from_left)
    rule(source="geometry", label="right wall, from where the clear width begins", per=inside)(wall_right_from_left)
