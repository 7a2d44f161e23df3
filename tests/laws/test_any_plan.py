"""Plans of any kind, by number: each is free of clashes, or carries a stop that names them. More by tools/random_plans."""

from __future__ import annotations

import pytest

from tests.any_plan import any_plan, any_plan_and_more, verdict_of


@pytest.mark.parametrize("number", range(50))
def test_a_plan_of_any_kind_is_free_of_clashes_or_names_them(number: int) -> None:
    verdict = verdict_of(any_plan(number))
    assert not verdict.unnamed


@pytest.mark.parametrize("number", range(100, 140))
def test_what_is_rarer_breaks_no_plan(number: int) -> None:
    assert not verdict_of(any_plan_and_more(number)).unnamed


def test_what_meets_is_nearly_always_named_by_a_rule_too() -> None:
    """A rule says what it cannot size; the proof alone is left with things in the way, and sizes said as built."""
    only = {
        pair
        for number in range(50)
        if not (plan := any_plan(number)).as_built
        if (verdict := verdict_of(plan)).outcome == "only met"
        for pair in verdict.meetings
    }
    assert [pair for pair in only if "obstruction" not in pair] == []
