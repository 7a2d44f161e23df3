"""Several sizes to buy, and parts as long as their boards are wide: worked by hand, against every mix, and as laws."""

from __future__ import annotations

from itertools import combinations_with_replacement, product

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from vasculum.cutting.checked import faults
from vasculum.cutting.lengths import are_lengths, search_lengths
from vasculum.cutting.model import Layout, Mm, Part, Size, Stock, Trims
from vasculum.cutting.slices import slice_of
from vasculum.cutting.sold import bought
from vasculum.cutting.strips import strips
from vasculum.cutting.ways import Kept, laid_out

BOARD = Stock(Mm(2400), Mm(45), Mm(3), price=Mm(10), others=(Size(Mm(1200), Mm(45), Mm(6)),))
PATIENCE = 60


def lengths(*sizes: int, width: int = 45) -> tuple[Part, ...]:
    return tuple(Part(f"p{at}", Mm(size), Mm(width)) for at, size in enumerate(sizes))


def paid(layout: Layout, parts: tuple[Part, ...], stock: Stock) -> Mm:
    return bought(layout.sheets, {part.name: part for part in parts}, stock)


@pytest.mark.parametrize(
    ("parts", "stock", "sizes"),
    [
        (lengths(1000, 900, 800), BOARD, [1200, 2400]),  # 1703 on the long one: 16 instead of 20
        (lengths(1100, 1100), BOARD, [2400]),  # 2203: 10 and not 12
        (lengths(1100), BOARD, [1200]),
        (lengths(1201), BOARD, [2400]),
        (lengths(1100), BOARD._replace(in_hand=1), [2400]),  # one is there: nothing is bought
        (lengths(1100), BOARD._replace(price=Mm(6)), [2400]),  # it costs no more
        (lengths(1199), BOARD._replace(trims=Trims(Mm(1), Mm(1))), [2400]),
        (lengths(1100, 1100), BOARD._replace(price=None), [2400]),
    ],
)
def test_each_board_is_as_cheap_as_its_parts_allow(parts: tuple[Part, ...], stock: Stock, sizes: list[int]) -> None:
    layout = laid_out(parts, stock).fewest_sheets
    assert sorted(stock.under(sheet)[0] for sheet in layout.sheets) == sizes
    assert faults(layout, parts, stock) == []


def test_half_a_sheet_holds_what_is_over() -> None:
    """Three of 1000 x 600 on 1200 x 2440 and a fourth that would want a sheet of its own."""
    stock = Stock(Mm(2440), Mm(1220), Mm(3), price=Mm(60), others=(Size(Mm(1220), Mm(1220), Mm(35)),))
    parts = tuple(Part(f"p{at}", Mm(1200), Mm(600)) for at in range(5))
    layout = laid_out(parts, stock).fewest_sheets
    assert sorted(stock.under(sheet)[0] for sheet in layout.sheets) == [1220, 2440]
    assert paid(layout, parts, stock) == 95
    assert laid_out(parts, stock).fewest_settings.left == ()


def test_what_is_sawn_keeps_its_size_when_prices_change() -> None:
    parts = lengths(1100)
    (sawn,) = laid_out(parts, BOARD).fewest_sheets.sheets
    kept = Kept(slice_of(sawn), parts, BOARD.kerf, BOARD.under(sawn))
    dear = BOARD._replace(others=(Size(Mm(1200), Mm(45), Mm(99)),))
    assert laid_out(parts, dear, (), (kept,)).best.sheets == (sawn,)
    assert laid_out(parts, dear).best.sheets != (sawn,)


def test_lengths_are_told_from_what_lies_beside_each_other() -> None:
    assert are_lengths(lengths(500, 600), BOARD)
    assert are_lengths(lengths(500, width=22), BOARD) is True  # 22 + 3 + 22 is more than 45
    assert not are_lengths(lengths(500, width=21), BOARD)
    assert not are_lengths((Part("t", Mm(500), Mm(45), may_turn=True), Part("s", Mm(20), Mm(45), may_turn=True)), BOARD)


def cheapest_mix(parts: tuple[Part, ...], stock: Stock) -> Mm:
    """Of every mix of so many lengths, the cheapest that every part finds room on: by trying all of it."""
    best = None
    for many in range(1, len(parts) + 1):
        for mix in combinations_with_replacement(stock.sizes, many):
            cost = sum((size.price or Mm(0) for size in mix), Mm(0))
            if (best is None or cost < best) and any(
                all(
                    sum(part.length + stock.kerf for part, on in zip(parts, where, strict=True) if on == at)
                    <= mix[at].length + stock.kerf
                    for at in range(many)
                )
                for where in product(range(many), repeat=len(parts))
            ):
                best = cost
    assert best is not None
    return best


