"""What goes in: the list, where each thing lives, how high its row is for it, and what is left over."""

from __future__ import annotations

import io
import json
import zipfile
from collections.abc import Callable
from random import Random
from typing import Any

import pytest
from openpyxl import Workbook
from pydantic import TypeAdapter, ValidationError

from tests.helpers import (
    act,
    changed,
    codes,
    drawer_of,
    frameless,
    mm,
    solved,
    space_of,
    split,
    step,
    value,
    with_choices,
)
from vasculum.core.errors import LengthRefused, NoSuchQuantity, PlanRefused
from vasculum.core.weights import read_weight
from vasculum.drawing.inside import inside as inside_of
from vasculum.drawing.primitives import Rect, Text
from vasculum.export.files import EXPORTS
from vasculum.plan.document import Plan
from vasculum.plan.document.reading import FaultyPlan, read_plan, write_plan
from vasculum.plan.edits.headings import UnitOfTable
from vasculum.plan.edits.pasted import MOST_ROWS
from vasculum.plan.edits.things import KNOWN
from vasculum.plan.edits.things_csv import read_things, things_csv, things_headings, things_taken_in
from vasculum.plan.edits.verbs import Verb, only_measures
from vasculum.plan.edits.workbook import MOST_UNPACKED, table_of
from vasculum.plan.making.stored import stored_in, takers
from vasculum.plan.telling.contents import things_found
from vasculum.plan.telling.solution import solution_of


def listed(
    plan: Plan, name: str = "Saw", size: tuple[str, str, str] = ("14", "9", "9"), **fields: Any
) -> tuple[Plan, str]:
    """A plan with one more thing, and its id."""
    length, width, height = size
    after = act(plan, "add-thing", name=name, length=length, width=width, height=height)
    (new,) = set(after.things) - set(plan.things)
    return changed(after, *(step(f"/things/{new}/{field}", value) for field, value in fields.items())), new


def kept(plan: Plan, **fields: Any) -> tuple[Plan, str]:
    """One more thing, living in the drawer."""
    return listed(plan, lives_in=drawer_of(plan), **fields)


def two_rows(plan: Plan | None = None) -> tuple[Plan, list[str]]:
    return split(frameless("22 1/2", "24") if plan is None else plan, "place-2", "rows", {"size": {"by": "left"}}, {})


# ---- the list -----------------------------------------------------------------------------------------------------


def test_a_thing_is_listed_put_somewhere_and_taken_off() -> None:
    plan, saw = listed(frameless())
    assert plan.things[saw].length == "14 in"
    assert solution_of(solved(plan)).contents.nowhere == [saw]
    again, other = listed(plan)
    assert [again.things[id_].name for id_ in (saw, other)] == ["Saw", "Saw 2"]
    home = act(plan, "put-thing", thing=saw, place=drawer_of(plan))
    (cell,) = solution_of(solved(home)).contents.cells
    assert [one.id for one in cell.things] == [saw]
    assert not solution_of(solved(act(home, "put-thing", thing=saw, place=None))).contents.cells
    assert not act(home, "take-thing-out", thing=saw).things


@pytest.mark.parametrize(("do", "told", "refused"), [
    ("put-thing", {"thing": "thing-99", "place": None}, NoSuchQuantity),
    ("put-thing", {"place": "place-99"}, NoSuchQuantity),
    ("take-thing-out", {"thing": "thing-99"}, NoSuchQuantity),
    ("add-thing", {"name": "Box", "length": "x", "width": "1", "height": "1"}, LengthRefused),
])  # fmt: skip
def test_what_is_not_there_is_refused(do: str, told: dict[str, Any], refused: type[Exception]) -> None:
    plan, saw = listed(frameless())
    with pytest.raises(refused):
        act(plan, do, **({"thing": saw} | told if do == "put-thing" else told))


