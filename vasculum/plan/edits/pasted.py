"""A pasted table: its first row names the columns; comma, semicolon or tab."""

from __future__ import annotations

import csv
import io
from collections.abc import Callable, Iterator, Sequence
from typing import NamedTuple

from vasculum.core.errors import PlanRefused
from vasculum.plan.document.cells import as_written

MOST_ROWS = 5000
MOST_QUOTED = 200
"""Characters of a row that are shown where it is refused."""


class Row(NamedTuple):
    """One row below the heading."""

    line: int
    """Where it begins in the text, the heading being 1."""
    cells: dict[str, str]
    """By column; what a short row leaves out is empty."""
    text: str
    problem: str
    """Why the row cannot be read at all; empty where it can."""


class Heading(NamedTuple):
    """A column of the table: what it is called there, and which column it is; none where it is left out."""

    given: str
    column: str | None


def plain_headings(given: list[str]) -> list[Heading]:
    """Columns that are called what they are; anything else is a column of that name."""
    return [Heading(one, one.strip().lower().replace(" ", "_")) for one in given]


def pasted_rows(
    text: str,
    columns: Sequence[str],
    needed: Sequence[str],
    read: Callable[[list[str]], list[Heading]] = plain_headings,
) -> Iterator[Row]:
    """Every row that is not empty.

    Args:
        read: which column each heading is.

    Raises:
        PlanRefused: ``no-table`` where the heading lacks a column, has one twice or an unknown one; ``too-many-rows``;
            ``table-damaged`` with the row, where a quote is not closed or a cell has no end.
    """
    table = _read(text)
    heading = read([cell.strip() for cell in table[0][1]]) if table else []
    known = [one.column for one in heading if one.column is not None]
    if missing := [name for name in needed if name not in known]:
        raise PlanRefused(
            "no-table",
            f"The first row has no column {' and no column '.join(missing)}.",
            f"Name the columns in the first row: {', '.join(columns)}.",
        )
    if unknown := [name for name in known if name not in columns]:
        raise PlanRefused(
            "no-table", f"There is no column {unknown[0][:MOST_QUOTED]!r}.", f"There are {', '.join(columns)}."
        )
    if twice := [name for name in known if known.count(name) > 1]:
        raise PlanRefused("no-table", f"The column {twice[0]!r} stands there twice.", "Take one of them out.")
    for line, cells, said in table[1:]:
        if any(cell.strip() for cell in cells):
            yield _row(line, cells, said, [one.column for one in heading], needed)


def headings_in(text: str) -> list[str]:
    """What the columns of a table are called.

    Raises:
        PlanRefused: ``too-many-rows``, ``table-damaged``.
    """
    table = _read(text)
    return [cell.strip()[:MOST_QUOTED] for cell in table[0][1]] if table else []


def _read(text: str) -> list[tuple[int, list[str], str]]:
    lines = text.removeprefix("\ufeff").replace("\r\n", "\n").replace("\r", "\n").strip("\n").split("\n")
    if len(lines) > MOST_ROWS + 1:
        raise PlanRefused("too-many-rows", f"{len(lines)} rows; {MOST_ROWS} are taken at a time.", "Paste fewer.")
    return _table(lines, max(",;\t", key=lines[0].count))


def _row(line: int, cells: list[str], text: str, heading: list[str | None], needed: Sequence[str]) -> Row:
    filled = [as_written(cell.strip()) for cell in cells] + [""] * (len(heading) - len(cells))
    by_column = {column: cell for column, cell in zip(heading, filled, strict=False) if column is not None}
    problem = ""
    if any(cell.strip() for cell in cells[len(heading) :]):
        problem = f"It has {len(cells)} cells, and the first row names {len(heading)} columns."
    elif missing := [name for name in needed if not by_column[name]]:
        problem = f"{missing[0]} is missing."
    return Row(line, by_column, text, problem)


def _table(lines: list[str], delimiter: str) -> list[tuple[int, list[str], str]]:
    """The rows of cells, each with the line on which it begins, and as it was written."""
    reader = csv.reader(io.StringIO("\n".join(lines)), delimiter=delimiter, strict=True)
    table, begins = [], 1
    try:
        for cells in reader:
            table.append((begins, cells, "\n".join(lines[begins - 1 : reader.line_num])[:MOST_QUOTED]))
            begins = reader.line_num + 1
    except csv.Error as damaged:
        raise PlanRefused(
            "table-damaged",
            f"The row that begins on line {begins} cannot be read: {_in_words(damaged)}.",
            "Close the quotes, or take them out.",
            f"line {begins}",
        ) from damaged
    return table


def _in_words(damaged: csv.Error) -> str:
    said = str(damaged)
    if "field limit" in said:
        return "a cell is longer than any cell should be"
    return "a quote is not closed" if "end of data" in said else said
