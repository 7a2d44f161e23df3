"""Other stock, another back, lower boxes, strips from sheets: each that is told takes less, and nothing speaks against."""

from __future__ import annotations

import pytest

from tests.helpers import changed, frameless, solved, step, with_choices, with_runner
from tests.plan.test_laying_out import row_of
from tests.plan.test_sheets import bank
from vasculum.core.shopping import money
from vasculum.demo import DEMO_PLANS, demo_plan
from vasculum.plan.document import Plan
from vasculum.plan.document.patching import patched
from vasculum.plan.making.on_stock import stocks_of
from vasculum.plan.making.pieces import pieces_of
from vasculum.plan.telling.sheets import rows_shown
from vasculum.plan.telling.solution import solution_of
from vasculum.plan.telling.weighing import speaks_against
from vasculum.proposing.otherwise import Otherwise, otherwise


def found_in(plan: Plan) -> list[Otherwise]:
    return list(otherwise(solved(plan), lambda: False))


def total(plan: Plan) -> float:
    return float(money(solution_of(solved(plan)).shopping.total or "0"))


def sheets(plan: Plan) -> int:
    return sum(len(one.laid.best.sheets) for one in stocks_of(solved(plan)))


@pytest.mark.parametrize("name", DEMO_PLANS)
def test_what_is_told_takes_less_and_nothing_more_speaks_against_it(name: str) -> None:
    plan = demo_plan(name)
    against = set(speaks_against(solved(plan)))
    for one in found_in(plan):
        then = patched(plan, one.patch)
        saved_money, saved_sheets = total(plan) - total(then), sheets(plan) - sheets(then)
        assert saved_money >= 0
        assert saved_sheets >= 0 or "stock" in one.says
        assert ("sheet" in one.says.split(",")[0]) is (saved_sheets > 0)
        assert (f"{saved_money:.2f} less" in one.says) is (saved_money > 0)
        assert set(speaks_against(solved(then))) <= against


def test_bottoms_of_the_sides_sheet_spare_a_sheet_of_31() -> None:
    """Scullery cupboard: one sheet of 1/4 for 31.00 is bought for bottoms that the sheet of 1/2 has room for."""
    says = [one.says for one in found_in(demo_plan("scullery-cupboard"))]
    assert "One sheet and 31.00 less, if Plywood 1/2 is taken for the bottom." in says


def test_nothing_is_tried_when_the_time_is_over() -> None:
    assert list(otherwise(solved(demo_plan("scullery-cupboard")), lambda: True)) == []


def test_boxes_a_little_lower_spare_a_sheet_that_was_cut_for_an_eighth() -> None:
    """A sheet as wide as what lies on it in rips, less 1/16 in: one more is needed, unless the boxes are lower."""
    plan = bank()
    one = row_of(plan)
    used = max(leaf.y + leaf.width for sheet in one.laid.best.sheets for leaf in sheet.leaves() if leaf.part)
    long = max(leaf.x + leaf.length for sheet in one.laid.best.sheets for leaf in sheet.leaves() if leaf.part)
    at = f"/library/sheets/{one.row}"
    tight = changed(plan, step(f"{at}/width", f"{used} mm"), step(f"{at}/length", f"{long} mm"))
    assert sheets(tight) == sheets(plan)
    short = changed(tight, step(f"{at}/width", f"{used - 1} mm"))
    assert sheets(short) > sheets(plan)
    lower = [one for one in found_in(short) if "boxes are" in one.says]
    assert lower
    assert lower[0].says.startswith("One sheet less, if boxes are 1/8 in lower")
    assert sheets(patched(short, lower[0].patch)) == sheets(plan)


def wooden() -> Plan:
    """Two wooden runners 3/4 thick, for which no board was named; the fronts' sheet is as thick."""
    plan = with_runner(frameless(), "wooden")
    at = f"/library/sheets/{plan.choices['front_sheet']}"
    return changed(plan, step(f"{at}/price", "60"), step(f"{at}/measured", "3/4 in"))


def test_strips_from_a_sheet_that_has_room_spare_a_board() -> None:
    plan = wooden()
    row = plan.choices["front_sheet"]
    (told,) = (one for one in found_in(plan) if "for strips" in one.says)
    assert told.says == "One kind of stock less, if Plywood 3/4 is taken for strips."
    then = patched(plan, told.patch)
    strips = [piece.id for piece in pieces_of(solved(then)) if piece.rule.stock == "hardwood_strip"]
    assert {part.name for part in row_of(then, "front_sheet").parts} >= set(strips)
    lines = {line.what: (line.buy, line.cost) for line in solution_of(solved(then)).shopping.lines}
    assert lines["Plywood 3/4"] == ("1 of 96 in × 48 in", "60.00")
    assert "Board for strips" not in lines
    assert row == then.choices["strip_board"]


def test_a_strip_that_is_not_as_thick_as_its_sheet_is_told_and_not_proposed() -> None:
    plan = changed(wooden(), step(f"/library/sheets/{wooden().choices['front_sheet']}/measured", "23/32 in"))
    assert not [one for one in found_in(plan) if "Plywood 3/4" in one.says and "for strips" in one.says]
    chosen = with_choices(plan, strip_board=plan.choices["front_sheet"])
    (row,) = (one for one in rows_shown(solved(chosen)) if one.row == plan.choices["front_sheet"])
    assert [note for note in row.notes if "does not come out of this sheet" in note]
