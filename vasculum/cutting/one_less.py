"""One sheet less, if parts of one size were a little narrower or shorter: found by laying out, not by reckoning."""

from __future__ import annotations

from collections import defaultdict
from collections.abc import Iterator, Sequence
from typing import NamedTuple

from vasculum.cutting.bound import bound
from vasculum.cutting.model import Mm, Part, Stock
from vasculum.cutting.strips import strips


class Less(NamedTuple):
    """What would save a sheet: these parts, so much narrower or shorter."""

    parts: tuple[str, ...]
    side: str
    """*width* or *length*."""
    by: Mm


def one_less(parts: Sequence[Part], stock: Stock, sheets: int, steps: Sequence[Mm]) -> Iterator[Less]:
    """For every size that parts have, the least of some steps that saves a sheet; the smallest steps first.

    Args:
        sheets: how many there are now.
        steps: what is tried, the smallest first.
    """
    sizes: defaultdict[tuple[str, Mm], list[str]] = defaultdict(list)
    for part in parts:
        sizes["width", part.width].append(part.name)
        sizes["length", part.length].append(part.name)
    told: set[tuple[str, Mm]] = set()
    for by in steps:
        for key, names in sizes.items():
            side, size = key
            if key in told or size <= 4 * by:
                continue
            changed = [_smaller(part, side, by) if part.name in names else part for part in parts]
            if bound(changed, stock).sheets < sheets and _fewest(changed, stock) < sheets:
                told.add(key)
                yield Less(tuple(names), side, by)


def _smaller(part: Part, side: str, by: Mm) -> Part:
    return part._replace(width=part.width - by) if side == "width" else part._replace(length=part.length - by)


def _fewest(parts: Sequence[Part], stock: Stock) -> int:
    """Of a few quick orders."""
    tried = [
        strips(parts, stock, across_first=across, is_planned=planned)
        for across in (False, True)
        for planned in (False, True)
    ]
    return min(len(one.sheets) for one in tried if not one.left) if any(not one.left for one in tried) else len(parts)
