"""Solving: every value, worked out along a wiring; equal work is done once, and after a change only what depends on it.

Values stand in slots, in the order in which they can be worked out. Twenty-four equal drawers ask the same rules with
the same values: what was answered once in a run is answered again without running the rule.
"""

from __future__ import annotations

import heapq
from collections.abc import Iterator, Mapping
from dataclasses import dataclass, field
from fractions import Fraction
from typing import Any, NamedTuple

from vasculum.core.errors import CannotDerive
from vasculum.core.flow.catalogue import Key, Origin
from vasculum.core.flow.wiring import Task, Wiring


@dataclass(frozen=True, slots=True)
class Given:
    """A value that a person or a default gives.

    ``is_thing`` marks what a tape can confirm, such as a thickness: sizes that rest on it carry its *assumed* mark.
    A habit, such as a gap, shows its mark only where it stands.
    """

    value: Any
    origin: Origin
    source: str = ""
    is_thing: bool = False


class Refusal(NamedTuple):
    """Why there is no value: the rule's own refusal, or the key it waits for."""

    code: str
    message: str
    fix: str
    numbers: tuple[tuple[str, Fraction], ...]


class Derivation(NamedTuple):
    """One quantity of a solved plan.

    ``value`` is what later rules see, ``planned`` what the rule itself gave; they differ where a size was pinned as
    built. ``rests_on`` names the assumed things underneath.
    """

    key: Key
    value: Any
    planned: Any
    origin: Origin
    rests_on: frozenset[Key] = frozenset()
    refusal: Refusal | None = None
    waits_for: frozenset[Key] = frozenset()

    @property
    def is_missing(self) -> bool:
        """No value: refused, or waiting for something refused."""
        return self.refusal is not None or bool(self.waits_for)


class Quantities(Mapping[Key, Derivation]):
    """Quantities by key, over slots: each is looked at as it is asked for."""

    __slots__ = ("_of", "_slots")

    def __init__(self, slots: Mapping[Key, int], of: list[Derivation]) -> None:
        self._slots = slots
        self._of = of

    def __getitem__(self, key: Key) -> Derivation:
        return self._of[self._slots[key]]

    def __iter__(self) -> Iterator[Key]:
        return iter(self._slots)

    def __len__(self) -> int:
        return len(self._slots)

    def __contains__(self, key: object) -> bool:
        return key in self._slots

    def get(self, key: Key, default: Any = None) -> Any:
        """The quantity under a key, or something else where there is none."""
        at = self._slots.get(key)
        return default if at is None else self._of[at]

    def refused(self) -> list[Derivation]:
        """Those whose rule refused them."""
        return [one for one in self._of if one.refusal is not None]

    def otherwise(self, before: Quantities) -> list[tuple[Key, Derivation, Derivation]] | None:
        """What differs from those over the same wiring: its key, what it was and what it is; None of another wiring."""
        if before._slots is not self._slots:
            return None
        pairs = zip(before._of, self._of, strict=True)
        return [(new.key, old, new) for old, new in pairs if old is not new and old != new]


@dataclass(frozen=True)
class Solved:
    """Every quantity of a plan, with the wiring and the values it came from."""

    wiring: Wiring
    given: Mapping[Key, Given]
    pins: Mapping[Key, Fraction]
    quantities: Quantities
    changed: frozenset[Key]
    run: _Run | None = field(default=None, repr=False, compare=False)
    """The slots it stands in."""

    @property
    def unmatched_pins(self) -> list[Key]:
        """Pins whose place or size is gone: findings, not failures."""
        return sorted(key for key in self.pins if self.wiring.task(key) is None)

    def value(self, place: str, name: str) -> Any:
        """The value of one quantity, or None where it is missing or unknown."""
        derivation = self.quantities.get((place, name))
        return None if derivation is None else derivation.value


def solve(
    wiring: Wiring,
    given: Mapping[Key, Given],
    pins: Mapping[Key, Fraction] | None = None,
    before: Solved | None = None,
) -> Solved:
    """Work every quantity out; after a change, only what depends on it.

    Args:
        pins: sizes as built. Upstream stays, downstream follows them.
        before: an earlier solution over the same wiring.
    """
    pins = pins or {}
    if before is None or before.wiring is not wiring or before.run is None:
        run = _Run(wiring, pins)
        changed = run.whole(given)
    else:
        run = before.run.copy(pins)
        changed = run.again(given, before.given, before.pins)
    return Solved(wiring, given, pins, Quantities(wiring.slots, run.of), changed, run)


def _derivation_of(key: Key, one: Given) -> Derivation:
    rests_on = frozenset({key}) if one.origin == "assumed" and one.is_thing else frozenset()
    return Derivation(key, one.value, one.value, one.origin, rests_on)


Answer = tuple[Any, Refusal | None]
NOTHING: frozenset[Key] = frozenset()


