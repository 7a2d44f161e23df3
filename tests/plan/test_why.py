"""Reasons in words: lengths as lengths, counts as counts, and what was only compared."""

from __future__ import annotations

import pytest

from tests.helpers import RUNNER_SYSTEMS, drawer_of, frameless, solved, split, with_choices, with_runner
from vasculum.core.flow import key_text
from vasculum.plan.document import Plan
from vasculum.plan.telling.why import ReasonShown, tell


def reason(plan: Plan, name: str) -> ReasonShown:
    """The reason of a quantity of the drawer, or of the nearest place that has it."""
    done = solved(plan)
    places = [drawer_of(plan), *done.plan.places, *done.plan.spaces, "plan"]
    key = next((place, name) for place in places if (place, name) in done.solved.quantities)
    return tell(done, key)[0]


ONE = frameless("22 1/2", "9 7/16", "20")
SUMS = [
    (ONE, "box_front_length", "box width 21 1/2 in − 2 × side thickness 1/2 in"),
    (ONE, "inside_volume", "inside width 20 1/2 in × inside depth 17 in × inside height 8 7/16 in, in litres"),
    (frameless("36", "12", "20"), "pull_count", ""),
]


@pytest.mark.parametrize(("plan", "name", "text"), SUMS, ids=[name for _, name, _ in SUMS])
def test_a_sum_reads_as_it_is_worked_by_hand(plan: Plan, name: str, text: str) -> None:
    assert reason(plan, name).sum == text


def test_a_rule_that_only_compares_tells_what_it_compared() -> None:
    narrow, wide = reason(frameless("20", "9", "20"), "pull_count"), reason(frameless("36", "9", "20"), "pull_count")
    assert (narrow.sum, wide.sum) == ("", "")
    assert narrow.compared == ["front width, cut 19 3/4 in ≤ widest front with one pull 24 in: yes"]
    assert wide.compared == ["front width, cut 35 3/4 in ≤ widest front with one pull 24 in: no"]
    assert narrow.inputs, "what it compared can be asked further"


def test_a_count_is_compared_as_a_count_and_a_length_as_a_length() -> None:
    one = reason(frameless("20", "9", "20"), "pulls_from_left")
    assert "number of pulls 1 = 1: yes" in one.compared
    room = reason(ONE, "box_width")
    assert room.compared == ["21 1/2 in ≤ 0 in: no"]


@pytest.mark.parametrize("system", RUNNER_SYSTEMS)
def test_a_chain_ends_at_what_was_given_and_tells_each_once(system: str) -> None:
    plan = solved(with_runner(ONE, system))
    chain = tell(plan, (drawer_of(plan.plan), "box_front_length_cut"))
    keys = [link.key for link in chain]
    assert len(keys) == len(set(keys))
    for link in chain:
        assert set(link.inputs) <= set(keys)
        assert link.sum or link.compared or link.sentence or not link.inputs


def test_a_plan_in_millimetres_is_told_in_millimetres() -> None:
    plan, ids = split(with_choices(frameless("36", "12", "20")), "place-2", "columns", {}, {})
    metric = plan.model_copy(update={"units": plan.units.model_copy(update={"length": "mm"})})
    done = solved(metric)
    told = tell(done, (ids[0], "box_front_length"))[0]
    assert told.key == key_text((ids[0], "box_front_length"))
    assert " mm − 2 × side thickness " in told.sum
    assert " in" not in told.sum.replace(" in ", "")
