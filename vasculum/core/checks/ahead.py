"""Does what is pulled out have the room in front."""

from __future__ import annotations

from fractions import Fraction

from vasculum.core.catalogue import check
from vasculum.core.flow import Finding
from vasculum.core.lengths import Mm


@check(source="common practice", per="drawer", when=("room_in_front",))
def drawer_comes_out(runner_length: Mm, room_needed_ahead: Mm, room_in_front: Mm) -> Finding | None:
    """In front there is room for the drawer and for a person."""
    if room_needed_ahead <= room_in_front:
        return None
    is_stuck = runner_length > room_in_front
    return Finding(
        "drawer-meets-what-is-in-front" if is_stuck else "little-room-in-front",
        "attention" if is_stuck else "note",
        "It comes out by {travel} and wants {needs} with room to stand; in front there are {room}.",
        "Take a shorter runner, or make two narrower drawers that are pulled out one at a time.",
        {"travel": runner_length, "needs": room_needed_ahead, "room": room_in_front},
        ("room_needed_ahead",),
    )


@check(source="geometry", per="drawer", when=("door_width",))
def door_is_out_of_the_way(door_stands_in: float, door_opens: Fraction) -> Finding | None:
    """The door before the opening swings out of the way of what is pulled out."""
    if door_stands_in < 1:
        return None
    return Finding(
        "door-in-the-way",
        "attention",
        "Opened by {degrees_count} degrees, the door still stands {stands} before the opening.",
        "Note it as the edge of an open door in the way, or hang it on hinges that open square.",
        {"degrees_count": door_opens, "stands": door_stands_in},
        ("door_stands_in",),
    )
