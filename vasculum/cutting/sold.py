"""The sizes that a sheet is sold in: each sheet that is bought is as small as its cuts allow, or as cheap.

What is in hand is whole. Prices decide where every size has one; without them less area is better.
"""

from __future__ import annotations

from collections.abc import Callable, Iterator, Sequence

from vasculum.cutting.model import NOTHING, Mm, Piece, Size, Stock
from vasculum.cutting.slices import Sizes, needs, placed, slice_of


def in_their_sizes(sheets: Sequence[Piece], parts: Sizes, stock: Stock) -> tuple[Piece, ...]:
    """Sheets that were laid out whole, each in the size that it is bought in."""
    if not stock.others:
        return tuple(sheets)
    chosen = zip(sheets, _chosen(sheets, parts, stock), strict=True)
    return tuple(placed(slice_of(sheet), parts, stock.sized(size)) for sheet, size in chosen)


def bought(sheets: Sequence[Piece], parts: Sizes, stock: Stock) -> Mm:
    """What is paid for them: money, area, or where there is one size alone, so many."""
    if not stock.others:
        return Mm(max(0, len(sheets) - stock.in_hand))
    cost, chosen = cost_of(stock), _chosen(sheets, parts, stock)
    whole = sorted(cost(size) for size in chosen if size == stock.sizes[0])
    smaller = sum((cost(size) for size in chosen if size != stock.sizes[0]), NOTHING)
    return smaller + sum(whole[stock.in_hand :], NOTHING)


def _chosen(sheets: Sequence[Piece], parts: Sizes, stock: Stock) -> list[Size]:
    """The size of each: those are whole that are in hand, and would save least."""
    cost, whole = cost_of(stock), stock.sizes[0]
    best = [min(_holding(sheet, parts, stock), key=cost) for sheet in sheets]
    by_saving = sorted(range(len(sheets)), key=lambda at: cost(whole) - cost(best[at]))
    kept_whole = set(by_saving[: stock.in_hand])
    return [whole if at in kept_whole else size for at, size in enumerate(best)]


def _holding(sheet: Piece, parts: Sizes, stock: Stock) -> Iterator[Size]:
    """The sizes that its cuts come out of; whole ones hold whatever was laid out on them."""
    long, wide = needs(slice_of(sheet), parts, stock.kerf)
    yield stock.sizes[0]
    for size in stock.others:
        length, width = stock.sized(size).usable
        if long <= length and wide <= width:
            yield size


def cost_of(stock: Stock) -> Callable[[Size], Mm]:
    """What a size costs: its price where all have one, or its area; one, where there is no other."""
    if not stock.others:
        return lambda _: Mm(1)
    if any(size.price is None for size in stock.sizes):
        return lambda size: size.length * size.width
    return lambda size: size.price or NOTHING
