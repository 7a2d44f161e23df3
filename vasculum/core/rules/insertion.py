"""Does what is built outside pass the door, hatch or mouth, and can it be turned into place there. Exact mm."""

from __future__ import annotations

from math import hypot

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest, smallest, total

MOUTH = ("mouth_width", "mouth_height")
"""The door, hatch or mouth that everything is carried through."""


@rule(source="common practice", label="lower way in through the mouth", per="drawer", when=MOUTH)
def passes_flat(carried_width: Mm, carried_height: Mm, carried_depth: Mm) -> Mm:
    """End on, a box shows its two smaller sizes: the smallest of the three is the one way."""
    return smallest(carried_width, carried_height, carried_depth)


@rule(source="common practice", label="higher way in through the mouth", per="drawer", when=MOUTH)
def passes_upright(carried_width: Mm, carried_height: Mm, carried_depth: Mm) -> Mm:
    """End on, a box shows its two smaller sizes: the middle of the three is the other way."""
    sizes = (carried_width, carried_height, carried_depth)
    return total(*sizes) - smallest(*sizes) - largest(*sizes)


@rule(source="common practice", label="height to stand the box up", per="drawer", when=MOUTH, judgement=True)
def standing_up(carried_depth: Mm, carried_height: Mm) -> float:
    """Stood up from lying, a box needs the root of depth squared plus height squared.

    A float of mm: it judges, and sizes nothing.
    """
    return hypot(float(carried_depth), float(carried_height))


@rule(source="common practice", label="room to turn across", per="space", when=("turning_width",))
def turning_across(turning_width: Mm) -> Mm:
    """It turns within the width that was measured for it."""
    return turning_width


@rule(source="common practice", label="room to turn upwards", per="space", when=("turning_room",))
def turning_up(turning_room: Mm) -> Mm:
    """It is stood up within the height that was measured for it."""
    return turning_room


@rule(source="common practice", label="room to turn in depth", per="space", when=("turning_depth",))
def turning_along(turning_depth: Mm) -> Mm:
    """It turns within the depth that was measured for it."""
    return turning_depth
