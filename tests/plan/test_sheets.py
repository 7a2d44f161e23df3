"""Parts of a plan on its sheets: matched faces as one panel, grain, both ways, words, drawings, and open data."""

from __future__ import annotations

import csv
import io
import json
from fractions import Fraction
from pathlib import Path

import ezdxf
import pytest
from click.testing import CliRunner

from tests.export.test_files import pdf_text
from tests.helpers import act, changed, codes, drawer_of, frameless, mm, solved, split, step, with_choices
from vasculum.cli import main
from vasculum.core.errors import LengthRefused, NoSuchQuantity
from vasculum.cutting.checked import faults
from vasculum.demo import DEMO_PLANS, demo_plan
from vasculum.drawing.cut_sheet import cut_sheet
from vasculum.drawing.primitives import Rect, Text
from vasculum.export.files import EXPORTS
from vasculum.plan.document import Plan
from vasculum.plan.document.reading import FaultyPlan, write_plan
from vasculum.plan.making.on_stock import OnStock, stocks_of
from vasculum.plan.making.pieces import pieces_of
from vasculum.plan.making.regions import regions
from vasculum.plan.telling.layouts import layouts_of
from vasculum.plan.telling.sheets import rows_shown, way_of
from vasculum.plan.telling.solution import solution_of


def bank(**choices: str) -> Plan:
    """Three drawers over each other in 24 x 24."""
    plan = frameless("24", "24", "20", **choices)
    return split(plan, drawer_of(plan), "rows", {}, {}, {})[0]


@pytest.mark.parametrize("name", DEMO_PLANS)
def test_every_part_of_the_demo_lies_on_its_sheet_once(name: str) -> None:
    done = solved(demo_plan(name))
    rows = stocks_of(done)
    laid = [part.name for row in rows for part in row.parts]
    of_sheets = [one.id for one in pieces_of(done) if one.sheet in {row.row for row in rows} and one.grain != "matched"]
    assert set(of_sheets) <= set(laid)
    assert len(laid) == len(set(laid))
    for row in rows:
        for aim in ("sheets", "settings"):
            assert faults(row.laid.of(aim), row.parts, row.stock) == []  # type: ignore[arg-type]


def test_faces_of_a_matched_column_are_one_part_in_their_order() -> None:
    done = solved(bank(grain="matched"))
    (row,) = (one for one in stocks_of(done) if any(part.name.endswith("/panel") for part in one.parts))
    (panel,) = (part for part in row.parts if part.name.endswith("/panel"))
    place = panel.name.partition("/")[0]
    assert (panel.length, panel.width) == tuple(
        done.solved.value(place, f"panel_{way}_needed") for way in ("length", "width")
    )
    assert not panel.may_turn
    assert len(row.parts) == 1


def test_parts_are_turned_only_where_nothing_says_how_their_grain_runs() -> None:
    plan = bank()
    at = f"/library/sheets/{plan.choices['side_sheet']}"
    for grain, may in (("length", False), ("free", True)):
        done = solved(changed(plan, step(f"{at}/grain", grain, "replace")))
        row = next(one for one in stocks_of(done) if one.row == plan.choices["side_sheet"])
        assert {part.may_turn for part in row.parts} == {may}


def test_kerf_and_trim_are_chosen() -> None:
    done = solved(bank(blade_kerf="3/16 in", sheet_trim="1/4 in"))
    assert {(one.stock.kerf, *one.stock.trims) for one in stocks_of(done)} == {(mm("3/16"), *[mm("1/4")] * 4)}


def test_it_is_told_whether_fewer_might_do() -> None:
    rows = {row.name: row for row in rows_shown(solved(bank()))}
    assert rows["Plywood 3/4"].says == "1 sheet; no fewer will do: by area"
    ways = rows["Plywood 3/4"].ways
    assert [one.aim for one in ways] == ["sheets", "settings"]
    assert ways[1].settings <= ways[0].settings
    plan = bank()
    at = f"/library/sheets/{plan.choices['front_sheet']}"
    small = changed(plan, step(f"{at}/length", "24 in"), step(f"{at}/width", "14 in"))
    assert {row.name: row for row in rows_shown(solved(small))}["Plywood 3/4"].says == (
        "3 sheets; no fewer will do: so many parts share no sheet"
    )


