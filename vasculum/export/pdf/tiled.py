"""Templates full size over as many pages as they take, to be taped together along their marks."""

from __future__ import annotations

import io
from math import ceil

from reportlab.lib.units import mm
from reportlab.pdfgen.canvas import Canvas

from vasculum.drawing.primitives import Sheet
from vasculum.export.pdf.drawing import Drawing
from vasculum.export.pdf.page import Paper
from vasculum.export.pdf.type import BOLD, HAIRLINE, INK, SANS, printable, register_fonts

MARGIN, HEAD = 12 * mm, 22 * mm
RULER = 100 * mm


def tiled(sheets: list[Sheet], title: str, paper: Paper) -> bytes:
    """Every template at full size, page by page, rows from above; each page says where it belongs."""
    register_fonts()
    out = io.BytesIO()
    canvas = Canvas(out, pagesize=paper, invariant=1)
    canvas.setTitle(title)
    tile = _tile(paper)
    for sheet in sheets:
        drawing = Drawing(sheet, float("inf"), float("inf"))
        columns, rows = ceil(drawing.width / tile[0]), ceil(drawing.height / tile[1])
        for row in range(rows):
            for column in range(columns):
                _page(canvas, paper, drawing, f"{title} · {sheet.title}", (row, rows), (column, columns))
    canvas.save()
    return out.getvalue()


def _tile(paper: Paper) -> tuple[float, float]:
    """What of a template goes on one page, in points; pages meet without overlap at their frames."""
    return (paper.width - 2 * MARGIN, paper.height - MARGIN - HEAD)


def _page(
    canvas: Canvas, paper: Paper, drawing: Drawing, title: str, row: tuple[int, int], column: tuple[int, int]
) -> None:
    tile = _tile(paper)
    at = f"page {row[0] * column[1] + column[0] + 1} of {row[1] * column[1]}"
    where = f"row {row[0] + 1} of {row[1]} from above, column {column[0] + 1} of {column[1]}"
    canvas.setFillColor(INK)
    canvas.setFont(BOLD, 10)
    canvas.drawString(MARGIN, paper.height - 10 * mm, printable(title))
    canvas.setFont(SANS, 9)
    canvas.drawString(MARGIN, paper.height - 15 * mm, f"{at}: {where}. Print at 100 %, then measure this bar: 100 mm.")
    canvas.setLineWidth(1)
    canvas.line(MARGIN, paper.height - 18 * mm, MARGIN + RULER, paper.height - 18 * mm)
    canvas.saveState()
    frame = canvas.beginPath()
    frame.rect(MARGIN, MARGIN, *tile)
    canvas.setStrokeColor(HAIRLINE)
    canvas.setDash([2, 2])
    canvas.clipPath(frame, stroke=1, fill=0)
    canvas.setDash([])
    left = MARGIN - column[0] * tile[0]
    bottom = MARGIN + tile[1] - drawing.height + row[0] * tile[1]
    drawing.drawOn(canvas, left, bottom)
    canvas.restoreState()
    canvas.showPage()