def test_things_live_in_cells_not_in_what_is_divided() -> None:
    plan, rows = two_rows()
    plan, saw = listed(plan)
    divided = plan.spaces[space_of(plan)].holds
    assert divided not in rows
    with pytest.raises(PlanRefused, match="is divided"):
        act(plan, "put-thing", thing=saw, place=divided)
    with pytest.raises(FaultyPlan, match="There is no place"):
        changed(plan, step(f"/things/{saw}/lives_in", "place-99"))


def test_what_lived_in_a_place_that_goes_lives_nowhere() -> None:
    plan, rows = two_rows()
    plan, saw = listed(plan, lives_in=rows[1])
    assert act(plan, "take-out", place=rows[1]).things[saw].lives_in is None
    assert act(plan, "split", place=rows[1], into="columns").things[saw].lives_in == rows[1]
    more = act(plan, "add-space", what="cabinet", kind="frameless")
    assert act(more, "take-space-out", space=space_of(more)).things[saw].lives_in is None


def test_a_plan_with_things_is_read_back_as_it_was_written() -> None:
    plan, _ = kept(
        frameless(), count=3, weight="4 lb", use="daily", may_lie=True, belongs_with="sowing", headroom="1/2 in"
    )
    assert read_plan(write_plan(plan).encode()) == plan
    assert "things" in json.loads(write_plan(plan))


# ---- from things to heights -----------------------------------------------------------------------------------------


def test_a_row_is_as_high_as_its_tallest_thing_asks_and_follows_it() -> None:
    """9 and 1/4 of headroom; bottom and play as ever. With a thing of 10 it grows by as much."""
    plan, rows = two_rows()
    plan, saw = listed(plan, lives_in=rows[1])
    plan, _ = listed(plan, "Flat box", ("6", "6", "2"), lives_in=rows[1])
    plan = act(plan, "size-by", place=rows[1], by="contents")
    assert plan.places[rows[1]].size.length is None
    first = solved(plan)
    assert first.solved.value(rows[1], "contents_size") == mm("9")
    assert first.solved.value(rows[1], "inside_height") >= mm("9 1/4")
    grown = changed(plan, step(f"/things/{saw}/height", "10 in"))
    more = solved(grown).solved.value(rows[1], "cell_height") - first.solved.value(rows[1], "cell_height")
    assert more == mm("1")
    stacked = changed(plan, step(f"/things/{saw}/count", 3), step(f"/things/{saw}/stacks", 2))
    assert solved(stacked).solved.value(rows[1], "contents_size") == mm("18")
    own = changed(plan, step(f"/things/{saw}/headroom", "1 in"))
    assert solved(own).solved.value(rows[1], "contents_size") == mm("10")


def test_a_row_keeps_its_height_when_its_last_thing_leaves() -> None:
    plan, rows = two_rows()
    plan, saw = listed(plan, lives_in=rows[1])
    plan = act(plan, "size-by", place=rows[1], by="contents")
    high = solved(plan).solved.value(rows[1], "cell_height")
    for after in (act(plan, "put-thing", thing=saw, place=rows[0]), act(plan, "take-thing-out", thing=saw)):
        assert after.places[rows[1]].size.length == "9 in"
        assert solved(after).solved.value(rows[1], "cell_height") == high


def test_what_lives_in_a_drawer_weighs_on_its_runners() -> None:
    plan, _ = kept(frameless(), count=3, weight="4 lb")
    plan, _ = kept(plan, name="Unweighed")
    assert value(plan, "contents_weight") == read_weight("12 lb")
    said = changed(plan, step(f"/places/{drawer_of(plan)}/choices/contents_weight", "20 lb"))
    assert value(said, "contents_weight") == read_weight("20 lb")


# ---- what lies where --------------------------------------------------------------------------------------------------


