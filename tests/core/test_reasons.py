"""Numbers that remember, and sums in words."""

from __future__ import annotations

from collections.abc import Callable
from fractions import Fraction as F
from typing import Any

import pytest

from vasculum.core.errors import CannotDerive, ReplayDiffers
from vasculum.core.reasons import (
    Done,
    Remembering,
    expression_of,
    how_many,
    largest,
    litres,
    longest_not_over,
    remember,
    render,
    replay,
    shortest_not_under,
    smallest,
    snap_down,
    snap_nearest,
    snap_up,
    taken,
)


def told(rule: Callable[..., Any], **inputs: F | tuple[F, ...]) -> str:
    """The sum of a rule in names and numbers."""
    log: list[Done] = []
    wrapped = {name: remember("p", name, value, log) for name, value in inputs.items()}
    return render(expression_of(rule(**wrapped)), lambda q: q.name, str)


@pytest.mark.parametrize(
    ("rule", "inputs", "text"),
    [
        (lambda a, b: a + b, {"a": F(1), "b": F(2)}, "a + b"),
        (lambda a, b: a - 2 * b, {"a": F(9), "b": F(2)}, "a − 2 × b"),
        (lambda a, b: 2 * (a - b), {"a": F(9), "b": F(2)}, "2 × (a − b)"),
        (lambda a, b, c: a - (b - c), {"a": F(9), "b": F(2), "c": F(1)}, "a − (b − c)"),
        (lambda a, b, c: a - b - c, {"a": F(9), "b": F(2), "c": F(1)}, "a − b − c"),
        (lambda a, b: (a + b) / 2, {"a": F(9), "b": F(2)}, "(a + b) ÷ 2"),
        (lambda a, b, c: a / (b / c), {"a": F(9), "b": F(2), "c": F(1)}, "a ÷ (b ÷ c)"),
        (lambda a: 1 - a, {"a": F(1, 2)}, "1 − a"),
        (lambda a: 6 / a, {"a": F(2)}, "6 ÷ a"),
        (smallest, {}, None),
        (lambda a, b: smallest(a, b), {"a": F(1), "b": F(2)}, "smallest of (a, b)"),
        (lambda a, b: largest(F(0), a - b), {"a": F(1), "b": F(2)}, "largest of (0, a − b)"),
        (lambda a, i: snap_down(a, i), {"a": F(7), "i": F(2)}, "a down to the next multiple of i"),
        (
            lambda a, b, i: snap_down(a - b, i),
            {"a": F(7), "b": F(1), "i": F(2)},
            "(a − b) down to the next multiple of i",
        ),
        (lambda a, i: snap_up(a, i), {"a": F(7), "i": F(2)}, "a up to the next multiple of i"),
        (lambda a, s: longest_not_over(a, s), {"a": F(7), "s": (F(3), F(6), F(9))}, "longest stock length not over a"),
        (
            lambda a, s: shortest_not_under(a, s),
            {"a": F(5), "s": (F(3), F(6), F(9))},
            "shortest stock length not under a",
        ),
        (lambda each: sum(taken(each)), {"each": (F(1), F(2))}, "each + each"),
        (lambda a: a - F(0), {"a": F(3)}, "a"),
        (lambda a: 0 - a, {"a": F(3)}, "0 − a"),
        (lambda a: 1 * a / 1, {"a": F(3)}, "a"),
        (lambda a, b: -a - b, {"a": F(3), "b": F(1)}, "−a − b"),
        (lambda a, b: -(a - b), {"a": F(3), "b": F(1)}, "−(a − b)"),
        (lambda a, b: litres(a * b), {"a": F(3), "b": F(1)}, "a × b, in litres"),
        (lambda each: 2 * how_many(*each), {"each": (F(7), F(9))}, "2 × how many of (each, each)"),
    ],
)
def test_a_sum_is_told_with_as_few_parentheses_as_it_needs(rule: Any, inputs: dict[str, Any], text: str | None) -> None:
    if text is None:
        assert smallest(F(3), F(1), F(2)) == 1
        return
    assert told(rule, **inputs) == text


