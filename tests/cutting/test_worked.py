"""Lists that were laid out by hand: never more sheets or boards than that took; where one less is proved, it is said."""

from __future__ import annotations

import pytest

from tests.cutting.test_cutting import PATIENCE, SHEET, parts_of, searched
from tests.helpers import mm
from vasculum.cutting.model import Mm, Part, Stock
from vasculum.cutting.search import is_installed
from vasculum.cutting.ways import laid_out

LISTS: dict[str, tuple[list[tuple[str, str, int]], bool, int]] = {
    "bed: tops, uprights, pads": ([("80", "19", 8), ("11 9/16", "19", 20), ("15", "3 1/2", 12)], True, 5),
    "bed: sides, backs": ([("18", "9 3/8", 24), ("17 5/32", "9 3/8", 12)], False, 2),
    "bed: box backs, bottoms": ([("80", "13", 4), ("18 5/16", "18 1/32", 12)], True, 3),
    "pick-up: case, deck, boxes": (
        [("78", "9 5/16", 2), ("77 9/32", "9 5/16", 1), ("46 9/16", "9 5/16", 1), ("78", "48", 1), ("76 7/8", "8 15/32", 4),
         ("19 31/32", "8 15/32", 4), ("75 1/2", "46 1/4", 1)], True, 4),
    "pick-up: bottoms, partitions": ([("76 7/8", "21 13/32", 2), ("19 31/32", "6", 6)], True, 1),
    "wagon: 23/32": (
        [("38 1/2", "33 1/4", 1), ("38 1/2", "11 5/16", 1), ("31 11/16", "11 5/16", 3), ("38 1/2", "11 17/32", 1),
         ("15 3/4", "15 1/2", 1)], True, 1),
    "wagon: 15/32": (
        [("38 1/2", "32 13/32", 1), ("31", "9 19/32", 4), ("15 23/32", "9 19/32", 4), ("31", "16 21/32", 2),
         ("15 23/32", "8", 2)], True, 1),
    "guest bed: 15/32": (
        [("76", "27 1/2", 2), ("76", "13 25/32", 2), ("27 1/32", "13 25/32", 9), ("27 1/32", "11 1/4", 7),
         ("19", "11 1/4", 6)], True, 4),
}  # fmt: skip
"""Parts, whether they may be turned, and the sheets of 48 x 96 that a layout by hand took. Common practice."""
ONLY_BY_SEARCH = {"wagon: 15/32"}
"""Strips want one sheet more: 25/32 in of 96 are left over by hand."""


@pytest.mark.parametrize("name", LISTS)
def test_never_more_sheets_than_by_hand(name: str) -> None:
    rows, turn, sheets = LISTS[name]
    parts = parts_of(*rows, turn=turn)
    laid = laid_out(parts, SHEET)
    assert laid.bound.sheets <= sheets
    found = [laid.fewest_sheets]
    if name in ONLY_BY_SEARCH:
        if not is_installed():
            pytest.skip("the search wants Python 3.12 or newer")
        found += [layout for layout, _ in searched(parts, SHEET, PATIENCE)]
    assert min(len(one.sheets) for one in found) <= sheets


def test_two_dividers_as_tall_as_the_sides_want_a_second_sheet() -> None:
    """By area 95 % of one sheet; no layout of it is known: it is not said that one will do."""
    rows, turn, _ = LISTS["wagon: 15/32"]
    parts = parts_of(*rows[:-1], ("15 23/32", "9 19/32", 2), turn=turn)
    laid = laid_out(parts, SHEET)
    assert (len(laid.fewest_sheets.sheets), laid.bound.sheets) == (2, 1)
    assert {len(layout.sheets) for layout, _ in searched(parts, SHEET, 2)} <= {2}


BOARDS: dict[str, tuple[Stock, list[tuple[str, int]], int]] = {
    "pickets, 71 1/2 usable": (
        Stock(mm("71 1/2"), mm("5 1/2"), mm("1/8")),
        [("62", 4), ("38", 4), ("14", 4), ("27 1/2", 2), ("56 1/4", 3), ("47", 2), ("53 1/4", 1)], 14),
    "2 x 4 of 96": (
        Stock(mm("96"), mm("3 1/2"), mm("1/8")), [("74 1/2", 4), ("23", 8), ("25", 2), ("24 1/8", 1)], 7),
    "1 x 2 of 96": (Stock(mm("96"), mm("1 1/2"), mm("1/8")), [("21 1/4", 12), ("19", 2)], 4),
}  # fmt: skip


@pytest.mark.parametrize("name", BOARDS)
def test_boards_are_cut_to_length_as_by_hand(name: str) -> None:
    stock, rows, boards = BOARDS[name]
    parts = parts_of(*((length, str(stock.width / mm("1")), count) for length, count in rows), turn=False)
    laid = laid_out(parts, stock)
    assert (len(laid.fewest_sheets.sheets), laid.fewest_sheets.left) == (boards, ())


def test_timber_of_one_length_in_millimetres() -> None:
    """2 x 452, 2 x 320, 4 x 80 and seven kerfs of 3 come to 1885 of 2400."""
    sizes = [*[452] * 2, *[320] * 2, *[80] * 4]
    parts = tuple(Part(f"p{number}", Mm(size), Mm(38)) for number, size in enumerate(sizes))
    for length, boards in ((1885, 1), (1884, 2)):
        assert len(laid_out(parts, Stock(Mm(length), Mm(38), Mm(3))).fewest_sheets.sheets) == boards
