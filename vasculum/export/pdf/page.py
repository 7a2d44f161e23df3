"""The page: margins, a foot on every page with name, revision and page number, tables with hairlines."""

from __future__ import annotations

import io
from collections.abc import Sequence
from typing import Any

from reportlab.lib.pagesizes import A4
from reportlab.lib.units import mm
from reportlab.pdfgen.canvas import Canvas
from reportlab.platypus import Flowable, Paragraph, SimpleDocTemplate, Table, TableStyle

from vasculum.export.pdf.type import CELL, HAIRLINE, HEAD, SANS, SHADE, printable, register_fonts, said

MARGIN = 16 * mm
WIDTH = A4[0] - 2 * MARGIN


def built(story: list[Flowable], title: str, foot: str) -> bytes:
    """The story as a PDF, *page n of m* in the foot."""
    register_fonts()
    out = io.BytesIO()
    document = SimpleDocTemplate(
        out, pagesize=A4, leftMargin=MARGIN, rightMargin=MARGIN, topMargin=14 * mm, bottomMargin=18 * mm,
        title=title, author="Vasculum", invariant=1,
    )  # fmt: skip
    document.build(story, canvasmaker=_counting(printable(foot)))
    return out.getvalue()


def _counting(foot: str) -> type[Canvas]:
    class CountingCanvas(Canvas):
        """Keeps its pages until the last is known, so that each can say how many there are."""

        def __init__(self, *arguments: Any, **named: Any) -> None:
            super().__init__(*arguments, **named)
            self.pages: list[dict[str, Any]] = []

        def showPage(self) -> None:  # noqa: N802
            self.pages.append(dict(self.__dict__))
            self._startPage()  # type: ignore[attr-defined]

        def save(self) -> None:
            for number, page in enumerate(self.pages, 1):
                self.__dict__.update(page)
                self.setFont(SANS, 9)
                self.drawString(MARGIN, 10 * mm, foot)
                self.drawRightString(A4[0] - MARGIN, 10 * mm, f"page {number} of {len(self.pages)}")
                super().showPage()
            super().save()

    return CountingCanvas


Cell = str | Paragraph | list[Paragraph]


def table(head: Sequence[str], rows: Sequence[Sequence[Cell]], widths: Sequence[float]) -> Table:
    """A table with hairlines; its head stands again on each page, and a row higher than a page goes on there.

    Widths are shares of the page's width.
    """
    cells: list[list[Any]] = [[said(h, HEAD) for h in head]]
    cells += [[said(c, CELL) if isinstance(c, str) else c for c in row] for row in rows]
    total = sum(widths)
    made = Table(cells, colWidths=[WIDTH * w / total for w in widths], repeatRows=1, splitInRow=1)
    made.setStyle(
        TableStyle(
            [
                ("LINEBELOW", (0, 0), (-1, -1), 0.4, HAIRLINE),
                ("BACKGROUND", (0, 0), (-1, 0), SHADE),
                ("VALIGN", (0, 0), (-1, -1), "MIDDLE"),
                ("TOPPADDING", (0, 0), (-1, -1), 2),
                ("BOTTOMPADDING", (0, 0), (-1, -1), 3.5),
                ("LEFTPADDING", (0, 0), (-1, -1), 4),
            ]
        )
    )
    return made
