"""What the things that are asked for want of a drawer in so many columns: how high, how much floor, how heavy."""

from __future__ import annotations

from collections.abc import Iterator
from fractions import Fraction
from typing import NamedTuple

from vasculum.core.lengths import Mm
from vasculum.core.reasons import snap_up
from vasculum.core.weights import read_weight
from vasculum.packing.floor import Footprint, pack_floor
from vasculum.plan.document import Plan, Thing
from vasculum.plan.laying.things import headroom_over
from vasculum.plan.making.stored import Posture, lowest_posture
from vasculum.proposing.asked import Asked
from vasculum.proposing.probing import Probe
from vasculum.proposing.shares import Columns, Wanted


def weight_of(thing: Thing) -> Fraction:
    """Of all of them, kilograms; nothing where nobody said."""
    return read_weight(thing.weight) * thing.count if thing.weight else Fraction(0)


def posture_in(plan: Plan, thing: Thing, probe: Probe) -> Posture:
    """As it stands, or lying where it may and is too high for any row."""
    return lowest_posture(plan, thing, probe.height - probe.loss + probe.headroom)


def high_in(plan: Plan, thing: Thing, probe: Probe) -> Mm:
    """How high it stands there, with headroom of its own."""
    return posture_in(plan, thing, probe).high + headroom_over(plan, thing)


def wanted_in(asked: Asked, probe: Probe) -> list[Wanted]:
    """What each thing wants."""
    return [
        Wanted(
            id_,
            snap_up(high_in(asked.plan, thing, probe), probe.increment),
            sum((one.across * one.back for one in footprints(asked.plan, id_, thing, probe)), Mm(0)),
            weight_of(thing),
            thing.use,
            thing.belongs_with,
        )
        for id_, thing in asked.things.items()
    ]


def columns_of(probe: Probe) -> Columns:
    """What there is to share."""
    return Columns(
        probe.columns, probe.height, probe.loss, probe.width * probe.depth, probe.carries, probe.reach
    )  # fmt: skip


def footprints(plan: Plan, id_: str, thing: Thing, probe: Probe) -> list[Footprint]:
    """One for each stack of it."""
    posture, stacks = posture_in(plan, thing, probe), -(-thing.count // thing.stacks)
    return [Footprint(f"{id_}#{n}", posture.across, posture.back, thing.may_turn) for n in range(stacks)]


def lie_together(asked: Asked, ids: tuple[str, ...], probe: Probe) -> bool:
    """Whether things lie on one floor beside each other."""
    parts = [part for id_ in ids for part in footprints(asked.plan, id_, asked.things[id_], probe)]
    return not pack_floor(probe.width, probe.depth, parts, probe.finger_room).left


def narrow(asked: Asked, widest: Probe, probe: Probe) -> bool:
    """Whether something that lies alone in the widest drawer no longer does in one of these."""
    return any(lies_alone(asked, id_, widest) and not lies_alone(asked, id_, probe) for id_ in asked.things)


def lies_alone(asked: Asked, id_: str, probe: Probe) -> bool:
    """Whether one of a thing lies on the floor of a drawer."""
    one = asked.things[id_].model_copy(update={"count": 1})
    return not pack_floor(probe.width, probe.depth, footprints(asked.plan, id_, one, probe)).left


class TooLarge(NamedTuple):
    """A thing that goes into no drawer: what of it is too much, by how much, and for which drawer."""

    thing: Thing
    what: str
    """``high``, ``wide`` or ``heavy``."""
    over: Mm
    """Mm, or kilograms."""
    probe: Probe


def larger_than_any(asked: Asked, probes: list[Probe]) -> Iterator[TooLarge]:
    """Things that go into no drawer: too high, larger than its floor, or heavier than its runners carry."""
    widest, tallest = probes[0], max(probes, key=lambda one: one.height - one.loss)
    for id_, thing in asked.things.items():
        over = high_in(asked.plan, thing, tallest) - (tallest.height - tallest.loss)
        weight, carries = weight_of(thing), widest.carries
        carried = None if carries is None else carries.beside(high_in(asked.plan, thing, widest))
        if over > 0:
            yield TooLarge(thing, "high", over, tallest)
        elif not lies_alone(asked, id_, widest):
            yield TooLarge(thing, "wide", Mm(0), widest)
        elif carried is not None and weight > carried:
            yield TooLarge(thing, "heavy", weight - max(carried, Fraction(0)), widest)
