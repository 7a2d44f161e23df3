"""Full overlay front: it stands before the case and laps over what surrounds its cell. Exact mm.

A partition shared with a neighbour is lapped by both, an end panel up to its reveal. What snapping leaves is spread.
"""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="common practice", per="front.overlay")
def end_lap(end_panel_thickness: Mm, reveal: Mm) -> Mm:
    """At an end panel an overlay front laps over its thickness less the reveal."""
    return end_panel_thickness - reveal


@rule(source="common practice", per="front.overlay")
def shared_lap(divider_thickness: Mm, gap: Mm) -> Mm:
    """At a partition shared with a neighbour an overlay front laps over half of its thickness less the gap."""
    return (divider_thickness - gap) / 2


@rule(source="common practice", per="front.overlay")
def front_width(face_width: Mm, lap_left: Mm, lap_right: Mm) -> Mm:
    """An overlay front is the width of its face in the opening and both laps."""
    return face_width + lap_left + lap_right


@rule(source="geometry", per="front.overlay")
def front_from_left(
    cell_from_left: Mm, face_left_of_cell: Mm, lap_left: Mm, front_width: Mm, front_width_cut: Mm
) -> Mm:
    """The front's left edge stands outside its face by the lap, less half of what snapping left.

    From the clear left of the space.
    """
    return cell_from_left - face_left_of_cell - lap_left + (front_width - front_width_cut) / 2


@rule(source="common practice", per="front.overlay")
def set_back() -> Mm:
    """An overlay front stands before the case, so runners begin at the front face."""
    return Mm(0)


@rule(source="geometry", per="overlay_box")
def opening_by_front(front_width_cut: Mm, lap_left: Mm, lap_right: Mm) -> Mm:
    """By the front, the opening is the cut front less both laps."""
    return front_width_cut - lap_left - lap_right
