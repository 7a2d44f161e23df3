"""The corners at the back of a box whose ends run past its sides: what fasteners pass and bite into. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="geometry", per="back.butt_around")
def back_corner_passed(box_back_thickness: Mm) -> Mm:
    """Where the sides stand between the ends, fasteners go through the back."""
    return box_back_thickness


@rule(source="geometry", per="back.butt_around")
def back_corner_edge(side_thickness: Mm) -> Mm:
    """Where the sides stand between the ends, their ends hold."""
    return side_thickness
