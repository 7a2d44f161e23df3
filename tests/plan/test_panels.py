"""Sheets that are sold in other sizes too: the cheaper mix is told, taken, laid out and bought."""

from __future__ import annotations

import pytest

from tests.helpers import act, changed, solved, step, told
from tests.plan.test_laying_out import row_of, shown
from tests.plan.test_sheets import bank
from vasculum.core.errors import LengthRefused, NoSuchQuantity
from vasculum.plan.document import Plan
from vasculum.plan.document.patching import patched
from vasculum.plan.document.reading import FaultyPlan
from vasculum.plan.telling.solution import solution_of
from vasculum.proposing.panels import cheaper_mix
from vasculum.proposing.sheets import LayoutsFound, better_layouts


def sold(price: str, length: str = "48", width: str = "48", whole: str | None = "60") -> Plan:
    """The bank whose fronts' sheet costs 60, and so much in another size."""
    plan = bank()
    row = plan.choices["front_sheet"]
    plan = changed(plan, step(f"/library/sheets/{row}/price", whole))
    return act(plan, "add-panel-size", sheet=row, length=length, width=width, price=price)


def test_half_a_sheet_is_cheaper_and_is_taken() -> None:
    """Three fronts of about 24 x 8 come out of 48 x 48: 35 instead of 60."""
    plan = sold("35")
    row = row_of(plan, "front_sheet")
    mix = cheaper_mix(solved(plan), row)
    assert mix is not None
    assert mix.says.endswith("1 of 48 in × 48 in and 0 whole: 35.00 instead of 60.00")
    taken = patched(plan, mix.patch)
    assert shown(taken, "front_sheet").says == "1 panel, and no sheet"
    lines = {line.what: (line.buy, line.cost) for line in solution_of(solved(taken)).shopping.lines}
    name = plan.library.sheets[row.row].name
    assert lines[f"{name}, panel"] == ("1 of 48 in × 48 in", "35.00")
    assert lines[name][0] == ""
    assert cheaper_mix(solved(taken), row_of(taken, "front_sheet")) is None


@pytest.mark.parametrize("plan", [sold("60"), sold("61"), sold("35", "20", "6"), sold("35", whole=None)])
def test_what_is_not_cheaper_or_holds_nothing_is_not_told(plan: Plan) -> None:
    assert cheaper_mix(solved(plan), row_of(plan, "front_sheet")) is None


def test_it_is_told_with_what_a_search_finds() -> None:
    found: list[LayoutsFound] = []
    better_layouts(solved(sold("35")), 0.1, found.append)
    assert [one.row for one in found[-1].cheaper] == [row_of(bank(), "front_sheet").row]


def test_a_bad_size_or_price_is_refused() -> None:
    plan = bank()
    row = plan.choices["front_sheet"]
    with pytest.raises(NoSuchQuantity):
        act(plan, "add-panel-size", sheet="sheet-99", length="48", width="48", price="35")
    with pytest.raises(LengthRefused):
        act(plan, "add-panel-size", sheet=row, length="wide", width="48", price="35")
    with pytest.raises(FaultyPlan):
        act(plan, "add-panel-size", sheet=row, length="48", width="48", price="much")
    assert "also sold" in told(plan, "add-panel-size", sheet=row, length="48", width="48", price="35")


def test_panels_are_used_though_a_layout_was_kept_and_the_rack_says_when_it_is_not() -> None:
    plan = sold("35")
    row = row_of(plan, "front_sheet").row
    kept = act(plan, "keep-layout", row=row, aim="sheets")
    mix = cheaper_mix(solved(kept), row_of(kept, "front_sheet"))
    assert mix is not None
    assert shown(patched(kept, mix.patch), "front_sheet").says == "1 panel, and no sheet"
    racked = act(kept, "add-offcut", sheet=row, length="30", width="30")
    assert shown(racked, "front_sheet").notes == [
        "The layout that is kept leaves 1 of the rack unused: lay out anew to use what fits."
    ]
