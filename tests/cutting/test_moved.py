"""A part laid elsewhere by hand: it lies there and everything can be cut, or the cut in the way is told."""

from __future__ import annotations

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from tests.cutting.test_cutting import DRAWN, METRIC, PAIR
from vasculum.cutting.bound import fits
from vasculum.cutting.checked import faults
from vasculum.cutting.model import Layout, Mm, Part, Piece, Stock
from vasculum.cutting.moved import InTheWay, Move, TooManyCuts, moved
from vasculum.cutting.strips import strips
from vasculum.cutting.ways import laid_out

TRIO = (*PAIR, Part("c", Mm(600), Mm(400)))


def strip_of(*parts: Part) -> tuple[Piece, ...]:
    """1000 and 800 x 500 beside each other, whatever is narrower in a strip above them."""
    return strips(parts, METRIC, is_pure=True).sheets


def where(sheets: list[Piece], part: str) -> tuple[int, Mm, Mm]:
    return next((at, leaf.x, leaf.y) for at, one in enumerate(sheets) for leaf in one.leaves() if leaf.part == part)


@pytest.mark.parametrize(
    ("move", "corner"),
    [
        (Move("c", 0, Mm(2000), Mm(100)), (0, 1806, 0)),
        (Move("c", 0, Mm(1500), Mm(1100)), (0, 0, 906)),
        (Move("c", 1, Mm(0), Mm(0)), (1, 0, 0)),
        (Move("a", 0, Mm(1200), Mm(300)), (0, 803, 0)),
    ],
)
def test_a_part_snaps_to_where_it_can_be_cut(move: Move, corner: tuple[int, int, int]) -> None:
    """Behind the others in their strip; above everything; on a sheet of its own; past the part that it is put on."""
    sizes = {part.name: part for part in TRIO}
    sheets = strip_of(*TRIO)
    assert where(list(sheets), "c") == (0, 0, 503)
    after = moved(sheets, move, sizes, METRIC)
    if move.part == "c" and corner[2] == 906:
        # the strip that it left is gone: it lies where that was
        assert where(after, "c") == (0, 0, 503)
    else:
        assert where(after, move.part) == corner
    assert sorted(one.part for one in Layout(tuple(after)).parts()) == ["a", "b", "c"]


def test_the_cut_that_would_go_through_it_is_told() -> None:
    """Strips 300, 400 and 500 fill 1206 of 1220: 500 wide, it would reach over the second; 700 long, it is 66 too long."""
    parts = (*PAIR, Part("c", Mm(2000), Mm(400)), Part("h", Mm(2000), Mm(300)), Part("d", Mm(400), Mm(500)))
    sizes = {part.name: part for part in parts}
    sheets = (*strip_of(*parts[:4]), *strip_of(parts[4]))
    with pytest.raises(InTheWay) as refusal:
        moved(sheets, Move("d", 0, Mm(2200), Mm(700)), sizes, METRIC)
    assert (refusal.value.cut, refusal.value.at) == ("rip", Mm(703))
    long = (*PAIR, Part("e", Mm(700), Mm(400)))
    with pytest.raises(InTheWay) as refusal:
        moved(strip_of(*long), Move("e", 0, Mm(2000), Mm(100)), {part.name: part for part in long}, METRIC)
    assert (refusal.value.cut, refusal.value.at) == (None, Mm(66))


@pytest.mark.parametrize("stock", [METRIC._replace(stages=2), METRIC._replace(least_ripped=Mm(700))])
def test_what_the_saw_alone_forbids_is_told_as_that(stock: Stock) -> None:
    """Behind 1000 and 800 x 500 two of 600 x 240 over each other: a third stage, and a rip of 600."""
    parts = (*PAIR, Part("c", Mm(600), Mm(240)), Part("d", Mm(600), Mm(240)))
    sizes = {part.name: part for part in parts}
    sheets = strips(parts, METRIC, is_pure=True).sheets
    beside = moved(sheets, Move("c", 0, Mm(2000), Mm(100)), sizes, METRIC)
    over = Move("d", 0, Mm(1900), Mm(300))
    assert where(moved(beside, over, sizes, METRIC), "d") == (0, 1806, 243)
    with pytest.raises(TooManyCuts):
        moved(beside, over, sizes, stock)


def test_what_is_not_there_is_refused() -> None:
    sizes = {part.name: part for part in PAIR}
    for move in (Move("z", 0, Mm(1), Mm(1)), Move("a", 2, Mm(1), Mm(1)), Move("a", -1, Mm(1), Mm(1))):
        with pytest.raises(KeyError):
            moved(strip_of(*PAIR), move, sizes, METRIC)
    with pytest.raises(InTheWay):
        moved(strip_of(*PAIR), Move("a", 0, Mm(5000), Mm(1)), sizes, METRIC)


@settings(max_examples=120, deadline=None)
@given(
    parts=DRAWN,
    which=st.integers(0, 17),
    sheet=st.integers(0, 3),
    x=st.integers(0, 2440).map(Mm),
    y=st.integers(0, 1220).map(Mm),
)
def test_wherever_it_goes_everything_is_there_once_and_can_be_cut(
    parts: tuple[Part, ...], which: int, sheet: int, x: Mm, y: Mm
) -> None:
    fitting = tuple(part for part in parts if fits(part, METRIC))
    if not fitting:
        return
    sheets = laid_out(fitting, METRIC).fewest_sheets.sheets
    move = Move(fitting[which % len(fitting)].name, sheet % (len(sheets) + 1), x, y)
    try:
        after = moved(sheets, move, {part.name: part for part in fitting}, METRIC)
    except (InTheWay, TooManyCuts, KeyError):
        return
    assert faults(Layout(tuple(after)), fitting, METRIC) == []
    assert where(after, move.part)[0] in (move.sheet, move.sheet - 1)
