"""What stands in the racks of other plans and is of the same stock as something here: it is taken over, not bought."""

from __future__ import annotations

from collections.abc import Iterator

from vasculum.core.errors import NoSuchQuantity
from vasculum.plan.document import Board, Model, Offcut, Plan, Sheet
from vasculum.plan.document.patching import PatchStep


class OffcutElsewhere(Model):
    """An offcut in the rack of another plan."""

    offcut: str
    """Its id there."""
    row: str
    """The row of the library here that it is of."""
    length: str
    width: str
    where: str
    bad_places: int


def offcuts_elsewhere(plan: Plan, other: Plan) -> Iterator[OffcutElsewhere]:
    """What another plan's rack has of the stock of this one."""
    for id_, offcut in other.library.offcuts.items():
        row = _row_here(plan, other, offcut)
        if row is not None:
            yield OffcutElsewhere(
                offcut=id_,
                row=row,
                length=offcut.length,
                width=offcut.width,
                where=offcut.where,
                bad_places=len(offcut.bad),
            )


def taken_over(plan: Plan, other: Plan, offcut: str) -> list[PatchStep]:
    """The change that puts an offcut of another plan's rack into this one's.

    Raises:
        NoSuchQuantity: ``no-such-stock`` where there is none such, or nothing here is of its stock.
    """
    one = other.library.offcuts.get(offcut)
    row = None if one is None else _row_here(plan, other, one)
    if one is None or row is None:
        raise NoSuchQuantity("no-such-stock", f"{other.name} has no such offcut any more.", "Load it again.")
    there = one.model_copy(update={"sheet": row}).model_dump(mode="json")
    return [
        PatchStep(op="add", path=f"/library/offcuts/offcut-{plan.next_id}", value=there),
        PatchStep(op="replace", path="/next_id", value=plan.next_id + 1),
    ]


def _row_here(plan: Plan, other: Plan, offcut: Offcut) -> str | None:
    """The row of this plan that is the same stock: called the same, as thick, and a board as wide."""
    there = _told_by(other, other.library.stock(offcut.sheet))
    here: dict[str, Sheet | Board] = {**plan.library.sheets, **plan.library.boards}
    return next((id_ for id_, row in here.items() if _told_by(plan, row) == there), None)


def _told_by(plan: Plan, row: Sheet | Board) -> tuple[object, ...]:
    wide = plan.length(row.width) if isinstance(row, Board) else None
    nominal = row.thickness if isinstance(row, Board) else row.nominal
    return type(row), row.name.casefold(), plan.length(nominal), wide
