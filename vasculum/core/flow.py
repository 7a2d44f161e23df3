"""The rule catalogue, its wiring and its solver.

A rule is a plain function on exact numbers. Its parameter names are the wiring, its docstring's first sentence is the
reason a person reads, and its decorator says where it comes from and which *kind of place* it answers for::

    @rule(source="common practice", per="joint.rabbet_in_ends")
    def box_front_length(box_width: Mm) -> Mm:
        '''Front and back run the full width of the box.'''
        return box_width

References: a bare name is the nearest outward; ``outer_x`` starts at the parent; ``each_x`` is the direct children in
order, None for a hole. A Python default makes an input optional. From further out a place inherits choices; a
worked-out name that belongs to one of its own families of kinds (``front.`` …) it never takes from a parent.
"""

from __future__ import annotations

import heapq
from collections.abc import Callable, Iterable, Mapping
from dataclasses import dataclass, field
from fractions import Fraction
from graphlib import CycleError, TopologicalSorter
from inspect import Parameter, cleandoc, signature
from typing import Any, Literal, NamedTuple, ParamSpec, TypeVar

from vasculum.core.errors import CannotDerive, NoSuchQuantity, Unwired
from vasculum.core.reasons import Done, Expression, remember, replay

Key = tuple[str, str]
"""Place id and name; written ``place-id/name``."""

MeasureUnit = Literal["mm", "count", "ratio", "litre", "share", "kg", "kg/m³", "N", "yes-no", "text"]
Origin = Literal["measured", "chosen", "assumed", "worked out", "as built"]
Severity = Literal["stop", "attention", "note", "caution"]

P = ParamSpec("P")
R = TypeVar("R")


def key_text(key: Key) -> str:
    """``place-id/name``."""
    return f"{key[0]}/{key[1]}"


def read_key(text: str) -> Key:
    """The key that ``place-id/name`` names.

    Raises:
        NoSuchQuantity: when the text is not of that form.
    """
    place, slash, name = text.partition("/")
    if not (slash and place and name) or "/" in name:
        raise NoSuchQuantity("no-such-key", f"Read {text!r}, which is no key.", "Write place-id/name.")
    return (place, name)


# ---- the catalogue ----------------------------------------------------------------------------------------------


class Rule(NamedTuple):
    """One rule: what it gives, for which kind of place, why, and what it needs."""

    function: Callable[..., Any]
    name: str
    kind: str
    source: str
    sentence: str
    unit: MeasureUnit
    needs: tuple[str, ...]
    optional: frozenset[str]
    is_shared_out: bool = False
    is_judgement: bool = False
    is_check: bool = False


@dataclass(frozen=True, slots=True)
class Finding:
    """Facts that a person should know; ``message`` and ``fix`` name ``numbers`` in braces and are rendered last.

    ``about`` names quantities of the same place that the finding speaks of. Numbers are lengths, but for those whose
    names end in ``_kg``, ``_n`` or ``_count``: kilograms, newtons, how many.
    """

    code: str
    severity: Severity
    message: str
    fix: str = ""
    numbers: Mapping[str, Fraction | int | float] = field(default_factory=dict)
    about: tuple[str, ...] = ()


def family(kind: str) -> str:
    """The group of alternatives a kind belongs to: ``joint`` of ``joint.butt``."""
    return kind.partition(".")[0]


@dataclass
class Catalogue:
    """Name → kind of place → rule. Checks stand in a mapping of their own and are wired in the same way."""

    rules: dict[str, dict[str, Rule]] = field(default_factory=dict)
    checks: dict[str, dict[str, Rule]] = field(default_factory=dict)

    def rule(
        self,
        source: str,
        per: str,
        unit: MeasureUnit = "mm",
        shared_out_as: str = "",
        judgement: bool = False,
    ) -> Callable[[Callable[P, R]], Callable[P, R]]:
        """Put a function into the catalogue, unchanged: a test calls it with plain numbers."""

        def register(function: Callable[P, R]) -> Callable[P, R]:
            made = self._made(function, shared_out_as or function.__name__, per, source, unit)
            made = made._replace(is_shared_out=bool(shared_out_as), is_judgement=judgement)
            self._put(self.rules, made)
            return function

        return register

    def check(self, source: str, per: str) -> Callable[[Callable[P, R]], Callable[P, R]]:
        """Put a check into the catalogue: it answers a :class:`Finding`, or None where nothing is to be said."""

        def register(function: Callable[P, R]) -> Callable[P, R]:
            self._put(self.checks, self._made(function, function.__name__, per, source, "text")._replace(is_check=True))
            return function

        return register

    def _made(self, function: Callable[..., Any], name: str, per: str, source: str, unit: MeasureUnit) -> Rule:
        if not function.__doc__:
            raise Unwired(f"{name} for {per} has no docstring: its first sentence is the reason (run without -OO)")
        parameters = signature(function).parameters
        optional = frozenset(n for n, p in parameters.items() if p.default is not Parameter.empty)
        return Rule(function, name, per, source, _first_sentence(function.__doc__), unit, tuple(parameters), optional)

    def _put(self, answers: dict[str, dict[str, Rule]], made: Rule) -> None:
        by_kind = answers.setdefault(made.name, {})
        if made.kind in by_kind:
            raise Unwired(f"two rules give {made.name} for {made.kind}")
        by_kind[made.kind] = made

    def alternatives(self, group: str) -> list[str]:
        """The kinds of one family that any rule answers for, such as all ``joint.`` kinds."""
        kinds = {kind for answers in self.rules.values() for kind in answers if family(kind) == group}
        return sorted(kinds)


