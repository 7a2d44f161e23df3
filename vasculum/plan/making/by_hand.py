"""What was laid by hand: where it lies, and what is amiss with it. Numbers and ids, no words."""

from __future__ import annotations

from collections.abc import Iterator
from itertools import combinations
from typing import Literal, NamedTuple

from vasculum.core.lengths import Mm
from vasculum.packing.floor import Placed
from vasculum.plan.document import Plan, Thing
from vasculum.plan.making.rooms import Part


class Amiss(NamedTuple):
    """A stack that lies beyond its floor, across what divides it, or on another; by how much, mm."""

    name: str
    what: Literal["beyond", "across", "laps"]
    by: Mm
    other: str = ""


def name_of(thing: str, stack: int) -> str:
    """What a stack is called on a floor."""
    return f"{thing}#{stack}"


def thing_of(name: str) -> str:
    """The thing of a stack."""
    return name.partition("#")[0]


def stack_of(name: str) -> int:
    """Which of its stacks."""
    return int(name.rpartition("#")[2])


def laid(plan: Plan, id_: str, thing: Thing, size: tuple[Mm, Mm], stacks: list[int]) -> Iterator[Placed]:
    """The stacks of a thing that were laid by hand, of those that are asked for."""
    for one in thing.lies_at:
        if one.stack in stacks:
            across, back = size[::-1] if one.is_turned else size
            at = (plan.length(one.from_left), plan.length(one.from_front))
            yield Placed(name_of(id_, one.stack), *at, across, back, one.is_turned)


def amiss_on(floors: list[Part], by_hand: tuple[Placed, ...]) -> Iterator[Amiss]:
    """What of it does not lie well."""
    left, front = min(x for x, _, _, _ in floors), min(y for _, y, _, _ in floors)
    right, back = max(x + w for x, _, w, _ in floors), max(y + d for _, y, _, d in floors)
    for one in by_hand:
        ends = (one.from_left + one.across, one.from_front + one.back)
        beyond = max(left - one.from_left, front - one.from_front, ends[0] - right, ends[1] - back)
        if beyond > 0:
            yield Amiss(one.name, "beyond", beyond)
        elif not any(_within(one, part) for part in floors):
            yield Amiss(one.name, "across", Mm(0))
    for one, other in combinations(by_hand, 2):
        by = _laps(one, other)
        if by > 0:
            yield Amiss(one.name, "laps", by, other.name)


def _within(one: Placed, part: Part) -> bool:
    x, y, w, d = part
    return (
        x <= one.from_left and y <= one.from_front
        and one.from_left + one.across <= x + w and one.from_front + one.back <= y + d
    )  # fmt: skip


def _laps(one: Placed, other: Placed) -> Mm:
    """By how much two lie on each other, the less of the two ways."""
    across = min(one.from_left + one.across, other.from_left + other.across) - max(one.from_left, other.from_left)
    back = min(one.from_front + one.back, other.from_front + other.back) - max(one.from_front, other.from_front)
    return min(across, back)
