"""What stands on the label of each drawer: its number, its name, and what lies in it. Ids and words, no layout."""

from __future__ import annotations

from collections.abc import Iterator
from typing import NamedTuple

from vasculum.plan.document import Plan
from vasculum.plan.laying.layout import every_cell
from vasculum.plan.laying.things import things_in
from vasculum.plan.making.rooms import sizes_of


class LabelSaid(NamedTuple):
    """One label; the page of its place is named by ``place``."""

    place: str
    number: int
    name: str
    kept: str


def labels_of(plan: Plan) -> Iterator[LabelSaid]:
    """A label for each cell in which something may be kept, in the order of their numbers."""
    for number, cell in enumerate(every_cell(plan), 1):
        if sizes_of(cell) is not None:
            kept = ", ".join(dict.fromkeys(one.name for one in things_in(plan, cell.id).values()))
            yield LabelSaid(cell.id, number, cell.place.name, kept)
