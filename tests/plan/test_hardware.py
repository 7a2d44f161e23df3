"""Pulls, holes and screws, each with the stack it goes through; worked by hand in inches. Common practice."""

from __future__ import annotations

import pytest

from tests.helpers import (
    changed,
    codes,
    drawer_of,
    framed,
    frameless,
    mm,
    pinned,
    solved,
    split,
    step,
    value,
    with_choices,
    with_readings,
)
from vasculum.drawing.opening import elevation
from vasculum.drawing.part import part_sheet
from vasculum.drawing.primitives import Arc, Rect
from vasculum.plan.document import Plan
from vasculum.plan.making.pieces import pieces_of
from vasculum.plan.making.regions import points, regions
from vasculum.plan.telling.hardware import hardware_of
from vasculum.plan.telling.solution import solution_of


def bought(plan: Plan, what: str) -> list[tuple[int, str, str]]:
    return [(h.count, h.what, h.through) for h in solution_of(solved(plan)).hardware if what in h.what]


def holed(plan: Plan, case: list[str], box: list[str]) -> Plan:
    row = plan.choices["runner"]
    return changed(
        plan,
        step(f"/library/runners/{row}/case_holes", case),
        step(f"/library/runners/{row}/box_holes", box),
    )


def test_a_front_screw_says_what_it_passes_and_what_holds_it() -> None:
    (screw,) = bought(frameless(), "for the front")
    assert screw == (4, "Screw for the front, 1 in", "through box front 1/2 in into front 3/4 in, bites 1/2 in")


def test_a_stand_off_stands_in_the_stack_and_moves_the_runner_back() -> None:
    plan = frameless(lock_stand_off="1/4 in")
    (screw,) = bought(plan, "for the front")
    assert screw[2] == "through box front 1/2 in, space 1/4 in into front 3/4 in, bites 1/4 in"
    assert value(plan, "set_back") == mm("1")  # 3/4 and 1/4
    assert value(plan, "front_screw_bite") == mm("1/4")  # 1 - 1/2 - 1/4
    assert "front-screw-too-short" in codes(plan)


def test_runner_screws_by_number_or_by_the_holes_in_hand() -> None:
    assert bought(frameless(), "for the runner")[0][0] == 12
    assert bought(holed(frameless(), ["1 in", "8 in"], ["1 3/8 in", "9 in", "14 in"]), "for the runner")[0][0] == 10


def test_packing_takes_longer_screws_of_its_own() -> None:
    """A lip of 1 in and 1/16 past it is 1 1/16 of packing, and 3/8 of bite behind it."""
    inside = {"of": "width", "value": "23 1/2 in", "along": "front", "level": "low"}
    plan = with_readings(framed(frame_lip_left="1 in", frame_lip_right="0 in"), "case", inside)
    (screw,) = bought(plan, "packing")
    assert screw == (3, "Screw for the packing, 1 7/16 in at least", "through packing 1 1/16 in into the case")


def test_holes_follow_the_front_and_are_drawn_on_the_side() -> None:
    """Behind an inset front of 3/4 in the case; on sides that end behind a front of 1/2 the member begins before them."""
    plan = holed(frameless(joint="butt_around"), ["1 in", "9 in"], ["1 1/2 in", "10 in"])
    done = solved(plan)
    drawer = drawer_of(plan)
    assert done.solved.value(drawer, "case_holes") == (mm("1 3/4"), mm("9 3/4"))
    assert done.solved.value(drawer, "side_holes") == (mm("1"), mm("9 1/2"))
    left, right = (next(p for p in pieces_of(done) if p.role == f"side_{hand}") for hand in ("left", "right"))
    length = done.solved.value(*left.length)
    for part, along in ((left, mm("1")), (right, length - mm("1"))):
        holes = [p for p in part_sheet(done, part).primitives if isinstance(p, Arc)]
        assert along in [hole.centre[0] for hole in holes]
    row = next(p for p in solution_of(done).parts if p.name == "Box side, left")
    assert "Holes for the runner, on its line: 1 in, 9 1/2 in from the front end" in [j.text for j in row.joinery]


def test_a_hole_that_comes_into_the_front_is_refused_with_both_sizes() -> None:
    plan = holed(frameless(joint="butt_around"), ["1 in"], ["3/8 in", "10 in"])
    assert "hole-before-the-side" in codes(plan, "stop")


