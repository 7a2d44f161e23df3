"""Changing a plan: patches whole or not at all, marks for good, what moved, and what is assumed."""

from __future__ import annotations

import pytest

from tests.helpers import (
    act,
    changed,
    codes,
    drawer_of,
    framed,
    frameless,
    measured,
    mm,
    pinned,
    solved,
    space_of,
    step,
    value,
    with_choices,
    with_readings,
)
from vasculum.core.errors import LengthRefused, NoSuchQuantity, PlanRefused
from vasculum.core.lengths import show
from vasculum.plan.document.marks import mark_text, with_marks
from vasculum.plan.document.patching import PatchStep, patched
from vasculum.plan.document.reading import FaultyPlan, read_plan, write_plan
from vasculum.plan.document.starting import new_plan
from vasculum.plan.laying.solving import solve_plan
from vasculum.plan.making.marking import marked
from vasculum.plan.making.pieces import pieces_of
from vasculum.plan.telling.outcome import moved
from vasculum.plan.telling.solution import solution_of
from vasculum.plan.telling.why import tell

# ---- patches ------------------------------------------------------------------------------------------------------


def test_a_patch_is_applied_and_the_plan_before_stays() -> None:
    before = framed()
    after = changed(before, step("/name", "Other", "replace"))
    assert (before.name, after.name) == ("Framed", "Other")


@pytest.mark.parametrize(
    ("steps", "code"),
    [
        ([step("/nowhere/at/all", 1)], "patch-does-not-fit"),
        ([step("/readings/reading-99", op="remove")], "patch-does-not-fit"),
        ([step("/name", "x", "test")], "patch-does-not-fit"),
        ([step("/name", "", "replace")], "plan-faulty"),
        ([step("/name", "Good", "replace"), step("/choices/gap", "x")], "plan-faulty"),
        ([step("/marks/x", "A")], "patch-reaches-too-far"),
        ([step("/marks", {}, "replace")], "patch-reaches-too-far"),
        ([step("/marks_given", 0, "replace")], "patch-reaches-too-far"),
        ([step("/format", "other", "replace")], "patch-reaches-too-far"),
        ([step("/version", 2, "replace")], "patch-reaches-too-far"),
        ([step("", {}, "replace")], "patch-reaches-too-far"),
        ([step("/next_id", 1, "replace")], "plan-faulty"),
    ],
)
def test_a_patch_that_cannot_be_taken_changes_nothing(steps: list[PatchStep], code: str) -> None:
    with pytest.raises(PlanRefused) as refused:
        patched(framed(), steps)
    assert refused.value.code == code


def test_a_number_once_given_is_not_given_again() -> None:
    plan = with_readings(framed(), "frame", {"of": "width", "value": "22 in", "level": "low"})
    gone = changed(plan, step("/readings/reading-12", op="remove"), step("/reading_order/3", op="remove"))
    with pytest.raises(FaultyPlan) as refused:
        changed(
            gone,
            step("/readings/reading-12", {"survey": "survey-1", "of": "width", "value": "9 in"}),
            step("/reading_order/-", "reading-12"),
        )
    assert refused.value.code == "id-used-before"


@pytest.mark.parametrize(
    ("kind", "row"),
    [
        ("boards", {"name": "Maple", "thickness": "3/4 in", "width": "5 1/2 in"}),
        ("bands", {"name": "Iron-on", "thickness": "0.5 mm"}),
    ],
)
def test_a_row_of_stock_that_is_gone_leaves_its_number_taken(kind: str, row: dict[str, str]) -> None:
    plan = framed()
    id_ = f"{kind[:-1]}-{plan.next_id}"
    there = changed(plan, step(f"/library/{kind}/{id_}", row), step("/next_id", plan.next_id + 1, "replace"))
    gone = changed(there, step(f"/library/{kind}/{id_}", op="remove"))
    with pytest.raises(FaultyPlan) as refused:
        changed(gone, step(f"/library/{kind}/{id_}", {**row, "name": "Other"}))
    assert refused.value.code == "id-used-before"


