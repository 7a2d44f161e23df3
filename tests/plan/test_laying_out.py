"""Layouts by hand: kept while parts fit, sawn as they were, a part elsewhere; bad places, sheets in hand, trims."""

from __future__ import annotations

from typing import Any

import pytest

from tests.helpers import act, changed, mm, solved, step, told, with_choices
from tests.plan.test_sheets import bank, racked
from vasculum.core.errors import NoSuchQuantity, PlanRefused
from vasculum.drawing.cut_sheet import cut_sheet
from vasculum.plan.document import Plan
from vasculum.plan.document.reading import FaultyPlan, read_plan, write_plan
from vasculum.plan.making.on_stock import OnStock, stocks_of
from vasculum.plan.telling.sheets import RowShown, rows_shown
from vasculum.plan.telling.solution import solution_of


def row_of(plan: Plan, role: str = "side_sheet") -> OnStock:
    return next(one for one in stocks_of(solved(plan)) if one.row == plan.choices[role])


def shown(plan: Plan, role: str = "side_sheet") -> RowShown:
    return next(one for one in rows_shown(solved(plan)) if one.row == plan.choices[role])


def on(plan: Plan, do: str, **more: Any) -> Plan:
    return act(plan, do, row=plan.choices["side_sheet"], **more)


def test_a_layout_is_kept_comes_back_from_the_file_and_is_bought() -> None:
    plan = bank()
    assert shown(plan).aim == "sheets"
    kept = read_plan(write_plan(on(plan, "keep-layout", aim="settings")).encode())
    row = row_of(kept)
    assert row.laid.kept == row_of(plan).laid.fewest_settings
    assert shown(kept).aim == "kept"
    assert [one.aim for one in shown(kept).ways] == ["sheets", "settings", "kept"]
    assert told(plan, "keep-layout", row=row.row, aim="settings").endswith("kept")
    anew = on(kept, "lay-out-anew")
    assert anew.layouts == {}
    assert shown(anew).aim == "sheets"


def test_what_no_longer_fits_is_laid_out_anew_and_told() -> None:
    """A kerf of 1 in: what filled a strip is too long by then."""
    kept = on(bank(), "keep-layout", aim="sheets")
    assert shown(kept).notes == []
    wide = with_choices(kept, blade_kerf="1 9/10 in")
    row = row_of(wide)
    assert row.laid.broken == 1
    assert shown(wide).notes == ["One sheet that was kept holds its parts no longer: laid out anew."]
    assert len(row.laid.best.parts()) == len(row.parts)


def test_a_sawn_sheet_stays_and_says_what_should_be_otherwise_by_now() -> None:
    plan = bank()
    sawn = on(plan, "saw-sheet", aim="sheets", sheet=1, is_sawn=True)
    first = row_of(plan).laid.fewest_sheets.sheets[0]
    row = row_of(sawn)
    assert row.laid.sawn == 1
    assert [way.sheets[0] for way in (row.laid.fewest_sheets, row.laid.fewest_settings)] == [first, first]
    wide = row_of(with_choices(sawn, blade_kerf="1 9/10 in"))
    assert (wide.laid.broken, wide.laid.best.sheets[0]) == (0, first)
    small = changed(sawn, step(f"/library/sheets/{row.row}/length", "30 in"))
    assert row_of(small).laid.sawn == 1
    notes = shown(with_choices(sawn, play_above="1 in")).notes
    assert notes
    assert all(" is sawn " in note and "should be" in note for note in notes)
    back = on(sawn, "saw-sheet", aim="kept", sheet=1, is_sawn=False)
    assert row_of(back).laid.sawn == 0
    assert back.layouts[plan.choices["side_sheet"]][0].state == "kept"
    assert "not" in told(sawn, "saw-sheet", row=row.row, aim="sheets", sheet=1, is_sawn=False)


def test_a_part_of_a_sawn_sheet_that_is_gone_is_told() -> None:
    plan = bank()
    sawn = on(plan, "saw-sheet", aim="sheets", sheet=1, is_sawn=True)
    cells = plan.places[plan.spaces[plan.space_order[0]].holds].children
    fewer = act(sawn, "take-out", place=cells[0])
    assert "belongs to nothing" in " ".join(shown(fewer).notes)
    assert cut_sheet(solved(fewer), f"{plan.choices['side_sheet']}:sheets:1").title


