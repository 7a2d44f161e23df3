"""Take a plan file in: every fault is named with its place, and nothing is mended."""

from __future__ import annotations

import json
from collections import Counter
from collections.abc import Callable, Iterable, Iterator
from itertools import pairwise
from typing import Any, NamedTuple, NoReturn

from jsonpointer import escape
from pydantic import ValidationError

from vasculum.core.catalogue import the_catalogue
from vasculum.core.errors import (
    LengthRefused,
    NoSuchQuantity,
    NumberRefused,
    PlanRefused,
    WeightRefused,
    cut_short,
)
from vasculum.core.flow import read_key
from vasculum.core.tables import choosables, editions, tools
from vasculum.plan.document import (
    FORMAT,
    OF_ONE_SPACE,
    SPLITS,
    UPRIGHT,
    VERSION,
    Board,
    CutTree,
    Obstruction,
    Plan,
    Sheet,
)
from vasculum.plan.document.choices import NUMBERS, worth_of
from vasculum.plan.document.marks import number_of_mark
from vasculum.plan.document.upgrades import upgraded

LARGEST_FILE = 2_000_000
"""Bytes. A plan of a thousand drawers stays below it."""
DEEPEST = 40
"""Objects in objects of a file."""
DEEPEST_SPLIT = 40
"""Splits in splits of a layout."""
FURTHEST_ID = 1_000_000
LEAST_STAGES = 2
"""Rips and crosscuts: with one of them alone nothing comes to size."""
LAST_ID = 990_000_000
"""Above the highest number of a plan, and above all, no id is begun: there must be room for the next ones."""
MOST_DIGITS = 20
MOST_FAULTS = 20
MOST_QUOTED = 40
"""Characters of what a refusal quotes."""


class Fault(NamedTuple):
    """One thing wrong with a document: a JSON pointer and plain words."""

    where: str
    message: str


class FaultyPlan(PlanRefused):
    """A document with faults, all of them listed as far as that makes sense."""

    def __init__(self, code: str, faults: list[Fault], fix: str = "") -> None:
        first = faults[0]
        message = f"{first.message} (at {first.where or 'the top'})"
        more = len(faults) - 1
        super().__init__(code, message + (f" and {more} more" if more else ""), fix, first.where)
        self.faults = [Fault(cut_short(where), cut_short(said)) for where, said in faults[:MOST_FAULTS]]


def read_plan(text: str | bytes) -> Plan:
    """Read a plan file of any version.

    Raises:
        PlanRefused: damaged JSON, a foreign format, a version from the future.
        FaultyPlan: with every fault and its place.
    """
    return plan_from(_parsed(text))


def plan_from(document: Any) -> Plan:
    """Check a parsed document and make a plan of it.

    Raises:
        FaultyPlan: with every fault and its place.
    """
    if not isinstance(document, dict) or document.get("format") != FORMAT:
        _refuse("not-a-plan", "/format", f"This file does not say that it is a {FORMAT}.")
    version = document.get("version")
    if not isinstance(version, int) or isinstance(version, bool) or version < 1:
        _refuse("not-a-plan", "/version", f"The version should be a whole number, not {repr(version)[:MOST_QUOTED]}.")
    if version > VERSION:
        _refuse(
            "plan-from-the-future", "/version", f"This file is version {version}; versions up to {VERSION} are read."
        )
    try:
        plan = Plan.model_validate(upgraded(document))
    except ValidationError as refused:
        raise FaultyPlan("plan-faulty", _faults_of(refused)) from refused
    if faults := list(_contradictions(plan)):
        raise FaultyPlan("plan-faulty", faults)
    return plan


def write_plan(plan: Plan) -> str:
    """The plan as a file: JSON, readable, ending with a newline."""
    return json.dumps(plan.model_dump(mode="json", exclude_defaults=False), indent=2, ensure_ascii=False) + "\n"


def _refuse(code: str, where: str, message: str) -> NoReturn:
    raise FaultyPlan(code, [Fault(where, message)], "Choose a plan file that was exported here.")


