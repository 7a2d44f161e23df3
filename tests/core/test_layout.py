"""Rows and columns: hand-worked layouts, each with where it comes from, and what is refused."""

from __future__ import annotations

from typing import Any

import pytest

from tests.helpers import (
    GRADUATED,
    changed,
    codes,
    drawer_of,
    fixed,
    framed,
    frameless,
    mm,
    pinned,
    share,
    solved,
    split,
    step,
    with_choices,
    with_readings,
)
from vasculum.plan.telling.solution import solution_of

BOARD = {"divider": "board"}
NO_FRONT: dict[str, Any] = {"holds": "tray"}

LEFT: dict[str, Any] = {"size": {"by": "left"}}
BIN: dict[str, Any] = {
    "holds": "bin",
    "size": {"by": "contents"},
    "choices": {"bin_width": "10 in", "bin_height": "7 in", "bin_depth": "14 in"},
}


def contents(length: str, **more: Any) -> dict[str, Any]:
    return {"size": {"by": "contents", "length": length}, **more}


ROWS: list[tuple[str, str, list[dict[str, Any]], dict[str, Any], str, list[str], str]] = [
    # height, parts, of the split, what is asked, answers from above, provenance
    ("four equal fronts without rails", "29 5/8", [{}] * 4, {}, "front_height_cut", ["7 1/4"] * 4, "common practice"),
    ("their boxes are alike", "29 5/8", [{}] * 4, {}, "outside_height", ["7"] * 4, "worked here"),
    ("their lower edges", "29 5/8", [{}] * 4, {}, "front_from_floor", ["22 1/4", "14 7/8", "7 1/2", "1/8"], "common practice"),
    ("their rows fill the height", "29 5/8", [{}] * 4, {}, "cell_height", ["7 7/16", "7 3/8", "7 3/8", "7 7/16"], "worked here"),
    ("equal rows with rails", "29 1/2", [{}] * 4, BOARD, "cell_height", ["7"] * 4, "worked here"),
    ("their fronts", "29 1/2", [{}] * 4, BOARD, "front_height_cut", ["6 3/4"] * 4, "worked here"),
    ("where they stand", "29 1/2", [{}] * 4, BOARD, "cell_from_floor", ["22 1/2", "15", "7 1/2", "0"], "worked here"),
    ("shares 1:1:2 without rails", "24 1/2", [share(1), share(1), share(2)], {}, "front_height_cut", ["6", "6", "12"], "worked here"),
    ("shares 1:1:2 with rails", "25", [share(1), share(1), share(2)], BOARD, "cell_height", ["6", "6", "12"], "worked here"),
    ("graduated by an inch", "29 5/8", [GRADUATED] * 4, {"step": "1 in"}, "front_height_cut", ["5 3/4", "6 3/4", "7 3/4", "8 3/4"], "worked here: top = 29/4 - 3/2"),
    ("graduated by nothing is equal", "29 5/8", [GRADUATED] * 4, {}, "front_height_cut", ["7 1/4"] * 4, "worked here"),
    ("one fixed, the rest shared", "25", [fixed("5 in"), {}, {}], BOARD, "cell_height", ["5", "9 1/2", "9 1/2"], "worked here"),
    ("a fixed row is a clear height", "24", [fixed("6 in"), {}], {}, "cell_height", ["6", "18"], "worked here"),
    ("all fixed, to the last sixteenth", "24 1/2", [fixed("10 in"), fixed("14 in")], BOARD, "cell_height", ["10", "14"], "worked here"),
    ("graduated by a ratio, without rails", "19 1/2", [GRADUATED] * 3, {"ratio": "3/2"}, "front_height_cut", ["4", "6", "9"], "worked here: 19 x (3/2 - 1) / ((3/2)^3 - 1) = 4"),
    ("graduated by a ratio, with rails", "20", [GRADUATED] * 3, {"ratio": "1.5", **BOARD}, "cell_height", ["4", "6", "9"], "worked here"),
    ("a ratio of one is equal", "29 5/8", [GRADUATED] * 4, {"ratio": "1"}, "front_height_cut", ["7 1/4"] * 4, "worked here"),
    ("what is left is one share", "25", [fixed("5 in"), share(3), LEFT], BOARD, "cell_height", ["5", "14 1/4", "4 3/4"], "worked here"),
    ("from contents, with rails", "25", [contents("4 in"), {}], BOARD, "cell_height", ["5 1/4", "19 1/4"], "worked here: 4 + 1/4 + 3/8 + 1/4, 1/4 and 1/8 of play"),
    ("a row from contents holds them", "25", [contents("4 in"), {}], BOARD, "inside_height", ["4 1/4", "18 1/4"], "worked here"),
    ("from contents, without rails", "25", [contents("4 in"), {}], {}, "front_height_cut", ["5 1/8", "19 1/2"], "worked here: room 5 1/4 less the gap"),
    ("contents without rails still go in", "25", [contents("4 in"), {}], {}, "inside_height", ["4 1/4", "18 5/8"], "worked here"),
    ("a tray from contents", "25", [contents("4 in", holds="tray"), {}], {}, "cell_height", ["5 1/4", "19 3/4"], "worked here"),
    ("a shelf from contents", "25", [contents("4 in", holds="shelf"), {}], BOARD, "cell_height", ["4 3/4", "19 3/4"], "worked here: board, contents, headroom"),
    ("a bay from contents", "25", [contents("4 in", holds="open"), {}], BOARD, "cell_height", ["4", "20 1/2"], "worked here"),
    ("a bin sizes its row", "25", [BIN, {}], BOARD, "cell_height", ["7 1/2", "17"], "worked here: bin and 1/2 in above it"),
    ("surplus in the lowest front", "23 11/16", [{}] * 3, {}, "front_height_cut", ["7 11/16", "7 11/16", "7 13/16"], "worked here: 23 3/16 over three is 7 35/48"),
]  # fmt: skip


