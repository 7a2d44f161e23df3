"""Pieces that do not come out of what they are made of: a sheet whichever way they are turned, or a board. No words."""

from __future__ import annotations

from collections.abc import Iterator
from typing import NamedTuple

from vasculum.core.lengths import Mm
from vasculum.plan.document import Board, Sheet
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.making.piece import Piece
from vasculum.plan.making.pieces import pieces_of


class OffTheSheet(NamedTuple):
    """A piece, what it is cut from as it is sold, and by how much it is longer, or wider where its length goes."""

    piece: Piece
    sheet: tuple[Mm, Mm]
    over: Mm


def off_the_sheet(plan: SolvedPlan) -> Iterator[OffTheSheet]:
    """Every piece that is larger than its stock; a sheet whose size nobody said holds any.

    Along a board runs its grain, and with it the length of what is cut from it: it is not turned.
    """
    library, length = plan.plan.library, plan.plan.length
    rows: list[tuple[str, Sheet | Board]] = [*library.sheets.items(), *library.boards.items()]
    sold = {id_: (length(row.length), length(row.width)) for id_, row in rows if row.length and row.width}
    for piece in pieces_of(plan):
        if piece.size is None or piece.sheet not in sold:
            continue
        (long, wide), (longer, narrower) = sold[piece.sheet], piece.size[:2]
        if piece.sheet not in library.boards:
            (wide, long), (narrower, longer) = sorted((long, wide)), sorted((longer, narrower))
        if longer > long or narrower > wide:
            yield OffTheSheet(piece, (long, wide), longer - long if longer > long else narrower - wide)
