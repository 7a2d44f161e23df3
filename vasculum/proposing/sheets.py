"""``python -m vasculum.proposing.sheets SECONDS``: reads a plan, prints better layouts as lines of JSON."""

from __future__ import annotations

import sys
from collections.abc import Callable
from itertools import islice
from time import monotonic
from typing import NamedTuple

from vasculum.core.lengths import read_increment, show_with_unit
from vasculum.cutting.model import NOTHING, Layout, Mm, Piece
from vasculum.cutting.one_less import one_less
from vasculum.cutting.search import is_installed, search
from vasculum.cutting.sold import bought
from vasculum.cutting.tried import fewer_sheets, setting_count
from vasculum.plan.document import Model
from vasculum.plan.document.patching import Patch, patched
from vasculum.plan.document.reading import read_plan
from vasculum.plan.edits.acts import dumped, put
from vasculum.plan.edits.laying_out import kept_as
from vasculum.plan.laying.solving import SolvedPlan, solve_plan
from vasculum.plan.making.on_stock import OnStock, compared, stocks_of
from vasculum.plan.making.proofs import proof_of
from vasculum.plan.telling.sheets import could_be_fewer, counted, how_near, part_called
from vasculum.proposing.otherwise import Otherwise, otherwise

SEARCHED = 0.7
"""The share of the time that layouts are searched for; then other choices are tried."""
SECONDS = 10
"""How long is looked, where nobody says."""


class LayoutFound(Model):
    """A better layout of one row of stock."""

    row: str
    name: str
    says: str
    """How many sheets, and how many are needed at least."""
    sheets: int
    settings: int
    patch: Patch
    """Keeps it."""


class LayoutsFound(Model):
    """What a search has found so far."""

    can_search: bool
    """Whether the search is installed on this machine."""
    rows: list[LayoutFound]
    less: list[str]
    """What would save a sheet: *one sheet less if 8 parts …*"""
    otherwise: list[Otherwise]
    """What takes less, chosen otherwise in the whole plan."""


def better_layouts(plan: SolvedPlan, seconds: float, tell: Callable[[LayoutsFound], None]) -> None:
    """Look where fewer sheets might do, and tell everything that was found each time that something better is.

    Args:
        seconds: for all rows together.
    """
    begun, found = monotonic(), _Found({}, [], [], tell)
    _search_all(plan, seconds * SEARCHED, found)
    for one in stocks_of(plan):
        _one_less(plan, one, found)
    for other in otherwise(plan, lambda: monotonic() - begun > seconds):
        found.otherwise.append(other)
        found.say()


def with_better_layouts(plan: SolvedPlan, seconds: float) -> SolvedPlan:
    """The plan with the best layouts that were found in so many seconds."""
    found = _Found({}, [], [], lambda _: None)
    _search_all(plan, seconds, found)
    steps = [step for row in found.rows.values() for step in row.patch]
    return solve_plan(patched(plan.plan, steps), plan) if steps else plan


def nothing_yet() -> LayoutsFound:
    """Before anything is found."""
    return LayoutsFound(can_search=is_installed(), rows=[], less=[], otherwise=[])


class _Found(NamedTuple):
    """What there is so far, and who is told."""

    rows: dict[str, LayoutFound]
    less: list[str]
    otherwise: list[Otherwise]
    tell: Callable[[LayoutsFound], None]

    def say(self) -> None:
        rows = list(self.rows.values())
        self.tell(LayoutsFound(can_search=is_installed(), rows=rows, less=self.less, otherwise=self.otherwise))


def _search_all(plan: SolvedPlan, seconds: float, found: _Found) -> None:
    """Search every row of which less might be bought, each for its share of the time."""
    rows = [one for one in stocks_of(plan) if could_be_fewer(plan.plan, one)]
    for one in rows:
        _search(plan, one, seconds / len(rows), found)


def _search(plan: SolvedPlan, one: OnStock, seconds: float, found: _Found) -> None:
    laid = one.laid
    sawn = laid.best.sheets[: laid.sawn]
    gone = {leaf.part for piece in (*sawn, *(piece for _, piece in laid.on_offcuts)) for leaf in piece.leaves()}
    parts = [part for part in one.parts if part.name not in gone]
    known = {part.name: part for part in parts}
    stock = compared(one.stock, len(sawn))
    best, least = Layout(laid.best.sheets[len(sawn) :]), NOTHING

    def look(layout: Layout, proven: Mm) -> None:
        nonlocal best, least
        before = least
        if not laid.on_offcuts:  # another filling of the offcuts might leave less
            least = max(least, proven)
        if fewer_sheets(layout, known, stock) < fewer_sheets(best, known, stock):
            best = layout
        elif least == before or one.row not in found.rows:
            return
        found.rows[one.row] = _found(plan, one, [*sawn, *best.sheets], least)
        found.say()

    search(parts, stock, seconds, look)


STEPS = {"in": [read_increment(text) for text in ("1/16 in", "1/8 in", "1/4 in", "1/2 in")],
         "mm": [read_increment(text) for text in ("1 mm", "3 mm", "6 mm", "12 mm")]}  # fmt: skip
"""How much smaller parts are tried, by the unit that one thinks in."""
MANY, TOLD = 150, 3
"""Of so many parts it is not tried; so many ways are told of each row."""


def _one_less(plan: SolvedPlan, one: OnStock, found: _Found) -> None:
    """Sizes that a sheet more hangs on."""
    laid, unit = one.laid, plan.plan.units.length
    on_sheets = {leaf.part for sheet in laid.best.sheets[laid.sawn :] for leaf in sheet.leaves()}
    parts = [part for part in one.parts if part.name in on_sheets]
    count = found.rows[one.row].sheets if one.row in found.rows else len(laid.best.sheets)
    if not count > 1 or len(parts) > MANY:
        return
    for less in islice(one_less(parts, one.stock, count - laid.sawn, STEPS[unit]), TOLD):
        names = [part_called(plan, name) for name in less.parts]
        many = names[0] if len(names) == 1 else f"{', '.join(names[:3])}{' …' if len(names) > 3 else ''}"
        side = "narrower" if less.side == "width" else "shorter"
        found.less.append(
            f"One {one.noun} of {one.sheet.name} less, if {many} {'was' if len(names) == 1 else 'were'} "
            f"{show_with_unit(less.by, unit)} {side}."
        )
        found.say()


def _found(plan: SolvedPlan, one: OnStock, sheets: list[Piece], least: Mm) -> LayoutFound:
    known, sawn = {part.name: part for part in one.parts}, one.laid.sawn
    is_least = bought(sheets[sawn:], known, compared(one.stock, sawn)) <= least
    proof = proof_of(one, least) if is_least else None
    return LayoutFound(
        row=one.row,
        name=one.sheet.name,
        says=f"{counted(one, sheets, plan.plan.units.length)}; {how_near(one, len(sheets), is_proved=is_least)}",
        sheets=len(sheets),
        settings=setting_count(Layout(tuple(sheets))),
        patch=[kept_as(plan, one, sheets), *([put(f"/proved/{one.row}", dumped(proof))] if proof else [])],
    )


def main(seconds: str) -> None:
    """Say each as soon as it is there."""
    plan = solve_plan(read_plan(sys.stdin.buffer.read()))
    better_layouts(plan, float(seconds), lambda found: print(found.model_dump_json(), flush=True))


if __name__ == "__main__":
    main(*sys.argv[1:])
