"""The page: margins, a foot on every page with name, revision and page number, tables with hairlines."""

from __future__ import annotations

import io
from collections.abc import Iterator, Sequence
from typing import Any, NamedTuple

from reportlab.lib.pagesizes import A4, LETTER
from reportlab.lib.units import mm
from reportlab.pdfgen.canvas import Canvas
from reportlab.platypus import CondPageBreak, Flowable, Paragraph, SimpleDocTemplate, Table, TableStyle

from vasculum.export.pdf.type import CELL, HAIRLINE, HEAD, SANS, SECTION, SHADE, printable, register_fonts, said
from vasculum.plan.document import PaperSize

MARGIN = 16 * mm
LEAST_ROOM = 38 * mm
"""What a heading wants below it."""
MOST_OF_A_ROW = 200 * mm
"""A row higher than this is parted."""
ABOVE, BELOW = 14 * mm, 18 * mm
_SIZES: dict[PaperSize, tuple[float, float]] = {"A4": A4, "Letter": LETTER}


class Paper(NamedTuple):
    """A sheet of paper, in points."""

    width: float
    height: float

    @property
    def inner_width(self) -> float:
        """What stands between the margins."""
        return self.width - 2 * MARGIN


def paper_of(size: PaperSize) -> Paper:
    """The paper of a size by name."""
    return Paper(*_SIZES[size])


def built(story: list[Flowable], title: str, foot: str, paper: Paper) -> bytes:
    """The story as a PDF, *page n of m* in the foot."""
    register_fonts()
    out = io.BytesIO()
    document = SimpleDocTemplate(
        out, pagesize=paper, leftMargin=MARGIN, rightMargin=MARGIN, topMargin=ABOVE, bottomMargin=BELOW,
        title=title, author="Vasculum", invariant=1,
    )  # fmt: skip
    document.build(story, canvasmaker=_counting(printable(foot), paper))
    return out.getvalue()


def _counting(foot: str, paper: Paper) -> type[Canvas]:
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
                self.drawRightString(paper.width - MARGIN, 10 * mm, f"page {number} of {len(self.pages)}")
                super().showPage()
            super().save()

    return CountingCanvas


class _Parted(Table):
    """Goes on on the next page between rows; within a row only where that is higher than a page."""

    def split(self, width: float, height: float) -> list[Flowable]:
        """The table in two, or nothing where it had better begin on the next page."""
        self.splitInRow = int(max(vars(self)["_rowHeights"][self.repeatRows :], default=0) > MOST_OF_A_ROW)
        parts: list[Flowable] = super().split(width, height)
        return parts


Cell = str | Paragraph | list[Paragraph]


def table(
    head: Sequence[str], rows: Sequence[Sequence[Cell]], widths: Sequence[float], is_close: bool = False
) -> Table:
    """A table with hairlines; its head stands again on each page, and a row higher than a page goes on there.

    Widths are shares of the page's width. The last cell of a row that is shorter than the head goes on to its end; a
    row of a single cell is a title.
    """
    cells: list[list[Any]] = [[said(h, HEAD) for h in head]]
    for row in rows:
        made_of = [said(c, CELL) if isinstance(c, str) else c for c in row]
        cells.append(made_of + [""] * (len(head) - len(row)))
    short = [(at, len(row)) for at, row in enumerate(rows, 1) if len(row) < len(head)]
    total = sum(widths)
    made = _Parted(cells, colWidths=[f"{100 * w / total:.4f}%" for w in widths], repeatRows=1)
    made.setStyle(
        TableStyle(
            [
                ("LINEBELOW", (0, 0), (-1, -1), 0.4, HAIRLINE),
                ("BACKGROUND", (0, 0), (-1, 0), SHADE),
                ("VALIGN", (0, 0), (-1, -1), "MIDDLE"),
                ("TOPPADDING", (0, 0), (-1, -1), 1 if is_close else 2),
                ("BOTTOMPADDING", (0, 0), (-1, -1), 2.5 if is_close else 3.5),
                ("LEFTPADDING", (0, 0), (-1, -1), 4),
                *(("SPAN", (length - 1, at), (-1, at)) for at, length in short),
                *(("BACKGROUND", (0, at), (-1, at), SHADE) for at, length in short if length == 1),
            ]
        )
    )
    return made


def section(title: str, room: float = LEAST_ROOM) -> Iterator[Flowable]:
    """A heading with room for the beginning of what it heads; on the next page where there is none."""
    yield CondPageBreak(room)
    yield said(title, SECTION)


def in_columns(cells: Sequence[list[Flowable]], columns: int = 2) -> Iterator[Flowable]:
    """Small things beside each other, in rows that stay together."""
    rows: list[list[Any]] = [list(cells[at : at + columns]) for at in range(0, len(cells), columns)]
    if not rows:
        return
    rows[-1] += [""] * (columns - len(rows[-1]))
    made = Table(rows, colWidths=[f"{100 / columns:.4f}%"] * columns)
    no_room = [(f"{side}PADDING", (0, 0), (-1, -1), 0) for side in ("LEFT", "RIGHT", "TOP")]
    made.setStyle(TableStyle([("VALIGN", (0, 0), (-1, -1), "TOP"), *no_room, ("BOTTOMPADDING", (0, 0), (-1, -1), 7)]))
    yield made
