"""What lies between two neighbours: a cell and the one beside, over or under it, and what stands between them."""

from __future__ import annotations

import itertools
from fractions import Fraction
from typing import Any

import pytest

from tests.helpers import (
    changed,
    codes,
    drawer_of,
    framed,
    frameless,
    kinds_in,
    mm,
    pinned,
    solved,
    space_of,
    split,
    step,
    value,
    with_choices,
    with_obstruction,
    with_readings,
    with_runner,
)
from vasculum.plan.document import Plan
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.making.pieces import made_of, pieces_of
from vasculum.plan.telling.hardware import hardware_of
from vasculum.plan.telling.solution import findings_of, solution_of
from vasculum.solid.proof import prove
from vasculum.solid.solids import solid_of


def at(plan: SolvedPlan, place: str, name: str) -> Any:
    return plan.solved.value(place, name)


def meeting(plan: Plan) -> set[tuple[str, str]]:
    """The roles of what meets."""
    return {(m.first.split("/")[-1], m.second.split("/")[-1]) for m in prove(solved(plan)).meetings}


LAPS = [
    # a lap over a divider of 1/2 with a gap of 1/8: 3/16 is half of what is left
    ("3/16 in", False),
    ("1/4 in", True),
]


@pytest.mark.parametrize("front", ["partial", "lipped"])
@pytest.mark.parametrize(("lap", "is_refused"), LAPS)
def test_two_fronts_share_their_divider(front: str, lap: str, is_refused: bool) -> None:
    plan = frameless("36", "9", "20", front=front, partial_lap=lap, lip_lap=lap)
    beside, _ = split(plan, drawer_of(plan), "columns", {}, {})
    over, _ = split(plan, drawer_of(plan), "rows", {}, {}, divider="board")
    bay, _ = split(plan, drawer_of(plan), "columns", {}, {"holds": "open"})
    for shared in (beside, over):
        assert ("lap-past-its-half" in codes(shared, "stop")) == is_refused
    assert "lap-past-its-half" not in codes(bay)


def rows_in_an_open_row(**choices: str) -> tuple[Plan, list[str]]:
    """Three over each other without rails; the middle one is two again, beside nobody."""
    plan = frameless("22 1/2", "24", "20", **choices)
    plan, (top, middle, bottom) = split(plan, drawer_of(plan), "rows", {}, {}, {}, divider="open")
    plan, (upper, lower) = split(plan, middle, "rows", {}, {}, divider="open")
    return plan, [top, upper, lower, bottom]


@pytest.mark.parametrize("front", ["inset", "overlay", "partial"])
def test_rows_inside_an_open_row_stand_one_gap_from_their_neighbours(front: str) -> None:
    plan, fronts = rows_in_an_open_row(front=front)
    done = solved(plan)
    assert meeting(plan) == set()
    for over, under in itertools.pairwise(fronts):
        top = at(done, under, "front_from_floor") + at(done, under, "front_height_cut")
        gap = at(done, over, "front_from_floor") - top
        assert mm("1/8") <= gap <= mm("1/8") + mm("1/16")


def test_rows_without_fronts_are_equal() -> None:
    plan = frameless("22 1/2", "24", "20", front="none")
    plan, trays = split(plan, drawer_of(plan), "rows", {}, {}, {}, divider="open")
    done = solved(plan)
    assert {at(done, tray, "cell_height") for tray in trays} == {mm("8")}


def test_a_front_in_sliding_dovetails_stands_before_its_runners() -> None:
    """548 deep, set back 5, a front of 15 with slots 7 deep: 528 are left, a runner of 500, and a side of 512 for 520."""
    plan = frameless("594 mm", "300 mm", "543 mm", joint="sliding_dovetail", back_joint="butt_between", front="none")
    plan = with_choices(plan, wanted_rabbet_depth="7 mm", sliding_set_in="10 mm", wanted_box_depth="520 mm")
    sheet = plan.choices["side_sheet"]
    plan = changed(
        plan,
        step("/units/length", "mm", "replace"),
        step("/units/increment", "0.5 mm", "replace"),
        step(f"/library/sheets/{sheet}/measured", "15 mm"),
        step(f"/library/runners/{plan.choices['runner']}/side_clearance", "14 mm", "replace"),
        step(f"/library/runners/{plan.choices['runner']}/stock_lengths", ["450 mm", "500 mm"], "replace"),
    )
    done = solved(plan)
    assert value(done, "usable_depth") - value(done, "ahead_of_members") == 528
    assert value(done, "runner_length") == 500
    assert value(done, "members_from_front") == 15
    assert value(done, "side_length_cut") == 512
    assert value(done, "outside_width") == 566
    assert value(done, "box_front_length_cut") == 586
    assert value(done, "box_back_length_cut") == 536
    assert meeting(plan) == set()


def test_a_back_in_sliding_dovetails_is_pulled_into_its_runners() -> None:
    plan = frameless("22 1/2", "9", "20", joint="sliding_dovetail")
    assert "back-meets-runner" in codes(plan, "stop")
    assert "back-meets-runner" not in codes(with_choices(plan, back_joint="dado"))
    assert meeting(with_choices(plan, back_joint="dado")) == set()