def test_a_part_goes_to_another_sheet_or_the_cut_in_its_way_is_told() -> None:
    plan = bank()
    row = row_of(plan)
    name = row.parts[0].name
    apart = on(plan, "move-part", aim="sheets", part=name, sheet=2)
    assert [sum(leaf.part == name for leaf in sheet.leaves()) for sheet in row_of(apart).laid.best.sheets] == [0, 1]
    back = on(apart, "move-part", aim="kept", part=name, sheet=1)
    assert len(row_of(back).laid.best.sheets) == 1
    leaf = next(leaf for leaf in row_of(back).laid.best.parts() if leaf.part == name)
    same = {"x": float(leaf.x + 1), "y": float(leaf.y + 1)}
    assert on(back, "move-part", aim="kept", part=name, sheet=1, **same) == back
    for x, y in ((99_000, 0), (-30, 0), (0, -30)):
        with pytest.raises(PlanRefused) as refusal:
            on(back, "move-part", aim="kept", part=name, sheet=1, x=x, y=y)
        assert refusal.value.code == "cut-through"
    for more in ({"part": "none", "sheet": 1}, {"part": name, "sheet": 9}):
        with pytest.raises(NoSuchQuantity):
            on(back, "move-part", aim="kept", **more)


def test_nothing_moves_on_or_onto_a_sawn_sheet() -> None:
    plan = bank()
    row = row_of(plan)
    sawn = on(plan, "saw-sheet", aim="sheets", sheet=1, is_sawn=True)
    with pytest.raises(PlanRefused) as refusal:
        on(sawn, "move-part", aim="sheets", part=row.parts[0].name, sheet=2)
    assert refusal.value.code == "is-sawn"
    with pytest.raises(NoSuchQuantity):
        on(plan, "saw-sheet", aim="sheets", sheet=5, is_sawn=True)


def test_layouts_of_nothing_are_refused_and_go_with_their_row() -> None:
    plan = bank()
    for do, more in (("keep-layout", {"aim": "sheets"}), ("lay-out-anew", {})):
        with pytest.raises(NoSuchQuantity):
            act(plan, do, row="sheet-99", **more)
    tree = {"cuts": {"part": "a/side"}}
    with pytest.raises(FaultyPlan, match="no sheet and no board"):
        changed(plan, step("/layouts/sheet-99", [tree]))
    for bad in ({"cuts": {}}, {"cuts": {"cut": "rip"}}, {"cuts": {"part": "a", "children": [{"part": "b"}]}},
                {"state": "sawn", "cuts": {"part": "a"}}):  # fmt: skip
        with pytest.raises(FaultyPlan):
            changed(plan, step(f"/layouts/{plan.choices['side_sheet']}", [bad]))
    spare = act(plan, "name-stock", kind="sheets", name="Spare", thickness="1/2 in")
    (row,) = set(spare.library.sheets) - set(plan.library.sheets)
    begun = {"state": "begun", "cuts": {"part": "a/side", "sawn": ["1 in", "1 in"]}}
    held = changed(spare, step(f"/layouts/{row}", [tree, begun]), step("/settings_done", {row: 1}))
    held = act(held, "add-offcut", sheet=row, length="20", width="20")
    gone = act(held, "take-stock-out", kind="sheets", row=row)
    assert (gone.layouts, gone.settings_done) == ({}, {})
    assert gone.library.offcuts == {}


def test_a_bad_corner_of_an_offcut_moves_parts_away() -> None:
    """Three fronts out of 30 x 30; with 28 x 28 of it bad none of them is left in it."""
    plan = racked(("30", "30"))
    (offcut,) = plan.library.offcuts
    bad = act(plan, "add-bad-place", offcut=offcut, x="0", y="0", length="2", width="2")
    row = row_of(bad, "front_sheet")
    (piece,) = (piece for _, piece in row.laid.on_offcuts)
    assert [leaf for leaf in piece.leaves() if leaf.is_bad]
    for leaf in piece.leaves():
        assert not leaf.part or leaf.x >= mm("2") or leaf.y >= mm("2")
    worse = act(plan, "add-bad-place", offcut=offcut, x="0", y="0", length="28", width="28")
    assert not row_of(worse, "front_sheet").laid.on_offcuts
    for x, y in (("30", "0"), ("0", "31")):
        with pytest.raises(PlanRefused) as refusal:
            act(plan, "add-bad-place", offcut=offcut, x=x, y=y, length="2", width="2")
        assert refusal.value.code == "beside-it"
    assert "2 × 2" in told(plan, "add-bad-place", offcut=offcut, x="0", y="0", length="2", width="2")


