"""What stands on the label of each drawer, and of each part that is cut. Ids and words, no layout."""

from __future__ import annotations

from collections.abc import Iterator
from typing import NamedTuple

from vasculum.core.lengths import show
from vasculum.cutting.model import Layout
from vasculum.plan.document import Plan
from vasculum.plan.laying.layout import every_cell
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.laying.things import things_in
from vasculum.plan.making.blanks import spare_ids
from vasculum.plan.making.on_stock import stocks_of
from vasculum.plan.making.pieces import pieces_of
from vasculum.plan.making.rooms import sizes_of
from vasculum.plan.telling.words import piece_name, place_name


class LabelSaid(NamedTuple):
    """One label; the page of its place is named by ``place``."""

    place: str
    number: int | str
    """Of a drawer; the mark of a part."""
    name: str
    kept: str


def labels_of(plan: Plan) -> Iterator[LabelSaid]:
    """A label for each cell in which something may be kept, in the order of their numbers."""
    for number, cell in enumerate(every_cell(plan), 1):
        if sizes_of(cell) is not None:
            kept = ", ".join(dict.fromkeys(one.name for one in things_in(plan, cell.id).values()))
            yield LabelSaid(cell.id, number, cell.place.name, kept)


def part_labels(plan: SolvedPlan) -> Iterator[LabelSaid]:
    """A label for each part of a known size, in the order in which they come off the saw, then the others."""
    unit, sheets = plan.plan.units.length, dict(_sheets(plan))
    order = {name: at for at, name in enumerate(sheets)}
    sized = [piece for piece in pieces_of(plan) if piece.size]
    named = [(name, piece) for piece in sized for name in (piece.id, *spare_ids(plan.plan, piece.id))]
    for name, piece in sorted(named, key=lambda one: order.get(one[0], len(order))):
        sizes = " × ".join(show(size, unit) for size in piece.size or ())
        banded = f"band: {', '.join(piece.bands)}" if piece.bands else ""
        spare = "" if name == piece.id else "spare"
        said = [spare, sizes, place_name(plan.plan, piece.place), banded, sheets.get(name, "")]
        kept = "; ".join(filter(None, said))
        yield LabelSaid(piece.place, plan.plan.marks.get(piece.id, ""), piece_name(plan.plan, piece), kept)


def _sheets(plan: SolvedPlan) -> Iterator[tuple[str, str]]:
    """The name of each part that lies on a sheet or an offcut, and which."""
    for one in stocks_of(plan):
        racked = [piece for _, piece in one.on_offcuts]
        for noun, sheets in (("offcut", racked), (one.noun, one.as_cut(one.laid.best.sheets))):
            for number, sheet in enumerate(sheets, 1):
                for leaf in Layout((sheet,)).parts():
                    yield leaf.part, f"{one.sheet.name}, {noun} {number}"
