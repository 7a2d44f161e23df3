"""Which files a plan can be written as, by name."""

from __future__ import annotations

from collections.abc import Callable
from typing import NamedTuple

from vasculum.core.errors import PlanRefused
from vasculum.drawing.cut_sheet import cut_sheets
from vasculum.drawing.opening import opening_sheets
from vasculum.drawing.part import part_sheet
from vasculum.drawing.primitives import Sheet
from vasculum.drawing.template import templates
from vasculum.export.cut_sheets_csv import cut_sheets_csv
from vasculum.export.order_csv import order_csv
from vasculum.export.parts_csv import parts_csv
from vasculum.export.shopping_csv import shopping_csv
from vasculum.export.svg import svg_of
from vasculum.plan.document.reading import write_plan
from vasculum.plan.edits.library_file import library_json
from vasculum.plan.edits.runners_csv import runners_csv
from vasculum.plan.edits.things_csv import things_csv
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.making.pieces import merged, pieces_of
from vasculum.plan.telling.solution import solution_of
from vasculum.solid.proof import prove


class ExportFile(NamedTuple):
    """One file: its media type, and how its bytes are made from a solved plan and its revision."""

    media_type: str
    make: Callable[[SolvedPlan, int | None], bytes]


def _plan(plan: SolvedPlan, _revision: int | None) -> bytes:
    return write_plan(plan.plan).encode("utf-8")


def _parts(plan: SolvedPlan, _revision: int | None) -> bytes:
    return parts_csv(solution_of(plan, prove(plan)))


def _workbook(plan: SolvedPlan, _revision: int | None) -> bytes:
    from vasculum.export.workbooks import parts_xlsx

    return parts_xlsx(solution_of(plan, prove(plan)))


def _shopping(plan: SolvedPlan, _revision: int | None) -> bytes:
    return shopping_csv(solution_of(plan, prove(plan)))


def _sheets(plan: SolvedPlan) -> list[Sheet]:
    """Everything that is drawn of a plan: its openings, then each distinct part."""
    parts = [part_sheet(plan, group[0]) for group in merged(plan, pieces_of(plan)) if group[0].sheet]
    return [sheet for sheet in (*opening_sheets(plan), *parts, *templates(plan)) if sheet.primitives]


def _drawing(plan: SolvedPlan, revision: int | None) -> bytes:
    at = "" if revision is None else f", revision {revision}"
    return svg_of(_sheets(plan), plan.plan.name + at)


def _cad(plan: SolvedPlan, _revision: int | None) -> bytes:
    from vasculum.export.dxf import dxf_of

    return dxf_of(_sheets(plan))


def _sheet(plan: SolvedPlan, revision: int | None) -> bytes:
    from vasculum.export.pdf.pack import print_pack

    return print_pack(plan, revision)


def _model(plan: SolvedPlan, _revision: int | None) -> bytes:
    from vasculum.export.glb import glb

    return glb(plan)


def _runners(plan: SolvedPlan, _revision: int | None) -> bytes:
    return runners_csv(plan.plan)


def _things(plan: SolvedPlan, _revision: int | None) -> bytes:
    return things_csv(plan.plan).encode("utf-8")


def _things_workbook(plan: SolvedPlan, _revision: int | None) -> bytes:
    from vasculum.export.workbooks import things_xlsx

    return things_xlsx(plan.plan)


def _templates(plan: SolvedPlan, revision: int | None) -> bytes:
    from vasculum.export.pdf.page import paper_of
    from vasculum.export.pdf.tiled import tiled

    sheets = templates(plan)
    if not sheets:
        raise PlanRefused("no-template", "There is no scribe strip in this plan.", "Measure one first.")
    title = plan.plan.name + ("" if revision is None else f", revision {revision}")
    return tiled(sheets, title, paper_of(plan.plan.printed_on))


def _cut_sheets(plan: SolvedPlan, revision: int | None) -> bytes:
    from vasculum.export.pdf.cut_sheets import cut_sheets_pdf

    return cut_sheets_pdf(plan, revision)


def _cut_sheets_drawn(plan: SolvedPlan, revision: int | None) -> bytes:
    at = "" if revision is None else f", revision {revision}"
    return svg_of(cut_sheets(plan), f"{plan.plan.name}, sheets{at}")


def _cut_sheets_cad(plan: SolvedPlan, _revision: int | None) -> bytes:
    from vasculum.export.cut_sheets_dxf import cut_sheets_dxf

    return cut_sheets_dxf(plan)


def _cut_sheets_table(plan: SolvedPlan, _revision: int | None) -> bytes:
    return cut_sheets_csv(plan)


def _order(plan: SolvedPlan, _revision: int | None) -> bytes:
    return order_csv(plan)


def _library(plan: SolvedPlan, _revision: int | None) -> bytes:
    return library_json(plan.plan)


WORKBOOK = "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet"
"""The media type of a workbook."""
EXPORTS = {
    "plan.json": ExportFile("application/json", _plan),
    "parts.csv": ExportFile("text/csv; charset=utf-8", _parts),
    "parts.xlsx": ExportFile(WORKBOOK, _workbook),
    "things.xlsx": ExportFile(WORKBOOK, _things_workbook),
    "drawing.svg": ExportFile("image/svg+xml", _drawing),
    "drawing.dxf": ExportFile("image/vnd.dxf", _cad),
    "sheet.pdf": ExportFile("application/pdf", _sheet),
    "model.glb": ExportFile("model/gltf-binary", _model),
    "things.csv": ExportFile("text/csv; charset=utf-8", _things),
    "runners.csv": ExportFile("text/csv; charset=utf-8", _runners),
    "library.json": ExportFile("application/json", _library),
    "shopping.csv": ExportFile("text/csv; charset=utf-8", _shopping),
    "sheets.pdf": ExportFile("application/pdf", _cut_sheets),
    "sheets.svg": ExportFile("image/svg+xml", _cut_sheets_drawn),
    "sheets.dxf": ExportFile("image/vnd.dxf", _cut_sheets_cad),
    "sheets.csv": ExportFile("text/csv; charset=utf-8", _cut_sheets_table),
    "order.csv": ExportFile("text/csv; charset=utf-8", _order),
    "templates.pdf": ExportFile("application/pdf", _templates),
}
"""Name → file. Heavy writers are loaded only when asked for."""