def _first_sentence(doc: str) -> str:
    paragraph = " ".join(cleandoc(doc).split("\n\n")[0].split())
    head, stop, _ = paragraph.partition(". ")
    return head + "." if stop else paragraph


class Place(NamedTuple):
    """Somewhere a size belongs: a survey, a space, a cell, an obstruction beside a cell."""

    id: str
    kinds: frozenset[str]
    parent: str | None = None
    children: tuple[str, ...] = ()


# ---- wiring: structure only, kept while the tree, the kinds and the set of choices stay -------------------------


class Task(NamedTuple):
    """One quantity to work out: its rule, and what feeds it."""

    key: Key
    rule: Rule
    share: int | None
    feeds: tuple[tuple[str, Key], ...]
    """Parameters fed by one key each; an optional input that is not there has none."""
    each: tuple[tuple[str, tuple[Key | None, ...]], ...]
    """Parameters fed by the children's keys in order, with holes."""
    after: tuple[Key, ...]


@dataclass(frozen=True)
class Wiring:
    """Tasks in an order that works, and for each key the tasks that read it."""

    tasks: tuple[Task, ...]
    order: Mapping[Key, int]
    readers: Mapping[Key, tuple[int, ...]]
    unread: frozenset[Key]

    def task(self, key: Key) -> Task | None:
        """The task that gives a key; None where a person or a default gives it."""
        at = self.order.get(key)
        return None if at is None else self.tasks[at]


def wire(catalogue: Catalogue, places: Mapping[str, Place], choices: Iterable[Key]) -> Wiring:
    """Which rule gives what, and what feeds it.

    Raises:
        Unwired: when two kinds answer, an input has no source, something is both given and worked out, or rules turn
            in a circle.
    """
    return _Wirer(catalogue, places, frozenset(choices)).wiring()


def _shares(name: str) -> str:
    return name + "*"


