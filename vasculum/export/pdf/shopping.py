"""What to buy, with its allowance, and what it comes to as far as prices are known."""

from __future__ import annotations

from collections.abc import Iterator

from reportlab.platypus import Flowable

from vasculum.export.pdf.page import Cell, section, table
from vasculum.export.pdf.type import BIG, FINE, said
from vasculum.plan.telling.solution import Solution


def to_buy(solution: Solution) -> Iterator[Flowable]:
    """The list, with what it comes to together."""
    shopping = solution.shopping
    if not shopping.lines:
        return
    rows: list[list[Cell]] = [
        [said(line.what), said(line.need, FINE), said(line.buy), line.cost] for line in shopping.lines
    ]
    if shopping.total:
        without = f"without {shopping.unpriced} that have no price" if shopping.unpriced else ""
        rows.append([said("Together", BIG), said(without, FINE), "", said(shopping.total, BIG)])
    yield from section("To buy")
    yield table(("What", "Needed", "Buy", "Cost"), rows, (4.1, 5.5, 4.1, 1.3), is_close=True)
