"""What a plan is built into, as it was measured: walls, doors, and what stands in the way. Float mm.

Of a case that is built around its inside the boards are pieces; only what stands in the way is added. One that is built
into a space stands between its walls. Of a face frame the inside
behind it counts where it was read; the thickness of the frame itself is not known, and is not there.
"""

from __future__ import annotations

from collections.abc import Iterator
from itertools import pairwise
from math import cos, radians, sin

from vasculum.plan.document import Obstruction
from vasculum.plan.laying.carcass import AXES, has_niche, is_new, niche_sizes
from vasculum.plan.laying.layout import boxes_of
from vasculum.plan.laying.solving import SolvedPlan, nearest_key
from vasculum.solid.solids import Box, Shape, Solid, Vector

WALL = 50.0
"""How thick a wall is taken where nobody said, mm: it only has to be there."""
LEAF = 1.0
"""How thick the leaf of a door is taken, mm, away from the drawers: nobody measures it."""
ARC = 12
"""Chords of the room that a door sweeps through."""


def surroundings(plan: SolvedPlan, space: str) -> list[Solid]:
    """Walls and things in the way of one space; none while its sizes wait."""
    niche = niche_of(plan, space)
    if niche is None:
        return []
    one = plan.plan.spaces[space]
    has_walls = not is_new(plan.plan, one) or has_niche(plan.plan, one)
    found = list(_walls(plan, space, niche)) if has_walls else []
    for id_, thing in plan.plan.obstructions.items():
        if thing.space == space and thing.what != "missing_wall":
            found += _in_the_way(plan, id_, thing, niche)
    return found


def niche_of(plan: SolvedPlan, space: str) -> Box | None:
    """The space as it was measured, around its inside or a case that is built into it; None while its sizes wait."""
    values = [plan.solved.value(*nearest_key(plan, space, name)) for name in (*_CORNER, *_EXTENT)]
    if None in values:
        return None
    corner, extent = [[float(value) for value in part] for part in (values[:3], values[3:])]
    high = [low + size for low, size in zip(corner, extent, strict=True)]
    return Box((corner[0], corner[1], corner[2]), (high[0], high[1], high[2]))


_CORNER = ("niche_from_left", "niche_from_front", "niche_from_floor")
_EXTENT = ("niche_width", "niche_depth", "niche_height")


def _walls(plan: SolvedPlan, space: str, niche: Box) -> Iterator[Solid]:
    """Walls, floor, top and back, of a case that is built there only those that were measured."""
    left, right = (plan.solved.value(space, f"wall_{side}_from_left") for side in ("left", "right"))
    (x0, y0, z0), (x1, y1, z1) = niche
    is_around = has_niche(plan.plan, plan.plan.spaces[space])
    said = plan.solved.value(*nearest_key(plan, space, "standing_wall"))
    wall = WALL if said is None or is_around else float(said)
    known = niche_sizes(plan.plan, plan.plan.spaces[space]) if is_around else set(AXES)
    wide = (x0, x1) if left is None or right is None or is_around else (float(left), float(right))
    if "width" in known and (is_around or left is not None):
        stations = _wider(plan, space) if is_around else [(0.0, 0.0), (1.0, 0.0)]
        for (begins, near), (ends, far), part in zip(stations, stations[1:], ("", "_behind"), strict=False):
            run = (y0 + begins * (y1 - y0), y0 + ends * (y1 - y0))
            for side, x, way in (("left", wide[0], -1.0), ("right", wide[1], 1.0)):
                face = [(x + way * near, run[0]), (x + way * far, run[1])]
                corners = [*face, *((x + way * (wall + near + far), y) for y in run)]
                yield _convex(f"{space}/wall_{side}{part}", [(a, b, z) for a, b in corners for z in (z0, z1)])
    if "height" in known:
        yield _cuboid(f"{space}/floor", (wide[0], y0, z0 - WALL), (wide[1], y1, z0))
        yield _cuboid(f"{space}/top", (wide[0], y0, z1), (wide[1], y1, z1 + WALL))
    if "depth" in known:
        yield _cuboid(f"{space}/back", (wide[0], y1, z0), (wide[1], y1 + WALL, _top_of_back(plan, space, z1)))


def _top_of_back(plan: SolvedPlan, space: str, otherwise: float) -> float:
    """Where the back of a drawer was cut down for a tray, what is left of it."""
    rests = [plan.solved.value(box.id, "back_rest") for box in boxes_of(plan.plan) if box.space == space]
    return min([float(rest) for rest in rests if rest is not None], default=otherwise)


def _wider(plan: SolvedPlan, space: str) -> list[tuple[float, float]]:
    """By how much each wall stands further off than where the space is narrowest, at its front, middle and back.

    Shares of the depth, and mm, of the readings that were taken there; straight between them. As far all along where
    they were not taken at both ends.
    """
    survey = plan.plan.spaces[space].case
    taken = [one for one in plan.plan.readings.values() if one.survey == survey and one.of == "width"]
    at = {
        share: min(float(plan.plan.length(one.value)) for one in taken if one.along == along)
        for along, share in (("front", 0.0), ("middle", 0.5), ("back", 1.0))
        if any(one.along == along for one in taken)
    }
    if not {0.0, 1.0} <= at.keys():
        return [(0.0, 0.0), (1.0, 0.0)]
    narrowest = min(float(plan.plan.length(one.value)) for one in taken)
    return [(share, (width - narrowest) / 2) for share, width in sorted(at.items())]


