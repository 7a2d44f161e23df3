"""What stands in the way: worked by hand, and only the cells beside it give way."""

from __future__ import annotations

from typing import Any

import pytest

from tests.helpers import (
    changed,
    codes,
    drawer_of,
    framed,
    frameless,
    mm,
    solved,
    split,
    step,
    with_obstruction,
    with_readings,
)
from vasculum.core.catalogue import the_catalogue
from vasculum.plan.document import Plan
from vasculum.plan.document.reading import FaultyPlan
from vasculum.plan.making.pieces import pieces_of
from vasculum.plan.telling.words import place_name

CELL = {
    "obstruction_clearance": "1/16", "clear_stands_in": "0", "outer_cell_from_left": "0", "outer_cell_width": "12",
    "outer_cell_from_floor": "10", "outer_cell_height": "6", "opening_width": "24", "opening_height": "20",
}  # fmt: skip
BY_RULE: list[tuple[str, str, dict[str, str], str]] = [
    # a hinge 3/8 in, beside, under and just touching a cell from 10 to 16 above the floor
    ("a hinge beside it", "takes_left", {"projection": "3/8", "begins_from_floor": "12", "stretch_up": "2"}, "7/16"),
    ("a hinge below it", "takes_left", {"projection": "3/8", "begins_from_floor": "6", "stretch_up": "3"}, "0"),
    ("a hinge that ends where it begins", "takes_left", {"projection": "3/8", "begins_from_floor": "8", "stretch_up": "2"}, "0"),
    ("something all the way up", "takes_left", {"projection": "3/8", "begins_from_floor": "0"}, "7/16"),
    ("packing that stands in already", "takes_left", {"projection": "3/8", "begins_from_floor": "0", "clear_stands_in": "1/4"}, "3/16"),
    ("a second column that it does not reach", "takes_left", {"projection": "3/8", "begins_from_floor": "0", "outer_cell_from_left": "12"}, "0"),
    ("a second column that it does", "takes_left", {"projection": "13", "begins_from_floor": "0", "outer_cell_from_left": "12"}, "1 1/16"),
    ("on the right of the last column", "takes_right", {"projection": "1", "begins_from_floor": "0", "outer_cell_from_left": "12"}, "1 1/16"),
    ("on the right, not reaching the first", "takes_right", {"projection": "1", "begins_from_floor": "0"}, "0"),
    ("a pipe behind it", "takes_behind", {"projection": "2 1/2", "begins_from_floor": "0", "begins_from_left": "5", "stretch_across": "2"}, "2 9/16"),
    ("a pipe behind its neighbour", "takes_behind", {"projection": "2 1/2", "begins_from_floor": "0", "begins_from_left": "12", "stretch_across": "2"}, "0"),
    ("a pipe below it", "takes_behind", {"projection": "2 1/2", "begins_from_floor": "0", "begins_from_left": "5", "stretch_up": "10"}, "0"),
    ("an arch that it stands over", "takes_below", {"projection": "9", "begins_from_left": "0"}, "0"),
    ("an arch that reaches into it", "takes_below", {"projection": "11", "begins_from_left": "0"}, "1 1/16"),
    ("a beam above it", "takes_above", {"projection": "5", "begins_from_left": "0"}, "1 1/16"),
]  # fmt: skip


@pytest.mark.parametrize(("title", "name", "more", "answer"), BY_RULE, ids=[r[0] for r in BY_RULE])
def test_what_an_obstruction_takes_by_hand(title: str, name: str, more: dict[str, str], answer: str) -> None:
    rules = the_catalogue().rules[name]
    rule = next(r for kind, r in rules.items() if "_and_" not in kind)
    given = {n: mm(t) for n, t in (CELL | more).items() if n in rule.needs}
    assert rule.function(**given) == mm(answer)


def cupboard() -> tuple[Plan, dict[str, str]]:
    """Two columns of trays, 12 wide each: two over each other on the left, one on the right."""
    plan = frameless("24 1/2", "20 1/2", "20", front="none")
    plan, (left, right) = split(plan, drawer_of(plan), "columns", {}, {})
    plan, (top, low) = split(plan, left, "rows", {}, {}, divider="board")
    return plan, {"top": top, "low": low, "right": right}


def widths(plan: Plan, at: dict[str, str], name: str) -> dict[str, Any]:
    done = solved(plan)
    return {which: done.solved.value(id_, name) for which, id_ in at.items()}


def test_a_hinge_takes_width_only_from_the_cell_beside_it() -> None:
    plan, at = cupboard()
    before = widths(plan, at, "outside_width")
    hinged = with_obstruction(
        plan, "left", "3/8 in", from_floor="14 in", height="2 in", from_front="1 in", depth="2 in"
    )
    after = widths(hinged, at, "outside_width")
    assert after == before | {"top": before["top"] - mm("7/16")}
    strips = [p for p in pieces_of(solved(hinged)) if p.role.startswith("strip_")]
    assert [(p.place, p.role) for p in strips] == [(at["top"], "strip_left")]