def test_slots_of_a_back_meet_the_sides_that_another_joint_places() -> None:
    """The back is cut to a finer increment than the box comes out to: its slots follow the sides, not its ends."""
    plan = frameless("22 15/32", "9", "20", joint="dado_tongue", back_joint="sliding_dovetail", sliding_set_in="3/8 in")
    plan = changed(plan, step(f"/library/sheets/{plan.choices['side_sheet']}/measured", "11.7 mm"))
    done = solved(plan)
    beyond = (value(done, "box_back_length_cut") - value(done, "outside_width")) / 2
    assert value(done, "slot_set_in_back") == beyond != mm("3/8")
    assert ("side_left", "box_back") not in meeting(plan)
    assert isinstance(beyond, Fraction)


def behind_a_sill(rows: int, front: str = "inset", **sill: str) -> tuple[SolvedPlan, list[str]]:
    """A sill of 2 in at the floor, before one drawer or under a column of them."""
    plan = frameless("22 1/2", "24", "20", front=front)
    plan, drawers = split(plan, drawer_of(plan), "rows", *[{}] * rows, divider="open")
    return solved(with_obstruction(plan, "floor", "2 in", what="sill", **sill)), drawers


@pytest.mark.parametrize("rows", [2, 3])
def test_an_inset_front_stands_over_a_sill_in_its_plane(rows: int) -> None:
    """A gap over the sill, and what snapping left; the box passes it by 1/16 and its play, as before."""
    plan, drawers = behind_a_sill(rows)
    over = at(plan, drawers[-1], "front_from_floor") - mm("2")
    assert mm("1/8") <= over < mm("1/8") + mm("1/16")
    assert at(plan, drawers[-1], "room_from_floor") >= mm("2 1/16")
    assert meeting(plan.plan) == set()
    assert "front-passes-obstruction" in codes(plan, "note")
    assert codes(plan, "stop", "attention") == set()


def test_a_sill_behind_the_front_is_passed_by_the_box_alone() -> None:
    further, drawers = behind_a_sill(2, from_front="1 in")
    assert at(further, drawers[-1], "front_from_floor") < mm("1/4")
    assert "front-passes-obstruction" not in codes(further)
    assert meeting(further.plan) == set()


@pytest.mark.parametrize("rows", [1, 2, 3])
def test_the_lip_of_a_lipped_front_laps_over_a_sill(rows: int) -> None:
    """The rest stands a gap over the sill; the box passes it as it does behind an inset front."""
    plan, drawers = behind_a_sill(rows, front="lipped")
    below = at(plan, drawers[-1], "front_from_floor") - mm("2") - at(plan, drawers[-1], "gap_below")
    assert 0 <= below < mm("1/16")
    assert meeting(plan.plan) == set()
    assert "front-passes-obstruction" in codes(plan, "note")
    assert codes(plan, "stop", "attention") == set()


def test_an_overlay_front_stands_before_a_sill() -> None:
    plan, drawers = behind_a_sill(2, front="overlay")
    assert at(plan, drawers[-1], "front_from_floor") < 0
    assert meeting(plan.plan) == set()


@pytest.mark.parametrize("front", ["inset", "lipped"])
@pytest.mark.parametrize("holds", ["drawer", "false_front"])
@pytest.mark.parametrize(("side", "edge"), [("left", "front_from_left"), ("right", None)])
def test_a_front_in_the_opening_stands_beside_a_baseboard(side: str, edge: str | None, holds: str, front: str) -> None:
    """3/4 in of a baseboard 4 in high: only the lowest front is narrower."""
    plan = frameless("22 1/2", "24", "20", front=front)
    plan, (top, low) = split(plan, drawer_of(plan), "rows", {"holds": holds}, {"holds": holds}, divider="board")
    done = solved(with_obstruction(plan, side, "3/4 in", what="baseboard", height="4 in"))
    assert at(done, top, "front_width_cut") - at(done, low, "front_width_cut") == mm("3/4")
    if edge:
        assert at(done, low, edge) - at(done, top, edge) == mm("3/4")
    assert meeting(done.plan) <= {("strip_left", "obstruction-23"), ("strip_right", "obstruction-23")}


KEPT = {"old_box_width": "19 1/2 in", "kept_runner_low": "1 1/2 in", "kept_runner_top": "10 3/4 in"}
"""An old box of 19 1/2 between runners of 1/2, whose lowest edge is 1 1/2 up and whose highest 10 3/4."""


def on_kept_runners(**more: str) -> Plan:
    return frameless("20 1/2", "13", "18 3/4", front="none", **(KEPT | more))


def test_a_box_on_kept_runners_stands_by_them() -> None:
    """The 1/4 in that is added is split half and half: from 1 3/8 to 10 7/8, a line half a runner inside at each end."""
    done = solved(on_kept_runners())
    assert value(done, "box_from_floor") == mm("1 3/8")
    assert value(done, "box_from_floor") + value(done, "outside_height") == mm("10 7/8")
    assert value(done, "runner_line_on_wall") == mm("1 1/2") + value(done, "runner_height") / 2 - mm("1 3/8")
    assert value(done, "upper_line_on_wall") == mm("10 3/4") - value(done, "runner_height") / 2 - mm("1 3/8")
    lines = [cut.rule.at for one in pieces_of(done) if one.role == "side_left" for cut in one.cuts]
    assert {"runner_line_on_wall", "upper_line_on_wall"} <= set(lines)
    assert meeting(done.plan) == set()


