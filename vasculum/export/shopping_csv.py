"""The shopping list as CSV."""

from __future__ import annotations

import csv
import io

from vasculum.plan.document.cells import harmless
from vasculum.plan.telling.solution import Solution

COLUMNS = ("what", "need", "buy", "cost")


def shopping_csv(solution: Solution) -> bytes:
    """UTF-8 with a header; the last row is the total of what has a price."""
    out = io.StringIO()
    writer = csv.writer(out, lineterminator="\r\n")
    writer.writerow(COLUMNS)
    for line in solution.shopping.lines:
        writer.writerow([harmless(cell) for cell in (line.what, line.need, line.buy, line.cost)])
    writer.writerow(["total", "", "", solution.shopping.total])
    return out.getvalue().encode("utf-8")