def test_packed_out_alike_the_box_hangs_in_the_middle() -> None:
    plan, at = cupboard()
    before = widths(plan, at, "box_from_left")
    both = with_obstruction(plan, "left", "3/8 in", from_floor="14 in", height="2 in", both_sides=True)
    assert widths(both, at, "taken_right")["top"] == mm("7/16")
    after = widths(both, at, "outside_width")["top"]
    assert widths(both, at, "box_from_left")["top"] == (mm("12") - after) / 2
    assert widths(both, at, "box_from_left")["low"] == before["low"]


def test_a_pipe_takes_depth_only_from_the_cells_before_it() -> None:
    plan, at = cupboard()
    piped = with_obstruction(plan, "back", "2 1/2 in", from_left="16 in", width="2 in")
    assert widths(piped, at, "runner_length") == {"top": mm("20"), "low": mm("20"), "right": mm("16")}


def test_what_stands_on_the_floor_takes_height_from_the_lowest() -> None:
    plan, at = cupboard()
    before = widths(plan, at, "outside_height")
    arched = with_obstruction(plan, "floor", "2 in", from_left="0 in", width="6 in")
    after = widths(arched, at, "outside_height")
    assert after == before | {"low": before["low"] - mm("2 1/16")}
    assert widths(arched, at, "room_from_floor")["low"] == mm("2 1/16")


def test_a_lip_and_a_hinge_are_not_counted_twice() -> None:
    """Behind a frame the packing stands in past the lip by 1/16 already: a hinge of 1/4 takes 1/4 more. Worked here."""
    plan = with_readings(framed(), "case", {"of": "width", "value": "24 in", "along": "front", "level": "low"})
    hinged = with_obstruction(plan, "left", "1/4 in")
    assert solved(hinged).solved.value(drawer_of(plan), "taken_left") == mm("1/4")
    assert codes(hinged, "note") >= {"front-passes-obstruction"}


def test_what_fills_the_cell_is_refused_with_the_sum() -> None:
    plan, at = cupboard()
    filled = with_obstruction(plan, "left", "12 in", from_floor="14 in")
    assert codes(filled, "stop") == {"no-width-beside-obstruction"}
    assert solved(filled).solved.value(at["right"], "outside_width") is not None
    deep = with_obstruction(plan, "back", "20 in")
    assert "no-depth-before-obstruction" in codes(deep, "stop")


def test_a_blocked_cell_has_nothing_to_keep_clear() -> None:
    plan, at = cupboard()
    plan = changed(plan, step(f"/places/{at['top']}/holds", "blocked", "replace"))
    filled = with_obstruction(plan, "left", "12 in", from_floor="14 in")
    assert not codes(filled, "stop")


def test_a_crossing_is_named_by_what_meets() -> None:
    plan, at = cupboard()
    hinged = with_obstruction(plan, "left", "3/8 in")
    obstruction = next(iter(hinged.obstructions))
    assert place_name(hinged, f"{at['top']}+{obstruction}") == f"Thing beside {plan.places[at['top']].name}"


def test_an_obstruction_in_no_space_is_refused() -> None:
    plan, _ = cupboard()
    with pytest.raises(FaultyPlan, match="There is no space"):
        with_obstruction(plan, "left", "1 in", space="space-99")


RAKED: list[tuple[str, dict[str, str], str]] = [
    # a seat back 2 in at the floor and 8 in 24 up: a quarter inch for each inch
    ("a cell on the floor takes its top", {"outer_cell_from_floor": "0", "outer_cell_height": "8"}, "4"),
    ("a cell above it more", {"outer_cell_from_floor": "8", "outer_cell_height": "8"}, "6"),
    ("over its upper end what it is there", {"outer_cell_from_floor": "16", "outer_cell_height": "20"}, "8"),
    ("above it nothing", {"outer_cell_from_floor": "24", "outer_cell_height": "6"}, "0"),
]


@pytest.mark.parametrize(("title", "cell", "answer"), RAKED, ids=[r[0] for r in RAKED])
def test_a_raked_back_by_hand(title: str, cell: dict[str, str], answer: str) -> None:
    rule = the_catalogue().rules["stands_in"]["leaning"]
    given = {"projection": "2", "projection_above": "8", "begins_from_floor": "0", "stretch_up": "24"}
    sizes = {n: mm(t) for n, t in (given | cell | {"opening_height": "40"}).items()}
    assert rule.function(**sizes) == mm(answer)


def test_a_back_that_leans_away_is_widest_below() -> None:
    rule = the_catalogue().rules["stands_in"]["leaning"]
    sizes = {"projection": "8", "projection_above": "0", "begins_from_floor": "0", "opening_height": "16"}
    cell = {"outer_cell_from_floor": "4", "outer_cell_height": "4"}
    assert rule.function(**{n: mm(t) for n, t in (sizes | cell).items()}) == mm("6")


