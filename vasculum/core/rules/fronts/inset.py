"""Inset front: it stands in the opening with a gap all round. Exact mm.

A face rounds down, so that its gap does not close; what is over is spread on both sides.
"""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.errors import CannotDerive
from vasculum.core.lengths import Mm
from vasculum.core.reasons import snap_down


def _face(opening: Mm, gap: Mm) -> Mm:
    face = opening - 2 * gap
    if face <= 0:
        raise CannotDerive(
            "no-room-for-front",
            "Two gaps of {gap} fill an opening of {opening}.",
            "Take a smaller gap.",
            gap=gap,
            opening=opening,
        )
    return face


@rule(source="common practice", per="front.inset")
def front_width(opening_width: Mm, gap: Mm) -> Mm:
    """An inset front is the opening's width less a gap on both sides.

    Raises:
        CannotDerive: ``no-room-for-front``.
    """
    return _face(opening_width, gap)


@rule(source="common practice", per="front.inset")
def front_height(opening_height: Mm, gap: Mm) -> Mm:
    """An inset front is the opening's height less a gap above and below.

    Raises:
        CannotDerive: ``no-room-for-front``.
    """
    return _face(opening_height, gap)


@rule(source="common practice", per="front.inset")
def front_width_cut(front_width: Mm, increment: Mm) -> Mm:
    """The front is cut to width, down to the shop's increment, so that its gap does not close."""
    return snap_down(front_width, increment)


@rule(source="common practice", per="front.inset")
def front_height_cut(front_height: Mm, increment: Mm) -> Mm:
    """The front is cut to height, down to the shop's increment, so that its gap does not close."""
    return snap_down(front_height, increment)


@rule(source="geometry", per="front.inset")
def gap_beside(opening_width: Mm, front_width_cut: Mm) -> Mm:
    """Beside the cut front stays half of what the opening leaves.

    One side.
    """
    return (opening_width - front_width_cut) / 2


@rule(source="geometry", per="front.inset")
def gap_above_below(opening_height: Mm, front_height_cut: Mm) -> Mm:
    """Above and below the cut front stays half of what the opening leaves, each."""
    return (opening_height - front_height_cut) / 2


@rule(source="common practice", per="front.inset")
def set_back(front_thickness: Mm) -> Mm:
    """Runners begin behind an inset front: the set-back is its thickness."""
    return front_thickness


@rule(source="geometry", per="front.inset")
def front_overhang(front_width_cut: Mm, outside_width: Mm) -> Mm:
    """The front stands out beside the box by half of what it is wider.

    One side.
    """
    return (front_width_cut - outside_width) / 2


@rule(source="geometry", per="front.inset")
def front_edge_to_box_edge(play_below: Mm, gap_above_below: Mm) -> Mm:
    """From the front's lower edge up to the box's is the play below the box less the gap below the front."""
    return play_below - gap_above_below


@rule(source="geometry", per="front.inset")
def opening_by_front(front_width_cut: Mm, gap: Mm) -> Mm:
    """By the front, the opening is the cut front and a gap on both sides."""
    return front_width_cut + 2 * gap


@rule(source="geometry", per="front.inset")
def opening_by_box(
    outside_width: Mm, runner_side_clearance: Mm, runner_play: Mm, opening_width: Mm, cell_width: Mm
) -> Mm:
    """By the box, the opening is box, runners, their play, and what the packing stands in behind the frame."""
    return outside_width + 2 * runner_side_clearance + runner_play + (opening_width - cell_width)
