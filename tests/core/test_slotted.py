"""Slots at one pitch for loose dividers, worked by hand: walls of 344 and 334, twelve slots at 26, 5.5 deep."""

from __future__ import annotations

from fractions import Fraction
from itertools import pairwise

import pytest

from vasculum.core.errors import CannotDerive
from vasculum.core.rules.organizers.slotted import (
    loose_length_cut,
    loose_middles,
    slot_count,
    slot_depth,
    slot_first,
    slot_middles,
)

PITCH, TWELVE, ONE = Fraction(26), Fraction(12), Fraction(1)


@pytest.mark.parametrize(("wall", "first"), [(344, 29), (334, 24)])
def test_the_first_slot_stands_so_that_both_ends_are_alike(wall: int, first: int) -> None:
    found = slot_middles(slot_first(Fraction(wall), TWELVE, PITCH), PITCH, TWELVE)
    assert (found[0], len(found)) == (first, 12)
    assert found[0] == wall - found[-1]
    assert {later - one for one, later in pairwise(found)} == {PITCH}


@pytest.mark.parametrize(("section", "length"), [("170", 180), ("1414/5", 292)])
def test_a_divider_goes_into_both_walls_less_its_play(section: str, length: int) -> None:
    """170 + 2 x 5.5 - 1, and 282.8 + 11 - 1 down to a whole millimetre."""
    assert loose_length_cut(Fraction(section), Fraction(11, 2), ONE, ONE) == length


def test_slots_leave_about_a_pitch_at_both_ends_unless_a_number_was_chosen() -> None:
    assert slot_count(Fraction(344), PITCH) == 12
    assert slot_count(Fraction(344), PITCH, Fraction(5)) == 5
    assert slot_count(Fraction(20), PITCH) == 1


def test_a_slot_is_less_than_half_its_wall() -> None:
    assert slot_depth(Fraction(59, 5), Fraction(9, 20), Fraction(1, 10)) == Fraction(53, 10)


def test_dividers_share_the_slots_evenly_to_begin_with() -> None:
    middles = slot_middles(Fraction(29), PITCH, TWELVE)
    assert loose_middles(middles, Fraction(1)) == (middles[6],)
    assert loose_middles(middles, Fraction(3)) == (middles[2], middles[6], middles[9])
    assert len({*loose_middles(middles, Fraction(8))}) == 8


@pytest.mark.parametrize("many", [9, 13])
def test_more_dividers_than_slots_or_than_eight_are_refused(many: int) -> None:
    with pytest.raises(CannotDerive, match="eight dividers"):
        loose_middles(slot_middles(Fraction(29), PITCH, TWELVE), Fraction(many))


def test_slots_that_do_not_fit_their_wall_are_refused() -> None:
    with pytest.raises(CannotDerive, match="have no room"):
        slot_first(Fraction(280), TWELVE, PITCH)
