"""What lies where: the things of each cell on its floor, what is left over, and why. Numbers and ids, no words."""

from __future__ import annotations

from collections.abc import Iterator
from fractions import Fraction
from functools import lru_cache
from itertools import permutations
from typing import Literal, NamedTuple

from vasculum.core.lengths import Mm
from vasculum.packing.floor import Floor, Footprint, Placed, pack_floor
from vasculum.plan.document import Plan, Thing
from vasculum.plan.laying.layout import BOXES, Node, cells_of
from vasculum.plan.laying.solving import SolvedPlan, nearest_key
from vasculum.plan.laying.things import headroom_over, things_in

Why = Literal["too_high", "no_floor"]
"""Why something is left over: higher than the room over the floor, or no floor is left for it."""
BAY = ("open", "shelf", "bin")
"""What things stand in beside boxes."""
NOTHING = Mm(0)


class Room(NamedTuple):
    """The room of a cell for things, mm: its floor, how high its sides stand, and how high things may stand."""

    width: Mm
    depth: Mm
    sides: Mm
    height: Mm


class Left(NamedTuple):
    """So many of a thing do not go in; what stands higher than the room does so by ``over``."""

    thing: str
    many: int
    why: Why
    over: Mm = NOTHING


class Stored(NamedTuple):
    """One cell with things: its room, what stands where, what is left over, and the shares that are used."""

    place: str
    room: Room
    """Below a sliding tray where there is one, else all of it."""
    floor: Floor
    upper: Floor | None
    """What lies in a sliding tray over it, told from the same corner."""
    left: tuple[Left, ...]
    floor_used: Fraction
    volume_used: Fraction
    heights: dict[str, Mm]
    """How high each thing stands that is in it."""


def stored_in(plan: SolvedPlan) -> list[Stored]:
    """Every cell in which something is kept, space by space; worked out once for each solution."""
    found: list[Stored] | None = plan.kept.get("stored")
    if found is None:
        each = ((node, things_in(plan.plan, node.id), room_of(plan, node)) for node in _cells(plan))
        found = plan.kept["stored"] = [
            _stored(plan, node, own, room) for node, own, room in each if own and room is not None
        ]
    return found


class Taker(NamedTuple):
    """A cell that would take a thing too, were it so much higher, mm; nothing where it does now."""

    place: str
    grows: Mm


def takers(plan: SolvedPlan, thing: str) -> list[Taker]:
    """The other cells that would take a thing, those that need grow least first."""
    one = plan.plan.things[thing]
    others = [node for node in _cells(plan) if node.id != one.lives_in]
    found = [taker for node in others if (taker := _taker(plan, node, thing)) is not None]
    return sorted(found, key=lambda taker: taker.grows)


def _taker(plan: SolvedPlan, node: Node, thing: str) -> Taker | None:
    room, things = room_of(plan, node), {**things_in(plan.plan, node.id), thing: plan.plan.things[thing]}
    if room is None:
        return None
    grows = max((left.over for left in _stored(plan, node, things, room).left), default=NOTHING)
    higher = room._replace(sides=room.sides + grows, height=room.height + grows)
    return None if _stored(plan, node, things, higher).left else Taker(node.id, grows)


def _cells(plan: SolvedPlan) -> Iterator[Node]:
    return (node for space in plan.plan.space_order for node in cells_of(plan.plan, space))


def room_of(plan: SolvedPlan, node: Node) -> Room | None:
    """The room of a cell for things; none while it waits, and none where nothing is kept."""
    names = {
        **dict.fromkeys(BOXES, ("inside_width", "inside_depth", "inside_height")),
        "bin": ("bin_width", "bin_depth", "bin_height"), "open": ("cell_width", "cell_depth", "cell_height"),
        "shelf": ("cell_width", "cell_depth", "cell_height"),
    }.get(node.place.holds)  # fmt: skip
    sizes = [plan.solved.value(node.id, name) for name in names or ()]
    if not sizes or None in sizes:
        return None
    width, depth, sides = sizes
    above = plan.solved.value(*nearest_key(plan, node.id, "play_above_built")) if node.place.holds in BOXES else None
    taken = plan.solved.value(node.id, "shelf_thickness") if node.place.holds == "shelf" else None
    return Room(width, depth, sides, sides + max(above or NOTHING, NOTHING) - (taken or NOTHING))


class Posture(NamedTuple):
    """How a thing stands: across, to the back, and how high with what is stacked on it."""

    across: Mm
    back: Mm
    high: Mm


def postures(plan: Plan, thing: Thing) -> Iterator[Posture]:
    """The ways in which a thing may stand: as it stands, and lying on its other sides where it may."""
    length, width, height = (plan.length(text) for text in (thing.length, thing.width, thing.height))
    stack = min(thing.stacks, thing.count)
    yield Posture(length, width, height * stack)
    if thing.may_lie:
        ways = dict.fromkeys(permutations((length, width, height)))
        yield from (Posture(a, b, c * stack) for a, b, c in ways if a >= b and c != height)


def lowest_posture(plan: Plan, thing: Thing, height: Mm) -> Posture:
    """As it stands, or the first way in which it is not higher than a room; as it stands where none is."""
    known = list(postures(plan, thing))
    own = headroom_over(plan, thing)
    return next((one for one in known if one.high + own <= height), known[0])


class _Tier(NamedTuple):
    """A floor, or what it is divided into, under so much height."""

    room: Room
    floors: list[Part]