class _Wirer:
    def __init__(self, catalogue: Catalogue, places: Mapping[str, Place], choices: frozenset[Key]) -> None:
        self.catalogue, self.places, self.choices = catalogue, places, choices
        self.wanted: dict[Key, tuple[Rule, str, int | None]] = {}
        self.by_kind: dict[str, list[tuple[int, Rule]]] = {}
        all_rules = [
            one for by in (catalogue.rules, catalogue.checks) for answers in by.values() for one in answers.values()
        ]
        for number, one in enumerate(all_rules):
            self.by_kind.setdefault(one.kind, []).append((number, one))
        self.families = {place.id: {family(k) for k in place.kinds} for place in places.values()}
        self.name_families = {
            name: {family(kind) for kind, one in answers.items() if not one.is_shared_out}
            for name, answers in catalogue.rules.items()
        }

    def wiring(self) -> Wiring:
        for place in self.places.values():
            self._want(place)
        if both := self.wanted.keys() & self.choices:
            raise Unwired(f"chosen and worked out at once: {', '.join(sorted(map(key_text, both)))}")
        tasks = {key: self._task(key, *how) for key, how in self.wanted.items()}
        try:
            ordered = list(TopologicalSorter({k: t.after for k, t in tasks.items()}).static_order())
        except CycleError as circle:
            raise Unwired(f"rules turn in a circle: {' → '.join(key_text(k) for k in circle.args[1])}") from circle
        in_order = tuple(tasks[k] for k in ordered if k in tasks)
        readers: dict[Key, list[int]] = {}
        for at, task in enumerate(in_order):
            for key in task.after:
                readers.setdefault(key, []).append(at)
        return Wiring(
            in_order,
            {task.key: at for at, task in enumerate(in_order)},
            {key: tuple(ats) for key, ats in readers.items()},
            self.choices - readers.keys(),
        )

    def _want(self, place: Place) -> None:
        """Every rule and check of the kinds that hold at a place, in the order of the catalogue."""
        hits = sorted(hit for kind in place.kinds for hit in self.by_kind.get(kind, ()))
        answered: dict[tuple[str, bool], Rule] = {}
        for _, rule in hits:
            other = answered.setdefault((rule.name, rule.is_shared_out), rule)
            if other is not rule:
                both = " and ".join(sorted((other.kind, rule.kind)))
                raise Unwired(f"{place.id}/{rule.name}: {both} both answer")
            self._want_of(place, rule.name, rule)

    def _want_of(self, place: Place, name: str, hit: Rule) -> None:
        if not hit.is_shared_out:
            self._add((place.id, name), hit, place.id, None)
            return
        self._add((place.id, _shares(name)), hit, place.id, None)
        for at, child in enumerate(place.children):
            self._add((child, name), hit, place.id, at)

    def _add(self, key: Key, rule: Rule, place_id: str, share: int | None) -> None:
        if key in self.wanted:
            raise Unwired(f"{key_text(key)} is given twice, by {self.wanted[key][0].kind} and {rule.kind}")
        self.wanted[key] = (rule, place_id, share)

    def _task(self, key: Key, rule: Rule, place_id: str, share: int | None) -> Task:
        if share is not None:
            source = (place_id, _shares(key[1]))
            return Task(key, rule, share, (("shares", source),), (), (source,))
        each = tuple((need, self._children(place_id, need)) for need in rule.needs if need.startswith("each_"))
        found = ((n, self._feed(key, rule, place_id, n)) for n in rule.needs if not n.startswith("each_"))
        feeds = tuple((need, feed) for need, feed in found if feed is not None)
        flat = dict.fromkeys(feed for _, feed in feeds)
        flat |= dict.fromkeys(one for _, keys in each for one in keys if one is not None)
        if not rule.is_judgement and not rule.is_check:
            for one in flat:
                if one in self.wanted and self.wanted[one][0].is_judgement:
                    raise Unwired(f"{key_text(key)}: the judgement {key_text(one)} feeds a size")
        return Task(key, rule, None, feeds, each, tuple(flat))

    def _children(self, place_id: str, need: str) -> tuple[Key | None, ...]:
        name = need.removeprefix("each_")
        return tuple((c, name) if self._is_known((c, name)) else None for c in self.places[place_id].children)

    def _feed(self, key: Key, rule: Rule, place_id: str, need: str) -> Key | None:
        if need.startswith("outer_"):
            parent = self.places[place_id].parent
            found = self._nearest(parent, need.removeprefix("outer_"), key) if parent is not None else None
        else:
            found = self._nearest(place_id, need, key)
        if found is None and need not in rule.optional:
            raise Unwired(f"{key_text(key)} ({rule.kind}) needs {need}, which nothing gives")
        return found

    def _is_known(self, key: Key) -> bool:
        return key in self.wanted or key in self.choices

    def _nearest(self, start: str, name: str, not_this: Key) -> Key | None:
        own = self.name_families.get(name, set()) & self.families[start]
        at: str | None = start
        while at is not None:
            key = (at, name)
            if key != not_this and (key in self.choices or (key in self.wanted and (at == start or not own))):
                return key
            at = self.places[at].parent
        return None


# ---- solving: values ---------------------------------------------------------------------------------------------


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


@dataclass(frozen=True)
class Solved:
    """Every quantity of a plan, with the wiring and the values it came from."""

    wiring: Wiring
    given: Mapping[Key, Given]
    pins: Mapping[Key, Fraction]
    quantities: Mapping[Key, Derivation]
    changed: frozenset[Key]

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
    if before is None or before.wiring is not wiring:
        quantities = {key: _derivation_of(key, one) for key, one in given.items()}
        for task in wiring.tasks:
            quantities[task.key] = _worked_out(task, quantities, pins)
        return Solved(wiring, given, pins, quantities, frozenset(quantities))
    return _solved_again(wiring, given, pins, before)


