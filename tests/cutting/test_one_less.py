"""One sheet less: three strips of 16 do not come out of 48, of 15 11/12 they do."""

from __future__ import annotations

from tests.cutting.test_cutting import SHEET, parts_of
from tests.helpers import mm
from vasculum.cutting.one_less import one_less
from vasculum.cutting.ways import laid_out

STEPS = [mm("1/16"), mm("1/8"), mm("1/4")]


def test_a_size_that_a_sheet_hangs_on_is_told_with_the_least_step() -> None:
    """3 x 16 and two kerfs are 48 1/4: 1/12 narrower each; of the steps 1/8 is the first that does."""
    parts = parts_of(("96", "16", 3), turn=False)
    found = list(one_less(parts, SHEET, 2, STEPS))
    assert [(less.side, less.by, len(less.parts)) for less in found] == [("width", mm("1/8"), 3)]
    smaller = tuple(part._replace(width=part.width - found[0].by) for part in parts)
    assert len(laid_out(smaller, SHEET).fewest_sheets.sheets) == 1


def test_where_nothing_near_would_do_nothing_is_told() -> None:
    assert list(one_less(parts_of(("66", "40", 4)), SHEET, 4, STEPS)) == []
    assert list(one_less(parts_of(("96", "16", 2), turn=False), SHEET, 1, STEPS)) == []
