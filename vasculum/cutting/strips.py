"""Strips: rip a strip, crosscut it, rip again what is narrower. A layout in milliseconds, the same every time.

Sheet by sheet, strip by strip: of all widths that parts have, the strip is ripped that parts fill best. In *pure*
strips every part is as wide as its strip, so the fence is set less often; in mixed ones narrower parts are ripped
afterwards, one or several beside each other. Or every part goes into the first strip that has room for it.
"""

from __future__ import annotations

from bisect import bisect_left, bisect_right
from collections import Counter, defaultdict
from collections.abc import Callable, Iterable, Sequence
from functools import cache
from math import lcm
from typing import NamedTuple

from vasculum.cutting.model import Layout, Part, Stock
from vasculum.cutting.slices import Slice, placed, turned_over

Score = Callable[[int, int, int], float]
MOST_TRIED = 10
"""Widths tried for each strip."""
MOST_BESIDE = 12
"""Strips that are planned beside each other."""


class _Kind(NamedTuple):
    """Parts that are alike: length and width as they lie, and their names still to be laid out."""

    length: int
    width: int
    at: int
    is_turned: bool


class _Column(NamedTuple):
    """What a strip is crosscut into: so long, and the parts beside each other in it."""

    length: int
    parts: tuple[_Kind, ...]


class _Strip(NamedTuple):
    width: int
    columns: tuple[_Column, ...]


def strips(
    parts: Sequence[Part],
    stock: Stock,
    *,
    is_pure: bool = False,
    across_first: bool = False,
    score: int = 0,
    is_planned: bool = False,
    is_first_fit: bool = False,
    order: Sequence[int] | None = None,
) -> Layout:
    """Lay parts out in strips.

    Args:
        is_pure: only parts as wide as their strip.
        across_first: the first cuts run across the sheet instead of along it.
        score: which rule chooses between strips, of ``SCORES``.
        is_planned: widths that go well together come first.
        is_first_fit: every part into the first strip with room, every strip into the first sheet with room.
        order: in which the parts go in there; the widest first without it.
    """
    scale = scale_of(parts, stock)
    length, width = (int(size * scale) for size in stock.usable)
    if across_first:
        length, width = width, length
    ways = [
        _Kind(a, b, at, turned)
        for at, part in enumerate(parts)
        for a, b, turned in _lies(part, scale, across_first)
        if a <= length and b <= width
    ]
    left, kerf = _Left(ways), int(stock.kerf * scale)
    sheets = _first_fit(left.ways, (length, width), kerf, stock.copies, order) if is_first_fit else []
    while not is_first_fit and left and (stock.copies is None or len(sheets) < stock.copies):
        sheets.append(_filled(left, (length, width), kerf, is_pure, SCORES[score], is_planned))
    known = {part.name: part for part in parts}
    made = tuple(placed(_slices(one, parts, across_first), known, stock) for one in sheets)
    laid = {one.at for sheet in sheets for strip in sheet for column in strip.columns for one in column.parts}
    return Layout(made, tuple(part.name for at, part in enumerate(parts) if at not in laid))


def scale_of(parts: Iterable[Part], stock: Stock) -> int:
    """So many units to the millimetre that every size is whole."""
    sizes = [*stock.usable, stock.kerf, *(size for one in parts for size in one[1:3])]
    return lcm(*(size.denominator for size in sizes))


def _lies(part: Part, scale: int, across_first: bool) -> list[tuple[int, int, bool]]:
    """The ways in which a part may lie: along the strip, across it, and whether that turns it."""
    along, across = int(part.length * scale), int(part.width * scale)
    ways = [(along, across, False)]
    if part.may_turn and along != across:
        ways.append((across, along, True))
    return [(b, a, turned) for a, b, turned in ways] if across_first else ways


SCORES: tuple[Score, ...] = (
    lambda used, whole, width: used / whole,
    lambda used, whole, width: (used / whole) ** 3 * width,
)
"""How good a strip is: how full; or how full and how wide."""


def _filled(
    left: _Left, size: tuple[int, int], kerf: int, is_pure: bool, score: Score, is_planned: bool
) -> list[_Strip]:
    """One sheet, strip beside strip, each the best there is of what is left; or first widths that go well together."""
    length, room = size
    sheet: list[_Strip] = []
    for width in _together(left, size, kerf, is_pure) if is_planned else ():
        strip = _strip(left, (length, width), kerf, is_pure)
        if strip.columns:
            sheet.append(strip)
            left.take(one.at for column in strip.columns for one in column.parts)
            room -= strip.width + kerf
    while room > 0:
        best: tuple[float, _Strip] | None = None
        for width in left.widths(room):
            strip = _strip(left, (length, width), kerf, is_pure)
            worth = score(_used(strip), (length + kerf) * (width + kerf), width)
            if best is None or worth > best[0]:
                best = (worth, strip)
        if best is None:
            break
        sheet.append(best[1])
        left.take(one.at for column in best[1].columns for one in column.parts)
        room -= best[1].width + kerf
    return sheet


