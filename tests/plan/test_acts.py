"""What a person does to a plan, act by act: worked out on the plan as it stands, whole or not at all."""

from __future__ import annotations

from typing import Any

import pytest
from pydantic import ValidationError

from tests.helpers import (
    act,
    changed,
    drawer_of,
    entered,
    fixed,
    framed,
    frameless,
    mm,
    sheet_of,
    solved,
    space_of,
    split,
    step,
    told,
    value,
)
from tests.plan.test_obstructions import with_obstruction
from vasculum.core.errors import LengthRefused, NoSuchQuantity, PlanRefused
from vasculum.plan.document import Plan
from vasculum.plan.document.reading import FaultyPlan
from vasculum.plan.edits.acts import parent_of
from vasculum.plan.making.marking import marked


def names(plan: Plan, place: str) -> list[str]:
    """The names of the parts of a split, from above or from the left."""
    return [plan.places[child].name for child in plan.places[place].children]


def as_told(plan: Plan) -> Plan:
    """A plan without the numbers and marks that were given meanwhile; they are never given twice."""
    return plan.model_copy(update={"next_id": 1, "marks": {}, "marks_given": 0})


@pytest.fixture
def plan() -> Plan:
    """One drawer in a box 24 1/2 wide and 20 1/2 high."""
    return solved(frameless("24 1/2", "20 1/2", "20")).plan


@pytest.fixture
def rows(plan: Plan) -> tuple[Plan, list[str]]:
    """Three rows, the first of a fixed height."""
    plan, ids = split(plan, drawer_of(plan), "rows", fixed("5 in"), {}, {}, divider="board")
    return solved(plan).plan, ids


# ---- dividing -------------------------------------------------------------------------------------------------------


def test_the_first_split_keeps_the_place_as_its_first_part(plan: Plan) -> None:
    drawer = drawer_of(plan)
    after = act(plan, "split", place=drawer, into="columns", count=3)
    (whole,) = (parent_of(after, drawer),)
    assert whole is not None
    assert after.spaces[space_of(after)].holds == whole
    assert (after.places[whole].holds, after.places[whole].children[0]) == ("columns", drawer)
    assert names(after, whole) == [plan.places[drawer].name, "Drawer 2", "Drawer 3"]


def test_a_split_of_the_same_kind_gets_neighbours_and_another_kind_a_split_of_its_own(
    rows: tuple[Plan, list[str]],
) -> None:
    plan, (top, middle, low) = rows
    outer = parent_of(plan, middle)
    assert outer is not None
    more = act(plan, "split", place=middle, into="rows", count=2)
    assert [more.places[outer].children.index(one) for one in (top, middle, low)] == [0, 1, 3]
    inner = act(plan, "split", place=top, into="columns", count=2)
    column = parent_of(inner, top)
    assert column is not None
    assert inner.places[outer].children == [column, middle, low]
    assert inner.places[column].size.length == "5 in", "the split takes the wish of the place"
    assert inner.places[top].size.by == "share"


def test_names_that_are_taken_are_not_given_again(plan: Plan) -> None:
    named = changed(plan, step(f"/places/{drawer_of(plan)}/name", "Drawer 2"))
    after = act(named, "split", place=drawer_of(plan), into="rows", count=2)
    assert sorted(place.name for place in after.places.values() if not place.children) == ["Drawer 2", "Drawer 3"]


def test_a_copy_stands_beside_with_all_in_it_and_marks_and_what_was_built_stay_behind(
    rows: tuple[Plan, list[str]],
) -> None:
    plan, (top, _, _) = rows
    plan, (left, _) = split(plan, top, "columns", {"holds": "tray"}, {})
    plan = marked(changed(plan, step(f"/as_built/{left}~1outside_width_cut", "11 in"))).plan
    after = act(plan, "copy", place=top)
    outer = parent_of(after, top)
    assert outer is not None
    copy = after.places[outer].children[1]
    assert [after.places[one].holds for one in after.places[copy].children] == ["tray", "drawer"]
    assert not set(after.places[copy].children) & set(plan.places)
    assert after.as_built == plan.as_built
    assert after.marks == plan.marks


