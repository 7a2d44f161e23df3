"""The sheets on paper: each drawn with its parts, and before them the order of the cuts, setting by setting."""

from __future__ import annotations

from collections.abc import Iterator

from reportlab.lib.units import mm
from reportlab.platypus import Flowable, KeepTogether, PageBreak

from vasculum.cutting.ways import Aim
from vasculum.drawing.cut_sheet import OFFCUTS, cut_sheet
from vasculum.drawing.primitives import Paper as Room
from vasculum.export.pdf.drawing import Drawing
from vasculum.export.pdf.page import Cell, Paper, built, paper_of, section, table
from vasculum.export.pdf.type import FINE, HEAD, TITLE, register_fonts, said
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.telling.sheets import FenceShown, RowShown, rows_shown, way_of
from vasculum.plan.telling.solution import solution_of

ROOM: Room = (160, 88)
"""What a sheet has on paper, mm; its dimensions stand around it."""
HIGH = 110 * mm
"""How high a drawing of a sheet is at most: two stand on a page."""


def cut_sheets_pdf(plan: SolvedPlan, revision: int | None, aim: Aim | None = None) -> bytes:
    """Every row of stock: what is needed, the settings in their order, then each sheet."""
    register_fonts()
    paper = paper_of(plan.plan.printed_on)
    rows = rows_shown(plan)
    story: list[Flowable] = [said(f"{plan.plan.name}: sheets", TITLE), *_for_the_merchant(plan, rows, aim)]
    for number, row in enumerate(rows):
        story += [PageBreak()] if number or len(story) > 1 else []
        story += _of_row(plan, row, aim, paper)
    at = f"revision {revision}" if revision is not None else "from a plan file"
    return built(story, f"{plan.plan.name}, sheets", f"{plan.plan.name} · {at}", paper)


def _for_the_merchant(plan: SolvedPlan, rows: list[RowShown], aim: Aim | None) -> Iterator[Flowable]:
    """A page to take along: what is bought of sheets and boards, and the first cuts, there or on the floor."""
    names = {row.name for row in rows}
    bought = [line for line in solution_of(plan).shopping.lines if line.buy and line.what in names]
    if bought:
        yield from section("For the merchant")
        yield table(
            ("What", "Buy", "Cost"), [[said(line.what), said(line.buy), line.cost] for line in bought], (6, 7, 2)
        )
    cuts: list[list[Cell]] = [
        [said(row.name), str(sheet.sheet), said("; ".join(sheet.cuts)), said("; ".join(sheet.pieces), FINE)]
        for row in rows
        for sheet in way_of(row, aim).first_cuts
        if sheet.cuts
    ]
    if cuts:
        yield from section("First cuts")
        yield table(("What", "Sheet", "Cuts", "Pieces that are carried"), cuts, (3.6, 1.4, 4, 6), is_close=True)
    priced = [f"{row.name}: {way_of(row, aim).first_cost}" for row in rows if way_of(row, aim).first_cost]
    if priced:
        yield said(f"Cuts cost {', '.join(priced)}.", FINE)


def _of_row(plan: SolvedPlan, row: RowShown, aim: Aim | None, paper: Paper) -> Iterator[Flowable]:
    way = way_of(row, aim)
    yield from section(row.name)
    told = f"{row.says}. {way.settings} settings of the fence, {way.cuts} cuts, {way.waste:.0%} waste."
    yield said(told, FINE)
    if row.left:
        yield said(f"Comes out of no sheet: {', '.join(row.left)}.", FINE)
    rows: list[list[Cell]] = [
        [str(one.stage), one.way, said(one.size, HEAD), str(one.pieces), said(_told(one), FINE)]
        for one in (*row.rack_order, *way.order)
    ]
    yield table(("Stage", "Cut", "Fence at", "Pieces", "Parts"), rows, (1.2, 1.8, 2.2, 1.4, 8.4), is_close=True)
    names = [f"{row.row}:{OFFCUTS}:{number}" for number in range(1, len(row.offcuts) + 1)]
    names += [f"{row.row}:{way.aim}:{number}" for number in range(1, way.sheets + 1)]
    for name in names:
        sheet = cut_sheet(plan, name, ROOM)
        yield KeepTogether([said(sheet.title, HEAD), Drawing(sheet, paper.inner_width, HIGH)])


def _told(one: FenceShown) -> str:
    """What comes off at a setting, and what is taken care of."""
    return ". ".join(filter(None, [", ".join(one.parts), one.care]))
