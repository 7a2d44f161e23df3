"""Posts that are made: where they stand, their slots, their packing, and what hangs on them. Worked by hand."""

from __future__ import annotations

import pytest

from tests.helpers import (
    codes,
    drawer_of,
    framed,
    frameless,
    kinds_in,
    measured,
    mm,
    solved,
    split,
    value,
    with_choices,
    with_readings,
    with_runner,
)
from vasculum.plan.document import Plan
from vasculum.plan.making.pieces import made_of, pieces_of
from vasculum.plan.telling.hardware import hardware_of
from vasculum.solid.proof import prove


def on_posts(plan: Plan, **choices: str) -> Plan:
    return with_choices(with_runner(plan, "posts"), posts_are="made", post_thickness="3/4 in", **choices)


def test_a_bay_has_its_posts_once_as_high_as_all_of_it() -> None:
    """Three shelves over each other without rails: four posts of 30, on the floor, slotted every 1 1/4 from 2 to 28."""
    plan = on_posts(frameless("22 1/2", "30", "20", front="none"))
    plan, _ = split(plan, drawer_of(plan), "rows", {}, {}, {}, divider="open")
    done = solved(plan)
    posts = [one for one in pieces_of(done) if one.rule.title.startswith("Post,")]
    assert [one.size for one in posts] == [(mm("30"), mm("1 1/2"), mm("3/4"))] * 4
    assert {one.stand.up for one in posts if one.stand} == {0}
    (slots,) = {done.solved.value(cut.keys[cut.rule.holes][0], cut.rule.holes) for one in posts for cut in one.cuts}
    assert (slots[0], slots[-1], len(slots)) == (mm("2"), mm("27"), 21)
    assert not [one for one in made_of(done).bodies if one.role.startswith("post_")]
    assert not [one for one in hardware_of(done) if one.what == "Post"]
    assert prove(done).meetings == ()


@pytest.mark.parametrize(("line", "built"), [("4", "3 1/4"), ("4 1/2", "4 1/2"), ("6", "5 3/4")])
def test_a_shelf_hangs_on_a_slot_at_or_below_where_it_was_wanted(line: str, built: str) -> None:
    """Slots at 2, 3 1/4, 4 1/2, 5 3/4."""
    assert value(on_posts(frameless(), wanted_runner_line=f"{line} in"), "runner_line") == mm(built)


@pytest.mark.parametrize(
    ("opening", "packing", "screw"),
    [("22", "5/16", "1 1/2"), ("22 3/4", "0", "1 1/4")],
)
def test_behind_a_frame_posts_are_packed_by_what_they_do_not_fill(opening: str, packing: str, screw: str) -> None:
    """Lips of 1 and 5/8, past them by 1/16, in an inside of 24; posts and walls of 3/4, 1/8 before the point."""
    inside = [{"of": "width", "value": "24 in", "along": along} for along in ("front", "back")]
    plan = on_posts(with_readings(framed(opening, "24", "20"), "case", *inside), standing_wall="3/4 in")
    done = solved(plan)
    packed = [one.size for one in pieces_of(done) if one.rule.title.startswith("Packing")]
    assert packed == ([] if packing == "0" else [(mm("24"), mm("1 1/2"), mm(packing))] * 4)
    assert {one.what for one in hardware_of(done) if one.what.startswith("Screw for posts")} == {
        f"Screw for posts, {screw} in"
    }
    assert prove(done).meetings == ()


def test_packing_of_boards_stays_away_where_posts_stand() -> None:
    inside = [{"of": "width", "value": "24 in", "along": along} for along in ("front", "back")]
    plan = on_posts(with_readings(framed("22", "24", "20"), "case", *inside), packing_made="boards")
    assert not [one for one in pieces_of(solved(plan)) if one.rule.title.startswith("Packing board")]
    assert prove(solved(plan)).meetings == ()


@pytest.mark.parametrize("joint", kinds_in("joint"))
def test_a_planted_bottom_runs_past_the_sides_only_where_the_front_does(joint: str) -> None:
    plan = frameless("22 1/2", "9", "20", front="none", joint=joint, bottom="planted", bottom_spans="front")
    done = solved(plan)
    if joint == "integral":
        return
    wider = value(done, "bottom_width_cut") > value(done, "outside_width")
    assert wider is (joint == "sliding_dovetail")
    assert "bottom-too-wide" not in codes(done)


def test_a_tray_stands_back_and_its_runner_with_it() -> None:
    plan = frameless("22 1/2", "9", "20", front="none")
    back = solved(with_choices(plan, tray_set_back="1/4 in"))
    assert value(back, "members_from_front") == mm("1/4")
    front = next(one for one in pieces_of(back) if one.role == "box_front")
    assert front.stand is not None
    assert front.stand.back == mm("1/4")


def test_slots_so_near_together_that_nobody_cuts_them_are_refused() -> None:
    assert "too-many-slots" in codes(on_posts(frameless(), post_step="0.001 mm"), "stop")


def test_posts_on_a_divider_are_screwed_no_deeper_than_it_is_thick_and_said_to_stagger() -> None:
    """Through 3/4 into 23/32 less 1/8: 1 1/4; from both faces 1/2 + 1/2 meet."""
    plan = measured(on_posts(frameless("60", "24", "20", front="none"), standing_wall="2 in"), side_sheet="1/2 in")
    plan, cells = split(plan, drawer_of(plan), "columns", {"holds": "tray"}, {"holds": "tray"})
    done = solved(plan)
    thickness = done.solved.value("plan", "divider_thickness")
    for cell, side in ((cells[0], "right"), (cells[1], "left")):
        reach = done.solved.value(cell, f"post_screw_{side}") - mm("3/4")
        assert reach < thickness
        opposite = "left" if side == "right" else "right"
        assert done.solved.value(cell, f"post_screw_{opposite}") - mm("3/4") > thickness
    assert "stagger-screws" in codes(plan, "note")
    alone, _ = split(
        on_posts(frameless("60", "24", "20", front="none")),
        drawer_of(plan),
        "columns",
        {"holds": "tray"},
        {"holds": "open"},
    )
    assert "stagger-screws" not in codes(alone)
