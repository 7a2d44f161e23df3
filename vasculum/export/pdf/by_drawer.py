"""Tables with a column for each drawer: a bank of six stands on one page, not on six."""

from __future__ import annotations

from collections.abc import Iterable, Iterator
from typing import NamedTuple

from reportlab.platypus import Flowable, KeepTogether, Paragraph

from vasculum.export.pdf.page import Cell, table
from vasculum.export.pdf.type import BIG, FINE, SECTION, said
from vasculum.plan.telling.solution import Shown

MOST_COLUMNS = 6


class Line(NamedTuple):
    """One size of one drawer."""

    what: str
    drawer: str
    size: Shown
    note: str = ""


def by_drawer(title: str, lines: Iterable[Line]) -> Iterator[Flowable]:
    """The sizes of several drawers: a row for each size, a column for each drawer, in as many tables as it takes."""
    found: dict[str, dict[str, Line]] = {}
    for line in lines:
        found.setdefault(line.what, {})[line.drawer] = line
    drawers = list(dict.fromkeys(drawer for row in found.values() for drawer in row))
    tables = -(-len(drawers) // MOST_COLUMNS) or 1
    columns = -(-len(drawers) // tables) or 1
    for start in range(0, len(drawers), columns):
        some = drawers[start : start + columns]
        rows: list[list[Cell]] = [
            [said(what, FINE), *(_cell(row.get(drawer)) for drawer in some)]
            for what, row in found.items()
            if any(drawer in row for drawer in some)
        ]
        widths = (3.4, *(1.6 for _ in some))
        yield KeepTogether([said(title, SECTION), table(("", *some), rows, widths)])


def _cell(line: Line | None) -> list[Paragraph]:
    if line is None:
        return []
    notes = [said(line.note, FINE)] if line.note else []
    return [said(line.size.text, BIG), said(line.size.other, FINE), *notes]
