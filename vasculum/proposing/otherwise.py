"""The whole plan tried in other stock, with another back, with boxes a little lower: what would be bought less.

Each is a plan of its own, worked out and laid out; one against which more speaks than now is not told.
"""

from __future__ import annotations

from collections import defaultdict
from collections.abc import Callable, Iterator
from fractions import Fraction
from typing import NamedTuple

from vasculum.core.catalogue import the_catalogue
from vasculum.core.lengths import Mm, read_increment, show_with_unit
from vasculum.core.shopping import money, show_money
from vasculum.core.tables import choosables
from vasculum.plan.document import Model
from vasculum.plan.document.patching import Patch, PatchStep, patched
from vasculum.plan.document.reading import FaultyPlan
from vasculum.plan.edits.acts import put
from vasculum.plan.laying.asked import asked_at
from vasculum.plan.laying.places import PLAN
from vasculum.plan.laying.solving import SolvedPlan, nearest_key, solve_plan
from vasculum.plan.making.goods import goods_of
from vasculum.plan.making.on_stock import is_ripped_as_thick, row_of, stocks_of, strips_of
from vasculum.plan.making.piece import STRIPS
from vasculum.plan.making.pieces import pieces_of
from vasculum.plan.telling.shopping import shopping_of
from vasculum.plan.telling.weighing import lacking, speaks_against, ways_to_choose

FAMILIES = ("case_back", "bottom")
"""Ways to build that change what of which sheet is needed."""
LOWER = {"in": ("1/8 in", "1/4 in", "1/2 in"), "mm": ("3 mm", "5 mm", "12 mm")}
"""So much lower boxes are tried."""


class Otherwise(Model):
    """Something else that could be chosen, and what would be bought less then."""

    says: str
    patch: Patch
    """Chooses it."""


class _Bill(NamedTuple):
    """What is bought: sheets and boards, stock of no known number, money; lines without a price."""

    sheets: int
    uncounted: int
    cost: Fraction
    unpriced: int


def otherwise(plan: SolvedPlan, is_over: Callable[[], bool]) -> Iterator[Otherwise]:
    """Everything that was tried and takes less, as it is found.

    Args:
        is_over: whether there is no time for one more.
    """
    now, against = _bill(plan), set(speaks_against(plan))
    for said, patch in _tried(plan):
        if is_over():
            return
        try:
            then = solve_plan(patched(plan.plan, patch), plan)
        except FaultyPlan:
            continue
        bill = _bill(then)
        if _is_less(bill, now) and _comes_out(then) and set(speaks_against(then)) <= against:
            yield Otherwise(says=f"{_saved(now, bill)}, {said}.", patch=patch)


Tried = tuple[str, list[PatchStep]]


def _tried(plan: SolvedPlan) -> Iterator[Tried]:
    """What might be otherwise, in words that follow *one sheet less*, and the change."""
    known, library = choosables(plan.plan.defaults_edition), plan.plan.library
    rows: defaultdict[str, set[str | None]] = defaultdict(set)
    for piece in pieces_of(plan):
        role = "strip_board" if piece.rule.stock in STRIPS else piece.rule.stock
        if role in known and known[role].kind == "sheet":
            rows[role].add(row_of(plan, piece))
    for role, now in rows.items():
        ripped = [id_ for id_, board in library.boards.items() if board.is_ripped] if role == "strip_board" else []
        for row in [*library.sheets, *ripped]:
            if row not in now:
                called = "strips" if role == "strip_board" else known[role].title.removeprefix("Sheet for ").lower()
                yield f"if {library.stock(row).name} is taken for {called}", [put(f"/choices/{role}", row)]
    for family in FAMILIES:
        for kind, patch in ways_to_choose(plan.plan, family) if _is_asked(plan, family) else ():
            word = the_catalogue().known[kind]
            if patch and not lacking(plan.plan, word):
                yield f"with another {family.removeprefix('case_')}: {word.title.lower()}", patch
    yield from _lower(plan)


def _lower(plan: SolvedPlan) -> Iterator[Tried]:
    unit = plan.plan.units.length
    if _is_asked(plan, "play_above"):
        now: Mm = plan.solved.value(*nearest_key(plan, PLAN, "play_above"))
        for by in map(read_increment, LOWER[unit]):
            more = show_with_unit(now + by, unit)
            yield f"if boxes are {show_with_unit(by, unit)} lower", [put("/choices/play_above", more)]


def _is_asked(plan: SolvedPlan, name: str) -> bool:
    return any(name in names for names in asked_at(plan.plan, plan.laid).values())


def _comes_out(plan: SolvedPlan) -> bool:
    """Whether everything comes out of what it is cut from, strips as thick as it is."""
    library = plan.plan.library
    sheets = ((piece, library.sheets.get(row_of(plan, piece) or "")) for piece in strips_of(plan))
    fits = all(is_ripped_as_thick(plan, piece, sheet) for piece, sheet in sheets if sheet is not None)
    return fits and not any(one.laid.best.left for one in stocks_of(plan))


def _bill(plan: SolvedPlan) -> _Bill:
    listed = shopping_of(plan, pieces_of(plan), goods_of(plan))
    bought = [max(0, len(one.laid.best.sheets) - max(one.sheet.in_hand, one.laid.sawn)) for one in stocks_of(plan)]
    uncounted = {row_of(plan, piece) for piece in pieces_of(plan)} - {one.row for one in stocks_of(plan)}
    return _Bill(sum(bought), len(uncounted), money(listed.total or "0"), listed.unpriced)


def _is_less(then: _Bill, now: _Bill) -> bool:
    """Whether something is saved, and nothing costs more or is known less well."""
    is_no_more = then.sheets <= now.sheets and then.uncounted <= now.uncounted and then.cost <= now.cost
    return is_no_more and then[:3] != now[:3] and then.unpriced <= now.unpriced


def _saved(now: _Bill, then: _Bill) -> str:
    """*One sheet and 12.50 less*."""
    sheets, cost = now.sheets - then.sheets, now.cost - then.cost
    said = [f"{'one sheet' if sheets == 1 else f'{sheets} sheets'}"] if sheets else []
    said += [show_money(cost)] if cost else []
    said += ["one kind of stock"] if not said else []
    text = f"{' and '.join(said)} less"
    return text[0].upper() + text[1:]