def _solved_again(wiring: Wiring, given: Mapping[Key, Given], pins: Mapping[Key, Fraction], before: Solved) -> Solved:
    quantities = dict(before.quantities)
    changed = {key for key, one in given.items() if before.given.get(key) != one}
    waiting: list[int] = []
    for key in changed:
        quantities[key] = _derivation_of(key, given[key])
        waiting.extend(wiring.readers.get(key, ()))
    moved_pins = {k for k in pins.keys() | before.pins.keys() if pins.get(k) != before.pins.get(k)}
    waiting.extend(wiring.order[k] for k in moved_pins if k in wiring.order)
    waiting = list(set(waiting))
    heapq.heapify(waiting)
    queued = set(waiting)
    while waiting:
        task = wiring.tasks[heapq.heappop(waiting)]
        again = _worked_out(task, quantities, pins)
        if again == quantities[task.key]:
            continue
        quantities[task.key] = again
        changed.add(task.key)
        for reader in wiring.readers.get(task.key, ()):
            if reader not in queued:
                queued.add(reader)
                heapq.heappush(waiting, reader)
    return Solved(wiring, given, pins, quantities, frozenset(changed))


def _derivation_of(key: Key, one: Given) -> Derivation:
    rests_on = frozenset({key}) if one.origin == "assumed" and one.is_thing else frozenset()
    return Derivation(key, one.value, one.value, one.origin, rests_on)


def _worked_out(task: Task, quantities: Mapping[Key, Derivation], pins: Mapping[Key, Fraction]) -> Derivation:
    planned, refusal = None, None
    waits_for: frozenset[Key] = frozenset()
    rests_on: frozenset[Key] = frozenset()
    for key in task.after:
        one = quantities[key]
        if one.rests_on and one.rests_on is not rests_on:
            rests_on = rests_on | one.rests_on if rests_on else one.rests_on
        if one.refusal is not None:
            waits_for |= {key}
        elif one.waits_for:
            waits_for |= one.waits_for
    if not waits_for:
        try:
            planned = _planned(task, quantities)
        except CannotDerive as refused:
            refusal = Refusal(refused.code, refused.message, refused.fix, tuple(refused.numbers.items()))
    if pins and task.key in pins:
        return Derivation(task.key, pins[task.key], planned, "as built")
    return Derivation(task.key, planned, planned, "worked out", rests_on, refusal, waits_for)


def _planned(task: Task, quantities: Mapping[Key, Derivation]) -> Any:
    if task.share is not None:
        return quantities[task.after[0]].value[task.share]
    named = {need: quantities[key].value for need, key in task.feeds}
    for need, keys in task.each:
        named[need] = tuple(None if key is None else quantities[key].value for key in keys)
    return task.rule.function(**named)


# ---- why? ---------------------------------------------------------------------------------------------------------


@dataclass(frozen=True, slots=True)
class Reason:
    """Why one quantity is what it is: the sentence, the sum, what was compared, and what went in."""

    derivation: Derivation
    rule: Rule | None
    given: Given | None
    expression: Expression | None
    compared: tuple[Done, ...]
    inputs: tuple[Key, ...]


def why(solved: Solved, key: Key) -> list[Reason]:
    """The chain of reasons: the asked quantity first, then everything it rests on, each once, back to the tape.

    Raises:
        NoSuchQuantity: when the key names nothing in this plan.
        ReplayDiffers: when a sum does not give its planned value.
    """
    if key not in solved.quantities:
        raise NoSuchQuantity(
            "no-such-key", f"Nothing in this plan is called {key_text(key)}.", "Look at the list of keys."
        )
    chain: dict[Key, Reason] = {}
    to_tell = [key]
    while to_tell:
        at = to_tell.pop(0)
        if at not in chain:
            chain[at] = _reason(solved, at)
            to_tell.extend(chain[at].inputs)
    return list(chain.values())


def _reason(solved: Solved, key: Key) -> Reason:
    derivation = solved.quantities[key]
    task = solved.wiring.task(key)
    if task is None:
        return Reason(derivation, None, solved.given[key], None, (), ())
    if task.share is not None:
        parent = solved.wiring.task(task.after[0])
        if parent is None:
            raise Unwired(f"{key_text(key)} is shared out by nothing")
        return _replayed(solved, derivation, parent, task.share)
    return _replayed(solved, derivation, task, None)


def _replayed(solved: Solved, derivation: Derivation, task: Task, share: int | None) -> Reason:
    if any(solved.quantities[k].is_missing for k in task.after):
        return Reason(derivation, task.rule, None, None, (), task.after)
    told: list[Done] = []

    def wrapped(key: Key | None) -> Any:
        return None if key is None else remember(*key, solved.quantities[key].value, told)

    inputs = {need: wrapped(key) for need, key in task.feeds}
    inputs |= {need: tuple(wrapped(key) for key in keys) for need, keys in task.each}
    told_again = replay(task.rule.function, inputs, derivation.planned, share)
    return Reason(derivation, task.rule, None, told_again.expression, told_again.compared, task.after)
