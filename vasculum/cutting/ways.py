"""Two ways to cut the same parts, side by side: fewest sheets, and fewest settings of the fence."""

from __future__ import annotations

from collections.abc import Iterator
from functools import lru_cache
from itertools import permutations
from typing import Literal, NamedTuple

from vasculum.cutting.bound import Bound, bound, fits
from vasculum.cutting.checked import faults
from vasculum.cutting.model import NOTHING, Layout, Mm, Part, Piece, Stock
from vasculum.cutting.order import settings_of
from vasculum.cutting.strips import strips

FEW = 6
"""Of so few parts every order is tried, where fewer sheets might do."""
Aim = Literal["sheets", "settings"]


class Offcut(NamedTuple):
    """What is left of a sheet from an earlier job, mm: length along the grain, and width."""

    name: str
    length: Mm
    width: Mm


class Laid(NamedTuple):
    """Both ways, what is needed of whole sheets at least, and what came out of offcuts before."""

    fewest_sheets: Layout
    fewest_settings: Layout
    bound: Bound
    on_offcuts: tuple[tuple[Offcut, Piece], ...] = ()

    def of(self, aim: Aim) -> Layout:
        """One of them."""
        return self.fewest_sheets if aim == "sheets" else self.fewest_settings


class CannotBeCut(Exception):
    """A layout that failed its check: a fault of the program, never of a plan."""


@lru_cache(maxsize=32)
def laid_out(parts: tuple[Part, ...], stock: Stock, offcuts: tuple[Offcut, ...] = ()) -> Laid:
    """What comes out of offcuts, then the best of several orders for each aim; all of it has passed the checker.

    Raises:
        CannotBeCut: where the program laid something out that cannot be cut.
    """
    least = bound(parts, stock, [_only(stock, one) for one in offcuts])
    used = tuple(_on_offcuts(parts, stock, offcuts))
    gone = {leaf.part for _, piece in used for leaf in piece.leaves()}
    parts = tuple(part for part in parts if part.name not in gone)
    tried = [
        strips(parts, stock, is_pure=pure, across_first=across, score=score, is_planned=planned)
        for pure in (False, True)
        for across in (False, True)
        for score, planned in ((0, False), (1, False), (0, True))
    ]
    tried += [strips(parts, stock, across_first=across, is_first_fit=True) for across in (False, True)]
    if len(parts) <= FEW and min(len(one.sheets) for one in tried) > least.sheets:
        tried += [strips(parts, stock, is_first_fit=True, order=order) for order in permutations(range(len(parts)))]
    by_sheets = min(tried, key=lambda one: (len(one.left), len(one.sheets), -_largest(one), setting_count(one)))
    by_settings = min(tried, key=lambda one: (len(one.left), setting_count(one), len(one.sheets), -_largest(one)))
    for one in (by_sheets, by_settings):
        if wrong := faults(one, parts, stock):
            raise CannotBeCut("; ".join(wrong[:3]))
    return Laid(by_sheets, by_settings, least, used)


def _on_offcuts(parts: tuple[Part, ...], stock: Stock, offcuts: tuple[Offcut, ...]) -> Iterator[tuple[Offcut, Piece]]:
    """The smallest offcut first, each filled as well as it can be; one that holds nothing stays in the rack."""
    left = list(parts)
    for offcut in sorted(offcuts, key=lambda one: (one.length * one.width, one.name)):
        only = _only(stock, offcut)
        fitting = [part for part in left if fits(part, only)]
        tried = [
            strips(fitting, only, across_first=across, is_planned=planned)
            for across in (False, True)
            for planned in (False, True)
        ]
        best = max(tried, key=lambda one: sum((leaf.length * leaf.width for leaf in one.parts()), NOTHING))
        if not best.sheets:
            continue
        if wrong := faults(best, fitting, only):
            raise CannotBeCut("; ".join(wrong[:3]))
        yield offcut, best.sheets[0]
        gone = {leaf.part for leaf in best.parts()}
        left = [part for part in left if part.name not in gone]


def _only(stock: Stock, offcut: Offcut) -> Stock:
    """An offcut as a stock of one, sawn by the same saw and trimmed already."""
    return stock._replace(length=offcut.length, width=offcut.width, trim=NOTHING, copies=1)


def setting_count(layout: Layout) -> int:
    """How many times the fence is set."""
    return len(settings_of(layout.sheets))


def _largest(layout: Layout) -> Mm:
    """The area of its largest offcut."""
    offcuts = layout.offcuts()
    return offcuts[0].length * offcuts[0].width if offcuts else Mm(0)


def waste_of(layout: Layout, stock: Stock) -> Mm:
    """Of what is bought, the share that does not end in parts."""
    used = sum((one.length * one.width for one in layout.parts()), Mm(0))
    whole = len(layout.sheets) * stock.length * stock.width
    return 1 - used / whole if whole else Mm(0)
