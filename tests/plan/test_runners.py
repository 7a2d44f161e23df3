"""What a runner brings to a plan: its own room, its own figures, and what a person chose before it."""

from __future__ import annotations

import json
from typing import Any

import pytest

from tests.helpers import (
    changed,
    codes,
    drawer_of,
    frameless,
    mm,
    solved,
    split,
    step,
    value,
    with_choices,
    with_runner,
)
from vasculum.plan.document import Plan
from vasculum.plan.document.reading import FaultyPlan, read_plan, write_plan
from vasculum.plan.making.pieces import pieces_of
from vasculum.plan.telling.solution import solution_of


def on(system: str, **choices: str) -> Plan:
    return with_runner(frameless("22 1/2", "9", "20", **choices), system)


def test_the_room_of_a_roller_is_its_own_until_a_person_chooses_otherwise() -> None:
    """A roller lifts out: 3/4 above, from memory; 1 in that was chosen stands."""
    assert value(on("roller"), "play_above") == mm("3/4")
    assert value(on("roller", play_above="1 in"), "play_above") == mm("1")
    assert value(on("side_mount"), "play_above") == mm("1/4")


def test_the_room_of_a_measured_pair_is_measured() -> None:
    plan = on("roller")
    row = plan.choices["runner"]
    plan = changed(
        plan,
        step(f"/library/runners/{row}/measured", True, "replace"),
        step(f"/library/runners/{row}/room_above", "7/8 in", "replace"),
    )
    one = solved(plan).solved.quantities["plan", "play_above"]
    assert (one.value, one.origin) == (mm("7/8"), "measured")


def test_one_drawer_may_run_in_another_way_than_the_plan() -> None:
    plan = on("side_mount")
    wooden = on("wooden").library.runners
    (row,) = [one for one in wooden.values() if one.kind == "wooden"]
    plan, (left, right) = split(plan, drawer_of(plan), "columns", {}, {})
    number = plan.next_id
    plan = changed(
        plan,
        step(f"/library/runners/runner-{number}", row.model_dump(mode="json")),
        step(f"/places/{right}/choices/runner", f"runner-{number}"),
        step("/next_id", number + 1, "replace"),
    )
    done = solved(plan)
    clearances = [done.solved.value(place, "beside_box") for place in (left, right)]
    assert clearances == [mm("1/2"), mm("1/16")]
    assert done.solved.value(left, "runner_groove_depth") is None
    hardware = [(one.unit, one.count) for one in solution_of(done).hardware if one.unit == "pair"]
    assert hardware == [("pair", 1)], "what slides on wood is cut, not bought"


@pytest.mark.parametrize("system", ["skid", "friction", "roller", "centre_mount", "undermount"])
def test_what_rides_on_what_is_below_it_has_a_seat_and_no_line_on_its_side(system: str) -> None:
    plan = solved(on(system))
    drawer = drawer_of(plan.plan)
    assert plan.solved.value(drawer, "runner_seat") == value(plan, "play_below")
    assert plan.solved.value(drawer, "runner_line_on_wall") is None


def test_a_heavy_drawer_that_slides_is_hard_to_pull_and_on_rollers_it_is_not() -> None:
    """30 kg of contents: 0.4 of the weight is over 118 N, 0.02 under 7 N. Worked here."""
    full = {"contents_weight": "30 kg"}
    assert "hard-to-pull" in codes(on("friction", **full), "note")
    assert "hard-to-pull" not in codes(on("side_mount", **full))


def test_thick_sides_do_not_hook_into_a_concealed_runner() -> None:
    plan = on("undermount", bottom_raise="5/8 in")
    assert not codes(plan, "stop", "attention") - {"box-racks"}
    side = plan.choices["side_sheet"]
    thick = changed(plan, step(f"/library/sheets/{side}/measured", "3/4 in"))
    assert "side-too-thick-for-runner" in codes(thick, "stop")
    assert "bottom-meets-runner" in codes(with_choices(plan, bottom="planted"), "attention")


def test_a_groove_for_a_runner_through_the_side_is_refused_in_words() -> None:
    plan = on("wooden", wanted_runner_groove="1/2 in")
    assert "rabbet-through-the-end" in codes(plan, "stop")


def test_air_that_fills_the_depth_is_refused_in_words() -> None:
    assert "no-runner-short-enough" in codes(on("skid", air_behind="30 in"), "stop")


# ---- numbers that are no lengths, and older pins ------------------------------------------------------------------


