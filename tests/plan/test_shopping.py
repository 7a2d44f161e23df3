"""The first shopping list by hand: areas with their allowance, whole sheets, boards, bands, pairs, and the sum of prices."""

from __future__ import annotations

import csv
import io
from fractions import Fraction
from typing import Any

import pytest

from tests.helpers import changed, codes, frameless, mm, sheet_of, solved, step, value, with_choices, with_runner
from vasculum.core import shopping
from vasculum.export.shopping_csv import COLUMNS, shopping_csv
from vasculum.plan.document import Plan
from vasculum.plan.document.reading import FaultyPlan
from vasculum.plan.making.pieces import pieces_of
from vasculum.plan.telling.shopping import ShoppingLine
from vasculum.plan.telling.solution import solution_of


def lines(plan: Plan) -> dict[str, ShoppingLine]:
    return {line.what: line for line in solution_of(solved(plan)).shopping.lines}


def with_rows(plan: Plan, **rows: tuple[str, dict[str, Any]]) -> Plan:
    """The plan with library rows that its choices name: ``strip_board=("boards", {...})``."""
    number = plan.next_id
    for choice, (kind, row) in rows.items():
        id_ = f"{kind.removesuffix('s')}-{number}"
        plan = changed(
            plan,
            step(f"/library/{kind}/{id_}", {"name": "Any", **row}),
            step(f"/choices/{choice}", id_),
            step("/next_id", number + 1, "replace"),
        )
        number += 1
    return plan


@pytest.mark.parametrize(("amount", "percent", "with_it"), [("100", 20, "120"), ("100", 0, "100"), ("1", 10, "11/10")])
def test_amounts_with_their_allowance(amount: str, percent: int, with_it: str) -> None:
    assert shopping.with_allowance(Fraction(amount), Fraction(percent)) == Fraction(with_it)


def test_areas_and_runs_are_told_in_the_plans_habit() -> None:
    assert shopping.show_area(mm("12") * mm("24"), "in") == "2.0 sq ft"
    assert shopping.show_area(Fraction(1_500_000), "mm") == "1.50 m²"
    assert shopping.show_run(mm("30"), "in") == "2.5 ft"
    assert shopping.show_run(Fraction(2500), "mm") == "2.5 m"
    assert (shopping.money("48,50"), shopping.show_money(Fraction(97))) == (Fraction("48.5"), "97.00")


def test_sheets_as_parts_are_laid_out_on_them() -> None:
    """A front of 22 1/4 by 9 3/16 is 204.4 square inches: 1.4 square feet; one sheet of 32."""
    plan = frameless()
    line = lines(plan)["Plywood 3/4"]
    assert line.need == "1 part, 1.4 sq ft"
    assert line.buy == "1 of 96 in × 48 in"
    assert line.cost == ""
    priced = changed(plan, step(f"/library/sheets/{sheet_of(plan, 'front_sheet')}/price", "62.50"))
    assert lines(priced)["Plywood 3/4"].cost == "62.50"


def test_what_comes_out_of_no_sheet_is_said_and_area_alone_never_decides() -> None:
    """Sheets of 24 x 12 hold a front of 22 1/4 x 9 3/16 each, however much of them is left over."""
    plan = frameless()
    at = f"/library/sheets/{sheet_of(plan, 'front_sheet')}"
    small = changed(plan, step(f"{at}/length", "24 in"), step(f"{at}/width", "12 in"), step(f"{at}/price", "4"))
    assert (lines(small)["Plywood 3/4"].buy, lines(small)["Plywood 3/4"].cost) == ("1 of 24 in × 12 in", "4.00")
    wide = changed(small, step(f"{at}/length", "12 in"), step(f"{at}/width", "9 in"))
    assert "1 of them come out of none" in lines(wide)["Plywood 3/4"].need
    assert lines(wide)["Plywood 3/4"].buy == ""
    unknown = changed(plan, step(f"{at}/length", None))
    assert lines(unknown)["Plywood 3/4"].need.endswith("with 20 % 1.7 sq ft")
    assert lines(unknown)["Plywood 3/4"].buy == ""


def test_strips_are_ripped_from_one_board() -> None:
    """Two wooden runners of 16 15/16 come to 2.8 feet: one board of 8."""
    plan = with_runner(frameless(), "wooden")
    assert lines(plan)["Board for strips"].buy == ""
    board = {"thickness": "3/4 in", "width": "1 1/2 in", "length": "96 in", "price": "7.20"}
    line = lines(with_rows(plan, strip_board=("boards", board)))["Any"]
    assert (line.need, line.buy, line.cost) == ("2 parts, 2.8 ft", "1 of 96 in", "7.20")
    for thick, buy in (("3/4 in", "1 of 17 in"), ("1 in", "2 of 17 in")):  # beside each other; or each planed down
        short = {**board, "length": "17 in", "thickness": thick}
        assert lines(with_rows(plan, strip_board=("boards", short)))["Any"].buy == buy
    unknown = {name: text for name, text in board.items() if name != "length"}
    assert lines(with_rows(plan, strip_board=("boards", unknown)))["Any, for strips"].buy == ""


