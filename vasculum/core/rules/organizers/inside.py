"""Where the inside of a box begins, for what is built into it. Exact mm, from the clear front lower left corner."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.obstructions.free import NOTHING

INSIDE = "from_inside"


@rule(source="geometry", label="inside begins, from the left", per=INSIDE)
def inside_from_left(box_from_left: Mm, side_thickness: Mm) -> Mm:
    """The inside begins behind the left side."""
    return box_from_left + side_thickness


@rule(source="geometry", label="inside begins behind the front", per=INSIDE)
def inside_from_front(set_back: Mm, front_wall: Mm, set_in_front: Mm = NOTHING) -> Mm:
    """The inside begins behind the front of the box."""
    return set_back + set_in_front + front_wall


@rule(source="geometry", label="inside begins above the floor", per=INSIDE)
def inside_from_floor(box_from_floor: Mm, bottom_loss: Mm) -> Mm:
    """What is built in stands on the bottom of the box."""
    return box_from_floor + bottom_loss
