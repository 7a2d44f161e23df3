"""Wiring: which rule gives what, and what feeds it. Structure only; it is kept while tree, kinds and choices stay.

References: a bare name is the nearest outward; ``outer_x`` starts at the parent; ``each_x`` is the direct children in
order, None for a hole. A Python default makes an input optional. From further out a place inherits choices; a
worked-out name that belongs to one of its own families of kinds (``front.`` …) it never takes from a parent.
"""

from __future__ import annotations

from collections.abc import Callable, Iterable, Iterator, Mapping, Sequence
from dataclasses import dataclass, field
from functools import cached_property
from graphlib import CycleError, TopologicalSorter
from operator import itemgetter
from typing import Any, NamedTuple

from vasculum.core.errors import Unwired
from vasculum.core.flow.catalogue import Catalogue, Key, Rule, Thing, family, key_text
from vasculum.core.flow.things import CutRule, PieceRule


class Place(NamedTuple):
    """Somewhere a size belongs: a survey, a space, a cell, an obstruction beside a cell."""

    id: str
    kinds: frozenset[str]
    parent: str | None = None
    children: tuple[str, ...] = ()
    apart: int = 0
    """How many of its children, the last ones, are no parts of it: what crosses the board before it."""

    @property
    def parts(self) -> tuple[str, ...]:
        """Its children that are parts of it."""
        return self.children[: len(self.children) - self.apart]


class Task(NamedTuple):
    """One quantity to work out: its rule, and what feeds it."""

    key: Key
    rule: Rule
    share: int | None
    needs: tuple[str, ...]
    """Parameters fed by one key each; an optional input that is not there has none."""
    keys: tuple[Key, ...]
    """What feeds each of them."""
    each: tuple[tuple[str, tuple[Key | None, ...]], ...] = ()
    """Parameters fed by the children's keys in order, with holes."""

    @property
    def feeds(self) -> Iterable[tuple[str, Key]]:
        """Parameters with the one key that feeds each."""
        return zip(self.needs, self.keys, strict=True)

    @property
    def after(self) -> tuple[Key, ...]:
        """Everything that feeds it, each once."""
        keys = self.keys
        if self.each:
            keys = (*keys, *(key for _, each in self.each for key in each if key is not None))
        return keys if len(set(keys)) == len(keys) else tuple(dict.fromkeys(keys))


class Feeds(Mapping[str, Key]):
    """The key behind each name; the names are told once for all places that are alike."""

    __slots__ = ("_at", "_keys")

    def __init__(self, at: Mapping[str, int], keys: tuple[Key, ...]) -> None:
        self._at, self._keys = at, keys

    def __getitem__(self, name: str) -> Key:
        return self._keys[self._at[name]]

    def __iter__(self) -> Iterator[str]:
        return iter(self._at)

    def __len__(self) -> int:
        return len(self._at)


class Wired(NamedTuple):
    """A piece, a cut or a good of one place, and the key behind each name that it asks for."""

    place: str
    rule: Thing
    feeds: Mapping[str, Key]


Input = int | tuple[int, ...]
"""The slot of a value, or the slots of one value for each child."""


Step = Callable[[Sequence[Any]], tuple[Any, ...]] | tuple[Input, ...]
"""A task as the solver runs it: what takes the values of its slots at once; else slots in the order of parameters."""


def _taking(inputs: tuple[int, ...]) -> Step:
    """What takes the values of some slots; a single one is told as it is."""
    return itemgetter(*inputs) if len(inputs) > 1 else inputs


@dataclass(frozen=True, eq=False)
class Wiring:
    """Tasks in an order that works, and for each key the tasks that read it."""

    tasks: tuple[Task, ...]
    readers: Mapping[Key, tuple[int, ...]]
    unread: frozenset[Key]
    things: tuple[Wired, ...] = ()
    choices: tuple[Key, ...] = ()
    constants: tuple[Any, ...] = field(default=())

    def task(self, key: Key) -> Task | None:
        """The task that gives a key; None where a person or a default gives it."""
        at = self.place(key)
        return None if at is None else self.tasks[at]

    def place(self, key: Key) -> int | None:
        """Which task gives a key, by its place in the order; None where a person or a default gives it."""
        at = self.slots.get(key, -1) - len(self.choices) - len(self.constants)
        return at if at >= 0 else None

    @cached_property
    def slots(self) -> dict[Key, int]:
        """Where each value stands: what is given, then constants, then what is worked out."""
        first = len(self.choices) + len(self.constants)
        found = {key: at for at, key in enumerate(self.choices)}
        found.update((task.key, first + at) for at, task in enumerate(self.tasks))
        return found

    @cached_property
    def keys(self) -> tuple[Key, ...]:
        """The key of each slot; that of a constant is nothing."""
        return (*self.choices, *([("", "")] * len(self.constants)), *(task.key for task in self.tasks))

    @cached_property
    def steps(self) -> tuple[Step, ...]:
        """Every task as the solver runs it."""
        constants = {id(one): len(self.choices) + at for at, one in enumerate(self.constants)}
        return tuple(self._step(task, constants) for task in self.tasks)

    def _step(self, task: Task, constants: Mapping[int, int]) -> Step:
        slots = self.slots
        if task.share is not None:
            return (slots[task.keys[0]],)
        if len(task.needs) == len(task.rule.needs):
            return _taking(tuple([slots[key] for key in task.keys]))
        feeds, each, defaults = dict(task.feeds), dict(task.each), dict(task.rule.defaults)
        nothing = constants[id(None)]
        inputs: list[Input] = []
        for need in task.rule.needs:
            if need in each:
                inputs.append(tuple(nothing if key is None else slots[key] for key in each[need]))
            elif need in feeds:
                inputs.append(slots[feeds[need]])
            else:
                inputs.append(constants[id(defaults[need])])
        return tuple(inputs) if each else _taking(tuple([one for one in inputs if isinstance(one, int)]))