def test_a_box_before_a_raked_back_takes_the_smaller_depth() -> None:
    """Two trays of 10 in over each other, 20 deep; the back leans in from 0 to 4 over 20 1/2. Worked here."""
    plan, at = cupboard()
    raked = with_obstruction(plan, "back", "0 in", projection_above="4 1/10 in")
    depths = widths(raked, at, "free_depth")
    clearance = mm("1/16")
    assert depths["low"] == mm("20") - mm("2") - clearance
    assert depths["top"] == mm("20") - mm("4 1/10") - clearance


def test_walls_that_lean_the_same_way_leave_less_than_they_are_apart() -> None:
    """Walls 24 apart everywhere that lean 1/2 the same way take only 23 1/2 upright: common practice."""
    plan = frameless("24", "20", "18", front="none", obstruction_clearance="0 in")
    plan = with_obstruction(plan, "left", "0 in", projection_above="1/2 in")
    assert solved(plan).solved.value(drawer_of(plan), "free_width") == mm("23 1/2")


def test_what_stands_in_by_nothing_is_refused() -> None:
    plan, _ = cupboard()
    with pytest.raises(FaultyPlan, match="stands in by something"):
        with_obstruction(plan, "left", "0 in")


# ---- profiles, and what a box ends before -------------------------------------------------------------------------

ARCH = [
    {"at": "0 in", "projection": "6 in"},
    {"at": "8 in", "projection": "4 in"},
    {"at": "12 in", "projection": "0 in"},
]


def profiled(on: str, profile: list[dict[str, str]], **more: Any) -> Plan:
    return with_obstruction(cupboard()[0], on, "0 in", profile=profile, **more)


def test_a_profile_takes_what_its_stretches_take_at_the_height_of_each_cell() -> None:
    """Cells of 10: the lower is met by 6, the upper from 10 1/2 on by 4 - 2 1/2 x 1 = 1 1/2; each and 1/16."""
    _, at = cupboard()
    taken = widths(profiled("left", ARCH), at, "taken_left")
    floor = widths(profiled("left", ARCH), at, "cell_from_floor")
    assert taken["low"] == mm("6 1/16")
    assert taken["top"] == mm("4") - (floor["top"] - mm("8")) + mm("1/16")


def test_a_profile_on_the_back_takes_depth_and_an_arch_elsewhere_takes_none() -> None:
    _, at = cupboard()
    behind = widths(profiled("back", ARCH, from_left="0 in", width="11 in"), at, "taken_behind")
    assert (behind["low"], behind["right"]) == (mm("6 1/16"), 0)


@pytest.mark.parametrize(
    ("fault", "one"),
    [
        ("a profile runs upwards", {"on": "left", "profile": [ARCH[1], ARCH[0]]}),
        ("two points", {"on": "left", "profile": [ARCH[0]]}),
        ("Only what stands in from a side", {"on": "floor", "profile": ARCH}),
        ("says this already", {"on": "left", "profile": ARCH, "height": "3 in"}),
        ("stands in by something", {"on": "left", "profile": [dict(p, projection="0 in") for p in ARCH]}),
        ("only when it is known where it begins", {"on": "left", "projection": "1 in", "passes": "before"}),
        ("a box always ends", {"on": "left", "profile": ARCH, "passes": "before", "from_front": "3 in"}),
        ("measured from the back", {"on": "back", "projection": "1 in", "from_front": "3 in"}),
    ],
)
def test_a_thing_told_in_two_ways_is_refused(fault: str, one: dict[str, Any]) -> None:
    with pytest.raises(FaultyPlan) as refused:
        with_obstruction(cupboard()[0], **{"projection": "0 in", **one})
    assert any(fault in found.message for found in refused.value.faults)


STOPPING: list[tuple[str, str, dict[str, str], dict[str, str]]] = [
    # a cell 20 deep: it ends 1/16 before what begins 15 in from the front
    ("from the left, beside the left column, low", "left", {"from_floor": "0 in", "height": "5 in"}, {"low": "5 1/16"}),
    ("from the left, all the way up", "left", {}, {"low": "5 1/16", "top": "5 1/16"}),
    ("from the right", "right", {}, {"right": "5 1/16"}),
    ("on the floor under the left column", "floor", {"width": "11 in"}, {"low": "5 1/16"}),
    ("from the top over the right column", "top", {"from_left": "13 in"}, {"right": "5 1/16"}),
]  # fmt: skip


@pytest.mark.parametrize(("title", "on", "more", "answer"), STOPPING, ids=[s[0] for s in STOPPING])
def test_a_box_ends_before_what_it_does_not_pass_and_keeps_its_width(
    title: str, on: str, more: dict[str, str], answer: dict[str, str]
) -> None:
    plan, at = cupboard()
    before = widths(plan, at, "outside_width")
    stopped = with_obstruction(plan, on, "2 in", from_front="15 in", passes="before", **more)
    assert widths(stopped, at, "outside_width") == before
    assert widths(stopped, at, "taken_behind") == {which: mm(answer.get(which, "0")) for which in at}
