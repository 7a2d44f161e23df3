"""The cheapest mix of sheet sizes: panels that a sheet is also sold as, tried instead of whole sheets."""

from __future__ import annotations

from fractions import Fraction

from vasculum.core.shopping import money, show_money
from vasculum.cutting.ways import Offcut, laid_out
from vasculum.plan.document import Model, PanelSize, Sheet
from vasculum.plan.document.patching import Patch
from vasculum.plan.edits.acts import Numbers, put
from vasculum.plan.edits.laying_out import LayOutAnew
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.making.on_stock import OnStock, kept_of, offcuts_of

MOST = 3
"""So many panels of one size are tried."""


class CheaperMix(Model):
    """Panels that cost less than the whole sheets that they spare."""

    row: str
    says: str
    patch: Patch
    """Takes them."""


def cheaper_mix(plan: SolvedPlan, one: OnStock) -> CheaperMix | None:
    """The cheapest of one to three panels of each size that the sheet is sold in; nothing where none is cheaper."""
    sheet = one.sheet
    if not isinstance(sheet, Sheet) or sheet.price is None:
        return None
    now = len(one.laid.best.sheets)
    best: tuple[Fraction, int, PanelSize, int] | None = None
    for size in sheet.panels:
        for count in range(1, MOST + 1):
            sheets = _sheets_beside(plan, one, size, count)
            cost = sheets * money(sheet.price) + count * money(size.price)
            if sheets < now and (best is None or cost < best[0]):
                best = (cost, count, size, sheets)
    before = now * money(sheet.price)
    if best is None or best[0] >= before:
        return None
    cost, count, size, sheets = best
    money_said = f"{show_money(cost)} instead of {show_money(before)}"
    said = f"{count} of {size.length} × {size.width} and {sheets} whole: {money_said}"
    numbers = Numbers(plan.plan)
    panel = {"sheet": one.row, **size.model_dump(mode="json"), "where": "to buy"}
    patch = [put(f"/library/offcuts/{numbers.fresh('offcut')}", panel) for _ in range(count)]
    patch += [numbers.given(), *LayOutAnew(do="lay-out-anew", row=one.row).steps(plan)]
    return CheaperMix(row=one.row, says=f"{sheet.name}: {said}", patch=patch)


def _sheets_beside(plan: SolvedPlan, one: OnStock, size: PanelSize, count: int) -> int:
    """How many whole sheets are needed beside so many panels; more than there are where a panel holds nothing."""
    length, width = plan.plan.length(size.length), plan.plan.length(size.width)
    panels = [Offcut(f"panel {number}", length, width) for number in range(count)]
    kept = tuple(kept for kept in kept_of(plan.plan, one.row) if kept.sawn)
    laid = laid_out(one.parts, one.stock, (*offcuts_of(plan.plan, one.row), *panels), kept)
    used = {offcut.name for offcut, _ in laid.on_offcuts}
    return len(laid.best.sheets) if used.issuperset(panel.name for panel in panels) else len(one.laid.best.sheets)
