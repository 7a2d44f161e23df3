"""A blank measuring sheet: stations, pictures, boxes to write in. Needs no plan."""

from __future__ import annotations

from collections.abc import Sequence
from typing import Any

from reportlab.lib.units import mm
from reportlab.platypus import Flowable, KeepTogether, Spacer, Table, TableStyle

from vasculum.drawing.stations import front_stations, top_stations
from vasculum.export.pdf.drawing import Drawing
from vasculum.export.pdf.page import built, paper_of
from vasculum.export.pdf.type import CELL, FINE, HAIRLINE, HEAD, SECTION, TITLE, register_fonts, said
from vasculum.plan.document import PaperSize
from vasculum.plan.document.settings import SettingShown
from vasculum.plan.document.stations import station_groups

OPENING = (
    ("", "left", "middle", "right"),
    ("Height", "", "", ""),
)
WIDTHS = (("Width", "front", "middle", "back"), ("high", "", "", ""), ("middle", "", "", ""), ("low", "", "", ""))
DEPTHS = (("Depth, from the face", "left", "middle", "right"), ("high", "", "", ""), ("low", "", "", ""))
FRAME = (
    ("Frame opening", "low", "middle", "high"),
    ("Width", "", "", ""),
    ("", "left", "right", ""),
    ("Height", "", "", ""),
    ("", "rising right", "rising left", ""),
    ("Diagonals", "", "", ""),
    ("", "left", "right", ""),
    ("Frame stands in of the side", "", "", ""),
)
PIECES = (
    ("The pieces in your hand", "side", "bottom", "front"),
    ("Sheet, measured thickness", "", "", ""),
    ("", "clearance, one side", "height", "length"),
    ("Runner", "", "", ""),
)


def measuring_sheet(setting: SettingShown, size: PaperSize = "A4") -> bytes:
    """Where the tape goes in such a space, boxes to write in, what to look for there, and the pieces in hand."""
    register_fonts()
    paper = paper_of(size)
    half = paper.inner_width / 2
    groups = [group for group in station_groups() if group.what == setting.what and group.survey == "case"]
    hints = [said(f"{group.title}. {group.hint}") for group in groups]
    frame = [said("With a face frame", SECTION), _boxes(FRAME)] if setting.may_be_framed else []
    pictures = Table([[Drawing(front_stations(), half), Drawing(top_stations(), half)]])
    story: list[Flowable] = [
        said(f"Measuring sheet: {setting.title.lower()}", TITLE),
        said(
            "The smallest reading governs. Write every reading with its unit. Place: ________________  Date: ________"
        ),
        Spacer(1, 2 * mm),
        pictures,
        *hints,
        *frame,
        said("Inside", SECTION),
        _boxes(WIDTHS),
        Spacer(1, 4 * mm),
        _boxes(DEPTHS),
        Spacer(1, 4 * mm),
        _boxes((("Without a frame", "left", "middle", "right"), *OPENING[1:])),
        KeepTogether([said("In the way", SECTION), _boxes(_in_the_way(setting))]),
        KeepTogether([said("Pieces", SECTION), _boxes(PIECES)]),
        Spacer(1, 4 * mm),
        said(
            "Anything else in the way: draw it above, and write how far it stands in, from where, and how high.", FINE
        ),
    ]
    return built(story, "Measuring sheet", "Measuring sheet", paper)


def _in_the_way(setting: SettingShown) -> list[tuple[str, ...]]:
    """What often stands in the way of such a space, each with boxes."""
    rows: list[tuple[str, ...]] = [("Look for", "stands in by", "from the floor", "how high")]
    for one in setting.look_for:
        rows.append((f"{one.name}. {one.hint}", "", "", ""))
    return rows


def _boxes(rows: Sequence[tuple[str, ...]]) -> Table:
    """Rows of labels and of boxes to write in; a row without words in its boxes is a row to write in."""
    cells = [[said(cell, HEAD if at else CELL) for at, cell in enumerate(row)] for row in rows]
    is_written = [not any(row[1:]) for row in rows]
    made = Table(
        cells,
        colWidths=["28%", "24%", "24%", "24%"],
        rowHeights=[
            None if len(row[0]) > 30 else 11 * mm if w else 6.5 * mm for row, w in zip(rows, is_written, strict=True)
        ],
    )
    style: list[Any] = [("VALIGN", (0, 0), (-1, -1), "MIDDLE")]
    for at, row in enumerate(rows):
        if is_written[at]:
            last = max(c for c in range(4) if c == 0 or rows[at - 1][c] or at >= 2)
            style.append(("BOX", (1, at), (last, at), 0.6, HAIRLINE))
            style.append(("INNERGRID", (1, at), (last, at), 0.6, HAIRLINE))
        elif row[0]:
            style.append(("LINEABOVE", (0, at), (-1, at), 0.4, HAIRLINE))
    made.setStyle(TableStyle(style))
    return made