def test_what_comes_out_of_no_sheet_is_named_by_its_mark() -> None:
    plan = bank()
    at = f"/library/sheets/{plan.choices['front_sheet']}"
    row = next(
        one for one in rows_shown(solved(changed(plan, step(f"{at}/length", "12 in")))) if one.name == "Plywood 3/4"
    )
    assert len(row.left) == 3
    assert all("front" in one for one in row.left)


def test_a_sheet_is_drawn_with_its_parts_inside_it() -> None:
    done = solved(demo_plan("potting-bench"))
    for row in stocks_of(done):
        for number, _ in enumerate(row.laid.fewest_sheets.sheets, 1):
            sheet = cut_sheet(done, f"{row.row}:sheets:{number}")
            parts = [one for one in sheet.primitives if isinstance(one, Rect) and one.role == "fill"]
            assert parts
            for one in parts:
                assert 0 <= one.corner[0] <= one.corner[0] + one.width <= row.stock.length
                assert 0 <= one.corner[1] <= one.corner[1] + one.height <= row.stock.width
            assert any(isinstance(one, Text) and "×" in one.text for one in sheet.primitives)


@pytest.mark.parametrize(
    "of", ["", "sheet-7", "sheet-7:sheets:0", "sheet-7:sheets:99", "sheet-7:area:1", "nothing:sheets:1"]
)
def test_a_sheet_that_is_none_is_refused(of: str) -> None:
    with pytest.raises(NoSuchQuantity):
        cut_sheet(solved(demo_plan("potting-bench")), of)


def test_sizes_that_wait_are_left_out_and_the_rest_is_laid_out() -> None:
    broken = with_choices(bank(), wanted_box_height="90 in")
    assert codes(broken, "stop")
    assert rows_shown(solved(broken))
    assert not stocks_of(solved(act(frameless(), "hold", place=drawer_of(frameless()), holds="open")))


def test_the_command_line_tells_it_and_gives_the_cuts_as_data(tmp_path: Path) -> None:
    file = tmp_path / "bench.json"
    file.write_text(write_plan(demo_plan("potting-bench")))
    told = CliRunner().invoke(main, ["layout", str(file)])
    assert told.exit_code == 0
    assert "no fewer will do" in told.output
    data = json.loads(CliRunner().invoke(main, ["layout", str(file), "--json", "--aim", "settings"]).output)
    assert data == json.loads(layouts_of(solved(demo_plan("potting-bench")), "settings").model_dump_json())
    row = data["rows"][0]
    assert {"sheets", "bound", "settings", "cuts", "offcut", "waste", "trees"} <= row.keys()
    assert len(row["trees"]) == row["sheets"]
    small = demo_plan("potting-bench")
    at = f"/library/sheets/{small.choices['front_sheet']}/length"
    file.write_text(write_plan(changed(small, step(at, "300 mm", "replace"))))
    short = CliRunner().invoke(main, ["layout", str(file)])
    assert short.exit_code == 1
    assert "comes out of no sheet" in short.output


def test_on_paper_every_part_stands_under_its_setting_and_on_its_sheet() -> None:
    done = solved(demo_plan("potting-bench"))
    pages = pdf_text(EXPORTS["sheets.pdf"].make(done, 1))
    told = " ".join(pages).replace("\n", " ")
    rows = rows_shown(done)
    for row in rows:
        assert row.name in told
        for one in row.ways[0].order:
            assert one.size in told
            assert all(name in told for name in one.parts)
    assert len(pages) == 1 + len(rows)


