"""Cut-outs in what is pushed in past something at its sides: found from where both stand. Exact mm.

A rack in a case of its own is notched past what stands in the way at the left or right, with the usual air around it.
"""

from __future__ import annotations

from collections.abc import Iterator

from vasculum.core.flow import CutRule
from vasculum.core.lengths import Mm
from vasculum.core.rules.organizers.rack import CASE, FIRST, HIGH, LOW
from vasculum.plan.document import Obstruction
from vasculum.plan.laying.crossings import leans
from vasculum.plan.laying.solving import SolvedPlan, nearest_key
from vasculum.plan.making.housings import LOW_END, Box, box_of
from vasculum.plan.making.piece import Cut, Piece

NOTCHED = frozenset({*CASE, *FIRST, *HIGH, *LOW})
"""What gives way: a divider is not notched, it would fall out."""
TITLE = "Notch past what stands in the way"


def with_notches(plan: SolvedPlan, pieces: list[Piece]) -> list[Piece]:
    """Every piece, with notches in the cases of racks."""
    cased = {place for place, one in plan.laid.places.items() if "rack_made.case" in one.kinds}
    if not cased:
        return pieces
    return [_notched(plan, one) if one.place in cased and one.role in NOTCHED else one for one in pieces]


def _notched(plan: SolvedPlan, piece: Piece) -> Piece:
    box = box_of(piece)
    if not box:
        return piece
    cuts = [
        _cut(piece, box, id_, there)
        for id_, one in plan.plan.obstructions.items()
        if one.space == piece.space
        for there in _room_of(plan, piece, one)
        if all(box[axis][0] < there[axis][1] and there[axis][0] < box[axis][1] for axis in box)
    ]
    return piece._replace(cuts=(*piece.cuts, *cuts)) if cuts else piece


def _room_of(plan: SolvedPlan, piece: Piece, one: Obstruction) -> Iterator[Box]:
    """The room of something that stands in straight from the left or right, and the air around it."""
    if one.on not in ("left", "right") or leans(one) or one.profile:
        return
    names = ("niche_from_left", "niche_from_front", "niche_from_floor", "niche_width", "niche_depth", "niche_height")
    values = [plan.solved.value(*nearest_key(plan, piece.space, name)) for name in (*names, "obstruction_clearance")]
    if None in values:
        return
    left, front, floor, wide, deep, high, air = values

    def said(text: str | None, otherwise: Mm) -> Mm:
        return otherwise if text is None else plan.plan.length(text)

    begins, low = said(one.from_front, Mm(0)), said(one.from_floor, Mm(0))
    ends, top = begins + said(one.depth, deep - begins), low + said(one.height, high - low)
    out = plan.plan.length(one.projection) + air
    across = (left, left + out) if one.on == "left" else (left + wide - out, left + wide)
    yield {
        "across": across,
        "back": (front + begins - air, front + ends + air),
        "up": (floor + low - air, floor + top + air),
    }


def _cut(piece: Piece, box: Box, obstruction: str, there: Box) -> Cut:
    """What is sawn out of one piece, all through its thickness."""
    assert piece.stand is not None
    long, wide = piece.stand.length, piece.stand.width
    (at, to), (begins, ends) = (
        (max(there[axis][0], box[axis][0]) - box[axis][0], min(there[axis][1], box[axis][1]) - box[axis][0])
        for axis in (long, wide)
    )
    rule = CutRule(
        "cutout",
        piece.rule.kinds,
        piece.role,
        TITLE,
        "through",
        (LOW_END[long],),
        at="at",
        width="wide",
        begins="begins",
        length="long",
    )
    keys = dict.fromkeys(("at", "wide", "begins", "long"), (obstruction, "projection"))
    return Cut(rule, keys, {"at": at, "wide": to - at, "begins": begins, "long": ends - begins})