def wire(catalogue: Catalogue, places: Mapping[str, Place], choices: Iterable[Key]) -> Wiring:
    """Which rule gives what, and what feeds it.

    Raises:
        Unwired: when two kinds answer, an input has no source, something is both given and worked out, or rules turn
            in a circle.
    """
    return _Wirer(catalogue, places, dict.fromkeys(choices)).wiring()


def _shares(name: str) -> str:
    return name + "*"


MOST_PATTERNS = 4000


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
        self.patterns: dict[Alike, _Pattern] = {}

    def keep(self, alike: Alike, pattern: _Pattern) -> None:
        """Remember what holds at places that are alike; all is forgotten where it became too much."""
        if len(self.patterns) >= MOST_PATTERNS:
            self.patterns.clear()
        self.patterns[alike] = pattern


Feed = tuple[str, int, str]
"""What a name of a rule is fed by, seen from a place: so many steps outwards, and the name there."""


Alike = tuple[frozenset[str], frozenset[str], "_Pattern | None", bool]
"""The kinds of a place, what is chosen there, what it stands in, and whether it is one of the parts of that."""


class _Pattern:
    """What holds at places that are alike, in places that are alike too.

    Equal drawers are wired once: what feeds a rule stands at the place itself or so many steps outwards. It follows
    from the catalogue alone, and so is kept with it.
    """

    def __init__(self, alike: Alike) -> None:
        kinds, self.chosen, self.outer, _ = alike
        self.kinds = kinds
        self.families = {family(kind) for kind in kinds}
        self.rules: list[Rule] = []
        self.feeds: dict[str, tuple[tuple[Feed, ...], tuple[str, ...], tuple[str, ...]]] = {}
        """By the name that is given: what feeds its rule, for which needs, and which needs are of the children."""
        self.things: list[tuple[Thing, dict[str, int], tuple[Feed, ...]]] | None = None
        """What there is, with the place of each name among its feeds."""

    def is_made(self, name: str) -> bool:
        """Whether a choice was made here or further out."""
        return name in self.chosen or (self.outer is not None and self.outer.is_made(name))