def test_a_whole_sheet_with_a_bad_corner_stands_in_the_rack_and_is_not_bought() -> None:
    plan = bank()
    bad = act(plan, "add-bad-place", sheet=plan.choices["front_sheet"], x="0", y="0", length="3", width="3")
    assert shown(bad, "front_sheet").says == "1 offcut from the rack, and no sheet"
    with pytest.raises(NoSuchQuantity):
        act(plan, "add-bad-place", sheet="sheet-99", x="0", y="0", length="3", width="3")
    with pytest.raises(NoSuchQuantity):
        act(plan, "add-bad-place", offcut="offcut-99", x="0", y="0", length="3", width="3")
    unknown = changed(plan, step(f"/library/sheets/{plan.choices['front_sheet']}/length", None))
    with pytest.raises(PlanRefused) as refusal:
        act(unknown, "add-bad-place", sheet=plan.choices["front_sheet"], x="0", y="0", length="3", width="3")
    assert refusal.value.code == "size-unknown"


def test_sheets_in_hand_are_not_bought() -> None:
    plan = bank()
    row = plan.choices["side_sheet"]
    for hand, buy in ((0, "1 of"), (1, "")):
        lines = solution_of(solved(changed(plan, step(f"/library/sheets/{row}/in_hand", hand)))).shopping.lines
        line = next(one for one in lines if one.what == plan.library.sheets[row].name)
        assert line.buy.startswith(buy)
        assert bool(line.buy) is bool(buy)
        assert ("1 in hand" in line.need) is bool(hand)
    sawn = solution_of(solved(on(plan, "saw-sheet", aim="sheets", sheet=1, is_sawn=True))).shopping.lines
    assert next(one.buy for one in sawn if one.what == plan.library.sheets[row].name) == ""


def test_each_edge_is_trimmed_as_its_row_says() -> None:
    """None at the left, 1 at the right, 2 below, 3 above: nothing lies there."""
    plan = bank()
    row = f"/library/sheets/{plan.choices['side_sheet']}/trims"
    trimmed = act(plan, "enter", path=row, text="0; 1; 2; 3", reads="lengths")
    one = row_of(trimmed)
    assert one.stock.trims == (0, mm("1"), mm("2"), mm("3"))
    for leaf in one.laid.best.parts():
        assert leaf.x >= 0
        assert leaf.x + leaf.length <= one.stock.length - mm("1")
        assert mm("2") <= leaf.y
        assert leaf.y + leaf.width <= one.stock.width - mm("3")
    with pytest.raises(FaultyPlan):
        act(plan, "enter", path=row, text="0; 1", reads="lengths")


def test_at_the_saw_settings_are_done_one_by_one_until_everything_is_sawn() -> None:
    plan = bank()
    row, most = plan.choices["side_sheet"], len(shown(plan).ways[0].order)
    assert most > 3
    begun = on(plan, "settings-done", aim="sheets", done=1)
    assert (shown(begun).done, shown(begun).sawn) == (1, 1)
    assert {sheet.state for sheet in begun.layouts[row]} == {"begun"}
    order = shown(plan).ways[0].order
    shorter = with_choices(begun, play_above="1 in")
    for way in shown(shorter).ways:
        assert way.order == order  # whatever changes, the sheet on the saw is cut to the end as it was drawn
    assert on(begun, "settings-done", aim="sheets", done=0).layouts[row][0].state == "kept"
    over = on(begun, "settings-done", aim="sheets", done=most)
    assert {sheet.state for sheet in over.layouts[row]} == {"sawn"}
    assert over.settings_done == {}
    assert [way.order for way in shown(over).ways] == [[], []]
    with pytest.raises(PlanRefused) as refusal:
        on(begun, "settings-done", aim="sheets", done=most + 1)
    assert refusal.value.code == "no-such-setting"
    with pytest.raises(PlanRefused):
        on(over, "settings-done", aim="sheets", done=1)
    with pytest.raises(FaultyPlan, match="No sheet of this row is begun"):
        changed(plan, step("/settings_done", {row: 2}))
    anew = on(begun, "saw-sheet", aim="sheets", sheet=1, is_sawn=False)
    assert anew.settings_done == {}
    assert told(plan, "settings-done", row=row, aim="sheets", done=2).startswith("2 settings done")


def test_what_is_left_of_a_sawn_sheet_goes_into_the_rack_once_and_is_used() -> None:
    plan = bank()
    row = plan.choices["side_sheet"]
    with pytest.raises(NoSuchQuantity):
        on(plan, "rack-offcuts", sheet=1)
    sawn = on(plan, "saw-sheet", aim="sheets", sheet=1, is_sawn=True)
    left = [one for one in row_of(sawn).laid.best.offcuts() if min(one.length, one.width) >= mm("6")]
    assert left
    racked = on(sawn, "rack-offcuts", sheet=1, where="loft")
    offcuts = list(racked.library.offcuts.values())
    for one, offcut in zip(left, offcuts, strict=True):
        assert 0 <= one.length - racked.length(offcut.length) < mm("1/64")
        assert (offcut.sheet, offcut.where) == (row, "loft")
    with pytest.raises(PlanRefused) as refusal:
        on(racked, "rack-offcuts", sheet=1)
    assert refusal.value.code == "already-there"
    with pytest.raises(PlanRefused):  # it is cut up: its offcuts stand in the rack
        on(racked, "saw-sheet", aim="sheets", sheet=1, is_sawn=False)
    cells = racked.places[racked.spaces[racked.space_order[0]].holds].children
    more = act(racked, "split", place=cells[0], into="columns", count=2)
    assert row_of(more).laid.on_offcuts
    assert "into the rack" in told(sawn, "rack-offcuts", row=row, sheet=1)


