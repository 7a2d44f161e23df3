"""Dado in the sides: the ends are set in and held on both faces. Exact mm, along the grain."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, cut, rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.joints.ends import ENDS, SIDES, between, half_depth
from vasculum.core.rules.obstructions.free import NOTHING

alternative(
    "joint.dado",
    "back.dado",
    title="Dado in the sides",
    about="Ends are set in and held on both faces; the sides run past them. Dado set or router.",
    needs="router|dado_set|table_saw",
    instead="Two layers with a gap between them as wide as the end is thick.",
    shares={"joint.dado": ("front_walled",)},
    order=5,
)


@rule(source="common practice", label="depth of the dado for the box front", per="joint.dado")
def dado_depth_front(side_thickness: Mm, thickness_increment: Mm, wanted_rabbet_depth: Mm | None = None) -> Mm:
    """The dado in the sides for the front is half as deep as they are thick, down to the increment, unless chosen.

    Raises:
        CannotDerive: ``rabbet-through-the-end``.
    """
    return half_depth(side_thickness, thickness_increment, wanted_rabbet_depth, "dado")


@rule(source="common practice", label="depth of the dado for the box back", per="back.dado")
def dado_depth_back(side_thickness: Mm, thickness_increment: Mm, wanted_rabbet_depth: Mm | None = None) -> Mm:
    """The dado in the sides for the back is half as deep as they are thick, down to the increment, unless chosen.

    Raises:
        CannotDerive: ``rabbet-through-the-end``.
    """
    return half_depth(side_thickness, thickness_increment, wanted_rabbet_depth, "dado")


@rule(source="common practice", per="joint.dado")
def box_front_length(box_width: Mm, side_thickness: Mm, dado_depth_front: Mm) -> Mm:
    """The front stands between the sides and reaches into their dados.

    Raises:
        CannotDerive: ``no-room-for-ends``.
    """
    return between(box_width, 2 * (side_thickness - dado_depth_front), side_thickness)


@rule(source="common practice", per="back.dado")
def box_back_length(outside_width: Mm, side_thickness: Mm, dado_depth_back: Mm) -> Mm:
    """The back stands between the sides and reaches into their dados.

    Raises:
        CannotDerive: ``no-room-for-ends``.
    """
    return between(outside_width, 2 * (side_thickness - dado_depth_back), side_thickness)


@rule(source="geometry", per="joint.dado")
def outside_width(box_front_length_cut: Mm, side_thickness: Mm, dado_depth_front: Mm) -> Mm:
    """Assembled, the box is as wide as its cut front and what is left of both sides behind the dados."""
    return box_front_length_cut + 2 * (side_thickness - dado_depth_front)


@rule(source="geometry", per="joint.dado")
def side_loss_front() -> Mm:
    """The sides run on beside the front: they lose nothing to it."""
    return NOTHING


@rule(source="geometry", per="back.dado")
def side_loss_back() -> Mm:
    """The sides run on beside the back: they lose nothing to it."""
    return NOTHING


@rule(source="common practice", label="box front set in from the ends of the sides", per="joint.dado")
def set_in_front(dado_set_in: Mm) -> Mm:
    """The front is set in from the ends of the sides."""
    return dado_set_in


@rule(source="common practice", label="box back set in from the ends of the sides", per="back.dado")
def set_in_back(dado_set_in: Mm) -> Mm:
    """The back is set in from the ends of the sides."""
    return dado_set_in


for family, end in ENDS:
    cut(
        "dado",
        per=f"{family}.dado",
        into=SIDES,
        title=f"Dado for the box {end}",
        datums=end,
        at=f"set_in_{end}",
        width=f"box_{end}_thickness",
        depth=f"dado_depth_{end}",
    )