def test_layouts_go_out_as_open_files() -> None:
    done = solved(demo_plan("potting-bench"))
    rows = list(csv.DictReader(io.StringIO(EXPORTS["sheets.csv"].make(done, 1).decode())))
    leaves = [leaf for one in stocks_of(done) for sheet in one.laid.fewest_sheets.sheets for leaf in sheet.leaves()]
    assert [Fraction(row["length_mm"]) for row in rows] == [leaf.length for leaf in leaves]
    assert sum(row["part"] != "" for row in rows) == sum(len(one.parts) for one in stocks_of(done))
    drawn = EXPORTS["sheets.svg"].make(done, 1).decode()
    assert drawn.count("Sheet 1 of") >= len(stocks_of(done))


@pytest.mark.parametrize("is_turned", [False, True])
def test_for_a_machine_every_cut_lies_in_its_part_on_the_layer_of_its_depth(is_turned: bool) -> None:
    """Grooves of the bottoms: as many as there are in the parts, as deep as the plan says, inside their part."""
    plan = demo_plan("potting-bench")
    if is_turned:  # sheets that are narrow along their grain, and have none: the long parts lie across
        for row in plan.library.sheets:
            at = f"/library/sheets/{row}"
            plan = changed(plan, *(step(f"{at}/{name}", to) for name, to in (("grain", "free"), ("length", "520 mm"))))
    done = solved(plan)
    leaves = [leaf for one in stocks_of(done) for leaf in one.laid.best.parts()]
    assert any(leaf.is_turned for leaf in leaves) is is_turned
    read = ezdxf.read(io.StringIO(EXPORTS["sheets.dxf"].make(done, 1).decode()))
    assert not read.audit().errors
    space = read.modelspace()
    parts = [piece for piece in pieces_of(done) if piece.id in {leaf.part for leaf in leaves}]
    boxes: dict[str, list[tuple[float, ...]]] = {}
    for path in space.query("LWPOLYLINE"):
        xs, ys = zip(*((x, y) for x, y, *_ in path.get_points()), strict=True)
        boxes.setdefault(path.dxf.layer, []).append((min(xs), min(ys), max(xs), max(ys)))
    wanted: dict[str, int] = {}
    for piece in parts:
        assert piece.size is not None
        for cut in piece.cuts:
            for region in regions(done, piece, cut):
                if region.deep[0] == 0 and region.deep[1] < piece.size[2]:
                    layer = f"DEPTH_{round(float(region.deep[1]), 2):g}".replace(".", "_")
                    wanted[layer] = wanted.get(layer, 0) + 1
    assert wanted
    assert {layer: len(found) for layer, found in boxes.items() if layer.startswith("DEPTH")} == wanted
    for layer, found in boxes.items():
        for left, low, right, high in found if layer.startswith(("DEPTH", "BELOW")) else ():
            assert any(
                a - 0.01 <= left and b - 0.01 <= low and right <= c + 0.01 and high <= d + 0.01
                for a, b, c, d in boxes["THROUGH"]
            )
    assert len(space.query('TEXT[layer=="NAMES"]')) == len(leaves)


def test_the_order_of_the_merchant_has_what_is_bought_and_every_first_cut() -> None:
    plan = with_choices(demo_plan("potting-bench"), cut_price="1.5")
    rows = list(csv.DictReader(io.StringIO(EXPORTS["order.csv"].make(solved(plan), 1).decode())))
    bought = {line.what: line.buy for line in solution_of(solved(plan)).shopping.lines if line.buy}
    assert {row["what"]: row["buy"] for row in rows if row["buy"]} == bought
    cuts = [(row["sheet"], row["cut"]) for row in rows if row["sheet"]]
    shown = [way_of(row) for row in rows_shown(solved(plan))]
    assert cuts == [(str(sheet.sheet), cut) for way in shown for sheet in way.first_cuts for cut in sheet.cuts]
    assert cuts
    assert [row["cost"] for row in rows if row["cut"].endswith("cuts")] == [
        way.first_cost for way in shown if way.first_cost
    ]
    told = " ".join(pdf_text(EXPORTS["sheets.pdf"].make(solved(plan), 1))).replace("\n", " ")
    assert "For the merchant" in told
    assert "Cuts cost" in told