def test_first_cuts_leave_what_is_carried() -> None:
    """96 x 24 at most: a sheet of 48 is ripped once or twice; carried whole where the car takes 96 x 48."""
    plan = bank()
    for wide, cuts in (("24 in", True), ("48 in", False)):
        way = shown(with_choices(plan, carry_width=wide, cut_price="1.5")).ways[0]
        assert bool(way.first_count) is cuts
        assert way.first_cost == f"{way.first_count * 1.5:.2f}"
        (sheet,) = way.first_cuts
        assert len(sheet.pieces) >= len(sheet.cuts)
    assert shown(plan).ways[0].first_cost == ""


def test_small_pieces_and_the_guide_of_a_saw_are_told_at_their_setting() -> None:
    """Edge of the shoe to the blade 4 7/8 (worked by hand): the guide lies so much nearer than the cut."""
    plan = bank()
    assert not any("Guide" in one.care for one in shown(plan).ways[0].order)
    order = shown(with_choices(plan, saw_guide="4 7/8 in", small_part="20 in")).ways[0].order
    assert all("on the side that is kept" in one.care for one in order)
    for one in order:
        assert ("Short pieces" in one.care) is (one.way == "crosscut" and mm(one.size) < mm("20"))
        if mm(one.size) < mm("4 7/8"):
            assert "beyond the edge" in one.care


def test_parts_that_are_trimmed_later_are_cut_larger_each_way() -> None:
    plan = bank()
    now = {part.name: part for part in row_of(plan).parts}
    for part in row_of(with_choices(plan, cut_oversize="1/8 in")).parts:
        assert (part.length, part.width) == (now[part.name].length + mm("1/8"), now[part.name].width + mm("1/8"))


def test_a_sheet_smaller_than_its_trims_gives_nothing_and_says_why() -> None:
    plan = with_choices(bank(), sheet_trim="24 in")
    row = shown(plan)
    assert row.notes == ["What is trimmed off takes the whole sheet."]
    assert len(row.left) == len(row.called)
    assert row.ways[0].sheets == 0
    bought = {line.what: line for line in solution_of(solved(plan)).shopping.lines}
    assert bought[row.name].buy == ""
    assert "come out of none" in bought[row.name].need


def test_the_stages_of_the_saw_are_chosen() -> None:
    plan = bank()
    assert {row_of(with_choices(plan, cut_stages=text)).stock.stages for text in ("2", "3")} == {2, 3}
    with pytest.raises(FaultyPlan, match="Two stages"):
        with_choices(plan, cut_stages="1")


def test_a_sawn_sheet_stays_with_turned_parts_and_with_fewer_stages_chosen_since() -> None:
    """Fronts of 24 on a sheet of 20 x 60 without grain lie turned: sawn so, whatever stages are chosen since."""
    plan = bank()
    row = plan.choices["front_sheet"]
    for name, to in (("grain", "free"), ("length", "20 in"), ("width", "60 in")):
        plan = changed(plan, step(f"/library/sheets/{row}/{name}", to, "replace"))
    assert all(leaf.is_turned for leaf in row_of(plan, "front_sheet").laid.best.parts())
    sawn = act(plan, "saw-sheet", row=row, aim="sheets", sheet=1, is_sawn=True)
    for now in (sawn, with_choices(sawn, cut_stages="2")):
        laid = row_of(now, "front_sheet").laid
        assert (laid.sawn, laid.broken) == (1, 0)
        assert laid.best.sheets[0] == row_of(plan, "front_sheet").laid.best.sheets[0]


def test_what_is_done_at_the_saw_is_counted_without_the_offcuts_of_the_rack() -> None:
    """An offcut with settings of its own: the first Done is the first of the sheets, and the second is next."""
    plan = bank()
    row = plan.choices["side_sheet"]
    plan = act(plan, "add-offcut", sheet=row, length="24", width="8")
    before = shown(plan)
    assert before.rack_order
    begun = shown(on(plan, "settings-done", aim="sheets", done=1))
    assert begun.done == 1
    assert begun.ways[0].order == before.ways[0].order
