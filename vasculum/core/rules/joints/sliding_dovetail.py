"""Sliding dovetails: sides slide into slots of front and back, set in from their ends. Exact mm, along the grain."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, cut, rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.joints.ends import BOTH_ENDS, ENDS, half_depth

alternative(
    "joint.sliding_dovetail",
    "back.sliding_dovetail",
    title="Sliding dovetail",
    about="Sides slide into slots set in from the ends: a front that overhangs and pulls no screw.",
    needs="router|dovetail_jig",
    instead="A dado in the front, glued and pinned.",
    shares={
        "joint.sliding_dovetail": ("front_walled", "across_front", "front_past_sides"),
        "back.sliding_dovetail": ("across_back",),
    },
    order=10,
)


@rule(source="common practice", label="depth of the dovetailed slots in the front", per="joint.sliding_dovetail")
def slot_depth_front(box_front_thickness: Mm, thickness_increment: Mm, wanted_rabbet_depth: Mm | None = None) -> Mm:
    """The dovetailed slot is half as deep as the front is thick, down to the increment for thickness, unless chosen.

    Raises:
        CannotDerive: ``rabbet-through-the-end``.
    """
    return half_depth(box_front_thickness, thickness_increment, wanted_rabbet_depth, "slot")


@rule(source="common practice", per="joint.sliding_dovetail")
def side_loss_front(box_front_thickness: Mm, slot_depth_front: Mm) -> Mm:
    """The sides lose what is left of the front behind its slots."""
    return box_front_thickness - slot_depth_front


@rule(source="common practice", label="depth of the dovetailed slots in the box back", per="back.sliding_dovetail")
def slot_depth_back(box_back_thickness: Mm, thickness_increment: Mm, wanted_rabbet_depth: Mm | None = None) -> Mm:
    """The dovetailed slot is half as deep as the back is thick, down to the increment for thickness, unless chosen.

    Raises:
        CannotDerive: ``rabbet-through-the-end``.
    """
    return half_depth(box_back_thickness, thickness_increment, wanted_rabbet_depth, "slot")


@rule(source="common practice", per="back.sliding_dovetail")
def side_loss_back(box_back_thickness: Mm, slot_depth_back: Mm) -> Mm:
    """The sides lose what is left of the back behind its slots."""
    return box_back_thickness - slot_depth_back


@rule(source="common practice", per="joint.sliding_dovetail")
def box_front_length(box_width: Mm, sliding_set_in: Mm) -> Mm:
    """The front reaches out past each side by what the slots are set in; the runners clear the sides."""
    return box_width + 2 * sliding_set_in


@rule(source="common practice", per="back.sliding_dovetail")
def box_back_length(outside_width: Mm, sliding_set_in: Mm) -> Mm:
    """The back reaches out past each side by what the slots are set in."""
    return outside_width + 2 * sliding_set_in


@rule(source="geometry", per="joint.sliding_dovetail")
def outside_width(box_front_length_cut: Mm, sliding_set_in: Mm) -> Mm:
    """Over the sides, the box is narrower than its cut front by what the slots are set in on both sides."""
    return box_front_length_cut - 2 * sliding_set_in


@rule(source="geometry", label="dovetailed slots in from the front's ends", per="joint.sliding_dovetail")
def slot_set_in_front(sliding_set_in: Mm) -> Mm:
    """In the front the slots are set in from its ends as was chosen: the box follows its cut front."""
    return sliding_set_in


@rule(source="geometry", label="dovetailed slots in from the box back's ends", per="back.sliding_dovetail")
def slot_set_in_back(box_back_length_cut: Mm, outside_width: Mm) -> Mm:
    """In the back the slots are set in by half of what it is longer than the box is wide: so they meet the sides."""
    return (box_back_length_cut - outside_width) / 2


@rule(
    source="geometry",
    label="front reaches past the front ends of the runners by",
    per=("joint.sliding_dovetail", "lined", "rolling"),
)
def ahead_of_members(box_front_thickness: Mm) -> Mm:
    """Where the front reaches past the sides, the runners beside them begin behind it."""
    return box_front_thickness


for family, end in ENDS:
    cut(
        "slot",
        per=f"{family}.sliding_dovetail",
        into=f"box_{end}",
        title="Dovetailed slot for the sides",
        datums=BOTH_ENDS,
        at=f"slot_set_in_{end}",
        width="side_thickness",
        depth=f"slot_depth_{end}",
    )
