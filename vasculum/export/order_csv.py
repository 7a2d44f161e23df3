"""The merchant's order as CSV: what is bought, and how each sheet is broken down there."""

from __future__ import annotations

import csv
import io

from vasculum.plan.document.cells import harmless
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.telling.sheets import rows_shown, way_of
from vasculum.plan.telling.solution import solution_of

COLUMNS = ("what", "buy", "sheet", "cut", "pieces", "cost")


def order_csv(plan: SolvedPlan) -> bytes:
    """A row for each thing that is bought, then one for each first cut with what it leaves, and what the cuts cost."""
    out = io.StringIO()
    writer = csv.writer(out, lineterminator="\r\n")
    writer.writerow(COLUMNS)
    for line in solution_of(plan).shopping.lines:
        if line.buy:
            writer.writerow([harmless(line.what), harmless(line.buy), "", "", "", line.cost])
    for row in rows_shown(plan):
        way = way_of(row)
        for sheet in way.first_cuts:
            for number, cut in enumerate(sheet.cuts):
                left = "; ".join(sheet.pieces) if number == len(sheet.cuts) - 1 else ""
                writer.writerow([harmless(row.name), "", sheet.sheet, cut, left, ""])
        if way.first_cost:
            writer.writerow([harmless(row.name), "", "", f"{way.first_count} cuts", "", way.first_cost])
    return out.getvalue().encode("utf-8")