def test_things_lie_on_the_floor_of_their_drawer_and_are_drawn_there() -> None:
    plan, _ = kept(frameless("27 5/8", "12", "20"))
    plan, case = kept(plan, name="Drill case", size=("13", "11", "4"), count=2, stacks=2)
    done = solved(plan)
    (stored,) = stored_in(done)
    assert stored.left == ()
    assert len(stored.floor.placed) == 2  # the cases stand on each other
    assert stored.heights[case] == mm("8")
    inside = [value(done, name) for name in ("inside_width", "inside_depth", "inside_height")]
    assert [stored.room.width, stored.room.depth, stored.room.sides] == inside
    drawn = inside_of(done, drawer_of(plan), 1).primitives
    assert {one.text for one in drawn if isinstance(one, Text)} >= {"Saw", "Drill case"}
    sizes = [
        (one.width, one.height)
        for one in drawn
        if isinstance(one, Rect) and one.role == "outline" and one.layer == "things"
    ]
    assert sorted(sizes) == sorted((one.across, one.back) for one in stored.floor.placed)
    (cell,) = solution_of(done).contents.cells
    used = sum(one.across * one.back for one in stored.floor.placed) / (inside[0] * inside[1])
    assert cell.floor == f"{round(used * 100)} %"


@pytest.mark.parametrize(("height", "is_left"), [("8", False), ("10 1/2", False), ("11 3/4", True)])
def test_a_thing_may_stand_higher_than_the_sides_but_not_than_the_opening(height: str, is_left: bool) -> None:
    plan, _ = kept(frameless("27 5/8", "12", "20", wanted_box_height="6 in"), size=("14", "9", height))
    done = solved(plan)
    (stored,) = stored_in(done)
    assert stored.room.sides < mm("8") < stored.room.height
    assert bool(stored.left) == is_left
    assert ("thing-too-high" in codes(plan, "attention")) == is_left


def test_a_thing_that_may_lie_lies_where_it_cannot_stand() -> None:
    plan, vase = kept(frameless("27 5/8", "8", "20"), size=("4", "4", "12"))
    assert "thing-too-high" in codes(plan)
    lying = changed(plan, step(f"/things/{vase}/may_lie", True))
    assert "thing-too-high" not in codes(lying)
    (stored,) = stored_in(solved(lying))
    assert stored.heights[vase] == mm("4")


def test_what_finds_no_floor_is_counted_and_named() -> None:
    plan, saw = kept(frameless("27 5/8", "12", "20"), count=4)
    (stored,) = stored_in(solved(plan))
    (left,) = stored.left
    assert (left.thing, left.why) == (saw, "no_floor")
    assert left.many + len(stored.floor.placed) == 4
    (found,) = (one for one in solution_of(solved(plan)).findings if one.code == "thing-left-over")
    assert found.message.startswith(f"{left.many} of Saw")
    room = with_choices(plan, finger_room="1 in")
    assert stored_in(solved(room))[0].left[0].many >= left.many


def test_what_is_left_over_says_which_cell_has_room_for_it() -> None:
    """Rows of 24 shared 1 : 3; a saw 9 high is too high for the upper one."""
    plan, rows = split(
        frameless("22 1/2", "24"),
        "place-2",
        "rows",
        {"name": "Flat"},
        {"name": "High", "size": {"by": "share", "share": 3}},
    )
    plan, saw = listed(plan, lives_in=rows[0])
    (found,) = (one for one in solution_of(solved(plan)).findings if one.code == "thing-too-high")
    assert found.fix.startswith("High has room for it.")
    full, _ = listed(plan, "Crate", ("20", "17", "10"), lives_in=rows[1])
    (found,) = (
        one for one in solution_of(solved(full)).findings if one.code == "thing-too-high" and "Saw" in one.message
    )
    assert found.fix.startswith("No other cell has room for it as it is.")
    assert all(one.grows > 0 for one in takers(solved(act(full, "put-thing", thing=saw, place=None)), saw))


