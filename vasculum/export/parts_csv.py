"""The parts list as CSV: one row for identical parts, each size exact in mm and as it is read."""

from __future__ import annotations

import csv
import io

from vasculum.plan.document.cells import harmless
from vasculum.plan.telling.solution import Size, Solution

COLUMNS = (
    "marks", "name", "hand", "count", "length", "length_other", "length_mm", "width", "width_other", "width_mm",
    "thickness", "thickness_other", "thickness_mm", "material", "weight", "grain", "places", "joinery", "assumed",
)  # fmt: skip


def parts_csv(solution: Solution) -> bytes:
    """UTF-8 with a header; ``…_mm`` are exact fractions of a millimetre, empty while a size waits."""
    out = io.StringIO()
    writer = csv.writer(out, lineterminator="\r\n")
    writer.writerow(COLUMNS)
    for part in solution.parts:
        sizes = (part.length, part.width, part.thickness)
        row = [
            " ".join(part.marks), part.name, part.hand or "", part.count, *(cell for s in sizes for cell in _cells(s)),
            part.material, part.weight, part.grain, ", ".join(dict.fromkeys(part.places)),
            "; ".join(j.text for j in part.joinery),
            "yes" if any(s.is_assumed for s in sizes) else "no",
        ]  # fmt: skip
        writer.writerow([harmless(cell) for cell in row])
    return out.getvalue().encode("utf-8")


def _cells(size: Size) -> tuple[str, str, str]:
    return ("", "", "") if size.value is None else (size.value.text, size.value.other, size.value.mm or "")
