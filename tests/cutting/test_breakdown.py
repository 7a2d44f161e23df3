"""First cuts: pieces that are carried, by the layout's own cuts, and nothing lost on the way."""

from __future__ import annotations

from hypothesis import given, settings
from hypothesis import strategies as st

from tests.cutting.test_cutting import DRAWN, METRIC
from vasculum.cutting.breakdown import FirstCut, broken_down
from vasculum.cutting.model import Mm, Part
from vasculum.cutting.strips import strips
from vasculum.cutting.ways import laid_out


def test_three_strips_are_taken_apart_where_two_are_too_wide() -> None:
    """Rips of 500 in 1220: 500 and 500 are 1003 together, 214 is left: two cuts; one where 1003 are carried."""
    parts = tuple(Part(f"p{n}", Mm(2400), Mm(500)) for n in range(2))
    (sheet,) = strips(parts, METRIC, is_pure=True).sheets
    broken = broken_down(sheet, (Mm(2440), Mm(610)))
    assert broken.cuts == (FirstCut("rip", Mm(500)), FirstCut("rip", Mm(500)))
    assert [width for _, width in broken.pieces] == [500, 500, 214]
    wider = broken_down(sheet, (Mm(2440), Mm(1003)))
    assert wider.cuts == (FirstCut("rip", Mm(1003)),)
    assert broken_down(sheet, (Mm(2440), Mm(1220))).cuts == ()


def test_a_strip_that_is_too_long_is_cut_again() -> None:
    parts = tuple(Part(f"p{n}", Mm(800), Mm(500)) for n in range(3))
    (sheet,) = strips(parts, METRIC, is_pure=True).sheets
    broken = broken_down(sheet, (Mm(1700), Mm(1220)))
    assert all(max(piece) <= 1700 for piece in broken.pieces if piece != (Mm(2440), Mm(717)))
    assert FirstCut("crosscut", Mm(1603)) in broken.cuts


@settings(max_examples=60, deadline=None)
@given(parts=DRAWN, long=st.integers(300, 2440).map(Mm), wide=st.integers(100, 1220).map(Mm))
def test_pieces_are_small_enough_or_are_not_cut_further(parts: tuple[Part, ...], long: Mm, wide: Mm) -> None:
    for sheet in laid_out(parts, METRIC).fewest_sheets.sheets:
        broken = broken_down(sheet, (long, wide))
        leaves = {(leaf.length, leaf.width) for leaf in sheet.leaves()}
        for piece in broken.pieces:
            handled = max(piece) <= max(long, wide) and min(piece) <= min(long, wide)
            assert handled or piece in leaves
        area = sum((a * b for a, b in broken.pieces), Mm(0))
        assert area <= sheet.length * sheet.width
        assert len(broken.cuts) >= len(broken.pieces) - 1
