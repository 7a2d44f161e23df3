"""Solving: every value, worked out along a wiring; equal work is done once, and after a change only what depends on it.

Values stand in slots, in the order in which they can be worked out. Twenty-four equal drawers ask the same rules with
the same values: what was answered once in a run is answered again without running the rule.
"""

from __future__ import annotations

import heapq
from collections.abc import Iterator, Mapping, Sequence
from dataclasses import dataclass, field
from fractions import Fraction
from typing import Any, NamedTuple
from weakref import WeakKeyDictionary

from vasculum.core.errors import CannotDerive
from vasculum.core.flow.catalogue import Key, Origin
from vasculum.core.flow.wiring import Step, Task, Wiring


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
    """Quantities by key, over slots: each is put together as it is asked for, once."""

    __slots__ = ("_known", "_run", "_slots")

    def __init__(self, run: _Run) -> None:
        self._run, self._slots = run, run.wiring.slots
        self._known: dict[int, Derivation] = {}

    def _at(self, slot: int) -> Derivation:
        one = self._known.get(slot)
        if one is None:
            one = self._known[slot] = self._run.derivation(slot)
        return one

    def __getitem__(self, key: Key) -> Derivation:
        return self._at(self._slots[key])

    def __iter__(self) -> Iterator[Key]:
        return iter(self._slots)

    def __len__(self) -> int:
        return len(self._slots)

    def __contains__(self, key: object) -> bool:
        return key in self._slots

    def get(self, key: Key, default: Any = None) -> Any:
        """The quantity under a key, or something else where there is none."""
        slot = self._slots.get(key)
        return default if slot is None else self._at(slot)

    def let_go(self) -> None:
        """Put none of them by any longer: each is put together anew when it is asked for."""
        self._known = {}

    def refused(self) -> list[Derivation]:
        """Those whose rule refused them, in the order in which they are worked out."""
        return [self._at(slot) for slot in sorted(self._run.refusals)]

    def otherwise(self, before: Quantities) -> list[Key]:
        """The keys of both whose quantities differ, in the order of the slots; none is put together for good."""
        then, now = before._run, self._run
        if before._slots is self._slots:
            return [now.wiring.keys[slot] for slot in now.otherwise(then)]
        both = ((key, slot, before._slots.get(key)) for key, slot in self._slots.items())
        return [key for key, at, was in both if was is not None and now.derivation(at) != then.derivation(was)]


@dataclass(frozen=True)
class Solved:
    """Every quantity of a plan, with the wiring and the values it came from."""

    wiring: Wiring
    given: Mapping[Key, Given]
    pins: Mapping[Key, Fraction]
    quantities: Quantities
    changed: frozenset[Key]
    run: _Run = field(repr=False, compare=False)
    """The slots it stands in."""

    @property
    def unmatched_pins(self) -> list[Key]:
        """Pins whose place or size is gone: findings, not failures."""
        return sorted(key for key in self.pins if self.wiring.task(key) is None)

    def value(self, place: str, name: str) -> Any:
        """The value of one quantity, or None where it is missing or unknown."""
        slot = self.wiring.slots.get((place, name))
        return None if slot is None else self.run.values[slot]


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
    if before is None or before.wiring is not wiring:
        run = _Run(wiring, pins)
        changed = run.whole(given)
    else:
        run = before.run.copy(pins)
        changed = run.again(given, before.given, before.pins)
    run.answered = {}  # nobody asks this run again
    return Solved(wiring, given, pins, Quantities(run), changed, run)


Answer = tuple[Any, Refusal | None]
NOTHING: frozenset[Key] = frozenset()