def test_next_id_never_goes_back() -> None:
    plan = changed(framed(), step("/next_id", 50, "replace"))
    with pytest.raises(FaultyPlan) as refused:
        changed(plan, step("/next_id", 20, "replace"))
    assert refused.value.code == "id-used-before"


# ---- a new plan ---------------------------------------------------------------------------------------------------


@pytest.mark.parametrize("unit", ["in", "mm"])
@pytest.mark.parametrize("kind", ["framed", "frameless"])
def test_three_numbers_give_a_drawer_with_its_parts(kind: str, unit: str) -> None:
    plan = new_plan("First", kind, unit, "22 1/2 in", "240 mm", "18 in")  # type: ignore[arg-type]
    solution = solution_of(solved(plan))
    assert sum(part.count for part in solution.parts) == 6
    assert all(part.length.value for part in solution.parts)
    assert {"width-taken-once", "height-taken-once", "depth-taken-once"} <= codes(plan)


def test_a_plan_without_numbers_waits_for_them() -> None:
    solution = solution_of(solved(new_plan("Empty", "framed", "in")))
    assert {f.code for f in solution.findings if f.severity == "stop"} == {
        "no-width-read",
        "no-height-read",
        "no-depth-read",
    }
    assert solution.stages.measure == "empty"
    assert solution.stages.cut == "empty"


def test_a_size_that_cannot_be_read_makes_no_plan() -> None:
    with pytest.raises(LengthRefused):
        new_plan("Bad", "framed", "in", "12..5")


def test_readings_keep_what_was_typed() -> None:
    plan = new_plan("Typed", "framed", "in", "30 3/8 - 3 * 3/4", "240 mm", "18")
    assert [plan.readings[i].value for i in plan.reading_order] == ["(30 3/8 - 3 * 3/4) in", "240 mm", "18 in"]


# ---- the smallest governs -----------------------------------------------------------------------------------------


def test_the_smallest_of_several_readings_governs_and_says_so() -> None:
    plan = with_readings(
        framed(),
        "frame",
        {"of": "width", "value": "22 7/16 in", "level": "low"},
        {"of": "width", "value": "572 mm", "level": "high"},
    )
    assert value(plan, "opening_width") == mm("22 7/16")
    told = tell(solved(plan), ("survey-1", "governing_width"))
    assert told[0].sentence == "The narrowest reading governs the width."
    assert (
        told[0].sum == "smallest of (width, middle, front 22 1/2 in, width, low 22 7/16 in, width, high ≈22 33/64 in)"
    )
    assert {link.origin for link in told[1:]} == {"measured"}
    assert "width-taken-once" not in codes(plan)
    assert "widths-differ" in codes(plan)


def test_inside_widths_decide_the_packing_and_not_the_box() -> None:
    before = framed()
    after = with_readings(before, "case", {"of": "width", "value": "24 in", "along": "front", "level": "low"})
    assert value(after, "box_width") == value(before, "box_width")
    assert value(after, "packing_left") == mm("13/16")


# ---- choices and defaults -----------------------------------------------------------------------------------------


def test_a_choice_is_looked_up_in_the_cell_then_the_space_then_the_plan() -> None:
    plan = with_choices(frameless(), gap="1/4 in")
    assert value(plan, "gap") == mm("1/4")
    plan = changed(plan, step(f"/spaces/{space_of(plan)}/choices/gap", "3/8 in"))
    assert value(plan, "gap") == mm("3/8")
    plan = changed(plan, step(f"/places/{drawer_of(plan)}/choices/gap", "1/16 in"))
    assert value(plan, "gap") == mm("1/16")


def test_a_joint_chosen_for_one_cell_holds_there() -> None:
    plan = frameless()
    plan = changed(plan, step(f"/places/{drawer_of(plan)}/choices/joint", "rabbet_in_ends"))
    assert value(plan, "rabbet_depth_front") == mm("1/4")


def test_showing_a_plan_in_the_other_unit_changes_no_size() -> None:
    before = solved(frameless())
    after = solved(changed(before.plan, step("/units/length", "mm", "replace")))
    assert moved(before, after) == []