def _parsed(text: str | bytes) -> Any:
    if len(text) > LARGEST_FILE:
        _refuse("plan-too-large", "", f"The file is larger than {LARGEST_FILE // 1_000_000} MB.")
    try:
        if isinstance(text, bytes):
            text = text.decode("utf-8-sig")
        parsed = json.loads(
            text.removeprefix("\ufeff"),
            object_pairs_hook=_without_doubles,
            parse_constant=_no_constant,
            parse_int=_whole,
        )
    except UnicodeDecodeError as damaged:
        _refuse("plan-damaged", "", f"The file is not UTF-8 text: byte {damaged.start} cannot be read.")
    except json.JSONDecodeError as damaged:
        _refuse(
            "plan-damaged",
            "",
            f"The file is not whole JSON: {damaged.msg}, line {damaged.lineno} column {damaged.colno}.",
        )
    except RecursionError:
        _refuse("plan-damaged", "", "The file is nested too deeply to be a plan.")
    if _depth(parsed) > DEEPEST:
        _refuse("plan-damaged", "", "The file is nested too deeply to be a plan.")
    return parsed


def _without_doubles(pairs: list[tuple[str, Any]]) -> dict[str, Any]:
    names = Counter(name for name, _ in pairs)
    for name, count in names.items():
        if count > 1:
            _refuse("plan-damaged", "", f"{name[:MOST_QUOTED]!r} stands {count} times in one object.")
    return dict(pairs)


def _whole(digits: str) -> int:
    if len(digits) > MOST_DIGITS:
        _refuse("plan-damaged", "", f"A number of {len(digits)} digits is none that a plan may hold.")
    return int(digits)


def _no_constant(constant: str) -> NoReturn:
    _refuse("plan-damaged", "", f"{constant} is not a number that a plan may hold.")


def _depth(value: Any) -> int:
    deepest, level = 0, [value]
    while level:
        deepest += 1
        level = [
            inner
            for one in level
            if isinstance(one, (dict, list))
            for inner in (one.values() if isinstance(one, dict) else one)
        ]
    return deepest


def pointer(parts: Iterable[Any]) -> str:
    """A JSON pointer (RFC 6901)."""
    return "".join(f"/{escape(str(part))}" for part in parts)


def _faults_of(refused: ValidationError) -> list[Fault]:
    return [Fault(pointer(p for p in e["loc"] if p != "[key]"), e["msg"]) for e in refused.errors(include_url=False)]


# ---- what the shape alone cannot say ------------------------------------------------------------------------------


def _contradictions(plan: Plan) -> Iterator[Fault]:
    if plan.defaults_edition not in editions():
        yield Fault("/defaults_edition", f"There is no defaults edition {plan.defaults_edition!r} here.")
        return
    yield from _id_faults(plan)
    yield from _mark_faults(plan)
    yield from _order_faults("/space_order", plan.space_order, plan.spaces)
    yield from _order_faults("/reading_order", plan.reading_order, plan.readings)
    yield from _space_faults(plan)
    for name in OF_ONE_SPACE:
        for id_, there in getattr(plan, name).items():
            if there.space not in plan.spaces:
                yield Fault(f"/{name}/{id_}/space", f"There is no space {there.space!r}.")
    for id_, thing in plan.things.items():
        if thing.lives_in is not None and thing.lives_in not in plan.places:
            yield Fault(f"/things/{id_}/lives_in", f"There is no place {thing.lives_in!r}.")
    for id_, part in plan.own_parts.items():
        if part.stock is not None and not plan.library.has_stock(part.stock):
            yield Fault(f"/own_parts/{id_}/stock", f"There is no sheet and no board {part.stock!r} in the library.")
    for id_, one in plan.obstructions.items():
        yield from _obstruction_faults(plan, f"/obstructions/{id_}", one)
    for id_, reading in plan.readings.items():
        if reading.survey not in plan.surveys:
            yield Fault(f"/readings/{id_}/survey", f"There is no survey {reading.survey!r}.")
        elif plan.length(reading.value) == 0:
            yield Fault(f"/readings/{id_}/value", "A reading is more than nothing; leave it out instead.")
    yield from _choice_faults(plan, "/choices", plan.choices)
    for id_, space in plan.spaces.items():
        yield from _choice_faults(plan, f"/spaces/{id_}/choices", space.choices)
    for id_, place in plan.places.items():
        yield from _choice_faults(plan, f"/places/{id_}/choices", place.choices)
    yield from _library_faults(plan)
    known_tools = {one.id for one in tools()}
    for at, tool in enumerate(plan.tools or []):
        if tool not in known_tools:
            yield Fault(f"/tools/{at}", f"There is no tool {tool!r}; there is {', '.join(sorted(known_tools))}.")
    for key in plan.as_built:
        try:
            read_key(key)
        except NoSuchQuantity as refused:
            yield Fault(pointer(["as_built", key]), refused.message)


