"""Through dovetails: pins on the ends, tails on the sides, both full length. Exact mm, along the grain."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, cut, rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.joints.ends import BOTH_ENDS, ENDS, SIDES
from vasculum.core.rules.obstructions.free import NOTHING

alternative(
    "joint.through_dovetail",
    "back.through_dovetail",
    title="Through dovetail",
    about="Tails and pins show on both faces; holds without glue. Saw and chisel, or a jig.",
    needs="fine_saw|dovetail_jig",
    instead="A box joint with its jig at the saw or router.",
    shares={
        "joint.through_dovetail": ("front_walled", "tails_front", "across_front"),
        "back.through_dovetail": ("tails_back", "across_back"),
    },
    order=8,
)


@rule(source="common practice", per="joint.through_dovetail")
def box_front_length(box_width: Mm) -> Mm:
    """The front runs the full width of the box, its pins through the sides."""
    return box_width


@rule(source="common practice", per="back.through_dovetail")
def box_back_length(outside_width: Mm) -> Mm:
    """The back runs the full width of the box, its pins through the sides."""
    return outside_width


@rule(source="geometry", per="joint.through_dovetail")
def outside_width(box_front_length_cut: Mm) -> Mm:
    """Assembled, the box is as wide as its cut front."""
    return box_front_length_cut


@rule(source="geometry", per="joint.through_dovetail")
def side_loss_front() -> Mm:
    """The sides run through the front: they lose nothing."""
    return NOTHING


@rule(source="geometry", per="back.through_dovetail")
def side_loss_back() -> Mm:
    """The sides run through the back: they lose nothing."""
    return NOTHING


for family, end in ENDS:
    cut(
        "tails",
        per=f"{family}.through_dovetail",
        into=SIDES,
        title="Tails",
        face="through",
        datums=end,
        begins="back_wall_from_edge" if end == "back" else "",
        length=f"box_{end}_thickness",
        width=f"tail_pitch_{end}",
        count=f"tail_count_{end}",
    )
    cut(
        "tails",
        per=f"{family}.through_dovetail",
        into=f"box_{end}",
        title="Pins",
        face="through",
        datums=BOTH_ENDS,
        length="side_thickness",
        first=1,
        width=f"tail_pitch_{end}",
        count=f"tail_count_{end}",
    )