def test_ends_follow_the_sides_unless_chosen() -> None:
    plan = measured(frameless(), side_sheet="15/32 in")
    assert value(plan, "box_front_thickness") == mm("15/32")
    plan = with_choices(plan, box_front_sheet=plan.choices["front_sheet"])
    assert value(plan, "box_front_thickness") == mm("3/4")
    assert value(plan, "box_back_thickness") == mm("15/32")


# ---- what moved, what is assumed ----------------------------------------------------------------------------------


def test_measuring_the_sides_lists_everything_that_moved() -> None:
    before = solved(frameless())
    after = solve_plan(measured(before.plan, side_sheet="15/32 in"), before)
    listed = {m.key.split("/")[1]: (m.old, m.new) for m in moved(before, after)}
    shown = {name: (old.text, new.text) for name, (old, new) in listed.items() if old and new}
    assert shown["side_thickness"] == ("1/2", "15/32")
    assert shown["box_front_length_cut"] == ("20 1/2", "20 9/16")
    assert shown["groove_depth_side"] == ("1/4", "15/64")
    assert "box_width" not in shown
    assert "front_width_cut" not in shown


def test_sizes_of_parts_are_listed_first() -> None:
    before = solved(frameless())
    names = [m.key.split("/")[1] for m in moved(before, solved(measured(before.plan, side_sheet="15/32 in")))]
    assert names.index("box_front_length_cut") < names.index("box_front_length")


def test_an_assumed_thickness_marks_what_rests_on_it_until_confirmed() -> None:
    plan = frameless()
    done = solved(plan)
    key = (drawer_of(plan), "box_front_length_cut")
    assert ("plan", "side_thickness") in done.solved.quantities[key].rests_on
    listed = {a.key: a for a in solution_of(done).assumed}
    confirmed = changed(plan, *listed["plan/side_thickness"].confirm)
    assert ("plan", "side_thickness") not in solved(confirmed).solved.quantities[key].rests_on
    assert value(confirmed, "box_front_length_cut") == value(plan, "box_front_length_cut")


def test_confirming_a_drawers_own_sheet_measures_that_sheet_and_no_other() -> None:
    plan = frameless()
    place, thick, usual = drawer_of(plan), plan.choices["front_sheet"], plan.choices["side_sheet"]
    plan = changed(
        plan, step(f"/places/{place}/holds", "tray", "replace"), step(f"/places/{place}/choices/side_sheet", thick)
    )
    (one,) = [a for a in solution_of(solved(plan)).assumed if a.key == f"{place}/side_thickness"]
    assert one.label == "thickness of Plywood 3/4"
    confirmed = changed(plan, *one.confirm)
    assert confirmed.library.sheets[thick].measured == "3/4 in"
    assert confirmed.library.sheets[usual].measured is None
    assert f"{place}/side_thickness" not in {a.key for a in solution_of(solved(confirmed)).assumed}


def test_confirming_everything_leaves_nothing_assumed() -> None:
    plan = frameless()
    for _ in range(20):
        assumed = solution_of(solved(plan)).assumed
        if not assumed:
            break
        plan = changed(plan, *assumed[0].confirm)
    assert solution_of(solved(plan)).assumed == []
    assert not any(q.is_assumed for q in solution_of(solved(plan)).quantities.values())


# ---- as built -----------------------------------------------------------------------------------------------------


def test_a_part_built_short_carries_its_followers_and_keeps_the_planned_size_beside() -> None:
    plan = frameless()
    short = pinned(plan, box_front_length_cut="20 15/32 in")
    shown = solution_of(solved(short)).quantities[f"{drawer_of(plan)}/box_front_length_cut"]
    assert shown.value is not None
    assert shown.planned is not None
    assert (shown.value.text, shown.planned.text, shown.origin) == ("20 15/32", "20 1/2", "as built")
    assert value(short, "outside_width") == value(plan, "outside_width") - mm("1/32")
    assert value(short, "bottom_width") == value(plan, "bottom_width") - mm("1/32")
    assert value(short, "box_width") == value(plan, "box_width")