def test_taking_out_one_of_three_leaves_two_and_one_of_two_gives_way(rows: tuple[Plan, list[str]]) -> None:
    plan, (top, middle, low) = rows
    outer = parent_of(plan, top)
    assert outer is not None
    two = act(plan, "take-out", place=middle)
    assert two.places[outer].children == [top, low]
    one = act(two, "take-out", place=low)
    assert one.spaces[space_of(one)].holds == top
    assert set(one.places) == {top}
    assert one.places[top].size.by == "share", "it takes the room of the split"


def test_a_part_with_parts_goes_whole(rows: tuple[Plan, list[str]]) -> None:
    plan, (top, middle, low) = rows
    plan, inner = split(plan, top, "columns", {}, {})
    after = act(plan, "take-out", place=top)
    assert not {top, *inner} & set(after.places)
    assert {middle, low} <= set(after.places)


@pytest.mark.parametrize(
    "what",
    [{"do": "copy"}, {"do": "take-out"}, {"do": "size", "length": "5"}, {"do": "size-by", "by": "left"},
     {"do": "size-all", "by": "share"}],
)  # fmt: skip
def test_what_needs_a_neighbour_is_refused_to_what_fills_its_space(plan: Plan, what: dict[str, Any]) -> None:
    with pytest.raises(PlanRefused, match="nothing stands beside it") as refused:
        act(plan, place=drawer_of(plan), **what)
    assert refused.value.code == "not-in-a-split"


@pytest.mark.parametrize(
    "what", [{"do": "split", "into": "rows"}, {"do": "copy"}, {"do": "hold", "holds": "tray"}, {"do": "graduate"}]
)
def test_a_place_that_is_not_there_is_named(plan: Plan, what: dict[str, Any]) -> None:
    with pytest.raises(NoSuchQuantity, match="place-99"):
        act(plan, place="place-99", **what)


@pytest.mark.parametrize("count", [0, 1, 51, "2"])
def test_a_split_is_into_two_or_more(plan: Plan, count: Any) -> None:
    with pytest.raises(ValidationError):
        act(plan, "split", place=drawer_of(plan), into="rows", count=count)


# ---- what a cell holds, and how large it wants to be ----------------------------------------------------------------


@pytest.mark.parametrize(
    ("was", "holds", "name"),
    [("Drawer 1", "tray", "Tray 1"), ("Drawer 1", "open", "Open bay 1"), ("Jars", "tray", "Jars"),
     ("Drawer one", "tray", "Drawer one")],
)  # fmt: skip
def test_a_given_name_goes_with_the_kind_and_an_own_one_stays(plan: Plan, was: str, holds: str, name: str) -> None:
    drawer = drawer_of(plan)
    named = changed(plan, step(f"/places/{drawer}/name", was))
    after = act(named, "hold", place=drawer, holds=holds)
    assert (after.places[drawer].holds, after.places[drawer].name) == (holds, name)


def test_a_name_that_would_be_taken_is_counted_on(rows: tuple[Plan, list[str]]) -> None:
    plan, (top, middle, _) = rows
    plan = changed(plan, step(f"/places/{top}/name", "Tray 1"), step(f"/places/{middle}/name", "Drawer 1"))
    assert act(plan, "hold", place=middle, holds="tray").places[middle].name == "Tray 4"


def test_only_a_bin_is_as_large_as_its_contents_without_a_length(rows: tuple[Plan, list[str]]) -> None:
    plan, (top, middle, _) = rows
    plan = act(act(plan, "hold", place=middle, holds="bin"), "size-by", place=middle, by="contents")
    assert plan.places[middle].size.length is None
    assert act(plan, "hold", place=middle, holds="tray").places[middle].size.by == "share"
    with pytest.raises(PlanRefused, match="is divided"):
        act(plan, "hold", place=parent_of(plan, top), holds="tray")


def test_a_way_of_sizing_takes_the_length_it_comes_to(rows: tuple[Plan, list[str]]) -> None:
    plan, (top, middle, _) = rows
    before = solved(plan).solved.value(middle, "cell_height")
    after = act(plan, "size-by", place=middle, by="fixed")
    assert mm(after.places[middle].size.length.removesuffix(" in")) == before  # type: ignore[union-attr]
    assert solved(after).solved.value(middle, "cell_height") == before
    assert act(plan, "size-by", place=top, by="contents").places[top].size.length == "5 in", "a length it has stays"
    shares = act(plan, "size-by", place=middle, by="share", share=3).places[middle].size
    assert (shares.by, shares.share, shares.length) == ("share", 3, None)