@pytest.mark.parametrize(
    ("title", "height", "parts", "more", "name", "answers", "provenance"), ROWS, ids=[r[0] for r in ROWS]
)
def test_rows_by_hand(
    title: str,
    height: str,
    parts: list[dict[str, Any]],
    more: dict[str, Any],
    name: str,
    answers: list[str],
    provenance: str,
) -> None:
    plan = frameless("22 1/2", height, "18")
    plan, ids = split(plan, drawer_of(plan), "rows", *parts, **more)
    done = solved(plan)
    assert [done.solved.value(i, name) for i in ids] == [mm(a) for a in answers], provenance
    assert not codes(done, "stop")


OVERLAY: list[tuple[str, str, int, dict[str, Any], str, list[str], str]] = [
    ("fronts fill the outside less the reveals", "24", 3, {}, "front_height_cut", ["8 3/8"] * 3, "worked here: (25 1/2 - 2 x 1/16 - 2 x 1/8) / 3"),
    ("their lower edges", "24", 3, {}, "front_from_floor", ["16 5/16", "7 13/16", "-11/16"], "worked here"),
    ("their boxes stay in the case", "24", 3, {}, "room_from_floor", ["16 1/4", "7 3/4", "0"], "worked here"),
    ("the first and last have less room", "24", 3, {}, "room_height", ["7 3/4", "8 1/2", "7 3/4"], "worked here: a lap less, half a gap more"),
    ("with rails each opening alone", "24 1/2", 2, BOARD, "cell_height", ["12", "12"], "worked here"),
    ("their laps", "24 1/2", 2, BOARD, "front_height_cut", ["12 7/8", "12 7/8"], "worked here: 12 + 11/16 + 3/16"),
]  # fmt: skip


@pytest.mark.parametrize(
    ("title", "height", "count", "more", "name", "answers", "provenance"), OVERLAY, ids=[r[0] for r in OVERLAY]
)
def test_overlay_rows_by_hand(
    title: str, height: str, count: int, more: dict[str, Any], name: str, answers: list[str], provenance: str
) -> None:
    plan = frameless("22 1/2", height, "18", front="overlay")
    plan, ids = split(plan, drawer_of(plan), "rows", *[{}] * count, **more)
    done = solved(plan)
    found = [done.solved.value(i, name) for i in ids]
    assert found == [-mm(a[1:]) if a.startswith("-") else mm(a) for a in answers], provenance
    assert not codes(done, "stop", "attention")