def test_a_pin_whose_place_is_gone_is_a_finding() -> None:
    plan = changed(frameless(), step("/as_built/place-99~1side_length_cut", "5 in"))
    assert "pin-without-place" in codes(plan, "attention")
    plan = pinned(with_choices(frameless(), joint="rabbet_in_ends"), rabbet_depth_front="1/8 in")
    back = with_choices(plan, joint="butt_between")
    assert "pin-without-place" in codes(back, "attention")


# ---- marks --------------------------------------------------------------------------------------------------------


def test_marks_are_kept_and_never_given_again() -> None:
    plan = with_marks(frameless(), ["p/a", "p/b"], "p")
    assert plan.marks == {"p/a": "A", "p/b": "B"}
    again = with_marks(plan, ["p/b", "p/c"], "p")
    assert again.marks == {"p/a": "A", "p/b": "B", "p/c": "C"}
    assert with_marks(again, ["p/a", "p/c"], "p") == again


def test_the_marks_of_a_place_that_is_gone_are_given_up_and_never_given_again() -> None:
    plan = with_marks(frameless(), ["p/a", "q/a"], "pq")
    less = with_marks(plan, ["q/a"], "q")
    assert less.marks == {"q/a": "B"}
    assert with_marks(less, ["q/a", "q/b"], "q").marks == {"q/a": "B", "q/b": "C"}


def test_a_layout_made_anew_again_and_again_keeps_as_many_marks_as_it_has_parts() -> None:
    plan = marked(frameless("30", "240", "20")).plan
    first = drawer_of(plan)
    for _ in range(6):
        plan = marked(act(plan, "split", place=first, into="rows", count=10)).plan
        for other in [id_ for id_, place in plan.places.items() if place.holds == "drawer" and id_ != first]:
            plan = marked(act(plan, "take-out", place=other)).plan
    assert len(plan.marks) == len(pieces_of(solved(plan)))
    assert plan.marks_given >= 6 * 9 * 5
    assert read_plan(write_plan(plan)) == plan


def test_a_split_too_many_in_others_is_refused_before_it_is_kept() -> None:
    plan = frameless("400", "400", "20")
    drawer = drawer_of(plan)
    for deep in range(40):
        plan = act(plan, "split", place=drawer, into="rows" if deep % 2 else "columns")
    assert read_plan(write_plan(plan)) == plan
    with pytest.raises(FaultyPlan, match="More than 40 splits"):
        act(plan, "split", place=drawer, into="columns")


@pytest.mark.parametrize(
    ("number", "text"), [(1, "A"), (8, "H"), (9, "J"), (14, "P"), (24, "Z"), (25, "AA"), (26, "AB")]
)
def test_a_mark_has_no_letter_that_reads_like_a_number(number: int, text: str) -> None:
    assert mark_text(number) == text


def test_marks_are_all_different() -> None:
    marks = [mark_text(n) for n in range(1, 2000)]
    assert len(set(marks)) == len(marks)
    assert not any(c in "".join(marks) for c in "IO")


def test_every_part_of_a_kept_plan_has_a_mark() -> None:
    done = solved(frameless())
    assert sorted(done.plan.marks.values()) == ["A", "B", "C", "D", "E", "F"]
    rows = solution_of(done).parts
    assert all(mark for row in rows for mark in row.marks)


# ---- parts --------------------------------------------------------------------------------------------------------


def test_identical_parts_are_merged_and_hands_are_not() -> None:
    rows = {r.name: r for r in solution_of(solved(frameless())).parts}
    assert rows["Box front, Box back"].count == 2
    assert (rows["Box side, left"].hand, rows["Box side, right"].hand) == ("L", "R")
    assert sum(r.count for r in rows.values()) == 6


def test_parts_of_different_stock_are_not_merged() -> None:
    plan = frameless()
    plan = with_choices(plan, box_front_sheet=plan.choices["front_sheet"])
    assert {"Box front", "Box back"} <= {r.name for r in solution_of(solved(plan)).parts}


