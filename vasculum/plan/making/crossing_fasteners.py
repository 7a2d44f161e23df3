"""Fasteners that go into one board from both of its sides, nearer to each other than they may stand. No words."""

from __future__ import annotations

from collections.abc import Iterator
from itertools import combinations, product
from typing import NamedTuple

from vasculum.core.flow.things import AXES, Axis
from vasculum.core.lengths import Mm
from vasculum.plan.laying.solving import SolvedPlan, nearest_key
from vasculum.plan.making.housings import Box, box_of, fixings_of, slack_of
from vasculum.plan.making.piece import Piece
from vasculum.plan.making.pieces import pieces_of


class Crossing(NamedTuple):
    """Two members that end on both sides of one board, how near their fasteners come there, and what is wanted."""

    board: Piece
    first: Piece
    second: Piece
    apart: Mm
    least: Mm


def crossing_fasteners(plan: SolvedPlan) -> Iterator[Crossing]:
    """Every pair of members whose fasteners meet in the board between them."""
    members = [one for one in pieces_of(plan) if box_of(one) and fixings_of(plan, one)]
    if len(members) < 2:
        return
    for board in (one for one in pieces_of(plan) if one.stand is not None and not one.rule.moves and box_of(one)):
        ends = [(one, side) for one in members for side in _sides(plan, one, board)]
        for (first, side), (second, other) in combinations(ends, 2):
            if side == other:
                continue
            least = plan.solved.value(*nearest_key(plan, first.place, "least_stagger"))
            apart = _apart(plan, first, second)
            if least is not None and apart < least:
                yield Crossing(board, first, second, apart, least)


def _sides(plan: SolvedPlan, member: Piece, board: Piece) -> Iterator[int]:
    """On which sides of a board a member ends: below or left of it, or beyond it."""
    if member.space != board.space or member.id == board.id or member.stand is None or board.stand is None:
        return
    axis = member.stand.length
    if axis != board.stand.thick:
        return
    box, at = box_of(member), box_of(board)
    slack = slack_of(plan)
    if not all(min(box[a][1], at[a][1]) - max(box[a][0], at[a][0]) > slack for a in AXES if a != axis):
        return
    yield from _ends_there(box, at, axis, slack)


def _ends_there(box: Box, at: Box, axis: Axis, slack: Mm) -> Iterator[int]:
    if at[axis][0] - slack <= box[axis][1] <= at[axis][1] and box[axis][0] < at[axis][0]:
        yield -1
    if at[axis][0] <= box[axis][0] <= at[axis][1] + slack and box[axis][1] > at[axis][1]:
        yield 1


def _apart(plan: SolvedPlan, first: Piece, second: Piece) -> Mm:
    """How near fasteners of two members come, along the board or across it, whichever is more."""
    one, other = box_of(first), box_of(second)
    assert first.stand is not None
    across = abs(sum(one[first.stand.thick], Mm(0)) - sum(other[first.stand.thick], Mm(0))) / 2
    width = first.stand.width
    pairs = product(fixings_of(plan, first), fixings_of(plan, second))
    along = min(abs(one[width][0] + a - other[width][0] - b) for a, b in pairs)
    return max(across, along)
