"""A tray on risers in a drawer whose back is cut down: it narrows what is below, slides back over it, and does not tip."""

from __future__ import annotations

from fractions import Fraction

import pytest

from tests.helpers import act, changed, codes, drawer_of, mm, solved, split, step, with_choices, with_obstruction
from vasculum.core.errors import LengthRefused
from vasculum.core.tables import stock_runners
from vasculum.plan.document import Plan
from vasculum.plan.document.reading import FaultyPlan
from vasculum.plan.document.starting import new_plan
from vasculum.plan.laying.layout import cells_of
from vasculum.plan.making.meeting import Meeting
from vasculum.plan.making.pieces import pieces_of
from vasculum.solid.proof import prove


def tiered(*below: dict[str, str], low: str = "2 17/32 in", increment: str = "1/32 in", **choices: str) -> Plan:
    """A tray over a row, or over columns, in a drawer 19 9/16 wide, 17 9/16 deep and 5 1/4 high inside."""
    plan = new_plan("Tier", "frameless", "in", "19 9/16", "5 1/4", "17 9/16", what="drawer")
    plan = changed(plan, step("/units/increment", increment, "replace"))
    fixed = {"size": {"by": "fixed", "length": low}}
    plan, (tray, row) = split(plan, drawer_of(plan), "rows", {"holds": "tray"}, {"holds": "tray", **fixed})
    if below:
        plan, _ = split(plan, row, "columns", *({"holds": "tray", **one} for one in below), divider="none")
    plan = act(plan, "carry", at=tray, system="risers")
    return changed(plan, *(step(f"/places/{tray}/choices/{name}", text) for name, text in choices.items()))


def of_tray(plan: Plan, name: str) -> Fraction:
    tray, *_ = cells_of(plan, plan.space_order[0])
    found: Fraction = solved(plan).solved.value(tray.id, name)
    return found


def test_without_cleats_a_tray_goes_back_by_less_than_half() -> None:
    """17 1/2 / 2 - 1/2; with cleats two thirds, 11 2/3 down to the increment of 1/32: 11 21/32."""
    assert of_tray(tiered(), "tray_travel") == mm("8 1/4")
    kept = tiered(tray_kept="cleats")
    assert of_tray(kept, "tray_travel") == mm("11 21/32")
    assert of_tray(kept, "keeper_length") == mm("5 27/32")
    assert of_tray(tiered(room_behind_open="6 in"), "tray_travel") == mm("6")


@pytest.mark.parametrize(("choices", "code", "severity"), [
    ({"wanted_tray_travel": "11 1/2 in"}, "tray-tips", "stop"),
    ({"wanted_tray_travel": "13 in", "tray_kept": "cleats"}, "little-under-cleats", "attention"),
    ({"wanted_tray_travel": "18 in", "tray_kept": "cleats"}, "tray-slides-out", "stop"),
    ({"wanted_tray_travel": "8 in", "room_behind_open": "7 in"}, "no-room-behind-for-tray", "stop"),
    ({"wanted_back_rest": "2 17/32 in"}, "tray-catches-on-the-back", "attention"),
    ({"wanted_back_rest": "2 5/8 in"}, "tray-catches-on-the-back", "stop"),
    ({"old_back": "over_ends"}, "back-over-the-ends", "stop"),
    ({"old_back_screws": "2 1/2 in"}, "fastener-on-the-cut", "stop"),
    ({"keeper_width": "1/16 in", "tray_kept": "cleats"}, "cleat-misses-the-rim", "stop"),
])  # fmt: skip
def test_what_goes_wrong_is_said(choices: dict[str, str], code: str, severity: str) -> None:
    assert code in codes(tiered(**choices), severity)
    assert code not in codes(tiered())


def test_nobody_saws_before_the_fasteners_are_found() -> None:
    assert "fasteners-not-looked-for" in codes(tiered(), "attention")
    found = tiered(old_back_screws="4 1/2 in", old_back_brads="3/8 in; 1 3/8 in; 2 3/8 in; 3 1/2 in")
    assert not codes(found) & {"fasteners-not-looked-for", "fastener-on-the-cut"}
    assert "fasteners-above-the-cut" in codes(found, "note")
    assert "fasteners-above-the-cut" not in codes(tiered(old_back_brads="3/8 in"))


def test_a_list_of_heights_is_read_or_refused_in_words() -> None:
    plan = tiered()
    tray = cells_of(plan, plan.space_order[0])[0].id
    typed = act(plan, "choose", at=tray, name="old_back_brads", value="3/8; 1 3/8 ;40 mm")
    assert typed.places[tray].choices["old_back_brads"] == "3/8 in; 1 3/8 in; 40 mm"
    assert solved(typed).solved.value(tray, "old_back_brads") == (mm("3/8"), mm("1 3/8"), Fraction(40))
    with pytest.raises(LengthRefused, match="many"):
        act(plan, "choose", at=tray, name="old_back_brads", value="3/8; many")


