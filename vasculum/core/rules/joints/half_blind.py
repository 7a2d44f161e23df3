"""Half-blind dovetails: tails of the sides in sockets of the front, hidden from before. Exact mm, along the grain."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, cut, rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.joints.ends import BOTH_ENDS, ENDS, SIDES, within

alternative(
    "joint.half_blind",
    "back.half_blind",
    title="Half-blind dovetail",
    about="Tails are hidden from before: for fronts of one piece. Saw and chisel, or a jig.",
    needs="fine_saw|dovetail_jig",
    instead="A rabbet in front and back, pinned with dowels.",
    shares={
        "joint.half_blind": ("front_walled", "tails_front", "across_front"),
        "back.half_blind": ("tails_back", "across_back"),
    },
    order=9,
)


@rule(source="common practice", label="depth of the sockets in the box front", per="joint.half_blind")
def socket_depth_front(box_front_thickness: Mm, socket_web: Mm) -> Mm:
    """The sockets go into the front as deep as it is thick, less the web that hides the tails.

    Raises:
        CannotDerive: ``rabbet-through-the-end``.
    """
    return within(box_front_thickness - socket_web, box_front_thickness, "socket")


@rule(source="common practice", per="joint.half_blind")
def side_loss_front(box_front_thickness: Mm, socket_depth_front: Mm) -> Mm:
    """The sides lose what is left of the front behind its sockets."""
    return box_front_thickness - socket_depth_front


@rule(source="common practice", label="depth of the sockets in the box back", per="back.half_blind")
def socket_depth_back(box_back_thickness: Mm, socket_web: Mm) -> Mm:
    """The sockets go into the back as deep as it is thick, less the web that hides the tails.

    Raises:
        CannotDerive: ``rabbet-through-the-end``.
    """
    return within(box_back_thickness - socket_web, box_back_thickness, "socket")


@rule(source="common practice", per="back.half_blind")
def side_loss_back(box_back_thickness: Mm, socket_depth_back: Mm) -> Mm:
    """The sides lose what is left of the back behind its sockets."""
    return box_back_thickness - socket_depth_back


@rule(source="common practice", per="joint.half_blind")
def box_front_length(box_width: Mm) -> Mm:
    """The front runs the full width of the box and hides the tails."""
    return box_width


@rule(source="common practice", per="back.half_blind")
def box_back_length(outside_width: Mm) -> Mm:
    """The back runs the full width of the box and hides the tails."""
    return outside_width


@rule(source="geometry", per="joint.half_blind")
def outside_width(box_front_length_cut: Mm) -> Mm:
    """Assembled, the box is as wide as its cut front."""
    return box_front_length_cut


for family, end in ENDS:
    cut(
        "tails",
        per=f"{family}.half_blind",
        into=SIDES,
        title="Tails",
        face="through",
        datums=end,
        begins="back_wall_from_edge" if end == "back" else "",
        length=f"socket_depth_{end}",
        width=f"tail_pitch_{end}",
        count=f"tail_count_{end}",
    )
    cut(
        "tails",
        per=f"{family}.half_blind",
        into=f"box_{end}",
        title="Sockets for the tails",
        datums=BOTH_ENDS,
        length="side_thickness",
        depth=f"socket_depth_{end}",
        first=1,
        width=f"tail_pitch_{end}",
        count=f"tail_count_{end}",
    )