def _id_faults(plan: Plan) -> Iterator[Fault]:
    used: dict[str, str] = {}
    for name, ids in plan.collections().items():
        for id_ in ids:
            where = f"/{name}/{id_}"
            if id_ in used:
                yield Fault(where, f"{id_!r} is already used at {used[id_]}.")
            used[id_] = where
            if int(id_.rpartition("-")[2]) >= plan.next_id:
                yield Fault(where, f"The number of {id_!r} is not below next_id, {plan.next_id}.")
    most = max((int(id_.rpartition("-")[2]) for id_ in used), default=0)
    if plan.next_id > min(most + FURTHEST_ID, LAST_ID):
        yield Fault("/next_id", f"{plan.next_id} is far above every number in the plan; the highest is {most}.")


def _mark_faults(plan: Plan) -> Iterator[Fault]:
    """A mark is one of those that were given, and of one part."""
    borne: dict[str, str] = {}
    for part, mark in plan.marks.items():
        where, number = pointer(["marks", part]), number_of_mark(mark)
        if number is None or number > plan.marks_given:
            yield Fault(where, f"{mark!r} is none of the {plan.marks_given} marks that were given.")
        elif mark in borne:
            yield Fault(where, f"{mark} is the mark of {borne[mark]} already.")
        borne[mark] = part


def _order_faults(where: str, order: list[str], things: Iterable[str]) -> Iterator[Fault]:
    known = set(things)
    for at, id_ in enumerate(order):
        if id_ not in known:
            yield Fault(f"{where}/{at}", f"There is no {id_!r} to be put in order.")
    for id_, count in Counter(order).items():
        if count > 1:
            yield Fault(where, f"{id_!r} stands {count} times in the order.")
    for id_ in sorted(known - set(order)):
        yield Fault(where, f"{id_!r} is missing from the order.")


FRAMED = ("cabinet", "alcove")
"""What a face frame, or the casing of an opening, may stand before."""


def _space_faults(plan: Plan) -> Iterator[Fault]:
    owners: dict[str, str] = {}

    def owned(id_: str, where: str) -> Iterator[Fault]:
        if id_ in owners:
            yield Fault(where, f"{id_!r} already belongs to {owners[id_]}.")
        owners[id_] = where

    for id_, space in plan.spaces.items():
        wanted = [("case", space.case)] + ([("frame", space.frame)] if space.frame else [])
        if (space.kind == "framed") != (space.frame is not None):
            yield Fault(f"/spaces/{id_}/frame", "A framed space has a survey of its frame, and only a framed one.")
        if space.kind == "framed" and space.what not in FRAMED:
            yield Fault(f"/spaces/{id_}/kind", f"A {space.what} has no face frame.")
        for what, survey in wanted:
            where = f"/spaces/{id_}/{what}"
            if survey not in plan.surveys:
                yield Fault(where, f"There is no survey {survey!r}.")
            elif plan.surveys[survey].what != what:
                yield Fault(where, f"Survey {survey!r} is of a {plan.surveys[survey].what}, not of a {what}.")
            yield from owned(survey, where)
        where = f"/spaces/{id_}/holds"
        if space.holds not in plan.places:
            yield Fault(where, f"There is no place {space.holds!r}.")
        yield from owned(space.holds, where)
    yield from _tree_faults(plan, owned)
    for id_ in plan.places:
        if id_ not in owners:
            yield Fault(f"/places/{id_}", "This place stands in no space.")
    for id_ in plan.surveys:
        if id_ not in owners:
            yield Fault(f"/surveys/{id_}", "This survey belongs to no space.")


