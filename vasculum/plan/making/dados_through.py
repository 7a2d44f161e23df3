"""Dados from both faces of one board that meet in it, so that it falls apart. No words."""

from __future__ import annotations

from collections.abc import Iterator
from itertools import product
from typing import NamedTuple

from vasculum.core.lengths import Mm
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.making.piece import Piece
from vasculum.plan.making.pieces import pieces_of
from vasculum.plan.making.regions import Region, regions


class CutThrough(NamedTuple):
    """A board, and how deep two dados go into it together."""

    board: Piece
    deep: Mm
    thickness: Mm


def dados_through(plan: SolvedPlan) -> Iterator[CutThrough]:
    """Every board that dados for its neighbours cut through."""
    for piece in pieces_of(plan):
        stood = [cut for cut in piece.cuts if cut.stood and cut.rule.what == "dado"]
        if piece.size is None or len(stood) < 2:
            continue
        faces = [
            [r for c in stood if c.rule.face == face for r in regions(plan, piece, c)] for face in ("inside", "outside")
        ]
        deep = [_depth(one) + _depth(other) for one, other in product(*faces) if _are_over(one, other)]
        if deep and max(deep) >= piece.size[2]:
            yield CutThrough(piece, max(deep), piece.size[2])


def _depth(one: Region) -> Mm:
    return one.deep[1] - one.deep[0]


def _are_over(one: Region, other: Region) -> bool:
    """Whether two cuts lie over each other, on both faces of the board."""
    spans = ((one.along, other.along), (one.across, other.across))
    return all(low[0] < high[1] and high[0] < low[1] for low, high in spans)
