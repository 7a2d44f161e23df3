"""Sheets and boards that are sold in several sizes: each that is bought is as cheap as its cuts allow."""

from __future__ import annotations

import pytest

from tests.helpers import act, changed, solved, step, told
from tests.plan.test_laying_out import row_of, shown
from tests.plan.test_sheets import bank
from vasculum.core.errors import LengthRefused, NoSuchQuantity, PlanRefused
from vasculum.plan.document import Plan
from vasculum.plan.document.reading import FaultyPlan, read_plan, write_plan
from vasculum.plan.telling.solution import solution_of

Line = tuple[str, str]


def sold(price: str, length: str = "48", width: str = "48", whole: str | None = "60", **more: str) -> Plan:
    """The bank whose fronts' sheet costs 60, and so much in another size."""
    plan = bank()
    row = plan.choices["front_sheet"]
    for name, value in (("price", whole), *more.items()):
        plan = changed(plan, step(f"/library/sheets/{row}/{name}", value))
    return act(plan, "add-panel-size", sheet=row, length=length, width=width, price=price)


def bought(plan: Plan, row: str) -> list[Line]:
    """What the shopping list has of a row."""
    name = plan.library.stock(row).name
    return [(line.buy, line.cost) for line in solution_of(solved(plan)).shopping.lines if line.what == name]


def test_half_a_sheet_is_cheaper_and_is_bought() -> None:
    """Three fronts of about 24 x 8 come out of 48 x 48: 35 instead of 60."""
    plan = sold("35")
    row = row_of(plan, "front_sheet")
    assert shown(plan, "front_sheet").says.startswith("1 sheet of 48 × 48; no fewer will do")
    assert bought(plan, row.row) == [("1 of 48 in × 48 in", "35.00")]
    assert row.laid.best.sheets[0][2:4] == (48 * row.stock.kerf * 8, 48 * row.stock.kerf * 8)


@pytest.mark.parametrize("plan", [sold("60"), sold("61"), sold("35", "20", "6")])
def test_what_is_not_cheaper_or_holds_nothing_is_not_bought(plan: Plan) -> None:
    assert bought(plan, plan.choices["front_sheet"]) == [("1 of 96 in × 48 in", "60.00")]


def test_without_a_price_less_area_is_better() -> None:
    plan = sold("", whole=None)
    assert bought(plan, plan.choices["front_sheet"]) == [("1 of 48 in × 48 in", "")]


def test_a_whole_sheet_in_hand_comes_before_a_panel() -> None:
    row = bank().choices["front_sheet"]
    plan = changed(sold("35"), step(f"/library/sheets/{row}/in_hand", 1))
    assert bought(plan, row) == [("", "")]
    assert shown(plan, "front_sheet").says.startswith("1 sheet; no fewer")


def test_a_panel_that_is_sawn_stays_one_when_it_is_sold_no_longer() -> None:
    plan = sold("35")
    row = plan.choices["front_sheet"]
    sawn = act(plan, "saw-sheet", row=row, aim="sheets", sheet=1, is_sawn=True)
    gone = changed(sawn, step(f"/library/sheets/{row}/panels", []))
    back = read_plan(write_plan(gone).encode())
    assert row_of(back, "front_sheet").laid.best.sheets == row_of(plan, "front_sheet").laid.best.sheets


def test_a_bad_size_or_price_is_refused() -> None:
    plan = bank()
    row = plan.choices["front_sheet"]
    with pytest.raises(NoSuchQuantity):
        act(plan, "add-panel-size", sheet="sheet-99", length="48", width="48", price="35")
    with pytest.raises(LengthRefused):
        act(plan, "add-panel-size", sheet=row, length="wide", width="48", price="35")
    with pytest.raises(PlanRefused, match="How wide"):
        act(plan, "add-panel-size", sheet=row, length="48", price="35")
    with pytest.raises(FaultyPlan):
        act(plan, "add-panel-size", sheet=row, length="48", width="48", price="much")
    for length, width in (("97", "48"), ("60", "60")):
        with pytest.raises(FaultyPlan, match="more than it measures"):
            act(plan, "add-panel-size", sheet=row, length=length, width=width, price="35")
    with pytest.raises(PlanRefused, match="that size already"):
        act(sold("35"), "add-panel-size", sheet=row, length="48", width="4 ft", price="40")
    assert "also sold" in told(plan, "add-panel-size", sheet=row, length="48", width="48", price="35")


def test_the_rack_says_when_what_is_kept_does_not_use_it() -> None:
    plan = sold("35")
    row = row_of(plan, "front_sheet").row
    kept = act(plan, "keep-layout", row=row, aim="sheets")
    assert bought(kept, row) == [("1 of 48 in × 48 in", "35.00")]
    racked = act(kept, "add-offcut", sheet=row, length="30", width="30")
    assert shown(racked, "front_sheet").notes == [
        "The layout that is kept leaves 1 of the rack unused: lay out anew to use what fits."
    ]
