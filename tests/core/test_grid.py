"""An egg-crate grid of strips, worked by hand in inches: 4 x 3 cells in 18 1/8 x 16 9/16, strips of 7/32 standing 2 high."""

from __future__ import annotations

import pytest

from tests.helpers import mm
from vasculum.core.errors import CannotDerive
from vasculum.core.rules.organizers.grid import (
    grid_cell_across,
    grid_cell_deep,
    grid_centres_across,
    grid_centres_deep,
    grid_notch,
    grid_notch_deep,
    grid_shim,
)

ACROSS, DEEP, THICK = mm("18 1/8"), mm("16 9/16"), mm("7/32")
FINE, NONE = mm("1/32"), mm("0")


def test_cells_share_what_the_strips_leave() -> None:
    assert grid_cell_across(ACROSS, mm("0") + 4, THICK) == mm("559/128")  # 4 47/128
    assert grid_cell_deep(DEEP, mm("0") + 3, THICK) == mm("5 3/8")


def test_notches_are_marked_from_both_ends_and_read_alike() -> None:
    """Exact 4 61/128, 9 1/16, 13 83/128, each to the nearer thirty-second from its end."""
    found = grid_centres_across(mm("559/128"), mm("0") + 4, THICK, NONE, ACROSS, FINE)
    assert found == (mm("4 15/32"), mm("9 1/16"), mm("13 21/32"))
    assert [ACROSS - one for one in reversed(found)] == list(found)
    deep = grid_centres_deep(mm("5 3/8"), mm("0") + 3, THICK, NONE, DEEP, FINE)
    assert deep == (mm("5 1/2"), mm("11 1/16"))  # 5 31/64 and 11 5/64: a tie falls alike from both ends


@pytest.mark.parametrize(("thickness", "height", "kerf", "wide", "deep", "shim"), [
    ("7/32", "2", "1/8", "15/64", "1 1/64", "7/64"),
    ("1/4", "3", "1/4", "17/64", "1 33/64", "1/64"),
    ("1/8", "2", "1/4", "9/64", "1 1/64", "0"),
])  # fmt: skip
def test_a_notch_is_a_little_wider_and_deeper_and_a_narrow_blade_takes_a_shim(
    thickness: str, height: str, kerf: str, wide: str, deep: str, shim: str
) -> None:
    notch = grid_notch(mm(thickness), mm("1/64"))
    assert (notch, grid_notch_deep(mm(height), mm("1/64"))) == (mm(wide), mm(deep))
    assert grid_shim(notch, mm(kerf)) == mm(shim)


def test_a_shim_without_play_is_what_the_blade_lacks() -> None:
    """A divider of 1/4, a blade of 1/8: a shim of 1/8."""
    assert grid_shim(grid_notch(mm("1/4"), NONE), mm("1/8")) == mm("1/8")


@pytest.mark.parametrize(("many", "thickness"), [(13, "1/8"), (12, "2")])
def test_cells_without_room_are_refused(many: int, thickness: str) -> None:
    with pytest.raises(CannotDerive, match="no room"):
        grid_cell_across(ACROSS, NONE + many, mm(thickness))