def test_a_hole_past_the_member_is_asked_about() -> None:
    assert "hole-past-the-runner" in codes(holed(frameless(), ["17 in"], ["1 in"]), "attention")


# ---- pulls: a front 22 1/4 by 9 3/16 in an opening of 22 1/2 by 9 7/16 -----------------------------------------------


def test_one_pull_in_the_middle_with_its_screw() -> None:
    done = solved(frameless())
    drawer = drawer_of(done.plan)
    assert done.solved.value(drawer, "pulls_from_left") == (mm("11 1/8"),)
    assert value(done, "pull_up") == mm("4 19/32")
    assert bought(done.plan, "for the pull") == [
        (1, "Screw for the pull, 1 5/8 in", "through box front 1/2 in and front 3/4 in into the pull 3/8 in")
    ]


def test_a_front_past_24_takes_two() -> None:
    done = solved(frameless("36"))  # a front of 35 3/4
    assert done.solved.value(drawer_of(done.plan), "pulls_from_left") == (mm("8 15/16"), mm("26 13/16"))
    assert value(frameless("24 1/4"), "pull_count") == 1
    assert value(frameless("24 5/16"), "pull_count") == 2


def test_pulls_on_a_line_stand_as_far_below_every_upper_edge() -> None:
    plan, ids = split(frameless("22", "30", pull="on_line", pull_below_edge="2 in"), "place-2", "rows", {}, {}, {})
    done = solved(plan)
    assert {done.solved.value(i, "front_height_cut") - done.solved.value(i, "pull_up") for i in ids} == {mm("2")}
    assert "pull-below-the-front" in codes(with_choices(plan, pull_below_edge="10 in"), "stop")


def test_a_pull_on_the_edge_takes_its_allowance_off_every_front_and_the_column_still_adds_up() -> None:
    """Four fronts in 30: gaps 5 of 1/8 and allowances 4 of 1/2 leave 27 3/8."""
    plan, ids = split(frameless("22", "30", pull="top_edge"), "place-2", "rows", {}, {}, {}, {})
    done = solved(plan)
    heights = [done.solved.value(i, "front_height_cut") for i in ids]
    gaps = 3 * mm("1/8") + done.solved.value(ids[0], "gap_above") + done.solved.value("place-2", "gap_at_floor")
    assert sum(heights) + gaps + 4 * mm("1/2") == mm("30")
    assert sum(heights) == mm("27 3/8")
    floors = [done.solved.value(i, "front_from_floor") for i in ids]
    for upper, lower in zip(range(3), range(1, 4), strict=True):
        assert floors[upper] == floors[lower] + heights[lower] + mm("1/8") + mm("1/2")
    assert [h.amount for h in solution_of(done).hardware if h.what == "Pull for the upper edge"] == ["4 pieces"]


def test_a_hand_hole_is_cut_through_and_drawn() -> None:
    done = solved(frameless(pull="hand_hole"))
    front = next(p for p in pieces_of(done) if p.role == "front")
    assert [c.rule.what for c in front.cuts] == ["hole"]
    assert any(isinstance(p, Rect) and p.role == "cut" for p in part_sheet(done, front).primitives)
    assert bought(done.plan, "pull") == []


def two_rows(plan: Plan) -> Plan:
    return split(plan, drawer_of(plan), "rows", {}, {})[0]


HAND_HOLED = [
    *(frameless(pull="hand_hole", joint=joint) for joint in ("butt_between", "butt_around", "dado", "finger")),
    *(frameless(pull="hand_hole", front=front) for front in ("overlay", "partial", "lipped")),
    framed(pull="hand_hole"), two_rows(frameless("22 1/2", "16", pull="hand_hole")),
    two_rows(frameless("22 1/2", "16", pull="hand_hole", front="overlay")),
    changed(frameless(pull="hand_hole"), step("/units/increment", "1/2 in", "replace")),
    changed(frameless(pull="hand_hole"), step("/units/length", "mm", "replace")),
    pinned(frameless(pull="hand_hole"), front_width_cut="22 in", box_front_length_cut="20 in"),
]  # fmt: skip


