"""Whole plans of real jobs, readings of our own invention: they solve, and their key sizes are those worked by hand."""

from __future__ import annotations

import re
from pathlib import Path
from typing import NamedTuple

import pytest

from tests.helpers import mm, solved
from vasculum.core.flow import key_text
from vasculum.export.files import EXPORTS
from vasculum.plan.document.reading import read_plan
from vasculum.plan.laying.layout import BOXES, cells_of
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.telling.solution import findings_of, quantity_keys
from vasculum.plan.telling.why import ReasonShown, tell
from vasculum.solid.proof import prove

HERE = Path(__file__).parent
JOBS = sorted(path.stem for path in HERE.glob("*.json"))
EXPLAINED = {
    "widths-differ", "walls-taper", "runner-screw-near-the-face", "front-passes-obstruction", "width-taken-once",
    "small-parts", "thin-strips", "strip-is-a-partition", "fix-to-the-wall", "anchor", "walls-bulge", "walls-twist",
    "goes-in-turned", "two-pairs", "box-racks", "screws-meet", "sides-are-mirror-images", "case-square-between-walls",
    "packing-wants-a-shim", "no-play", "fasteners-above-the-cut", "back-is-cut-down",
    "tray-first-then-shut", "stagger-screws", "packing-of-sheets", "runner-not-sold-so-long",
}  # fmt: skip
"""What these plans may say: what the readings show, and what the stock is."""


WARNED = {"16-bench-drawers": {"own-fastener-too-short", "own-fastener-near-the-face"}}
"""Worth attention, as worked by hand: a tray stop of 8.5 held by screws that bite 7.5 and leave 1 is glued as well."""


class Worked(NamedTuple):
    """One size: the cell counted from the first of its space, and the sum behind the figure."""

    job: str
    space: int
    cell: int
    name: str
    size: str
    worked: str


