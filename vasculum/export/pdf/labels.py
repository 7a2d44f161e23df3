"""A sheet of labels: for each drawer or part its number or mark, its name, what belongs to it, and a code."""

from __future__ import annotations

import io
from collections.abc import Callable, Iterable

import segno
from reportlab.lib.units import mm
from reportlab.pdfgen.canvas import Canvas
from reportlab.platypus import Paragraph

from vasculum.core.tables import LabelSheet
from vasculum.export.pdf.page import paper_of
from vasculum.export.pdf.type import BODY, BOLD, FINE, INK, printable, register_fonts, said
from vasculum.plan.telling.labels import LabelSaid

EDGE = 3 * mm
"""Kept free inside a label: printers are a little off."""
LARGEST = 22.0
"""Of a number, points."""


def labels(title: str, said_on: Iterable[LabelSaid], sheet: LabelSheet, page_of: Callable[[str], str]) -> bytes:
    """Labels, row by row from above, on as many pages as they take.

    Args:
        page_of: where the page of a place is.
    """
    register_fonts()
    out, paper = io.BytesIO(), paper_of("A4" if sheet.paper == "A4" else "Letter")
    canvas = Canvas(out, pagesize=paper, invariant=1)
    canvas.setTitle(printable(f"{title}, labels"))
    each = sheet.across * sheet.down
    for count, label in enumerate(said_on):
        if count and count % each == 0:
            canvas.showPage()
        row, column = divmod(count % each, sheet.across)
        left = float(sheet.left + column * (sheet.width + sheet.gap_across)) * mm
        top = paper.height - float(sheet.top + row * (sheet.height + sheet.gap_down)) * mm
        _label(canvas, label, (left, top), sheet, page_of(label.place))
    canvas.save()
    return out.getvalue()


def _label(canvas: Canvas, label: LabelSaid, corner: tuple[float, float], sheet: LabelSheet, link: str) -> None:
    """From its upper left corner: the number, the name and what lies there, the code at the right."""
    wide, high = float(sheet.width) * mm - 2 * EDGE, float(sheet.height) * mm - 2 * EDGE
    left, top = corner[0] + EDGE, corner[1] - EDGE
    side = min(high, wide / 3)
    _code(canvas, link, (left + wide - side, top - side), side)
    number = str(label.number)
    size = min(LARGEST, high / 2)
    canvas.setFillColor(INK)
    canvas.setFont(BOLD, size)
    canvas.drawString(left, top - size * 0.8, number)
    beside = left + canvas.stringWidth(number, BOLD, size) + EDGE
    room = left + wide - side - EDGE - beside
    at = top
    for text, style in ((label.name, BODY), (label.kept, FINE)):
        at -= _written(canvas, said(text, style), (beside, at), (room, at - (top - high)))


def _written(canvas: Canvas, text: Paragraph, corner: tuple[float, float], room: tuple[float, float]) -> float:
    """As many lines as there is room for; answers how much of it they took."""
    _, wanted = text.wrap(*room)
    parts = [text] if wanted <= room[1] else text.split(*room)[:1]
    for part in parts:
        _, high = part.wrap(*room)
        part.drawOn(canvas, corner[0], corner[1] - high)
        return float(high)
    return 0.0


def _code(canvas: Canvas, link: str, corner: tuple[float, float], side: float) -> None:
    """The code in squares, with the quiet border that a camera wants."""
    rows = list(segno.make(link, micro=False).matrix_iter(border=2))
    dot = side / len(rows)
    for down, row in enumerate(rows):
        for across, is_dark in enumerate(row):
            if is_dark:
                y = corner[1] + side - (down + 1) * dot
                canvas.rect(corner[0] + across * dot, y, dot, dot, stroke=0, fill=1)