def test_a_typed_size_fixes_a_part_and_none_shares_what_is_left(rows: tuple[Plan, list[str]]) -> None:
    plan, (top, middle, _) = rows
    fixed_one = act(plan, "size", place=middle, length="4 1/2")
    assert (fixed_one.places[middle].size.by, fixed_one.places[middle].size.length) == ("fixed", "4 1/2 in")
    assert act(plan, "size", place=top, length=None).places[top].size.by == "share"
    contents = act(plan, "size-by", place=top, by="contents")
    assert act(contents, "size", place=top, length="3").places[top].size.by == "contents"
    with pytest.raises(LengthRefused, match="three"):
        act(plan, "size", place=top, length="three")


def test_a_ratio_takes_the_place_of_a_step_and_a_step_of_a_ratio(rows: tuple[Plan, list[str]]) -> None:
    plan, (top, _, _) = rows
    outer = parent_of(plan, top)
    assert outer is not None
    plan = act(plan, "size-all", place=top, by="graduated")
    assert {plan.places[one].size.by for one in plan.places[outer].children} == {"graduated"}
    stepped = act(plan, "graduate", place=outer, step="1/2").places[outer]
    assert (stepped.step, stepped.ratio) == ("1/2 in", None)
    grown = act(act(plan, "graduate", place=outer, step="1/2"), "graduate", place=outer, ratio="5/4").places[outer]
    assert (grown.step, grown.ratio) == (None, "5/4")


# ---- choices ---------------------------------------------------------------------------------------------------------


def test_a_choice_is_made_for_the_plan_a_space_or_a_cell_and_goes_back(plan: Plan) -> None:
    drawer, space = drawer_of(plan), space_of(plan)
    assert act(plan, "choose", name="gap", value="3/32").choices["gap"] == "3/32 in"
    assert act(plan, "choose", at=space, name="gap", value="2 mm").spaces[space].choices == {"gap": "2 mm"}
    own = act(plan, "choose", at=drawer, name="gap", value="2 mm")
    assert act(own, "choose", at=drawer, name="gap", value=None) == plan
    assert act(plan, "choose", at=drawer, name="gap", value=None) == plan, "what is not chosen is no change"
    both = act(own, "choose", at=drawer, name="joint", value="rabbet_in_ends")
    assert act(both, "as-in-the-plan", at=drawer) == plan
    with pytest.raises(NoSuchQuantity, match="shelf-9"):
        act(plan, "choose", at="shelf-9", name="gap", value="2 mm")
    with pytest.raises(FaultyPlan, match="colour"):
        act(plan, "choose", name="colour", value="red")


@pytest.mark.parametrize(
    ("unit", "typed", "kept"), [("in", "40", "40 lb"), ("mm", "40", "40 kg"), ("in", "18 kg", "18 kg")]
)
def test_a_bare_weight_takes_the_unit_beside_the_plans(plan: Plan, unit: str, typed: str, kept: str) -> None:
    plan = changed(plan, step("/units/length", unit))
    after = act(plan, "choose", at=drawer_of(plan), name="lift_alone", value=typed)
    assert after.places[drawer_of(plan)].choices["lift_alone"] == kept
    runner = plan.choices["runner"]
    rated = act(plan, "enter", path=f"/library/runners/{runner}/rating", text=typed, reads="weight")
    assert rated.library.runners[runner].rating == kept


def test_tools_come_and_go_one_by_one(plan: Plan) -> None:
    one = act(plan, "have", tool="router", is_there=True)
    two = act(one, "have", tool="fine_saw", is_there=True)
    assert two.tools == ["router", "fine_saw"]
    assert act(two, "have", tool="fine_saw", is_there=True).tools == ["router", "fine_saw"]
    assert act(two, "have", tool="router", is_there=False).tools == ["fine_saw"]
    with pytest.raises(FaultyPlan, match="axe"):
        act(plan, "have", tool="axe", is_there=True)