@pytest.mark.parametrize(
    ("name", "text", "said"),
    [
        ("lift_alone", "50", "no weight"),
        ("contents_weight", "50 in", "no weight"),
        ("rack_ratio", "1,5", "no ratio"),
        ("sliding_friction", "-0.4", "no ratio"),
        ("tie_downs", "four", "no count"),
        ("back_joint", "glue", "There is no back"),
        ("door", "ajar", "There is no door"),
        ("runner", "runner-999", "no runner"),
    ],
)
def test_a_choice_that_cannot_be_read_is_refused_with_its_place(name: str, text: str, said: str) -> None:
    with pytest.raises(FaultyPlan) as refused:
        with_choices(frameless(), **{name: text})
    (fault,) = refused.value.faults
    assert fault.where == f"/choices/{name}"
    assert said in fault.message


def older(plan: Plan, version: int, **more: Any) -> str:
    document = json.loads(write_plan(plan)) | {"version": version} | more
    for space in document["spaces"].values():
        space.pop("what")
    return json.dumps(document)


def test_a_pin_of_front_and_back_together_becomes_a_pin_of_each() -> None:
    plan = frameless()
    drawer = drawer_of(plan)
    pins = {f"{drawer}/front_back_length_cut": "20 7/16 in", f"{drawer}/outside_depth": "16 in"}
    read = read_plan(older(plan, 3, as_built=pins))
    assert read.as_built == {
        f"{drawer}/box_front_length_cut": "20 7/16 in",
        f"{drawer}/box_back_length_cut": "20 7/16 in",
        f"{drawer}/outside_depth": "16 in",
    }
    assert read.spaces[read.space_order[0]].what == "cabinet"
    assert value(read, "outside_width") == mm("21 7/16")


@pytest.mark.parametrize("field", [{"taken_at": "yesterday"}, {"taken_at": "2026-13-45"}, {"taken_by": "n" * 61}])
def test_who_and_when_of_a_reading_are_checked(field: dict[str, str]) -> None:
    plan = frameless()
    reading = plan.reading_order[0]
    with pytest.raises(FaultyPlan):
        changed(plan, *(step(f"/readings/{reading}/{name}", text) for name, text in field.items()))


def test_a_mirror_image_takes_profiles_and_what_boxes_end_before_to_the_other_side() -> None:
    from vasculum.plan.document.patching import patched
    from vasculum.plan.edits.mirroring import mirrored_space

    plan = frameless("24", "12", "20")
    profile = [{"at": "0 in", "projection": "3 in"}, {"at": "5 in", "projection": "1 in"}]
    space, number = plan.space_order[0], plan.next_id
    one = {"name": "Arch", "what": "wheel_arch", "space": space, "on": "left", "projection": "0 in", "profile": profile}
    stop = {
        "name": "Post",
        "what": "other",
        "space": space,
        "on": "right",
        "projection": "1 in",
        "from_front": "15 in",
        "passes": "before",
    }
    plan = changed(
        plan,
        step(f"/obstructions/obstruction-{number}", one),
        step(f"/obstructions/obstruction-{number + 1}", stop),
        step("/next_id", number + 2, "replace"),
    )
    both = patched(plan, mirrored_space(plan, space))
    sides = {(o.name, o.on, len(o.profile), o.passes) for o in both.obstructions.values() if o.space != space}
    assert sides == {("Arch", "right", 2, "beside"), ("Post", "left", 0, "before")}
    done = solved(both)
    boxes = [both.spaces[s].holds for s in both.space_order]
    for name in ("outside_width", "outside_depth", "outside_height"):
        assert done.solved.value(boxes[0], name) == done.solved.value(boxes[1], name)


# ---- joints and grooves in one wall -------------------------------------------------------------------------------


def test_a_low_runner_line_lets_the_grooves_meet_and_a_higher_one_does_not() -> None:
    """Grooves of half the side each: at 7/8 up the runner's begins at 23/64 on the box, beside the bottom's at 3/8."""
    assert "grooves-meet" in codes(on("wooden", wanted_runner_line="7/8 in"), "stop")
    assert "grooves-meet" not in codes(on("wooden", wanted_runner_line="4 in"))


def test_a_dovetail_on_stock_that_is_too_thin_says_what_would_help() -> None:
    thin = {"joint": "half_blind", "back_joint": "butt_between", "socket_web": "1/4 in"}
    assert "dovetail-in-thin-stock" in codes(frameless(**thin), "attention")
    assert "dovetail-in-thin-stock" not in codes(frameless(**thin | {"socket_web": "1/8 in"}))


def test_a_web_as_thick_as_the_front_is_refused() -> None:
    assert "rabbet-through-the-end" in codes(frameless(joint="half_blind", socket_web="1/2 in"), "stop")


