"""A case whose boards are housed in dados. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, cut, rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.carcass.ends import MET
from vasculum.core.rules.joints.ends import half_depth

alternative(
    "case_joint.housed",
    title="Housed in dados",
    about="Boards go in by half the thickness and cannot slip.",
    needs="router|dado_set|table_saw",
    instead="Butt and screw them, with a cleat under each board.",
    shares=("stays_together",),
    order=2,
)


@rule(source="common practice", per="case_joint.housed")
def case_housed(case_housing_thickness: Mm, thickness_increment: Mm) -> Mm:
    """A housed board goes in by half the thickness, down to the increment for thickness.

    At each end: it is longer by twice as much than a butted one.

    Raises:
        CannotDerive: ``rabbet-through-the-end``.
    """
    return half_depth(case_housing_thickness, thickness_increment, None)


STOPPED = ("bottom_begins", "bottom_depth_cut")
"""A dado for a bottom that stands back begins where that begins, and runs as far."""
for met in MET:
    is_below = met.holes == "lower_hole_places"
    for per in ("bottom_flush", "bottom_set_back") if is_below else ("case_joint.housed",):
        begins, length = STOPPED if per == "bottom_set_back" else ("", "")
        cut(
            "dado",
            per=(*met.per, "case_joint.housed", per),
            into=met.boards,
            title="Dado",
            datums=met.end,
            at=met.line,
            width=met.thickness,
            depth="case_housed",
            is_centred=True,
            begins=begins,
            length=length,
        )
