"""Parts that take the whole width of their board: one dimension is left, how long each board is and what comes off it.

What is bought least is found and proved, with several lengths to buy as well.
"""

from __future__ import annotations

from collections import Counter, defaultdict
from collections.abc import Callable, Iterable, Sequence
from fractions import Fraction
from itertools import pairwise
from math import floor, gcd, lcm
from typing import NamedTuple

from vasculum.cutting.checked import faults
from vasculum.cutting.model import NOTHING, Layout, Mm, Part, Size, Stock
from vasculum.cutting.slices import Slice, placed
from vasculum.cutting.sold import cost_of, in_their_sizes

Found = Callable[[Layout, Mm], None]
WORKERS = 2
MOST_SUMS = 2000
MOST_BOARDS = 40
"""More boards are not asked for: it takes too long."""


class _Sold(NamedTuple):
    """A length to take a board from: what one costs, and how many there are, where that is known."""

    size: Size
    cost: Mm
    copies: int | None = None


class _Run(NamedTuple):
    """How long a piece of the board a part takes, and whether it lies turned."""

    length: Mm
    is_turned: bool


def are_lengths(parts: Sequence[Part], stock: Stock) -> bool:
    """Whether no two parts lie beside each other, however they lie."""
    narrowest = min((min(one.width, one.length) if one.may_turn else one.width for one in parts), default=stock.width)
    return stock.usable[1] < 2 * narrowest + stock.kerf


def fullest(parts: Sequence[Part], stock: Stock) -> Layout:
    """Board by board the longest part that is left, and beside it whatever fills the board best."""
    alike = _alike(parts, stock)
    left = Counter({run: len(names) for run, names in alike.items()})
    boards = []
    while left.total():
        first = next(run for run in alike if left[run])
        left[first] -= 1
        board = Counter([first, *_filling(left, stock.usable[0] - first.length, stock.kerf)])
        left -= board - Counter([first])
        boards.append(dict(board))
    return _laid(boards, alike, parts, stock)


def _filling(left: Counter[_Run], room: Mm, kerf: Mm) -> list[_Run]:
    """What fills a rest best, each piece behind a kerf; of very many sums the first."""
    sums: dict[Mm, tuple[Mm, _Run] | None] = {NOTHING: None}
    for run in left.elements():
        for before in list(sums):
            after = before + kerf + run.length
            if after <= room and after not in sums and len(sums) < MOST_SUMS:
                sums[after] = before, run
    found, at = [], max(sums)
    while (step := sums[at]) is not None:
        at, run = step
        found.append(run)
    return found


def search_lengths(parts: Sequence[Part], stock: Stock, seconds: float, found: Found) -> None:
    """Look for what is bought least, and tell each better layout.

    Args:
        parts: what comes out of a whole board; each takes its width.
        found: is told a layout that our checker has passed, and the least that can be paid, as ``bought`` counts it.
    """
    from ortools.sat.python import cp_model

    alike = _alike(parts, stock)
    runs = list(alike)
    sold = [_Sold(size, cost_of(stock)(size)) for size in stock.sizes]
    sold.append(_Sold(stock.sizes[0], NOTHING, stock.in_hand))
    length_unit, money_unit = _unit(run.length + stock.kerf for run in runs), _unit(one.cost for one in sold)
    room = [floor((stock.sized(one.size).usable[0] + stock.kerf) / length_unit) for one in sold]
    takes = [int((run.length + stock.kerf) / length_unit) for run in runs]

    model = cp_model.CpModel()
    boards = range(min(len(parts), MOST_BOARDS))
    taken = [[model.new_bool_var("") for _ in sold] for _ in boards]
    cut = [[model.new_int_var(0, len(alike[run]), "") for run in runs] for _ in boards]
    loads = [sum(many * one for many, one in zip(cut[board], takes, strict=True)) for board in boards]
    for board in boards:
        model.add_at_most_one(taken[board])
        model.add(loads[board] <= sum(one * most for one, most in zip(taken[board], room, strict=True)))
    for before, after in pairwise(loads):
        model.add(before >= after)
    for at, one in enumerate(sold):
        if one.copies is not None:
            model.add(sum(taken[board][at] for board in boards) <= one.copies)
    for at, run in enumerate(runs):
        model.add(sum(cut[board][at] for board in boards) == len(alike[run]))
    costs = [int(one.cost / money_unit) for one in sold]
    model.minimize(sum(taken[board][at] * cost for board in boards for at, cost in enumerate(costs)))

    class Better(cp_model.CpSolverSolutionCallback):
        """Is called with each better answer."""

        def on_solution_callback(self) -> None:
            tell([[self.value(many) for many in board] for board in cut], self.best_objective_bound)

    def tell(counts: list[list[int]], least: float) -> None:
        layout = _laid([dict(zip(runs, board, strict=True)) for board in counts], alike, parts, stock)
        if not faults(layout, parts, stock):
            found(layout, round(least) * money_unit)

    solver = cp_model.CpSolver()
    solver.parameters.num_workers = WORKERS
    solver.parameters.max_time_in_seconds = seconds
    if solver.solve(model, Better()) in (cp_model.OPTIMAL, cp_model.FEASIBLE):
        tell([[solver.value(many) for many in board] for board in cut], solver.best_objective_bound)


def _laid(
    boards: Iterable[dict[_Run, int]], alike: dict[_Run, list[str]], parts: Sequence[Part], stock: Stock
) -> Layout:
    """Boards with so many of each run, in the lengths that they are bought in."""
    known, names = {part.name: part for part in parts}, {run: list(those) for run, those in alike.items()}
    whole = []
    for board in boards:
        lain = [Slice(names[run].pop(), run.is_turned) for run, many in board.items() for _ in range(many)]
        if lain:
            whole.append(placed(Slice(cut="crosscut", children=tuple(lain)), known, stock))
    return Layout(in_their_sizes(whole, known, stock))


def _alike(parts: Sequence[Part], stock: Stock) -> dict[_Run, list[str]]:
    """Parts by what they take of a board, the shorter way where both are possible; the longest first."""
    found: defaultdict[_Run, list[str]] = defaultdict(list)
    length, width = stock.usable
    for part in parts:
        ways = [_Run(part.length, is_turned=False)] if part.length <= length and part.width <= width else []
        if part.may_turn and part.width <= length and part.length <= width:
            ways.append(_Run(part.width, is_turned=True))
        found[min(ways)].append(part.name)
    return dict(sorted(found.items(), reverse=True))


def _unit(sizes: Iterable[Mm]) -> Mm:
    """The largest amount that all of them are whole multiples of."""
    several = list(sizes)
    whole = lcm(*(size.denominator for size in several))
    return Fraction(gcd(*(int(size * whole) for size in several)), whole)
