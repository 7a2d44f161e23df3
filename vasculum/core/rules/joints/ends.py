"""What several joints share: ends that stand between the sides, and depths cut into a thickness. Exact mm."""

from __future__ import annotations

from typing import Literal

from vasculum.core.errors import CannotDerive
from vasculum.core.flow import Datum
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest, snap_down, snap_nearest

ENDS: tuple[tuple[str, Literal["front", "back"]], ...] = (("joint", "front"), ("back", "back"))
"""The family that joins each end of a box."""
SIDES = ("side_left", "side_right")
BOTH_ENDS: tuple[Datum, Datum] = ("left", "right")
"""Of a front or a back."""


def between(width: Mm, taken: Mm, side_thickness: Mm) -> Mm:
    """The length of an end that is ``taken`` shorter than the box is wide.

    Raises:
        CannotDerive: ``no-room-for-ends``, when the sides alone fill the width.
    """
    length = width - taken
    if length <= 0:
        raise CannotDerive(
            "no-room-for-ends",
            "Two sides of {side_thickness} fill a box {box_width} wide.",
            "Use thinner sides or a wider opening.",
            side_thickness=side_thickness,
            box_width=width,
        )
    return length


def half_depth(thickness: Mm, thickness_increment: Mm, wanted: Mm | None, cut: str = "rabbet") -> Mm:
    """Half a thickness, down to the increment for thickness, or the depth that was chosen.

    Raises:
        CannotDerive: ``rabbet-through-the-end``, when it does not go into the stock.
    """
    depth = snap_down(thickness / 2, thickness_increment) if wanted is None else wanted
    return within(depth, thickness, cut)


def within(depth: Mm, thickness: Mm, cut: str) -> Mm:
    """The depth, when it goes into the stock and not through it.

    Raises:
        CannotDerive: ``rabbet-through-the-end``.
    """
    if depth >= thickness or depth <= 0:
        raise CannotDerive(
            "rabbet-through-the-end",
            f"A {cut} {{depth}} deep does not go into stock {{thickness}} thick.",
            "Half the thickness is usual.",
            depth=depth,
            thickness=thickness,
        )
    return depth


def odd_near(ratio: Mm) -> Mm:
    """The odd number nearest to a ratio, three at least."""
    return largest(Mm(2 + 1), 2 * snap_nearest((ratio - 1) / 2, Mm(1)) + 1)