def test_a_mattress_by_its_name_brings_its_size(plan: Plan) -> None:
    after = act(plan, "mattress", space=space_of(plan), mattress="twin")
    assert after.spaces[space_of(plan)].choices == {"mattress_width": "38 in", "mattress_length": "75 in"}
    with pytest.raises(NoSuchQuantity, match="hammock"):
        act(plan, "mattress", space=space_of(plan), mattress="hammock")


# ---- spaces ------------------------------------------------------------------------------------------------------------


@pytest.mark.parametrize(
    ("what", "kind", "surveys"), [("cabinet", "framed", 2), ("bench", "frameless", 1), ("unit", "frameless", 1)]
)
def test_another_space_has_surveys_and_a_drawer_and_goes_with_them(
    plan: Plan, what: str, kind: str, surveys: int
) -> None:
    after = act(plan, "add-space", what=what, kind=kind)
    new = after.space_order[-1]
    assert (after.spaces[new].what, after.spaces[new].kind) == (what, kind)
    assert len(after.surveys) == len(plan.surveys) + surveys
    assert after.spaces[new].choices == ({"carcass": "new"} if what == "unit" else {})
    gone = act(after, "take-space-out", space=new)
    assert as_told(gone) == as_told(plan)


def test_a_space_goes_with_its_readings_and_what_stands_in_it_and_others_stay(plan: Plan) -> None:
    first = space_of(plan)
    plan = with_obstruction(plan, "left", "1 in")
    both = act(plan, "mirror", space=first)
    assert (len(both.readings), len(both.obstructions)) == (2 * len(plan.readings), 2)
    left = act(both, "take-space-out", space=both.space_order[-1])
    assert as_told(left) == as_told(plan)
    right = act(both, "take-space-out", space=first)
    assert right.space_order == [both.space_order[-1]]
    assert [one.on for one in right.obstructions.values()] == ["right"]
    with pytest.raises(PlanRefused, match="only space"):
        act(right, "take-space-out", space=right.space_order[0])
    with pytest.raises(NoSuchQuantity, match="space-99"):
        act(plan, "take-space-out", space="space-99")


# ---- measuring ---------------------------------------------------------------------------------------------------------

LOW = {"of": "width", "level": "low", "along": "middle", "side": None}


def test_a_reading_is_taken_corrected_and_taken_out(plan: Plan) -> None:
    survey = plan.spaces[space_of(plan)].case
    said = {"taken_by": "the one below", "taken_at": "2026-11-26T09:30:00Z"}
    once = act(plan, "measure", survey=survey, station=LOW, value="24 3/8", **said)
    (new,) = set(once.readings) - set(plan.readings)
    assert once.reading_order == [*plan.reading_order, new]
    assert (once.readings[new].value, once.readings[new].taken_by) == ("24 3/8 in", "the one below")
    again = act(once, "measure", survey=survey, station=LOW, value="24 5/16", plus_minus="1 mm", note="laser tape")
    assert set(again.readings) == set(once.readings), "the second at a station corrects the first"
    assert again.readings[new].plus_minus == "1 mm"
    kept = act(again, "measure", survey=survey, station=LOW, value="24 1/4")
    assert (kept.readings[new].plus_minus, kept.readings[new].note) == ("1 mm", "laser tape")
    out = act(again, "measure", survey=survey, station=LOW, value=None)
    assert as_told(out) == as_told(plan)
    assert act(plan, "measure", survey=survey, station=LOW, value=None) == plan


def test_one_of_several_readings_at_a_station_is_corrected_by_its_id(plan: Plan) -> None:
    survey = plan.spaces[space_of(plan)].case
    first = act(plan, "measure", survey=survey, station=LOW, value="24 3/8")
    one = first.reading_order[-1]
    number = first.next_id
    two = changed(
        first, step(f"/readings/reading-{number}", first.readings[one].model_dump()),
        step("/reading_order/-", f"reading-{number}"), step("/next_id", number + 1),
    )  # fmt: skip
    after = act(two, "measure", survey=survey, station=LOW, reading=f"reading-{number}", value="24")
    assert (after.readings[one].value, after.readings[f"reading-{number}"].value) == ("24 3/8 in", "24 in")


