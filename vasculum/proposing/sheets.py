"""``python -m vasculum.proposing.sheets SECONDS``: reads a plan, prints better layouts as lines of JSON."""

from __future__ import annotations

import sys
from collections.abc import Callable

from vasculum.cutting.model import Layout
from vasculum.cutting.search import is_installed, search
from vasculum.cutting.ways import fewer_sheets, setting_count
from vasculum.plan.document import Model
from vasculum.plan.document.patching import Patch, patched
from vasculum.plan.document.reading import read_plan
from vasculum.plan.edits.laying_out import kept_as
from vasculum.plan.laying.solving import SolvedPlan, solve_plan
from vasculum.plan.telling.sheets import OnStock, stocks_of

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


def better_layouts(plan: SolvedPlan, seconds: float, tell: Callable[[LayoutsFound], None]) -> None:
    """Look where fewer sheets might do, and tell everything that was found each time that something better is.

    Args:
        seconds: for all rows together.
    """
    found: dict[str, LayoutFound] = {}
    open_rows = [one for one in stocks_of(plan) if len(one.laid.best.sheets) > one.laid.bound.sheets]
    for one in open_rows:
        _search(plan, one, seconds / len(open_rows), found, tell)


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
    return LayoutsFound(can_search=is_installed(), rows=[])


def _search(
    plan: SolvedPlan, one: OnStock, seconds: float, found: dict[str, LayoutFound], tell: Callable[[LayoutsFound], None]
) -> None:
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
        elif least == known or one.row not in found:
            return
        found[one.row] = _found(plan, one, best, least)
        tell(LayoutsFound(can_search=True, rows=list(found.values())))

    search(parts, one.stock, seconds, look)


def _found(plan: SolvedPlan, one: OnStock, best: Layout, least: int) -> LayoutFound:
    count = len(best.sheets)
    sheets = f"{count} sheet{'' if count == 1 else 's'}"
    needed = "no fewer will do: proved" if count <= least else f"at least {least} are needed"
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
