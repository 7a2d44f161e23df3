"""Round bad places: what is left beside them is cut free first, then filled."""

from __future__ import annotations

from collections.abc import Iterator, Sequence

from vasculum.cutting.checked import can_be_sawn
from vasculum.cutting.model import NOTHING, Layout, Mm, Part, Stock, Trims, Way, Zone
from vasculum.cutting.slices import Box, Slice, slice_of
from vasculum.cutting.strips import strips


def filled(parts: Sequence[Part], stock: Stock) -> Slice | None:
    """One sheet or offcut, filled as well as a few orders do; nothing where no part comes out of it."""
    whole = (stock.trims.start, stock.trims.lower, *stock.usable)
    slice_, area = _in(list(parts), whole, stock.bad, stock)
    return slice_ if area > 0 else None


Filled = tuple[Slice, Mm]


def _in(parts: list[Part], box: Box, zones: Sequence[Zone], stock: Stock) -> Filled:
    """What lies in a rectangle, and the area of its parts."""
    inside = [clipped for clipped in (_clipped(zone, box) for zone in zones) if clipped is not None]
    size = box[2:]
    if not inside:
        return _clear(parts, size, stock)
    ways = sorted(
        _first_cuts(inside[0], box, stock.kerf), key=lambda one: -max(_clear_area(b, inside) for b in one[1:])
    )
    if not ways:
        return Slice(least=size, is_bad=True), NOTHING
    made = (_divided(parts, way, inside, stock) for way in (ways if len(inside) == 1 else ways[:1]))
    slice_, area = max(made, key=lambda one: one[1])
    return slice_._replace(least=size), area


Cut = tuple[Way, Box, Box]


def _first_cuts(zone: Zone, box: Box, kerf: Mm) -> Iterator[Cut]:
    """Cuts along an edge of a bad place, with something on their other side."""
    x, y, length, width = box
    for edge, at in ((zone.y - kerf, zone.y), (zone.y + zone.width, zone.y + zone.width + kerf)):
        if y < edge and at < y + width:
            yield "rip", (x, y, length, edge - y), (x, at, length, y + width - at)
    for edge, at in ((zone.x - kerf, zone.x), (zone.x + zone.length, zone.x + zone.length + kerf)):
        if x < edge and at < x + length:
            yield "crosscut", (x, y, edge - x, width), (at, y, x + length - at, width)


def _divided(parts: list[Part], cut: Cut, zones: Sequence[Zone], stock: Stock) -> Filled:
    """Both sides of a cut: the one with more room beside bad places is filled first."""
    way, *sides = cut
    order = sorted((0, 1), key=lambda at: -_clear_area(sides[at], zones))
    made: dict[int, Filled] = {}
    for at in order:
        made[at] = _in(parts, sides[at], zones, stock)
        gone = set(made[at][0].parts())
        parts = [part for part in parts if part.name not in gone]
    children = tuple(made[at][0] for at in (0, 1))
    return Slice(cut=way, children=children), made[0][1] + made[1][1]


def _clear(parts: list[Part], size: tuple[Mm, Mm], stock: Stock) -> Filled:
    """A good rectangle, filled in the best of a few orders."""
    only = stock._replace(length=size[0], width=size[1], trims=Trims(), copies=1, bad=())
    tried = [
        strips(parts, only, is_pure=pure, across_first=across, is_planned=plan)
        for pure in (False, True)
        for across in (False, True)
        for plan in (False, True)
    ]
    allowed = [one for one in tried if all(can_be_sawn(sheet, stock) for sheet in one.sheets)]
    best = max(allowed or [Layout(())], key=_area)
    if not best.sheets:
        return Slice(least=size), NOTHING
    area = _area(best)
    lying = slice_of(best.sheets[0])
    return (lying if lying.cut else Slice(cut="rip", children=(lying,)))._replace(least=size), area


def _area(layout: Layout) -> Mm:
    return sum((leaf.length * leaf.width for leaf in layout.parts()), NOTHING)


def _clipped(zone: Zone, box: Box) -> Zone | None:
    """What of a bad place lies in a rectangle."""
    x, y, length, width = box
    left, low = max(zone.x, x), max(zone.y, y)
    right, high = min(zone.x + zone.length, x + length), min(zone.y + zone.width, y + width)
    return Zone(left, low, right - left, high - low) if left < right and low < high else None


def _clear_area(box: Box, zones: Sequence[Zone]) -> Mm:
    """The area of a rectangle beside bad places."""
    bad = (one for one in (_clipped(zone, box) for zone in zones) if one is not None)
    return box[2] * box[3] - sum((one.length * one.width for one in bad), NOTHING)
