"""Dado and tongue: a tongue on each end in a dado of the sides, ends flush. Exact mm, along the grain."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, cut, rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.joints.ends import BOTH_ENDS, ENDS, SIDES, between, half_depth
from vasculum.core.rules.obstructions.free import NOTHING

alternative(
    "joint.dado_tongue",
    "back.dado_tongue",
    title="Dado and tongue",
    about="A tongue on each end locks in a dado of the side, ends flush. Two set-ups at the saw.",
    needs="table_saw|dado_set",
    instead="A rabbet in the sides holds almost as well.",
    shares={"joint.dado_tongue": ("front_walled",)},
    order=6,
)


@rule(source="common practice", per="joint.dado_tongue")
def dado_depth_front(side_thickness: Mm, thickness_increment: Mm, wanted_rabbet_depth: Mm | None = None) -> Mm:
    """The dado in the sides for the front is half as deep as they are thick, down to the increment, unless chosen.

    Raises:
        CannotDerive: ``rabbet-through-the-end``.
    """
    return half_depth(side_thickness, thickness_increment, wanted_rabbet_depth, "dado")


@rule(source="common practice", per="back.dado_tongue")
def dado_depth_back(side_thickness: Mm, thickness_increment: Mm, wanted_rabbet_depth: Mm | None = None) -> Mm:
    """The dado in the sides for the back is half as deep as they are thick, down to the increment, unless chosen.

    Raises:
        CannotDerive: ``rabbet-through-the-end``.
    """
    return half_depth(side_thickness, thickness_increment, wanted_rabbet_depth, "dado")


@rule(source="common practice", per="joint.dado_tongue")
def box_front_length(box_width: Mm, side_thickness: Mm, dado_depth_front: Mm) -> Mm:
    """The front stands between the sides and reaches into their dados.

    Raises:
        CannotDerive: ``no-room-for-ends``.
    """
    return between(box_width, 2 * (side_thickness - dado_depth_front), side_thickness)


@rule(source="common practice", per="back.dado_tongue")
def box_back_length(outside_width: Mm, side_thickness: Mm, dado_depth_back: Mm) -> Mm:
    """The back stands between the sides and reaches into their dados.

    Raises:
        CannotDerive: ``no-room-for-ends``.
    """
    return between(outside_width, 2 * (side_thickness - dado_depth_back), side_thickness)


@rule(source="geometry", per="joint.dado_tongue")
def outside_width(box_front_length_cut: Mm, side_thickness: Mm, dado_depth_front: Mm) -> Mm:
    """Assembled, the box is as wide as its cut front and what is left of both sides behind the dados."""
    return box_front_length_cut + 2 * (side_thickness - dado_depth_front)


@rule(source="geometry", per="joint.dado_tongue")
def side_loss_front() -> Mm:
    """The sides run on beside the front: they lose nothing to it."""
    return NOTHING


@rule(source="geometry", per="back.dado_tongue")
def side_loss_back() -> Mm:
    """The sides run on beside the back: they lose nothing to it."""
    return NOTHING


@rule(source="common practice", label="tongue on the box front", per="joint.dado_tongue")
def tongue_front(box_front_thickness: Mm, thickness_increment: Mm) -> Mm:
    """The tongue on the front is half its thickness, down to the increment for thickness.

    Raises:
        CannotDerive: ``rabbet-through-the-end``.
    """
    return half_depth(box_front_thickness, thickness_increment, None, "tongue")


@rule(source="geometry", label="dado for the box front, from the end of the side", per="joint.dado_tongue")
def dado_from_front(box_front_thickness: Mm, tongue_front: Mm) -> Mm:
    """The dado begins as far from the end of the side as the front is thicker than its tongue: it ends flush."""
    return box_front_thickness - tongue_front


@rule(source="common practice", label="tongue on the box back", per="back.dado_tongue")
def tongue_back(box_back_thickness: Mm, thickness_increment: Mm) -> Mm:
    """The tongue on the back is half its thickness, down to the increment for thickness.

    Raises:
        CannotDerive: ``rabbet-through-the-end``.
    """
    return half_depth(box_back_thickness, thickness_increment, None, "tongue")


@rule(source="geometry", label="dado for the box back, from the end of the side", per="back.dado_tongue")
def dado_from_back(box_back_thickness: Mm, tongue_back: Mm) -> Mm:
    """The dado begins as far from the end of the side as the back is thicker than its tongue: it ends flush."""
    return box_back_thickness - tongue_back


for family, end in ENDS:
    cut(
        "dado",
        per=f"{family}.dado_tongue",
        into=SIDES,
        title=f"Dado for the tongue of the box {end}",
        datums=end,
        at=f"dado_from_{end}",
        width=f"tongue_{end}",
        depth=f"dado_depth_{end}",
    )
    cut(
        "tongue",
        per=f"{family}.dado_tongue",
        into=f"box_{end}",
        title="Tongue",
        face="outside",
        datums=BOTH_ENDS,
        width=f"dado_depth_{end}",
        depth=f"dado_from_{end}",
    )
