"""The catalogue of the trade as a whole: complete, sourced, free of shortcuts."""

from __future__ import annotations

import ast
import itertools
from pathlib import Path
from typing import Any, get_args

import pytest

import vasculum.core
from tests.helpers import (
    RUNNER_SYSTEMS,
    changed,
    drawer_of,
    framed,
    frameless,
    kinds_in,
    solved,
    split,
    step,
    with_readings,
    with_runner,
)
from vasculum.core.catalogue import the_catalogue
from vasculum.core.flow import MeasureUnit, Rule, wire
from vasculum.core.flow import family as family_of
from vasculum.core.tables import choosables, editions, length_of, stock_runners, stock_sheets
from vasculum.demo import DEMO_PLANS, demo_plan
from vasculum.plan.document import Plan
from vasculum.plan.laying.places import plan_to_places

CORE = Path(vasculum.core.__file__).parent
RULES = [r for answers in the_catalogue().rules.values() for r in answers.values()]
CHECKS = [r for answers in the_catalogue().checks.values() for r in answers.values()]
SOURCES = (
    "common practice",
    "from memory",
    "geometry",
    "49 CFR 393.102",
    "ASTM F2057, from memory",
    "Wood Handbook FPL-GTR-282, ch. 4",
)
FAMILIES = ("joint", "back", "bottom", "front", "runner", "pull")


@pytest.mark.parametrize("rule", RULES + CHECKS, ids=lambda r: f"{r.name}-{r.kind}")
def test_every_rule_has_a_sentence_a_source_and_a_unit(rule: Rule) -> None:
    assert rule.sentence[0].isupper()
    assert rule.sentence.endswith((".", "?"))
    assert rule.source in SOURCES
    assert rule.unit in get_args(MeasureUnit)


def test_names_of_rules_and_checks_are_apart() -> None:
    assert not the_catalogue().rules.keys() & the_catalogue().checks.keys()


def test_nothing_is_both_chosen_and_worked_out() -> None:
    assert not the_catalogue().rules.keys() & choosables().keys()


@pytest.mark.parametrize("family", FAMILIES)
def test_every_alternative_has_words_and_every_kind_of_a_family_is_an_alternative(family: str) -> None:
    declared = set(the_catalogue().alternatives(family))
    things = (*the_catalogue().pieces, *the_catalogue().cuts, *the_catalogue().goods)
    answered_for = {kind for one in (*RULES, *CHECKS, *things) for kind in one.kinds if family_of(kind) == family}
    assert answered_for <= declared
    assert all(the_catalogue().known[kind].title for kind in declared)


@pytest.mark.parametrize("family", ["joint", "bottom"])
def test_alternatives_define_the_names_that_others_read(family: str) -> None:
    """What the rules of no alternative read, and some alternative gives, every alternative gives; ``box_bottomed`` is
    every bottom but none."""
    known = [the_catalogue().known[kind] for kind in the_catalogue().alternatives(family)]
    of_it = {kind for one in known for kind in (one.kind, *one.shares)}
    names = {one.kind: {r.name for r in RULES if r.kinds <= {one.kind, *one.shares}} for one in known}
    read_elsewhere = {
        need
        for rule in RULES + CHECKS
        if not rule.kinds & (of_it | {"box_bottomed"})
        for need in set(rule.needs) - rule.optional
    }
    wanted = {name for defined in names.values() for name in defined} & read_elsewhere
    assert wanted
    for kind, defined in names.items():
        assert wanted <= defined, kind


def all_kinds_of_space() -> list[Plan]:
    inside = {"of": "width", "value": "24 in", "along": "front", "level": "low"}
    tapered = [inside, {**inside, "along": "back", "value": "23 1/2 in"}]
    diagonals = [{"of": f"diagonal_rising_{way}", "value": "24 3/8 in"} for way in ("right", "left")]
    return [
        framed(),
        with_readings(framed(), "case", inside),
        with_readings(with_readings(framed(), "case", *tapered), "frame", *diagonals),
        frameless(),
        with_readings(frameless(), "case", *tapered, *diagonals),
    ]


CHOICES = [kinds_in(family) for family in ("joint", "bottom", "front")]


