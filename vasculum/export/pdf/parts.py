"""The first page at the saw: parts by stock, each with the size to cut, equal rips after each other."""

from __future__ import annotations

from collections.abc import Iterator, Mapping
from fractions import Fraction

from reportlab.platypus import Flowable, Paragraph

from vasculum.export.pdf.page import Cell, section, table
from vasculum.export.pdf.type import BIG, CELL, FINE, said, said_with
from vasculum.plan.telling.set_ups import set_ups_of, times
from vasculum.plan.telling.solution import PartShown, Size, Solution
from vasculum.plan.telling.words import NOT_YET, in_runs

_GRAIN = {"length": "", "free": "grain free", "matched": "in its place on the panel"}


def parts_to_cut(solution: Solution) -> Iterator[Flowable]:
    """A table with a title for each stock; in it the widest first, for one fence cuts all of a width."""
    stocks: dict[tuple[str, str], list[PartShown]] = {}
    for part in solution.parts:
        stocks.setdefault((part.material, _size_text(part.thickness)), []).append(part)
    numbered = {one.text: one.number for one in set_ups_of(solution)}
    rows: list[list[Cell]] = []
    for (material, thick), parts in stocks.items():
        pieces = sum(part.count for part in parts)
        count = "1 piece" if pieces == 1 else f"{pieces} pieces"
        rows.append([said_with(f"{material}: {thick} thick", count)])
        rows += [_row(part, numbered) for part in sorted(parts, key=_by_width)]
    yield from section("Parts to cut")
    yield table(("Mark", "Part", "Length", "Width", "Set-up"), rows, (1.8, 5.2, 3.4, 3.2, 2.6), is_close=True)
    if solution.travels:
        yield said(solution.travels)


def rests_on(solution: Solution) -> Iterator[Flowable]:
    """What nobody has measured yet, below the sizes that rest on it."""
    if solution.assumed:
        things = ", ".join(f"{one.label} {one.value.text}" for one in solution.assumed)
        yield said(f"* rests on what is still assumed: {things}. Measure the piece in your hand first.", FINE)


def _row(part: PartShown, numbered: Mapping[str, int]) -> list[Cell]:
    hand = f" ({part.hand})" if part.hand else ""
    goes_to = "".join(f"· {one} " for one in (in_runs(n for n in part.numbers if n), part.weight) if one)
    settings = [str(numbered[one.text]) for one in part.joinery if one.text in numbered]
    lines = dict.fromkeys(_title(one.text) for one in part.joinery if one.text not in numbered)
    band = f"band {', '.join(part.bands)}" if part.bands else ""
    how = "; ".join(filter(None, (", ".join(settings), *lines, band, _GRAIN[part.grain])))
    return [
        said(times(part), BIG),
        said_with(part.name + hand, goes_to, CELL),
        _sized(part.length),
        _sized(part.width),
        said(how, FINE),
    ]


def _title(text: str) -> str:
    """What a mark is, without its face and its figures."""
    return text.partition(":")[0].partition(",")[0].lower()


def _sized(size: Size) -> Paragraph:
    return said_with(_size_text(size), size.value.other if size.value else "")


def _size_text(size: Size) -> str:
    if size.value is None:
        return NOT_YET
    return size.value.text + (" *" if size.is_assumed else "") + (" as built" if size.is_as_built else "")


def _by_width(part: PartShown) -> tuple[Fraction, Fraction]:
    width, length = (Fraction(s.value.mm or 0) if s.value else Fraction(0) for s in (part.width, part.length))
    return -width, -length
