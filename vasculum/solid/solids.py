"""Pieces with their cuts as solids, standing in the frame of their space. Float mm.

The same shape is built once, and kept while it is among the last that were asked for.
"""

from __future__ import annotations

import atexit
from collections.abc import Iterator
from dataclasses import dataclass
from functools import cached_property, lru_cache
from typing import NamedTuple

import manifold3d as m
import numpy as np
from numpy.typing import NDArray

from vasculum.core.flow import AXES, TOWARDS, Stand
from vasculum.core.lengths import Mm
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.making.meeting import HAIR
from vasculum.plan.making.piece import Piece
from vasculum.plan.making.pieces import values_of
from vasculum.plan.making.regions import Region, points, regions

Vector = tuple[float, float, float]
LEAST = 0.01
"""Less than this is no meeting, mm."""
HOLE = 3.0
"""Diameter of a hole for a screw in a mesh, mm: the drill is the maker's."""
ROUND = 24
"""Edges of a hole in a mesh."""


class Box(NamedTuple):
    """A cuboid by two corners."""

    low: Vector
    high: Vector

    def overlap(self, other: Box) -> Vector:
        """How far two cuboids reach into each other along each axis; less than nothing apart."""
        return (
            min(self.high[0], other.high[0]) - max(self.low[0], other.low[0]),
            min(self.high[1], other.high[1]) - max(self.low[1], other.low[1]),
            min(self.high[2], other.high[2]) - max(self.low[2], other.low[2]),
        )

    def stretched(self, by: float) -> Box:
        """The same cuboid, drawn out to the front; by less than nothing to the back."""
        (x0, y0, z0), (x1, y1, z1) = self
        return Box((x0, y0 - max(by, 0.0), z0), (x1, y1 - min(by, 0.0), z1))


class Shape(NamedTuple):
    """A cuboid from its own corner, and the cuboids taken out of it: what makes two solids alike."""

    extent: Vector
    taken: tuple[Box, ...]


@dataclass(frozen=True)
class Solid:
    """Something that stands: a shape and where its corner is; or any other solid, as measured."""

    id: str
    corner: Vector
    shape: Shape
    outline: tuple[Vector, ...] = ()
    """Corners of a leaning thing, from its own corner; a shape alone is a cuboid with cuts."""

    @cached_property
    def box(self) -> Box:
        """Its bounds."""
        (x, y, z), (across, back, up) = self.corner, self.shape.extent
        return Box(self.corner, (x + across, y + back, z + up))

    @property
    def is_plain(self) -> bool:
        """Whether it fills its bounds."""
        return not self.shape.taken and not self.outline

    def built(self) -> m.Manifold:
        """The solid, from its own corner."""
        return _hull(self.outline) if self.outline else _built(self.shape)


@lru_cache(maxsize=4096)
def _built(shape: Shape) -> m.Manifold:
    body = m.Manifold.cube(shape.extent)
    if not shape.taken:
        return body
    taken = [m.Manifold.cube(_minus(box.high, box.low)).translate(box.low) for box in shape.taken]
    return body - m.Manifold.batch_boolean(taken, m.OpType.Add)


class Cuboids(NamedTuple):
    """What is left of a shape as cuboids beside each other: their lower and upper corners, a row each."""

    low: NDArray[np.float64]
    high: NDArray[np.float64]

    def gap(self, other: Cuboids, apart: Vector) -> float:
        """The least distance to another, its corner so far from this one's; nothing where they touch."""
        shift = np.array(apart)
        between = np.maximum(other.low + shift - self.high[:, None], self.low[:, None] - other.high - shift)
        return float(np.sqrt((np.maximum(between, 0.0) ** 2).sum(axis=2)).min(initial=np.inf))

    def meet(self, other: Cuboids, apart: Vector) -> bool:
        """Whether they share more than a face, be it ever so little."""
        shift = np.array(apart)
        low, high = np.maximum(self.low[:, None], other.low + shift), np.minimum(self.high[:, None], other.high + shift)
        return bool((high - low > HAIR).all(axis=2).any())


@lru_cache(maxsize=4096)
def cuboids_of(shape: Shape) -> Cuboids:
    """A shape cut along the faces of what is taken out of it."""
    left = [Box((0.0, 0.0, 0.0), shape.extent)]
    for cut in shape.taken:
        left = [part for one in left for part in _without(one, cut)]
    return Cuboids(*(np.array(corners).reshape(-1, 3) for corners in ([b.low for b in left], [b.high for b in left])))


def _without(one: Box, cut: Box) -> Iterator[Box]:
    """What is left of a cuboid, as cuboids."""
    if min(one.overlap(cut)) <= HAIR:
        yield one
        return
    low, high = list(one.low), list(one.high)
    for axis in range(3):
        if cut.low[axis] - low[axis] > HAIR:
            yield Box((low[0], low[1], low[2]), _replaced(high, axis, cut.low[axis]))
            low[axis] = cut.low[axis]
        if high[axis] - cut.high[axis] > HAIR:
            yield Box(_replaced(low, axis, cut.high[axis]), (high[0], high[1], high[2]))
            high[axis] = cut.high[axis]