@pytest.mark.parametrize("height", ["9", "11 1/2"])
def test_what_no_cell_takes_says_how_much_higher_the_least_would_have_to_be(height: str) -> None:
    """Three equal rows; made so much higher, and no less, the row that is named does take it."""
    plan, rows = split(frameless("22 1/2", "24"), "place-2", "rows", {}, {}, {})
    plan, saw = listed(plan, size=("14", "9", height), lives_in=rows[0])
    done = solved(plan)
    least, *_ = takers(done, saw)
    assert least.grows > 0
    (found,) = (one for one in solution_of(done).findings if one.code == "thing-too-high")
    assert "would, were it" in found.fix
    high = done.solved.value(least.place, "cell_height")
    for more, goes in ((least.grows, True), (least.grows - plan.length("3/16 in"), False)):
        size = {"by": "fixed", "length": f"{float(high + more):.6f} mm"}
        taller = changed(plan, step(f"/places/{least.place}/size", size, "replace"))
        taller = act(taller, "put-thing", thing=saw, place=least.place)
        (stored,) = stored_in(solved(taller))
        assert (not stored.left) is goes


def test_what_was_listed_before_is_listed_with_all_that_is_known_of_it() -> None:
    other, saw = listed(frameless(), weight="4 lb", use="daily", may_lie=True, stacks=3, belongs_with="sawing", count=5)
    known = other.things[saw].model_dump(mode="json", include={"name", "length", "width", "height", *KNOWN})
    plan = act(frameless(), "add-thing", **known)
    (mine,) = plan.things.values()
    assert mine.model_copy(update={"count": 5}) == other.things[saw]
    with pytest.raises(ValidationError):
        act(frameless(), "add-thing", **{**known, "weight": "heavy"})


def test_a_thing_is_ticked_off_and_found_by_its_words() -> None:
    plan, saw = kept(frameless(), belongs_with="sawing", note="blade 254")
    plan, box = listed(plan, "Saw box")
    out = act(plan, "tick-thing", thing=saw, is_in=False)
    assert out.things[saw].is_out
    assert out.things[saw].lives_in == drawer_of(plan)
    assert act(out, "tick-thing", thing=saw, is_in=True) == plan
    assert [(one.id, one.place_name, one.number, one.thing.is_out) for one in things_found(out, "SAW")] == [
        (saw, out.places[drawer_of(out)].name, 1, True), (box, "", 0, False),
    ]  # fmt: skip
    assert [one.id for one in things_found(out, "blade saw")] == [saw]
    assert [one.id for one in things_found(out, "sawing")] == [saw]
    assert things_found(out, " ") == things_found(out, "chisel") == []
    verb = {"do": "tick-thing", "thing": saw, "is_in": False}
    assert only_measures(solved(plan), TypeAdapter(Verb).validate_python(verb))
    with pytest.raises(NoSuchQuantity):
        act(plan, "tick-thing", thing="thing-99", is_in=True)


@pytest.mark.parametrize("holds", ["open", "shelf", "bin"])
def test_things_stand_in_bays_on_shelves_and_in_bins_too(holds: str) -> None:
    bin_ = {"bin_width": "16 in", "bin_height": "8 in", "bin_depth": "12 in"}
    plan, rows = split(
        frameless("22 1/2", "24"), "place-2", "rows", {}, {"holds": holds, "choices": bin_ if holds == "bin" else {}}
    )
    plan, _ = listed(plan, "Basket", ("10", "8", "7"), lives_in=rows[1])
    (stored,) = stored_in(solved(plan))
    assert stored.left == ()
    assert stored.room.height <= solved(plan).solved.value(rows[1], "cell_height")


# ---- tables ---------------------------------------------------------------------------------------------------------------

TABLE = """name,length,width,height,count,weight,use,turn,lie,stack,headroom,belongs_with
Seed tray,14,8 1/2,2 1/4,6,1,daily,yes,no,3,,sowing
Kettle,9,,7,1,,,,,,,
Lamp,8,x,9,1,,,,,,,
Rope,12,5,5,many,,,,,,,
Spade,40,8,4,1,2 kg,never,,,,,
Knife,9,1,1,2,,,perhaps,,,,
seed tray,10,10,10,1,,,,,,,
Crate,0,10,10,1,,,,,,,
"""


