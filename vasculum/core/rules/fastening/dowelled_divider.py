"""Dividers on dowels. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import good, rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest, smallest
from vasculum.core.rules.fastening.sold import places_along


@rule(source="geometry", label="thinner board that dowels go into with their face side", per="divider_held.dowels")
def dowelled_host(low_end_host: Mm, high_end_host: Mm) -> Mm:
    """Dowels of a divider go into the faces of what it ends at; the thinner counts."""
    return smallest(low_end_host, high_end_host)


@rule(source="geometry", label="board that dowels go into with its edge", per="divider_held.dowels")
def dowelled_edge(divider_thickness: Mm) -> Mm:
    """They go into the ends of the divider."""
    return divider_thickness


@rule(source="common practice", label="dowels along each joint, from the front", per="divider_held.dowels")
def dowel_places(divider_depth_cut: Mm, dowel_margin: Mm, dowel_pitch: Mm, increment: Mm) -> tuple[Mm, ...]:
    """Along each end, two at least, no further apart than was chosen; from the divider's front edge."""
    return places_along(divider_depth_cut, dowel_margin, dowel_pitch, increment, 2)


@rule(source="common practice", per=("divided.board", "divider_held.dowels"))
def fixings_apart(least_stagger: Mm, dowel_diameter: Mm, edge_diameters: Mm) -> Mm:
    """Dowels from both sides of a board stand three of their diameters apart, as screws in one joint do."""
    return largest(least_stagger, dowel_diameter * edge_diameters)


good(
    "dowel",
    per=("divided.board", "divider_held.dowels"),
    title="Dowel for dividers",
    count="divider_fastener_count",
    size="dowel_length",
    gauge="dowel_diameter",
    into=("dowel_face_depth", "dowel_edge_depth"),
)
