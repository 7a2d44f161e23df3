"""A first answer without a search: the highest things first, each into the first row that takes it."""

from __future__ import annotations

from fractions import Fraction

from vasculum.proposing.asked import Asked
from vasculum.proposing.probing import Probe
from vasculum.proposing.shares import MOST_ROWS, Shared, Wanted
from vasculum.proposing.wanting import lie_together, wanted_in


def shared_at_once(asked: Asked, probe: Probe) -> Shared | None:
    """Rows are opened below each other, column by column, as high as the first thing in each; the lower ones on top.

    None where nothing goes in.
    """
    wanted = sorted(wanted_in(asked, probe), key=lambda one: one.height, reverse=True)
    columns: list[list[list[Wanted]]] = [[] for _ in range(probe.columns)]
    left = []
    for one in wanted:
        rows = (row for column in columns for row in column)
        row = next((row for row in rows if _takes(asked, row, one, probe)), None) or _new_row(columns, one, probe)
        if row is None or not _takes(asked, row, one, probe):
            left.append(one.id)
        else:
            row.append(one)
    shared = tuple(
        tuple(tuple(one.id for one in row) for row in reversed(column) if row) for column in columns
    )  # fmt: skip
    return Shared(shared, tuple(left), is_best=False) if any(shared) else None


def _takes(asked: Asked, row: list[Wanted], one: Wanted, probe: Probe) -> bool:
    """Whether a row that is high enough has floor for it, and runners that carry it too."""
    every = [*row, one]
    weight, height = sum(other.weight for other in every), max(other.height for other in every)
    if probe.carries is not None and weight > probe.carries.beside(height):
        return False
    return lie_together(asked, (*(other.id for other in row), one.id), probe)


def _new_row(columns: list[list[list[Wanted]]], one: Wanted, probe: Probe) -> list[Wanted] | None:
    """In the first column that is high enough for one more."""
    for column in columns:
        used = sum((max(other.height for other in row) + probe.loss for row in column if row), Fraction(0))
        if used + one.height + probe.loss <= probe.height and len(column) < MOST_ROWS:
            column.append([])
            return column[-1]
    return None
