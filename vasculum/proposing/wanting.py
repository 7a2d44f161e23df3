"""What the things of a plan want of a drawer in so many columns: how high, how much floor, how heavy."""

from __future__ import annotations

from collections.abc import Iterator
from fractions import Fraction

from vasculum.core.lengths import Mm
from vasculum.core.reasons import snap_up
from vasculum.core.weights import read_weight
from vasculum.packing.floor import Footprint, pack_floor
from vasculum.plan.document import Plan, Thing
from vasculum.plan.laying.things import headroom_over
from vasculum.plan.making.stored import Posture, lowest_posture
from vasculum.proposing.probing import Probe
from vasculum.proposing.sharing import Wanted


def weight_of(thing: Thing) -> Fraction:
    """Of all of them, kilograms; nothing where nobody said."""
    return read_weight(thing.weight) * thing.count if thing.weight else Fraction(0)


def posture_in(plan: Plan, thing: Thing, probe: Probe) -> Posture:
    """As it stands, or lying where it may and is too high for any row."""
    return lowest_posture(plan, thing, probe.height - probe.loss + probe.headroom)


def high_in(plan: Plan, thing: Thing, probe: Probe) -> Mm:
    """How high it stands there, with headroom of its own."""
    return posture_in(plan, thing, probe).high + headroom_over(plan, thing)


def wanted_in(plan: Plan, probe: Probe) -> list[Wanted]:
    """What each thing wants."""
    return [
        Wanted(
            id_,
            snap_up(high_in(plan, thing, probe), probe.increment),
            sum((one.across * one.back for one in footprints(plan, id_, thing, probe)), Mm(0)),
            weight_of(thing),
            thing.use,
            thing.belongs_with,
        )
        for id_, thing in plan.things.items()
    ]


def footprints(plan: Plan, id_: str, thing: Thing, probe: Probe) -> list[Footprint]:
    """One for each stack of it."""
    posture, stacks = posture_in(plan, thing, probe), -(-thing.count // thing.stacks)
    return [Footprint(f"{id_}#{n}", posture.across, posture.back, thing.may_turn) for n in range(stacks)]


def lie_together(plan: Plan, ids: tuple[str, ...], probe: Probe) -> bool:
    """Whether things lie on one floor beside each other."""
    parts = [part for id_ in ids for part in footprints(plan, id_, plan.things[id_], probe)]
    return not pack_floor(probe.width, probe.depth, parts, probe.finger_room).left


def narrow(plan: Plan, widest: Probe, probe: Probe) -> bool:
    """Whether something that lies alone in the widest drawer no longer does in one of these."""
    return any(lies_alone(plan, id_, widest) and not lies_alone(plan, id_, probe) for id_ in plan.things)


def lies_alone(plan: Plan, id_: str, probe: Probe) -> bool:
    """Whether one of a thing lies on the floor of a drawer."""
    one = plan.things[id_].model_copy(update={"count": 1})
    return not pack_floor(probe.width, probe.depth, footprints(plan, id_, one, probe)).left


def larger_than_any(plan: Plan, probes: list[Probe]) -> Iterator[tuple[Thing, Mm, Probe]]:
    """Things that go into no drawer: by how much they are too high, or nothing where it is the floor, and which one."""
    widest, tallest = probes[0], max(probes, key=lambda one: one.height - one.loss)
    for id_, thing in plan.things.items():
        over = high_in(plan, thing, tallest) - (tallest.height - tallest.loss)
        if over > 0:
            yield thing, over, tallest
        elif not lies_alone(plan, id_, widest):
            yield thing, Mm(0), widest
