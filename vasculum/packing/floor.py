"""Footprints on the floor of a drawer, turned where they may be: exact, and the same answer every time.

Each footprint goes into the free rectangle that it fills best; several orders are tried, and the one that leaves the
least over holds. What does not go in is left over, never dropped.
"""

from __future__ import annotations

from collections.abc import Callable, Iterator, Sequence
from fractions import Fraction
from itertools import islice
from math import lcm
from typing import NamedTuple

Mm = Fraction
NOTHING = Mm(0)


class Footprint(NamedTuple):
    """What something takes of a floor, mm: across, and to the back."""

    name: str
    across: Mm
    back: Mm
    may_turn: bool = True


class Placed(NamedTuple):
    """A footprint where it stands: from the left, from the front, as far as it reaches."""

    name: str
    from_left: Mm
    from_front: Mm
    across: Mm
    back: Mm
    is_turned: bool = False
    """Whether it lies the other way round than it was given."""


class Floor(NamedTuple):
    """What stands where, and the names of what is left over."""

    placed: tuple[Placed, ...]
    left: tuple[str, ...]


class _Free(NamedTuple):
    x: int
    y: int
    w: int
    d: int


class _Part(NamedTuple):
    at: int
    w: int
    d: int
    may_turn: bool


Order = Callable[[_Part], tuple[int, ...]]
Score = Callable[[_Free, int, int], tuple[int, ...]]
ORDERS: tuple[Order, ...] = (
    lambda one: (-one.w * one.d, -max(one.w, one.d), one.at),
    lambda one: (-max(one.w, one.d), -min(one.w, one.d), one.at),
    lambda one: (-one.w - one.d, one.at),
    lambda one: (-min(one.w, one.d), -max(one.w, one.d), one.at),
    lambda one: (-one.d, -one.w, one.at),
    lambda one: (-one.w, -one.d, one.at),
    lambda one: (one.at,),
)
"""Large before small, by several measures; and as they come."""
SCORES: tuple[Score, ...] = (
    lambda free, w, d: (min(free.w - w, free.d - d), max(free.w - w, free.d - d), free.y, free.x),
    lambda free, w, d: (free.y + d, free.x),
    lambda free, w, d: (free.x + w, free.y),
    lambda free, w, d: (free.w * free.d - w * d, min(free.w - w, free.d - d), free.y, free.x),
)
"""Which free rectangle suits best: the closest fit, nearest the front, nearest the left, the smallest."""
FEW = 4
"""Tries where something is left over whatever is done."""


def pack_floor(
    width: Mm, depth: Mm, footprints: Sequence[Footprint], apart: Mm = NOTHING, taken: Sequence[Placed] = ()
) -> Floor:
    """Put footprints on a floor so that as much of them as can be found room for stands there.

    Args:
        width, depth: of the floor, mm.
        apart: between two of them, mm.
        taken: what stands there already, and stays.
    """
    if width <= 0 or depth <= 0:
        return Floor((), tuple(one.name for one in footprints))
    sizes = [width, depth, apart, *(size for one in footprints for size in (one.across, one.back))]
    sizes += [size for one in taken for size in one[1:5]]
    scale = lcm(*(size.denominator for size in sizes))
    gap = int(apart * scale)
    floor = _Free(0, 0, int(width * scale) + gap, int(depth * scale) + gap)
    parts = [
        _Part(at, int(one.across * scale) + gap, int(one.back * scale) + gap, one.may_turn)
        for at, one in enumerate(footprints)
    ]
    free = [floor]
    for one in taken:
        x, y, w, d = (int(size * scale) for size in one[1:5])
        free = _without_inner([left for part in free for left in _cut(part, _Free(x, y, w + gap, d + gap))])
    best: dict[int, _Free] = {}
    most = (-1, -1)
    is_overfull = sum(one.w * one.d for one in parts) > floor.w * floor.d
    for found in islice(_tries(free, parts), FEW if is_overfull else None):
        filled = (sum(one.w * one.d for one in found.values()), len(found))
        if filled > most:
            best, most = found, filled
        if len(found) == len(parts):
            break
    placed = tuple(
        Placed(
            footprints[at].name, Mm(one.x, scale), Mm(one.y, scale), Mm(one.w - gap, scale), Mm(one.d - gap, scale),
            is_turned=one.w != parts[at].w,
        )
        for at, one in sorted(best.items())
    )  # fmt: skip
    return Floor(placed, tuple(one.name for at, one in enumerate(footprints) if at not in best))


def _tries(free: list[_Free], parts: list[_Part]) -> Iterator[dict[int, _Free]]:
    for order in ORDERS:
        for score in SCORES:
            yield _packed(free, sorted(parts, key=order), score)


def _packed(free: list[_Free], parts: list[_Part], score: Score) -> dict[int, _Free]:
    found = dict[int, _Free]()
    for part in parts:
        ways = [(part.w, part.d)] + ([(part.d, part.w)] if part.may_turn and part.w != part.d else [])
        fits = [(score(one, w, d), one, w, d) for one in free for w, d in ways if w <= one.w and d <= one.d]
        if not fits:
            continue
        _, at, w, d = min(fits)
        taken = _Free(at.x, at.y, w, d)
        found[part.at] = taken
        free = _without_inner([left for one in free for left in _cut(one, taken)])
    return found


def _cut(free: _Free, taken: _Free) -> Iterator[_Free]:
    """What stays of a free rectangle beside what was taken: the largest rectangles, which may lap."""
    right, back = free.x + free.w, free.y + free.d
    if taken.x >= right or taken.x + taken.w <= free.x or taken.y >= back or taken.y + taken.d <= free.y:
        yield free
        return
    if taken.x > free.x:
        yield _Free(free.x, free.y, taken.x - free.x, free.d)
    if taken.x + taken.w < right:
        yield _Free(taken.x + taken.w, free.y, right - taken.x - taken.w, free.d)
    if taken.y > free.y:
        yield _Free(free.x, free.y, free.w, taken.y - free.y)
    if taken.y + taken.d < back:
        yield _Free(free.x, taken.y + taken.d, free.w, back - taken.y - taken.d)


def _without_inner(free: list[_Free]) -> list[_Free]:
    """Each of them once, and none that lies within another."""
    once = list(dict.fromkeys(free))
    return [one for one in once if not any(one != other and _within(one, other) for other in once)]


def _within(one: _Free, other: _Free) -> bool:
    return (
        other.x <= one.x
        and other.y <= one.y
        and one.x + one.w <= other.x + other.w
        and one.y + one.d <= other.y + other.d
    )
