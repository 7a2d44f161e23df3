"""Two stretchers instead of a top: a worktop covers them. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, piece, rule
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.reasons import snap_down, snap_nearest
from vasculum.core.rules.carcass.datums import measured_from_back

alternative(
    "case_top.stretchers",
    title="Two stretchers",
    about="Less wood where a top is laid on it.",
    shares=("topped",),
    order=3,
)


@rule(source="common practice", label="number of stretchers", per="case_top.stretchers", unit="count")
def stretcher_count() -> Mm:
    """One stretcher at the front, one at the back."""
    return Mm(2)


@rule(source="common practice", per="case_top.stretchers")
def stretcher_width_cut(stretcher_width: Mm, increment: Mm) -> Mm:
    """Stretchers are ripped to their width, down to the shop's increment."""
    return snap_down(stretcher_width, increment)


@piece(
    "stretcher_front",
    per="case_top.stretchers",
    title="Stretcher",
    length="case_across_length_cut",
    width="stretcher_width_cut",
    thickness="case_top_thickness",
    stock="case_top_sheet",
    order=53,
)
def stretcher_front(across_from_left: Mm, case_top_from_floor: Mm) -> Stand:
    """The front stretcher lies at the front edge."""
    return Stand(across_from_left, Mm(0), case_top_from_floor, "across", "back", -1)


@piece(
    "stretcher_back",
    per="case_top.stretchers",
    title="Stretcher",
    length="case_across_length_cut",
    width="stretcher_width_cut",
    thickness="case_top_thickness",
    stock="case_top_sheet",
    order=54,
)
def stretcher_back(
    across_from_left: Mm, case_top_from_floor: Mm, case_panel_depth_cut: Mm, back_within: Mm, stretcher_width_cut: Mm
) -> Stand:
    """The back stretcher ends where the inside ends."""
    back = case_panel_depth_cut - back_within - stretcher_width_cut
    return Stand(across_from_left, back, case_top_from_floor, "across", "back", -1)


@rule(source="from memory", label="screw holes of a stretcher, across it", per="case_top.stretchers")
def stretcher_hole_places(stretcher_width_cut: Mm, increment: Mm) -> tuple[Mm, ...]:
    """A stretcher takes two holes at each end, a quarter of its width from its edges, to the increment.

    From its front edge.
    """
    near = snap_nearest(stretcher_width_cut / 4, increment)
    return (near, stretcher_width_cut - near)


@rule(
    source="geometry",
    label="screw holes at the top of the case, from the front",
    per=("case_screwed", "case_top.stretchers"),
)
def upper_hole_places(
    stretcher_hole_places: tuple[Mm, ...], case_panel_depth_cut: Mm, back_within: Mm, stretcher_width_cut: Mm
) -> tuple[Mm, ...]:
    """Along stretchers the holes stand where there is wood: those of the front one, then those of the back one."""
    back = case_panel_depth_cut - back_within - stretcher_width_cut
    return (*stretcher_hole_places, *(back + place for place in stretcher_hole_places))


@rule(source="common practice", per=("case_joint.knock_down", "case_top.stretchers"))
def upper_dowels() -> Mm:
    """A stretcher is narrow: its screws locate it."""
    return Mm(0)


@rule(source="geometry", label="screw holes of a stretcher, from its back edge", per="case_top.stretchers")
def stretcher_hole_places_from_back(stretcher_hole_places: tuple[Mm, ...], stretcher_width_cut: Mm) -> tuple[Mm, ...]:
    """Across a stretcher, from its back edge."""
    return measured_from_back(stretcher_hole_places, stretcher_width_cut)
