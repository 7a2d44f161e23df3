"""A column of fronts whose uppermost takes what is over. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.fronts.stack import snapped_faces

alternative(
    "surplus.top",
    title="In the uppermost front",
    about="The uppermost front is higher by what the others leave.",
    order=2,
)


@rule(source="common practice", per="surplus.top", shared_out_as="stacked_front_height_cut")
def stacked_fronts_cut(each_front_height: tuple[Mm, ...], increment: Mm) -> tuple[Mm, ...]:
    """Faces are cut down to the increment; the uppermost takes the whole increments that are over."""
    faces, over = snapped_faces(each_front_height, increment)
    return (faces[0] + over, *faces[1:])
