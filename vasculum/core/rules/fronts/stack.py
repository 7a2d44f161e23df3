"""A column of fronts without rails: snapped so that faces and gaps still add up to the opening. Exact mm.

Faces snap down; whole increments that are over go where the person says, and less than one increment widens the gap
at the floor.
"""

from __future__ import annotations

from vasculum.core.catalogue import alternative, rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import snap_down, taken, total

alternative(
    "surplus.bottom",
    title="In the lowest front",
    about="The lowest front is higher by what the others leave.",
    order=1,
)


def snapped_faces(each_front_height: tuple[Mm, ...], increment: Mm) -> tuple[list[Mm], Mm]:
    """Each front snapped down, and the whole increments that are over."""
    faces = [snap_down(height, increment) for height in each_front_height]
    return faces, snap_down(total(*each_front_height) - total(*faces), increment)


@rule(
    source="common practice",
    label="height of a stacked front, cut",
    per="surplus.bottom",
    shared_out_as="stacked_front_height_cut",
)
def stacked_fronts_cut(each_front_height: tuple[Mm, ...], increment: Mm) -> tuple[Mm, ...]:
    """Faces are cut down to the increment; the lowest takes the whole increments that are over."""
    faces, over = snapped_faces(each_front_height, increment)
    return (*faces[:-1], faces[-1] + over)


@rule(source="geometry", label="gap at the floor", per="stack.even")
def gap_at_floor(
    cell_height: Mm,
    gap: Mm,
    each_front_height_cut: tuple[Mm, ...],
    each_gap_above: tuple[Mm, ...],
    each_edge_allowance: tuple[Mm | None, ...],
    each_face_taken_above: tuple[Mm | None, ...],
) -> Mm:
    """Below the lowest front stays what the faces, the gaps between them, the one above them and pulls on edges leave.

    Over them hangs what stands in their plane from the top; a sill is within what stays.
    Less than nothing where the lowest front laps over the case.
    """
    between_fronts = (len(each_front_height_cut) - 1) * gap
    on_edges = total(Mm(0), *taken(each_edge_allowance), *taken(each_face_taken_above))
    return cell_height - total(*each_front_height_cut) - between_fronts - each_gap_above[0] - on_edges


@rule(source="geometry", per="stack.even", shared_out_as="front_from_floor")
def fronts_from_floor(
    cell_from_floor: Mm,
    gap_at_floor: Mm,
    gap: Mm,
    each_front_height_cut: tuple[Mm, ...],
    each_edge_allowance: tuple[Mm | None, ...],
) -> tuple[Mm, ...]:
    """Each front stands on the fronts below it, a gap for each, and what pulls on their edges take.

    Lower edges above the floor of the space, uppermost first.
    """
    positions, at = [], cell_from_floor + gap_at_floor
    for height, allowance in zip(reversed(each_front_height_cut), reversed(each_edge_allowance), strict=True):
        positions.append(at)
        at = at + height + gap + (Mm(0) if allowance is None else allowance)
    return tuple(reversed(positions))


@rule(source="common practice", per="front_snap.stacked")
def front_height_cut(stacked_front_height_cut: Mm) -> Mm:
    """A front of a column is cut to its share of the column."""
    return stacked_front_height_cut


@rule(source="geometry", per=("front.inset", "front_snap.stacked"))
def gap_above_below(gap: Mm) -> Mm:
    """Between the fronts of a column stands the gap that was chosen."""
    return gap
