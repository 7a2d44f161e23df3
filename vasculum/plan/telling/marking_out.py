"""Where boards meet on each other, as lines to mark: from one datum along and across each board. Words and numbers.

It follows from where the pieces stand: a board is marked where another one ends on it, or is let into it.
"""

from __future__ import annotations

from collections.abc import Iterator
from typing import NamedTuple

from vasculum.core.flow.things import AXES, Axis
from vasculum.core.lengths import Mm, show, show_with_unit
from vasculum.plan.document import Model
from vasculum.plan.laying.layout import marks_from_back
from vasculum.plan.laying.solving import SolvedPlan, nearest_key
from vasculum.plan.making.housings import box_of, fixings_of, slack_of
from vasculum.plan.making.piece import STRIPS, Piece
from vasculum.plan.making.pieces import pieces_of
from vasculum.plan.telling.words import place_name


class MarkedLine(Model):
    """One board on another: where its nearer face and its middle are, and from where to where it runs."""

    member: str
    near: str
    middle: str
    begins: str
    ends: str
    holes: str
    """Where its fasteners stand along the line, from the same edge as where it begins; empty where it has none."""


class BoardMarked(Model):
    """The lines of one board that are measured from one datum and run the same way."""

    piece: str
    """The id of the piece."""
    board: str
    measured: str
    """*from the left end*"""
    run: str
    """*from the back edge*"""
    lines: list[MarkedLine]


class _Board(NamedTuple):
    piece: Piece
    low: dict[Axis, Mm]
    high: dict[Axis, Mm]
    thick: Axis


def marked_out(plan: SolvedPlan) -> list[BoardMarked]:
    """Every board on which another one ends, with its lines in order."""
    found: list[BoardMarked] = []
    for space in plan.plan.space_order:
        boards = [*_boards(plan, space)]
        is_from_back = marks_from_back(plan.plan, space)
        for board in boards:
            found += _lines(plan, board, boards, is_from_back)
    return found


def drilled(plan: SolvedPlan) -> list[str]:
    """How deep dowel holes are, where the drill stops, and how the jig is packed: a line for each place."""
    found = []
    for place in plan.laid.places:
        sizes = {name: _said(plan, place, name) for name in DRILLED}
        if not sizes["dowel_face_depth"]:
            continue
        parts = [
            f"{sizes[f'dowel_{where}_depth']} deep in {where}s"
            + (f" with the stop at {sizes[f'drill_stop_{where}']}" if sizes[f"drill_stop_{where}"] else "")
            for where in ("face", "edge")
        ]
        packing = f"; pack the jig {sizes['jig_packing']} off its fence" if sizes["jig_packing"] else ""
        name = place_name(plan.plan, place)
        found.append(f"Dowel holes of {name}, {sizes['dowel_diameter']} thick: {', '.join(parts)}{packing}.")
    return found


DRILLED = (
    "dowel_diameter", "dowel_face_depth", "dowel_edge_depth", "drill_stop_face", "drill_stop_edge", "jig_packing",
)  # fmt: skip


def _said(plan: SolvedPlan, place: str, name: str) -> str:
    """A size of this place itself; empty where it has none."""
    one = plan.solved.quantities.get((place, name))
    return "" if one is None or one.value is None else show_with_unit(one.value, plan.plan.units.length)


def _boards(plan: SolvedPlan, space: str) -> Iterator[_Board]:
    for piece in pieces_of(plan):
        if piece.space != space or piece.rule.moves or piece.rule.stock in STRIPS:
            continue
        if piece.stand is None or piece.size is None:
            continue
        box = box_of(piece)
        low, high = ({axis: box[axis][end] for axis in AXES} for end in (0, 1))
        yield _Board(piece, low, high, piece.stand.thick)


def _lines(plan: SolvedPlan, board: _Board, others: list[_Board], is_from_back: bool) -> Iterator[BoardMarked]:
    """The lines on one board, those along each of its axes together."""
    slack = slack_of(plan)
    met = [one for one in others if one is not board and _ends_on(one, board, slack + _play(plan, one))]
    for across in AXES:
        of_it = [one for one in met if one.thick == across]
        if not of_it:
            continue
        (along,) = (axis for axis in AXES if axis not in (board.thick, across))
        lines = [_line(plan, board, one, across, along, is_from_back) for one in of_it]
        yield BoardMarked(
            piece=board.piece.id,
            board=_named(plan, board.piece),
            measured=_datum(across, is_from_back),
            run=_datum(along, is_from_back),
            lines=[line for _, line in sorted(lines, key=lambda one: one[0])],
        )


def _line(
    plan: SolvedPlan, board: _Board, one: _Board, across: Axis, along: Axis, is_from_back: bool
) -> tuple[tuple[Mm, Mm], MarkedLine]:
    """A line in words, and by what it is put in order."""
    unit = plan.plan.units.length
    near, far = _from(board, one, across, is_from_back)
    begins, ends = _from(board, one, along, is_from_back)
    said = [show(size, unit) for size in (near, (near + far) / 2, begins, ends)]
    holes = " · ".join(show(hole, unit) for hole in _holes(plan, board, one, along, is_from_back))
    line = MarkedLine(
        member=_named(plan, one.piece), near=said[0], middle=said[1], begins=said[2], ends=said[3], holes=holes
    )
    return (near, begins), line


def _play(plan: SolvedPlan, one: _Board) -> Mm:
    """How far a board stays off what it ends at."""
    if one.piece.fixed_at is None:
        return Mm(0)
    play: Mm | None = plan.solved.value(*nearest_key(plan, one.piece.fixed_at[0], "divider_play"))
    return Mm(0) if play is None else play


def _holes(plan: SolvedPlan, board: _Board, one: _Board, along: Axis, is_from_back: bool) -> list[Mm]:
    """Where the fasteners of a board stand on another, which they go into or through."""
    places = fixings_of(plan, one.piece)
    if is_from_back and along == "back":
        return sorted(board.high[along] - one.low[along] - place for place in places)
    return [one.low[along] - board.low[along] + place for place in places]


def _ends_on(one: _Board, board: _Board, slack: Mm) -> bool:
    """Whether a board that stands square to another ends on its face, or is let into it; cutting may leave a hair."""
    if one.thick == board.thick:
        return False
    at = board.thick
    touches = any(board.low[at] - slack <= end <= board.high[at] + slack for end in (one.low[at], one.high[at]))
    beside = (axis for axis in AXES if axis != at)
    return touches and all(min(one.high[a], board.high[a]) - max(one.low[a], board.low[a]) > slack for a in beside)


def _from(board: _Board, one: _Board, axis: Axis, is_from_back: bool) -> tuple[Mm, Mm]:
    """The nearer and the farther end of something along an axis of a board, from its datum; none outside the board."""
    low, high = max(one.low[axis], board.low[axis]), min(one.high[axis], board.high[axis])
    if axis == "back" and is_from_back:
        return (board.high[axis] - high, board.high[axis] - low)
    return (low - board.low[axis], high - board.low[axis])


def _datum(axis: Axis, is_from_back: bool) -> str:
    if axis == "back":
        return f"from the {'back' if is_from_back else 'front'} edge"
    return {"across": "from the left end", "up": "from the lower end"}[axis]


def _named(plan: SolvedPlan, piece: Piece) -> str:
    mark = plan.plan.marks.get(piece.id)
    return f"{piece.rule.title} {mark}" if mark else piece.rule.title
