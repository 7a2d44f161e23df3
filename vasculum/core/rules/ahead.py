"""Room in front: what a drawer needs to come out, a person to stand, and a door to be out of the way. mm."""

from __future__ import annotations

from fractions import Fraction
from math import cos, radians

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="common practice", label="room needed in front", per="drawer", when=("room_in_front",))
def room_needed_ahead(runner_length: Mm, standing_room: Mm) -> Mm:
    """In front a drawer needs the travel of its runners, and room for whoever stands there."""
    return runner_length + standing_room


@rule(source="geometry", label="door stands in", per="drawer", when=("door_width",), judgement=True)
def door_stands_in(door_width: Mm, door_opens: Fraction) -> float:
    """A door that opens less than square stands before the opening by its width times the cosine of its angle.

    A float of mm, from the hinge side; nothing from 90° on.
    """
    return max(0.0, float(door_width) * cos(radians(float(door_opens))))
