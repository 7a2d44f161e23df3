"""Packing made of the sheets in hand, worked by hand. Common practice."""

from __future__ import annotations

from fractions import Fraction

import pytest
from hypothesis import given
from hypothesis import strategies as st

from tests.helpers import codes, frameless, measured, mm, solved, space_of
from vasculum.core.rules.openings.packing_of_sheets import layers_for
from vasculum.plan.telling.solution import solution_of

IN_HAND = ("7/32", "15/32", "23/32")
BY_HAND = [
    # wanted, layers
    ("1 3/16", ("23/32", "15/32")),  # legs of a bench frame, and not 1/2 + 3/4
    ("23/32", ("23/32",)),
    ("3/4", ("23/32",)),  # a tape cannot tell
    ("1 1/4", ("23/32", "15/32")),  # nearest under, 1/16 short
    ("1 13/32", ("23/32", "15/32", "7/32")),  # and not 1 7/16 of two layers: what stands before them would meet them
    ("1 15/32", ("23/32", "23/32")),  # 1/32 short: a tape cannot tell
    ("1/8", ()),
    ("0", ()),
]


@pytest.mark.parametrize(("wanted", "layers"), BY_HAND)
def test_sheets_make_the_packing(wanted: str, layers: tuple[str, ...]) -> None:
    assert layers_for(mm(wanted), tuple(map(mm, IN_HAND)), mm("1/32")) == tuple(map(mm, layers))


@given(
    st.fractions(min_value=1, max_value=60, max_denominator=64), st.lists(st.integers(3, 25), min_size=1, max_size=6)
)
def test_a_stack_is_never_thicker_than_what_it_packs(wanted: Fraction, sheets: list[int]) -> None:
    hand = tuple(map(Fraction, sheets))
    layers = layers_for(wanted, hand, Fraction(1))
    assert len(layers) <= 3
    assert set(layers) <= set(hand)
    assert sum(layers) <= wanted
    assert bool(layers) == (min(hand) <= wanted)


def test_the_packing_of_a_bench_frame_is_made_of_measured_sheets() -> None:
    """Panels 30 apart, legs 27 5/8: 1 3/16 on each side, of 23/32 and 15/32."""
    plan = frameless("30", "19 9/32", "20 3/8", wanted_packing_left="1 3/16 in", wanted_packing_right="1 3/16 in")
    plan = measured(plan, front_sheet="23/32 in", side_sheet="15/32 in", bottom_sheet="7/32 in")
    done = solved(plan)
    assert done.solved.value(space_of(plan), "packing_layers_left") == (mm("23/32"), mm("15/32"))
    said = [f.message for f in solution_of(done).findings if f.code == "packing-of-sheets"]
    assert "Packing of 1 3/16 in on the left is made of sheets that measure 23/32 in + 15/32 in." in said
    assert "packing-wants-a-shim" in codes(
        measured(plan, front_sheet="2 in", side_sheet="1/2 in", bottom_sheet="1/2 in")
    )