def test_overlay_fronts_of_two_columns_leave_the_gap_between_them() -> None:
    """A 1/2 divider is lapped 3/16 on each side, an end panel 11/16: worked here."""
    plan = frameless("24 1/2", "9", "18", front="overlay")
    plan, (left, right) = split(plan, drawer_of(plan), "columns", {}, {})
    done = solved(plan)
    assert done.solved.value(left, "front_width") == mm("12") + mm("11/16") + mm("3/16")
    ends = done.solved.value(left, "front_from_left") + done.solved.value(left, "front_width_cut")
    assert done.solved.value(right, "front_from_left") - ends == mm("1/8")
    assert done.solved.value(left, "runner_length") == mm("18")


def test_an_overlay_front_stands_out_by_runner_lap_and_half_the_play() -> None:
    """Runner 1/2, lap 11/16, no play: common practice."""
    done = solved(frameless("22 1/2", "9", "18", front="overlay"))
    place = drawer_of(done.plan)
    assert done.solved.value(place, "front_overhang_left") == mm("1 3/16")
    assert done.solved.value(place, "front_overhang_right") == mm("1 3/16")


def test_a_bin_that_was_not_measured_says_so() -> None:
    plan = frameless()
    plan = changed(plan, step(f"/places/{drawer_of(plan)}/holds", "bin", "replace"))
    assert codes(plan, "stop") == {"bin-not-measured"}


def test_a_bin_sizes_its_column() -> None:
    """Ten inches and a quarter on each side: worked here."""
    plan = frameless("24", "12", "18")
    plan, (bin_place, _) = split(plan, drawer_of(plan), "columns", BIN, {})
    assert solved(plan).solved.value(bin_place, "cell_width") == mm("10 1/2")


def test_a_column_from_contents_holds_them() -> None:
    """Contents 9 wide, sides 1/2, runners 1/2 a side: worked here."""
    plan = frameless("24", "12", "18")
    plan, (tight, _) = split(plan, drawer_of(plan), "columns", contents("9 in"), {})
    done = solved(plan)
    assert done.solved.value(tight, "cell_width") == mm("11")
    assert done.solved.value(tight, "inside_width") == mm("9")


def test_measured_dividers_move_everything_beside_them() -> None:
    """Two 3/4 dividers that measure 23/32 leave 1/16 more: worked here."""
    plan = frameless("24", "20", "18")
    plan, ids = split(plan, drawer_of(plan), "columns", {}, {}, {})
    plan = with_choices(plan, divider_sheet=plan.choices["front_sheet"])
    assert solved(plan).solved.value(ids[0], "cell_width") == mm("7 1/2")
    plan = changed(plan, step(f"/library/sheets/{plan.choices['front_sheet']}/measured", "23/32 in"))
    done = solved(plan)
    assert done.solved.value(ids[0], "cell_width") == mm("24") / 3 - mm("23/32") * 2 / 3
    assert sum(done.solved.value(i, "cell_width") for i in ids) + 2 * mm("23/32") == mm("24")


def test_faces_of_columns_reach_to_the_frame_and_end_at_dividers() -> None:
    """Opening 22 1/2, clear 22 3/8, divider 1/2: cells of 10 15/16, faces 1/16 wider at the frame. Worked here."""
    plan = with_readings(framed(), "case", {"of": "width", "value": "24 in", "along": "front", "level": "low"})
    plan, (left, right) = split(plan, drawer_of(plan), "columns", {}, {})
    done = solved(plan)
    assert done.solved.value(left, "cell_width") == mm("10 15/16")
    assert done.solved.value(left, "face_width") == done.solved.value(right, "face_width") == mm("11")
    assert done.solved.value(left, "front_width_cut") == mm("10 3/4")
    assert done.solved.value(right, "cell_from_left") == mm("11 7/16")


