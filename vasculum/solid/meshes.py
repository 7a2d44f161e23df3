"""The pieces of a plan as triangles, each with its cuts and holes, standing where they stand. Metres, y up."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.making.pieces import Piece, made_of
from vasculum.solid.solids import solid_of, with_holes

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
    made = made_of(plan)
    across = 0.0
    for space in plan.plan.space_order:
        right = 0.0
        for piece in (*made.pieces, *made.bodies):
            solid = solid_of(plan, piece) if piece.space == space else None
            if solid is None:
                continue
            built = with_holes(plan, piece, solid).to_mesh()
            at = np.asarray(built.vert_properties[:, :3], dtype=np.float64) + np.array([across, 0.0, 0.0])
            right = max(right, solid.box.high[0])
            # glTF has y up and looks along -z: across stays, up becomes y, what is behind lies away
            turned = np.stack([at[:, 0], at[:, 2], -at[:, 1]], axis=1) / METRE
            yield Mesh(piece, turned, np.asarray(built.tri_verts, dtype=np.int64))
        across += right + BETWEEN_SPACES