def test_every_row_of_a_table_is_read_or_says_why_not() -> None:
    rows = read_things(frameless(), TABLE)
    assert [bool(row.thing) for row in rows] == [True, False, False, False, False, False, True, False]
    assert [row.problem.split(":")[0].split(" ")[0] for row in rows if row.problem] == [
        "width",
        "Read",
        "count",
        "use",
        "turn",
        "length",
    ]
    assert rows[6].twice
    tray = rows[0].thing
    assert tray is not None
    assert (tray.count, tray.weight, tray.use, tray.stacks, tray.belongs_with) == (6, "1 lb", "daily", 3, "sowing")
    plan = changed(frameless(), *things_taken_in(frameless(), rows))
    assert [one.name for one in plan.things.values()] == ["Seed tray", "seed tray"]


def test_a_list_goes_out_and_in_again_and_runs_no_formula() -> None:
    plan, _ = kept(frameless(), name="=2+3", weight="4 lb", may_turn=False, may_lie=True, headroom="1/4 in", note="+1")
    plan = changed(plan, step(f"/things/{next(iter(plan.things))}/lives_in", None))
    text = things_csv(plan)
    assert EXPORTS["things.csv"].make(solved(plan), None).decode() == text
    assert not [cell for row in text.splitlines()[1:] for cell in row.split(",") if cell.startswith(("=", "+"))]
    again = changed(frameless(), *things_taken_in(frameless(), read_things(frameless(), text)))
    assert list(again.things.values()) == list(plan.things.values())


def test_a_column_that_nobody_knows_is_left_out_and_shown_so() -> None:
    table = "name,length,width,height,colour\nA,1,1,1,red"
    assert [(one.given, one.column) for one in things_headings(table, {})][-1] == ("colour", None)
    (row,) = read_things(frameless(), table)
    assert row.thing is not None
    (noted,) = read_things(frameless(), table, {"colour": "note"})
    assert noted.thing is not None
    assert noted.thing.note == "red"


OWN = "Item;L (mm);W (mm);Tall (cm);Qty;Mass (g);Set\nRack;300;200;4;2;800;drying\nJar;1/2 in;120;12;1;;\n"


def test_the_columns_of_somebodys_own_table_are_recognised_with_their_units() -> None:
    """A bare number in the unit of its column; what has a unit keeps it; in a plan in inches."""
    rack, jar = (row.thing for row in read_things(frameless(), OWN))
    assert rack is not None
    assert jar is not None
    assert (rack.length, rack.width, rack.height, rack.count, rack.weight, rack.belongs_with) == (
        "300 mm", "200 mm", "4 cm", 2, "800 g", "drying",
    )  # fmt: skip
    assert (jar.length, jar.width) == ("1/2 in", "120 mm")


@pytest.mark.parametrize(
    ("unit", "length"), [("as the plan", "12 in"), ("cm", "12 cm"), ("mm", "12 mm"), ("in", "12 in")]
)
def test_bare_lengths_are_in_the_unit_that_is_said(unit: UnitOfTable, length: str) -> None:
    (row,) = read_things(frameless(), "name,length,width,height,count\nA,12,5,5,3", unit=unit)
    assert row.thing is not None
    assert (row.thing.length, row.thing.count) == (length, 3)


def test_which_column_is_which_can_be_said_and_is_said_back() -> None:
    table = "What it is,A,B,C,remark\nJar,4,3,2,blue\n"
    read = things_headings(table, {})
    assert [one.column for one in read] == [None, None, None, None, "note"]
    with pytest.raises(PlanRefused, match="no column name"):
        read_things(frameless(), table)
    said = {"What it is": "name", "A": "length", "B": "width", "C": "height", "remark": ""}
    (row,) = read_things(frameless(), table, said)
    assert row.thing is not None
    assert (row.thing.name, row.thing.length, row.thing.note) == ("Jar", "4 in", "")
    with pytest.raises(PlanRefused, match="There is no column 'colour'"):
        read_things(frameless(), table, {"A": "colour"})
    with pytest.raises(PlanRefused, match="stands there twice"):
        read_things(frameless(), table, said | {"remark": "name"})


