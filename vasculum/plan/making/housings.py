"""Dados for members that are let into the boards they end at: where both stand says where the dado is. Exact mm.

How deep it goes is the member's own quantity; a member that goes deeper than its dado meets its host in the proof.
"""

from __future__ import annotations

from vasculum.core.flow import AXES, TOWARDS, CutRule
from vasculum.core.flow.things import Axis, Datum
from vasculum.core.lengths import Mm
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.making.piece import STRIPS, Cut, Piece

Span = tuple[Mm, Mm]
Box = dict[Axis, Span]
LOW_END: dict[Axis, Datum] = {"across": "left", "back": "front", "up": "lower"}
"""The end from which dados are told."""
BEGINS_BY: dict[Axis, str] = {"across": "cell_from_left", "up": "cell_from_floor"}
"""What says where an upright, or a lying member stands."""


def without_housings(piece: Piece) -> Piece:
    """A piece without what is cut for its neighbours."""
    own = tuple(cut for cut in piece.cuts if not cut.stood)
    return piece if len(own) == len(piece.cuts) else piece._replace(cuts=own)


def with_housings(plan: SolvedPlan, pieces: list[Piece]) -> list[Piece]:
    """Every piece, with dados for those that are let into it.

    A board holds what runs into its face. What comes out with a drawer, and strips, hold nothing: they would be met.
    """
    members = [(one, depth) for one in pieces if (depth := _depth(plan, one)) > 0 and one.stand is not None]
    if not members:
        return pieces
    hosts: dict[tuple[str, Axis], list[tuple[Piece, Box]]] = {}
    for one in pieces:
        is_board = bool(one.rule.stock) and one.rule.stock not in STRIPS and not one.rule.moves
        if is_board and one.stand is not None and (box := box_of(one)):
            hosts.setdefault((one.space, one.stand.thick), []).append((one, box))
    into: dict[str, list[Cut]] = {}
    for member, depth in members:
        box = box_of(member)
        if member.stand is None or not box:
            continue
        axis = member.stand.length
        low, high = box[axis]
        for is_low, end in ((True, (low, low + depth)), (False, (high - depth, high))):
            for host, at in hosts.get((member.space, axis), []):
                if host.id != member.id and _holds(at, {**box, axis: end}):
                    into.setdefault(host.id, []).append(_dado(member, host, is_low))
    return [one._replace(cuts=(*one.cuts, *into[one.id])) if one.id in into else one for one in pieces]


def box_of(piece: Piece) -> Box:
    """What a piece fills along each axis, its bands and all; nothing while it stands nowhere."""
    stand, size = piece.stand, piece.size
    if stand is None or size is None:
        return {}
    reach = dict(zip(AXES, stand.extent(*size), strict=True))
    for edge in piece.bands:
        reach[TOWARDS[edge][0]] += piece.banded_by
    corner = dict(zip(AXES, (stand.across, stand.back, stand.up), strict=True))
    return {axis: (corner[axis], corner[axis] + reach[axis]) for axis in AXES}


def fixings_of(plan: SolvedPlan, piece: Piece) -> tuple[Mm, ...]:
    """Where the fasteners of a piece stand along its ends, from its front edge."""
    found: tuple[Mm, ...] | None = None if piece.fixed_at is None else plan.solved.value(*piece.fixed_at)
    return found or ()


def slack_of(plan: SolvedPlan) -> Mm:
    """How far cutting down to the increments may leave a board off what it ends at."""
    return plan.plan.length(plan.plan.units.increment) + plan.plan.length(plan.plan.units.thickness_increment)


def _depth(plan: SolvedPlan, member: Piece) -> Mm:
    value = None if member.let_in is None else plan.solved.value(*member.let_in)
    return Mm(0) if value is None else value


def _holds(board: Box, end: Box) -> bool:
    """Whether an end stands in a board."""
    return all(board[axis][0] < end[axis][1] and end[axis][0] < board[axis][1] for axis in AXES)


def _dado(member: Piece, host: Piece, is_low: bool) -> Cut:
    """The dado of one end: across its host where the member runs front to back, stopped where it stands back."""
    box, at = box_of(member), box_of(host)
    assert member.stand is not None
    assert host.stand is not None
    thick, along = member.stand.thick, member.stand.width
    near, begins, ends = box[thick][0] - at[thick][0], box[along][0] - at[along][0], box[along][1] - at[along][0]
    is_stopped = begins > 0 or box[along][1] < at[along][1]
    faces_up = host.stand.inside > 0
    rule = CutRule(
        "dado",
        host.rule.kinds,
        host.role,
        f"Dado for {member.rule.title.lower()}",
        "inside" if faces_up == is_low else "outside",
        (LOW_END[thick],),
        at="near",
        width="thickness",
        depth="let_in",
        begins="begins" if is_stopped else "",
        length="runs" if is_stopped else "",
    )
    place = member.id.partition("/")[0]
    stood = {"near": near}
    keys = {"near": (place, BEGINS_BY[thick]), "thickness": member.thickness, "let_in": member.let_in}
    if is_stopped:
        begins = max(begins, Mm(0))
        stood |= {"begins": begins, "runs": ends - begins}
        keys |= {"begins": member.width, "runs": member.width}
    return Cut(rule, {name: key for name, key in keys.items() if key is not None}, stood)
