"""Fixes by one press: whatever is offered mends the finding and brings nothing new."""

from __future__ import annotations

import pytest

from tests.any_plan import any_plan
from tests.helpers import changed, drawer_of, frameless, solved, step
from vasculum.demo import demo_plan
from vasculum.plan.document import Plan
from vasculum.plan.document.patching import patched
from vasculum.plan.document.starting import new_plan
from vasculum.plan.edits.fixing import GRAVE, Fix, fixes_of
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.telling.solution import findings_of
from vasculum.solid.proof import prove


def grave(plan: SolvedPlan) -> set[tuple[str, str]]:
    found = findings_of(plan, prove(plan))
    return {(one.code, place) for one in found if one.severity in GRAVE for place in one.places}


def after(plan: SolvedPlan, fix: Fix) -> SolvedPlan:
    return solved(patched(plan.plan, fix.act.steps(plan)))


def test_a_box_that_is_too_high_goes_back_to_what_the_opening_gives() -> None:
    """12 in wished for an opening 9 7/16 in high: without the wish the box is as high as the opening lets it."""
    plan = solved(frameless("22 1/2", "9 7/16", "18", wanted_box_height="12 in"))
    assert ("box-too-high", drawer_of(plan.plan)) in grave(plan)
    (first, *_) = fixes_of(plan, "box-too-high", drawer_of(plan.plan), prove)
    assert (first.label, first.was, first.value) == ("box height", "12 in", "as it follows")
    assert grave(after(plan, first)) == set()


def test_a_screw_that_comes_through_gives_way_to_a_shorter_one() -> None:
    plan = solved(frameless(runner_screw_length="1 1/2 in"))
    ((code, place),) = {one for one in grave(plan) if "screw" in one[0]}
    (first, *_) = fixes_of(plan, code, place, prove)
    assert first.label == "runner screw"
    assert (code, place) not in grave(after(plan, first))


def test_what_is_not_found_has_no_fix_and_what_only_a_tape_can_mend_has_none() -> None:
    plan = solved(frameless())
    assert fixes_of(plan, "no-such-finding", drawer_of(plan.plan), prove) == []
    half = solved(new_plan("Half", "frameless", "mm", "600"))
    unread = [one for one in findings_of(half) if one.code == "no-height-read"]
    assert [fixes_of(half, one.code, one.place, prove) for one in unread] == [[]]


@pytest.mark.parametrize("number", range(12))
def test_every_fix_that_is_offered_mends_and_brings_nothing_new(number: int) -> None:
    plan: SolvedPlan = solved(any_plan(number))
    before = grave(plan)
    for code, place in sorted(before)[:2]:
        for fix in fixes_of(plan, code, place, prove):
            then = grave(after(plan, fix))
            assert (code, place) not in then
            assert then <= before


def test_tried_is_not_done() -> None:
    plan: Plan = frameless("22 1/2", "9 7/16", "18", wanted_box_height="12 in")
    done = solved(plan)
    for code, place in grave(done):
        fixes_of(done, code, place, prove)
    assert done.plan == solved(plan).plan


def test_boxes_that_meet_each_other_go_back_to_the_height_that_their_rows_give() -> None:
    """Six boxes 200 mm high in rows of 113 to 228: dozens of meetings, one fix."""
    plan = solved(changed(demo_plan("potting-bench"), step("/choices/wanted_box_height", "200 mm")))
    place = next(place for code, place in grave(plan) if code == "pieces-meet")
    (first, *_) = fixes_of(plan, "pieces-meet", place, prove)
    assert (first.label, first.value) == ("box height", "as it follows")
    assert grave(after(plan, first)) == set()
