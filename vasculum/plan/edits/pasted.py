"""A pasted table: its first row names the columns; comma, semicolon or tab."""

from __future__ import annotations

import csv
import io
from collections.abc import Iterator, Sequence
from typing import NamedTuple

from vasculum.core.errors import PlanRefused
from vasculum.plan.document.cells import as_written

MOST_ROWS = 1000
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


def pasted_rows(text: str, columns: Sequence[str], needed: Sequence[str]) -> Iterator[Row]:
    """Every row that is not empty.

    Raises:
        PlanRefused: ``no-table`` where the heading lacks a column, has one twice or an unknown one; ``too-many-rows``;
            ``table-damaged`` with the row, where a quote is not closed or a cell has no end.
    """
    lines = text.removeprefix("\ufeff").replace("\r\n", "\n").replace("\r", "\n").strip("\n").split("\n")
    if len(lines) > MOST_ROWS:
        raise PlanRefused("too-many-rows", f"{len(lines)} rows; {MOST_ROWS} are taken at a time.", "Paste fewer.")
    delimiter = max(",;\t", key=lines[0].count)
    table = _table(lines, delimiter)
    heading = [cell.strip().lower().replace(" ", "_") for cell in table[0][1]] if table else []
    if missing := [name for name in needed if name not in heading]:
        raise PlanRefused(
            "no-table",
            f"The first row has no column {' and no column '.join(missing)}.",
            f"Name the columns in the first row: {', '.join(columns)}.",
        )
    if unknown := [name for name in heading if name not in columns]:
        raise PlanRefused(
            "no-table", f"There is no column {unknown[0][:MOST_QUOTED]!r}.", f"There are {', '.join(columns)}."
        )
    if twice := [name for name in heading if heading.count(name) > 1]:
        raise PlanRefused("no-table", f"The column {twice[0]!r} stands there twice.", "Take one of them out.")
    for line, cells, said in table[1:]:
        if any(cell.strip() for cell in cells):
            yield _row(line, cells, said, heading, needed)


def _row(line: int, cells: list[str], text: str, heading: list[str], needed: Sequence[str]) -> Row:
    filled = [as_written(cell.strip()) for cell in cells] + [""] * (len(heading) - len(cells))
    by_column = dict(zip(heading, filled, strict=False))
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