@pytest.mark.parametrize(
    ("size", "increment", "down", "up"),
    [
        (F(7), F(2), 6, 8),
        (F(6), F(2), 6, 6),
        (F(1, 3), F(1, 4), F(1, 4), F(1, 2)),
        (F(0), F(2), 0, 0),
        (F(1), F(2), 0, 2),
        (F(-1), F(2), -2, 0),
    ],
)
def test_snapping_goes_to_the_next_multiple(size: F, increment: F, down: F, up: F) -> None:
    assert snap_down(size, increment) == down
    assert snap_up(size, increment) == up


@pytest.mark.parametrize(("size", "nearest"), [(F(7), 8), (F(5), 6), (F(49, 10), 4), (F(6), 6), (F(0), 0)])
def test_snapping_to_the_nearest_goes_up_half_way(size: F, nearest: int) -> None:
    assert snap_nearest(size, F(2)) == nearest


def test_the_longest_stock_length_that_is_not_over() -> None:
    stock = (F(200), F(250), F(300))
    assert longest_not_over(F(299), stock) == 250
    assert longest_not_over(F(300), stock) == 300
    assert longest_not_over(F(199), stock) is None
    assert shortest_not_under(F(201), stock) == 250
    assert shortest_not_under(F(200), stock) == 200
    assert shortest_not_under(F(351), stock) is None


def test_a_remembering_number_is_a_real_fraction() -> None:
    number = remember("p", "a", F(7, 2), [])
    assert isinstance(number, F)
    assert number == F(7, 2)
    assert number // 1 == 3
    assert number % 1 == F(1, 2)
    assert int(number) == 3
    assert f"{float(number):.1f}" == "3.5"
    assert {F(7, 2): "found"}[number] == "found"


def test_a_judgement_forgets_but_answers() -> None:
    number = remember("p", "a", F(7, 2), [])
    assert number * 2.0 == 7.0
    assert not isinstance(number * 2.0, Remembering)


def test_what_is_no_length_passes_through() -> None:
    assert remember("p", "a", None, []) is None
    assert remember("p", "a", "butt", []) == "butt"
    assert remember("p", "a", 3, []) == 3


def test_comparisons_are_recorded_with_their_answer() -> None:
    log: list[Done] = []
    a, b = remember("p", "a", F(1), log), remember("p", "b", F(2), log)
    assert a < b
    assert not a >= b
    assert [(d.mark, d.value) for d in log] == [("<", 1), ("≥", 0)]


def test_equality_is_a_comparison_too() -> None:
    log: list[Done] = []
    a = remember("p", "a", F(1), log)
    assert a == 1
    assert a != 2
    assert [(d.mark, d.value) for d in log] == [("=", 1), ("=", 0)]


def test_a_number_that_remembers_stands_beside_a_judgement() -> None:
    a = remember("p", "a", F(3), [])
    assert a <= 3.5
    assert a > 2.5


def test_a_rule_that_only_judges_has_no_sum_but_what_it_compared() -> None:
    again = replay(lambda a: F(1) if a <= 4 else F(2), {"a": remember("p", "a", F(3), [])}, F(1))
    assert again.expression is None
    assert [(d.mark, d.value) for d in again.compared] == [("≤", 1)]


def test_a_replay_must_give_the_planned_value() -> None:
    with pytest.raises(ReplayDiffers):
        replay(lambda a: a + 1, {"a": remember("p", "a", F(1), [])}, F(3))


def test_a_replayed_refusal_is_an_answer() -> None:
    def rule(a: F) -> F:
        if a > 0:
            raise CannotDerive("no", "No.", "Never.")
        return a

    again = replay(rule, {"a": remember("p", "a", F(1), [])}, None)
    assert again.refused is not None
    assert [d.mark for d in again.compared] == [">"]
