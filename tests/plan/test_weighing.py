"""What an alternative would cost is what it costs once it is chosen."""

from __future__ import annotations

import pytest

from tests.helpers import RUNNER_SYSTEMS, changed, drawer_of, frameless, solved, step, value, with_runner
from vasculum.core.catalogue import the_catalogue
from vasculum.core.tables import tools
from vasculum.plan.document.patching import patched
from vasculum.plan.document.reading import FaultyPlan
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.making.pieces import pieces_of
from vasculum.plan.telling.comparing import volume_of
from vasculum.plan.telling.hardware import hardware_of
from vasculum.plan.telling.weighing import WEIGHED, weighed
from vasculum.plan.telling.words import number_text


def plan() -> SolvedPlan:
    return solved(frameless("22 1/2", "9", "20"))


@pytest.mark.parametrize("family", WEIGHED)
def test_every_alternative_is_weighed_once_and_one_of_them_is_chosen(family: str) -> None:
    found = weighed(plan(), family)
    offered = the_catalogue().alternatives(family)
    assert sorted(one.kind for one in found) == sorted(offered)
    assert found == sorted(found, key=lambda one: (bool(one.lacks), one.stops, offered.index(one.kind)))
    assert [bool(one.patch) for one in found].count(False) == 1
    assert all(one.is_chosen != bool(one.patch) for one in found)


@pytest.mark.parametrize("family", WEIGHED)
def test_what_was_said_comes_true_when_it_is_chosen(family: str) -> None:
    before = plan()
    for one in weighed(before, family):
        after = solved(patched(before.plan, one.patch)) if one.patch else before
        assert one.volume == f"{float(volume_of(after)):.1f} litres"
        assert one.parts == len(pieces_of(after))
        assert one.to_buy == sum(h.count for h in hardware_of(after))
        assert one.height == number_text(value(after, "inside_height"), "in")
        difference = volume_of(after) - volume_of(before)
        assert one.more == (f"{float(difference):+.1f} litres" if round(difference, 1) else "")
        (again,) = [other for other in weighed(after, family) if other.is_chosen]
        assert again.kind == one.kind


def test_a_runner_that_the_plan_has_is_taken_again_and_not_added_twice() -> None:
    first = with_runner(frameless("22 1/2", "9", "20"), "wooden")
    back = next(one for one in weighed(solved(first), "runner") if one.kind == "runner.side_mount")
    assert [step.path for step in back.patch] == ["/choices/runner"]


def test_joints_that_need_other_tools_move_down_with_what_they_would_take() -> None:
    owned = changed(frameless("22 1/2", "9", "20"), step("/tools", ["circular_saw", "router"]))
    found = weighed(solved(owned), "joint")
    can = [one.kind for one in found if not one.lacks]
    assert can == [one.kind for one in found][: len(can)]
    assert "joint.rabbet_in_ends" in can
    half_blind = next(one for one in found if one.kind == "joint.half_blind")
    assert half_blind.lacks == "fine saw and chisels or jig for dovetails"
    assert half_blind.instead
    finger = next(one for one in found if one.kind == "joint.finger")
    assert finger.lacks == "jig for box joints"


def test_without_any_tool_only_what_needs_none_stays_in_front() -> None:
    nothing = changed(frameless("22 1/2", "9", "20"), step("/tools", []))
    assert weighed(solved(nothing), "bottom")[0].kind == "bottom.planted"
    assert [one.lacks for one in weighed(solved(nothing), "joint")].count("") == 2


def test_every_need_names_a_tool_and_says_what_it_takes_without() -> None:
    known = {tool.id for tool in tools()}
    for one in the_catalogue().in_order():
        assert {tool for group in one.needs for tool in group} <= known, one.kind
        assert bool(one.needs) == bool(one.instead), one.kind


def test_an_unknown_tool_is_refused_with_its_place() -> None:
    with pytest.raises(FaultyPlan) as refused:
        changed(frameless(), step("/tools", ["router", "axe"]))
    assert refused.value.faults[0].where == "/tools/1"


def test_what_would_stop_it_is_counted_and_said() -> None:
    concealed = next(one for one in weighed(plan(), "runner") if one.kind == "runner.undermount")
    assert concealed.stops == 1
    assert "below the bottom" in concealed.says


# ---- the systems by hand, in an opening 22 1/2 wide, 9 high, 20 deep, with an inset front of 3/4 ------------------

SYSTEMS = {
    # outside width, outside depth, play above wanted, play below
    "side_mount": ("21 1/2", "18", "1/4", "1/8"),
    "heavy_side_mount": ("21", "18", "1/4", "1/8"),
    "roller": ("21 1/2", "18", "3/4", "1/8"),
    "centre_mount": ("22 1/8", "18", "1/4", "1/2"),
    "wooden": ("22 3/8", "19", "1/4", "1/8"),
    "skid": ("22 1/4", "19", "1/8", "1/2"),
    "friction": ("22 3/8", "19", "1/8", "0"),
    "standing": ("22 7/16", "19", "0", "0"),
    "batten": ("22 3/8", "19", "1/8", "3/4"),
    "hung": ("20", "18", "1/4", "1/8"),
    "one_side": ("21 1/2", "18", "1/4", "1/8"),
    "risers": ("22 7/16", "19", "0", "0"),
    "posts": ("18 1/2", "18", "1/4", "1/8"),
}


@pytest.mark.parametrize("system", SYSTEMS)
def test_a_box_on_each_system_by_hand(system: str) -> None:
    """Clear less two clearances; 19 1/4 usable takes an 18 in runner, or 19 with a quarter inch of air behind."""
    from tests.helpers import mm

    done = solved(with_runner(frameless("22 1/2", "9", "20"), system))
    width, depth, above, below = (mm(text) for text in SYSTEMS[system])
    assert (value(done, "outside_width"), value(done, "outside_depth")) == (width, depth)
    assert (value(done, "play_above"), value(done, "play_below")) == (above, below)


def test_a_concealed_runner_sizes_the_box_from_its_inside() -> None:
    """Clear 600, sides 12: outside 600 - 42 + 24 = 582; 14 below the sides. From memory."""
    from vasculum.plan.document.starting import new_plan

    done = solved(with_runner(new_plan("U", "frameless", "mm", "600", "200", "520"), "undermount"))
    assert (value(done, "outside_width"), value(done, "play_below")) == (582, 14)


def test_every_system_is_tried_here() -> None:
    assert {*SYSTEMS, "undermount"} == set(RUNNER_SYSTEMS)


def test_wooden_runners_come_in_pairs_with_their_grooves() -> None:
    done = solved(with_runner(frameless("22 1/2", "9", "20"), "wooden"))
    strips = [one for one in pieces_of(done) if one.role in ("runner_left", "runner_right")]
    assert [one.hand for one in strips] == ["L", "R"]
    drawer = drawer_of(done.plan)
    side = next(one for one in pieces_of(done) if one.role == "side_left")
    groove = next(one for one in side.cuts if one.rule.title == "Groove for the runner")
    into = done.solved.value(drawer, "runner_projects") - done.solved.value(drawer, "beside_box")
    depth = done.solved.value(*groove.keys["runner_groove_depth"])
    assert depth is not None
    assert 0 < into < depth


def test_where_nothing_is_pulled_out_no_litres_are_told() -> None:
    plan = changed(frameless(), step(f"/places/{drawer_of(frameless())}/holds", "open", "replace"))
    assert {one.volume for one in weighed(solved(plan), "through")} == {""}
