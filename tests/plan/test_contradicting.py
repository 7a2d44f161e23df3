"""Sizes noted as built that contradict each other are told, with both sizes and the difference; those that agree are not."""

from __future__ import annotations

import pytest

from tests.helpers import changed, drawer_of, frameless, mm, solved, space_of, split, step, with_choices
from vasculum.core.lengths import show_with_unit
from vasculum.plan.document import Plan
from vasculum.plan.laying.solving import SolvedPlan, nearest_key
from vasculum.plan.telling.solution import findings_of


def box(**choices: str) -> Plan:
    return frameless("22 1/2", "9", "20", **choices)


def case(**choices: str) -> Plan:
    return with_choices(frameless("30", "24", "20"), carcass="new", **choices)


def columns() -> Plan:
    return split(frameless("36", "9", "20"), "place-2", "columns", {}, {})[0]


def rows() -> Plan:
    return split(frameless("22 1/2", "24", "20"), "place-2", "rows", {}, {}, divider="board")[0]


def shelf() -> Plan:
    plan = frameless("22 1/2", "9", "20")
    return changed(plan, step(f"/places/{drawer_of(plan)}/holds", "shelf", "replace"))


def place_of(done: SolvedPlan, name: str) -> str:
    """Where a size is worked out: at the drawer or further out."""
    for place in (drawer_of(done.plan), space_of(done.plan)):
        key = nearest_key(done, place, name)
        if key in done.solved.quantities:
            return key[0]
    raise AssertionError(name)


def noted(plan: Plan, name: str, by: str) -> tuple[Plan, str, str]:
    """The plan with one size noted as built, so much more or less than worked out; and both sizes as they are shown."""
    done = solved(plan)
    place = place_of(done, name)
    planned = done.solved.value(place, name)
    off = -mm(by.removeprefix("-")) if by.startswith("-") else mm(by)
    after = changed(plan, step(f"/as_built/{place}~1{name}", f"{planned + off} mm"))
    return after, show_with_unit(planned + off, "in"), show_with_unit(abs(off), "in")


CONTRADICTING = [
    ("a back longer than the front", box(), "box_back_length_cut", "1/4", "box-back-length-off"),
    ("a back shorter than the front", box(joint="rabbet_in_ends"), "box_back_length_cut", "-1/4", "box-back-length-off"),
    ("a back higher than a bottom slid in under it leaves", box(bottom="slid_in"), "back_wall_height_cut", "1/8", "back-wall-height-off"),
    ("an outside beside its own front", box(), "outside_width", "1/4", "built-otherwise"),
    ("a depth beside its own sides", box(), "outside_depth", "-1/4", "built-otherwise"),
    ("a line beside its spacer", box(), "runner_line_built", "1/4", "built-otherwise"),
    ("a bottom too wide between walls", box(bottom="between"), "bottom_width_cut", "1/8", "bottom-too-wide"),
    ("a bottom too short between walls", box(bottom="between"), "bottom_depth_cut", "-1/8", "bottom-not-held"),
    ("a planted bottom that stands out", box(bottom="planted"), "bottom_depth_cut", "1/8", "bottom-too-deep"),
    ("a planted bottom that falls", box(bottom="planted"), "bottom_width_cut", "-3/4", "bottom-not-held"),
    ("a bottom too deep for its rabbet", box(bottom="in_rabbet"), "bottom_depth_cut", "1/8", "bottom-too-deep"),
    ("a bottom that leaves its rabbet", box(bottom="in_rabbet"), "bottom_width_cut", "-1/2", "bottom-not-held"),
    ("a bottom too wide for its grooves", box(), "bottom_width_cut", "1/4", "bottom-too-wide"),
    ("a bottom that leaves its grooves", box(), "bottom_width_cut", "-1/2", "bottom-falls-out"),
    ("boards across a case cut short", case(), "case_across_length_cut", "-1/4", "case-board-off"),
    ("sides of a case cut short", case(), "case_side_length_cut", "-1/4", "case-board-off"),
    ("panels of a case cut short", case(), "case_panel_depth_cut", "-1/4", "case-board-off"),
    ("an upright divider too long", columns(), "divider_length_cut", "1/4", "divider-length-off"),
    ("a lying divider too short", rows(), "divider_length_cut", "-1/4", "divider-length-off"),
    ("a divider too deep", columns(), "divider_depth_cut", "1/4", "divider-depth-off"),
    ("a shelf too long", shelf(), "shelf_length_cut", "1/4", "shelf-length-off"),
    ("a shelf that falls", shelf(), "shelf_length_cut", "-1/2", "shelf-length-off"),
    ("a shelf too deep", shelf(), "shelf_depth_cut", "1/4", "shelf-depth-off"),
]  # fmt: skip


@pytest.mark.parametrize(
    ("plan", "name", "by", "code"), [row[1:] for row in CONTRADICTING], ids=[r[0] for r in CONTRADICTING]
)
def test_what_contradicts_is_told_with_both_sizes(plan: Plan, name: str, by: str, code: str) -> None:
    assert code not in {one.code for one in findings_of(solved(plan))}
    after, size, _ = noted(plan, name, by)
    found = [one for one in findings_of(solved(after)) if one.code == code]
    assert found
    if code not in ("bottom-too-wide", "bottom-falls-out"):
        assert any(size in one.message for one in found)
        assert all(one.message.count(" in") >= 3 for one in found), "both sizes, and the difference"


AGREEING = [
    (box(), "box_front_length_cut", "-1/16"),
    (box(), "outside_width", "1/64"),
    (box(), "side_length_cut", "-1/8"),
    (box(), "wall_height_cut", "-1/8"),
    (columns(), "divider_depth_cut", "-1/32"),
]


@pytest.mark.parametrize(("plan", "name", "by"), AGREEING)
def test_what_the_plan_follows_contradicts_nothing(plan: Plan, name: str, by: str) -> None:
    after, _, _ = noted(plan, name, by)
    told = {row[-1] for row in CONTRADICTING}
    assert not told & {one.code for one in findings_of(solved(after))}


def test_an_open_rabbet_is_looked_at_at_coarse_increments() -> None:
    """Cut to the inch a bottom of 20 15/16 comes out at 20: it lies in neither of its rabbets of 1/4."""
    fine = box(bottom="in_rabbet")
    coarse = changed(fine, step("/units/increment", "1 in", "replace"))
    assert "bottom-not-held" not in {one.code for one in findings_of(solved(fine))}
    assert "bottom-not-held" in {one.code for one in findings_of(solved(coarse))}
