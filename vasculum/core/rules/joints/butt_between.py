"""Butt joint, ends between the sides: glue and brads, pocket screws or screws. Exact mm, along the grain."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.joints.ends import between
from vasculum.core.rules.obstructions.free import NOTHING

alternative(
    "joint.butt_between",
    "back.butt_between",
    title="Butt, ends between the sides",
    about="Glue and brads, pocket screws or screws. Fewest tools; the box's width hangs on three pieces.",
    shares={
        "joint.butt_between": ("front_walled", "butt_front", "butt_corners"),
        "back.butt_between": ("butt_back", "butt_corners"),
    },
    order=1,
)


@rule(source="common practice", per="joint.butt_between")
def box_front_length(box_width: Mm, side_thickness: Mm) -> Mm:
    """The front stands between the sides, so both thicknesses come off the width.

    Raises:
        CannotDerive: ``no-room-for-ends``.
    """
    return between(box_width, 2 * side_thickness, side_thickness)


@rule(source="common practice", per="back.butt_between")
def box_back_length(outside_width: Mm, side_thickness: Mm) -> Mm:
    """The back stands between the sides, so both thicknesses come off the width.

    Raises:
        CannotDerive: ``no-room-for-ends``.
    """
    return between(outside_width, 2 * side_thickness, side_thickness)


@rule(source="geometry", per="joint.butt_between")
def outside_width(box_front_length_cut: Mm, side_thickness: Mm) -> Mm:
    """Assembled, the box is as wide as its cut front and both sides."""
    return box_front_length_cut + 2 * side_thickness


@rule(source="geometry", per="joint.butt_between")
def side_loss_front() -> Mm:
    """The sides run on beside the front: they lose nothing to it."""
    return NOTHING


@rule(source="geometry", per="back.butt_between")
def side_loss_back() -> Mm:
    """The sides run on beside the back: they lose nothing to it."""
    return NOTHING
