"""Dados for members that are let into the boards they end at: where both stand says where the dado is. Exact mm.

How deep it goes is the member's own quantity; a member that goes deeper than its dado meets its host in the proof.
"""

from __future__ import annotations

from collections.abc import Iterator

from vasculum.core.flow import AXES, TOWARDS, CutRule
from vasculum.core.flow.things import Axis, Datum
from vasculum.core.lengths import Mm
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.making.piece import Cut, Piece

Span = tuple[Mm, Mm]
Box = dict[Axis, Span]
LOW_END: dict[Axis, Datum] = {"across": "left", "back": "front", "up": "lower"}
"""The end from which dados are told."""
BEGINS_BY: dict[Axis, str] = {"across": "cell_from_left", "back": "divider_set_back", "up": "cell_from_floor"}
"""What says where a member stands along each axis."""


def without_housings(piece: Piece) -> Piece:
    """A piece without what is cut for its neighbours."""
    own = tuple(cut for cut in piece.cuts if not cut.stood)
    return piece if len(own) == len(piece.cuts) else piece._replace(cuts=own)


def with_housings(plan: SolvedPlan, pieces: list[Piece]) -> list[Piece]:
    """Every piece, with dados for those that are let into it."""
    members = [one for one in pieces if one.let_in is not None and _depth(plan, one) > 0]
    if not members:
        return pieces
    boards = [one for one in pieces if one.stand is not None and one.size is not None and one.rule.stock]
    into: dict[str, list[Cut]] = {}
    for member in members:
        for end, is_low in ((end, is_low) for end in _ends(plan, member) for is_low in (True, False)):
            for host in boards:
                if host.space == member.space and host.id != member.id and _holds(host, end[0 if is_low else 1]):
                    into.setdefault(host.id, []).append(_dado(plan, member, host, is_low))
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


def _ends(plan: SolvedPlan, member: Piece) -> Iterator[tuple[Box, Box]]:
    """What the low and the high end of a member fill of the boards that they are let into."""
    box, depth = box_of(member), _depth(plan, member)
    if box and member.stand is not None:
        axis = member.stand.length
        low, high = box[axis]
        yield {**box, axis: (low, low + depth)}, {**box, axis: (high - depth, high)}


def _holds(host: Piece, end: Box) -> bool:
    """Whether an end stands in a board, whose face it goes through."""
    box = box_of(host)
    return all(min(box[axis][1], end[axis][1]) > max(box[axis][0], end[axis][0]) for axis in AXES)


def _dado(plan: SolvedPlan, member: Piece, host: Piece, is_low: bool) -> Cut:
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
