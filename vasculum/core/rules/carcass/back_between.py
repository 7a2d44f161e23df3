"""A back between the boards: it stands on the bottom and under the top, and holds the case square. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import snap_down

alternative(
    "case_back.between",
    title="Between the boards",
    about="Stands between top and bottom, behind the sides or between them; screwed through their edges.",
    shares=("back_fastened",),
    order=3,
)


@rule(source="common practice", per="case_back.between")
def back_behind(case_back_thickness: Mm) -> Mm:
    """A back between the boards stands behind the inside by its thickness."""
    return case_back_thickness


@rule(source="common practice", per="case_back.between")
def back_within(case_back_thickness: Mm) -> Mm:
    """Top and bottom run on over a back that stands between them."""
    return case_back_thickness


@rule(source="common practice", per="case_back.between")
def case_back_height_cut(opening_height: Mm, thickness_increment: Mm) -> Mm:
    """A back between top and bottom is as high as the inside, to the increment for thickness: it carries them."""
    return snap_down(opening_height, thickness_increment)