def test_what_stays_is_not_bought_and_its_pad_is_passed_by_the_screws() -> None:
    done = solved(on_kept_runners(kept_runner_length="17 3/8 in", runner_screw_length="3/4 in"))
    bought = {(row.what, row.count) for row in hardware_of(done)}
    assert not any(title.lower().startswith("runner") for title, _ in bought)
    assert ("members on the box, for a runner that stays, 17 3/8 in", 2) in bought
    (screws,) = (row for row in hardware_of(done) if row.what.startswith("Screw for the members"))
    assert screws.through == "through metal 1/16 in, pad 1/4 in into side 1/2 in, bites 7/16 in"
    assert not [row for row in hardware_of(done) if "the case" in row.through]
    assert value(done, "runner_length") == mm("17 3/8")
    assert value(done, "runner_screw_reach") == mm("3/4") - mm("1/16") - mm("1/4")
    assert len([one for one in pieces_of(done) if one.role.startswith("pad_")]) == 4


def test_a_shim_takes_its_room_on_the_wall_and_no_bite_from_the_side() -> None:
    plan, shimmed = frameless("22 1/2", "9", "20"), frameless("22 1/2", "9", "20", runner_shim="1/16 in")
    assert value(plan, "box_width") - value(shimmed, "box_width") == mm("1/8")
    assert value(shimmed, "runner_play_built") == value(plan, "runner_play_built")
    assert value(shimmed, "runner_screw_reach") == value(plan, "runner_screw_reach")
    assert value(shimmed, "wall_screw_reach") == value(plan, "wall_screw_reach") - mm("1/16")
    shims = [one for one in pieces_of(solved(shimmed)) if one.role.startswith("shim_")]
    assert {one.size[2] for one in shims if one.size} == {mm("1/16")}
    assert meeting(shimmed) == set()
    assert codes(shimmed, "stop", "attention") == codes(plan, "stop", "attention")


@pytest.mark.parametrize("high", ["4 in", "6 in"])
def test_a_low_box_hangs_under_the_top_with_its_rails(high: str) -> None:
    plan = with_runner(frameless("22 1/2", "9", "20", wanted_box_height=high), "hung")
    done = solved(plan)
    assert value(done, "box_from_floor") + value(done, "outside_height") == mm("9") - mm("1/4")
    assert value(done, "rail_from_floor") == mm("9") - mm("2")
    assert meeting(plan) == set()


def test_screws_cross_the_space_before_a_front_that_is_set_in() -> None:
    """Set in by 1/2: a screw that bit 1/2 into the front bites nothing; the screw of a pull is longer by 1/2."""
    plan, set_in = frameless("22 1/2", "9", "20"), frameless("22 1/2", "9", "20", joint="dado", dado_set_in="1/2 in")
    for name, change in (("front_screw_bite", -mm("1/2")), ("pull_screw_length", mm("1/2"))):
        assert value(set_in, name) - value(plan, name) == change
    assert "front-screw-too-short" in codes(set_in)


@pytest.mark.parametrize("bottom", kinds_in("bottom"))
def test_a_back_follows_the_sides_as_they_were_cut(bottom: str) -> None:
    plan = frameless("22 1/2", "9", "20", bottom=bottom)
    lower = pinned(plan, wall_height_cut="8 in")
    assert value(plan, "back_wall_height_cut") - value(lower, "back_wall_height_cut") == value(
        plan, "wall_height_cut"
    ) - mm("8")
    assert meeting(lower) == set()


def test_a_stand_off_behind_an_integral_front_is_refused() -> None:
    plan = frameless("22 1/2", "9", "20", joint="integral", back_joint="dado", lock_stand_off="1/4 in")
    assert "stand-off-opens-the-joint" in codes(plan, "stop")


@pytest.mark.parametrize("front", ["inset", "overlay"])
def test_an_integral_face_takes_the_edge_of_a_bottom_in_a_rabbet(front: str) -> None:
    plan = frameless("22 1/2", "9", "20", joint="integral", back_joint="dado", bottom="in_rabbet", front=front)
    assert meeting(plan) == set()
    face = next(one for one in pieces_of(solved(plan)) if one.role == "front")
    assert "edge_rabbet_front" in {cut.rule.depth for cut in face.cuts}


def new_case(**choices: str) -> Plan:
    return frameless("31 7/16", "24 3/64", "20 1/32", carcass="new", **choices)


def extent(plan: SolvedPlan, axis: int, *roles: str) -> Fraction:
    """From the first to the last of these pieces along one axis: across, back or up."""
    low, high = [], []
    for one in pieces_of(plan):
        if one.role in roles and one.stand and one.size:
            low.append(one.stand[axis])
            high.append(one.stand[axis] + one.stand.extent(*one.size)[axis])
    return max(high) - min(low)


