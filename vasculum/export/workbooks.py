"""Lists as workbooks: parts, things to buy, tape checks, texts as read and sizes also in mm; and what goes in."""

from __future__ import annotations

import io
from collections.abc import Iterable
from fractions import Fraction

from openpyxl import Workbook
from openpyxl.styles import Alignment, Font
from openpyxl.utils import get_column_letter
from openpyxl.worksheet.worksheet import Worksheet

from vasculum.plan.document import Plan
from vasculum.plan.document.cells import harmless
from vasculum.plan.edits.things_csv import table_of_things
from vasculum.plan.telling.solution import PartShown, Shown, Solution

PARTS = (
    "Marks", "No.", "Part", "Hand", "Length", "Width", "Thickness", "Length mm", "Width mm", "Thickness mm", "Material",
    "Grain", "Cells", "Places", "Joinery",
)  # fmt: skip


def parts_xlsx(solution: Solution) -> bytes:
    """A workbook of three sheets; a size that waits is an empty cell."""
    book = Workbook()
    parts = book.active
    if not isinstance(parts, Worksheet):
        raise TypeError("a new workbook has a first sheet")
    parts.title = "Parts"
    _fill(parts, PARTS, (_part_row(solution, at) for at in range(len(solution.parts))))
    buy = book.create_sheet("To buy")
    _fill(buy, ("No.", "Unit", "What", "Through"), ((h.count, h.unit, h.what, h.through) for h in solution.hardware))
    checks = book.create_sheet("Tape checks")
    read = [(c, solution.should_read(c)) for c in solution.tape_checks]
    rows = ((c.drawer, c.what, value.text, value.other, c.tolerance.text) for c, value in read)
    _fill(checks, ("Drawer", "Measure", "Should read", "Other unit", "Within"), rows)
    out = io.BytesIO()
    book.save(out)
    return out.getvalue()


def things_xlsx(plan: Plan) -> bytes:
    """The list of things as a workbook of one sheet, that can be brought in again."""
    heading, *rows = table_of_things(plan)
    book = Workbook()
    sheet = book.active
    if not isinstance(sheet, Worksheet):
        raise TypeError("a new workbook has a first sheet")
    sheet.title = "What goes in"
    _fill(sheet, tuple(heading), (tuple(row) for row in rows))
    out = io.BytesIO()
    book.save(out)
    return out.getvalue()


def _part_row(solution: Solution, at: int) -> tuple[object, ...]:
    part = solution.parts[at]
    sizes = [part.length.value, part.width.value, part.thickness.value]
    return (
        " ".join(part.marks), part.count, part.name, part.hand or "", *(s.text if s else None for s in sizes),
        *(_mm(s) for s in sizes), part.material, part.grain, _cells(part), ", ".join(dict.fromkeys(part.places)),
        "; ".join(j.text for j in part.joinery),
    )  # fmt: skip


def _cells(part: PartShown) -> str:
    return ", ".join(str(n) for n in dict.fromkeys(part.numbers) if n)


def _mm(value: Shown | None) -> float | None:
    return float(Fraction(value.mm)) if value and value.mm else None


def _fill(sheet: Worksheet, head: tuple[str, ...], rows: Iterable[tuple[object, ...]]) -> None:
    sheet.append(head)
    widths = [len(title) for title in head]
    for row in rows:
        sheet.append([harmless(cell) for cell in row])
        widths = [max(w, len(str(cell or ""))) for w, cell in zip(widths, row, strict=True)]
    for cell in sheet[1]:
        cell.font = Font(bold=True)
    for number, width in enumerate(widths, 1):
        sheet.column_dimensions[get_column_letter(number)].width = min(width + 2, 60)
    for line in sheet.iter_rows(min_row=2):
        for cell in line:
            cell.alignment = Alignment(vertical="top", wrap_text=True)
    sheet.freeze_panes = "A2"