class _Run:
    """Values in slots, what each rests on and why some are missing; and what was answered already."""

    def __init__(self, wiring: Wiring, pins: Mapping[Key, Fraction]) -> None:
        self.wiring, self.pins = wiring, pins
        self.first = len(wiring.choices) + len(wiring.constants)
        self.given: list[Given] = []
        """Of the slots of choices."""
        self.values: list[Any] = [*([None] * len(wiring.choices)), *wiring.constants, *([None] * len(wiring.tasks))]
        self._rests: Sequence[frozenset[Key]] | None = None
        self.planned: dict[int, Any] = {}
        """What the rule gave, where a size was pinned as built."""
        self.refusals: dict[int, Refusal] = {}
        self.waits: dict[int, frozenset[Key]] = {}
        self.answered: dict[tuple[Any, ...], Answer] = {}

    def copy(self, pins: Mapping[Key, Fraction]) -> _Run:
        """The same slots, to be changed."""
        again = object.__new__(_Run)
        again.wiring, again.pins, again.first = self.wiring, pins, self.first
        again.given, again.values, again._rests = list(self.given), list(self.values), self.rests
        again.planned, again.refusals, again.waits = dict(self.planned), dict(self.refusals), dict(self.waits)
        again.answered = {}
        return again

    def derivation(self, slot: int) -> Derivation:
        """What stands in a slot."""
        key, value = self.wiring.keys[slot], self.values[slot]
        if slot < len(self.given):
            return Derivation(key, value, value, self.given[slot].origin, self.rests[slot])
        if slot in self.planned:
            return Derivation(key, value, self.planned[slot], "as built")
        waits_for = self.waits.get(slot, NOTHING)
        return Derivation(key, value, value, "worked out", self.rests[slot], self.refusals.get(slot), waits_for)

    def otherwise(self, before: _Run) -> list[int]:
        """The slots where another thing stands than before."""
        found: set[int] = set()
        for then, now in ((before.values, self.values), (before.rests, self.rests)):
            if then is not now:
                pairs = enumerate(zip(then, now, strict=True))
                found |= {at for at, (old, new) in pairs if old is not new and old != new}
        given = enumerate(zip(before.given, self.given, strict=True))
        found |= {at for at, (old, new) in given if old is not new and old.origin != new.origin}
        sides: tuple[tuple[dict[int, Any], dict[int, Any]], ...] = (
            (before.planned, self.planned), (before.refusals, self.refusals), (before.waits, self.waits),
        )  # fmt: skip
        for then_at, now_at in sides:
            at_either = then_at.keys() | now_at.keys()
            found |= {at for at in at_either if then_at.get(at, NOT_SAID) != now_at.get(at, NOT_SAID)}
        return sorted(found)

    def whole(self, given: Mapping[Key, Given]) -> frozenset[Key]:
        """Every value; all of them are new."""
        for at, key in enumerate(self.wiring.choices):
            self.given.append(given[key])
            self.values[at] = given[key].value
        for slot, (task, step) in enumerate(zip(self.wiring.tasks, self.wiring.steps, strict=True), self.first):
            waits_for = self._waits_for(task) if self.refusals else NOTHING
            planned, refusal = (None, None) if waits_for else self._answer(task, step)
            if self.pins and task.key in self.pins:
                self.values[slot], self.planned[slot] = self.pins[task.key], planned
                continue
            self.values[slot] = planned
            if refusal is not None:
                self.refusals[slot] = refusal
            elif waits_for:
                self.waits[slot] = waits_for
        return frozenset(self.wiring.slots)

    @property
    def rests(self) -> Sequence[frozenset[Key]]:
        """What each value rests on; nobody asks that of a plan that is only weighed."""
        if self._rests is None:
            self._rests = self._resting()
        return self._rests

    def _resting(self) -> Sequence[frozenset[Key]]:
        """What each value rests on, as things are given and pinned now."""
        assumed = frozenset(
            key
            for key, one in zip(self.wiring.choices, self.given, strict=True)
            if one.is_thing and one.origin == "assumed"
        )
        return _resting(self.wiring, assumed, frozenset(self.pins))

    def _waits_for(self, task: Task) -> frozenset[Key]:
        """What was refused among the values that a task needs, or underneath them."""
        waits_for = NOTHING
        for key in task.after:
            slot = self.wiring.slots[key]
            if slot in self.refusals:
                waits_for = waits_for | {key}
            elif slot in self.waits:
                waits_for = waits_for | self.waits[slot]
        return waits_for

    def again(
        self, given: Mapping[Key, Given], before: Mapping[Key, Given], old_pins: Mapping[Key, Fraction]
    ) -> frozenset[Key]:
        """What depends on what is given otherwise now; answers which keys changed."""
        wiring = self.wiring
        changed = {key for key, one in given.items() if one is not (old := before.get(key)) and one != old}
        moved = {key for key in self.pins.keys() | old_pins.keys() if self.pins.get(key) != old_pins.get(key)}
        queued = {at for key in moved if (at := wiring.place(key)) is not None}
        for key in changed:
            slot = wiring.slots[key]
            self.given[slot], self.values[slot] = given[key], given[key].value
            queued.update(wiring.readers.get(key, ()))
        before_rests, rests = self.rests, self._resting()
        self._rests = rests
        if before_rests is not rests:
            pairs = enumerate(zip(before_rests, rests, strict=True))
            changed |= {wiring.keys[slot] for slot, (old, new) in pairs if old != new}
        waiting = list(queued)
        heapq.heapify(waiting)
        while waiting:
            at = heapq.heappop(waiting)
            if not self._is_otherwise(at):
                continue
            key = wiring.tasks[at].key
            changed.add(key)
            for reader in wiring.readers.get(key, ()):
                if reader not in queued:
                    queued.add(reader)
                    heapq.heappush(waiting, reader)
        return frozenset(changed)

    def _is_otherwise(self, at: int) -> bool:
        """Work one task out once more; whether another thing stands in its slot now. What is equal stays the same."""
        task, step, slot = self.wiring.tasks[at], self.wiring.steps[at], self.first + at
        was = (
            self.values[slot], self.refusals.pop(slot, None), self.waits.pop(slot, NOTHING),
            self.planned.pop(slot, NOT_SAID),
        )  # fmt: skip
        waits_for = self._waits_for(task) if self.refusals else NOTHING
        planned, refusal = (None, None) if waits_for else self._answer(task, step)
        now: tuple[Any, ...] = (planned, refusal, waits_for, NOT_SAID)
        if self.pins and task.key in self.pins:
            self.planned[slot] = planned
            now = (self.pins[task.key], None, NOTHING, planned)
        elif refusal is not None:
            self.refusals[slot] = refusal
        elif waits_for:
            self.waits[slot] = waits_for
        if now == was:
            return False
        self.values[slot] = now[0]
        return True

    def _answer(self, task: Task, step: Step) -> Answer:
        """What the rule says to these values; the very same values are not asked twice."""
        values = self.values
        if task.share is not None:
            return values[self.wiring.slots[task.keys[0]]][task.share], None
        function = task.rule.function
        arguments: tuple[Any, ...]
        if not isinstance(step, tuple):
            arguments = step(values)
            asked = (function, *map(id, arguments))
        else:
            arguments = tuple(
                [values[one] if isinstance(one, int) else tuple([values[slot] for slot in one]) for one in step]
            )
            asked = (
                function,
                *(id(a) if isinstance(s, int) else tuple(map(id, a)) for a, s in zip(arguments, step, strict=True)),
            )
        known = self.answered.get(asked)
        if known is not None:
            return known
        try:
            answer: Answer = (function(*arguments), None)
        except CannotDerive as refused:
            numbers = tuple(refused.numbers.items())
            answer = (None, Refusal(refused.code, refused.message, refused.fix, numbers))
        self.answered[asked] = answer
        return answer


