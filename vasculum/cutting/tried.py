"""What is tried to lay parts out, and which is best: with the fewest sheets in mind, or with the fewest settings.

All of it in whole units: what is compared a thousand times is compared as whole numbers.
"""

from __future__ import annotations

from collections.abc import Callable, Iterator
from itertools import permutations
from math import ceil, lcm
from typing import cast

from vasculum.cutting.around import filled
from vasculum.cutting.bound import fits
from vasculum.cutting.checked import can_be_sawn, refuse
from vasculum.cutting.lengths import are_lengths, fullest
from vasculum.cutting.model import NOTHING, Layout, Mm, Part, Piece, Size, Stock, Trims
from vasculum.cutting.order import settings_of
from vasculum.cutting.slices import Sizes, placed, slice_of
from vasculum.cutting.sold import bought
from vasculum.cutting.strips import scale_of, strips

FEW = 6
"""Of so few parts every order is tried, where fewer sheets might do."""
MIXED = 80
"""Of so few parts sizes are mixed sheet by sheet."""
MANY = 500
"""Of so many parts fewer orders are tried: the first answer is there while one looks."""


def best_two(parts: tuple[Part, ...], stock: Stock, least: int) -> tuple[Layout, Layout]:
    """The best of several orders with fewest sheets in mind, and with fewest settings."""
    scale = lcm(*(scale_of(parts, stock.sized(size)) for size in stock.sizes))
    whole, whole_parts = _stock_times(stock, scale), [_times(part, scale) for part in parts]
    sizes = {part.name: part for part in whole_parts}
    drawn = [*_tried(whole_parts, whole, least), *_tried_smaller(whole_parts, whole)]
    tried = [one for one in drawn if all(can_be_sawn(sheet, whole) for sheet in one.sheets)]
    known = {part.name: part for part in parts}

    def best(better: Better) -> Layout:
        found = min(tried or [Layout((), tuple(sizes))], key=lambda one: better(one, sizes, whole))
        exact = Layout(tuple(placed(slice_of(one), known, stock) for one in found.sheets), found.left)
        refuse(exact, parts, stock)
        return exact

    return best(fewer_sheets), best(_fewer_settings)


def _tried(parts: list[Part], stock: Stock, least: int) -> Iterator[Layout]:
    is_many = len(parts) >= MANY
    directions = (False,) if is_many else (False, True)
    fewest = len(parts)
    for pure in (False, True):
        for across in directions:
            for score, planned in ((0, False),) if is_many else ((0, False), (1, False), (0, True)):
                found = strips(parts, stock, is_pure=pure, across_first=across, score=score, is_planned=planned)
                fewest = min(fewest, len(found.sheets))
                yield found
    for across in directions:
        found = strips(parts, stock, across_first=across, is_first_fit=True)
        fewest = min(fewest, len(found.sheets))
        yield found
    if len(parts) <= MIXED and are_lengths(parts, stock):
        found = fullest([part for part in parts if fits(part, stock)], stock)
        yield found._replace(left=tuple(part.name for part in parts if not fits(part, stock)))
    if len(parts) <= FEW and fewest > least:
        for order in permutations(range(len(parts))):
            yield strips(parts, stock, is_first_fit=True, order=order)


def _tried_smaller(parts: list[Part], stock: Stock) -> Iterator[Layout]:
    """Everything on one of the smaller sizes; and sheet by sheet the size that costs least for what it holds."""
    for size in stock.others if len(parts) < MANY else ():
        for across in (False, True):
            yield strips(parts, stock.sized(size), across_first=across)
    if stock.others and len(parts) <= MIXED:
        yield _mixed(parts, stock)


def _mixed(parts: list[Part], stock: Stock) -> Layout:
    left, sheets = list(parts), []
    known = {part.name: part for part in parts}
    while left:
        made: list[tuple[Mm, Mm, int, Piece]] = []
        for size in stock.sizes:
            its = stock.sized(size)
            slice_ = filled([part for part in left if fits(part, its)], its)
            if slice_ is not None:
                piece = placed(slice_, known, its)
                area = sum((known[name].length * known[name].width for name in slice_.parts()), NOTHING)
                made.append((bought([piece], known, stock._replace(in_hand=0)) / area, -area, len(made), piece))
        if not made:
            break
        sheets.append(min(made)[-1])
        gone = {leaf.part for leaf in sheets[-1].leaves()}
        left = [part for part in left if part.name not in gone]
    return Layout(tuple(sheets), tuple(part.name for part in left))


def _times(part: Part, scale: int) -> Part:
    """A part in whole units: what is compared a thousand times is compared as whole numbers."""
    return part._replace(length=_whole(part.length, scale), width=_whole(part.width, scale))


def _stock_times(stock: Stock, scale: int) -> Stock:
    usable = [(*stock.sized(size).usable, size.price) for size in stock.sizes]
    sizes = [Size(_whole(length, scale), _whole(width, scale), price) for length, width, price in usable]
    kerf, whole = _whole(stock.kerf, scale), sizes[0]
    return Stock(
        whole.length, whole.width, kerf, WHOLE, stock.copies, stages=stock.stages,
        price=stock.price, others=tuple(sizes[1:]), in_hand=stock.in_hand,
        least_ripped=cast(Mm, ceil(stock.least_ripped * scale)),
    )  # fmt: skip


def _whole(size: Mm, scale: int) -> Mm:
    return cast(Mm, int(size * scale))


WHOLE = Trims(*(cast(Mm, 0) for _ in Trims._fields))


Better = Callable[[Layout, Sizes, Stock], tuple[Mm | int, ...]]


def fewer_sheets(one: Layout, parts: Sizes, stock: Stock) -> tuple[int, Mm, int, Mm, int]:
    """What is better with the fewest sheets in mind: less; then the largest offcut, then the fewest settings."""
    return len(one.left), bought(one.sheets, parts, stock), len(one.sheets), -_largest(one), setting_count(one)


def _fewer_settings(one: Layout, parts: Sizes, stock: Stock) -> tuple[int, int, Mm, int, Mm]:
    return len(one.left), setting_count(one), bought(one.sheets, parts, stock), len(one.sheets), -_largest(one)


def setting_count(layout: Layout) -> int:
    """How many times the fence is set."""
    return len(settings_of(layout.sheets))


def _largest(layout: Layout) -> Mm:
    """The area of its largest offcut."""
    offcuts = layout.offcuts()
    return offcuts[0].length * offcuts[0].width if offcuts else Mm(0)