def test_a_size_as_built_is_noted_and_taken_back(plan: Plan) -> None:
    key = f"{drawer_of(plan)}/outside_width_cut"
    built = act(plan, "cut-as", key=key, length="23 3/8")
    assert built.as_built == {key: "23 3/8 in"}
    assert act(built, "cut-as", key=key, length=None) == plan
    assert act(plan, "cut-as", key=key, length=None) == plan


# ---- in the way --------------------------------------------------------------------------------------------------------


def standing(plan: Plan) -> Any:
    """The last thing that was put in the way."""
    return list(plan.obstructions.values())[-1]


def test_what_stands_in_the_way_is_put_there_with_a_name_of_its_own_and_taken_away(plan: Plan) -> None:
    hinge = {"name": "Hinge", "what": "hinge", "space": space_of(plan), "on": "left", "projection": "3/4"}
    two = act(act(plan, "obstruct", **hinge), "obstruct", **hinge)
    assert [one.name for one in two.obstructions.values()] == ["Hinge", "Hinge 2"]
    assert standing(two).projection == "3/4 in"
    gone = act(two, "take-away", obstruction=next(iter(two.obstructions)))
    assert [one.name for one in gone.obstructions.values()] == ["Hinge 2"]
    with pytest.raises(FaultyPlan, match="space-99"):
        act(plan, "obstruct", **hinge | {"space": "space-99"})
    with pytest.raises(FaultyPlan):
        act(plan, "obstruct", **hinge | {"what": "cat"})
    with pytest.raises(NoSuchQuantity, match="obstruction-99"):
        act(plan, "take-away", obstruction="obstruction-99")


OUTLINES = [
    # from_floor, height, projection_above, the two points
    ("2 in", "3 in", None, [("2 in", "1 in"), ("2 in + 3 in", "1 in")]),
    (None, "3 in", "1/2 in", [("0 mm", "1 in"), ("3 in", "1/2 in")]),
    (None, None, None, [("0 mm", "1 in"), ("20 1/2 in", "1 in")]),
]


@pytest.mark.parametrize(("begins", "height", "above", "points"), OUTLINES)
def test_a_profile_begins_at_the_ends_that_were_said_and_goes_back_to_them(
    plan: Plan, begins: str | None, height: str | None, above: str | None, points: list[tuple[str, str]]
) -> None:
    before = with_obstruction(plan, "left", "1 in", from_floor=begins, height=height, projection_above=above)
    (one,) = before.obstructions
    after = act(before, "outline", obstruction=one)
    assert [(point.at, point.projection) for point in standing(after).profile] == points
    assert (standing(after).height, standing(after).projection_above) == (None, None)
    back = standing(act(after, "straighten", obstruction=one))
    assert (back.projection, back.projection_above) == ("1 in", above or "1 in")
    assert plan.length(back.height) == plan.length(height or "20 1/2 in")
    width = [solved(one).solved.value(drawer_of(plan), "outside_width") for one in (before, after)]
    assert width[0] == width[1], "an outline of two points takes as much as its two ends"


@pytest.mark.parametrize("begins", [None, "1/3 ft", "10 mm + 1/2 in"])
def test_a_profile_may_be_switched_on_and_off_for_ever(plan: Plan, begins: str | None) -> None:
    plan = with_obstruction(plan, "left", "1 in", from_floor=begins, height="9.5 in + 3 mm")
    (one,) = plan.obstructions
    seen = []
    for _ in range(40):
        plan = act(act(plan, "outline", obstruction=one), "straighten", obstruction=one)
        seen.append(standing(plan))
    assert all(again == seen[0] for again in seen)


def test_points_of_a_profile_are_moved_added_and_taken_off(plan: Plan) -> None:
    plan = act(
        with_obstruction(plan, "left", "1 in", height="10 in"), "outline", obstruction=f"obstruction-{plan.next_id}"
    )
    (one,) = plan.obstructions
    moved = act(plan, "point", obstruction=one, point=0, name="projection", length="2")
    assert (standing(moved).projection, standing(moved).profile[0].projection) == ("2 in", "2 in")
    more = act(moved, "point", obstruction=one, point=2, length="12")
    assert [(point.at, point.projection) for point in standing(more).profile][-1] == ("12 in", "1 in")
    assert act(more, "last-point-out", obstruction=one) == moved
    with pytest.raises(PlanRefused, match="two points"):
        act(moved, "last-point-out", obstruction=one)
    with pytest.raises(LengthRefused):
        act(moved, "point", obstruction=one, point=0, length="")


