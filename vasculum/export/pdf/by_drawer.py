"""Tables with a column for each drawer: a bank of six stands on one page, not on six."""

from __future__ import annotations

from collections.abc import Iterable, Iterator
from typing import NamedTuple

from reportlab.platypus import Flowable, Paragraph

from vasculum.export.pdf.page import Cell, table
from vasculum.export.pdf.type import BIG, FINE, said, said_with
from vasculum.plan.telling.solution import Shown

MOST_COLUMNS = 6


class Line(NamedTuple):
    """One size of one drawer."""

    what: str
    drawer: str
    size: Shown
    note: str = ""


def by_drawer(lines: Iterable[Line]) -> Iterator[Flowable]:
    """The sizes of several drawers: a row for each size, a column for each drawer, in as many tables as it takes."""
    found: dict[str, dict[str, Line]] = {}
    for line in lines:
        found.setdefault(line.what, {})[line.drawer] = line
    drawers = list(dict.fromkeys(drawer for row in found.values() for drawer in row))
    tables = -(-len(drawers) // MOST_COLUMNS) or 1
    columns = -(-len(drawers) // tables) or 1
    for start in range(0, len(drawers), columns):
        some = drawers[start : start + columns]
        rows = [_row(what, [row.get(drawer) for drawer in some]) for what, row in found.items()]
        widths = (3.4, *(1.6 for _ in some))
        yield table(("", *some), [row for row in rows if len(row) > 1], widths)


def _row(what: str, lines: list[Line | None]) -> list[Cell]:
    """What all of them have alike stands once, unless each is written to; nothing where none has it."""
    first = lines[0]
    if first is not None and not first.note and all(line and line.size == first.size for line in lines):
        alike = f"{first.size.other}{', all alike' if len(lines) > 1 else ''}"
        return [said(what, FINE), said_with(first.size.text, alike)]
    return [said(what, FINE), *map(_cell, lines)] if any(lines) else [""]


def _cell(line: Line | None) -> list[Paragraph]:
    if line is None:
        return []
    return [said(line.size.text, BIG), said(f"{line.size.other} {line.note}".rstrip(), FINE)]
