"""The walls of a box from above, cut through where the sides have a finger or a tail: each piece as it is joined."""

from __future__ import annotations

from collections.abc import Iterator
from fractions import Fraction
from itertools import pairwise

from vasculum.core.flow import Stand, key_text
from vasculum.core.flow.things import CutKind
from vasculum.core.lengths import Mm
from vasculum.drawing.primitives import Point, Polyline, Primitive
from vasculum.drawing.sizes import Sizes
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.making.piece import Cut, Piece
from vasculum.plan.making.pieces import pieces_of
from vasculum.plan.making.regions import Region, is_across, regions

ZERO = Fraction(0)
LOST_THERE = {"fingers": 0, "tails": 1}
"""Of what interlocks, the part that is cut away at this height: the first of its kind."""


def walls_from_above(at: Sizes, corner: Point) -> Iterator[Primitive]:
    """Front, back and both sides; ``corner`` is the left end of the outer face of the front."""
    begins = at.all_of("box_from_left", "set_back", "outside_depth")
    if begins is None:
        return
    shift = (corner[0] - begins[0], corner[1] - begins[1])
    for piece in sorted(_walls(at), key=lambda one: one.role.startswith("side")):
        outline = tuple((x + shift[0], y + shift[1]) for x, y in _footprint(at.plan, piece))
        yield Polyline("cut", "box", outline, True, key_text(piece.length))


def interlocked_from_above(at: Sizes) -> Iterator[tuple[CutKind, Point, Point]]:
    """How the left side interlocks with the front, and between which corners, from the front left one of the box."""
    begins = at.all_of("box_from_left", "set_back")
    side = next((one for one in _walls(at) if one.role == "side_left"), None)
    if begins is None or side is None or side.stand is None or side.size is None:
        return
    for cut in side.cuts:
        interlocks = cut.rule.count and "front" in cut.rule.datums
        for one in regions(at.plan, side, cut)[:1] if interlocks else []:
            corners = (_in_space(side.stand, side.size[2], *ends) for ends in zip(one.along, one.deep, strict=True))
            (x, y), (to_x, to_y) = ((x - begins[0], y - begins[1]) for x, y in corners)
            yield cut.rule.what, (min(x, to_x), min(y, to_y)), (max(x, to_x), max(y, to_y))


def _walls(at: Sizes) -> list[Piece]:
    return [one for one in pieces_of(at.plan) if one.place == at.place and one.rule.moves and _is_wall(one)]


def _is_wall(piece: Piece) -> bool:
    """Whether it stands on its edge, and is no face before the box."""
    stand = piece.stand
    return stand is not None and piece.size is not None and stand.width == "up" and piece.role != "front"


def _footprint(plan: SolvedPlan, piece: Piece) -> list[Point]:
    """The outline of a standing piece from above, with what is cut across it."""
    stand, size = piece.stand, piece.size
    if stand is None or size is None:
        return []
    taken = [one for cut in piece.cuts if _is_met(piece, cut) for one in regions(plan, piece, cut)]
    spans = list(_spans(taken, size[0], size[2]))
    inner = [(along, low) for start, end, low, _ in spans for along in (start, end)]
    outer = [(along, high) for start, end, _, high in reversed(spans) for along in (end, start)]
    return [_in_space(stand, size[2], along, deep) for along, deep in (*inner, *outer)]


def _is_met(piece: Piece, cut: Cut) -> bool:
    """Whether a cut across a piece is there at the height that is looked at."""
    return is_across(piece, cut.rule.datums[0]) and LOST_THERE.get(cut.rule.what, cut.rule.first) == cut.rule.first


def _spans(taken: list[Region], length: Mm, thickness: Mm) -> Iterator[tuple[Mm, Mm, Mm, Mm]]:
    """Along the piece: from where to where, and what is left between its inside and its outside face."""
    places = sorted({ZERO, length, *(end for one in taken for end in one.along)})
    for start, end in pairwise(places):
        low, high = ZERO, thickness
        for one in taken:
            if one.along[0] <= start and end <= one.along[1]:
                low = max(low, one.deep[1]) if one.deep[0] == 0 else low
                high = min(high, one.deep[0]) if one.deep[0] > 0 else high
        if low < high:
            yield start, end, low, high


def _in_space(stand: Stand, thickness: Mm, along: Mm, deep: Mm) -> Point:
    away = thickness - deep if stand.inside > 0 else deep
    if stand.length == "across":
        return (stand.across + along, stand.back + away)
    return (stand.across + away, stand.back + along)
