"""Boards: offcuts and knots, several lengths to buy, what is left of one that is sawn. Worked by hand."""

from __future__ import annotations

import pytest

from tests.helpers import act, changed, frameless, mm, solved, step, told, with_runner
from tests.plan.test_shopping import lines, with_rows
from vasculum.core.errors import NoSuchQuantity, PlanRefused
from vasculum.drawing.cut_sheet import cut_sheets
from vasculum.plan.document import Plan
from vasculum.plan.document.reading import FaultyPlan, read_plan, write_plan
from vasculum.plan.making.on_stock import OnStock, stocks_of
from vasculum.plan.telling.sheets import rows_shown

BOARD = {"thickness": "3/4 in", "width": "1 1/2 in", "length": "96 in", "price": "7.20"}


def runners_of_wood(**row: str) -> Plan:
    """Two wooden runners of 17 from a board of 96."""
    return with_rows(with_runner(frameless(), "wooden"), strip_board=("boards", {**BOARD, **row}))


def board_of(plan: Plan) -> OnStock:
    return next(one for one in stocks_of(solved(plan)) if one.noun == "board")


def says(plan: Plan) -> str:
    return next(row.says for row in rows_shown(solved(plan)) if row.noun == "board")


@pytest.mark.parametrize(
    ("thickness", "length", "buy"),
    [
        ("3/4 in", "48", ("1 of 48 in", "4.00")),
        ("3/4 in", "17", ("1 of 17 in", "4.00")),  # they lie beside each other
        ("3/4 in", "16", ("1 of 96 in", "7.20")),
        ("1 in", "34 1/8", ("1 of 34 1/8 in", "4.00")),  # each is planed down from the whole width: twice 17, a kerf
        ("1 in", "34", ("1 of 96 in", "7.20")),  # two of 34 would cost 8
    ],
)
def test_a_short_board_is_bought_where_it_is_cheaper(thickness: str, length: str, buy: tuple[str, str]) -> None:
    plan = runners_of_wood(thickness=thickness)
    sold = act(plan, "add-panel-size", sheet=board_of(plan).row, length=length, price="4")
    line = lines(sold)["Any"]
    assert (line.buy, line.cost) == buy
    assert read_plan(write_plan(sold).encode()) == sold


def test_a_longer_board_than_the_board_itself_is_refused() -> None:
    plan = runners_of_wood()
    row = board_of(plan).row
    assert told(plan, "add-panel-size", sheet=row, length="48").endswith("also sold 48")
    with pytest.raises(FaultyPlan, match="more than it measures"):
        act(plan, "add-panel-size", sheet=row, length="120", price="9")


def test_an_offcut_of_a_board_is_as_wide_as_the_board_and_used_first() -> None:
    plan = act(runners_of_wood(), "add-offcut", sheet=board_of(runners_of_wood()).row, length="36", where="rack")
    (offcut,) = plan.library.offcuts.values()
    assert offcut.width == "1 1/2 in"
    assert says(plan) == "1 offcut from the rack, and no board"
    assert lines(plan)["Any"].buy == ""


def test_nothing_is_cut_from_a_knot() -> None:
    """In an offcut of 36 a knot from 17 1/4 to 18 1/4: with a kerf each a runner of 17 lies on either side.

    From 17 to 19 it leaves 16 7/8 before and behind it: nothing comes out of that.
    """
    plan = runners_of_wood()
    racked = act(plan, "add-offcut", sheet=board_of(plan).row, length="36")
    (offcut,) = racked.library.offcuts
    knotty = act(racked, "add-bad-place", offcut=offcut, x="17 1/4", length="1")
    (bad,) = knotty.library.offcuts[offcut].bad
    assert bad.width == "1 1/2 in"
    laid = board_of(knotty).laid
    lying = [leaf for _, piece in laid.on_offcuts for leaf in piece.leaves() if leaf.part]
    assert len(lying) == 2
    assert all(leaf.x + leaf.length <= mm("17 1/4") or leaf.x >= mm("18 1/4") for leaf in lying)
    assert board_of(act(racked, "add-bad-place", offcut=offcut, x="17", length="2")).laid.on_offcuts == ()


def test_a_whole_board_with_a_knot_stands_in_the_rack() -> None:
    plan = runners_of_wood()
    knotty = act(plan, "add-bad-place", sheet=board_of(plan).row, x="40", length="3")
    (whole,) = knotty.library.offcuts.values()
    assert (whole.length, whole.width, whole.where) == ("96 in", "1 1/2 in", "whole")
    assert says(knotty) == "1 offcut from the rack, and no board"
    with pytest.raises(PlanRefused, match="beside it"):
        act(plan, "add-bad-place", sheet=board_of(plan).row, x="97", length="3")
    with pytest.raises(NoSuchQuantity):
        act(plan, "add-bad-place", sheet="board-99", x="1", length="3")


def test_what_is_left_of_a_sawn_board_goes_into_the_rack() -> None:
    plan = runners_of_wood()
    row = board_of(plan).row
    sawn = act(plan, "saw-sheet", row=row, aim="sheets", sheet=1, is_sawn=True)
    racked = act(sawn, "rack-offcuts", row=row, sheet=1)
    assert [one.sheet for one in racked.library.offcuts.values()] == [row]
    assert [one.title for one in cut_sheets(solved(racked)) if "Any" in one.title] == ["Board 1 of Any"]


def test_a_board_that_is_no_longer_known_takes_its_offcuts_along() -> None:
    plan = runners_of_wood()
    racked = act(plan, "add-offcut", sheet=board_of(plan).row, length="36")
    with pytest.raises(FaultyPlan, match="no sheet and no board"):
        changed(
            racked,
            step("/choices/strip_board", None, "remove"),
            step(f"/library/boards/{board_of(plan).row}", None, "remove"),
        )
