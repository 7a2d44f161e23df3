"""Rabbet in the sides: the ends sit in them, flush. Exact mm, along the grain."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, cut, rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.joints.ends import ENDS, SIDES, between, half_depth
from vasculum.core.rules.obstructions.free import NOTHING

alternative(
    "joint.rabbet_in_sides",
    "back.rabbet_in_sides",
    title="Rabbet in the sides",
    about="Ends sit in rabbets of the sides, flush and held square. Router or dado set.",
    needs="router|dado_set|table_saw",
    instead="Glue a shorter layer onto a longer one: the step is the rabbet.",
    shares={"joint.rabbet_in_sides": ("front_walled",)},
    order=4,
)


@rule(source="common practice", label="depth of the rabbet in the sides for the box front", per="joint.rabbet_in_sides")
def side_rabbet_front(side_thickness: Mm, thickness_increment: Mm, wanted_rabbet_depth: Mm | None = None) -> Mm:
    """The rabbet in the sides for the front is half as deep as they are thick, down to the increment, unless chosen.

    Raises:
        CannotDerive: ``rabbet-through-the-end``.
    """
    return half_depth(side_thickness, thickness_increment, wanted_rabbet_depth, "rabbet")


@rule(source="common practice", label="depth of the rabbet in the sides for the box back", per="back.rabbet_in_sides")
def side_rabbet_back(side_thickness: Mm, thickness_increment: Mm, wanted_rabbet_depth: Mm | None = None) -> Mm:
    """The rabbet in the sides for the back is half as deep as they are thick, down to the increment, unless chosen.

    Raises:
        CannotDerive: ``rabbet-through-the-end``.
    """
    return half_depth(side_thickness, thickness_increment, wanted_rabbet_depth, "rabbet")


@rule(source="common practice", per="joint.rabbet_in_sides")
def box_front_length(box_width: Mm, side_thickness: Mm, side_rabbet_front: Mm) -> Mm:
    """The front stands between the sides and reaches into their rabbets.

    Raises:
        CannotDerive: ``no-room-for-ends``.
    """
    return between(box_width, 2 * (side_thickness - side_rabbet_front), side_thickness)


@rule(source="common practice", per="back.rabbet_in_sides")
def box_back_length(outside_width: Mm, side_thickness: Mm, side_rabbet_back: Mm) -> Mm:
    """The back stands between the sides and reaches into their rabbets.

    Raises:
        CannotDerive: ``no-room-for-ends``.
    """
    return between(outside_width, 2 * (side_thickness - side_rabbet_back), side_thickness)


@rule(source="geometry", per="joint.rabbet_in_sides")
def outside_width(box_front_length_cut: Mm, side_thickness: Mm, side_rabbet_front: Mm) -> Mm:
    """Assembled, the box is as wide as its cut front and what is left of both sides behind the rabbets."""
    return box_front_length_cut + 2 * (side_thickness - side_rabbet_front)


@rule(source="geometry", per="joint.rabbet_in_sides")
def side_loss_front() -> Mm:
    """The sides run on beside the front: they lose nothing to it."""
    return NOTHING


@rule(source="geometry", per="back.rabbet_in_sides")
def side_loss_back() -> Mm:
    """The sides run on beside the back: they lose nothing to it."""
    return NOTHING


for family, end in ENDS:
    cut(
        "rabbet",
        per=f"{family}.rabbet_in_sides",
        into=SIDES,
        title=f"Rabbet for the box {end}",
        datums=end,
        width=f"box_{end}_thickness",
        depth=f"side_rabbet_{end}",
    )