def test_five_thousand_rows_are_read_and_one_more_is_refused() -> None:
    rows = "name,length,width,height\n" + "Jar,4,4,6\n" * MOST_ROWS
    assert len(read_things(frameless(), rows)) == MOST_ROWS == 5000
    with pytest.raises(PlanRefused) as refused:
        read_things(frameless(), rows + "Jar,4,4,6\n")
    assert refused.value.code == "too-many-rows"


def test_a_workbook_comes_in_and_goes_out() -> None:
    plan, _ = kept(frameless(), name="=2+3", weight="4 lb", may_turn=False, headroom="1/4 in", note="+1, and more")
    plan = changed(plan, step(f"/things/{next(iter(plan.things))}/lives_in", None))
    made = EXPORTS["things.xlsx"].make(solved(plan), None)
    again = changed(frameless(), *things_taken_in(frameless(), read_things(frameless(), table_of(made))))
    assert list(again.things.values()) == list(plan.things.values())


def test_cells_of_a_workbook_are_read_as_values() -> None:
    book = Workbook()
    sheet = book.active
    assert sheet is not None
    for row in (
        ["Item", "Length (mm)", "Width (mm)", "Height (mm)", "Turn", None],
        [None],
        ["Box", 120.5, 80, 40, True],
    ):
        sheet.append(row)
    out = io.BytesIO()
    book.save(out)
    (row,) = read_things(frameless(), table_of(out.getvalue()))
    assert row.thing is not None
    assert (row.thing.length, row.thing.width, row.thing.may_turn) == ("120.5 mm", "80 mm", True)


def bomb() -> bytes:
    out = io.BytesIO()
    with zipfile.ZipFile(out, "w", zipfile.ZIP_DEFLATED) as packed:
        packed.writestr("xl/workbook.xml", b" " * (MOST_UNPACKED + 1))
    return out.getvalue()


def empty_book() -> bytes:
    out = io.BytesIO()
    Workbook().save(out)
    return out.getvalue()


def test_a_workbook_with_any_bytes_of_it_damaged_is_read_or_refused() -> None:
    plan, _ = kept(frameless(), name="Jar")
    whole, random = EXPORTS["things.xlsx"].make(solved(plan), None), Random(1)
    refused = 0
    for _ in range(120):
        damaged = bytearray(whole)
        for at in random.sample(range(len(whole)), 6):
            damaged[at] = random.randrange(256)
        try:
            table_of(bytes(damaged))
        except PlanRefused as said:
            assert said.fix
            refused += 1
    assert refused > 0


def test_a_running_number_is_no_count_and_only_sizes_and_weights_take_a_unit() -> None:
    table = "No,Item,Length,Width,Height,Note (in)\n1,Jar,4,3,2,7\n2,Pot,4,3,2,8"
    rows = [row.thing for row in read_things(frameless(), table)]
    assert [(one.count, one.note) for one in rows if one is not None] == [(1, "7"), (1, "8")]


@pytest.mark.parametrize("made", [lambda: b"", lambda: b"name,length", lambda: b"PK\x03\x04 cut off", bomb, empty_book])
def test_what_is_no_workbook_is_refused(made: Callable[[], bytes]) -> None:
    with pytest.raises(PlanRefused) as refused:
        table_of(made())
    assert refused.value.code == "no-workbook"


@pytest.mark.parametrize("table", ["", "name,length\nA,1"])
def test_what_is_no_table_is_refused(table: str) -> None:
    with pytest.raises(PlanRefused):
        read_things(frameless(), table)