@pytest.mark.parametrize("through", kinds_in("through"))
@pytest.mark.parametrize("joint", kinds_in("case_joint"))
@pytest.mark.parametrize("back", kinds_in("case_back"))
@pytest.mark.parametrize("increment", ["1/16 in", "1/4 in"])
def test_a_case_is_as_large_outside_as_its_cut_panels_make(through: str, joint: str, back: str, increment: str) -> None:
    plan = new_case(through=through, case_joint=joint, case_back=back, front="none")
    plan = changed(
        plan, step("/units/increment", increment, "replace"), step("/units/thickness_increment", "1/16 in", "replace")
    )
    done, boards = solved(plan), ("case_side_left", "case_side_right", "case_bottom", "case_top")
    space = space_of(plan)
    assert at(done, space, "case_outside_width") == extent(done, 0, *boards)
    assert at(done, space, "case_outside_height") == extent(done, 2, *boards)
    assert at(done, space, "case_outside_depth") == extent(done, 1, *boards, "case_back")


def test_a_worktop_covers_the_front_that_stands_out_most() -> None:
    """An overlay front of 3/4 with a stand-off of 1/4 in one column, an inset one in the other."""
    plan = with_choices(new_case(), worktop_sheet=new_case().choices["front_sheet"])
    plan, (thick, _) = split(plan, drawer_of(plan), "columns", {}, {})
    before = at(solved(plan), space_of(plan), "worktop_depth_cut")
    plan = changed(
        plan,
        step(f"/places/{thick}/choices/front", "overlay"),
        step(f"/places/{thick}/choices/lock_stand_off", "1/4 in"),
    )
    assert at(solved(plan), space_of(plan), "front_before") == mm("1")
    assert at(solved(plan), space_of(plan), "worktop_depth_cut") - before == mm("1")


def test_a_case_stands_on_casters_base_and_plinth() -> None:
    plan = new_case(caster_height="3 in", base_height="1 in", plinth_height="4 in", matched_height="40 in")
    done, space = solved(plan), space_of(plan)
    assert at(done, space, "standing_height") == at(done, space, "case_outside_height") + mm("4")
    assert at(done, space, "height_left_open") == mm("40") - mm("3") - mm("1") - mm("4")


def test_a_pull_on_the_edge_makes_the_figure_jump_further() -> None:
    plan = frameless("22 1/2", "24", "20", grain="matched")
    plan, _ = split(plan, drawer_of(plan), "rows", {}, {}, divider="open")
    edged = with_choices(plan, pull="top_edge", edge_pull_allowance="1/2 in")
    jumps = [at(solved(one), drawer_of(one), "figure_jumps_by") for one in (plan, edged)]
    assert jumps[1] - jumps[0] == mm("1/2")


@pytest.mark.parametrize("divider", ["open", "board"])
def test_clip_rails_hang_on_the_steps_of_their_own_post(divider: str) -> None:
    """Steps of 1 1/4 from where the post stands: the floor of a column without rails, or of the row itself."""
    plan = frameless("22 1/2", "25", "20", front="none", wanted_runner_line="3 in")
    plan, rows = split(with_runner(plan, "posts"), drawer_of(plan), "rows", {}, {}, {}, divider=divider)
    done = solved(plan)
    for row in rows:
        foot = at(done, row, "cell_from_floor") if divider == "board" else 0
        assert (at(done, row, "runner_from_floor") - foot) % mm("1 1/4") == 0
        assert at(done, row, "runner_line_built") <= mm("3")


@pytest.mark.parametrize("through", kinds_in("through"))
@pytest.mark.parametrize("back", kinds_in("case_back"))
def test_holes_for_stretchers_stand_where_wood_is(through: str, back: str) -> None:
    done = solved(
        new_case(through=through, case_back=back, case_top="stretchers", case_joint="knock_down", front="none")
    )
    by_role = {one.role: one for one in pieces_of(done)}
    side = by_role["case_side_left"]
    stretchers = [by_role["stretcher_front"], by_role["stretcher_back"]]
    if through in ("sides", "bottom_only"):
        upper = next(cut for cut in side.cuts if cut.rule.holes == "upper_hole_places")
        places = at(done, *upper.keys["upper_hole_places"])
        spans = [(one.stand.back, one.stand.back + one.size[1]) for one in stretchers if one.stand and one.size]
        assert all(any(low < place < high for low, high in spans) for place in places)
        assert len(places) == 4
    else:
        for one in stretchers:
            (holes,) = {at(done, *cut.keys[cut.rule.holes]) for cut in one.cuts if cut.rule.holes}
            assert one.size
            assert all(0 < place < one.size[1] for place in holes)
    assert at(done, space_of(done.plan), "case_screw_count") == 2 * (
        len(at(done, space_of(done.plan), "hole_places")) + 4
    )


@pytest.mark.parametrize("front", ["inset", "overlay", "partial"])
def test_wiggle_room_is_halved_and_no_column_complains_of_it(front: str) -> None:
    plan = frameless("22 1/2", "24", "20", front=front, wiggle_width="1/2 in", wiggle_height="1/2 in")
    plan, rows = split(plan, drawer_of(plan), "rows", {}, {}, {}, divider="open")
    done = solved(plan)
    assert at(done, space_of(plan), "clear_stands_in") == mm("1/4")
    beside = at(done, rows[0], "box_from_left") + at(done, space_of(plan), "clear_stands_in")
    assert beside * 2 + at(done, rows[0], "outside_width") == mm("22 1/2")
    assert not codes(plan, "stop", "attention")
    assert meeting(plan) == set()


