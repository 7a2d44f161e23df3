"""A pasted table: its first row names the columns; comma, semicolon or tab."""

from __future__ import annotations

import csv
import io
from collections.abc import Iterator, Sequence
from typing import NamedTuple

from vasculum.core.errors import PlanRefused

MOST_ROWS = 1000


class Row(NamedTuple):
    """One row below the heading: its line in the text, the heading being 1; its cells by column; the text itself."""

    line: int
    cells: dict[str, str]
    text: str


def pasted_rows(text: str, columns: Sequence[str], needed: Sequence[str]) -> Iterator[Row]:
    """Every row that is not empty.

    Raises:
        PlanRefused: ``no-table`` where the heading lacks a column or has an unknown one; ``too-many-rows``.
    """
    lines = text.strip("\r\n").splitlines()
    if len(lines) > MOST_ROWS:
        raise PlanRefused("too-many-rows", f"{len(lines)} rows; {MOST_ROWS} are taken at a time.", "Paste fewer.")
    delimiter = max(",;\t", key=(lines[0] if lines else "").count)
    table = list(csv.reader(io.StringIO("\n".join(lines)), delimiter=delimiter))
    heading = [cell.strip().lower().replace(" ", "_") for cell in table[0]] if table else []
    if missing := [name for name in needed if name not in heading]:
        raise PlanRefused(
            "no-table",
            f"The first row has no column {' and no column '.join(missing)}.",
            f"Name the columns in the first row: {', '.join(columns)}.",
        )
    if unknown := [name for name in heading if name not in columns]:
        raise PlanRefused("no-table", f"There is no column {unknown[0]!r}.", f"There are {', '.join(columns)}.")
    for line, cells in enumerate(table[1:], 2):
        if any(cell.strip() for cell in cells):
            yield Row(line, dict(zip(heading, (cell.strip() for cell in cells), strict=False)), lines[line - 1])
