"""Stretchers, above or below: how wide they are, where the back one lies and where screws find wood. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import snap_down, snap_nearest
from vasculum.core.rules.carcass.datums import measured_from_back


@rule(source="common practice", label="width of a stretcher, cut", per="stretchered")
def stretcher_width_cut(stretcher_width: Mm, increment: Mm) -> Mm:
    """Stretchers are ripped to their width, down to the shop's increment."""
    return snap_down(stretcher_width, increment)


@rule(source="geometry", label="back stretcher behind the front edges", per="stretchered")
def stretcher_back_from_front(case_panel_depth_cut: Mm, back_within: Mm, stretcher_width_cut: Mm) -> Mm:
    """The back stretcher ends where the inside ends."""
    return case_panel_depth_cut - back_within - stretcher_width_cut


@rule(source="from memory", label="screw holes of a stretcher, across it", per="stretchered")
def stretcher_hole_places(stretcher_width_cut: Mm, increment: Mm) -> tuple[Mm, ...]:
    """A stretcher takes two holes at each end, a quarter of its width from its edges, to the increment.

    From its front edge.
    """
    near = snap_nearest(stretcher_width_cut / 4, increment)
    return (near, stretcher_width_cut - near)


@rule(source="geometry", label="screw holes of both stretchers, from the front", per="stretchered")
def stretchers_holed(stretcher_hole_places: tuple[Mm, ...], stretcher_back_from_front: Mm) -> tuple[Mm, ...]:
    """Where there is wood: the holes of the front one, then those of the back one."""
    return (*stretcher_hole_places, *(stretcher_back_from_front + place for place in stretcher_hole_places))


@rule(source="geometry", label="screw holes of a stretcher, from its back edge", per="stretchered")
def stretcher_hole_places_from_back(stretcher_hole_places: tuple[Mm, ...], stretcher_width_cut: Mm) -> tuple[Mm, ...]:
    """Across a stretcher, from its back edge."""
    return measured_from_back(stretcher_hole_places, stretcher_width_cut)
