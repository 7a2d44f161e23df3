"""What is kept at a place: which things, how high the tallest of them is, and what they weigh together."""

from __future__ import annotations

from fractions import Fraction

from vasculum.core.lengths import Mm
from vasculum.core.weights import read_weight
from vasculum.plan.document import Plan, Thing


def things_in(plan: Plan, place: str) -> dict[str, Thing]:
    """The things that live at a place, in the order of the list."""
    return {id_: thing for id_, thing in plan.things.items() if thing.lives_in == place}


def stands_high(plan: Plan, thing: Thing) -> Mm:
    """How high it stands with what is stacked on it: no higher than there are of it."""
    return plan.length(thing.height) * min(thing.stacks, thing.count)


def headroom_over(plan: Plan, thing: Thing) -> Mm:
    """What it asks for above itself beside the headroom of the plan: nothing unless it says so."""
    return Mm(0) if thing.headroom is None else plan.length(thing.headroom)


def tallest_in(plan: Plan, place: str) -> Mm | None:
    """How high the tallest thing of a place stands, with its own headroom; none where nothing lives there."""
    heights = (stands_high(plan, one) + headroom_over(plan, one) for one in things_in(plan, place).values())
    return max(heights, default=None)


def weight_in(plan: Plan, place: str) -> Fraction | None:
    """What the things of a place weigh together, kilograms; none where nobody has said of any."""
    weights = [read_weight(one.weight) * one.count for one in things_in(plan, place).values() if one.weight is not None]
    return sum(weights, Fraction(0)) if weights else None
