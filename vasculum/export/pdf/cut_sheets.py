"""The sheets on paper: each drawn with its parts, and before them the order of the cuts, setting by setting."""

from __future__ import annotations

from collections.abc import Iterator

from reportlab.lib.units import mm
from reportlab.platypus import Flowable, PageBreak

from vasculum.cutting.ways import Aim
from vasculum.drawing.cut_sheet import OFFCUTS, cut_sheet
from vasculum.drawing.primitives import Paper as Room
from vasculum.export.pdf.drawing import Drawing
from vasculum.export.pdf.page import Cell, Paper, built, paper_of, section, table
from vasculum.export.pdf.type import FINE, HEAD, TITLE, register_fonts, said
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.telling.sheets import RowShown, rows_shown, way_of

ROOM: Room = (160, 88)
"""What a sheet has on paper, mm; its dimensions stand around it."""
HIGH = 110 * mm
"""How high a drawing of a sheet is at most: two stand on a page."""


def cut_sheets_pdf(plan: SolvedPlan, revision: int | None, aim: Aim | None = None) -> bytes:
    """Every row of stock: what is needed, the settings in their order, then each sheet."""
    register_fonts()
    paper = paper_of(plan.plan.printed_on)
    story: list[Flowable] = [said(f"{plan.plan.name}: sheets", TITLE)]
    for number, row in enumerate(rows_shown(plan)):
        story += [PageBreak()] if number else []
        story += _of_row(plan, row, aim, paper)
    at = f"revision {revision}" if revision is not None else "from a plan file"
    return built(story, f"{plan.plan.name}, sheets", f"{plan.plan.name} · {at}", paper)


def _of_row(plan: SolvedPlan, row: RowShown, aim: Aim | None, paper: Paper) -> Iterator[Flowable]:
    way = way_of(row, aim)
    yield from section(row.name)
    told = f"{row.says}. {way.settings} settings of the fence, {way.cuts} cuts, {way.waste:.0%} waste."
    yield said(told, FINE)
    if row.left:
        yield said(f"Comes out of no sheet: {', '.join(row.left)}.", FINE)
    rows: list[list[Cell]] = [
        [str(one.stage), one.way, said(one.size, HEAD), str(one.pieces), said(", ".join(one.parts), FINE)]
        for one in way.order
    ]
    yield table(("Stage", "Cut", "Fence at", "Pieces", "Parts"), rows, (1.2, 1.8, 2.2, 1.4, 8.4), is_close=True)
    names = [f"{row.row}:{OFFCUTS}:{number}" for number in range(1, len(row.offcuts) + 1)]
    names += [f"{row.row}:{way.aim}:{number}" for number in range(1, way.sheets + 1)]
    for name in names:
        sheet = cut_sheet(plan, name, ROOM)
        yield said(sheet.title, HEAD)
        yield Drawing(sheet, paper.inner_width, HIGH)
