"""Pieces that do not come out of the sheet they are of, whichever way they are turned. No words."""

from __future__ import annotations

from collections.abc import Iterator
from typing import NamedTuple

from vasculum.core.lengths import Mm
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.making.piece import Piece
from vasculum.plan.making.pieces import pieces_of


class OffTheSheet(NamedTuple):
    """A piece, the sheet as it is sold, and by how much the piece is longer, or wider where its length goes."""

    piece: Piece
    sheet: tuple[Mm, Mm]
    over: Mm


def off_the_sheet(plan: SolvedPlan) -> Iterator[OffTheSheet]:
    """Every piece that is larger than its sheet; a sheet whose size nobody said holds any."""
    sold: dict[str, tuple[Mm, Mm]] = {}
    for id_, sheet in plan.plan.library.sheets.items():
        if sheet.length and sheet.width:
            long, wide = sorted((plan.plan.length(sheet.length), plan.plan.length(sheet.width)), reverse=True)
            sold[id_] = (long, wide)
    for piece in pieces_of(plan):
        if piece.size is None or piece.sheet not in sold:
            continue
        (long, wide), (longer, narrower) = sold[piece.sheet], sorted(piece.size[:2], reverse=True)
        if longer > long or narrower > wide:
            yield OffTheSheet(piece, (long, wide), longer - long if longer > long else narrower - wide)
