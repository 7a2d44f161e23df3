"""Templates full size over as many pages as they take, to be taped together along their marks."""

from __future__ import annotations

import io
from math import ceil

from reportlab.lib.pagesizes import A4
from reportlab.lib.units import mm
from reportlab.pdfgen.canvas import Canvas

from vasculum.drawing.primitives import Sheet
from vasculum.export.pdf.drawing import Drawing
from vasculum.export.pdf.type import BOLD, HAIRLINE, INK, SANS, printable, register_fonts

MARGIN, HEAD = 12 * mm, 22 * mm
TILE = (A4[0] - 2 * MARGIN, A4[1] - MARGIN - HEAD)
"""What of a template goes on one page, in points; pages meet without overlap at their frames."""
RULER = 100 * mm


def tiled(sheets: list[Sheet], title: str) -> bytes:
    """Every template at full size, page by page, rows from above; each page says where it belongs."""
    register_fonts()
    out = io.BytesIO()
    canvas = Canvas(out, pagesize=A4, invariant=1)
    canvas.setTitle(title)
    for sheet in sheets:
        drawing = Drawing(sheet, float("inf"), float("inf"))
        columns, rows = ceil(drawing.width / TILE[0]), ceil(drawing.height / TILE[1])
        for row in range(rows):
            for column in range(columns):
                _page(canvas, drawing, f"{title} · {sheet.title}", (row, rows), (column, columns))
    canvas.save()
    return out.getvalue()


def _page(canvas: Canvas, drawing: Drawing, title: str, row: tuple[int, int], column: tuple[int, int]) -> None:
    at = f"page {row[0] * column[1] + column[0] + 1} of {row[1] * column[1]}"
    where = f"row {row[0] + 1} of {row[1]} from above, column {column[0] + 1} of {column[1]}"
    canvas.setFillColor(INK)
    canvas.setFont(BOLD, 10)
    canvas.drawString(MARGIN, A4[1] - 10 * mm, printable(title))
    canvas.setFont(SANS, 9)
    canvas.drawString(MARGIN, A4[1] - 15 * mm, f"{at}: {where}. Print at 100 %, then measure this bar: 100 mm.")
    canvas.setLineWidth(1)
    canvas.line(MARGIN, A4[1] - 18 * mm, MARGIN + RULER, A4[1] - 18 * mm)
    canvas.saveState()
    frame = canvas.beginPath()
    frame.rect(MARGIN, MARGIN, *TILE)
    canvas.setStrokeColor(HAIRLINE)
    canvas.setDash([2, 2])
    canvas.clipPath(frame, stroke=1, fill=0)
    canvas.setDash([])
    left = MARGIN - column[0] * TILE[0]
    bottom = MARGIN + TILE[1] - drawing.height + row[0] * TILE[1]
    drawing.drawOn(canvas, left, bottom)
    canvas.restoreState()
    canvas.showPage()
