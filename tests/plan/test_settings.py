"""Every kind of space has its own list of stations, and words for what stands in its way."""

from __future__ import annotations

from typing import get_args

import pytest

from tests.helpers import changed, frameless, solved, space_of, step
from vasculum.core.tables import choosables, length_of, mattresses
from vasculum.plan.document import Obstruction, Setting
from vasculum.plan.document.reading import FaultyPlan
from vasculum.plan.document.settings import SETTINGS, setting_named
from vasculum.plan.document.starting import new_plan
from vasculum.plan.document.stations import station_groups

WHATS = get_args(Setting)


def test_every_kind_of_space_is_offered_once() -> None:
    assert [one.what for one in SETTINGS] == list(WHATS)


@pytest.mark.parametrize("what", WHATS)
def test_every_kind_of_space_says_where_the_tape_goes_for_all_three_sizes(what: Setting) -> None:
    kinds = ["framed", "frameless"] if setting_named(what).may_be_framed else ["frameless"]
    for kind in kinds:
        groups = [one for one in station_groups() if one.what == what and one.space == kind]
        assert {"width", "height", "depth"} <= {one.of for one in groups}
        for group in groups:
            assert group.hint.endswith(".")
            stations = [(s.of, s.level, s.along, s.side) for s in group.stations]
            assert len(set(stations)) == len(stations)


@pytest.mark.parametrize("what", WHATS)
def test_what_is_likely_in_the_way_can_be_put_there(what: Setting) -> None:
    plan = frameless()
    for number, one in enumerate(setting_named(what).look_for, plan.next_id):
        body = {"name": one.name, "what": one.what, "space": space_of(plan), "on": one.on, "projection": "1/2 in"}
        plan = changed(plan, step("/next_id", number + 1, "replace"), step(f"/obstructions/obstruction-{number}", body))
    assert all(isinstance(one, Obstruction) for one in plan.obstructions.values())
    assert not [k for k, q in solved(plan).solved.quantities.items() if q.refusal]


def test_choices_asked_for_in_a_setting_are_there() -> None:
    groups = {one.group for one in choosables().values()}
    assert {group for one in SETTINGS for group in one.asks} <= groups


@pytest.mark.parametrize("what", WHATS)
def test_a_new_plan_of_any_kind_is_solved_from_three_numbers(what: Setting) -> None:
    plan = new_plan("Mine", "frameless", "mm", "800", "300", "500", what)
    assert plan.spaces[space_of(plan)].what == what
    assert not [k for k, q in solved(plan).solved.quantities.items() if q.refusal]


def test_only_what_may_be_framed_has_a_frame() -> None:
    with pytest.raises(FaultyPlan) as refused:
        new_plan("Mine", "framed", "mm", "800", "300", "500", "vehicle")
    assert "no face frame" in refused.value.faults[0].message


def test_mattresses_are_longer_than_wide_and_say_where_their_size_comes_from() -> None:
    for one in mattresses():
        assert length_of(one.width) <= length_of(one.length)
        assert one.source == "from memory"
