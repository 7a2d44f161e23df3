"""Layouts of sheets, measured: generated lists of boxes, and ten published classes of rectangles; printed only.

Run by ``make bench``, or alone: ``python tools/bench_sheets.py``.
"""

from __future__ import annotations

import sys
import time
from collections.abc import Iterator
from pathlib import Path
from random import Random

sys.path.insert(0, str(Path(__file__).parent.parent))

from vasculum.cutting.bound import bound
from vasculum.cutting.model import Layout, Mm, Part, Stock
from vasculum.cutting.search import is_installed, search
from vasculum.cutting.tried import setting_count
from vasculum.cutting.ways import Laid, laid_out

SHEET = Stock(Mm(2440), Mm(1220), Mm(3))
LISTS = 30


def boxes(seed: int) -> tuple[Part, ...]:
    """8 to 96 boxes of a few kinds, four sides each, of 12 mm: invented."""
    random = Random(seed)
    count = random.choice([8, 12, 16, 24, 32, 48, 64, 96])
    kinds = [
        (random.randrange(250, 901), random.choice([350, 400, 450, 500, 550, 600]), random.randrange(70, 301, 5))
        for _ in range(max(2, count // 4))
    ]
    parts: list[Part] = []
    for number in range(count):
        wide, deep, high = random.choice(kinds)
        for side, long in enumerate((deep, deep, wide - 24, wide - 24)):
            parts.append(Part(f"{number}.{side}", Mm(long), Mm(high)))
    return tuple(parts)


SMALL = ((10, 10), (10, 30), (35, 40), (35, 100), (100, 100), (100, 300))
"""Classes 1 to 6: the largest side of a rectangle, and the side of the bin (published recipe)."""


def rectangles(number: int, count: int, seed: int) -> tuple[tuple[Part, ...], Stock]:
    """A list of one of the ten published classes, oriented, without kerf: 1 to 6 small in large, 7 to 10 mixed."""
    random = Random(seed)
    if number <= len(SMALL):
        most, side = SMALL[number - 1]
        sizes = [(random.randint(1, most), random.randint(1, most)) for _ in range(count)]
    else:
        side = 100
        sizes = [_of_kind(random, _kind(random, number - 6), side) for _ in range(count)]
    parts = tuple(Part(f"p{at}", Mm(a), Mm(b)) for at, (a, b) in enumerate(sizes))
    return parts, Stock(Mm(side), Mm(side), Mm(0))


def _kind(random: Random, usual: int) -> int:
    """Seven of ten of the usual kind, one of ten of each other."""
    return usual if random.random() < 0.7 else random.choice([one for one in (1, 2, 3, 4) if one != usual])


def _of_kind(random: Random, kind: int, side: int) -> tuple[int, int]:
    half, two_thirds = side // 2, 2 * side // 3
    wide = {1: (two_thirds, side), 2: (1, half), 3: (half, side), 4: (1, half)}[kind]
    high = {1: (1, half), 2: (two_thirds, side), 3: (half, side), 4: (1, half)}[kind]
    return random.randint(*wide), random.randint(*high)


def searched(parts: tuple[Part, ...], stock: Stock, laid: Laid, seconds: float) -> tuple[int, int, int]:
    """Sheets, settings, and the bound, with so long a search."""
    best, least = laid.fewest_sheets, laid.bound.sheets

    def look(layout: Layout, proven: Mm) -> None:
        nonlocal best, least
        least = max(least, int(proven))
        if len(layout.sheets) < len(best.sheets):
            best = layout

    if len(best.sheets) > least:
        search(parts, stock, seconds, look)
    return len(best.sheets), setting_count(best), least


def measured() -> Iterator[str]:
    """Lines to print."""
    yield f"search installed: {'yes' if is_installed() else 'no'}"
    for seconds in (0.0, 1.0, 5.0):
        sheets = settings = least = fewest = 0
        begun = time.perf_counter()
        for seed in range(LISTS):
            parts = boxes(seed)
            laid = laid_out(parts, SHEET)
            found = searched(parts, SHEET, laid, seconds)
            sheets, settings, least = sheets + found[0], settings + found[1], least + found[2]
            fewest += setting_count(laid.fewest_settings)
        took = time.perf_counter() - begun
        told = f"{LISTS} lists, {seconds:.0f} s each: {sheets} sheets, bounds {least}, {settings} settings"
        yield f"{told} ({fewest} with the fewest), {took:.1f} s"
        laid_out.cache_clear()
    for number in range(1, 11):
        counts = [0, 0, 0]
        for count in (20, 40, 60, 80, 100):
            parts, stock = rectangles(number, count, 1000 * number + count)
            laid = laid_out(parts, stock)
            found = searched(parts, stock, laid, 1.0)
            counts = [counts[0] + len(laid.fewest_sheets.sheets), counts[1] + found[0], counts[2] + found[2]]
            assert found[2] >= bound(parts, stock).sheets
        yield f"class {number:2}: strips {counts[0]}, in 1 s {counts[1]}, bounds {counts[2]}"


if __name__ == "__main__":
    for line in measured():
        print(line, flush=True)