def in_turn(*choices: list[Any], of: list[Any]) -> list[tuple[Any, ...]]:
    """Every combination of the choices, each with one of ``of`` in turn, so that each two also come together."""
    numbered = itertools.product(*(enumerate(options) for options in choices))
    return [(*(one for _, one in row), of[sum(at for at, _ in row) % len(of)]) for row in numbered]


KINDS_AND_SPACES = in_turn(*CHOICES, of=list(range(5)))


def test_each_kind_is_tried_in_each_space() -> None:
    for at, options in enumerate(CHOICES):
        assert {(row[at], row[-1]) for row in KINDS_AND_SPACES} == set(itertools.product(options, range(5)))


@pytest.mark.parametrize("kinds", KINDS_AND_SPACES, ids=lambda row: "-".join(map(str, row)))
def test_every_combination_of_kinds_is_wired(kinds: tuple[Any, ...]) -> None:
    plan = all_kinds_of_space()[kinds[-1]]
    choices = dict(zip(("joint", "bottom", "front"), kinds[:-1], strict=True))
    done = solved(changed(plan, *(step(f"/choices/{n}", v) for n, v in choices.items())))
    bottom = done.solved.value(drawer_of(plan), "bottom_width_cut")
    assert (bottom is None) is (choices["bottom"] == "none")
    assert not [k for k, q in done.solved.quantities.items() if q.refusal]


@pytest.mark.parametrize(("system", "front", "bottom"), in_turn(list(RUNNER_SYSTEMS), CHOICES[2], of=CHOICES[1]))
def test_every_runner_is_wired_with_every_bottom_and_front(system: str, front: str, bottom: str) -> None:
    plan = with_runner(frameless("22 1/2", "9", "20", front=front, bottom=bottom), system)
    done = solved(plan)
    assert not [k for k, q in done.solved.quantities.items() if q.refusal]
    drawer = drawer_of(plan)
    beside, play = (done.solved.value(drawer, name) for name in ("beside_box", "runner_play_built"))
    assert done.solved.value(drawer, "outside_width") + 2 * beside + play == done.solved.value(drawer, "free_width")
    assert 0 <= play < done.solved.value("plan", "increment")


class Forgetful(dict[Any, Any]):
    """Keeps everything and finds nothing."""

    def get(self, key: Any, default: Any = None) -> Any:
        return default


def test_alike_places_are_wired_as_each_would_be_on_its_own(monkeypatch: pytest.MonkeyPatch) -> None:
    """Places that are alike are wired once, in this plan and in the next; without that memory all comes out the same."""
    plans = [*all_kinds_of_space(), *map(demo_plan, DEMO_PLANS)]
    laid = [plan_to_places(plan) for plan in plans]
    warm = [wire(the_catalogue(), one.places, one.given) for one in (*laid, *laid)][len(laid) :]
    monkeypatch.setattr(the_catalogue().index[1], "patterns", Forgetful())
    for one, known in zip(laid, warm, strict=True):
        alone = wire(the_catalogue(), one.places, one.given)
        assert alone.tasks == known.tasks
        assert alone.things == known.things
        assert alone.readers == known.readers


HOLDS = ["drawer", "tray", "shelf", "open", "bin", "false_front", "blocked", "rows", "columns"]
SIZINGS: list[dict[str, Any]] = [
    {"by": "fixed", "length": "8 in"}, {"by": "contents", "length": "5 in"}, {"by": "share", "share": 2},
    {"by": "graduated"}, {"by": "left"},
]  # fmt: skip
SPLITS: list[tuple[str, dict[str, Any]]] = [
    ("rows", {"divider": "open", "step": "1/4 in"}), ("rows", {"divider": "board", "ratio": "5/4"}),
    ("rows", {"divider": "open", "ratio": "6/5"}), ("columns", {"step": "1/4 in"}),
]  # fmt: skip
BIN = {"bin_width": "6 in", "bin_height": "5 in", "bin_depth": "12 in"}


