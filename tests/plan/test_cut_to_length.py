"""Mouldings, angles and pipe: never ripped, bought by the length, for parts of one's own. Worked by hand."""

from __future__ import annotations

from typing import Any

import pytest

from tests.helpers import act, changed, frameless, mm, solved, step, with_choices
from tests.plan.test_own_parts import with_own
from tests.plan.test_shopping import lines
from vasculum.plan.document import Plan
from vasculum.plan.document.reading import FaultyPlan, read_plan, write_plan
from vasculum.plan.making.on_stock import OnStock, stocks_of
from vasculum.plan.making.pieces import pieces_of
from vasculum.plan.telling.sheets import rows_shown
from vasculum.plan.telling.travelling import weight_of_piece


def sold_by_length(
    section: str, *, thickness: str = "1", width: str = "1", length: str | None = "72"
) -> tuple[Plan, str]:
    plan = act(
        frameless(),
        "name-stock",
        kind="boards",
        section=section,
        name="Stuff",
        thickness=thickness,
        width=width,
        length=length,
    )
    (row,) = plan.library.boards
    return plan, row


def rods(section: str, count: int, length: str, **more: Any) -> tuple[Plan, str]:
    """So many parts of one's own of it, which have no width of their own."""
    plan, row = sold_by_length(section, **more)
    kept = length if length.endswith("mm") else f"{length} in"
    return with_own(plan, "own_parts", "Rod", count=count, length=kept, stock=row)[0], row


def laid_of(plan: Plan, row: str) -> OnStock:
    return next(one for one in stocks_of(solved(plan)) if one.row == row)


@pytest.mark.parametrize(
    ("section", "many", "length", "buy"),
    [
        ("pipe", 3, "23 7/8", "1 of 72 in"),  # 71 5/8 and two kerfs of 1/8
        ("pipe", 3, "24", "2 of 72 in"),
        ("moulding", 4, "36", "4 of 72 in"),  # two of 36 and a kerf are too long
        ("angle", 4, "35 15/16", "2 of 72 in"),
        ("angle", 1, "73", ""),
    ],
)
def test_lengths_are_bought_with_a_kerf_between_parts(section: str, many: int, length: str, buy: str) -> None:
    plan, row = rods(section, many, length)
    assert lines(plan)["Stuff"].buy == buy
    one = laid_of(plan, row)
    assert one.noun == "length"
    assert {part.width for part in one.parts} == {mm("1")}
    assert not any(part.may_turn for part in one.parts)
    assert read_plan(write_plan(plan).encode()) == plan


def test_it_is_told_as_lengths_and_a_part_is_as_wide_as_its_stock() -> None:
    plan, row = rods("pipe", 2, "30")
    (shown,) = (one for one in rows_shown(solved(plan)) if one.row == row)
    assert (shown.says, shown.shelf) == ("1 length; no fewer will do: by area", "boards")
    (rod, _) = (piece for piece in pieces_of(solved(plan)) if piece.rule.stock == "own_stock")
    assert rod.size == (mm("30"), mm("1"), mm("1"))


def test_a_part_that_is_cut_larger_is_longer_and_as_wide_as_its_stock() -> None:
    plan, row = rods("pipe", 2, "30")
    larger = with_choices(plan, cut_oversize="1/4 in")
    assert {part[1:3] for part in laid_of(larger, row).parts} == {(mm("30 1/4"), mm("1"))}


def test_an_angle_of_25_by_25_by_3_weighs_what_steel_does() -> None:
    """1.1 kg a metre: 1800 kg a cubic metre of its whole section; a moulding is of wood."""
    weights = {}
    for section in ("angle", "moulding"):
        plan, _ = rods(section, 1, "1000 mm", thickness="25 mm", width="25 mm")
        (rod,) = (piece for piece in pieces_of(solved(plan)) if piece.rule.stock == "own_stock")
        weights[section] = weight_of_piece(solved(plan), rod)
    assert weights["angle"] == pytest.approx(1.125)
    assert weights["moulding"] == pytest.approx(0.000625 * 600, rel=0.25)


def test_no_part_of_a_drawer_is_made_of_pipe() -> None:
    plan, row = sold_by_length("pipe")
    with pytest.raises(FaultyPlan, match="only cut to length"):
        changed(plan, step("/choices/front_sheet", row, "replace"))
    board, row = sold_by_length("board", width="10")
    assert changed(board, step("/choices/front_sheet", row, "replace")).choices["front_sheet"] == row