def _replaced(corner: list[float], axis: int, value: float) -> Vector:
    other = [value if at == axis else old for at, old in enumerate(corner)]
    return (other[0], other[1], other[2])


@atexit.register
def _let_go() -> None:
    """The library wants its solids back before the interpreter ends."""
    _built.cache_clear()
    _hull.cache_clear()


@lru_cache(maxsize=512)
def _hull(corners: tuple[Vector, ...]) -> m.Manifold:
    return m.Manifold.hull_points(list(corners))


def _minus(a: Vector, b: Vector) -> Vector:
    return (a[0] - b[0], a[1] - b[1], a[2] - b[2])


def solid_of(plan: SolvedPlan, piece: Piece) -> Solid | None:
    """A piece with what is cut into it and its bands on, where it stands; None where nobody can say."""
    if piece.size is None or piece.stand is None:
        return None
    stand = piece.stand
    like = (piece.rule, piece.size, stand[3:], piece.bands, piece.banded_by, values_of(plan, piece))
    shape = _SHAPES.get(like)
    if shape is None:
        shape = _shape(plan, piece, stand, piece.size)
        if len(_SHAPES) >= MOST_SHAPES:
            _SHAPES.clear()
        _SHAPES[like] = shape
    return Solid(piece.id, (float(stand.across), float(stand.back), float(stand.up)), shape)


MOST_SHAPES = 20_000
_SHAPES: dict[object, Shape] = {}
"""Shapes by everything that makes them: a piece that did not change is not cut anew."""


def _shape(plan: SolvedPlan, piece: Piece, stand: Stand, size: tuple[Mm, Mm, Mm]) -> Shape:
    """A piece with its cuts; what runs out through a banded edge is cut after banding, and so through the band."""
    taken = [_in_space(stand, size, one) for cut in piece.cuts for one in regions(plan, piece, cut)]
    extent = stand.extent(*size)
    low, high = [0.0, 0.0, 0.0], [float(reach) for reach in extent]
    for edge in piece.bands:
        axis, side = AXES.index(TOWARDS[edge][0]), TOWARDS[edge][1]
        (low if side < 0 else high)[axis] += side * float(piece.banded_by)
    boxes = tuple(_run_out(box, extent, low, high) for box in taken)
    return Shape((high[0] - low[0], high[1] - low[1], high[2] - low[2]), boxes)


def _run_out(box: Box, core: tuple[Mm, Mm, Mm], low: list[float], high: list[float]) -> Box:
    """A cut in a core, from the corner of the banded piece; drawn on through a band that it reaches."""
    begins = [(low[a] if at <= 0 else at) - low[a] for a, at in enumerate(box.low)]
    ends = [(high[a] if at >= float(core[a]) else at) - low[a] for a, at in enumerate(box.high)]
    return Box((begins[0], begins[1], begins[2]), (ends[0], ends[1], ends[2]))


def _in_space(stand: Stand, size: tuple[Mm, Mm, Mm], one: Region) -> Box:
    """A region of a piece along the axes of the space, from the corner of the piece."""
    spans = {stand.length: one.along, stand.width: one.across}
    thickness = float(size[2])
    near, far = map(float, one.deep)
    deep = (thickness - far, thickness - near) if stand.inside > 0 else (near, far)
    pairs = [tuple(map(float, spans[axis])) if axis in spans else deep for axis in AXES]
    return Box((pairs[0][0], pairs[1][0], pairs[2][0]), (pairs[0][1], pairs[1][1], pairs[2][1]))


def with_holes(plan: SolvedPlan, piece: Piece, solid: Solid) -> m.Manifold:
    """The solid of a piece where it stands, its holes drilled, for a mesh."""
    body = solid.built().translate(solid.corner)
    if piece.stand is None or piece.size is None:
        return body
    thick = AXES.index(piece.stand.thick)
    reach = solid.shape.extent[thick] + 2
    for cut in piece.cuts:
        for along, across in points(plan, piece, cut):
            at = [0.0, 0.0, 0.0]
            at[AXES.index(piece.stand.length)], at[AXES.index(piece.stand.width)] = float(along), float(across)
            at[thick] = -1.0
            drill = m.Manifold.cylinder(reach, HOLE / 2, HOLE / 2, ROUND)
            turned = drill.rotate([(0.0, 90.0, 0.0), (-90.0, 0.0, 0.0), (0.0, 0.0, 0.0)][thick])
            body -= turned.translate([c + a for c, a in zip(solid.corner, at, strict=True)])
    return body
