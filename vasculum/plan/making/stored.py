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
from vasculum.plan.laying.layout import Node, every_cell
from vasculum.plan.laying.solving import SolvedPlan, nearest_key
from vasculum.plan.laying.things import headroom_over, things_in
from vasculum.plan.making.by_hand import Amiss, amiss_on, laid, name_of, stack_of, thing_of
from vasculum.plan.making.rooms import NOTHING, Part, Room, Tier, room_of, tiers_of

Why = Literal["too_high", "no_floor"]
"""Why something is left over: higher than the room over the floor, or no floor is left for it."""


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
    volume: Mm
    """Of its room below the rim, mm³."""
    filled: Mm
    """What its things take of it, mm³: each as high as it stands."""
    heights: dict[str, Mm]
    """How high each thing stands that is in it."""
    amiss: tuple[Amiss, ...] = ()
    """What was laid by hand and does not lie well."""

    @property
    def volume_used(self) -> Fraction:
        """What its things take of its room."""
        return self.filled / self.volume if self.volume > 0 else Fraction(0)


def stored_in(plan: SolvedPlan) -> list[Stored]:
    """Every cell in which something is kept, space by space; worked out once for each solution."""
    found: list[Stored] | None = plan.kept.get("stored")
    if found is None:
        each = ((node, things_in(plan.plan, node.id), room_of(plan, node)) for node in every_cell(plan.plan))
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
    others = [node for node in every_cell(plan.plan) if node.id != one.lives_in]
    found = [taker for node in others if (taker := _taker(plan, node, thing)) is not None]
    return sorted(found, key=lambda taker: taker.grows)


def _taker(plan: SolvedPlan, node: Node, thing: str) -> Taker | None:
    room, things = room_of(plan, node), {**things_in(plan.plan, node.id), thing: plan.plan.things[thing]}
    if room is None:
        return None
    grows = max((left.over for left in _stored(plan, node, things, room).left), default=NOTHING)
    higher = room._replace(sides=room.sides + grows, height=room.height + grows)
    return None if _stored(plan, node, things, higher).left else Taker(node.id, grows)


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


def _stored(plan: SolvedPlan, node: Node, things: dict[str, Thing], room: Room) -> Stored:
    tiers = tiers_of(plan, node.id, room)
    apart = plan.solved.value(*nearest_key(plan, node.id, "finger_room"))
    waiting = {id_: list(range(-(-thing.count // thing.stacks))) for id_, thing in things.items()}
    heights: dict[str, Mm] = {}
    lying: list[Floor] = []
    amiss: list[Amiss] = []
    for tier in tiers:
        by_hand: list[Placed] = []
        footprints: list[Footprint] = []
        low: dict[str, Mm] = {}
        for id_, thing in things.items():
            posture = lowest_posture(plan.plan, thing, tier.room.height)
            if posture.high + headroom_over(plan.plan, thing) > tier.room.height:
                continue
            low[id_], size = posture.high, (posture.across, posture.back)
            mine = list(laid(plan.plan, id_, thing, size, waiting[id_]))
            by_hand += mine
            named = {one.name for one in mine}
            names = [name for n in waiting[id_] if (name := name_of(id_, n)) not in named]
            footprints += [Footprint(name, *size, thing.may_turn) for name in names]
        lying.append(_on_floors(tier.floors, tuple(by_hand), tuple(footprints), apart))
        amiss += amiss_on(tier.floors, tuple(by_hand))
        for one in lying[-1].placed:
            id_ = thing_of(one.name)
            waiting[id_].remove(stack_of(one.name))
            heights[id_] = max(low[id_], heights.get(id_, NOTHING))
    left = [_left(plan.plan, id_, thing, len(waiting[id_]), tiers) for id_, thing in things.items() if waiting[id_]]
    placed = [one for floor in lying for one in floor.placed]
    area = sum((one.across * one.back for one in placed), Fraction(0))
    filled = sum((one.across * one.back * heights[thing_of(one.name)] for one in placed), Fraction(0))
    whole = sum((tier.room.width * tier.room.depth for tier in tiers), Fraction(0))
    volume = sum((tier.room.width * tier.room.depth * tier.room.sides for tier in tiers), Fraction(0))
    used = area / whole if whole > 0 else Fraction(0)
    upper = lying[0] if len(tiers) > 1 else None
    return Stored(node.id, tiers[-1].room, lying[-1], upper, tuple(left), used, volume, filled, heights, tuple(amiss))


def _left(plan: Plan, id_: str, thing: Thing, stacks: int, tiers: list[Tier]) -> Left:
    """What of a thing does not go in, and why."""
    tallest = max(tier.room.height for tier in tiers)
    over = lowest_posture(plan, thing, tallest).high + headroom_over(plan, thing) - tallest
    many = min(stacks * thing.stacks, thing.count)
    return Left(id_, many, "too_high", over) if over > 0 else Left(id_, many, "no_floor")


def _on_floors(floors: list[Part], by_hand: tuple[Placed, ...], footprints: tuple[Footprint, ...], apart: Mm) -> Floor:
    """What was laid by hand stays; one floor after the other takes what it can of the rest."""
    placed = list(by_hand)
    for x, y, width, depth in floors:
        taken = tuple(p._replace(from_left=p.from_left - x, from_front=p.from_front - y) for p in by_hand)
        one = _packed(width, depth, footprints, apart, taken)
        placed += [p._replace(from_left=p.from_left + x, from_front=p.from_front + y) for p in one.placed]
        footprints = tuple(part for part in footprints if part.name in one.left)
    return Floor(tuple(placed), tuple(part.name for part in footprints))


@lru_cache(maxsize=2048)
def _packed(width: Mm, depth: Mm, footprints: tuple[Footprint, ...], apart: Mm, taken: tuple[Placed, ...]) -> Floor:
    """The same things on the same floor are packed once."""
    return pack_floor(width, depth, footprints, apart, taken)