def test_a_drawer_on_another_runner_does_not_take_the_room_of_the_plans() -> None:
    """A plan on rollers, 3/4 above; one drawer on side-mounts has the usual quarter inch."""
    plan = on("roller")
    side = next(id_ for id_, row in plan.library.runners.items() if row.kind == "side_mount")
    plan, (left, right) = split(plan, drawer_of(plan), "columns", {}, {})
    plan = changed(plan, step(f"/places/{right}/choices/runner", side))
    done = solved(plan).solved
    rooms = [done.value(place, "room_height") - done.value(place, "box_height") for place in (left, right)]
    assert rooms == [mm("3/4") + mm("1/8"), mm("1/4") + mm("1/8")]


def test_density_is_the_sheets_own_or_what_was_said_nearest() -> None:
    plan, (left, right) = split(frameless(), drawer_of(frameless()), "columns", {}, {})
    said = changed(plan, step(f"/places/{right}/choices/sheet_density", "900"))
    weight = {place: solved(said).solved.value(place, "box_weight") for place in (left, right)}
    assert weight[right] == pytest.approx(weight[left] * 900 / 600)
    known = changed(said, step(f"/library/sheets/{plan.choices['side_sheet']}/density", 600))
    assert weight[left] < solved(known).solved.value(right, "box_weight") < weight[right]


# ---- battens, rails under a top, posts: in the same opening, 22 1/2 by 9 by 20 ---------------------------------------


def test_a_tray_rides_on_its_battens_by_what_they_stand_out_less_its_play() -> None:
    """22 1/2 less 22 3/8 is a play of 1/8; 3/4 less 1/8 stays: 5/8. Common practice."""
    plan = on("batten")
    assert (value(plan, "tray_play"), value(plan, "batten_engagement")) == (mm("1/8"), mm("5/8"))
    strips = [p for p in pieces_of(solved(plan)) if p.role in ("runner_left", "runner_right")]
    assert [(p.rule.title, p.hand) for p in strips] == [("Batten, left", "L"), ("Batten, right", "R")]
    assert "tray-falls-between" in codes(on("batten", batten_projection="1/8 in"), "stop")
    wide = changed(plan, step(f"/library/runners/{plan.choices['runner']}/side_clearance", "1/2 in", "replace"))
    assert "tray-falls-between" in codes(wide, "stop")


def test_a_box_hung_under_a_top_has_its_line_in_the_rails() -> None:
    """Rails of 2 under a room of 9: middle at 8; the box ends at 8 3/4, and a runner of 1 3/4 on it at 7 7/8 at most."""
    plan = on("hung")
    assert value(plan, "runner_line") == mm("7 7/8")
    assert value(on("hung", hung_rail_height="3 in"), "runner_line") == mm("7 1/2")
    assert value(plan, "hung_across") == mm("22 1/2")  # 20 + 2 x (1/2 + 3/4)
    assert "runner-taller-than-rail" in codes(on("hung", hung_rail_height="1 1/2 in"), "stop")
    assert "rail-fills-the-room" in codes(on("hung", hung_rail_height="17 in"), "stop")
    assert value(plan, "hung_height_needed") == mm("4")
    assert "no-room-for-rails" in codes(with_runner(frameless("22 1/2", "3 1/2", "20"), "hung"), "stop")
    assert "plate-too-narrow" in codes(on("hung", hung_plate_width="22 in"), "stop")
    assert "plate-too-narrow" not in codes(on("hung", hung_plate_width="24 in"))
    assert [p.rule.title for p in pieces_of(solved(plan)) if p.role.startswith("runner_")] == [
        "Rail, left",
        "Rail, right",
    ]


def test_shelves_between_posts_stand_on_a_step_and_take_two_rails_each() -> None:
    """Half-way up is 4 7/16; the step of 1 1/4 at or below it is 3 3/4. Three shelves in one bay: 6 rails, 4 posts."""
    plan = on("posts")
    assert value(plan, "runner_line") == mm("3 3/4")
    assert value(on("posts", wanted_runner_line="6 in"), "runner_line") == mm("5")
    tall = with_runner(frameless("22 1/2", "30", "20"), "posts")
    tall, _ = split(tall, drawer_of(tall), "rows", {}, {}, {}, divider="board")
    bought = {h.what: h.count for h in solution_of(solved(tall)).hardware}
    assert (bought["Clip rail"], bought["Post"]) == (6, 4)
    beside, _ = split(with_runner(frameless("60", "9", "20"), "posts"), "place-2", "columns", {}, {})
    assert {h.what: h.count for h in solution_of(solved(beside)).hardware}["Post"] == 8