@pytest.mark.parametrize("choices", [
    {}, {"tray_kept": "cleats"}, {"tray_kept": "cleats", "wanted_tray_travel": "11 1/2 in"}, {"riser_over_rest": "0 in"},
    {"wanted_box_depth": "10 in"}, {"bottom": "grooved", "joint": "dado"}, {"fitted": "grid", "grid_across": "3"},
])  # fmt: skip
@pytest.mark.parametrize("increment", ["1/32 in", "1/4 in", "1 mm"])
@pytest.mark.parametrize("below", [(), ({}, {}), ({"choices": {"bottom": "none", "fitted": "grid"}}, {}, {})])
def test_it_slides_out_and_back_and_meets_nothing(
    choices: dict[str, str], increment: str, below: tuple[dict[str, str], ...]
) -> None:
    plan = tiered(*below, increment=increment, **choices)
    assert prove(solved(plan)).meetings == ()


def met(plan: Plan) -> list[Meeting]:
    return [one for one in prove(solved(plan)).meetings if one.how == "on its way"]


def test_the_proof_slides_it_back_over_what_is_left_of_the_back() -> None:
    """A rest measured 1/4 higher than the risers stops the tray's bottom on its way back, and only there."""
    assert not met(tiered())
    high = met(tiered(wanted_back_rest="2 3/4 in"))
    assert {(one.first.partition("/")[2], one.second.partition("/")[2]) for one in high} >= {("bottom", "back")}


def test_risers_take_their_thickness_from_what_stands_below_on_that_side_only() -> None:
    done = solved(tiered({}, {}, {}))
    _, left, middle, right = (one.id for one in cells_of(done.plan, done.plan.space_order[0]))
    wide = {
        one: done.solved.value(one, "cell_width") - done.solved.value(one, "free_width")
        for one in (left, middle, right)
    }
    assert wide == {left: mm("1/4"), middle: 0, right: mm("1/4")}


def test_beside_a_block_the_larger_of_both_is_lost() -> None:
    """What stands in the way keeps 1/16 of air."""
    for thick, lost in (("1/8 in", "1/4 in"), ("1/2 in", "9/16 in")):
        done = solved(with_obstruction(tiered(), "left", thick, from_floor="0 in", height="1 in"))
        low = cells_of(done.plan, done.plan.space_order[0])[1].id
        assert done.solved.value(low, "taken_left") == mm(lost)


def test_a_tray_beside_another_has_nothing_to_stand_on() -> None:
    plan = tiered()
    tray = cells_of(plan, plan.space_order[0])[0].id
    two, _ = split(plan, tray, "columns", {"holds": "tray"}, {"holds": "tray"}, divider="none")
    assert "risers-held-by-nothing" in codes(two, "stop")
    alone = new_plan("Alone", "frameless", "in", "19", "5", "17", what="drawer")
    assert "risers-held-by-nothing" in codes(act(alone, "carry", at=None, system="risers"), "stop")


def test_only_what_stands_may_be_snug() -> None:
    rows = {row.kind for row in stock_runners() if row.system == "in"}
    plan = tiered()
    for id_, row in plan.library.runners.items():
        assert row.kind in rows
        to_nothing = step(f"/library/runners/{id_}/side_clearance", "0 in", "replace")
        if row.kind == "standing":
            snug = solved(changed(plan, to_nothing))
            low = cells_of(snug.plan, snug.plan.space_order[0])[1].id
            assert snug.solved.value(low, "outside_width") == mm("19 9/16") - 2 * mm("1/4")
        else:
            with pytest.raises(FaultyPlan, match="above zero"):
                changed(plan, to_nothing)


def test_thicker_risers_bear_more() -> None:
    assert of_tray(tiered(), "tray_bearing") == mm("3/16")
    pieces = {one.role: one.size for one in pieces_of(solved(with_choices(tiered(tray_kept="cleats"))))}
    assert pieces["runner_left"] == pieces["runner_right"] == (mm("17 9/16"), mm("2 17/32"), mm("1/4"))
    assert pieces["keeper_left"] == pieces["keeper_right"] == (mm("5 27/32"), mm("1/2"), mm("1/4"))


@pytest.mark.parametrize("beside", ["tray", "bin", "rack"])
@pytest.mark.parametrize("divider", ["none", "board"])
def test_boxes_that_stand_beside_each_other_in_a_drawer_want_no_board_between(beside: str, divider: str) -> None:
    """Two boxes in 480, each with 1 of play a side: 238 wide without a board between, less with one."""
    plan = new_plan("Beside", "frameless", "mm", "480", "120", "400", what="drawer")
    plan, (first, _) = split(plan, drawer_of(plan), "columns", {"holds": "tray"}, {"holds": beside}, divider=divider)
    plan = with_choices(plan, bin_width="150 mm", bin_height="80 mm", bin_depth="300 mm")
    done = solved(plan)
    boards = [one for one in pieces_of(done) if one.role == "divider"]
    assert len(boards) == (divider == "board")
    assert (done.solved.value(first, "outside_width") == 238) == (divider == "none")
    assert "columns-want-boards" not in codes(done)
    assert prove(done).meetings == ()


def test_a_box_that_stands_behind_a_front_wants_its_boards() -> None:
    plan = new_plan("Fronted", "frameless", "mm", "480", "120", "400", what="drawer")
    plan, _ = split(plan, drawer_of(plan), "columns", {"holds": "drawer"}, {"holds": "tray"}, divider="none")
    fronted = with_choices(plan, front="overlay")
    assert [one for one in pieces_of(solved(fronted)) if one.role == "divider"]
