"""What lies in a cell, seen from above: each thing where it stands, with its name where that can be read."""

from __future__ import annotations

from collections.abc import Iterator
from fractions import Fraction

from vasculum.core.flow import key_text
from vasculum.drawing.primitives import Point, Rect, Role, Text
from vasculum.drawing.sizes import Sizes
from vasculum.packing.floor import Placed
from vasculum.plan.making.stored import stored_in

TALLEST, LOWEST = Fraction(3), Fraction(7, 5)
"""Of a name, mm on paper; it is left out where it would be lower."""
WIDE = Fraction(11, 20)
"""How wide a letter is of its height, about."""
ROOM = Fraction(1, 2)
"""Of a narrow thing a name takes no more than this share across it."""


def has_things(at: Sizes) -> bool:
    """Whether anything is kept in a cell."""
    return any(one.place == at.place for one in stored_in(at.plan))


def things_from_above(at: Sizes, corner: Point) -> Iterator[Rect | Text]:
    """The things of one cell, from the front left corner of its floor."""
    for one in stored_in(at.plan):
        if one.place != at.place:
            continue
        under: Role = "hidden" if one.upper else "outline"
        lying: list[tuple[Placed, Role]] = [(placed, under) for placed in one.floor.placed]
        lying += [(placed, "outline") for placed in (one.upper.placed if one.upper else ())]
        for placed, role in lying:
            name = at.plan.plan.things[placed.name.partition("#")[0]].name
            x, y = corner[0] + placed.from_left, corner[1] + placed.from_front
            key = key_text((at.place, "inside_width"))
            yield Rect(role, "cells", (x, y), placed.across, placed.back, key)
            if role == "hidden":
                continue  # what lies below has no name where the tray has its own
            is_upright = placed.back > placed.across * 2
            along, beside = (placed.back, placed.across) if is_upright else (placed.across, placed.back)
            high = min(TALLEST, along / (WIDE * len(name) * at.sheet.scale), beside * ROOM / at.sheet.scale)
            if high >= LOWEST:
                middle = (x + placed.across / 2, y + placed.back / 2)
                yield Text("label", "cells", middle, name, high, turn=90 if is_upright else 0, key=key)
