"""What the tape should read on the way: dry fit and marks. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="geometry", label="gap beside the box before the runners are on", per="drawer")
def dry_gap_beside(free_width: Mm, outside_width: Mm) -> Mm:
    """Before the runners are on, the box stands with half of what the clear width leaves on each side.

    One side, box centred.
    """
    return (free_width - outside_width) / 2


@rule(source="geometry", label="box front behind the case's front", per="drawer")
def box_front_to_face(set_back: Mm) -> Mm:
    """The box's front stands behind the case's front face by the set-back."""
    return set_back
