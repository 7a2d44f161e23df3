"""The pieces in space as they travel to the screen: triangles in mm, x to the right, y up, z towards the person."""

from __future__ import annotations

from vasculum.plan.document import Model, as_usual
from vasculum.plan.laying.layout import numbers_of
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.telling.words import piece_name, place_name
from vasculum.solid.meshes import METRE, around, meshes
from vasculum.solid.proof import travel_of


class PieceInSpace(Model):
    """One piece where it stands, with its grooves and holes."""

    id: str
    mark: str
    """Empty for what is bought or stands there."""
    name: str
    place: str
    place_name: str
    number: int
    """Of its cell, which gives its tint; 0 for what belongs to none."""
    is_front: bool = as_usual(False)
    travel: float = as_usual(0)
    """How far it comes out with its drawer, mm; nothing for what stays."""
    corners: list[float]
    """Three numbers for each, mm."""
    faces: list[int]
    """Three corners for each."""


class AroundInSpace(Model):
    """A wall, or something in the way, as it was measured."""

    is_wall: bool
    corners: list[float]
    """Three numbers for each, mm."""
    faces: list[int]
    """Three corners for each."""


class PlanInSpace(Model):
    """Every piece and body that stands, and what they are built into; spaces beside each other."""

    pieces: list[PieceInSpace]
    around: list[AroundInSpace]


def in_space(plan: SolvedPlan) -> PlanInSpace:
    """The plan as it stands, to be turned and taken apart on the screen."""
    numbers = numbers_of(plan.plan)
    found = []
    for mesh in meshes(plan):
        piece = mesh.piece
        found.append(
            PieceInSpace(
                id=piece.id,
                mark=plan.plan.marks.get(piece.id, ""),
                name=piece_name(plan.plan, piece),
                place=piece.place,
                place_name=place_name(plan.plan, piece.place),
                number=numbers.get(piece.place, 0),
                is_front=piece.rule.role in FRONTS,
                travel=float(travel_of(plan, piece.id.partition("/")[0]) or 0) if piece.rule.moves else 0,
                corners=(mesh.corners * METRE).round(2).ravel().tolist(),
                faces=mesh.faces.ravel().tolist(),
            )
        )
    stands = [
        AroundInSpace(
            is_wall=one.id not in plan.plan.obstructions,
            corners=(one.corners * METRE).round(2).ravel().tolist(),
            faces=one.faces.ravel().tolist(),
        )
        for one in around(plan)
    ]
    return PlanInSpace(pieces=found, around=stands)


FRONTS = ("front",)
"""What is taken away to look behind the fronts."""
