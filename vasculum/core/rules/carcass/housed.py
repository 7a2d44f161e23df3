"""A case whose boards are housed in dados. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, cut, rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.carcass.ends import CASE_SIDES, MET
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


STANDS_BACK = {
    "lower_hole_places": ("bottom", "bottom_begins", "bottom_depth_cut"),
    "upper_hole_places": ("top", "top_begins", "top_depth_cut"),
}
"""Between the sides, what may stand back: a dado for it begins where that begins, and runs as far."""
for met in MET:
    board, at, run = STANDS_BACK.get(met.holes, ("", "", "")) if met.boards == CASE_SIDES else ("", "", "")
    for per in (f"{board}_flush", f"{board}_set_back") if board else ("",):
        begins, length = (at, run) if per.endswith("_set_back") else ("", "")
        cut(
            "dado",
            per=(*met.per, "case_joint.housed", *filter(None, [per])),
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
