"""What each cut takes out of its piece, as boxes in the piece's own coordinates. One telling for drawings and solids.

``along`` runs from the low end of the length, ``across`` from the low edge of the width, ``deep`` from the inside face.
Distances are told from finished edges, and lie nearer to the edge of a core by the band that it gets there.
Exact mm. Tails stand half a pitch wide and straight-sided: their slope is the jig's, and is not told here.
"""

from __future__ import annotations

from collections.abc import Iterator
from typing import Any, NamedTuple

from vasculum.core.flow import TOWARDS
from vasculum.core.flow.things import Datum
from vasculum.core.lengths import Mm
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.making.piece import Cut, Piece

ZERO = Mm(0)
Span = tuple[Mm, Mm]


class Region(NamedTuple):
    """A box that is taken out."""

    along: Span
    across: Span
    deep: Span


def is_across(piece: Piece, datum: Datum) -> bool:
    """Whether a datum is an end of a piece, not an edge; a piece that stands nowhere is asked as it usually lies."""
    length = piece.stand.length if piece.stand is not None else "across"
    return TOWARDS[datum][0] == length


def regions(plan: SolvedPlan, piece: Piece, cut: Cut) -> list[Region]:
    """The boxes of one cut; none of a mark, and none while a size waits."""
    if piece.size is None or cut.rule.what in ("line", "holes") or (cut.rule.what == "mitre" and not cut.rule.first):
        return []
    values = {name: cut.value(plan, name) for name in cut.keys}
    if None in values.values():
        return []
    clipped = (_clipped(_in_core(piece, one), piece.size) for one in _Cutting(piece, piece.size, cut, values).boxes())
    return [one for one in clipped if all(low < high for low, high in one)]


def points(plan: SolvedPlan, piece: Piece, cut: Cut) -> list[tuple[Mm, Mm]]:
    """The centres of holes, along and across."""
    if piece.size is None or cut.rule.what != "holes":
        return []
    values = {name: cut.value(plan, name) for name in cut.keys}
    if None in values.values():
        return []
    cutting, rule = _Cutting(piece, piece.size, cut, values), cut.rule
    found = []
    for hole in values[rule.holes]:
        on_line = cutting.from_datum(rule.datums[0], values[rule.at])
        in_line = cutting.from_datum(rule.holes_from, hole)
        found.append((on_line, in_line) if is_across(piece, rule.datums[0]) else (in_line, on_line))
    return [(along - piece.low_band(0), across - piece.low_band(1)) for along, across in found]


def _in_core(piece: Piece, one: Region) -> Region:
    """A box from the finished edges as one from the edges of the core."""
    (low, high), (near, far) = one.along, one.across
    along, across = piece.low_band(0), piece.low_band(1)
    return Region((low - along, high - along), (near - across, far - across), one.deep)


def _clipped(one: Region, size: tuple[Mm, Mm, Mm]) -> Region:
    spans = [(max(low, ZERO), min(high, end)) for (low, high), end in zip(one, size, strict=True)]
    return Region(*spans)


class _Cutting:
    def __init__(self, piece: Piece, size: tuple[Mm, Mm, Mm], cut: Cut, values: dict[str, Mm]) -> None:
        self.piece, self.rule, self.values = piece, cut.rule, values
        self.size = (size[0] + piece.bands_along(0), size[1] + piece.bands_along(1), size[2])

    def value(self, name: str) -> Mm:
        return self.values[name] if name else ZERO

    def from_datum(self, datum: Datum, distance: Mm) -> Mm:
        """A distance from an end or edge, as one from the low end or edge."""
        whole = self.size[0] if is_across(self.piece, datum) else self.size[1]
        return distance if TOWARDS[datum][1] < 0 else whole - distance

    def boxes(self) -> Iterator[Region]:
        if self.rule.what in ("fingers", "tails"):
            for datum in self.rule.datums:
                yield from self._interlocking(datum)
            return
        if self.rule.what in ("notches", "slots"):
            yield from self._notches()
            return
        if self.rule.what == "bores":
            yield from self._bores()
            return
        for datum in self.rule.datums:
            yield self._box(datum)

    def deep(self) -> Span:
        thickness, depth = self.size[2], self.value(self.rule.depth)
        if self.rule.face == "through":
            return (ZERO, thickness)
        return (ZERO, depth) if self.rule.face == "inside" else (thickness - depth, thickness)

    def _box(self, datum: Datum) -> Region:
        """So far from an end or edge, so wide; the other way all along, or over a stretch."""
        begins = self.value(self.rule.at)
        if self.rule.is_centred:
            begins = begins - self.value(self.rule.width) / 2
        ends = (self.from_datum(datum, begins), self.from_datum(datum, begins + self.value(self.rule.width)))
        span = (min(ends), max(ends))
        across = is_across(self.piece, datum)
        other = (ZERO, self.size[1] if across else self.size[0])
        if self.rule.length:
            start = self.value(self.rule.begins)
            other = (start, start + self.value(self.rule.length))
        return Region(span, other, self.deep()) if across else Region(other, span, self.deep())

    def _notches(self) -> Iterator[Region]:
        """One at each place along the length: from an edge as far as they are sawn, or all across."""
        wide, begins = self.value(self.rule.width), self.value(self.rule.begins)
        long = self.value(self.rule.length) if self.rule.length else self.size[1]
        places: Any = self.values[self.rule.holes]
        for place in places:
            middle = self.from_datum(self.rule.holes_from, place)
            span = (middle - wide / 2, middle + wide / 2)
            yield Region(span, (begins, begins + long), self.deep())

    def _bores(self) -> Iterator[Region]:
        """Round openings along a line, right through: the square around each."""
        widths: Any = self.values[self.rule.width]
        places: Any = self.values[self.rule.holes]
        across = self.from_datum(self.rule.datums[0], self.value(self.rule.at))
        for place, wide in zip(places, widths, strict=True):
            middle, half = self.from_datum(self.rule.holes_from, place), wide / 2
            yield Region((middle - half, middle + half), (across - half, across + half), self.deep())

    def _interlocking(self, datum: Datum) -> Iterator[Region]:
        """Every other finger, or the pins between the tails; of the other part what it lets in."""
        pitch, count = self.value(self.rule.width), int(self.value(self.rule.count))
        into = (self.from_datum(datum, ZERO), self.from_datum(datum, self.value(self.rule.length)))
        along, begins = (min(into), max(into)), self.value(self.rule.begins)
        for low, high in self._spans(pitch, count):
            yield Region(along, (max(begins + low, begins), begins + high), self.deep())

    def _spans(self, pitch: Mm, count: int) -> Iterator[Span]:
        if self.rule.what == "fingers":
            for number in range(self.rule.first, count, 2):
                yield (pitch * number, pitch * (number + 1))
            return
        for number in range(count + (1 - self.rule.first)):
            middle = pitch * number + (pitch / 2 if self.rule.first else ZERO)
            yield (middle - pitch / 4, middle + pitch / 4)
