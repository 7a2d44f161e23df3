"""A cell beside a divider: its face ends with the cell. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="geometry", label="face past the cell on the left", per="left.divider")
def face_left_of_cell() -> Mm:
    """Beside a divider on the left the face begins with the cell."""
    return Mm(0)


@rule(source="geometry", label="face past the cell on the right", per="right.divider")
def face_right_of_cell() -> Mm:
    """Beside a divider on the right the face ends with the cell."""
    return Mm(0)
