"""How many sheets are needed at least, and why. Exact."""

from __future__ import annotations

from collections.abc import Sequence
from typing import Literal, NamedTuple

from vasculum.cutting.model import Mm, Part, Stock

Why = Literal["area", "large"]


class Bound(NamedTuple):
    """So many sheets at least: by their area with a kerf for each part, or because so many parts share no sheet."""

    sheets: int
    why: Why


def bound(parts: Sequence[Part], stock: Stock, offcuts: Sequence[Stock] = ()) -> Bound:
    """The better of both; of parts that come out of a sheet at all.

    Whatever comes out of offcuts: they give all of their area, and any part that one of them holds.
    """
    length, width = stock.usable
    fitting = [one for one in parts if fits(one, stock)]
    kerf = stock.kerf
    area = sum(((one.length + kerf) * (one.width + kerf) for one in fitting), Mm(0))
    area -= sum(((one.length + kerf) * (one.width + kerf) for one in offcuts), Mm(0))
    by_area = -(-area // ((length + kerf) * (width + kerf))) if area > 0 else 0
    for_sheets = [one for one in fitting if not any(fits(one, offcut) for offcut in offcuts)]
    large = sum(_shares_with_no_like(one, length, width) for one in for_sheets)
    return Bound(large, "large") if large > by_area else Bound(int(by_area), "area")


def fits(part: Part, stock: Stock) -> bool:
    """Whether a part comes out of a whole sheet."""
    return holds(stock.usable, part)


def holds(size: tuple[Mm, Mm], part: Part) -> bool:
    """Whether a part comes out of a rectangle, by its length and width."""
    length, width = size
    lies = part.length <= length and part.width <= width
    return lies or (part.may_turn and part.width <= length and part.length <= width)


def _shares_with_no_like(part: Part, length: Mm, width: Mm) -> bool:
    """Whether it takes more than half of a sheet both ways, however it lies: no two such parts share one."""
    ways = [(part.length, part.width)] + ([(part.width, part.length)] if part.may_turn else [])
    possible = [(a, b) for a, b in ways if a <= length and b <= width]
    return all(2 * a > length and 2 * b > width for a, b in possible)