class _Wirer:
    def __init__(self, catalogue: Catalogue, places: Mapping[str, Place], choices: dict[Key, None]) -> None:
        self.places, self.choices = places, choices
        self.wanted: dict[Key, tuple[Rule, str, int | None]] = {}
        self.once: dict[Key, Key] = {}
        """Each key as the one object that stands for it: hundreds of tasks are fed by one."""
        self.index = _index(catalogue)
        self.chosen: dict[str, set[str]] = {}
        for place_id, name in choices:
            self.chosen.setdefault(place_id, set()).add(name)
        self.parts = {child for place in places.values() for child in place.children}
        self.patterns: dict[str, _Pattern] = {}
        self.ways: dict[str, tuple[str, ...]] = {}

    def wiring(self) -> Wiring:
        for place in self.places.values():
            for rule in self._pattern(place.id).rules:
                self._want_of(place, rule)
        if both := self.wanted.keys() & self.choices.keys():
            raise Unwired(f"chosen and worked out at once: {', '.join(sorted(map(key_text, both)))}")
        tasks = [self._task(key, *how) for key, how in self.wanted.items()]
        in_order, readers = _in_order(tasks)
        constants = {id(one): one for task in in_order for _, one in task.rule.defaults}
        return Wiring(
            in_order,
            readers,
            frozenset(self.choices.keys() - readers.keys()),
            tuple(one for place in self.places.values() for one in self._things(place)),
            tuple(self.choices),
            tuple((constants | {id(None): None}).values()),
        )

    # ---- which answers hold at a place ---------------------------------------------------------------------------

    def _pattern(self, place_id: str) -> _Pattern:
        """What holds at a place, worked out once for all that are alike."""
        if place_id not in self.patterns:
            place = self.places[place_id]
            outer = None if place.parent is None else self._pattern(place.parent)
            alike = (place.kinds, frozenset(self.chosen.get(place_id, ())), outer, place_id in self.parts)
            found = self.index.patterns.get(alike)
            if found is None:
                found = _Pattern(alike)
                found.rules = list(self._rules(place_id, found))
                self.index.keep(alike, found)
            self.patterns[place_id] = found
            self.ways[place_id] = (place_id, *(() if place.parent is None else self.ways[place.parent]))
        return self.patterns[place_id]

    def _rules(self, place_id: str, pattern: _Pattern) -> Iterable[Rule]:
        """Every rule and check that holds at a place, in the order of the catalogue."""
        hits = sorted(
            (number, rule)
            for kind in pattern.kinds
            for number, rule in self.index.rules.get(kind, ())
            if rule.kinds <= pattern.kinds and all(map(pattern.is_made, rule.when))
        )
        by_name: dict[tuple[str, bool], list[Rule]] = {}
        for _, rule in hits:
            by_name.setdefault((rule.name, rule.is_shared_out), []).append(rule)
        return (self._foremost(place_id, rules) for rules in by_name.values())

    def _foremost(self, place_id: str, rules: list[Rule]) -> Rule:
        """Of several answers the one that goes before each of the others."""
        for first in rules:
            if all(other is first or _goes_before(first, other) for other in rules):
                return first
        both = " and ".join(sorted(rule.kind for rule in rules))
        raise Unwired(f"{place_id}/{rules[0].name}: {both} both answer")

    def _things(self, place: Place) -> Iterable[Wired]:
        """The pieces, cuts and goods of a place."""
        pattern, way = self.patterns[place.id], self.ways[place.id]
        if pattern.things is None:
            found = ((one, tuple(feeds)) for one, feeds in self._things_of(place))
            pattern.things = [(one, {feed[0]: at for at, feed in enumerate(feeds)}, feeds) for one, feeds in found]
        for one, at, feeds in pattern.things:
            yield Wired(place.id, one, Feeds(at, tuple([self._once((way[out], source)) for _, out, source in feeds])))

    def _things_of(self, place: Place) -> Iterable[tuple[Thing, tuple[Feed, ...]]]:
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
            if not isinstance(one, CutRule) and one.where and self._reference(place.id, one.where, "") is None:
                continue
            yield one, tuple(self._fed(place, one))

    def _more_special(self, place: Place, known: Thing, other: Thing) -> Thing:
        if known.kinds < other.kinds:
            return other
        if other.kinds < known.kinds:
            return known
        raise Unwired(f"{place.id}: the {known.role} is told twice")

    def _fed(self, place: Place, one: Thing) -> Iterable[Feed]:
        names = list(one.needs)
        optional = frozenset() if isinstance(one, CutRule) else one.optional
        if isinstance(one, PieceRule):
            names += [*one.sizes, *(name for name in (one.where, one.let_in, one.fixed_at) if name)]
            bands = () if one.bands is None else one.bands.needs
            names += bands
            optional = optional | set(bands)
        for name in dict.fromkeys(names):
            found = self._reference(place.id, name, "")
            if found is not None:
                yield (name, *found)
            elif name not in optional:
                raise Unwired(f"{place.id}: the {one.role} needs {name}, which nothing gives")

    def _want_of(self, place: Place, hit: Rule) -> None:
        if not hit.is_shared_out:
            self._add((place.id, hit.name), hit, place.id, None)
            return
        self._add((place.id, _shares(hit.name)), hit, place.id, None)
        for at, child in enumerate(place.parts):
            self._add((child, hit.name), hit, place.id, at)

    def _add(self, key: Key, rule: Rule, place_id: str, share: int | None) -> None:
        if key in self.wanted:
            raise Unwired(f"{key_text(key)} is given twice, by {self.wanted[key][0].kind} and {rule.kind}")
        self.wanted[key] = (rule, place_id, share)

    # ---- what feeds them -----------------------------------------------------------------------------------------

    def _task(self, key: Key, rule: Rule, place_id: str, share: int | None) -> Task:
        if share is not None:
            source = (place_id, _shares(key[1]))
            return Task(key, rule, share, ("shares",), (source,))
        pattern, way = self.patterns[place_id], self.ways[place_id]
        found = pattern.feeds.get(key[1])
        if found is None:
            of_children = tuple(need for need in rule.needs if need.startswith("each_"))
            feeds = tuple(self._feeds(key, rule, place_id))
            found = pattern.feeds[key[1]] = (feeds, tuple(need for need, _, _ in feeds), of_children)
        feeds, needs, of_children = found
        keys = tuple([self._once((way[out], name)) for _, out, name in feeds])
        if not of_children:
            return Task(key, rule, None, needs, keys)
        each = tuple((need, self._children(place_id, need)) for need in of_children)
        made = Task(key, rule, None, needs, keys, each)
        self._refuse_judgements(key, rule, made.after)
        return made

    def _once(self, key: Key) -> Key:
        return self.once.setdefault(key, key)

    def _refuse_judgements(self, key: Key, rule: Rule, feeds: Iterable[Key]) -> None:
        if rule.is_judgement or rule.is_check:
            return
        for one in feeds:
            if one in self.wanted and self.wanted[one][0].is_judgement:
                raise Unwired(f"{key_text(key)}: the judgement {key_text(one)} feeds a size")

    def _children(self, place_id: str, need: str) -> tuple[Key | None, ...]:
        """Of each part; of what is apart only where something there answers."""
        name, place = need.removeprefix("each_"), self.places[place_id]
        is_apart = any(self._is_known((c, name)) for c in place.children[len(place.parts) :])
        children = place.children if is_apart else place.parts
        return tuple((c, name) if self._is_known((c, name)) else None for c in children)

    def _feeds(self, key: Key, rule: Rule, place_id: str) -> Iterable[Feed]:
        """What feeds a rule at places that are alike, but for their children."""
        for need in rule.needs:
            if need.startswith("each_"):
                continue
            found = self._reference(place_id, need, key[1])
            if found is not None:
                self._refuse_judgements(key, rule, [(self.ways[place_id][found[0]], found[1])])
                yield (need, *found)
            elif need not in rule.optional:
                raise Unwired(f"{key_text(key)} ({rule.kind}) needs {need}, which nothing gives")

    def _reference(self, place_id: str, need: str, not_this: str) -> tuple[int, str] | None:
        """How far out a name is answered, and by which name there; ``not_this`` the place does not answer itself."""
        if not need.startswith("outer_"):
            return self._nearest(self.ways[place_id], 0, need, not_this)
        return self._nearest(self.ways[place_id], 1, need.removeprefix("outer_"), "")

    def _is_known(self, key: Key) -> bool:
        return key in self.wanted or key in self.choices

    def _nearest(self, way: tuple[str, ...], start: int, name: str, not_this: str) -> tuple[int, str] | None:
        if start >= len(way):
            return None
        own = self.index.families.get(name, set()) & self.patterns[way[start]].families
        for out in range(start, len(way)):
            key = (way[out], name)
            if out == 0 and name == not_this:
                continue
            if key in self.choices or (key in self.wanted and (out == start or not own)):
                return out, name
        return None