def test_packing_strips_are_parts_where_there_is_packing() -> None:
    plan = with_readings(framed(), "case", {"of": "width", "value": "24 in", "along": "front", "level": "low"})
    strips = [r for r in solution_of(solved(plan)).parts if r.name.startswith("Packing")]
    assert [(s.hand, s.thickness.value and s.thickness.value.text) for s in strips] == [("L", "13/16"), ("R", "13/16")]
    assert not [r for r in solution_of(solved(framed())).parts if r.name.startswith("Packing")]


def test_joinery_is_told_with_its_numbers() -> None:
    rows = {r.name: r for r in solution_of(solved(frameless(joint="rabbet_in_ends"))).parts}
    assert [j.text for j in rows["Box front, Box back"].joinery] == [
        "Groove for the bottom: 3/8 in above the lower edge, 1/4 in wide, 1/4 in deep, inside face; 2 passes of a blade of 1/8 in",
        "Rabbet for the sides: both ends, 1/2 in wide, 1/4 in deep, inside face; 4 passes of a blade of 1/8 in",
    ]


def test_hardware_names_the_runner_by_its_length() -> None:
    texts = [(h.count, h.unit, h.what) for h in solution_of(solved(frameless())).hardware]
    assert texts[0] == (1, "pair", "Side-mount ball-bearing runner, 16 in")
    assert texts[2] == (4, "piece", "Screw for the front, 1 in")
    two = solution_of(solved(frameless(front_screws="2"))).hardware[2]
    assert (two.count, two.amount) == (2, "2 pieces")


def test_tape_checks_say_what_the_tape_should_read() -> None:
    solution = solution_of(solved(frameless()))
    checks = {c.key.split("/")[1]: solution.should_read(c).text for c in solution.tape_checks}
    assert checks["outside_width"] == "21 1/2"
    assert checks["dry_gap_beside"] == "1/2"
    assert checks["runner_play_built"] == "0"
    assert checks["opening_by_front"] == checks["opening_by_box"] == "22 1/2"
    assert checks["box_diagonal"] == "≈" + show(mm("26 51/64"), "in")


def test_stages_say_how_far_they_are() -> None:
    first = solution_of(solved(frameless())).stages
    assert (first.measure, first.make, first.cut) == ("in hand", "in hand", "in hand")
    wrong = solution_of(solved(frameless(wanted_box_height="12 in"))).stages
    assert (wrong.make, wrong.cut) == ("needs attention", "needs attention")


def test_asking_why_of_nothing_is_refused() -> None:
    with pytest.raises(NoSuchQuantity):
        tell(solved(frameless()), ("place-2", "colour"))


def test_why_of_a_waiting_size_names_the_refusal() -> None:
    done = solved(new_plan("Half", "frameless", "in", None, "9", "18"))
    chain = tell(done, (drawer_of(done.plan), "box_width"))
    problems = [link.problem.code for link in chain if link.problem]
    assert problems == ["no-width-read"]


def test_a_height_to_match_is_left_to_what_is_not_said_and_refused_when_it_is_over() -> None:
    space = space_of(frameless())
    plan = frameless()
    said = {"matched_height": "36 in", "caster_height": "4 in", "top_thickness": "1 1/2 in"}
    plan = changed(plan, step(f"/spaces/{space}/choices", said))
    assert solved(plan).solved.value(space, "height_left_open") == mm("30 1/2")
    assert solved(plan).solved.value(space, "toe_kick") == mm("3 7/8")
    over = changed(plan, step(f"/spaces/{space}/choices/carcass_height", "31 in"))
    assert codes(over, "stop") == {"heights-over"}


def test_a_mattress_larger_than_its_room_says_what_contradicts_what() -> None:
    plan = frameless()
    space = space_of(plan)
    bed = {"mattress_width": "60 in", "mattress_length": "80 in", "platform_width": "59 in", "platform_length": "82 in",
           "room_width": "50 in", "room_length": "100 in"}  # fmt: skip
    plan = changed(plan, step(f"/spaces/{space}/choices", bed))
    assert codes(plan, "stop", "attention") == {"mattress-wider", "bed-larger-than-room"}
