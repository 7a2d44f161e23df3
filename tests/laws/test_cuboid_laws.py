"""A shape as cuboids is the solid that it is cut as: the same volume, the same distances, and it meets the same."""

from __future__ import annotations

from hypothesis import given
from hypothesis import strategies as st

from vasculum.core.flow.things import AXES, Axis
from vasculum.solid.slices import Outline, cut_through
from vasculum.solid.solids import LEAST, Box, Shape, Solid, Vector, cuboids_of

ORIGIN = (0.0, 0.0, 0.0)


@st.composite
def boxes(draw: st.DrawFn, reach: int) -> Box:
    """Whole mm, so that faces fall together often."""
    low, size = (draw(st.tuples(*[st.integers(a, reach)] * 3)) for a in (-2, 1))
    return Box(vector(low), vector(a + b for a, b in zip(low, size, strict=True)))


def vector(of: object) -> Vector:
    x, y, z = (float(v) for v in of)  # type: ignore[attr-defined]
    return (x, y, z)


@st.composite
def shapes(draw: st.DrawFn) -> Shape:
    extent = draw(st.tuples(*[st.integers(4, 12)] * 3))
    return Shape(vector(extent), tuple(draw(st.lists(boxes(8), max_size=5))))


def solid(shape: Shape) -> Solid:
    return Solid("any", ORIGIN, shape)


@given(shapes())
def test_cuboids_fill_what_the_solid_fills(shape: Shape) -> None:
    cuboids = cuboids_of(shape)
    assert abs(float((cuboids.high - cuboids.low).prod(axis=1).sum()) - solid(shape).built().volume()) < LEAST


@given(shapes(), shapes(), st.tuples(*[st.integers(-14, 14)] * 3))
def test_cuboids_meet_and_stand_apart_as_the_solids_do(one: Shape, other: Shape, apart: tuple[int, int, int]) -> None:
    first, second = solid(one).built(), solid(other).built().translate(vector(apart))
    shared = (first ^ second).volume()
    a, b = cuboids_of(one), cuboids_of(other)
    assert a.meet(b, vector(apart)) == (shared > LEAST)
    if not shared > LEAST and len(a.low) and len(b.low):
        assert abs(a.gap(b, vector(apart)) - first.min_gap(second, 100.0)) < LEAST


def area(outline: Outline) -> float:
    """Plus for an outline, minus for a hole in it."""
    return sum(x * b - a * y for (x, y), (a, b) in zip(outline, [*outline[1:], outline[0]], strict=True)) / 2


@given(shapes(), st.sampled_from(AXES), st.integers(0, 11))
def test_a_plane_cuts_through_what_is_there(shape: Shape, axis: Axis, at: int) -> None:
    """Between whole mm, so that it lies in no face."""
    where, through = at + 0.5, AXES.index(axis)
    cuboids = cuboids_of(shape)
    cut = (cuboids.low[:, through] < where) & (where < cuboids.high[:, through])
    sizes = (cuboids.high - cuboids.low)[cut]
    expected = sizes.prod(axis=1) / sizes[:, through]
    found = sum(map(area, cut_through(solid(shape), axis, where)))
    assert abs(abs(found) - expected.sum()) < LEAST