def _tree_faults(plan: Plan, owned: Callable[[str, str], Iterator[Fault]]) -> Iterator[Fault]:
    """Every place stands once: a child that is missing, stands twice, or holds what it stands in is named."""
    for id_, place in plan.places.items():
        where = f"/places/{id_}/children"
        if place.holds not in SPLITS:
            if place.children:
                yield Fault(where, f"What holds a {place.holds.replace('_', ' ')} is not divided further.")
            continue
        if not place.children:
            yield Fault(where, "A split of nothing: it needs at least one part.")
        for at, child in enumerate(place.children):
            if child not in plan.places:
                yield Fault(f"{where}/{at}", f"There is no place {child!r}.")
            yield from owned(child, f"{where}/{at}")
    if (circle := _circle(plan)) is not None:
        yield Fault(f"/places/{circle[0]}/children", f"The layout turns in a circle: {' → '.join(circle)}.")
        return
    for space in plan.spaces.values():
        if (too_deep := _too_deep(plan, space.holds)) is not None:
            yield Fault(f"/places/{too_deep}", f"More than {DEEPEST_SPLIT} splits stand in each other here.")
            return
    for id_, place in plan.places.items():
        if place.size.by == "fixed" and place.size.length is None:
            yield Fault(f"/places/{id_}/size/length", "A fixed size needs its length.")
        has_things = any(thing.lives_in == id_ for thing in plan.things.values())
        if place.size.by == "contents" and place.size.length is None and place.holds != "bin" and not has_things:
            yield Fault(f"/places/{id_}/size/length", "A size from contents needs how large they are.")
        if place.step is not None and place.ratio is not None:
            yield Fault(f"/places/{id_}/ratio", "Graduated parts grow by a step or by a ratio, not by both.")


def _too_deep(plan: Plan, root: str) -> str | None:
    """A place that stands in more splits than a layout may have in each other, or None."""
    level = [root]
    for _ in range(DEEPEST_SPLIT + 1):
        level = [child for id_ in level if id_ in plan.places for child in plan.places[id_].children]
    return level[0] if level else None


def _circle(plan: Plan) -> list[str] | None:
    """A way from a place back to itself, or None: who follows what holds each place comes to an end, or to a circle."""
    holder = {child: id_ for id_, place in plan.places.items() if place.holds in SPLITS for child in place.children}
    done: set[str] = set()
    for start in plan.places:
        way: dict[str, None] = {}
        at: str | None = start
        while at is not None and at not in done and at not in way:
            way[at] = None
            at = holder.get(at)
        if at is not None and at in way:
            found = list(way)
            return [at, *reversed(found[found.index(at) + 1 :]), at]
        done |= way.keys()
    return None


def _obstruction_faults(plan: Plan, where: str, one: Obstruction) -> Iterator[Fault]:
    """A thing in the way stands in by something, and is told in one way only."""
    if one.profile:
        if one.on not in UPRIGHT:
            yield Fault(f"{where}/profile", "Only what stands in from a side or before the back has a profile.")
        if len(one.profile) < 2:
            yield Fault(f"{where}/profile", "A profile has two points at least.")
        for at, (low, high) in enumerate(pairwise(one.profile), 1):
            if plan.length(high.at) <= plan.length(low.at):
                yield Fault(f"{where}/profile/{at}/at", f"{high.at} is not above {low.at}: a profile runs upwards.")
        for name in ("projection_above", "from_floor", "height"):
            if getattr(one, name) is not None:
                yield Fault(f"{where}/{name}", "The profile says this already: leave one of them out.")
        if not any(plan.length(point.projection) > 0 for point in one.profile):
            yield Fault(f"{where}/profile", "What stands in the way stands in by something.")
    elif plan.length(one.projection) == 0 and one.projection_above is None:
        yield Fault(f"{where}/projection", "What stands in the way stands in by something.")
    if one.passes == "before":
        if one.from_front is None:
            yield Fault(f"{where}/from_front", "A box can end before it only when it is known where it begins.")
        if one.on == "back" or one.profile or one.projection_above is not None:
            yield Fault(f"{where}/passes", "Before the back, or before what leans, a box always ends.")
    if one.on == "back" and (one.from_front is not None or one.depth is not None):
        yield Fault(f"{where}/from_front", "What stands before the back is measured from the back.")


