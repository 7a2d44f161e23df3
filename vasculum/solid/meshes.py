"""The pieces of a plan as triangles, each with its cuts and holes, standing where they stand. Metres, y up."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass

import numpy as np
from manifold3d import Manifold
from numpy.typing import NDArray

from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.making.piece import Piece
from vasculum.plan.making.pieces import made_of
from vasculum.solid.solids import Solid, solid_of, with_holes
from vasculum.solid.surroundings import surroundings

METRE = 1000.0
BETWEEN_SPACES = 300.0
"""How far spaces stand apart in one model, mm."""


@dataclass(frozen=True)
class Mesh:
    """One piece: its corners in metres, three of them to a face."""

    piece: Piece
    corners: NDArray[np.float64]
    faces: NDArray[np.int64]


def meshes(plan: SolvedPlan) -> Iterator[Mesh]:
    """Every piece and body that stands; spaces beside each other, left to right."""
    for _, across, pieces in _spaces(plan):
        for piece, solid in pieces:
            yield Mesh(piece, *_triangles(with_holes(plan, piece, solid), across))


@dataclass(frozen=True)
class Around:
    """A wall, or something in the way, where it was measured: its corners in metres, three of them to a face."""

    id: str
    corners: NDArray[np.float64]
    faces: NDArray[np.int64]


def around(plan: SolvedPlan) -> Iterator[Around]:
    """What the pieces are built into, space by space as they stand in the model."""
    for space, across, _ in _spaces(plan):
        for solid in surroundings(plan, space):
            yield Around(solid.id, *_triangles(solid.built().translate(solid.corner), across))


def _spaces(plan: SolvedPlan) -> Iterator[tuple[str, float, list[tuple[Piece, Solid]]]]:
    """Each space, where it begins in the model, and what stands in it."""
    made = made_of(plan)
    across = 0.0
    for space in plan.plan.space_order:
        solids = [(one, solid_of(plan, one)) for one in (*made.pieces, *made.bodies) if one.space == space]
        standing = [(one, solid) for one, solid in solids if solid is not None]
        yield space, across, standing
        across += max((solid.box.high[0] for _, solid in standing), default=0.0) + BETWEEN_SPACES


def _triangles(body: Manifold, across: float) -> tuple[NDArray[np.float64], NDArray[np.int64]]:
    """Its corners in metres, moved to the right, and its faces."""
    built = body.to_mesh()
    at = np.asarray(built.vert_properties[:, :3], dtype=np.float64) + np.array([across, 0.0, 0.0])
    # glTF has y up and looks along -z: across stays, up becomes y, what is behind lies away
    turned = np.stack([at[:, 0], at[:, 2], -at[:, 1]], axis=1) / METRE
    return turned, np.asarray(built.tri_verts, dtype=np.int64)
