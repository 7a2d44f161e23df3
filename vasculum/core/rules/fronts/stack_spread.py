"""A column of fronts over which what is over is spread. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.fronts.stack import snapped_faces

alternative(
    "surplus.spread",
    title="Spread",
    about="One increment each, from the lowest front up.",
    order=3,
)


@rule(source="common practice", per="surplus.spread", shared_out_as="stacked_front_height_cut")
def stacked_fronts_cut(each_front_height: tuple[Mm, ...], increment: Mm) -> tuple[Mm, ...]:
    """Faces are cut down to the increment; whole increments that are over go one by one to the lowest faces."""
    faces, over = snapped_faces(each_front_height, increment)
    spread = []
    for face in reversed(faces):
        more = increment if over >= increment else Mm(0)
        spread.append(face + more)
        over = over - more
    return tuple(reversed(spread))
