"""Wiring: which rule gives what, and what feeds it. Structure only; it is kept while tree, kinds and choices stay.

References: a bare name is the nearest outward; ``outer_x`` starts at the parent; ``each_x`` is the direct children in
order, None for a hole. A Python default makes an input optional. From further out a place inherits choices; a
worked-out name that belongs to one of its own families of kinds (``front.`` …) it never takes from a parent.
"""

from __future__ import annotations

from collections.abc import Iterable, Mapping
from dataclasses import dataclass, field
from functools import cached_property
from graphlib import CycleError, TopologicalSorter
from typing import Any, NamedTuple, TypeVar

from vasculum.core.errors import Unwired
from vasculum.core.flow.catalogue import Catalogue, Key, Rule, Thing, family, key_text
from vasculum.core.flow.things import CutRule, PieceRule


class Place(NamedTuple):
    """Somewhere a size belongs: a survey, a space, a cell, an obstruction beside a cell."""

    id: str
    kinds: frozenset[str]
    parent: str | None = None
    children: tuple[str, ...] = ()


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


class Wired(NamedTuple):
    """A piece, a cut or a good of one place, and the key behind each name that it asks for."""

    place: str
    rule: Thing
    feeds: Mapping[str, Key]


Input = int | tuple[int, ...]
"""The slot of a value, or the slots of one value for each child."""


class Step(NamedTuple):
    """A task as the solver runs it: slots in the order of the rule's parameters."""

    inputs: tuple[Input, ...]
    after: tuple[int, ...]
    is_flat: bool
    """Whether every input is one slot."""


@dataclass(frozen=True, eq=False)
class Wiring:
    """Tasks in an order that works, and for each key the tasks that read it."""

    tasks: tuple[Task, ...]
    order: Mapping[Key, int]
    readers: Mapping[Key, tuple[int, ...]]
    unread: frozenset[Key]
    things: tuple[Wired, ...] = ()
    choices: tuple[Key, ...] = ()
    constants: tuple[Any, ...] = field(default=())

    def task(self, key: Key) -> Task | None:
        """The task that gives a key; None where a person or a default gives it."""
        at = self.order.get(key)
        return None if at is None else self.tasks[at]

    @cached_property
    def slots(self) -> dict[Key, int]:
        """Where each value stands: what is given, then constants, then what is worked out."""
        first = len(self.choices) + len(self.constants)
        found = {key: at for at, key in enumerate(self.choices)}
        found.update((task.key, first + at) for at, task in enumerate(self.tasks))
        return found

    @cached_property
    def steps(self) -> tuple[Step, ...]:
        """Every task as the solver runs it."""
        constants = {id(one): len(self.choices) + at for at, one in enumerate(self.constants)}
        return tuple(self._step(task, constants) for task in self.tasks)

    def _step(self, task: Task, constants: Mapping[int, int]) -> Step:
        after = tuple(self.slots[key] for key in task.after)
        if task.share is not None:
            return Step((after[0],), after, True)
        feeds, each, defaults = dict(task.feeds), dict(task.each), dict(task.rule.defaults)
        nothing = constants[id(None)]
        inputs: list[Input] = []
        for need in task.rule.needs:
            if need in each:
                inputs.append(tuple(nothing if key is None else self.slots[key] for key in each[need]))
            elif need in feeds:
                inputs.append(self.slots[feeds[need]])
            else:
                inputs.append(constants[id(defaults[need])])
        return Step(tuple(inputs), after, not each)


def wire(catalogue: Catalogue, places: Mapping[str, Place], choices: Iterable[Key]) -> Wiring:
    """Which rule gives what, and what feeds it.

    Raises:
        Unwired: when two kinds answer, an input has no source, something is both given and worked out, or rules turn
            in a circle.
    """
    return _Wirer(catalogue, places, dict.fromkeys(choices)).wiring()


def _shares(name: str) -> str:
    return name + "*"


A = TypeVar("A", Rule, Thing)


def _goes_before(first: Rule, other: Rule) -> bool:
    """A choice that was made goes before what a kind says, and several kinds together before one of them."""
    return other.when < first.when or (other.when == first.when and other.kinds < first.kinds)


class _Index:
    """The catalogue by kind, made once for each size of it."""

    def __init__(self, catalogue: Catalogue) -> None:
        rules = [
            one for by in (catalogue.rules, catalogue.checks) for answers in by.values() for one in answers.values()
        ]
        self.rules: dict[str, list[tuple[int, Rule]]] = {}
        for number, rule in enumerate(rules):
            self.rules.setdefault(min(rule.kinds), []).append((number, rule))
        self.things: dict[str, list[tuple[int, Thing]]] = {}
        things: tuple[Thing, ...] = (*catalogue.pieces, *catalogue.cuts, *catalogue.goods)
        for number, thing in enumerate(things):
            self.things.setdefault(min(thing.kinds), []).append((number, thing))
        self.families = {
            name: {family(kind) for one in answers.values() if not one.is_shared_out for kind in one.kinds}
            for name, answers in catalogue.rules.items()
        }


