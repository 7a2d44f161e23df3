"""Set-ups on paper: each setting once, by number, with the parts that are worked so."""

from __future__ import annotations

from collections.abc import Iterator

from reportlab.lib.units import mm
from reportlab.platypus import Flowable

from vasculum.export.pdf.page import Cell, section, table
from vasculum.export.pdf.type import BIG, said
from vasculum.plan.telling.set_ups import set_ups_shown
from vasculum.plan.telling.solution import Solution


def set_ups(solution: Solution) -> Iterator[Flowable]:
    """Each setting once, with the marks of all its parts."""
    rows: list[list[Cell]] = [
        [said(str(one.number), BIG), said(one.text), said(", ".join(one.parts), BIG)] for one in set_ups_shown(solution)
    ]
    if rows:
        yield from section("Set-ups: one setting, all its parts", 26 * mm)
        yield table(("", "Set to", "Parts"), rows, (0.6, 5.6, 4))
