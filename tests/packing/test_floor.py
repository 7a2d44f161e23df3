"""Footprints on a floor: nothing laps, nothing is outside, nothing is lost, and no general packer puts more on it."""

from __future__ import annotations

from fractions import Fraction
from itertools import combinations, permutations, product
from random import Random

import pytest
import rectpack
from hypothesis import given, settings
from hypothesis import strategies as st

from vasculum.packing.floor import Floor, Footprint, Placed, pack_floor

SIZES = st.fractions(min_value=5, max_value=260, max_denominator=64)


@st.composite
def floors(draw: st.DrawFn) -> tuple[Fraction, Fraction, list[Footprint], Fraction]:
    width, depth = draw(st.fractions(100, 700, max_denominator=64)), draw(st.fractions(100, 600, max_denominator=64))
    count = draw(st.integers(0, 14))
    parts = [Footprint(f"p{at}", draw(SIZES), draw(SIZES), draw(st.booleans())) for at in range(count)]
    return width, depth, parts, draw(st.sampled_from([Fraction(0), Fraction(0), Fraction(3), Fraction(127, 40)]))


def free_of(one: Placed, other: Placed, apart: Fraction) -> bool:
    """Whether two stand beside each other with so much between them."""
    return (
        one.from_left + one.across + apart <= other.from_left or other.from_left + other.across + apart <= one.from_left
        or one.from_front + one.back + apart <= other.from_front
        or other.from_front + other.back + apart <= one.from_front
    )  # fmt: skip


@settings(max_examples=100, deadline=None)
@given(floors(), st.lists(st.tuples(*[st.fractions(-50, 500, max_denominator=16)] * 2, SIZES, SIZES), max_size=4))
def test_what_stands_there_already_stays_and_nothing_stands_on_it(
    floor: tuple[Fraction, Fraction, list[Footprint], Fraction], rects: list[tuple[Fraction, ...]]
) -> None:
    """Also where it is partly, or wholly, beyond the floor."""
    width, depth, parts, apart = floor
    taken = [Placed(f"there {at}", *rect) for at, rect in enumerate(rects)]
    found = pack_floor(width, depth, parts, apart, taken)
    assert sorted([one.name for one in found.placed] + list(found.left)) == sorted(one.name for one in parts)
    for one in found.placed:
        assert 0 <= one.from_left <= width - one.across
        assert 0 <= one.from_front <= depth - one.back
        assert all(free_of(one, other, apart) for other in taken)
        assert one.is_turned is (
            (one.across, one.back) != next((p.across, p.back) for p in parts if p.name == one.name)
        )


@settings(max_examples=150, deadline=None)
@given(floors())
def test_nothing_laps_nothing_is_outside_and_nothing_is_lost(
    floor: tuple[Fraction, Fraction, list[Footprint], Fraction],
) -> None:
    width, depth, parts, apart = floor
    found = pack_floor(width, depth, parts, apart)
    assert sorted([one.name for one in found.placed] + list(found.left)) == sorted(one.name for one in parts)
    sizes = {one.name: one for one in parts}
    for one in found.placed:
        assert one.from_left >= 0
        assert one.from_front >= 0
        assert one.from_left + one.across <= width
        assert one.from_front + one.back <= depth
        own = sizes[one.name]
        ways = {(own.across, own.back)} | ({(own.back, own.across)} if own.may_turn else set())
        assert (one.across, one.back) in ways
    for one, other in combinations(found.placed, 2):
        beside = max(other.from_left - one.from_left - one.across, one.from_left - other.from_left - other.across)
        before = max(other.from_front - one.from_front - one.back, one.from_front - other.from_front - other.back)
        assert max(beside, before) >= apart


@settings(max_examples=60, deadline=None)
@given(floors())
def test_the_same_things_lie_the_same_way_every_time(
    floor: tuple[Fraction, Fraction, list[Footprint], Fraction],
) -> None:
    assert pack_floor(*floor) == pack_floor(*floor)