SIZES = [
    Worked("02-tool-chest", 0, 0, "outside_width", "16 15/16 in", "17 3/8 less two pads of 7/32"),
    Worked("02-tool-chest", 0, 0, "outside_height", "8 5/8 in", "8 15/16 - 9/16 + 1/4"),
    Worked("02-tool-chest", 0, 0, "kept_runner_nominal", "18 in", "17 1/2, the next even inch"),
    Worked("02-tool-chest", 0, 0, "runner_play_built", "0 in", "18 3/8 - 16 15/16 - 2 (1/2 + 7/32)"),
    Worked("02-tool-chest", 0, 0, "inside_width", "16 in", "16 15/16 less two sides of 15/32"),
    Worked("02-tool-chest", 0, 0, "inside_depth", "17 1/4 in", "18 3/16 less front and back"),
    Worked("02-tool-chest", 0, 0, "inside_height", "7 29/32 in", "8 5/8 - 1/4 - 15/32"),
    Worked("02-tool-chest", 0, 0, "runner_line_on_wall", "13/16 in", "1 1/4 - 7/16"),
    Worked("02-tool-chest", 0, 0, "upper_line_on_wall", "7 13/16 in", "8 1/4 - 7/16"),
    Worked("02-tool-chest", 0, 0, "runner_screw_cover", "1/16 in", "15/32 and 7/32 less 5/8 of reach"),
    Worked("03-pocket-bank", 0, 0, "outside_width", "24 7/8 in", "25 7/8 less two runners"),
    Worked("03-pocket-bank", 0, 1, "front_width_cut", "25 1/2 in", "25 7/8 - 2 x 3/16"),
    Worked("03-pocket-bank", 0, 2, "inside_height", "6 13/32 in", "7 - 3/8 - 7/32"),
    Worked("03-pocket-bank", 0, 0, "runner_from_floor", "20 9/16 in", "19 1/16 + 3/8 + 1 1/8"),
    Worked("03-pocket-bank", 0, 1, "runner_from_floor", "11 1/8 in", "9 5/8 + 3/8 + 1 1/8"),
    Worked("03-pocket-bank", 0, 2, "runner_from_floor", "1 11/16 in", "3/16 + 3/8 + 1 1/8"),
    Worked("12-pot-drawer", 0, 2, "outside_width", "17 1/2 in", "18 9/16 less two runners and 1/16"),
    Worked("12-pot-drawer", 0, 2, "runner_from_floor", "2 1/2 in", "1 3/8 on a box 1/4 above the lip of 7/8"),
    Worked("19-pull-out-shelves", 0, 0, "outside_width", "566 mm", "594 - 2 x 14"),
    Worked("19-pull-out-shelves", 1, 0, "outside_width", "238.5 mm", "266.5 - 2 x 14"),
    Worked("19-pull-out-shelves", 2, 0, "outside_width", "561.5 mm", "589.5 - 2 x 14"),
    Worked("19-pull-out-shelves", 0, 0, "post_packing_left", "18.5 mm", "45 + 6.5 - 16 - 17"),
    Worked("19-pull-out-shelves", 0, 0, "post_packing_right", "0.75 mm", "663.25 - 645.5 - 17"),
    Worked("19-pull-out-shelves", 1, 0, "post_packing_left", "0.75 mm", "698.5 - 680.75 - 17"),
    Worked("19-pull-out-shelves", 1, 0, "post_packing_right", "0 mm", "the post is more than 4 + 1.5"),
    Worked("19-pull-out-shelves", 2, 0, "post_packing_left", "0 mm", "the post is more than 4 + 6.5"),
    Worked("19-pull-out-shelves", 2, 0, "post_packing_right", "18.5 mm", "29 + 6.5 - 17"),
    Worked("04-rolling-cabinet", 0, 0, "front_height_cut", "5 1/2 in", "(28 1/2 - 5 x 1/16) / 4 - 3/2, down"),
    Worked("04-rolling-cabinet", 0, 3, "front_height_cut", "8 11/16 in", "28 3/16 less 5 1/2, 6 1/2 and 7 1/2"),
    Worked("04-rolling-cabinet", 0, 0, "outside_width", "17 7/8 in", "18 less two gaps of 1/16 for wooden runners"),
    Worked("04-rolling-cabinet", 0, 0, "runner_length", "15 in", "16 - 3/4 = 15 1/4"),
    Worked("05-bench", 0, 0, "cell_height", "3 3/4 in", "23 3/4 - 19 9/32 - 23/32: dogs of 3 1/2 end above the shelf"),
    Worked("05-bench", 0, 1, "outside_width", "26 9/16 in", "27 5/8 - 2 x 1/2 - 1/16"),
    Worked("05-bench", 0, 2, "front_height_cut", "11 1/4 in", "a board as it is"),
    Worked("05-bench", 0, 1, "front_height_cut", "7 21/32 in", "19 9/32 - 11 1/4 - 3 x 1/8"),
    Worked("05-bench", 0, 1, "inside_height", "6 13/32 in", "6 7/8 - 15/32"),
    Worked("05-bench", 0, 2, "inside_height", "9 27/32 in", "10 5/16 - 15/32"),
    Worked("05-bench", 0, 2, "spacer_block", "15/16 in", "1 13/16 - 7/8"),
    Worked("06-platform-bed", 0, 1, "cell_width", "976/3 mm", "(1000 - 2 x 12) / 3"),
    Worked("06-platform-bed", 1, 2, "bin_room_width", "322 mm", "310 + 2 x 6"),
    Worked("07-on-a-cabinet", 0, 0, "outside_width", "13 1/2 in", "(29 1/2 - 1/2) / 2 - 1"),
    Worked("07-on-a-cabinet", 0, 0, "runner_length", "16 in", "17 1/4 - 3/4 = 16 1/2"),
    Worked("08-desk", 0, 0, "front_height_cut", "7 1/8 in", "24 1/2 / 3 - 1, down"),
    Worked("08-desk", 0, 2, "front_height_cut", "9 1/4 in", "24 1/2 - 7 1/8 - 8 1/8"),
    Worked("08-desk", 0, 4, "front_height_cut", "5 3/4 in", "6 less two gaps"),
    Worked("09-wagon", 0, 0, "free_width", "16 5/8 in", "(43 7/8 - 1/2) / 2 - 5 1/16"),
    Worked("01-cubby", 0, 0, "cell_width", "354 mm", "342 + 2 x 6"),
    Worked("01-cubby", 0, 0, "cell_height", "198 mm", "186 + 12"),
    Worked("10-high-bed", 0, 1, "outside_width", "18 1/8 in", "(75 - 16 - 3/2) / 3 - 1, down"),
    Worked("14-sleeping-platform", 0, 0, "taken_below", "26.5 mm", "anchor of 25 and 1.5"),
    Worked("14-sleeping-platform", 0, 1, "outside_width", "492.5 mm", "(1048 - 12) / 2 - 25.4, down"),
    Worked("15-pick-up-bed", 0, 0, "free_width", "21 21/32 in", "(49 15/16 - 1/2) / 2 - 3 1/16"),
    Worked("15-pick-up-bed", 0, 0, "outside_depth", "60 in", "chosen"),
    Worked("16-bench-drawers", 0, 2, "outside_width", "653 mm", "678.5 less two runners of 12.7, down"),
    Worked("16-bench-drawers", 0, 4, "front_height_cut", "217 mm", "440 - 4 x 3 - 81.5 - 129.5"),
    Worked("16-bench-drawers", 0, 2, "inside_height", "56 mm", "71.5 - 7 - 8.5"),
    Worked("16-bench-drawers", 0, 3, "inside_height", "104 mm", "119.5 - 7 - 8.5"),
    Worked("16-bench-drawers", 0, 4, "inside_height", "191.5 mm", "207 - 7 - 8.5"),
    Worked("16-bench-drawers", 0, 2, "front_overhang_left", "9.75 mm", "(672.5 - 653) / 2"),
    Worked("16-bench-drawers", 0, 2, "face_groove_from_edge", "11 mm", "the box begins 4 up, its bottom 7 higher"),
    Worked("16-bench-drawers", 0, 4, "spacer_block", "16.5 mm", "39 - 45 / 2"),
    Worked("17-locking-box", 0, 0, "outside_width", "16 21/32 in", "18 11/64 less two runners of 3/4, down"),
    Worked("17-locking-box", 0, 0, "outside_height", "10 1/16 in", "11 5/16 - 1 1/4"),
    Worked("17-locking-box", 0, 1, "front_width_cut", "19 3/16 in", "(38 1/2 - 1/8) / 2"),
    Worked("17-locking-box", 0, 1, "front_height_cut", "11 17/32 in", "11 5/16 + 15/32 - 2 x 1/8"),
    Worked("11-hung-pans", 0, 0, "outside_width", "116 mm", "80 + 2 x 18"),
    Worked("11-hung-pans", 0, 0, "carrier_out", "30 mm", "18 + 12"),
    Worked("11-hung-pans", 0, 1, "hanging_across", "139.4 mm", "2 x 38 + 2 x 12.7 + 38"),
    Worked("11-hung-pans", 0, 1, "hooks_below", "146 mm", "36 + 140 - 30"),
    Worked("11-hung-pans", 0, 1, "free_below_pans", "49 mm", "715 - 146 - 520"),
    Worked("18-parts-trays", 0, 1, "parts_body", "498 mm", "514 - 2 x 8"),
    Worked("18-parts-trays", 0, 1, "parts_engagement", "5 mm", "8 - 3"),
    Worked("18-parts-trays", 0, 1, "parts_inside_height", "13 mm", "21 - 2 - 6"),
    Worked("18-parts-trays", 0, 8, "parts_inside_height", "19 mm", "27 - 2 - 6"),
    Worked("18-parts-trays", 0, 17, "parts_inside_height", "29 mm", "37 - 2 - 6"),
    Worked("18-parts-trays", 0, 0, "cell_height", "2 mm", "868 - 254 - 6 x 37 - 9 x 27 - 7 x 21"),
    Worked("18-parts-trays", 0, 23, "inside_height", "98 mm", "112 - 8 - 6"),
    Worked("21-second-tier", 0, 0, "back_rest", "2 1/2 in", "2 17/32 - 1/32"),
    Worked("21-second-tier", 0, 0, "outside_height", "2 7/16 in", "5 1/4 - 2 17/32 - 1/4 - 1/64, down"),
    Worked("21-second-tier", 0, 0, "tray_bearing", "5/32 in", "7/32 - 1/16"),
    Worked("21-second-tier", 0, 0, "keeper_lap", "7/16 in", "1/2 - 1/16"),
    Worked("21-second-tier", 0, 0, "free_before_tray", "11 9/16 in", "17 9/16 - 17 1/2 + 11 1/2"),
    Worked("21-second-tier", 0, 0, "grid_cell_across", "6 1/48 in", "(18 1/2 - 2 x 7/32) / 3"),
    Worked("21-second-tier", 0, 1, "outside_width", "19 1/8 in", "19 9/16 - 2 x 7/32"),
    Worked("21-second-tier", 0, 1, "outside_height", "2 13/32 in", "2 17/32 - 1/8"),
    Worked("21-second-tier", 0, 1, "grid_cell_across", "4 47/128 in", "(18 1/8 - 3 x 7/32) / 4"),
    Worked("21-second-tier", 0, 1, "grid_cell_deep", "5 3/8 in", "(16 9/16 - 2 x 7/32) / 3"),
    Worked("21-second-tier", 0, 1, "grid_shim", "7/64 in", "15/64 - 1/8"),
    Worked("20-guest-bed", 0, 0, "cell_width", "1192.2 mm", "(1999 - 12) x 3/5"),
    Worked("20-guest-bed", 1, 1, "cell_width", "1192.2 mm", "the other half is its mirror image"),
]