def _choice_faults(plan: Plan, where: str, choices: dict[str, str]) -> Iterator[Fault]:
    known = choosables(plan.defaults_edition)
    for name, text in choices.items():
        at = f"{where}/{name}"
        if name not in known:
            yield Fault(at, f"Nothing called {name!r} can be chosen.")
            continue
        kind = known[name].kind
        if kind in NUMBERS:
            try:
                worth = worth_of(kind, text)
            except (LengthRefused, WeightRefused, NumberRefused) as refused:
                yield Fault(at, f"{refused.message} {refused.fix}")
            else:
                if known[name].is_above_zero and 0 in (worth if isinstance(worth, tuple) else (worth,)):
                    yield Fault(at, f"{known[name].title} is more than nothing; leave it out instead.")
        elif kind in ("sheet", "runner", "board", "band"):
            shelves = [kind, "board"] if kind == "sheet" else [kind]
            if not any(text in getattr(plan.library, f"{shelf}s") for shelf in shelves):
                yield Fault(at, f"There is no {' and no '.join(shelves)} {text!r} in the plan's library.")
            elif text in plan.library.boards and not plan.library.boards[text].is_ripped:
                message = f"{plan.library.boards[text].name} is only cut to length: parts of one's own are made of it."
                yield Fault(at, message)
        elif f"{kind}.{text}" not in the_catalogue().alternatives(kind):
            named = ", ".join(a.partition(".")[2] for a in the_catalogue().alternatives(kind))
            yield Fault(at, f"There is no {kind} {text!r}; there is {named}.")


def _cut_faults(one: CutTree, is_sawn: bool) -> Iterator[str]:
    """A piece is a part, or is divided; what is sawn says to what size."""
    if bool(one.part) == bool(one.children) or bool(one.children) != (one.cut is not None):
        yield "A piece of a sheet is a part, or is cut into pieces."
    if one.part and is_sawn and one.sawn is None:
        yield f"{one.part} is sawn, and nothing says to what size."
    for child in one.children:
        yield from _cut_faults(child, is_sawn)


def _size_faults(plan: Plan) -> Iterator[Fault]:
    """The size of a sheet or board is the largest that it is sold in; others come out of it."""
    sheets = [(f"sheets/{id_}/panels", sheet) for id_, sheet in plan.library.sheets.items()]
    boards = [(f"boards/{id_}/lengths", board) for id_, board in plan.library.boards.items()]
    rows: list[tuple[str, Sheet | Board]] = [*sheets, *boards]
    for where, row in rows:
        if row.length is None or row.width is None:
            continue
        length, width = plan.length(row.length), plan.length(row.width)
        for at, size in enumerate(row.panels):
            if plan.length(size.length) > length or plan.length(size.width) > width:
                message = f"{row.name} is sold in more than it measures: its own size is the largest of them."
                yield Fault(f"/library/{where}/{at}", message)


def _library_faults(plan: Plan) -> Iterator[Fault]:
    for needed in ("side_sheet", "bottom_sheet", "front_sheet", "runner"):
        if needed not in plan.choices:
            yield Fault("/choices", f"The plan chooses no {needed}.")
    stages = plan.choices.get("cut_stages", str(LEAST_STAGES))
    if stages.isdigit() and 0 < int(stages) < LEAST_STAGES:
        yield Fault("/choices/cut_stages", "Two stages of cuts are the least: rips, then crosscuts.")
    for id_, offcut in plan.library.offcuts.items():
        if not plan.library.has_stock(offcut.sheet):
            message = f"There is no sheet and no board {offcut.sheet!r} in the plan's library."
            yield Fault(f"/library/offcuts/{id_}/sheet", message)
    yield from _size_faults(plan)
    for id_, sheets in plan.layouts.items():
        if not plan.library.has_stock(id_):
            yield Fault(f"/layouts/{id_}", f"There is no sheet and no board {id_!r} in the plan's library.")
        for at, sheet in enumerate(sheets):
            yield from (Fault(f"/layouts/{id_}/{at}", said) for said in _cut_faults(sheet.cuts, sheet.state != "kept"))
    named = Counter(part for parts in plan.together.values() for part in parts)
    for id_, parts in plan.together.items():
        yield from (Fault(f"/together/{id_}", f"{part} stands there twice.") for part in parts if named[part] > 1)
    for id_ in plan.settings_done:
        if not any(sheet.state == "begun" for sheet in plan.layouts.get(id_, ())):
            yield Fault(f"/settings_done/{id_}", "No sheet of this row is begun.")
    for id_, runner in plan.library.runners.items():
        lengths = [plan.length(text) for text in runner.stock_lengths]
        if len(set(lengths)) != len(lengths):
            yield Fault(f"/library/runners/{id_}/stock_lengths", "A stock length stands there twice.")
