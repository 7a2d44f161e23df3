"""Fronts, parts of boxes and case boards that are made of boards. Worked by hand."""

from __future__ import annotations

from typing import Any

import pytest

from tests.helpers import act, codes, frameless, mm, solved, step, value
from tests.plan.test_shopping import lines, with_rows
from vasculum.core.errors import PlanRefused
from vasculum.core.shopping import abreast
from vasculum.plan.document import Plan
from vasculum.plan.document.patching import patched
from vasculum.plan.document.reading import FaultyPlan
from vasculum.plan.making.pieces import pieces_of
from vasculum.plan.telling.solution import solution_of
from vasculum.plan.telling.travelling import weight_of_piece

ONE_BY_TEN: dict[str, Any] = {"thickness": "3/4 in", "width": "9 1/4 in", "length": "96 in", "source": "by hand"}


def of_boards(*roles: str, height: str = "9", **row: Any) -> Plan:
    return with_rows(frameless("22 1/2", height, "20"), **{role: ("boards", {**ONE_BY_TEN, **row}) for role in roles})


def test_a_front_of_a_board_is_as_thick_as_the_board_and_bought_by_the_length() -> None:
    """22 1/4 by 8 3/4: one of them comes out of a board of 8 ft."""
    plan = of_boards("front_sheet", price="11")
    (front,) = (one for one in pieces_of(solved(plan)) if one.role == "front")
    assert front.size is not None
    assert front.size == (mm("22 1/4"), mm("8 3/4"), mm("3/4"))
    assert front.grain == "length"
    line = lines(plan)["Any"]
    assert (line.need, line.buy, line.cost) == ("1 part, 1.9 ft", "1 of 96 in", "11.00")
    shown = next(part for part in solution_of(solved(plan)).parts if part.name == "Front")
    assert shown.material == "Any"


def test_a_board_counts_as_assumed_until_it_is_measured_and_then_everything_follows() -> None:
    plan = of_boards("side_sheet")
    (row,) = plan.library.boards
    assert value(plan, "side_thickness") == mm("3/4")
    (told,) = (one for one in solution_of(solved(plan)).assumed if one.label == "thickness of Any")
    measured = patched(plan, told.confirm)
    assert not [one for one in solution_of(solved(measured)).assumed if one.label == "thickness of Any"]
    thinner = patched(plan, [step(f"/library/boards/{row}/measured", "11/16 in")])
    assert value(thinner, "side_thickness") == mm("11/16")
    assert value(thinner, "box_front_length_cut") - value(plan, "box_front_length_cut") == 2 * mm("1/16")


@pytest.mark.parametrize(("height", "is_said"), [("9", False), ("10", True)])
def test_a_part_that_is_wider_than_its_board_is_said_with_how_much(height: str, is_said: bool) -> None:
    """9 3/4 of a front in 9 1/4 of a board; a board is not turned as a sheet is."""
    plan = of_boards("front_sheet", height=height)
    assert ("larger-than-its-sheet" in codes(plan)) is is_said
    if is_said:
        (found,) = (f for f in solution_of(solved(plan)).findings if f.code == "larger-than-its-sheet")
        assert found.message == "Front is 22 1/4 in by 9 3/4 in; Any is sold as 96 in by 9 1/4 in: 1/2 in too much."


def test_a_board_is_not_turned_to_let_a_short_wide_part_through() -> None:
    """8 1/2 long and 22 wide comes out of a sheet 96 by 9 1/4 if it is turned, and out of no board."""
    done = solved(of_boards("side_sheet", width="5 1/2 in"))
    assert "larger-than-its-sheet" in codes(done)  # sides 8 1/2 high


@pytest.mark.parametrize(
    ("wide", "strip", "kerf", "count"),
    [("9 1/4", "4", "1/8", 2), ("9 1/4", "4 9/16", "1/8", 2), ("9 1/4", "4 5/8", "1/8", 1), ("3 1/2", "9", "1/8", 1)],
)
def test_strips_beside_each_other_have_a_kerf_between(wide: str, strip: str, kerf: str, count: int) -> None:
    assert abreast(mm(wide), mm(strip), mm(kerf)) == count


def test_a_board_weighs_what_its_row_says() -> None:
    plan = of_boards("front_sheet", density=450)
    (front,) = (one for one in pieces_of(solved(plan)) if one.role == "front")
    weight = weight_of_piece(solved(plan), front)
    assert weight == pytest.approx(float(450 * mm("22 1/4") * mm("8 3/4") * mm("3/4") / 10**9))


def test_a_board_of_ones_own_is_taken_for_a_part_and_not_taken_out_while_it_is_in_use() -> None:
    plan = act(frameless(), "name-stock", kind="boards", name="Larch", thickness="7/8", width="8", role="front_sheet")
    (row,) = plan.library.boards
    assert plan.choices["front_sheet"] == row
    assert value(plan, "front_thickness") == mm("7/8")
    with pytest.raises(PlanRefused, match="in use: Sheet for the front"):
        act(plan, "take-stock-out", kind="boards", row=row)


def test_what_is_neither_a_sheet_nor_a_board_is_refused() -> None:
    with pytest.raises(FaultyPlan, match="no sheet and no board 'band-1'"):
        patched(frameless(), [step("/choices/front_sheet", "band-1")])
