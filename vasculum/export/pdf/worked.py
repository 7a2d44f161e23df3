"""Set-ups: each way in which parts are worked, by number, with the parts that are worked so."""

from __future__ import annotations

from collections.abc import Iterator
from typing import NamedTuple

from reportlab.lib.units import mm
from reportlab.platypus import Flowable

from vasculum.core.flow import read_key
from vasculum.export.pdf.page import Cell, section, table
from vasculum.export.pdf.positions import RUNNERS
from vasculum.export.pdf.type import BIG, said
from vasculum.plan.telling.solution import PartShown, Solution

_WITH_THE_POSITIONS = frozenset(name for name, _ in RUNNERS)


class SetUp(NamedTuple):
    """One setting of fence, blade or stop: what it says, and the parts that want it."""

    number: int
    text: str
    parts: list[PartShown]


def set_ups_of(solution: Solution) -> list[SetUp]:
    """All of them; a runner line is none, for it stands with the positions."""
    found: dict[str, SetUp] = {}
    for part in solution.parts:
        for cut in part.joinery:
            if _WITH_THE_POSITIONS.isdisjoint(read_key(key)[1] for key in cut.keys):
                found.setdefault(cut.text, SetUp(len(found) + 1, cut.text, [])).parts.append(part)
    return list(found.values())


def times(part: PartShown) -> str:
    """The one mark of a group of alike pieces, and how many there are: *E ×6*."""
    return f"{part.marks[0]} ×{part.count}" if part.count > 1 else part.marks[0]


def set_ups(solution: Solution) -> Iterator[Flowable]:
    """Each setting once, with the marks of all its parts."""
    rows: list[list[Cell]] = [
        [said(str(one.number), BIG), said(one.text), said(", ".join(map(times, one.parts)), BIG)]
        for one in set_ups_of(solution)
    ]
    if rows:
        yield from section("Set-ups: one setting, all its parts", 26 * mm)
        yield table(("", "Set to", "Parts"), rows, (0.6, 5.6, 4))