class _Wirer:
    def __init__(self, catalogue: Catalogue, places: Mapping[str, Place], choices: dict[Key, None]) -> None:
        self.places, self.choices = places, choices
        self.wanted: dict[Key, tuple[Rule, str, int | None]] = {}
        self.index = _index(catalogue)
        self.families = {place.id: {family(k) for k in place.kinds} for place in places.values()}
        self.name_families = self.index.families

    def wiring(self) -> Wiring:
        for place in self.places.values():
            self._want(place)
        if both := self.wanted.keys() & self.choices.keys():
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
        constants = {id(one): one for task in in_order for _, one in task.rule.defaults}
        return Wiring(
            in_order,
            {task.key: at for at, task in enumerate(in_order)},
            {key: tuple(ats) for key, ats in readers.items()},
            frozenset(self.choices.keys() - readers.keys()),
            tuple(one for place in self.places.values() for one in self._things(place)),
            tuple(self.choices),
            tuple((constants | {id(None): None}).values()),
        )

    # ---- which answers hold at a place ---------------------------------------------------------------------------

    def _want(self, place: Place) -> None:
        """Every rule and check that holds at a place, in the order of the catalogue."""
        hits = sorted(
            (number, rule)
            for kind in place.kinds
            for number, rule in self.index.rules.get(kind, ())
            if rule.kinds <= place.kinds and all(self._is_made(place.id, name) for name in rule.when)
        )
        by_name: dict[tuple[str, bool], list[Rule]] = {}
        for _, rule in hits:
            by_name.setdefault((rule.name, rule.is_shared_out), []).append(rule)
        for rules in by_name.values():
            self._want_of(place, self._foremost(place, rules))

    def _foremost(self, place: Place, rules: list[Rule]) -> Rule:
        """Of several answers the one that goes before each of the others."""
        for first in rules:
            if all(other is first or _goes_before(first, other) for other in rules):
                return first
        both = " and ".join(sorted(rule.kind for rule in rules))
        raise Unwired(f"{place.id}/{rules[0].name}: {both} both answer")

    def _is_made(self, place_id: str, name: str) -> bool:
        """Whether a choice was made at a place or further out."""
        at: str | None = place_id
        while at is not None:
            if (at, name) in self.choices:
                return True
            at = self.places[at].parent
        return False

    def _things(self, place: Place) -> Iterable[Wired]:
        """The pieces, cuts and goods of a place."""
        hits = sorted(
            ((number, one) for kind in place.kinds for number, one in self.index.things.get(kind, ())),
            key=lambda hit: hit[0],
        )
        foremost: dict[tuple[type, str], Thing] = {}
        for _, one in hits:
            if one.kinds <= place.kinds:
                known = foremost.setdefault((type(one), one.role), one)
                if known is not one:
                    foremost[type(one), one.role] = self._more_special(place, known, one)
        for one in foremost.values():
            if not isinstance(one, CutRule) and one.where and self._reference(place.id, one.where, ("", "")) is None:
                continue
            yield Wired(place.id, one, self._fed(place, one))

    def _more_special(self, place: Place, known: Thing, other: Thing) -> Thing:
        if known.kinds < other.kinds:
            return other
        if other.kinds < known.kinds:
            return known
        raise Unwired(f"{place.id}: the {known.role} is told twice")

    def _fed(self, place: Place, one: Thing) -> dict[str, Key]:
        names = list(one.needs)
        optional = frozenset() if isinstance(one, CutRule) else one.optional
        if isinstance(one, PieceRule):
            names += [*one.sizes, *([one.where] if one.where else [])]
            core = [] if one.bands is None else [n for n in (one.bands.length, one.bands.width) if n]
            names += core
            optional = optional | set(core) | ({f"{one.bands.choice}_thickness"} if one.bands else set())
            names += [f"{one.bands.choice}_thickness"] if one.bands else []
        return dict(self._named(place, one.role, names, optional))

    def _named(
        self, place: Place, role: str, names: Iterable[str], optional: frozenset[str]
    ) -> Iterable[tuple[str, Key]]:
        for name in names:
            found = self._reference(place.id, name, ("", ""))
            if found is not None:
                yield name, found
            elif name not in optional:
                raise Unwired(f"{place.id}: the {role} needs {name}, which nothing gives")

    def _want_of(self, place: Place, hit: Rule) -> None:
        if not hit.is_shared_out:
            self._add((place.id, hit.name), hit, place.id, None)
            return
        self._add((place.id, _shares(hit.name)), hit, place.id, None)
        for at, child in enumerate(place.children):
            self._add((child, hit.name), hit, place.id, at)

    def _add(self, key: Key, rule: Rule, place_id: str, share: int | None) -> None:
        if key in self.wanted:
            raise Unwired(f"{key_text(key)} is given twice, by {self.wanted[key][0].kind} and {rule.kind}")
        self.wanted[key] = (rule, place_id, share)

    # ---- what feeds them -----------------------------------------------------------------------------------------

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
        found = self._reference(place_id, need, key)
        if found is None and need not in rule.optional:
            raise Unwired(f"{key_text(key)} ({rule.kind}) needs {need}, which nothing gives")
        return found

    def _reference(self, place_id: str, need: str, not_this: Key) -> Key | None:
        if not need.startswith("outer_"):
            return self._nearest(place_id, need, not_this)
        parent = self.places[place_id].parent
        return self._nearest(parent, need.removeprefix("outer_"), not_this) if parent is not None else None

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


def _index(catalogue: Catalogue) -> _Index:
    """The index of a catalogue as it is now; a test may still be adding to it."""
    size = sum(map(len, (*catalogue.rules.values(), *catalogue.checks.values(), catalogue.pieces, catalogue.cuts)))
    size += len(catalogue.goods)
    kept: tuple[int, _Index | None] = catalogue.index
    if kept[1] is None or kept[0] != size:
        catalogue.index = (size, _Index(catalogue))
    found: _Index = catalogue.index[1]
    return found