def test_a_frame_wider_than_its_case_stands_over_it_on_both_sides() -> None:
    """A frame of 22 1/2 before an inside of 22: each wall stands in past the frame by 1/4, and so does the box."""
    plan = framed(front="overlay")
    plan = with_readings(plan, "case", {"of": "width", "value": "22 in", "along": "front", "level": "low"})
    done = solved(plan)
    assert value(done, "clear_stands_in") == mm("1/4")
    assert value(done, "clear_width") == mm("22")
    one_sided = with_choices(plan, frame_lip_left="0 in")
    assert value(one_sided, "clear_stands_in") == 0
    assert meeting(plan) == meeting(one_sided) == set()


def test_packing_that_stays_behind_one_lip_is_in_the_way_there() -> None:
    """A lip of 3/4 on both sides; packing of 1/4 on the left and 1 1/2 on the right goes overall, and not on the left."""
    plan = with_readings(framed(), "case", {"of": "width", "value": "24 in", "along": "front", "level": "low"})
    plan = with_choices(plan, wanted_packing_left="1/4 in", wanted_packing_right="1 1/2 in")
    assert "frame-in-the-way" in codes(plan, "stop")
    assert "frame-in-the-way" not in codes(with_choices(plan, wanted_packing_left="3/4 in"))


@pytest.mark.parametrize("side", ["left", "right"])
def test_a_partition_stands_for_a_wall_that_is_missing_and_holds_the_screws(side: str) -> None:
    plan = frameless("22 1/2", "9", "20")
    plan = with_obstruction(plan, side, "3/4 in", what="missing_wall")
    done = solved(plan)
    parts = {one.role: one for one in pieces_of(done)}
    assert parts["partition"].size == (mm("9"), mm("20"), mm("3/4"))
    assert f"strip_{side}" not in parts
    assert value(done, "free_width") == mm("22 1/2") - mm("3/4")
    assert value(done, f"behind_{side}") == 0
    assert value(done, f"screw_into_{side}") > 0
    assert meeting(plan) == set()


def test_screws_into_a_divider_end_in_it_beside_an_open_bay() -> None:
    plan = frameless("36", "9", "20", runner_screw_length="3/4 in")
    for other in ("open", "drawer"):
        split_plan, _ = split(plan, drawer_of(plan), "columns", {}, {"holds": other})
        assert "runner-screw-through-the-wall" in codes(split_plan)
    thick, _ = split(plan, drawer_of(plan), "columns", {}, {"holds": "open"})
    thick = changed(thick, step("/choices/divider_sheet", thick.choices["front_sheet"]))
    assert "runner-screw-through-the-wall" not in codes(thick)


CONTENTS = {"by": "contents", "length": "5 in"}


@pytest.mark.parametrize("front", ["inset", "overlay"])
def test_a_row_by_its_contents_counts_a_pull_on_its_edge(front: str) -> None:
    """With 1/2 in off each front the inside is still as high as what goes in."""
    plan = frameless("22 1/2", "24", "20", front=front, pull="top_edge", edge_pull_allowance="1/2 in")
    plan, (row, _) = split(plan, drawer_of(plan), "rows", {"size": CONTENTS}, {"size": {"by": "left"}}, divider="open")
    plain = with_choices(plan, pull="centred")
    assert at(solved(plan), row, "inside_height") >= mm("5 1/4")
    assert at(solved(plan), row, "cell_height") - at(solved(plain), row, "cell_height") == mm("1/2")
    assert meeting(plan) == set()


@pytest.mark.parametrize("divider", ["open", "board"])
@pytest.mark.parametrize(("holds", "size"), [("drawer", CONTENTS), ("bin", {"by": "contents"})])
def test_the_lowest_row_by_its_contents_stands_over_what_is_on_the_floor(
    divider: str, holds: str, size: dict[str, str]
) -> None:
    """An anchor of 1 in stands up behind the fronts: with 1/16 past it the row is as much higher."""
    plan = frameless("22 1/2", "30", "20", bin_width="10 in", bin_height="6 in", bin_depth="12 in")
    plan, (_, low) = split(
        plan, drawer_of(plan), "rows", {"size": {"by": "left"}}, {"holds": holds, "size": size}, divider=divider
    )
    over = with_obstruction(plan, "floor", "1 in", what="anchor", from_front="2 in")
    more = at(solved(over), low, "cell_height") - at(solved(plan), low, "cell_height")
    assert mm("1 1/16") <= more < mm("1 1/16") + mm("1/16")
    assert not codes(over, "stop")
    assert meeting(over) == set()


def test_a_bin_over_what_is_on_the_floor_has_only_what_is_left() -> None:
    plan = frameless("22 1/2", "7", "20", bin_width="10 in", bin_height="6 in", bin_depth="12 in")
    plan = changed(plan, step(f"/places/{drawer_of(plan)}/holds", "bin", "replace"))
    assert "bin-too-high" not in codes(plan)
    assert "bin-too-high" in codes(with_obstruction(plan, "floor", "1 in"), "stop")