NOT_SAID = object()
MOST_RESTS = 8
_RESTS: WeakKeyDictionary[Wiring, dict[object, Sequence[frozenset[Key]]]] = WeakKeyDictionary()


def _resting(wiring: Wiring, assumed: frozenset[Key], pinned: frozenset[Key]) -> Sequence[frozenset[Key]]:
    """The assumed things underneath each slot; what is pinned as built rests on nothing. Worked out once for each."""
    known = _RESTS.setdefault(wiring, {})
    found = known.get((assumed, pinned))
    if found is None:
        if len(known) >= MOST_RESTS:
            known.clear()
        found = known[assumed, pinned] = _rests(wiring, assumed, pinned)
    return found


def _rests(wiring: Wiring, assumed: frozenset[Key], pinned: frozenset[Key]) -> Sequence[frozenset[Key]]:
    rests = [frozenset({key}) if key in assumed else NOTHING for key in wiring.choices]
    rests += [NOTHING] * (len(wiring.constants) + len(wiring.tasks))
    unions: dict[tuple[int, int], frozenset[Key]] = {}
    """The same object for the same two, which stay: they stand in a slot."""
    first = len(wiring.choices) + len(wiring.constants)
    slots = wiring.slots
    for slot, task in enumerate(wiring.tasks, first):
        if task.key in pinned:
            continue
        below = NOTHING
        under = [rests[slots[key]] for key in task.after]
        for one in {id(one): one for one in under}.values():
            if one and below:
                asked = (id(below), id(one))
                if asked not in unions:
                    unions[asked] = below if one <= below else below | one
                below = unions[asked]
            else:
                below = below or one
        rests[slot] = below
    return rests