def nested() -> tuple[Any, dict[str, str]]:
    """Two columns: three drawers, one of them fixed; and a tray over a shelf over a blocked bay, with rails."""
    plan = frameless("24 1/2", "25", "18")
    plan, (left, right) = split(plan, drawer_of(plan), "columns", {}, {})
    plan, (top, middle, low) = split(plan, left, "rows", fixed("5 in"), {}, share(2))
    plan, (tray, shelf, blocked) = split(
        plan, right, "rows", NO_FRONT, {"holds": "shelf"}, {"holds": "blocked"}, divider="board"
    )
    names = {"top": top, "middle": middle, "low": low, "tray": tray, "shelf": shelf, "blocked": blocked}
    return plan, names | {"left": left, "right": right}


def test_nested_splits_fill_their_space() -> None:
    plan, at = nested()
    done = solved(plan)
    heights = [done.solved.value(at[n], "cell_height") for n in ("top", "middle", "low")]
    assert sum(heights) == mm("25")
    right = [done.solved.value(at[n], "cell_height") for n in ("tray", "shelf", "blocked")]
    assert right == [mm("8")] * 3
    fronts = [done.solved.value(at[n], "front_height_cut") for n in ("top", "middle", "low")]
    assert sum(fronts) + 3 * mm("1/8") + done.solved.value(at["left"], "gap_at_floor") == mm("25")


def test_a_cell_gives_the_parts_of_what_it_holds() -> None:
    plan, at = nested()
    parts = {p.split("/")[0]: set() for p in solved(plan).plan.marks}
    for part in solved(plan).plan.marks:
        place, role = part.split("/")
        parts[place].add(role)
    walls = {"side_left", "side_right", "box_front", "box_back", "bottom"}
    assert parts[at["top"]] == walls | {"front"}
    assert parts[at["tray"]] == walls
    assert parts[at["shelf"]] == {"shelf", "divider"}
    assert parts[at["blocked"]] == {"divider"}
    assert parts[at["right"]] == {"divider"}


def test_a_tray_begins_at_the_front_face() -> None:
    plan, at = nested()
    done = solved(plan)
    assert done.solved.value(at["tray"], "runner_length") == mm("18")
    assert done.solved.value(at["top"], "runner_length") == mm("16")


def test_runners_follow_the_fronts() -> None:
    plan, at = nested()
    done = solved(plan)
    for name in ("top", "middle", "low"):
        room = done.solved.value(at[name], "front_from_floor") - mm("1/16")
        line = done.solved.value(at[name], "runner_line_built")
        assert done.solved.value(at[name], "runner_from_floor") == room + line


def test_runners_of_the_plan_are_counted_by_length() -> None:
    plan, _ = nested()
    assert [(h.amount, h.what) for h in solution_of(solved(plan)).hardware] == [
        ("3 pairs", "Side-mount ball-bearing runner, 16 in"),
        ("1 pair", "Side-mount ball-bearing runner, 18 in"),
        ("3 pieces", "Pull"),
        ("24 pieces", "Screw for dividers, No. 8 × 1 1/4 in"),
        ("12 pieces", "Screw for the front, 1 in"),
        ("3 pieces", "Screw for the pull, 1 5/8 in"),
        ("48 pieces", "Screw for the runner, 1/2 in"),
        ("44 pieces", "Brad for box corners, 1 1/4 in"),
        ("14 ml", "Wood glue at least"),
    ]


@pytest.mark.parametrize(
    ("parts", "more", "code"),
    [
        ([fixed("15 in"), fixed("15 in")], {}, "rows-over"),
        ([fixed("15 in"), fixed("5 in")], {}, "rows-under"),
        ([fixed("24 in"), {}], BOARD, "no-room-for-shares"),
        ([GRADUATED] * 2, {"step": "30 in"}, "rows-over"),
        ([{}] * 30, {"divider": "board"}, "no-height-for-box"),
    ],
)
def test_a_bank_that_cannot_fit_says_by_how_much(parts: list[dict[str, Any]], more: dict[str, Any], code: str) -> None:
    plan = frameless("22 1/2", "24 1/2", "18")
    plan, _ = split(plan, drawer_of(plan), "rows", *parts, **more)
    found = [f for f in solution_of(solved(plan)).findings if f.severity == "stop"]
    assert code in {f.code for f in found}
    assert all("in" in f.message and f.fix for f in found)