@pytest.mark.parametrize(
    ("holds", "size", "layout", "front"),
    in_turn(HOLDS, SIZINGS, SPLITS, of=["inset", "overlay", "none"]),
    ids=lambda one: one.get("by") if isinstance(one, dict) else one if isinstance(one, str) else one[0],
)
def test_every_combination_of_layout_is_wired(
    holds: str, size: dict[str, Any], layout: tuple[str, dict[str, Any]], front: str
) -> None:
    """One part of each kind and sizing between two drawers: every size has a value."""
    how, more = layout
    plan = frameless("48", "48", "18", front=front)
    part: dict[str, Any] = {"holds": "drawer", "size": size, "choices": BIN}
    if holds not in ("rows", "columns"):
        part["holds"] = holds
    plan, ids = split(plan, drawer_of(plan), how, {}, part, {}, **more)
    if holds in ("rows", "columns"):
        plan, _ = split(plan, ids[1], holds, {}, {"holds": "tray"})
    done = solved(plan)
    assert not [k for k, q in done.solved.quantities.items() if q.refusal]
    assert all(done.solved.value(id_, "cell_width") > 0 for id_ in ids)


# ---- no shortcuts in rules ----------------------------------------------------------------------------------------

BARE = {"min", "max", "floor", "ceil", "round", "int", "abs", "float"}
RULE_FILES = sorted(path for folder in ("rules", "checks") for path in (CORE / folder).rglob("*.py"))


def _calls(path: Path) -> set[str]:
    """Names of functions called, outside judgements."""
    found = set()
    for function in ast.walk(ast.parse(path.read_text())):
        if isinstance(function, ast.FunctionDef) and "judgement" not in ast.dump(
            ast.Module(function.decorator_list, [])
        ):
            found |= {c.func.id for c in ast.walk(function) if isinstance(c, ast.Call) and isinstance(c.func, ast.Name)}
    return found


@pytest.mark.parametrize("path", RULE_FILES, ids=lambda p: str(p.relative_to(CORE)))
def test_rules_use_functions_that_narrate_themselves(path: Path) -> None:
    assert not _calls(path) & BARE


@pytest.mark.parametrize("path", RULE_FILES, ids=lambda p: str(p.relative_to(CORE)))
def test_no_number_hides_in_a_rule(path: Path) -> None:
    """Halves, doubles and unit factors are geometry; every other number is a default in a table."""
    functions = [n for n in ast.walk(ast.parse(path.read_text())) if isinstance(n, ast.FunctionDef)]
    lines = [line for function in functions for line in function.body]
    numbers = {n.value for line in lines for n in ast.walk(line) if isinstance(n, ast.Constant)}
    numbers = {n for n in numbers if isinstance(n, (int, float)) and not isinstance(n, bool)}
    assert numbers <= {0, 1, 2, 4}


# ---- tables -------------------------------------------------------------------------------------------------------


@pytest.mark.parametrize("edition", editions())
def test_every_default_has_a_source_and_reads_in_both_systems(edition: str) -> None:
    for one in choosables(edition).values():
        if one.inch is None:
            continue
        assert one.source in SOURCES, one.name
        if one.kind == "length":
            assert one.metric is not None
            inch, metric = length_of(one.inch), length_of(one.metric)
            assert abs(inch - metric) <= max(inch, metric) / 4, one.name


def test_sheets_measure_no_more_than_their_name() -> None:
    for sheet in stock_sheets():
        assert length_of(sheet.often) <= length_of(sheet.nominal)
        assert sheet.source in SOURCES


def test_runners_come_in_rising_lengths() -> None:
    for runner in stock_runners():
        lengths = [length_of(text) for text in runner.stock_lengths]
        assert lengths == sorted(set(lengths))
        assert runner.source in SOURCES


def test_every_stock_runner_is_of_a_kind_that_has_rules() -> None:
    assert {f"runner.{r.kind}" for r in stock_runners()} == {f"runner.{system}" for system in RUNNER_SYSTEMS}


def test_nominal_runner_lengths_are_the_usual_ones() -> None:
    """8, 10 … 28 in and 200, 250 … 700 mm: common practice."""
    by_system = {r.system: [length_of(t) for t in r.stock_lengths] for r in stock_runners()}
    assert by_system["in"] == [n * length_of("1 in") for n in range(8, 29, 2)]
    assert by_system["mm"] == list(range(200, 701, 50))