def test_fronts_share_alike_whatever_pull_is_on_one_of_them() -> None:
    plan = frameless("22 1/2", "24", "20")
    plan, rows = split(plan, drawer_of(plan), "rows", {"choices": {"pull": "top_edge"}}, {}, {}, divider="open")
    heights = {at(solved(plan), row, "front_height") for row in rows}
    assert len(heights) == 1


def test_grain_that_has_no_column_to_run_over_says_so() -> None:
    plan = frameless("22 1/2", "24", "20", grain="matched")
    assert "grain-not-matched" in codes(plan, "note")
    assert "grain-not-matched" in codes(split(plan, drawer_of(plan), "columns", {}, {})[0])
    assert "grain-not-matched" not in codes(split(plan, drawer_of(plan), "rows", {}, {})[0])
    assert "grain-not-matched" not in codes(with_choices(plan, grain="free"))


def test_a_box_that_fills_its_opening_binds_where_it_slides_and_is_noted_where_it_hangs() -> None:
    tight = {"play_above": "0 in", "play_below": "0 in"}
    slides = with_runner(frameless("22 1/2", "9", "20", **tight), "friction")
    assert "box-binds" in codes(slides, "stop")
    hangs = frameless("22 1/2", "9", "20", play_above="0 in")
    assert codes(hangs, "stop") == set()
    assert "no-play" in codes(hangs, "note")


@pytest.mark.parametrize(("gap", "is_seen"), [("1/8 in", False), ("3/4 in", True)])
def test_an_inset_front_is_no_smaller_than_what_it_hides(gap: str, is_seen: bool) -> None:
    """Runners of 1/2 leave the box behind a gap of 1/8, and before one of 3/4."""
    plan = frameless("22 1/2", "9", "20", gap=gap)
    assert ("box-shows-past-front" in codes(plan, "note")) == is_seen


def test_two_rows_of_one_name_keep_their_own_price() -> None:
    plan = frameless("36", "9", "20")
    first = plan.choices["runner"]
    other = with_runner(plan, "side_mount")
    second = other.choices["runner"]
    plan, (_, right) = split(with_choices(other, runner=first), drawer_of(plan), "columns", {}, {})
    plan = changed(
        plan,
        step(f"/places/{right}/choices/runner", second),
        step(f"/library/runners/{first}/price", "10"),
        step(f"/library/runners/{second}/price", "25"),
    )
    assert plan.library.runners[first].name == plan.library.runners[second].name
    costs = [line.cost for line in solution_of(solved(plan)).shopping.lines if "unner" in line.what]
    assert {"10.00", "25.00"} <= set(costs)


FRONT_AND_BACK = [
    {"of": "width", "value": "23 in", "along": "front", "level": "low"},
    {"of": "width", "value": "22 1/2 in", "along": "back", "level": "low"},
]


@pytest.mark.parametrize("is_framed", [False, True])
def test_tapered_strips_are_parts_and_their_screws_as_long_as_they_are_thick(is_framed: bool) -> None:
    """Walls 23 apart in front and 22 1/2 behind: each strip is 1/4 thicker in front. Behind a frame of 22 it packs lips."""
    outer = framed("22", "9", "20") if is_framed else frameless("22 1/2", "9", "20")
    plan = with_readings(outer, "case", *FRONT_AND_BACK)
    done = solved(plan)
    packing = value(done, "packing_left")
    assert packing == (mm("1/4") + mm("1/16") if is_framed else 0)
    strips = {one.role: one for one in pieces_of(done)}
    for side in ("left", "right"):
        strip = strips[f"packing_{side}"]
        assert strip.size is not None
        assert strip.size[2] == packing + mm("1/4")
        assert value(done, f"packing_screw_{side}") == packing + mm("1/4") + mm("3/8")
    assert meeting(plan) == set()


def test_walls_that_differ_by_less_than_a_tape_can_tell_ask_for_no_strip() -> None:
    nearly = [FRONT_AND_BACK[1], {"of": "width", "value": "22 17/32 in", "along": "front", "level": "low"}]
    done = solved(with_readings(frameless("22 1/2", "9", "20"), "case", *nearly))
    assert not [one for one in pieces_of(done) if "packing" in one.role]


HINGE = {"from_floor": "4 in", "height": "2 in"}
STRIPS = [
    # where the thing begins, how deep it is: where the strip begins and how long it is, on a runner of 18 from 3/4 on
    ("a hinge in front", {"from_front": "2 in", "depth": "2 in", **HINGE}, "4 1/16", "14 11/16"),
    ("a hinge far in", {"from_front": "14 in", "depth": "2 in", **HINGE}, "3/4", "13 3/16"),
    ("an arch all along", {}, None, None),
    ("a hinge over the strip", {"from_front": "2 in", "depth": "2 in", "from_floor": "7 in", "height": "1 in"}, "3/4", "18"),
]  # fmt: skip


