"""Butt joint, ends between the sides: glue and brads, pocket screws or screws. Exact mm, along the grain."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.errors import CannotDerive
from vasculum.core.lengths import Mm


@rule(source="common practice", per="joint.butt_between")
def side_length(box_depth: Mm) -> Mm:
    """The sides run the full depth of the box."""
    return box_depth


@rule(source="common practice", per="joint.butt_between")
def front_back_length(box_width: Mm, side_thickness: Mm) -> Mm:
    """Front and back stand between the sides, so both thicknesses come off the width.

    Raises:
        CannotDerive: ``no-room-for-ends``, when the sides alone fill the width.
    """
    length = box_width - 2 * side_thickness
    if length <= 0:
        raise CannotDerive(
            "no-room-for-ends",
            "Two sides of {side_thickness} fill a box {box_width} wide.",
            "Use thinner sides or a wider opening.",
            side_thickness=side_thickness,
            box_width=box_width,
        )
    return length


@rule(source="geometry", per="joint.butt_between")
def outside_width(front_back_length_cut: Mm, side_thickness: Mm) -> Mm:
    """Assembled, the box is as wide as its cut front and both sides."""
    return front_back_length_cut + 2 * side_thickness


@rule(source="geometry", per="joint.butt_between")
def outside_depth(side_length_cut: Mm) -> Mm:
    """Assembled, the box is as deep as its cut sides."""
    return side_length_cut
