"""Holes that come nearer to a groove of their board than they may. No words."""

from __future__ import annotations

from collections.abc import Iterator
from typing import NamedTuple

from vasculum.core.lengths import Mm
from vasculum.plan.laying.solving import SolvedPlan, nearest_key
from vasculum.plan.making.piece import Cut, Piece
from vasculum.plan.making.pieces import pieces_of
from vasculum.plan.making.regions import Region, Span, points, regions

GROOVES = ("groove", "stopped_groove", "rabbet")
"""What a hole has to miss; a dado is for the very board that is screwed or dowelled there."""


class HoleInGroove(NamedTuple):
    """A board, the holes and the groove, how far apart they are (less than nothing inside it), and what is wanted."""

    board: Piece
    holes: Cut
    groove: Cut
    apart: Mm
    least: Mm


def holes_in_grooves(plan: SolvedPlan) -> Iterator[HoleInGroove]:
    """Every row of holes and groove of one board that come too near to each other; the nearest hole of each."""
    for piece in pieces_of(plan):
        rows = [cut for cut in piece.cuts if cut.rule.what == "holes"]
        grooves = [cut for cut in piece.cuts if cut.rule.what in GROOVES] if rows else []
        least = plan.solved.value(*nearest_key(plan, piece.place, "least_screw_cover")) if grooves else None
        if least is None or piece.size is None:
            continue
        for row in rows:
            deep = _deep(plan, row, piece.size[2])
            for groove in grooves:
                spans = [one for one in regions(plan, piece, groove) if _overlap(one.deep, deep)]
                apart = min((_apart(at, one) for at in points(plan, piece, row) for one in spans), default=least)
                if apart < least:
                    yield HoleInGroove(piece, row, groove, apart, least)


def _deep(plan: SolvedPlan, row: Cut, thickness: Mm) -> Span:
    """How deep the holes go, from the inside face; right through where no depth is said."""
    depth = row.value(plan, row.rule.depth) if row.rule.depth else None
    if depth is None or row.rule.face == "through":
        return (Mm(0), thickness)
    return (Mm(0), depth) if row.rule.face == "inside" else (thickness - depth, thickness)


def _overlap(one: Span, other: Span) -> bool:
    return max(one[0], other[0]) < min(one[1], other[1])


def _apart(at: tuple[Mm, Mm], groove: Region) -> Mm:
    """From the middle of a hole to the groove, the way in which it is further off; less than nothing inside it."""
    ways = ((at[0], groove.along), (at[1], groove.across))
    return max(max(low - where, where - high) for where, (low, high) in ways)