@pytest.mark.parametrize("plan", HAND_HOLED)
def test_a_hand_hole_goes_through_the_box_front_where_it_goes_through_the_front(plan: Plan) -> None:
    """In space both holes take the same height and width, whatever length the box front has."""
    done = solved(plan)
    holes = []
    first = next(p for p in pieces_of(done) if p.role == "front").place
    for role in ("front", "box_front"):
        piece = next(p for p in pieces_of(done) if (p.id, p.role) == (f"{first}/{role}", role))
        (cut,) = (c for c in piece.cuts if c.rule.what == "hole")
        (taken,) = regions(done, piece, cut)
        assert piece.stand is not None
        across, up = piece.stand.across, piece.stand.up
        holes.append([(across + end, up + at) for end, at in zip(taken.along, taken.across, strict=True)])
    assert holes[0] == holes[1]
    (low, high) = holes[0]
    assert (high[0] - low[0], high[1] - low[1]) == (mm("4"), mm("1 1/4"))


FLUSH = {"pull": "flush", "flush_depth": "1 1/8 in"}


@pytest.mark.parametrize("plan", [
    frameless(**FLUSH), frameless(**FLUSH, front="overlay"), framed(**FLUSH), frameless(**FLUSH, joint="butt_around"),
    two_rows(frameless("22 1/2", "16", **FLUSH)), frameless(**FLUSH, wanted_flush_middle="3 1/2 in"),
    changed(frameless(**FLUSH), step("/units/increment", "1/2 in", "replace")),
])  # fmt: skip
def test_a_flush_handle_is_let_into_front_and_box_front_at_one_place(plan: Plan) -> None:
    """4 3/4 x 3 1/2 over a flange of 3/8: 4 x 2 3/4; its pan of 1 1/8 is deeper than a front of 3/4."""
    done = solved(plan)
    first = next(p for p in pieces_of(done) if p.role == "front").place
    spans = []
    for role in ("front", "box_front"):
        piece = next(p for p in pieces_of(done) if p.id == f"{first}/{role}")
        (cut,) = (c for c in piece.cuts if c.rule.what == "hole")
        (taken,) = regions(done, piece, cut)
        assert piece.stand is not None
        corner = (piece.stand.across, piece.stand.up)
        spans.append(
            [tuple(at + end for end in span) for at, span in zip(corner, (taken.along, taken.across), strict=True)]
        )
    assert spans[0] == spans[1]
    assert [high - low for low, high in spans[0]] == [mm("4"), mm("2 3/4")]
    assert [one.amount for one in hardware_of(done) if one.what == "Flush handle"]


def test_a_shallow_handle_stays_in_the_front() -> None:
    done = solved(frameless(pull="flush", flush_depth="3/4 in"))
    holed = [piece.role for piece in pieces_of(done) if any(cut.rule.what == "hole" for cut in piece.cuts)]
    assert holed == ["front"]


def test_the_flange_of_a_handle_is_no_wider_than_the_handle() -> None:
    assert "handle-all-flange" in codes(frameless(pull="flush", flush_flange="2 in"), "stop")
    assert "hand-hole-too-large" in codes(frameless("22 1/2", "4", pull="flush"))
    assert "hand-hole-too-large" not in codes(frameless("22 1/2", "5", pull="flush"))
    assert "hand-hole-too-large" in codes(frameless("22 1/2", "5", pull="flush", wanted_flush_middle="3 in"))


@pytest.mark.parametrize(("choices", "holes", "count", "length", "sunk"), [
    # front 3/4, box front 1/2, thread 3/8; two pulls on a front wider than 24: in the middle of its halves
    ({}, ("11 1/8",), 1, "1 5/8", "0"),
    ({"pull_held": "front"}, ("11 1/8",), 1, "1 1/8", "0"),
    ({"pull_held": "front", "pull_holes": "2"}, ("9 1/4", "13"), 2, "1 1/8", "0"),
    ({"pull_held": "front", "pull_holes": "2", "wanted_pull_screw": "1 in"}, ("9 1/4", "13"), 2, "1", "1/8"),
    ({"pull_held": "front", "pull_holes": "3", "pull_hole_spacing": "2 in"}, ("9 1/8", "11 1/8", "13 1/8"), 3, "1 1/8", "0"),
    ({"wanted_pull_screw": "1 1/2 in"}, ("11 1/8",), 1, "1 1/2", "1/8"),
    ({"wanted_pull_screw": "2 in"}, ("11 1/8",), 1, "2", "0"),
])  # fmt: skip
def test_a_pull_has_its_holes_and_its_screws(
    choices: dict[str, str], holes: tuple[str, ...], count: int, length: str, sunk: str
) -> None:
    """Holes stand about the middle of the pull; a screw that is too short is sunk by stack + thread - screw."""
    done = solved(frameless(**choices))
    found = [
        value(done, name) for name in ("pull_holes_from_left", "pull_screws", "pull_screw_length", "pull_counterbore")
    ]
    assert found == [tuple(map(mm, holes)), count, mm(length), mm(sunk)]
    front = next(p for p in pieces_of(done) if p.role == "front")
    if choices.get("pull_held") == "front":
        titles = [cut.rule.title for cut in front.cuts]
        assert titles == ["Holes for the pull"] + ["Counterbore for the pull's screws"] * (sunk != "0")
        assert [point[0] for point in points(done, front, front.cuts[0])] == list(map(mm, holes))
    else:  # drilled through both once the front hangs
        assert front.cuts == ()
        assert ("pull-screws-sunk" in codes(done, "note")) == (sunk != "0")
    assert ("pull-screw-too-long" in codes(done)) == (length == "2")


