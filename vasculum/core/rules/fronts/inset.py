"""Inset front: it stands in the opening with a gap all round. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, rule
from vasculum.core.errors import CannotDerive
from vasculum.core.lengths import Mm
from vasculum.core.rules.obstructions.free import NOTHING

alternative(
    "front.inset",
    title="Inset",
    about="Stands in the opening with a gap all round.",
    shares=("in_the_opening",),
    order=1,
)


@rule(source="common practice", label="front width", per="front.inset")
def front_width(face_width: Mm, gap: Mm, face_taken_left: Mm = NOTHING, face_taken_right: Mm = NOTHING) -> Mm:
    """An inset front is the width of its face in the opening less a gap on both sides, and what stands in its plane.

    Raises:
        CannotDerive: ``no-room-for-front``.
    """
    free = face_width - face_taken_left - face_taken_right
    width = free - 2 * gap
    if width <= 0:
        raise CannotDerive(
            "no-room-for-front",
            "Gaps of {gap} fill an opening of {opening}.",
            "Take a smaller gap, or give the front more room.",
            gap=gap,
            opening=free,
        )
    return width


@rule(source="geometry", label="gap beside the front", per="front.inset")
def gap_beside(
    face_width: Mm, front_width_cut: Mm, face_taken_left: Mm = NOTHING, face_taken_right: Mm = NOTHING
) -> Mm:
    """Beside the cut front stays half of what its face leaves.

    One side.
    """
    return (face_width - face_taken_left - face_taken_right - front_width_cut) / 2


@rule(source="geometry", label="front's left edge, from the left", per="front.inset")
def front_from_left(cell_from_left: Mm, face_left_of_cell: Mm, gap_beside: Mm, face_taken_left: Mm = NOTHING) -> Mm:
    """The front's left edge stands inside its face by the gap beside it, and what stands in its plane there.

    From the clear left of the space.
    """
    return cell_from_left - face_left_of_cell + face_taken_left + gap_beside


@rule(source="geometry", label="gaps above and below the front", per=("front.inset", "front_snap.own"))
def gap_above_below(gap_below: Mm, front_height: Mm, front_height_cut: Mm) -> Mm:
    """Below the cut front stays its gap and half of what snapping left; above as much, and what a pull there takes."""
    return gap_below + (front_height - front_height_cut) / 2


@rule(source="common practice", label="set-back", per="front.inset")
def set_back(front_thickness: Mm, lock_stand_off: Mm) -> Mm:
    """Runners begin behind an inset front: the set-back is its thickness, and what a lock needs behind it."""
    return front_thickness + lock_stand_off


@rule(source="geometry", label="opening, reckoned from the front", per=("faced", "front.inset"))
def opening_by_front(front_width_cut: Mm, gap: Mm, face_taken_left: Mm = NOTHING, face_taken_right: Mm = NOTHING) -> Mm:
    """By the front, the opening is the cut front, a gap on both sides, and what stands in its plane."""
    return front_width_cut + 2 * gap + face_taken_left + face_taken_right