def test_no_name_in_the_table_runs_as_a_formula() -> None:
    plan = demo_plan("potting-bench")
    named = changed(plan, step(f"/library/sheets/{plan.choices['side_sheet']}/name", "=1+1", "replace"))
    assert "\r\n=1+1" not in EXPORTS["sheets.csv"].make(solved(named), 1).decode()


# ---- the rack ----------------------------------------------------------------------------------------------------


def racked(*sizes: tuple[str, str]) -> Plan:
    """The bank with offcuts of its fronts' sheet in the rack."""
    plan = bank()
    for length, width in sizes:
        plan = act(
            plan, "add-offcut", sheet=plan.choices["front_sheet"], length=length, width=width, where="by the door"
        )
    return plan


def row_of_fronts(plan: Plan) -> OnStock:
    done = solved(plan)
    return next(one for one in stocks_of(done) if one.row == plan.choices["front_sheet"])


def test_an_offcut_is_used_before_any_sheet() -> None:
    """Three fronts of about 23 3/4 x 7 7/8: one of them out of 24 x 9, all of them out of 30 x 30, none out of 20 x 6."""
    for sizes, on, sheets in (((("24", "9"),), 1, 1), ((("30", "30"),), 1, 0), ((("20", "6"),), 0, 1)):
        row = row_of_fronts(racked(*sizes))
        assert (len(row.laid.on_offcuts), len(row.laid.fewest_sheets.sheets)) == (on, sheets)
        laid = [leaf.part for _, piece in row.laid.on_offcuts for leaf in piece.leaves() if leaf.part]
        laid += [leaf.part for leaf in row.laid.fewest_sheets.parts()]
        assert sorted(laid) == sorted(part.name for part in row.parts)


def test_the_smallest_that_holds_something_comes_first_and_it_is_told() -> None:
    plan = racked(("60", "30"), ("24", "9"))
    row = row_of_fronts(plan)
    assert [float(offcut.width / mm("1")) for offcut, _ in row.laid.on_offcuts] == [9, 30]
    said = {one.name: one for one in rows_shown(solved(plan))}["Plywood 3/4"]
    assert said.says == "2 offcuts from the rack, and no sheet"
    assert len(said.offcuts) == 2
    assert cut_sheet(solved(plan), f"{row.row}:offcuts:1").title == "Offcut 1 of Plywood 3/4"
    assert layouts_of(solved(plan), "sheets").rows[0].offcuts
    assert "Offcut 2 of Plywood" in " ".join(pdf_text(EXPORTS["sheets.pdf"].make(solved(plan), 1)))


def test_what_is_gone_from_the_rack_is_not_used_and_a_bad_one_is_refused() -> None:
    plan = racked(("30", "30"))
    (offcut,) = plan.library.offcuts
    assert not row_of_fronts(act(plan, "take-offcut-out", offcut=offcut)).laid.on_offcuts
    with pytest.raises(NoSuchQuantity):
        act(plan, "take-offcut-out", offcut="offcut-99")
    with pytest.raises(NoSuchQuantity):
        act(plan, "add-offcut", sheet="sheet-99", length="30", width="30")
    with pytest.raises(LengthRefused):
        act(plan, "add-offcut", sheet=plan.choices["front_sheet"], length="wide", width="30")
    with pytest.raises(FaultyPlan, match="There is no sheet"):
        changed(plan, step(f"/library/offcuts/{offcut}/sheet", "sheet-99", "replace"))


def test_the_shopping_list_buys_what_the_rack_does_not_give() -> None:
    bought = {line.what: line.buy for line in solution_of(solved(racked(("30", "30")))).shopping.lines}
    assert bought["Plywood 3/4"] == ""
    assert {line.what: line.buy for line in solution_of(solved(bank())).shopping.lines}["Plywood 3/4"].startswith(
        "1 of"
    )
