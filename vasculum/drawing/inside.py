"""The floor of one cell from above: what divides it, and what lies there, each thing with its name.

The origin is the front left corner of the floor; the back is up.
"""

from __future__ import annotations

from collections.abc import Iterator
from fractions import Fraction

from vasculum.core.flow import key_text
from vasculum.core.rules.organizers.grid import CROSSWISE, LENGTHWISE
from vasculum.core.rules.organizers.pocketed import BLOCKS, PARTITIONS
from vasculum.core.rules.organizers.rack import DIVIDERS as RACK_DIVIDERS
from vasculum.core.rules.organizers.slotted import LOOSE
from vasculum.core.rules.organizers.upper_tray import TRAY
from vasculum.drawing.primitives import CAPITAL, FIRST, OPENING_PAPER, STEP, Point, Rect, Role, Sheet, Text, scale_for
from vasculum.drawing.sizes import Sizes
from vasculum.drawing.standing import standing
from vasculum.packing.floor import Placed
from vasculum.plan.laying.solving import SolvedPlan, nodes_in, space_around
from vasculum.plan.making.by_hand import thing_of
from vasculum.plan.making.rooms import room_of, sizes_of
from vasculum.plan.making.stored import stored_in

ZERO = Fraction(0)
TALLEST, LOWEST = Fraction(4), Fraction(7, 5)
"""Of a name, mm on paper; it is left out where it would be lower."""
FRONT, SPACE = Fraction(5, 2), Fraction(3, 2)
"""How high the word is that says where the front is, and what is free above it, mm on paper."""
WIDE = Fraction(11, 20)
"""How wide a letter is of its height, about."""
ROOM = Fraction(1, 2)
"""Of a narrow thing a name takes no more than this share across it."""


def inside(plan: SolvedPlan, place: str, number: int) -> Sheet:
    """The floor of a cell with what lies on it; empty while it waits, and where nothing is kept."""
    sheet = Sheet("inside", "Inside, from above", place=place)
    at = Sizes(plan, place, sheet)
    node = next(one for one in nodes_in(plan, space_around(plan, place)) if one.id == place)
    room, names = room_of(plan, node), sizes_of(node)
    if room is None or names is None:
        return sheet
    across, back, _ = names
    sheet.scale = scale_for(room.width, room.depth, *OPENING_PAPER)
    sheet.add(Rect("cut", "box", (ZERO, ZERO), room.width, room.depth, at.key(across), number))
    below = (room.width / 2, -(FRONT + SPACE) * sheet.scale)
    sheet.add(Text("label", "box", below, "front", FRONT, key=at.key(across)))
    sheet.add(*fitted_inside(at, corner_inside(at)))
    sheet.add(*_things(at))
    at.dimension(across, "across", -FIRST - STEP / 2, (ZERO, ZERO), (room.width, ZERO))
    at.dimension(back, "up", FIRST, (room.width, ZERO), (room.width, room.depth))
    return sheet


def corner_inside(at: Sizes) -> Point:
    """Where the floor of a box begins in its space."""
    walls = at.all_of("box_from_left", "side_thickness", "set_back", "front_wall")
    if walls is None:
        return (ZERO, ZERO)
    left, side, start, front = walls
    return (left + side, start + front)


def fitted_inside(at: Sizes, shift: Point = (ZERO, ZERO)) -> Iterator[Rect]:
    """Strips, loose dividers and a tray, cut through; ``shift``: how far the origin is from that of the space."""
    for strip in standing(at, *LENGTHWISE, *CROSSWISE, *LOOSE, *PARTITIONS, *BLOCKS, *TRAY, *RACK_DIVIDERS):
        yield from strip.seen("above", "cut", "box", strip.thin, shift)


def _things(at: Sizes) -> Iterator[Rect | Text]:
    """What lies there; below a tray only its outline, without a name."""
    for one in stored_in(at.plan):
        if one.place != at.place:
            continue
        under: Role = "hidden" if one.upper else "outline"
        lying: list[tuple[Placed, Role]] = [(placed, under) for placed in one.floor.placed]
        lying += [(placed, "outline") for placed in (one.upper.placed if one.upper else ())]
        for placed, role in lying:
            key = key_text((placed.name, "lies"))
            yield Rect(role, "things", (placed.from_left, placed.from_front), placed.across, placed.back, key)
            if role == "outline":
                yield from _named(at, placed, key)


def _named(at: Sizes, placed: Placed, key: str) -> Iterator[Text]:
    """As large as there is room for, along the longer way; none where it could not be read."""
    name = at.plan.plan.things[thing_of(placed.name)].name
    is_upright = placed.back > placed.across * 2
    along, beside = (placed.back, placed.across) if is_upright else (placed.across, placed.back)
    high = min(TALLEST, along / (WIDE * len(name) * at.sheet.scale), beside * ROOM / at.sheet.scale)
    if high >= LOWEST:
        x, y = placed.from_left + placed.across / 2, placed.from_front + placed.back / 2
        half = high * CAPITAL * at.sheet.scale / 2
        stands = (x + half, y) if is_upright else (x, y - half)
        yield Text("label", "things", stands, name, high, turn=90 if is_upright else 0, key=key)
