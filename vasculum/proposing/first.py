"""A first answer without a search: the highest things first, each into the first row that takes it."""

from __future__ import annotations

from vasculum.core.lengths import Mm
from vasculum.packing.floor import Placed, pack_floor
from vasculum.proposing.asked import Asked
from vasculum.proposing.probing import Probe
from vasculum.proposing.shares import MOST_ROWS, Shared, Wanted
from vasculum.proposing.wanting import footprints, lie_together, wanted_in


class _Row:
    """A row that is being filled: what it holds, and where that lies so far."""

    def __init__(self) -> None:
        self.holds: list[Wanted] = []
        self.lying: list[Placed] = []


def shared_at_once(asked: Asked, probe: Probe) -> Shared | None:
    """Rows are opened below each other, column by column, as high as the first thing in each; the lower ones on top.

    None where nothing goes in.
    """
    wanted = sorted(wanted_in(asked, probe), key=lambda one: one.height, reverse=True)
    columns: list[list[_Row]] = [[] for _ in range(probe.columns)]
    left = []
    for one in wanted:
        rows = [row for column in columns for row in column]
        if not any(_put(asked, row, one, probe) for row in rows) and not _begun(asked, columns, one, probe):
            left.append(one.id)
    shared = []
    for column in columns:
        shared.append(tuple(ids for row in reversed(column) if (ids := _that_lie(asked, row, probe, left))))
    return Shared(tuple(shared), tuple(left), is_best=False) if any(shared) else None


def _put(asked: Asked, row: _Row, one: Wanted, probe: Probe) -> bool:
    """Into a row that is high enough, where floor is left beside what lies there, and its runners carry it too."""
    weight, height = one.weight + sum(other.weight for other in row.holds), max(o.height for o in (*row.holds, one))
    if probe.carries is not None and weight > probe.carries.beside(height):
        return False
    parts = footprints(asked.plan, one.id, asked.things[one.id], probe)
    found = pack_floor(probe.width, probe.depth, parts, probe.finger_room, row.lying)
    if found.left:
        return False
    row.holds.append(one)
    row.lying += found.placed
    return True


def _begun(asked: Asked, columns: list[list[_Row]], one: Wanted, probe: Probe) -> bool:
    """In a new row of the first column that is high enough for one more."""
    for column in columns:
        used = sum((row.holds[0].height + probe.loss for row in column), Mm(0))
        row = _Row()
        if used + one.height + probe.loss <= probe.height and len(column) < MOST_ROWS and _put(asked, row, one, probe):
            column.append(row)
            return True
    return False


def _that_lie(asked: Asked, row: _Row, probe: Probe, left: list[str]) -> tuple[str, ...]:
    """All of a row; or, where they do not lie so laid out afresh, without the last ones."""
    ids = [one.id for one in row.holds]
    while ids and not lie_together(asked, tuple(ids), probe):
        left.append(ids.pop())
    return tuple(ids)
