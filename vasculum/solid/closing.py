"""What closes or agrees in a plan put together: corners of boxes, fronts over openings, runner lines. Float mm."""

from __future__ import annotations

from collections.abc import Iterable, Mapping
from math import isfinite

from vasculum.plan.laying.solving import SolvedPlan, nearest_key
from vasculum.plan.making.meeting import Meeting
from vasculum.plan.making.piece import Piece
from vasculum.solid.solids import LEAST, Solid, cuboids_of

CORNERS = (
    ("box_front", "side_left"),
    ("box_front", "side_right"),
    ("box_back", "side_left"),
    ("box_back", "side_right"),
)


def joints(plan: SolvedPlan, pieces: Iterable[Piece], solids: Mapping[str, Solid]) -> list[Meeting]:
    """Corners of boxes that stand open by more than what snapping may leave on one side."""
    by_id = {piece.id: piece for piece in pieces}
    found = []
    for place in dict.fromkeys(piece.id.partition("/")[0] for piece in by_id.values() if piece.role == "side_left"):
        for ends in CORNERS:
            first, second = (by_id.get(f"{place}/{role}") for role in ends)
            if first is None or second is None:
                continue
            a, b = solids.get(first.id), solids.get(second.id)
            gap = 0.0 if a is None or b is None else _gap(a, b)
            # of a board that a hole takes all of nothing stands there: the hole is what is wrong
            if a is not None and isfinite(gap) and gap > _promised(plan, place, ends[0]) + LEAST:
                middle = a.box.low if ends[1] == "side_left" else a.box.high
                found.append(Meeting(first.space, first.id, second.id, "gapes", middle, (gap, 0.0, 0.0)))
    return found


def _promised(plan: SolvedPlan, place: str, end: str) -> float:
    """What a corner may stand open by: nothing in front, behind half of what snapping takes of a back."""
    if end == "box_front":
        return 0.0
    names = ("increment", "thickness_increment")
    return float(min(plan.solved.value(*nearest_key(plan, place, name)) for name in names)) / 2


def _gap(a: Solid, b: Solid) -> float:
    """The least distance between two boards, mm."""
    (x, y, z), (to_x, to_y, to_z) = a.box.low, b.box.low
    return cuboids_of(a.shape).gap(cuboids_of(b.shape), (to_x - x, to_y - y, to_z - z))


FRONTS = ("front", "false_front")


TAKEN = ("face_taken_left", "face_taken_right", "face_taken_below", "face_taken_above", "edge_allowance")
"""What a front leaves open on purpose: for what stands in its plane, and for fingers over a pull on its edge."""


def _or_nothing(plan: SolvedPlan, place: str, name: str) -> float:
    return float(plan.solved.value(place, name) or 0) if (place, name) in plan.solved.quantities else 0.0


def covers(plan: SolvedPlan, pieces: Iterable[Piece], solids: Mapping[str, Solid]) -> list[Meeting]:
    """Fronts that leave more of their opening open on an edge than the gap, and half of what cutting snaps.

    Under a column of fronts all of what cutting leaves may stand. Towards an open row the next front may stand where
    the edge of the opening is.
    """
    fronts = [piece for piece in pieces if piece.role in FRONTS and piece.id in solids]
    found = []
    for piece in fronts:
        cell, box = piece.id.partition("/")[0], solids[piece.id].box
        names = ("cell_from_left", "cell_width", "cell_from_floor", "cell_height", "gap", "increment")
        taken = {name: _or_nothing(plan, cell, name) for name in TAKEN}
        left, wide, floor, high, gap, increment = (
            float(plan.solved.value(*nearest_key(plan, cell, name))) for name in names
        )
        kinds = plan.laid.places[cell].kinds
        others = [solids[one.id].box for one in fronts if one is not piece and one.space == piece.space]
        beside = [one for one in others if min(one.high[0], box.high[0]) - max(one.low[0], box.low[0]) > LEAST]
        below = [box.low[2] - one.high[2] for one in beside if one.high[2] <= box.low[2]]
        above = [one.low[2] - box.high[2] for one in beside if one.low[2] >= box.high[2]]
        edges = {
            (left, floor + high / 2): box.low[0] - left - taken["face_taken_left"],
            (left + wide, floor + high / 2): left + wide - box.high[0] - taken["face_taken_right"],
            (left + wide / 2, floor): min([box.low[2] - floor, *(below if "below.open" in kinds else ())])
            - taken["face_taken_below"],
            (left + wide / 2, floor + high): min(
                [floor + high - box.high[2], *(above if "above.open" in kinds else ())]
            )
            - taken["face_taken_above"]
            - taken["edge_allowance"],
        }
        for (across, up), uncovered in edges.items():
            snapped = increment if up == floor and "front_snap.stacked" in kinds else increment / 2
            if uncovered > gap + snapped + LEAST:
                by = (uncovered, 0.0, 0.0)
                found.append(Meeting(piece.space, piece.id, piece.id, "uncovers", (across, box.low[1], up), by))
    return found


MEMBER_ON_LINE = {"upper_line_on_wall": "member_upper"}
"""The member that hangs on a line, where it is not the pair that every box has."""


def lines(plan: SolvedPlan, every: Iterable[Piece]) -> list[Meeting]:
    """Runner lines on boxes that do not meet the middle of the member beside them."""
    by_id = {piece.id: piece for piece in every}
    found = []
    for piece in by_id.values():
        hand = piece.role.partition("_")[2]
        place = piece.id.partition("/")[0]
        for cut in piece.cuts:
            member = by_id.get(f"{place}/{MEMBER_ON_LINE.get(cut.rule.at, 'member')}_{hand}")
            if member is None or member.stand is None or member.size is None or piece.stand is None:
                continue
            if cut.rule.what == "line":
                on_piece = piece.stand.up + plan.solved.value(*cut.keys[cut.rule.at])
                in_space = member.stand.up + member.size[1] / 2
                if abs(on_piece - in_space) > LEAST:
                    at = (float(piece.stand.across), float(piece.stand.back), float(on_piece))
                    by = (0.0, 0.0, float(abs(on_piece - in_space)))
                    found.append(Meeting(piece.space, piece.id, member.id, "lines differ", at, by))
    return found