OF_SPACES = [
    ("01-cubby", "case_outside_width", "765 mm", "3 x 19 + 2 x 354"),
    ("01-cubby", "case_outside_height", "670 mm", "4 x 19 + 3 x 198"),
    ("01-cubby", "standing_height", "708 mm", "38 + 670"),
    ("01-cubby", "case_outside_depth", "300 mm", "292 + 5 + 3"),
    ("04-rolling-cabinet", "height_left_open", "30 in", "34 1/2 - 3 - 0 - 1 1/2"),
    ("04-rolling-cabinet", "standing_height", "34 1/2 in", "3 + 28 1/2 + 2 x 3/4 + 1 1/2"),
    ("04-rolling-cabinet", "case_across_length_cut", "18 3/4 in", "18 + 2 x 3/8 in dados"),
    ("04-rolling-cabinet", "case_outside_width", "19 1/2 in", "18 + 2 x 3/4"),
    ("04-rolling-cabinet", "caster_inset", "2 3/4 in", "1 1/4 and half of 3"),
    ("16-bench-drawers", "case_outside_height", "594 mm", "598 - 4"),
    ("16-bench-drawers", "case_outside_depth", "580 mm", "586 - 6"),
    ("17-locking-box", "standing_height", "12 1/2 in", "30 9/16 - 17 1/4 - 3/4 - 1/16"),
    ("17-locking-box", "deepest_outside", "33 9/16 in", "37 1/4 - 5 1/2 x 12 1/2 / 20, and 1/4 of fitting room"),
    ("17-locking-box", "case_forward", "27/32 in", "a face of 23/32 and a stand-off of 1/8"),
    ("17-locking-box", "room_beside_case", "11/16 in", "(39 7/8 - 38 1/2) / 2"),
    ("03-pocket-bank", "case_outside_width", "26 13/16 in", "26 15/16 - 1/8"),
    ("03-pocket-bank", "case_front_width", "27 1/4 in", "27 3/8 - 1/8"),
    ("03-pocket-bank", "opening_width", "25 7/8 in", "26 13/16 - 2 x 15/32"),
    ("03-pocket-bank", "opening_height", "28 1/2 in", "3 x 9 1/4 + 4 x 3/16"),
    ("03-pocket-bank", "case_panel_depth_cut", "14 3/4 in", "15 3/4 - 1"),
    ("03-pocket-bank", "case_outside_height", "29 15/16 in", "28 1/2 + 2 x 23/32"),
    ("12-pot-drawer", "clear_width", "33 3/16 in", "34 5/8 - 1 7/16"),
    ("07-on-a-cabinet", "height_left_open", "8 in", "36 1/4 - 4 - 23 1/2 - 3/4"),
    ("07-on-a-cabinet", "toe_kick", "3 7/8 in", "4 - 1/8"),
]
"""Sizes of the first space of a job, with the sum behind each."""