@pytest.mark.parametrize("side", ["left", "right"])
@pytest.mark.parametrize(("where", "begins", "length"), [row[1:] for row in STRIPS], ids=[row[0] for row in STRIPS])
def test_a_strip_keeps_out_of_what_it_passes(
    where: dict[str, str], begins: str | None, length: str | None, side: str
) -> None:
    plan = with_obstruction(frameless("22 1/2", "9", "20"), side, "1 in", **where)
    strips = [one for one in pieces_of(solved(plan)) if one.role == f"strip_{side}"]
    assert {first_second for first_second in meeting(plan) if "strip" in first_second[0]} == set()
    if begins is None or length is None:
        assert strips == []
        return
    (strip,) = strips
    assert strip.stand is not None
    assert strip.size is not None
    assert (strip.stand.back, strip.size[0]) == (mm(begins), mm(length))


def test_what_a_split_chose_holds_for_its_parts_in_kind_as_in_number() -> None:
    """A drawer on a friction runner and with other stock is divided: both parts are as it was."""
    plan = frameless("36", "9", "20")
    other = with_runner(plan, "friction")
    plan, (left, _) = split(with_choices(other, runner=plan.choices["runner"]), drawer_of(plan), "columns", {}, {})
    plan = changed(
        plan,
        step(f"/places/{left}/choices/runner", other.choices["runner"]),
        step(f"/places/{left}/choices/side_sheet", plan.choices["front_sheet"]),
        step(f"/places/{left}/choices/joint", "rabbet_in_ends"),
    )
    plan, parts = split(plan, left, "rows", {}, {}, divider="board")
    done = solved(plan)
    for part in parts:
        assert {"runner.friction", "joint.rabbet_in_ends"} <= done.laid.places[part].kinds
        sides = [one for one in pieces_of(done) if one.place == part and one.role == "side_left"]
        assert [(one.sheet, one.size[2]) for one in sides if one.size] == [(plan.choices["front_sheet"], mm("3/4"))]
    assert meeting(plan) == set()


def test_a_front_that_laps_past_its_divider_stands_before_the_tray_beyond() -> None:
    plan = frameless("36", "9", "20", front="partial", partial_lap="5/8 in")
    plan, _ = split(plan, drawer_of(plan), "columns", {}, {"holds": "tray"})
    assert "lap-before-a-tray" in codes(plan, "stop")
    assert "lap-before-a-tray" not in codes(with_choices(plan, partial_lap="1/2 in"))


@pytest.mark.parametrize("side", ["left", "right"])
def test_a_strip_lies_on_a_wall_that_leans(side: str) -> None:
    """A wall leans in by 1 in over 9: the box passes it by 1/16; the strip is thinner by what the wall fills there."""
    plan = with_obstruction(frameless("22 1/2", "9", "20"), side, "0 in", projection_above="1 in")
    done = solved(plan)
    (strip,) = (one for one in pieces_of(done) if one.role == f"strip_{side}")
    top = value(done, "carrier_from_floor") + value(done, "runner_height")
    assert strip.size is not None
    assert strip.size[2] == mm("1 1/16") - top / 9
    assert not [pair for pair in meeting(plan) if f"strip_{side}" in pair]
    assert "no-room-for-a-strip" not in codes(plan)


def test_a_thing_all_along_leaves_no_strip_and_says_so() -> None:
    plan = with_obstruction(frameless("22 1/2", "9", "20"), "left", "1 in")
    assert "no-room-for-a-strip" in codes(plan, "note")
    assert "no-room-for-a-strip" not in codes(
        with_obstruction(plan, "right", "1 in", from_front="4 in", depth="2 in"), "stop"
    )


def boards(plan: Plan) -> list[tuple[tuple[Fraction, ...], Fraction, Fraction]]:
    """Size of each divider, and where it begins from the left and above the floor."""
    found = [one for one in pieces_of(solved(plan)) if one.role == "divider"]
    return [(one.size[:2], one.stand.across, one.stand.up) for one in found if one.size and one.stand]


def test_an_upright_divider_stands_over_an_anchor_and_before_a_pipe() -> None:
    plan, _ = split(frameless("36", "9", "20"), "place-2", "columns", {}, {})
    anchored = with_obstruction(plan, "floor", "1 in", from_left="17 in", width="2 in")
    ((size, _, up),) = boards(anchored)
    assert (size, up) == ((mm("7 15/16"), mm("20")), mm("1 1/16"))
    piped = with_obstruction(plan, "back", "2 in", from_left="17 in", width="2 in")
    ((size, _, up),) = boards(piped)
    assert (size, up) == ((mm("9"), mm("17 15/16")), 0)
    elsewhere = with_obstruction(plan, "floor", "1 in", from_left="2 in", width="2 in")
    assert boards(elsewhere) == boards(plan)
    for one in (anchored, piped, elsewhere):
        assert meeting(one) == set()


@pytest.mark.parametrize("side", ["left", "right"])
def test_a_lying_divider_is_cut_between_walls_that_lean(side: str) -> None:
    """A wall leans in from 0 to 1 in over 18: the board at 9 loses a little over 1/2 in there, and nothing elsewhere."""
    plan, _ = split(frameless("22 1/2", "18", "20"), "place-2", "rows", {}, {}, divider="board")
    leaning = with_obstruction(plan, side, "0 in", projection_above="1 in")
    ((size, across, up),) = boards(leaning)
    thick = value(plan, "divider_thickness")
    lost = (up + thick) / 18 + mm("1/16")
    assert 0 <= mm("22 1/2") - lost - size[0] < mm("1/16")
    assert across == (lost if side == "left" else 0)
    assert not [pair for pair in meeting(leaning) if "divider" in pair]


