"""Tape checks: what each dry-assembled box and opening should read, with room to write what it does."""

from __future__ import annotations

from collections.abc import Iterator

from reportlab.platypus import Flowable

from vasculum.export.pdf.by_drawer import Line, by_drawer
from vasculum.export.pdf.page import Cell, section, table
from vasculum.export.pdf.type import BIG, said
from vasculum.plan.telling.solution import Solution

BLANK = "____"


def tape_checks(solution: Solution) -> Iterator[Flowable]:
    """What is measured once, then what each drawer should read."""
    shared = [c for c in solution.tape_checks if not c.drawer]
    if shared:
        rows: list[list[Cell]] = [
            [c.what, said(read.text, BIG), read.other, f"± {c.tolerance.text}", BLANK]
            for c in shared
            if (read := solution.should_read(c))
        ]
        head = ("Measure", "Should read", "Other unit", "Within", "Reads")
        yield from section("Tape checks")
        yield table(head, rows, (5, 2, 2, 1.5, 2))
    own = [Line(c.what, c.drawer, solution.should_read(c), BLANK) for c in solution.tape_checks if c.drawer]
    if own:
        yield from section("Tape checks, drawer by drawer")
    yield from by_drawer(own)