@pytest.mark.parametrize(("name", "size", "answer", "worked"), OF_SPACES)
def test_a_height_is_the_one_worked_by_hand(name: str, size: str, answer: str, worked: str) -> None:
    plan = job(name)
    assert plan.solved.value(plan.plan.space_order[0], size) == mm(answer), worked


def job(name: str) -> SolvedPlan:
    return solved(read_plan((HERE / f"{name}.json").read_bytes()))


@pytest.mark.parametrize("name", JOBS)
def test_a_job_solves_and_says_nothing_unexplained(name: str) -> None:
    plan = job(name)
    proof = prove(plan)
    assert proof.standing > 0
    assert not proof.waiting
    found = findings_of(plan, proof)
    grave = {one.code for one in found if one.severity in ("stop", "attention")}
    assert grave == WARNED.get(name, set())
    assert {one.code for one in found} - grave <= EXPLAINED
    boxes = [c for s in plan.plan.space_order for c in cells_of(plan.plan, s) if c.place.holds in BOXES]
    assert all(plan.solved.value(box.id, "outside_width") for box in boxes)


@pytest.mark.parametrize("one", SIZES, ids=lambda one: f"{one.job}-{one.name}-{one.cell}")
def test_a_size_is_the_one_worked_by_hand(one: Worked) -> None:
    plan = job(one.job)
    cell = cells_of(plan.plan, plan.plan.space_order[one.space])[one.cell]
    assert plan.solved.value(cell.id, one.name) == mm(one.size), one.worked