def _in_order(tasks: list[Task]) -> tuple[tuple[Task, ...], dict[Key, tuple[int, ...]]]:
    """Tasks each behind what feeds it, and for each key the places in that order of the tasks that read it.

    Raises:
        Unwired: when rules turn in a circle.
    """
    readers: dict[Key, list[int]] = {}
    worked_out = {task.key for task in tasks}
    waits = [0] * len(tasks)
    for at, task in enumerate(tasks):
        for key in task.after:
            readers.setdefault(key, []).append(at)
            if key in worked_out:
                waits[at] += 1
    ready = [at for at, count in enumerate(waits) if count == 0]
    for at in ready:
        for reader in readers.get(tasks[at].key, ()):
            waits[reader] -= 1
            if waits[reader] == 0:
                ready.append(reader)
    if len(ready) < len(tasks):
        raise Unwired(f"rules turn in a circle: {' → '.join(map(key_text, _circle(tasks)))}")
    place = {at: number for number, at in enumerate(ready)}
    by_place = {key: tuple(sorted([place[at] for at in ats])) for key, ats in readers.items()}
    return tuple([tasks[at] for at in ready]), by_place


def _circle(tasks: list[Task]) -> list[Key]:
    """The keys of one circle, the first again at its end."""
    try:
        TopologicalSorter({task.key: task.after for task in tasks}).prepare()
    except CycleError as circle:
        found: list[Key] = circle.args[1]
        return found
    return []


def _index(catalogue: Catalogue) -> _Index:
    """The index of a catalogue as it is now; a test may still be adding to it."""
    size = sum(map(len, (*catalogue.rules.values(), *catalogue.checks.values(), catalogue.pieces, catalogue.cuts)))
    size += len(catalogue.goods)
    kept: tuple[int, _Index | None] = catalogue.index
    if kept[1] is None or kept[0] != size:
        catalogue.index = (size, _Index(catalogue))
    found: _Index = catalogue.index[1]
    return found