REFERENCES = (
    rectpack.MaxRectsBssf,
    rectpack.MaxRectsBl,
    rectpack.MaxRectsBaf,
    rectpack.GuillotineBssfSas,
    rectpack.SkylineBl,
)


@pytest.mark.parametrize("seed", range(60))
def test_where_a_general_packer_leaves_nothing_over_nothing_is_left_over(seed: int) -> None:
    random = Random(seed)
    width, depth = random.randint(300, 700), random.randint(300, 600)
    parts = [
        Footprint(str(at), Fraction(random.randint(40, 250)), Fraction(random.randint(40, 250)))
        for at in range(random.randint(3, 12))
    ]
    most = 0
    for algorithm, order in product(REFERENCES, (rectpack.SORT_AREA, rectpack.SORT_LSIDE, rectpack.SORT_PERI)):
        packer = rectpack.newPacker(
            mode=rectpack.PackingMode.Offline, pack_algo=algorithm, sort_algo=order, rotation=True
        )
        for one in parts:
            packer.add_rect(int(one.across), int(one.back), rid=one.name)
        packer.add_bin(width, depth)
        packer.pack()
        most = max(most, sum(len(bin_) for bin_ in packer))
    if most == len(parts):
        assert pack_floor(Fraction(width), Fraction(depth), parts).left == ()


def fits_somehow(width: int, depth: int, parts: list[tuple[int, int]]) -> bool:
    """Exhaustive: every order, every turn, each part at the lowest and leftmost corner that another part leaves."""
    for order in permutations(parts):
        for turns in product((False, True), repeat=len(order)):
            placed: list[tuple[int, int, int, int]] = []
            for (a, b), turn in zip(order, turns, strict=True):
                w, d = (b, a) if turn else (a, b)
                corners = sorted(
                    product({0, *(y + e for _, y, _, e in placed)}, {0, *(x + f for x, _, f, _ in placed)})
                )
                spot = next(
                    ((x, y) for y, x in corners
                     if x + w <= width and y + d <= depth
                     and not any(x < p + r and p < x + w and y < q + s and q < y + d for p, q, r, s in placed)),
                    None,
                )  # fmt: skip
                if spot is None:
                    break
                placed.append((*spot, w, d))
            else:
                return True
    return False


@pytest.mark.parametrize("seed", range(25))
def test_what_goes_in_by_trying_everything_goes_in(seed: int) -> None:
    random = Random(1000 + seed)
    width, depth = random.randint(8, 14), random.randint(8, 14)
    parts = [(random.randint(2, 8), random.randint(2, 8)) for _ in range(4)]
    found = pack_floor(
        Fraction(width),
        Fraction(depth),
        [Footprint(str(n), Fraction(a), Fraction(b)) for n, (a, b) in enumerate(parts)],
    )
    assert (found.left == ()) == fits_somehow(width, depth, parts)


def test_a_thing_that_may_not_turn_stays_as_it_is() -> None:
    bar = Footprint("bar", Fraction(10), Fraction(3), may_turn=False)
    assert pack_floor(Fraction(4), Fraction(12), [bar]) == Floor((), ("bar",))
    assert pack_floor(Fraction(4), Fraction(12), [bar._replace(may_turn=True)]).left == ()


def test_a_floor_of_nothing_takes_nothing() -> None:
    assert pack_floor(Fraction(0), Fraction(12), [Footprint("a", Fraction(1), Fraction(1))]) == Floor((), ("a",))
    assert pack_floor(Fraction(3), Fraction(12), []) == Floor((), ())


def test_a_circular_saw_a_case_a_sander_and_three_bottles_share_a_floor() -> None:
    """25 1/8 x 16 9/16 in, worked by hand: the case turned beside the saw, the sander and the bottles behind."""
    sizes = [
        ("saw", 14, 9),
        ("case", 13, 11),
        ("sander", 12, 7),
        *((f"bottle {n}", Fraction(7, 2), Fraction(7, 2)) for n in range(3)),
    ]
    found = pack_floor(
        Fraction(201, 8), Fraction(265, 16), [Footprint(name, Fraction(a), Fraction(b)) for name, a, b in sizes]
    )
    assert found.left == ()
