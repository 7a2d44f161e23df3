"""The first sheet of a workbook as a table that can be pasted: values, not formulas."""

from __future__ import annotations

import csv
import io
import zipfile
import zlib
from collections.abc import Iterator
from datetime import date, datetime, time
from xml.etree.ElementTree import ParseError

from vasculum.core.errors import PlanRefused
from vasculum.plan.edits.pasted import MOST_ROWS

MOST_COLUMNS = 60
DAMAGED = (
    zipfile.BadZipFile, zlib.error, ParseError, EOFError, LookupError, ValueError, TypeError,
    AttributeError, ArithmeticError, RuntimeError,
)  # fmt: skip
"""What its reader breaks with where a workbook is none, or is damaged anywhere."""
MOST_UNPACKED = 60_000_000
"""Bytes: more than any list is worth reading."""


def table_of(workbook: bytes) -> str:
    """Its cells as text, with tabs between them; empty rows and columns at the edges are left out.

    Raises:
        PlanRefused: ``no-workbook`` where it is none, is empty or too large; ``too-many-rows``.
    """
    from openpyxl import load_workbook  # loaded only when somebody brings one

    fix = "Save it as XLSX, or copy its rows and paste them."
    try:
        with zipfile.ZipFile(io.BytesIO(workbook)) as packed:
            if sum(one.file_size for one in packed.infolist()) > MOST_UNPACKED:
                raise PlanRefused(
                    "no-workbook", "This workbook is larger than any list.", "Save its first sheet alone."
                )
        book = load_workbook(io.BytesIO(workbook), read_only=True, data_only=True)
        sheet = book.worksheets[0]
        rows = list(_rows(sheet.iter_rows(max_col=MOST_COLUMNS, max_row=MOST_ROWS + 2, values_only=True)))
    except DAMAGED as damaged:
        raise PlanRefused("no-workbook", "This is no workbook that can be read.", fix) from damaged
    if not rows:
        raise PlanRefused(
            "no-workbook", "The first sheet of this workbook is empty.", "Put the list on its first sheet."
        )
    if len(rows) > MOST_ROWS + 1:
        raise PlanRefused("too-many-rows", f"More than {MOST_ROWS} rows.", "Bring in fewer at a time.")
    out = io.StringIO()
    csv.writer(out, delimiter="\t", lineterminator="\n").writerows(rows)
    return out.getvalue()


def _rows(rows: Iterator[tuple[object, ...]]) -> Iterator[list[str]]:
    for row in rows:
        cells = [_text(cell) for cell in row]
        while cells and not cells[-1]:
            cells.pop()
        if cells:
            yield cells


def _text(cell: object) -> str:
    if cell is None:
        return ""
    if isinstance(cell, bool):
        return "yes" if cell else "no"
    if isinstance(cell, float):
        return f"{cell:.6f}".rstrip("0").rstrip(".")
    if isinstance(cell, (datetime, date, time)):
        return cell.isoformat()
    return " ".join(str(cell).split())
