"""Packing made of the sheets in hand, worked by hand. Common practice."""

from __future__ import annotations

from fractions import Fraction

import pytest
from hypothesis import given
from hypothesis import strategies as st

from tests.helpers import (
    codes,
    drawer_of,
    framed,
    frameless,
    measured,
    mm,
    solved,
    space_of,
    split,
    value,
    with_choices,
    with_readings,
)
from vasculum.core.rules.openings.packing_of_sheets import layers_for
from vasculum.plan.document import Plan
from vasculum.plan.making.pieces import pieces_of
from vasculum.plan.telling.hardware import hardware_of
from vasculum.plan.telling.solution import solution_of
from vasculum.solid.proof import prove

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


def behind_a_frame(opening: str = "22", **choices: str) -> Plan:
    """An inside of 24 behind a frame, its walls 3/4 thick: lips of 1, packed out by 1 1/16."""
    inside = [{"of": "width", "value": "24 in", "along": along} for along in ("front", "back")]
    plan = with_readings(framed(opening, "24", "20"), "case", *inside)
    plan = measured(plan, front_sheet="23/32 in", side_sheet="15/32 in", bottom_sheet="7/32 in")
    return with_choices(plan, packing_made="layers", standing_wall="3/4 in", **choices)


def test_strips_of_sheets_stand_behind_each_runner_layer_by_layer() -> None:
    """No sheets meet 1 1/16: two layers that make 15/16 are the nearest under it."""
    done = solved(behind_a_frame())
    space = space_of(done.plan)
    layers = done.solved.value(space, "packing_layers_left")
    strips = [one for one in pieces_of(done) if one.rule.title.startswith("Packing strip, left")]
    assert [one.size[2] for one in strips if one.size] == list(layers)
    assert sum(layers) == mm("15/16")
    assert {one.size[:2] for one in strips if one.size} == {(mm("18"), mm("1 3/4"))}
    walls = done.solved.value(space, "wall_left_from_left")
    assert [one.stand.across for one in strips if one.stand] == [walls + sum(layers[:at]) for at in range(len(layers))]
    assert len([one for one in hardware_of(done) if one.what.startswith("Screw for packing strips")]) == len(layers)
    assert prove(done).meetings == ()


def test_a_strip_higher_than_its_runner_stands_round_its_middle_and_on_the_floor_at_least() -> None:
    high = solved(behind_a_frame(wanted_strip_height="3 in"))
    (strip, *_) = (one for one in pieces_of(high) if one.rule.title.startswith("Packing strip, right"))
    assert strip.stand is not None
    assert strip.stand.up + mm("1 1/2") == value(high, "runner_from_floor")
    low = solved(behind_a_frame(wanted_strip_height="3 in", wanted_runner_line="1 1/8 in"))
    (strip, *_) = (one for one in pieces_of(low) if one.rule.title.startswith("Packing strip, right"))
    assert strip.stand is not None
    assert strip.stand.up == 0


def test_each_row_has_strips_of_its_own_and_columns_only_at_the_walls() -> None:
    plan, rows = split(behind_a_frame(), drawer_of(behind_a_frame()), "rows", {}, {}, divider="open")
    strips = [one for one in pieces_of(solved(plan)) if one.rule.title.startswith("Packing strip")]
    assert {one.id.partition("/")[0] for one in strips} == set(rows)
    assert prove(solved(plan)).meetings == ()
    plan, cells = split(behind_a_frame(), drawer_of(behind_a_frame()), "columns", {}, {})
    strips = [one for one in pieces_of(solved(plan)) if one.rule.title.startswith("Packing strip")]
    assert {(one.id.partition("/")[0], one.hand) for one in strips} == {(cells[0], "L"), (cells[1], "R")}
    assert prove(solved(plan)).meetings == ()