class _Run:
    """Derivations and values in slots, and what was answered already."""

    def __init__(self, wiring: Wiring, pins: Mapping[Key, Fraction]) -> None:
        self.wiring, self.pins = wiring, pins
        self.first = len(wiring.choices) + len(wiring.constants)
        nothing = [Derivation(("", ""), one, one, "worked out") for one in wiring.constants]
        self.of: list[Derivation] = [*([nothing[0]] * len(wiring.choices)), *nothing]
        self.of += [nothing[0]] * len(wiring.tasks)
        self.values: list[Any] = [one.value for one in self.of]
        self.answered: dict[tuple[Any, ...], Answer] = {}
        self.unions: dict[tuple[int, int], frozenset[Key]] = {}
        self.held: list[frozenset[Key]] = []
        """What unions are known by has to stay."""

    def copy(self, pins: Mapping[Key, Fraction]) -> _Run:
        """The same slots, to be changed."""
        again = object.__new__(_Run)
        again.wiring, again.pins, again.first = self.wiring, pins, self.first
        again.of, again.values, again.answered = list(self.of), list(self.values), {}
        again.unions, again.held = {}, []
        return again

    def whole(self, given: Mapping[Key, Given]) -> frozenset[Key]:
        """Every value; all of them are new."""
        for at, key in enumerate(self.wiring.choices):
            self._put(at, _derivation_of(key, given[key]))
        of, values, first = self.of, self.values, self.first
        for at, (task, step) in enumerate(zip(self.wiring.tasks, self.wiring.steps, strict=True)):
            rests_on, waits_for = self._underneath(step.after)
            planned, refusal = (None, None) if waits_for else self._answer(task, step.inputs, step.is_flat)
            key = task.key
            if self.pins and key in self.pins:
                one = Derivation(key, self.pins[key], planned, "as built")
            else:
                one = Derivation(key, planned, planned, "worked out", rests_on, refusal, waits_for)
            of[first + at] = one
            values[first + at] = one.value
        return frozenset(self.wiring.slots)

    def _underneath(self, slots: tuple[int, ...]) -> tuple[frozenset[Key], frozenset[Key]]:
        """The assumed things that some values rest on, and what they wait for."""
        of = self.of
        rests_on = waits_for = NOTHING
        for slot in slots:
            _, _, _, _, below, refusal, waiting = one = of[slot]
            if below is not rests_on and below:
                rests_on = below if not rests_on else self._union(rests_on, below)
            if refusal is not None:
                waits_for = waits_for | {one.key}
            elif waiting:
                waits_for = waits_for | waiting
        return rests_on, waits_for

    def _union(self, one: frozenset[Key], other: frozenset[Key]) -> frozenset[Key]:
        """Both together, the same object for the same two."""
        asked = (id(one), id(other))
        known = self.unions.get(asked)
        if known is None:
            known = self.unions[asked] = one if other <= one else one | other
            self.held += [one, other]
        return known

    def again(
        self, given: Mapping[Key, Given], before: Mapping[Key, Given], old_pins: Mapping[Key, Fraction]
    ) -> frozenset[Key]:
        """What depends on what is given otherwise now; answers which keys changed."""
        wiring = self.wiring
        changed = {key for key, one in given.items() if one is not (old := before.get(key)) and one != old}
        moved = {key for key in self.pins.keys() | old_pins.keys() if self.pins.get(key) != old_pins.get(key)}
        queued = {wiring.order[key] for key in moved if key in wiring.order}
        for key in changed:
            self._put(wiring.slots[key], _derivation_of(key, given[key]))
            queued.update(wiring.readers.get(key, ()))
        waiting = list(queued)
        heapq.heapify(waiting)
        while waiting:
            at = heapq.heappop(waiting)
            one = self._worked_out(at)
            if one == self.of[self.first + at]:
                continue
            self._put(self.first + at, one)
            changed.add(one.key)
            for reader in wiring.readers.get(one.key, ()):
                if reader not in queued:
                    queued.add(reader)
                    heapq.heappush(waiting, reader)
        return frozenset(changed)

    def _put(self, slot: int, one: Derivation) -> None:
        self.of[slot] = one
        self.values[slot] = one.value

    def _worked_out(self, at: int) -> Derivation:
        task, step = self.wiring.tasks[at], self.wiring.steps[at]
        rests_on, waits_for = self._underneath(step.after)
        planned, refusal = (None, None) if waits_for else self._answer(task, step.inputs, step.is_flat)
        if self.pins and task.key in self.pins:
            return Derivation(task.key, self.pins[task.key], planned, "as built")
        return Derivation(task.key, planned, planned, "worked out", rests_on, refusal, waits_for)

    def _answer(self, task: Task, inputs: tuple[Any, ...], is_flat: bool) -> Answer:
        """What the rule says to these values; the very same values are not asked twice."""
        values = self.values
        if task.share is not None:
            return values[inputs[0]][task.share], None
        if is_flat:
            arguments = [values[slot] for slot in inputs]
            asked = (task.rule.function, *map(id, arguments))
        else:
            arguments = [
                values[one] if isinstance(one, int) else tuple([values[slot] for slot in one]) for one in inputs
            ]
            asked = (
                task.rule.function,
                *(id(a) if isinstance(s, int) else tuple(map(id, a)) for a, s in zip(arguments, inputs, strict=True)),
            )
        known = self.answered.get(asked)
        if known is not None:
            return known
        try:
            answer: Answer = (task.rule.function(*arguments), None)
        except CannotDerive as refused:
            numbers = tuple(refused.numbers.items())
            answer = (None, Refusal(refused.code, refused.message, refused.fix, numbers))
        self.answered[asked] = answer
        return answer
