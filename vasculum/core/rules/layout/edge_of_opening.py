"""A cell at the edge of the opening: its face reaches past the clear width there. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="geometry", per="left.edge")
def face_left_of_cell(clear_stands_in: Mm) -> Mm:
    """At the left edge the face begins before the cell by what the packing stands in."""
    return clear_stands_in


@rule(source="geometry", per="right.edge")
def face_right_of_cell(opening_width: Mm, clear_width: Mm, clear_stands_in: Mm) -> Mm:
    """At the right edge the face ends past the cell by what the packing stands in there."""
    return opening_width - clear_width - clear_stands_in
