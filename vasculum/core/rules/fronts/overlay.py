"""Full overlay front: it stands before the case and laps over what surrounds its cell. Exact mm.

A partition shared with a neighbour is lapped by both, an end panel up to its reveal. What snapping leaves is spread.
"""

from __future__ import annotations

from vasculum.core.catalogue import alternative, rule
from vasculum.core.lengths import Mm

alternative(
    "front.overlay",
    title="Full overlay",
    about="Stands before the case and laps over it; hides the case, needs no gap to the opening.",
    shares=("lapping", "edge_by_edge"),
    order=2,
)


@rule(source="common practice", per="front.overlay")
def end_lap(end_panel_thickness: Mm, reveal: Mm) -> Mm:
    """At an end panel an overlay front laps over its thickness less the reveal."""
    return end_panel_thickness - reveal


@rule(source="common practice", per="front.overlay")
def shared_lap(divider_thickness: Mm, gap: Mm) -> Mm:
    """At a partition shared with a neighbour an overlay front laps over half of its thickness less the gap."""
    return (divider_thickness - gap) / 2


@rule(source="common practice", per="front.overlay")
def set_back() -> Mm:
    """An overlay front stands before the case, so runners begin at the front face."""
    return Mm(0)