def test_rows_that_are_over_name_the_sum_and_three_ways_out() -> None:
    plan = frameless("22 1/2", "24 1/2", "18")
    plan, _ = split(plan, drawer_of(plan), "rows", fixed("15 in"), fixed("15 in"))
    (finding,) = [f for f in solution_of(solved(plan)).findings if f.code == "rows-over"]
    assert finding.message == "Fixed rows and dividers come to 30 in, 5 1/2 in more than the 24 1/2 in there is."
    assert finding.fix.count(",") == 2


def test_an_override_moves_nothing_outside_its_cell() -> None:
    plan, at = nested()
    before = solved(plan)
    thick = changed(plan, step(f"/places/{at['middle']}/choices/side_sheet", plan.choices["front_sheet"]))
    after = solved(thick)
    moved = {
        place
        for (place, name), one in after.solved.quantities.items()
        if before.solved.quantities.get((place, name)) is None
        or before.solved.quantities[place, name].value != one.value
    }
    assert moved == {at["middle"]}
    cleared = changed(thick, step(f"/places/{at['middle']}/choices/side_sheet", op="remove"))
    assert solved(cleared).solved.quantities == before.solved.quantities


def test_a_front_cut_differently_is_found_in_its_column() -> None:
    plan = frameless("22 1/2", "29 5/8", "18")
    plan, ids = split(plan, drawer_of(plan), "rows", {}, {}, {}, {})
    short = changed(plan, step(f"/as_built/{ids[1]}~1front_height_cut", "7 in"))
    assert "fronts-under" in codes(short, "attention")
    long = changed(plan, step(f"/as_built/{ids[1]}~1front_height_cut", "7 9/16 in"))
    assert "fronts-over" in codes(long, "stop")
    done = solved(short)
    assert done.solved.value(ids[0], "front_from_floor") == mm("22 1/4") + 0 * mm("1")


@pytest.mark.parametrize(
    ("surplus", "fronts"),
    [
        ("bottom", ["7 11/16", "7 11/16", "7 13/16"]),
        ("top", ["7 13/16", "7 11/16", "7 11/16"]),
        ("spread", ["7 11/16", "7 3/4", "7 3/4"]),
    ],
)
def test_the_surplus_of_a_column_goes_where_the_person_says(surplus: str, fronts: list[str]) -> None:
    plan = frameless("22 1/2", "23 11/16", "18", surplus=surplus)
    plan, ids = split(plan, drawer_of(plan), "rows", {}, {}, {})
    done = solved(plan)
    assert [done.solved.value(i, "front_height_cut") for i in ids] == [mm(f) for f in fronts]


def test_marks_stay_when_a_drawer_is_taken_out() -> None:
    plan = frameless("22 1/2", "29 5/8", "18")
    plan, ids = split(plan, drawer_of(plan), "rows", {}, {}, {})
    kept = solved(plan).plan
    fewer = changed(
        kept, step(f"/places/{drawer_of(plan)}/children", [ids[0], ids[2]]), step(f"/places/{ids[1]}", op="remove")
    )
    marks = solved(fewer).plan.marks
    assert {p: m for p, m in marks.items() if not p.startswith(ids[1])} == {
        p: m for p, m in kept.marks.items() if not p.startswith(ids[1])
    }
    more, new = split(fewer, ids[0], "columns", {}, {})
    given = set(kept.marks.values())
    assert not given & {m for p, m in solved(more).plan.marks.items() if p.split("/")[0] in new}


def test_pins_of_one_cell_leave_the_others() -> None:
    plan = pinned(frameless(), box_front_length_cut="20 15/32 in")
    plan, ids = split(plan, drawer_of(plan), "rows", {}, {})
    assert "pin-without-place" in codes(plan)
    assert solved(plan).solved.value(ids[0], "box_front_length_cut") == mm("20 1/2")