def doors(plan: SolvedPlan, space: str) -> tuple[list[Solid], list[Solid]]:
    """Of the doors before a space: the room they sweep through, and their leaves as they stand open."""
    told = dict.fromkeys(_door_of(plan, box.id) for box in boxes_of(plan.plan) if box.space == space)
    pairs = [_swinging(space, *one) for one in told if one is not None]
    return [swept for swept, _ in pairs], [leaf for _, leaf in pairs]


Door = tuple[float, float, float, float, float]
"""Where it hangs, to which side it reaches, how wide and how high it is, and by how many degrees it opens."""


def _door_of(plan: SolvedPlan, drawer: str) -> Door | None:
    """The door that stands before a drawer."""
    names = ("door_hangs_at", "door_width", "opening_height", "door_opens")
    hangs_at, width, height, opens = (plan.solved.value(*nearest_key(plan, drawer, name)) for name in names)
    if hangs_at is None or width is None or height is None:
        return None
    way = -1.0 if "door.right" in plan.laid.places[drawer].kinds else 1.0
    return float(hangs_at), way, float(width), float(height), min(float(opens), 180.0)


def _swinging(space: str, hinge: float, way: float, wide: float, top: float, out: float) -> tuple[Solid, Solid]:
    """The room that a door sweeps through, and its leaf when it is open."""

    def at(degrees: float, thick: float = 0.0) -> tuple[float, float]:
        """Across and to the back: the edge of the leaf at an angle from shut, or behind that edge by its thickness."""
        across, ahead = cos(radians(degrees)), sin(radians(degrees))
        return hinge + way * (wide * across - thick * ahead), -wide * ahead - thick * across

    def upright(id_: str, plan_view: list[tuple[float, float]]) -> Solid:
        return _convex(id_, [(x, y, z) for x, y in plan_view for z in (0.0, top)])

    swept = upright(f"{space}/door_swing", [(hinge, 0.0), *(at(out * step / ARC) for step in range(ARC + 1))])
    behind = (hinge + at(out, LEAF)[0] - at(out)[0], at(out, LEAF)[1] - at(out)[1])
    leaf = upright(f"{space}/door_open", [(hinge, 0.0), behind, at(out), at(out, LEAF)])
    return swept, leaf


def _cuboid(id_: str, low: Vector, high: Vector) -> Solid:
    extent = (high[0] - low[0], high[1] - low[1], high[2] - low[2])
    return Solid(id_, low, Shape(extent, ()))


def _in_the_way(plan: SolvedPlan, id_: str, one: Obstruction, opening: Box) -> Iterator[Solid]:
    """A box, a box that leans, or one for each stretch of a profile."""

    def mm(text: str | None, otherwise: float) -> float:
        return otherwise if text is None else float(plan.plan.length(text))

    (x0, y0, z0), (x1, depth, z1) = opening
    start = y0 + mm(one.from_front, 0.0)
    deep = (start, start + mm(one.depth, depth - start))
    left = x0 + mm(one.from_left, 0.0)
    wide = (left, left + mm(one.width, x1 - left))
    low = z0 + mm(one.from_floor, 0.0)
    high = (low, low + mm(one.height, z1 - low))
    out = float(plan.plan.length(one.projection))
    if one.profile:
        stations = [(z0 + mm(p.at, 0.0), mm(p.projection, 0.0)) for p in one.profile]
    else:
        stations = [(high[0], out), (high[1], mm(one.projection_above, out))]
    if one.on == "floor":
        yield _cuboid(id_, (wide[0], deep[0], z0), (wide[1], deep[1], z0 + out))
    elif one.on == "top":
        yield _cuboid(id_, (wide[0], deep[0], z1 - out), (wide[1], deep[1], z1))
    else:
        for (z, reach), (above, higher) in pairwise(stations):
            if max(reach, higher) > 0:
                yield _leaning(id_, one.on, (z, reach), (above, higher), deep if one.on != "back" else wide, opening)


def _leaning(
    id_: str, on: str, low: tuple[float, float], high: tuple[float, float], run: tuple[float, float], opening: Box
) -> Solid:
    """From a wall by one size low and by another high, over a run along it."""
    (x0, _, _), (x1, depth, _) = opening
    corners: list[Vector] = []
    for z, reach in (low, high):
        for along in run:
            if on == "back":
                corners += [(along, depth - reach, z), (along, depth, z)]
            else:
                edge, way = (x0, 1.0) if on == "left" else (x1, -1.0)
                corners += [(edge, along, z), (edge + way * reach, along, z)]
    leaning = _convex(id_, corners)
    return Solid(id_, leaning.corner, leaning.shape) if low[1] == high[1] else leaning


def _convex(id_: str, corners: list[Vector]) -> Solid:
    """What stands between corners, in the frame of the space."""
    spans = [(min(c[axis] for c in corners), max(c[axis] for c in corners)) for axis in range(3)]
    corner = (spans[0][0], spans[1][0], spans[2][0])
    extent = (spans[0][1] - spans[0][0], spans[1][1] - spans[1][0], spans[2][1] - spans[2][0])
    local = tuple((c[0] - corner[0], c[1] - corner[1], c[2] - corner[2]) for c in corners)
    return Solid(id_, corner, Shape(extent, ()), local)
