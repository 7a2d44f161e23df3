"""Parts on their sheets as CSV: a line for each part and each offcut, where it lies, exact mm from the lower left."""

from __future__ import annotations

import csv
import io

from vasculum.cutting.ways import Aim
from vasculum.plan.document.cells import harmless
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.making.on_stock import layout_of, stocks_of
from vasculum.plan.telling.sheets import part_called

COLUMNS = ("stock", "sheet", "part", "from_left_mm", "from_below_mm", "length_mm", "width_mm", "turned")


def cut_sheets_csv(plan: SolvedPlan, aim: Aim | None = None) -> bytes:
    """Every sheet of every row, in the order of the cuts; an offcut has no part."""
    out = io.StringIO()
    writer = csv.writer(out, lineterminator="\r\n")
    writer.writerow(COLUMNS)
    for one in stocks_of(plan):
        racked = [(f"offcut {number}", piece) for number, (_, piece) in enumerate(one.on_offcuts, 1)]
        sheets = one.as_cut(layout_of(one.laid, aim)[1].sheets)
        whole = [(str(number), piece) for number, piece in enumerate(sheets, 1)]
        for number, sheet in (*racked, *whole):
            for leaf in sheet.leaves():
                name = part_called(plan, leaf.part) if leaf.part else ""
                sizes = (str(size) for size in (leaf.x, leaf.y, leaf.length, leaf.width))
                turned = "yes" if leaf.is_turned else "no"
                writer.writerow([harmless(one.sheet.name), number, harmless(name), *sizes, turned])
    return out.getvalue().encode("utf-8")