def test_a_counterbore_leaves_wood_under_the_heads() -> None:
    short = {"pull_held": "front", "wanted_pull_screw": "1/2 in"}
    assert "counterbore-too-deep" in codes(frameless(**short), "stop")
    assert "counterbore-too-deep" not in codes(frameless(**short, pull_thread="1/8 in"))


def test_a_box_that_ends_below_the_hand_hole_has_none_in_its_front() -> None:
    plan = frameless("22 1/2", "20", pull="hand_hole", wanted_box_height="4 in")
    box_front = next(p for p in pieces_of(solved(plan)) if p.role == "box_front")
    assert [c.rule.what for c in box_front.cuts if c.rule.what == "hole"] == []
    assert "hand-hole-at-the-box-edge" not in codes(plan)
    assert "hand-hole-at-the-box-edge" in codes(frameless("22 1/2", "9", pull="hand_hole", wanted_box_height="5 in"))


@pytest.mark.parametrize(("pull", "circles"), [("centred", 1), ("on_line", 1), ("none", 0), ("hand_hole", 0)])
def test_pulls_stand_in_the_elevation(pull: str, circles: int) -> None:
    done = solved(frameless(pull=pull))
    drawn = elevation(done, done.plan.space_order[0]).primitives
    assert len([p for p in drawn if isinstance(p, Arc) and p.layer == "front"]) == circles


def test_a_pull_behind_a_door_is_asked_about() -> None:
    assert "pull-meets-door" in codes(frameless(door_width="20 in"), "attention")
    assert "pull-meets-door" not in codes(frameless(door_width="20 in", pull="hand_hole"))


def test_screws_from_both_sides_of_a_divider_meet_until_they_are_staggered() -> None:
    """1/2 in screws less 1/16 of metal reach 7/16 from each side: 7/8 in a divider of 1/2."""
    plan, _ = split(frameless("36", "9"), "place-2", "columns", {}, {})
    assert "screws-meet" in codes(plan, "note")
    assert "screws-meet" not in codes(with_choices(plan, runner_screw_stagger="1/2 in"))
    one, _ = split(frameless("36", "9"), "place-2", "columns", {}, {"holds": "shelf"})
    assert "screws-meet" not in codes(one)
    stacked, ids = split(frameless("36", "18"), "place-2", "columns", {}, {})
    stacked, _ = split(stacked, ids[1], "rows", {}, {"holds": "open"})
    assert "screws-meet" in codes(stacked, "note")


def test_sides_are_mirror_images_only_where_their_ends_are_worked_differently() -> None:
    """Turned end for end a left side is a right one, as long as front and back are joined alike."""
    assert "sides-are-mirror-images" not in codes(frameless())
    assert "sides-are-mirror-images" in codes(frameless(joint="half_blind", back_joint="dado_tongue"), "note")
    assert "sides-are-mirror-images" in codes(holed(frameless(), ["1 in"], ["2 in", "9 in"]), "note")


def test_a_stop_behind_the_box_is_as_thick_as_the_room_there() -> None:
    """18 deep, a front of 3/4 before a runner of 16: 1 1/4 behind it."""
    assert value(frameless(), "room_behind_box") == mm("1 1/4")
    assert value(frameless(front="overlay"), "room_behind_box") == 0
