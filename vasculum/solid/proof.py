"""The second road: a solved plan put together in space, and asked whether anything meets.

Every piece with its cuts, the members of runners, walls and things in the way as measured; each drawer is also drawn
out along its whole way. What is asked once of two shapes at one distance is remembered: typing asks little anew.
"""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass, replace
from functools import lru_cache
from typing import Literal

import numpy as np

from vasculum.core.lengths import Mm
from vasculum.plan.laying.solving import SolvedPlan, nearest_key
from vasculum.plan.making.meeting import How, Meeting, Point, Proof
from vasculum.plan.making.pieces import made_of
from vasculum.plan.telling.assembled import SURROUNDINGS
from vasculum.solid.closing import covers, joints, lines
from vasculum.solid.solids import LEAST, Box, Shape, Solid, Vector, cuboids_of, solid_of
from vasculum.solid.surroundings import doors, surroundings

AHEAD, BACK = 1, -1
"""Which way a drawer comes out, and a tray slides back in it."""
FINEST_STEP = 2.0
"""A piece with cuts is drawn past another in steps no longer than what it passes, and no shorter than this, mm."""


@dataclass(frozen=True)
class _Standing:
    """One solid with what the proof has to know of it."""

    solid: Solid
    place: str
    moves: bool
    is_wall: bool
    counts: Literal["always", "at rest", "on the way"] = "always"
    """A door sweeps while drawers are shut, and stands open while one comes out."""


def prove(plan: SolvedPlan) -> Proof:
    """Put a plan together; worked out once for each solution."""
    kept: Proof | None = plan.kept.get("proof")
    if kept is None:
        kept = plan.kept["proof"] = _proved(plan)
    return kept


def travel_of(plan: SolvedPlan, place: str) -> Mm | None:
    """How far what moves at a place comes out: as far as its runners are long."""
    travel: Mm | None = plan.solved.value(*nearest_key(plan, place, "runner_length"))
    return travel


def carried(before: SolvedPlan, after: SolvedPlan) -> Proof:
    """The proof of a plan as it stands for one that is only looked at, less what speaks of things that are gone."""
    proof = prove(before)
    if not proof.meetings:
        return proof
    there = made_of(after).by_id.keys() | after.plan.obstructions.keys()
    there |= {f"{space}/{wall}" for space in after.plan.spaces for wall in SURROUNDINGS}
    return replace(proof, meetings=tuple(one for one in proof.meetings if {one.first, one.second} <= there))


def _proved(plan: SolvedPlan) -> Proof:
    made = made_of(plan)
    standing: dict[str, list[_Standing]] = {space: [] for space in plan.plan.space_order}
    solids: dict[str, Solid] = {}
    loose: list[str] = []
    waiting: list[str] = []
    pieces = 0
    for piece in (*made.pieces, *made.bodies):
        solid = solid_of(plan, piece)
        if solid is None:
            (waiting if piece.size is None or piece.rule.needs else loose).append(piece.id)
            continue
        solids[piece.id] = solid
        pieces += bool(piece.rule.stock)
        part = plan.plan.own_parts.get(piece.place)
        is_wall = part is not None and part.is_wall
        standing[piece.space].append(_Standing(solid, piece.id.partition("/")[0], piece.rule.moves, is_wall))
    meetings: list[Meeting] = []
    for space, own in standing.items():
        swept, leaves = doors(plan, space)
        walls = [_Standing(one, "", False, True) for one in surroundings(plan, space)]
        walls += [_Standing(one, "", False, True, "at rest") for one in swept]
        walls += [_Standing(one, "", False, True, "on the way") for one in leaves]
        meetings += _meetings(plan, space, [*own, *walls])
    meetings += joints(plan, made.pieces, solids) + lines(plan, (*made.pieces, *made.bodies))
    meetings += covers(plan, made.pieces, solids)
    return Proof(pieces, tuple(loose), tuple(waiting), tuple(meetings))


# ---- at rest, and drawn out --------------------------------------------------------------------------------------


def _meetings(plan: SolvedPlan, space: str, every: list[_Standing]) -> list[Meeting]:
    if not every:
        return []
    at_rest = [one for one in every if one.counts != "on the way"]
    found = [meeting for a, b in _pairs(at_rest) if (meeting := _at_rest(space, a, b))]
    met = {frozenset((one.first, one.second)) for one in found}
    for place in dict.fromkeys(one.place for one in every if one.moves):
        passed = [one for one in every if one.counts != "at rest"]
        for slides, way, travel in _travels(plan, place):
            if travel is not None:
                on_its_way = _way_out(space, passed, f"{place}/{slides}", float(travel), way)
                found += [one for one in on_its_way if frozenset((one.first, one.second)) not in met]
    return found


def _travels(plan: SolvedPlan, place: str) -> Iterator[tuple[str, int, Mm | None]]:
    """How what moves at a place begins its names, which way it goes, and how far.

    The drawer comes out; a tray on risers goes back over the rest of the back; an upper tray goes back in its drawer.
    """
    yield "", AHEAD, travel_of(plan, place)
    yield "", BACK, plan.solved.value(place, "tray_travel")
    yield "upper_", BACK, plan.solved.value(place, "upper_travel")


