"""Inset front: it stands in the opening with a gap all round. Exact mm.

A face rounds down, so that its gap does not close; what is over is spread on both sides.
"""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.errors import CannotDerive
from vasculum.core.lengths import Mm
from vasculum.core.reasons import snap_down


def _face(opening: Mm, gap: Mm, gap_opposite: Mm) -> Mm:
    face = opening - gap - gap_opposite
    if face <= 0:
        raise CannotDerive(
            "no-room-for-front",
            "Gaps of {gap} and {gap_opposite} fill an opening of {opening}.",
            "Take a smaller gap, or give the front more room.",
            gap=gap,
            gap_opposite=gap_opposite,
            opening=opening,
        )
    return face


@rule(source="common practice", per="front.inset")
def front_width(face_width: Mm, gap: Mm) -> Mm:
    """An inset front is the width of its face in the opening less a gap on both sides.

    Raises:
        CannotDerive: ``no-room-for-front``.
    """
    return _face(face_width, gap, gap)


@rule(source="common practice", per="front.inset")
def front_height(face_height: Mm, gap_above: Mm, gap_below: Mm) -> Mm:
    """An inset front is the height of its face in the opening less its gaps above and below.

    Raises:
        CannotDerive: ``no-room-for-front``.
    """
    return _face(face_height, gap_above, gap_below)


@rule(source="common practice", per="front.inset")
def front_width_cut(front_width: Mm, increment: Mm) -> Mm:
    """The front is cut to width, down to the shop's increment, so that its gap does not close."""
    return snap_down(front_width, increment)


@rule(source="common practice", per="front_snap.own")
def front_height_cut(front_height: Mm, increment: Mm) -> Mm:
    """The front is cut to height, down to the shop's increment, so that its gap does not close."""
    return snap_down(front_height, increment)


@rule(source="geometry", per="front.inset")
def gap_beside(face_width: Mm, front_width_cut: Mm) -> Mm:
    """Beside the cut front stays half of what its face leaves.

    One side.
    """
    return (face_width - front_width_cut) / 2


@rule(source="geometry", per="front_snap.own")
def gap_above_below(gap_below: Mm, front_height: Mm, front_height_cut: Mm) -> Mm:
    """Below the cut front stays its gap and half of what snapping left; above as much."""
    return gap_below + (front_height - front_height_cut) / 2


@rule(source="geometry", per="front_snap.own")
def front_from_floor(cell_from_floor: Mm, gap_above_below: Mm) -> Mm:
    """The front's lower edge stands above its cell's floor by the gap below it."""
    return cell_from_floor + gap_above_below


@rule(source="common practice", per="front.inset")
def set_back(front_thickness: Mm) -> Mm:
    """Runners begin behind an inset front: the set-back is its thickness."""
    return front_thickness


@rule(source="geometry", per="faced")
def front_overhang(front_width_cut: Mm, outside_width: Mm) -> Mm:
    """The front stands out beside the box by half of what it is wider.

    One side.
    """
    return (front_width_cut - outside_width) / 2


@rule(source="geometry", per="faced")
def front_edge_to_box_edge(room_from_floor: Mm, play_below: Mm, front_from_floor: Mm) -> Mm:
    """From the front's lower edge up to the box's is where the box stands less where the front does."""
    return room_from_floor + play_below - front_from_floor


@rule(source="geometry", per="faced")
def opening_by_front(front_width_cut: Mm, gap: Mm) -> Mm:
    """By the front, the opening is the cut front and a gap on both sides."""
    return front_width_cut + 2 * gap


@rule(source="geometry", per="faced")
def opening_by_box(outside_width: Mm, runner_side_clearance: Mm, runner_play: Mm, face_width: Mm, cell_width: Mm) -> Mm:
    """By the box, the opening is box, runners, their play, and what the packing stands in behind the frame."""
    return outside_width + 2 * runner_side_clearance + runner_play + (face_width - cell_width)