SOME = st.lists(st.integers(200, 2400), min_size=1, max_size=5).map(lambda sizes: lengths(*sizes))


@settings(max_examples=15, deadline=None)
@given(parts=SOME, short=st.integers(900, 2000), price=st.integers(3, 9))
def test_the_search_of_lengths_finds_and_proves_the_cheapest_mix(
    parts: tuple[Part, ...], short: int, price: int
) -> None:
    stock = BOARD._replace(others=(Size(Mm(short), Mm(45), Mm(price)),))
    told: list[tuple[Layout, Mm]] = []
    search_lengths(parts, stock, PATIENCE, lambda layout, least: told.append((layout, least)))
    layout, least = told[-1]
    assert faults(layout, parts, stock) == []
    assert paid(layout, parts, stock) == least == cheapest_mix(parts, stock)
    at_once = laid_out(parts, stock).fewest_sheets
    assert faults(at_once, parts, stock) == []
    assert paid(at_once, parts, stock) >= least


def test_what_strips_do_not_find_is_found_where_boards_are_filled_and_proved_by_the_search() -> None:
    """1130 + 620 + 310 + 310 is 2370, 700 + 700 + 455 + 455 is 2310, each with three kerfs: two boards, proved."""
    parts = lengths(700, 700, 620, 1130, 455, 310, 310, 455)
    stock = BOARD._replace(others=())
    assert min(len(strips(parts, stock, is_first_fit=fit).sheets) for fit in (False, True)) == 3
    assert len(laid_out(parts, stock).fewest_sheets.sheets) == 2
    told: list[tuple[Layout, Mm]] = []
    search_lengths(parts, stock, PATIENCE, lambda layout, least: told.append((layout, least)))
    assert len(told[-1][0].sheets) == told[-1][1] == 2


@settings(max_examples=25, deadline=None)
@given(
    sizes=st.lists(st.tuples(st.integers(60, 1200), st.integers(60, 1200), st.booleans()), min_size=1, max_size=14),
    others=st.lists(
        st.tuples(st.integers(300, 2440), st.integers(300, 1220), st.integers(5, 60)), min_size=1, max_size=3
    ),
    in_hand=st.integers(0, 2),
)
def test_every_mix_can_be_cut_and_is_never_dearer_than_whole_sheets(
    sizes: list[tuple[int, int, bool]], others: list[tuple[int, int, int]], in_hand: int
) -> None:
    parts = tuple(Part(f"p{at}", Mm(a), Mm(b), turns) for at, (a, b, turns) in enumerate(sizes))
    whole = Stock(Mm(2440), Mm(1220), Mm(3), price=Mm(60), in_hand=in_hand)
    stock = whole._replace(others=tuple(Size(Mm(a), Mm(b), Mm(c)) for a, b, c in others))
    laid = laid_out(parts, stock)
    for layout in (laid.fewest_sheets, laid.fewest_settings):
        assert faults(layout, parts, stock) == []
    all_whole = laid_out(parts, whole).fewest_sheets
    assert paid(laid.fewest_sheets, parts, stock) <= 60 * max(0, len(all_whole.sheets) - in_hand)


def test_a_layout_of_lengths_that_cannot_be_sawn_is_not_told() -> None:
    """23 wide from 45, and 500 long: what is beside each would be ripped off 500."""
    parts, stock = lengths(500, 500, width=23), BOARD._replace(others=(), least_ripped=Mm(600))
    assert are_lengths(parts, stock)
    told: list[Layout] = []
    search_lengths(parts, stock, PATIENCE, lambda layout, _least: told.append(layout))
    assert told == []
    search_lengths(parts, stock._replace(least_ripped=Mm(500)), PATIENCE, lambda layout, _least: told.append(layout))
    assert len(told[-1].sheets) == 1


@settings(max_examples=40, deadline=None)
@given(st.lists(st.integers(100, 2500), min_size=1, max_size=30).map(lambda sizes: lengths(*sizes)), st.integers(0, 50))
def test_boards_that_are_filled_one_by_one_lose_nothing_and_are_never_more_than_by_first_fit(
    parts: tuple[Part, ...], kerf: int
) -> None:
    stock = BOARD._replace(others=(), kerf=Mm(kerf))
    laid = laid_out(parts, stock).fewest_sheets
    assert faults(laid, parts, stock) == []
    assert laid.left == tuple(part.name for part in parts if part.length > stock.length)
    assert len(laid.sheets) <= len(strips(parts, stock, is_first_fit=True).sheets)
