"""The marking chart: on each board the lines of what ends on it, from its datum."""

from __future__ import annotations

from collections.abc import Iterator

from reportlab.platypus import Flowable

from vasculum.export.pdf.page import Cell, section, table
from vasculum.export.pdf.type import BIG, FINE, said
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.telling.marking_out import drilled, marked_out


def marking_chart(plan: SolvedPlan) -> Iterator[Flowable]:
    """A row for each line; nothing where no board ends on another."""
    rows: list[list[Cell]] = [
        [
            said(f"{board.board}, {board.measured}" if at == 0 else "", BIG),
            said(line.member),
            said(f"{line.near}, middle {line.middle}", BIG),
            said(
                f"{line.begins} to {line.ends} {board.run}{f'; fasteners at {line.holes}' if line.holes else ''}", FINE
            ),
        ]
        for board in marked_out(plan)
        for at, line in enumerate(board.lines)
    ]
    if rows:
        yield from section("Marking: lines of what ends on each board")
        yield table(("Board", "What ends on it", "Line", "It runs"), rows, (4, 2, 4.2, 6.4))
    for told in drilled(plan):
        yield said(told)