def test_the_sum_counts_only_what_has_a_price_and_says_how_many_have_none() -> None:
    plan = frameless()
    plan = changed(
        plan,
        step(f"/library/sheets/{sheet_of(plan, 'front_sheet')}/price", "62.50"),
        step(f"/library/runners/{plan.choices['runner']}/price", "18"),
    )
    made = solution_of(solved(plan)).shopping
    assert made.total == "80.50"
    assert made.unpriced == len(made.lines) - 2
    assert solution_of(solved(frameless())).shopping.total == ""
    rows = list(csv.DictReader(io.StringIO(shopping_csv(solution_of(solved(plan))).decode())))
    assert tuple(rows[0]) == COLUMNS
    assert rows[-1] == {"what": "total", "need": "", "buy": "", "cost": "80.50"}


@pytest.mark.parametrize("price", ["-3", "3.456", "three", "", "1e3"])
def test_an_absurd_price_is_refused_with_its_place(price: str) -> None:
    plan = frameless()
    at = f"/library/sheets/{sheet_of(plan, 'front_sheet')}/price"
    with pytest.raises(FaultyPlan) as refused:
        changed(plan, step(at, price))
    assert refused.value.faults[0].where == at


# ---- edge bands: core is finished less the band at each banded edge. Common practice --------------------------------

BAND = {"thickness": "1/8 in", "length": "8 ft", "price": "9"}


def test_the_core_of_a_banded_front_and_what_its_edges_take() -> None:
    """22 1/4 by 9 3/16 less two bands of 1/8: 22 by 8 15/16; round it 61 7/8, 5.2 feet, with a tenth more 5.7."""
    plan = with_rows(frameless(), front_band=("bands", BAND))
    assert (value(plan, "front_core_width"), value(plan, "front_core_height")) == (mm("22"), mm("8 15/16"))
    front = next(p for p in solution_of(solved(plan)).parts if p.name == "Front")
    assert front.bands == ["top", "bottom", "left", "right"]
    assert front.length.value is not None
    assert front.length.value.text == "22"
    line = lines(plan)["Any"]
    assert (line.need, line.buy, line.cost) == ("5.2 ft; with 10 % 5.7 ft", "1 of 8 ft", "9.00")
    for sold, buy in (
        ("25 in", "3 of 25 in"),
        ("27 in", "3 of 27 in"),
        ("36 in", "2 of 36 in"),
    ):  # 24.5, 24.5, 10.1, 10.1
        strips = with_rows(frameless(), front_band=("bands", {**BAND, "length": sold}))
        assert lines(strips)["Any"].buy == buy
    short = lines(with_rows(frameless(), front_band=("bands", {**BAND, "length": "20.5 in"})))["Any"]
    assert short.need.endswith("2 of 4 are longer than one")
    assert short.buy == "1 of 20.5 in"
    assert "bands-fill-the-part" in codes(with_rows(frameless(), front_band=("bands", {"thickness": "6 in"})), "stop")


def test_case_shelf_and_divider_lose_one_band_at_the_front() -> None:
    plan = with_rows(frameless("30", "24", "20", carcass="new"), case_band=("bands", BAND))
    plan = changed(plan, step("/places/place-2/holds", "shelf", "replace"))
    done = solved(plan)
    depth = {p.role: done.solved.value(*p.width) for p in pieces_of(done)}
    assert depth["case_side_left"] == depth["case_top"] == depth["shelf"] == mm("19 7/8")
    assert {p.bands for p in pieces_of(done) if p.role == "shelf"} == {("front",)}
    plain = solved(with_choices(frameless("30", "24", "20"), carcass="new"))
    assert {p.bands for p in pieces_of(plain)} == {()}


# ---- what a pair carries -------------------------------------------------------------------------------------------


@pytest.mark.parametrize(
    ("contents", "code"), [("10 kg", None), ("34 kg", "runner-near-its-rating"), ("60 kg", "runner-overloaded")]
)
def test_a_pair_keeps_a_fifth_of_its_rating_in_reserve(contents: str, code: str | None) -> None:
    plan = frameless(contents_weight=contents)
    plan = changed(plan, step(f"/library/runners/{plan.choices['runner']}/rating", "45 kg"))
    assert {c for c in codes(plan) if c.startswith("runner-n") or c.startswith("runner-o")} == (
        {code} if code else set()
    )
    assert value(plan, "runner_load") == pytest.approx(float(value(plan, "carried_weight")) / 45)


def test_a_rating_that_is_no_weight_is_refused() -> None:
    plan = frameless()
    with pytest.raises(FaultyPlan, match="no weight"):
        changed(plan, step(f"/library/runners/{plan.choices['runner']}/rating", "strong"))


def test_on_the_road_a_pair_keeps_half_of_its_rating() -> None:
    plan = frameless(contents_weight="25 kg")
    plan = changed(plan, step(f"/library/runners/{plan.choices['runner']}/rating", "45 kg"))
    assert "runner-loaded-on-the-road" not in codes(plan)
    space = plan.space_order[0]
    assert "runner-loaded-on-the-road" in codes(changed(plan, step(f"/spaces/{space}/what", "vehicle", "replace")))
