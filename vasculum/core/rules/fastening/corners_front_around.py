"""The corners at the front of a box whose ends run past its sides: what fasteners pass and bite into. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="geometry", per="joint.butt_around")
def front_corner_passed(box_front_thickness: Mm) -> Mm:
    """Where the sides stand between the ends, fasteners go through the front."""
    return box_front_thickness


@rule(source="geometry", per="joint.butt_around")
def front_corner_edge(side_thickness: Mm) -> Mm:
    """Where the sides stand between the ends, their ends hold."""
    return side_thickness