POSTS = [
    # the lip of a frame on each side, where the post's face stands from the wall, and what is packed behind the post
    ("22", "1 1/16", "1/16"),  # a lip of 1: the post of 1 comes short of it by 1/16
    ("23", "1", "0"),  # a lip of 1/2: the post is more
]


@pytest.mark.parametrize(("opening", "face", "packed"), POSTS)
def test_posts_behind_a_frame_stand_in_place_of_the_packing(opening: str, face: str, packed: str) -> None:
    """Whichever is more: past the lip by 1/16, or the post; the inside is 24 wide."""
    inside = {"of": "width", "value": "24 in", "along": "front", "level": "low"}
    plan = with_runner(with_readings(framed(opening, "24", "20"), "case", inside), "posts")
    done = solved(plan)
    (post,) = (one for one in made_of(done).bodies if one.role == "post_left_front")
    wall = value(done, "wall_left_from_left")
    assert post.stand is not None
    assert abs(post.stand.across + mm("1") - wall - mm(face)) <= mm("1/32")
    strips = [one.size[2] for one in pieces_of(done) if one.role == "packing_left" and one.size]
    assert strips == ([mm(packed)] if packed != "0" else [])
    assert "frame-in-the-way" not in codes(plan)
    assert meeting(plan) == set()


def test_a_partition_is_in_the_parts_and_may_be_packed_out_alike() -> None:
    plan = with_obstruction(frameless("22 1/2", "9", "20"), "left", "3/4 in", what="missing_wall", both_sides=True)
    done = solved(plan)
    (row,) = (part for part in solution_of(done).parts if part.name.startswith("Partition"))
    assert row.material == "Board, as thick as was noted"
    assert (value(done, "taken_left"), value(done, "taken_right")) == (mm("3/4"), mm("3/4"))


def test_a_kept_pair_whose_holes_were_said_takes_a_screw_for_each_on_the_box() -> None:
    plan = on_kept_runners()
    row = f"/library/runners/{plan.choices['runner']}"
    plan = changed(
        plan, step(f"{row}/box_holes", ["1 in", "6 in", "12 in"]), step(f"{row}/case_holes", ["1 in", "9 in"])
    )
    assert value(plan, "runner_screw_count") == 2 * 3 * 2


@pytest.mark.parametrize("thing", [{}, {"from_left": "17 in", "width": "2 in"}])
def test_a_divider_noted_otherwise_than_it_has_to_be_is_told(thing: dict[str, str]) -> None:
    plan, (_, right) = split(frameless("36", "9", "20"), drawer_of(frameless()), "columns", {}, {})
    plan = with_obstruction(plan, "floor", "1 in", from_front="2 in", **thing) if thing else plan
    assert "built-otherwise" not in codes(plan)
    short = at(solved(plan), right, "board_length_cut") - mm("1/4")
    assert "built-otherwise" in codes(changed(plan, step(f"/as_built/{right}~1board_length_cut", f"{short} mm")))


def test_a_rail_behind_a_frame_ends_at_blocks_on_the_walls() -> None:
    """Lips of 1 in and 1/2 in, packed 1/16 past: blocks 1 1/16 and 9/16 thick, as deep as the rail, level with it."""
    plan = framed("22 1/2", "24", "20")
    plan = with_readings(plan, "case", {"of": "width", "value": "24 in", "along": "front", "level": "low"})
    plan, drawers = split(plan, drawer_of(plan), "rows", {}, {}, divider="board")
    plan = with_choices(plan, frame_lip_left="1 in")
    done = solved(plan)
    blocks = {piece.role: piece for piece in pieces_of(done) if piece.role.startswith("rail_packing")}
    deep, thick = at(done, drawers[1], "board_depth_cut"), value(done, "divider_thickness")
    assert {role: piece.size for role, piece in blocks.items()} == {
        "rail_packing_left": (deep, thick, mm("1 1/16")),
        "rail_packing_right": (deep, thick, mm("9/16")),
    }
    rail, left, right = (
        solid.box
        for role in ("divider", "rail_packing_left", "rail_packing_right")
        for piece in pieces_of(done)
        if piece.role == role and (solid := solid_of(done, piece)) is not None
    )
    assert left.high[0] == pytest.approx(rail.low[0])
    assert right.low[0] == pytest.approx(rail.high[0])
    assert left.low[2] == right.low[2] == pytest.approx(rail.low[2])
    assert meeting(plan) == set()


def test_a_rail_of_a_plain_opening_needs_no_blocks() -> None:
    plan = frameless("22 1/2", "24", "20")
    plan, _ = split(plan, drawer_of(plan), "rows", {}, {}, divider="board")
    assert not [piece for piece in pieces_of(solved(plan)) if "rail_packing" in piece.role]


def test_a_hand_hole_too_wide_for_its_front_is_called_wide() -> None:
    done = solved(frameless("5", "12", "20", pull="hand_hole"))
    said = next(one.message for one in findings_of(done) if one.code == "hand-hole-too-large")
    assert "4 in wide" in said
    assert "high" not in said
