"""Fasteners that go into one board from both of its sides, nearer to each other than they may stand. No words."""

from __future__ import annotations

from collections.abc import Iterator
from itertools import combinations, product
from typing import NamedTuple

from vasculum.core.flow.things import AXES, Axis
from vasculum.core.lengths import Mm
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.making.housings import box_of, fixings_of, slack_of
from vasculum.plan.making.meeting import HAIR
from vasculum.plan.making.piece import STRIPS, Piece
from vasculum.plan.making.pieces import pieces_of


class Crossing(NamedTuple):
    """Two members that end on both sides of one board, how near their fasteners come there, and what is wanted."""

    board: Piece
    first: Piece
    second: Piece
    apart: Mm
    least: Mm


Span = tuple[float, float]


class _Board(NamedTuple):
    """A piece with what it fills along each axis: float mm, to look through many of them."""

    piece: Piece
    fills: dict[Axis, Span]
    places: tuple[float, ...] = ()


def crossing_fasteners(plan: SolvedPlan) -> Iterator[Crossing]:
    """Every pair of members whose fasteners meet in the board between them."""
    members: dict[tuple[str, Axis], list[_Board]] = {}
    for one in pieces_of(plan):
        places = fixings_of(plan, one)
        if places and one.stand is not None and (fills := _fills(one)):
            found = members.setdefault((one.space, one.stand.length), [])
            found.append(_Board(one, fills, tuple(map(float, places))))
    if not any(len(several) > 1 for several in members.values()):
        return
    slack = float(slack_of(plan))
    for piece in pieces_of(plan):
        if piece.stand is None or piece.rule.moves or piece.rule.stock in STRIPS:
            continue
        near, axis = members.get((piece.space, piece.stand.thick), []), piece.stand.thick
        board = _Board(piece, _fills(piece) if near else {})
        ends = [(one, side) for one in near for side in _sides(one, board, axis, slack)] if board.fills else []
        for (first, side), (second, other) in combinations(ends, 2):
            least = max(_least(plan, first), _least(plan, second)) if side != other else Mm(0)
            if least and (apart := _apart(first, second, float(least))) is not None:
                yield Crossing(piece, first.piece, second.piece, apart, least)


def _least(plan: SolvedPlan, member: _Board) -> Mm:
    """How far its fasteners want to stand off others."""
    split = "" if member.piece.fixed_at is None else member.piece.fixed_at[0]
    least: Mm | None = plan.solved.value(split, "fixings_apart")
    return Mm(0) if least is None else least


def _fills(piece: Piece) -> dict[Axis, Span]:
    return {axis: (float(low), float(high)) for axis, (low, high) in box_of(piece).items()}


def _sides(member: _Board, board: _Board, axis: Axis, slack: float) -> Iterator[int]:
    """On which sides of a board a member ends: before it along the axis, or beyond it."""
    (low, high), (begins, ends) = board.fills[axis], member.fills[axis]
    is_before = low - slack <= ends <= high and begins < low
    is_beyond = low <= begins <= high + slack and ends > high
    if not (is_before or is_beyond):
        return
    both = ((member.fills[a], board.fills[a]) for a in AXES if a != axis)
    if all(min(one[1], other[1]) - max(one[0], other[0]) > slack for one, other in both):
        yield from [-1] * is_before + [1] * is_beyond


def _apart(first: _Board, second: _Board, least: float) -> Mm | None:
    """How near fasteners of two members come, along the board or across it, whichever is more; none if far enough."""
    assert first.piece.stand is not None
    thick, width = first.piece.stand.thick, first.piece.stand.width
    across = abs(sum(first.fills[thick]) - sum(second.fills[thick])) / 2
    if across >= least - HAIR:
        return None
    begins = first.fills[width][0] - second.fills[width][0]
    along = min(abs(begins + a - b) for a, b in product(first.places, second.places))
    apart = max(across, along)
    return Mm(round(apart * 64), 64) if apart < least - HAIR else None