def test_every_job_has_a_size_worked_by_hand() -> None:
    assert {one.job for one in SIZES} == set(JOBS)


@pytest.mark.parametrize("name", JOBS)
def test_a_job_can_be_printed(name: str) -> None:
    assert EXPORTS["sheet.pdf"].make(job(name), 1).startswith(b"%PDF")


def test_one_grain_runs_over_all_fronts_of_the_rolling_cabinet() -> None:
    """Faces of 28 3/16 and three kerfs of 1/8 come out of 32; the figure jumps back by 1/16, a gap less a kerf."""
    plan = job("04-rolling-cabinet")
    (column,) = [id_ for id_, place in plan.plan.places.items() if place.holds == "rows"]
    assert plan.solved.value(column, "panel_length_needed") == mm("28 9/16")
    assert plan.solved.value(column, "panel_offcut") == mm("3 5/16")
    assert plan.solved.value(column, "figure_jumps_by") == -mm("1/16")


@pytest.mark.parametrize("name", JOBS)
def test_every_reason_of_a_job_tells_how_its_number_came_about(name: str) -> None:
    plan = job(name)
    told: dict[str, ReasonShown] = {}
    for key in quantity_keys(plan):
        if key_text(key) not in told:
            told |= {reason.key: reason for reason in tell(plan, key)}
    sums = [reason.sum for reason in told.values() if reason.sum and reason.inputs]
    compared = [line for reason in told.values() for line in reason.compared]
    assert sums
    assert not [each for each in sums if re.fullmatch(r"\d+", each)], "a bare number explains nothing"
    assert not [each for each in sums if re.search(r"^0 \+|[+−] 0( [+−×÷]|\)|$)|[×÷] 1( [+−×÷]|\)|$)|\d{7}", each)]
    assert not [each for each in compared if re.search(r"\d{7}", each)]