def _pairs(every: list[_Standing]) -> Iterator[tuple[_Standing, _Standing]]:
    """Pairs whose bounds reach into each other."""
    low = np.array([one.solid.box.low for one in every])
    high = np.array([one.solid.box.high for one in every])
    for at in range(len(every) - 1):
        rest = slice(at + 1, None)
        reach = np.minimum(high[at], high[rest]) - np.maximum(low[at], low[rest])
        for other in np.nonzero((reach > LEAST).all(axis=1))[0]:
            first, second = every[at], every[at + 1 + int(other)]
            if not (first.is_wall and second.is_wall):
                yield first, second


def _at_rest(space: str, a: _Standing, b: _Standing) -> Meeting | None:
    shared = _shared(a.solid, b.solid, 0.0)
    return None if shared is None else _meeting(space, a.solid.id, b.solid.id, "meets", shared)


def _meeting(space: str, first: str, second: str, how: How, shared: Box) -> Meeting:
    (x0, y0, z0), (x1, y1, z1) = shared
    at: Point = ((x0 + x1) / 2, (y0 + y1) / 2, (z0 + z1) / 2)
    return Meeting(space, first, second, how, at, (x1 - x0, y1 - y0, z1 - z0))


def _shared(a: Solid, b: Solid, out: float) -> Box | None:
    """The bounds of what two solids share, the first drawn out by so much; None where they share nothing."""
    moved = Box(*((v[0], v[1] - out, v[2]) for v in a.box))
    if min(moved.overlap(b.box)) <= LEAST:
        return None
    if a.is_plain and b.is_plain:
        low = tuple(max(p, q) for p, q in zip(moved.low, b.box.low, strict=True))
        high = tuple(min(p, q) for p, q in zip(moved.high, b.box.high, strict=True))
        return Box((low[0], low[1], low[2]), (high[0], high[1], high[2]))
    apart = tuple(round(q - p, 6) for p, q in zip(moved.low, b.box.low, strict=True))
    shared = _intersection(a.shape, a.outline, b.shape, b.outline, (apart[0], apart[1], apart[2]))
    if shared is None:
        return None
    low, high = (tuple(c + o for c, o in zip(v, moved.low, strict=True)) for v in shared)
    return Box((low[0], low[1], low[2]), (high[0], high[1], high[2]))


@lru_cache(maxsize=16_384)
def _intersection(
    a: Shape, a_outline: tuple[Vector, ...], b: Shape, b_outline: tuple[Vector, ...], apart: Vector
) -> Box | None:
    """What two shapes share, from the corner of the first; cuboids tell at once where it is nothing."""
    if not (a_outline or b_outline or cuboids_of(a).meet(cuboids_of(b), apart)):
        return None
    nothing = (0.0, 0.0, 0.0)
    first, second = Solid("", nothing, a, a_outline), Solid("", nothing, b, b_outline)
    shared = first.built() ^ second.built().translate(apart)
    largest: Box | None = None
    for part in shared.decompose() if shared.volume() > LEAST else []:
        bounds = part.bounding_box()
        box = Box((bounds[0], bounds[1], bounds[2]), (bounds[3], bounds[4], bounds[5]))
        if min(box.overlap(box)) > LEAST and part.volume() > LEAST and (largest is None or _size(box) > _size(largest)):
            largest = box
    return largest


def _size(box: Box) -> float:
    x, y, z = box.overlap(box)
    return x * y * z


def _way_out(space: str, every: list[_Standing], slides: str, travel: float, way: int) -> Iterator[Meeting]:
    """What the moving pieces whose names begin so meet while they come out, or go back."""
    moving = [one for one in every if one.moves and one.solid.id.startswith(slides)]
    still = [one for one in every if not (one.moves and one.solid.id.startswith(slides))]
    low = np.array([one.solid.box.low for one in still])
    high = np.array([one.solid.box.high for one in still])
    for one in moving if still else []:
        room = one.solid.box.stretched(travel * way)
        reach = np.minimum(room.high, high) - np.maximum(room.low, low)
        for at in np.nonzero((reach > LEAST).all(axis=1))[0]:
            other = still[int(at)]
            if met := _passing(one.solid, other.solid, travel, way):
                yield _meeting(space, one.solid.id, other.solid.id, "on its way", met)


def _passing(moving: Solid, still: Solid, travel: float, way: int) -> Box | None:
    """Where one solid meets another on its way, or None."""
    first, last = (moving, still) if way == AHEAD else (still, moving)
    begins = max(0.0, first.box.low[1] - last.box.high[1])
    ends = min(travel, first.box.high[1] - last.box.low[1])
    deep = min(moving.shape.extent[1], still.shape.extent[1])
    cuts = [box.high[1] - box.low[1] for box in (*moving.shape.taken, *still.shape.taken)]
    step = max(min([deep, *cuts]), FINEST_STEP)
    out = begins + min(step / 2, (ends - begins) / 2)
    while out < ends:
        shared = _shared(moving, still, out * way)
        if shared is not None:
            return shared
        out += step
    return None
