"""What stands on the label of each drawer: its number, its name, and what lies in it. Ids and words, no layout."""

from __future__ import annotations

from collections.abc import Iterator
from typing import NamedTuple

from vasculum.plan.document import Plan
from vasculum.plan.laying.layout import cells_of, numbers_of
from vasculum.plan.laying.things import things_in

KEPT_IN = ("drawer", "tray", "shelf", "rack", "open", "bin")
"""What a label is put on."""


class LabelSaid(NamedTuple):
    """One label; the page of its place is named by ``place``."""

    place: str
    number: int
    name: str
    kept: str


def labels_of(plan: Plan) -> Iterator[LabelSaid]:
    """A label for each cell in which something may be kept, in the order of their numbers."""
    numbers = numbers_of(plan)
    for space in plan.space_order:
        for cell in cells_of(plan, space):
            if cell.place.holds in KEPT_IN:
                kept = ", ".join(dict.fromkeys(one.name for one in things_in(plan, cell.id).values()))
                yield LabelSaid(cell.id, numbers[cell.id], cell.place.name, kept)
