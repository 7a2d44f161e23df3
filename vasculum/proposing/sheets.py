"""``python -m vasculum.proposing.sheets SECONDS``: reads a plan, prints better layouts as lines of JSON."""

from __future__ import annotations

import sys
from collections.abc import Callable
from itertools import islice
from typing import NamedTuple

from vasculum.core.lengths import read_increment, show_with_unit
from vasculum.cutting.model import Layout
from vasculum.cutting.one_less import one_less
from vasculum.cutting.search import is_installed, search
from vasculum.cutting.ways import fewer_sheets, setting_count
from vasculum.plan.document import Model
from vasculum.plan.document.patching import Patch, patched
from vasculum.plan.document.reading import read_plan
from vasculum.plan.edits.laying_out import kept_as
from vasculum.plan.laying.solving import SolvedPlan, solve_plan
from vasculum.plan.making.on_stock import OnStock, stocks_of
from vasculum.plan.telling.sheets import part_called
from vasculum.proposing.panels import CheaperMix, cheaper_mix

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
    cheaper: list[CheaperMix]
    """Mixes of sizes that cost less."""


def better_layouts(plan: SolvedPlan, seconds: float, tell: Callable[[LayoutsFound], None]) -> None:
    """Look where fewer sheets might do, and tell everything that was found each time that something better is.

    Args:
        seconds: for all rows together.
    """
    found = _Found({}, [], [], tell)
    for one in stocks_of(plan):
        mix = cheaper_mix(plan, one)
        if mix is not None:
            found.cheaper.append(mix)
            found.say()
    open_rows = [one for one in stocks_of(plan) if len(one.laid.best.sheets) > one.laid.bound.sheets]
    for one in open_rows:
        _search(plan, one, seconds / len(open_rows), found)
    for one in stocks_of(plan):
        _one_less(plan, one, found)


def with_better_layouts(plan: SolvedPlan, seconds: float) -> SolvedPlan:
    """The plan with the best layouts that were found in so many seconds."""
    latest = nothing_yet()

    def tell(found: LayoutsFound) -> None:
        nonlocal latest
        latest = found

    better_layouts(plan, seconds, tell)
    steps = [step for row in latest.rows for step in row.patch]
    return solve_plan(patched(plan.plan, steps), plan) if steps else plan


def nothing_yet() -> LayoutsFound:
    """Before anything is found."""
    return LayoutsFound(can_search=is_installed(), rows=[], less=[], cheaper=[])


class _Found(NamedTuple):
    """What there is so far, and who is told."""

    rows: dict[str, LayoutFound]
    less: list[str]
    cheaper: list[CheaperMix]
    tell: Callable[[LayoutsFound], None]

    def say(self) -> None:
        rows = list(self.rows.values())
        self.tell(LayoutsFound(can_search=is_installed(), rows=rows, less=self.less, cheaper=self.cheaper))


def _search(plan: SolvedPlan, one: OnStock, seconds: float, found: _Found) -> None:
    laid = one.laid
    sawn = laid.best.sheets[: laid.sawn]
    gone = {leaf.part for piece in (*sawn, *(piece for _, piece in laid.on_offcuts)) for leaf in piece.leaves()}
    parts = [part for part in one.parts if part.name not in gone]
    best, least = laid.best._replace(left=()), laid.bound.sheets

    def look(layout: Layout, proven: int) -> None:
        nonlocal best, least
        whole = layout._replace(sheets=(*sawn, *layout.sheets))
        known = least
        if not laid.on_offcuts:  # another filling of the offcuts might leave less
            least = max(least, len(sawn) + proven)
        if fewer_sheets(whole) < fewer_sheets(best):
            best = whole
        elif least == known or one.row not in found.rows:
            return
        found.rows[one.row] = _found(plan, one, best, least)
        found.say()

    search(parts, one.stock, seconds, look)


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


def _found(plan: SolvedPlan, one: OnStock, best: Layout, least: int) -> LayoutFound:
    count = len(best.sheets)
    sheets = f"{count} {one.noun}{'' if count == 1 else 's'}"
    needed = (
        "no fewer will do in rips, crosscuts and rips again: proved"
        if count <= least
        else f"at least {least} are needed"
    )
    return LayoutFound(
        row=one.row,
        name=one.sheet.name,
        says=f"{sheets}; {needed}",
        sheets=count,
        settings=setting_count(best),
        patch=[kept_as(plan, one, best.sheets)],
    )


def main(seconds: str) -> None:
    """Say each as soon as it is there."""
    plan = solve_plan(read_plan(sys.stdin.buffer.read()))
    better_layouts(plan, float(seconds), lambda found: print(found.model_dump_json(), flush=True))


if __name__ == "__main__":
    main(*sys.argv[1:])