def test_an_outline_waits_for_the_height(plan: Plan) -> None:
    bare = plan.model_copy(update={"readings": {}, "reading_order": []})
    bare = with_obstruction(bare, "left", "1 in")
    with pytest.raises(PlanRefused, match="upper end"):
        act(bare, "outline", obstruction=next(iter(bare.obstructions)))


# ---- scribes and stock -------------------------------------------------------------------------------------------------


def test_a_scribe_strip_gets_stations_and_is_taken_away(plan: Plan) -> None:
    strip = act(plan, "scribe", space=space_of(plan), side="left")
    (one,) = strip.scribes
    measured = act(act(strip, "station", scribe=one, at="0", gap="1/4"), "station", scribe=one, at="20", gap="3/8")
    assert [(s.at, s.gap) for s in measured.scribes[one].stations] == [("0 in", "1/4 in"), ("20 in", "3/8 in")]
    gone = act(measured, "take-scribe-away", scribe=one)
    assert as_told(gone) == as_told(plan)
    with pytest.raises(NoSuchQuantity, match="scribe-99"):
        act(plan, "station", scribe="scribe-99", at="0", gap="1")


@pytest.mark.parametrize(("kind", "part"), [("sheets", "birch"), ("boards", "1x4"), ("bands", "band")])
def test_stock_is_taken_in_as_it_is_sold_and_out_again(plan: Plan, kind: str, part: str) -> None:
    from vasculum.plan.edits.stocking import stock_rows

    held = {one.name for one in getattr(plan.library, kind).values()}
    row = next(one for one in stock_rows() if (one.kind, one.system) == (kind, "mm") and one.name not in held)
    after = act(plan, "add-stock", kind=kind, name=row.name, system="mm")
    (new,) = set(getattr(after.library, kind)) - set(getattr(plan.library, kind))
    assert getattr(after.library, kind)[new].name == row.name
    gone = act(after, "take-stock-out", kind=kind, row=new)
    assert as_told(gone) == as_told(plan)
    with pytest.raises(NoSuchQuantity, match="Moon wood"):
        act(plan, "add-stock", kind=kind, name="Moon wood")


def test_a_sheet_of_ones_own_is_named_and_taken_for_a_part_at_once(plan: Plan) -> None:
    """5/8 thick and 60 square, for the case; another for one drawer's sides."""
    named = act(
        plan, "name-stock", kind="sheets", name="Birch 5/8", thickness="5/8", length="60", width="60", role="case_sheet"
    )
    row = named.library.sheets[named.choices["case_sheet"]]
    assert (row.name, row.nominal, row.length, row.width, row.measured) == (
        "Birch 5/8",
        "5/8 in",
        "60 in",
        "60 in",
        None,
    )
    own = act(named, "name-stock", kind="sheets", name="Thin", thickness="9 mm", role="side_sheet", at=drawer_of(plan))
    assert value(own, "side_thickness") == 9
    with pytest.raises(PlanRefused, match="There is a sheet called birch 5/8 already"):
        act(own, "name-stock", kind="sheets", name="birch 5/8", thickness="1/2")
    with pytest.raises(LengthRefused):
        act(own, "name-stock", kind="sheets", name="Odd", thickness="thin")
    metric = act(own, "add-stock", kind="sheets", name="Plywood 18 mm", system="mm")
    with pytest.raises(PlanRefused, match="already"):
        act(metric, "add-stock", kind="sheets", name="Plywood 18 mm", system="mm")


def test_stock_in_use_stays_and_says_where_it_is_used(plan: Plan) -> None:
    sides = sheet_of(plan, "side_sheet")
    with pytest.raises(PlanRefused, match="in use") as refused:
        act(plan, "take-stock-out", kind="sheets", row=sides)
    assert "side" in refused.value.message.lower()
    own = act(plan, "choose", at=drawer_of(plan), name="bottom_sheet", value=sides)
    with pytest.raises(PlanRefused, match=plan.places[drawer_of(plan)].name):
        act(own, "take-stock-out", kind="sheets", row=sides)