def _first_fit(
    ways: list[_Kind], size: tuple[int, int], kerf: int, copies: int | None, order: Sequence[int] | None
) -> list[list[_Strip]]:
    """Each part lying so that its strip is narrow; a strip is as wide as its widest; then the widest strip first."""
    length, width = size
    narrow: dict[int, _Kind] = {one.at: one for one in ways}
    if order is None:
        going = sorted(narrow.values(), key=lambda kind: (-kind.width, -kind.length, kind.at))
    else:
        going = [narrow[at] for at in order if at in narrow]
    filled: list[tuple[_Strip, int]] = []
    for one in going:
        column = _Column(one.length, (one,))
        for number, (strip, room) in enumerate(filled):
            if one.length <= room and (order is not None or one.width <= strip.width):
                wider = _Strip(max(strip.width, one.width), (*strip.columns, column))
                filled[number] = (wider, room - one.length - kerf)
                break
        else:
            filled.append((_Strip(one.width, (column,)), length - one.length - kerf))
    sheets: list[tuple[list[_Strip], int]] = []
    for strip, _ in sorted(filled, key=lambda one: -one[0].width):
        for number, (sheet, room) in enumerate(sheets):
            if strip.width <= room:
                sheets[number] = ([*sheet, strip], room - strip.width - kerf)
                break
        else:
            if copies is None or len(sheets) < copies:
                sheets.append(([strip], width - strip.width - kerf))
    return [sheet for sheet, _ in sheets]


def _together(left: _Left, size: tuple[int, int], kerf: int, is_pure: bool) -> list[int]:
    """The widths of strips that fill a sheet best, were there enough parts for each; none narrower than a twelfth."""
    length, whole = size
    widths = [one for one in left.widths(whole) if one * MOST_BESIDE >= whole]
    worth = {one: _used(_strip(left, (length, one), kerf, is_pure)) for one in widths}

    @cache
    def best(room: int, first: int) -> tuple[int, tuple[int, ...]]:
        found: tuple[int, tuple[int, ...]] = (0, ())
        for number, width in enumerate(widths[first:], first):
            if width <= room:
                more, others = best(room - width - kerf, number)
                found = max(found, (worth[width] + more, (width, *others)))
        return found

    return list(best(whole, 0)[1])


def _used(strip: _Strip) -> int:
    """The area of the parts of a strip."""
    return sum(one.length * one.width for column in strip.columns for one in column.parts)


class _Left:
    """What is still to be laid out: every way in which each part may lie, the widest first, then the longest."""

    def __init__(self, ways: Iterable[_Kind]) -> None:
        self.ways = sorted(ways, key=lambda one: (-one.width, -one.length, one.at))
        self.alike: defaultdict[int, list[_Kind]] = defaultdict(list)
        """Those of each length, the widest first."""
        self._of_part: defaultdict[int, list[_Kind]] = defaultdict(list)
        for one in self.ways:
            self.alike[one.length].append(one)
            self._of_part[one.at].append(one)
        self._widths = Counter(one.width for one in self.ways)

    def __bool__(self) -> bool:
        return bool(self.ways)

    def take(self, gone: Iterable[int]) -> None:
        """Leave out what was laid."""
        taken = set(gone)
        self.ways = [one for one in self.ways if one.at not in taken]
        for one in (one for at in taken for one in self._of_part.pop(at)):
            self.alike[one.length].remove(one)
            self._widths[one.width] -= 1

    def widths(self, room: int) -> list[int]:
        """Widths of strips that are tried: all there are, or of very many the widest and some between."""
        found = [width for width, many in self._widths.items() if many and width <= room]
        if len(found) <= MOST_TRIED:
            return found
        step = (len(found) - 1) / (MOST_TRIED - 1)
        return [found[round(step * number)] for number in range(MOST_TRIED)]


def _strip(left: _Left, size: tuple[int, int], kerf: int, is_pure: bool) -> _Strip:
    """A strip of this width: the widest parts first, the longest of them first; narrower ones beside each other."""
    length, width = size
    begins = bisect_left(left.ways, -width, key=lambda one: -one.width)
    ends = bisect_right(left.ways, -width, key=lambda one: -one.width) if is_pure else len(left.ways)
    columns: list[_Column] = []
    taken: set[int] = set()
    room, ways = length, left.ways
    for number in range(begins, ends):
        first = ways[number]
        if first.length > room or first.at in taken:
            continue
        taken.add(first.at)
        beside, free = [first], width - first.width - kerf
        if free > 0:
            for other in left.alike[first.length]:
                if other.width <= free and other.at not in taken:
                    beside.append(other)
                    taken.add(other.at)
                    free -= other.width + kerf
        columns.append(_Column(first.length, tuple(beside)))
        room -= first.length + kerf
    return _Strip(width, tuple(columns))


# ---- as cuts ---------------------------------------------------------------------------------------------------


def _slices(strips: list[_Strip], parts: Sequence[Part], across_first: bool) -> Slice:
    """The cuts of one sheet; where the first ones run across, everything is turned over the diagonal."""
    whole = Slice(cut="rip", children=tuple(_of_strip(strip, parts) for strip in strips))
    return turned_over(whole) if across_first else whole


def _of_strip(strip: _Strip, parts: Sequence[Part]) -> Slice:
    columns = []
    for column in strip.columns:
        beside = tuple(Slice(parts[one.at].name, one.is_turned) for one in column.parts)
        columns.append(beside[0] if len(beside) == 1 else Slice(cut="rip", children=beside))
    return Slice(cut="crosscut", children=tuple(columns))
