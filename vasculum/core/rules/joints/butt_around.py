"""Butt joint, sides between the ends: front and back are cut as one piece across. Exact mm, along the grain."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, rule
from vasculum.core.lengths import Mm

alternative(
    "joint.butt_around",
    "back.butt_around",
    title="Butt, sides between the ends",
    about="Ends are cut as one piece, so the width is sure; fasteners go in from front and back.",
    shares={
        "joint.butt_around": ("front_walled", "across_front", "butt_front", "butt_corners"),
        "back.butt_around": ("across_back", "butt_back", "butt_corners"),
    },
    order=3,
)


@rule(source="common practice", label="box front length", per="joint.butt_around")
def box_front_length(box_width: Mm) -> Mm:
    """The front runs the full width of the box."""
    return box_width


@rule(source="common practice", label="box back length", per="back.butt_around")
def box_back_length(outside_width: Mm) -> Mm:
    """The back runs the full width of the box."""
    return outside_width


@rule(source="geometry", label="outside width", per="joint.butt_around")
def outside_width(box_front_length_cut: Mm) -> Mm:
    """Assembled, the box is as wide as its cut front."""
    return box_front_length_cut


@rule(source="common practice", label="sides shorter at the box front by", per="joint.butt_around")
def side_loss_front(box_front_thickness: Mm) -> Mm:
    """The sides end behind the front: they lose its thickness."""
    return box_front_thickness


@rule(source="common practice", label="sides shorter at the box back by", per="back.butt_around")
def side_loss_back(box_back_thickness: Mm) -> Mm:
    """The sides end before the back: they lose its thickness."""
    return box_back_thickness