def test_a_runner_in_the_hand_is_measured_size_by_size(plan: Plan) -> None:
    runner = plan.choices["runner"]
    after = act(plan, "measure-runner", runner=runner, name="height", length="1 13/16").library.runners[runner]
    assert (after.height, after.measured) == ("1 13/16 in", True)
    holes = act(plan, "enter", path=f"/library/runners/{runner}/case_holes", text="1 1/2; 9; 330 mm", reads="lengths")
    assert holes.library.runners[runner].case_holes == ["1 1/2 in", "9 in", "330 mm"]
    none = act(holes, "enter", path=f"/library/runners/{runner}/case_holes", text=None, reads="lengths")
    assert none.library.runners[runner].case_holes == []


# ---- what the history calls them ------------------------------------------------------------------------------------


def test_what_was_typed_is_said_as_it_is_kept(plan: Plan) -> None:
    runner = f"/library/runners/{plan.choices['runner']}"
    said = {
        "3/32 in": {"do": "choose", "name": "gap", "value": "3/32"},
        "40 lb": {"do": "choose", "name": "lift_alone", "value": "40"},
        "45 kg": {"do": "enter", "path": f"{runner}/rating", "text": "45 kg", "reads": "weight"},
        "1 in; 2 mm": {"do": "enter", "path": f"{runner}/case_holes", "text": "1; 2 mm", "reads": "lengths"},
        None: {"do": "choose", "name": "joint", "value": "dado"},
    }
    assert [entered(plan, **one) for one in said.values()] == list(said)


def test_an_act_names_itself(rows: tuple[Plan, list[str]]) -> None:
    plan, (top, _, _) = rows
    name = plan.places[top].name
    assert told(plan, "split", place=top, into="columns") == f"{name}: into columns"
    assert told(plan, "hold", place=top, holds="false_front") == f"{name}: holds false front"
    assert told(plan, "size", place=top, length=None) == f"{name}: shares what is left"
    assert told(plan, "choose", name="gap", value="2 mm") == "Gap round the front"
    assert told(plan, "drag", place=top, by=1, in_steps=True) == f"{name}: 5 1/16 in"
    assert told(plan, "have", tool="router", is_there=False) == "Router: not there"


def test_a_framed_space_is_split_like_any_other() -> None:
    plan = framed()
    after = act(plan, "split", place=drawer_of(plan), into="rows", count=2)
    assert len([one for one in after.places.values() if not one.children]) == 2


# ---- a reading with how far it may be off --------------------------------------------------------------------------


@pytest.mark.parametrize("typed", ["22 7/16 ± 1/32", "22 7/16±1/32", "22 7/16 +/- 1/32"])
def test_a_reading_may_say_how_far_it_may_be_off(typed: str) -> None:
    plan = framed()
    id_, reading = next((id_, one) for id_, one in plan.readings.items() if one.of == "width")
    where = {"of": "width", "level": reading.level, "along": reading.along, "side": reading.side}
    after = act(plan, "measure", survey=reading.survey, station=where, reading=id_, value=typed)
    assert (after.readings[id_].value, after.readings[id_].plus_minus) == ("22 7/16 in", "1/32 in")
    again = act(after, "measure", survey=reading.survey, station=where, reading=id_, value="22 1/2")
    assert (again.readings[id_].value, again.readings[id_].plus_minus) == ("22 1/2 in", "1/32 in")


@pytest.mark.parametrize("typed", ["22 ± x", "22 ±", "± 1/32", "22 ± 1/32 ± 1/32"])
def test_a_margin_that_cannot_be_read_is_refused_whole(typed: str) -> None:
    plan = framed()
    id_, reading = next((id_, one) for id_, one in plan.readings.items() if one.of == "width")
    where = {"of": "width", "level": reading.level, "along": reading.along, "side": reading.side}
    with pytest.raises(LengthRefused):
        act(plan, "measure", survey=reading.survey, station=where, reading=id_, value=typed)
