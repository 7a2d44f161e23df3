"""Two ways to cut the same parts, side by side: fewest sheets, and fewest settings of the fence."""

from __future__ import annotations

from functools import lru_cache
from itertools import permutations
from typing import Literal, NamedTuple

from vasculum.cutting.bound import Bound, bound
from vasculum.cutting.checked import faults
from vasculum.cutting.model import Layout, Mm, Part, Stock
from vasculum.cutting.order import settings_of
from vasculum.cutting.strips import strips

FEW = 6
"""Of so few parts every order is tried, where fewer sheets might do."""
Aim = Literal["sheets", "settings"]


class Laid(NamedTuple):
    """Both ways, and what is needed at least."""

    fewest_sheets: Layout
    fewest_settings: Layout
    bound: Bound

    def of(self, aim: Aim) -> Layout:
        """One of them."""
        return self.fewest_sheets if aim == "sheets" else self.fewest_settings


class CannotBeCut(Exception):
    """A layout that failed its check: a fault of the program, never of a plan."""


@lru_cache(maxsize=256)
def laid_out(parts: tuple[Part, ...], stock: Stock) -> Laid:
    """The best of several orders for each aim; every one that is answered has passed the checker.

    Raises:
        CannotBeCut: where the program laid something out that cannot be cut.
    """
    tried = [
        strips(parts, stock, is_pure=pure, across_first=across, score=score, is_planned=planned)
        for pure in (False, True)
        for across in (False, True)
        for score, planned in ((0, False), (1, False), (0, True))
    ]
    tried += [strips(parts, stock, across_first=across, is_first_fit=True) for across in (False, True)]
    least = bound(parts, stock)
    if len(parts) <= FEW and min(len(one.sheets) for one in tried) > least.sheets:
        tried += [strips(parts, stock, is_first_fit=True, order=order) for order in permutations(range(len(parts)))]
    by_sheets = min(tried, key=lambda one: (len(one.left), len(one.sheets), -_largest(one), setting_count(one)))
    by_settings = min(tried, key=lambda one: (len(one.left), setting_count(one), len(one.sheets), -_largest(one)))
    for one in (by_sheets, by_settings):
        if wrong := faults(one, parts, stock):
            raise CannotBeCut("; ".join(wrong[:3]))
    return Laid(by_sheets, by_settings, least)


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