def _tiers(plan: SolvedPlan, place: str, room: Room) -> list[_Tier]:
    """The cell itself; of a drawer with a sliding tray the tray, which is filled first, and what is below it."""
    names = ("upper_end_cut", "upper_depth_cut", "upper_wall_cut", "upper_thickness", "between_risers", "riser_height")
    sizes = [plan.solved.value(*nearest_key(plan, place, name)) for name in names]
    if "fitted.upper_tray" not in plan.laid.places[place].kinds or None in sizes:
        return [_Tier(room, _floors(plan, place, room))]
    across, back, wall, thick, between, below = sizes
    inside = back - 2 * thick
    tray = Room(across, inside, wall, wall + room.height - room.sides)
    lower = Room(between, room.depth, below, below)
    corner, beside = ((room.width - across) / 2, thick), (room.width - between) / 2
    return [
        _Tier(tray, [(*corner, across, inside)]),
        _Tier(lower, [(beside, NOTHING, lower.width, lower.depth)]),
    ]


def _stored(plan: SolvedPlan, node: Node, things: dict[str, Thing], room: Room) -> Stored:
    tiers = _tiers(plan, node.id, room)
    apart = plan.solved.value(*nearest_key(plan, node.id, "finger_room"))
    waiting = {id_: -(-thing.count // thing.stacks) for id_, thing in things.items()}
    heights: dict[str, Mm] = {}
    lying: list[Floor] = []
    for tier in tiers:
        footprints: list[Footprint] = []
        for id_, thing in things.items():
            posture = lowest_posture(plan.plan, thing, tier.room.height)
            if waiting[id_] and posture.high + headroom_over(plan.plan, thing) <= tier.room.height:
                heights[id_] = max(posture.high, heights.get(id_, NOTHING))
                stacks = range(waiting[id_])
                footprints += [Footprint(f"{id_}#{n}", posture.across, posture.back, thing.may_turn) for n in stacks]
        lying.append(_on_floors(tier.floors, tuple(footprints), apart))
        for one in lying[-1].placed:
            waiting[one.name.partition("#")[0]] -= 1
    left = [_left(plan.plan, id_, thing, waiting[id_], tiers) for id_, thing in things.items() if waiting[id_]]
    inside = {id_: high for id_, high in heights.items() if waiting[id_] < -(-things[id_].count // things[id_].stacks)}
    placed = [one for floor in lying for one in floor.placed]
    area = sum((one.across * one.back for one in placed), Fraction(0))
    volume = sum((one.across * one.back * inside[one.name.partition("#")[0]] for one in placed), Fraction(0))
    whole = sum((tier.room.width * tier.room.depth for tier in tiers), Fraction(0))
    filled = sum((tier.room.width * tier.room.depth * tier.room.sides for tier in tiers), Fraction(0))
    shares = (area / whole, volume / filled) if filled > 0 else (Fraction(0), Fraction(0))
    upper = lying[0] if len(tiers) > 1 else None
    return Stored(node.id, tiers[-1].room, lying[-1], upper, tuple(left), *shares, inside)


def _left(plan: Plan, id_: str, thing: Thing, stacks: int, tiers: list[_Tier]) -> Left:
    """What of a thing does not go in, and why."""
    tallest = max(tier.room.height for tier in tiers)
    over = lowest_posture(plan, thing, tallest).high + headroom_over(plan, thing) - tallest
    many = min(stacks * thing.stacks, thing.count)
    return Left(id_, many, "too_high", over) if over > 0 else Left(id_, many, "no_floor")


Part = tuple[Mm, Mm, Mm, Mm]
"""Of a floor: from the left, from the front, how wide and how deep, mm."""


def _floors(plan: SolvedPlan, place: str, room: Room) -> list[Part]:
    """The floor of a cell, or the floor between what divides it: a grid, or loose dividers; from the front left."""
    across, deep = (plan.solved.value(place, name) or () for name in _middles(plan.laid.places[place].kinds))
    thick = plan.solved.value(*nearest_key(plan, place, "grid_thickness"))
    if not across and not deep:
        return [(NOTHING, NOTHING, room.width, room.depth)]
    columns, rows = (_between(middles, run, thick) for middles, run in ((across, room.width), (deep, room.depth)))
    return [(x, y, w, d) for y, d in rows for x, w in columns]


def _middles(kinds: frozenset[str]) -> tuple[str, str]:
    """Which quantities say where dividers stand: from the left, and from the front; empty where none do."""
    if "fitted.grid" in kinds:
        return ("grid_centres_across", "grid_centres_deep")
    if "fitted.slotted_front" in kinds:
        return ("loose_middles", "")
    return ("", "loose_middles") if "fitted.slotted_sides" in kinds else ("", "")


def _between(middles: tuple[Mm, ...], run: Mm, thick: Mm) -> list[tuple[Mm, Mm]]:
    """Where each cell between strips begins, and how wide it is."""
    begins = [NOTHING, *(at + thick / 2 for at in middles)]
    ends = [*(at - thick / 2 for at in middles), run]
    return [(low, high - low) for low, high in zip(begins, ends, strict=True)]


def _on_floors(floors: list[Part], footprints: tuple[Footprint, ...], apart: Mm) -> Floor:
    """One floor after the other takes what it can of what the ones before left over."""
    placed: list[Placed] = []
    for x, y, width, depth in floors:
        one = _packed(width, depth, footprints, apart)
        placed += [p._replace(from_left=p.from_left + x, from_front=p.from_front + y) for p in one.placed]
        footprints = tuple(part for part in footprints if part.name in one.left)
    return Floor(tuple(placed), tuple(part.name for part in footprints))


@lru_cache(maxsize=2048)
def _packed(width: Mm, depth: Mm, footprints: tuple[Footprint, ...], apart: Mm) -> Floor:
    """The same things on the same floor are packed once."""
    return pack_floor(width, depth, footprints, apart)
