"""Against other programs: an independent packer that cuts from edge to edge, and an exact solver for few parts."""

from __future__ import annotations

from random import Random

import pytest
import rectpack
from ortools.sat.python import cp_model

from tests.cutting.test_cutting import METRIC, searched
from vasculum.cutting.bound import bound
from vasculum.cutting.model import Mm, Part, Stock
from vasculum.cutting.search import is_installed
from vasculum.cutting.ways import laid_out

GUILLOTINE = (
    rectpack.GuillotineBssfSas,
    rectpack.GuillotineBssfLas,
    rectpack.GuillotineBafSas,
    rectpack.GuillotineBlsfMinas,
)


def boxes(seed: int, most: int = 24) -> tuple[Part, ...]:
    """Four sides of so many boxes, a few kinds of each: what a list of drawers looks like."""
    random = Random(seed)
    count = random.randint(8, most)
    kinds = [
        (random.randrange(250, 900), random.choice([350, 400, 450, 500, 550]), random.randrange(70, 300, 5))
        for _ in range(max(2, count // 4))
    ]
    parts: list[Part] = []
    for number in range(count):
        wide, deep, high = random.choice(kinds)
        for side, long in enumerate((deep, deep, wide - 24, wide - 24)):
            parts.append(Part(f"{number}.{side}", Mm(long), Mm(high), may_turn=False))
    return tuple(parts)


def packed_by_another(parts: tuple[Part, ...], stock: Stock) -> int:
    """The fewest sheets of its edge-to-edge packers; a kerf stands behind each part and each sheet."""
    kerf, fewest = int(stock.kerf), len(parts)
    for algorithm in GUILLOTINE:
        packer = rectpack.newPacker(pack_algo=algorithm, rotation=False, sort_algo=rectpack.SORT_AREA)
        for part in parts:
            packer.add_rect(int(part.length) + kerf, int(part.width) + kerf)
        packer.add_bin(int(stock.length) + kerf, int(stock.width) + kerf, count=len(parts))
        packer.pack()
        fewest = min(fewest, len(packer))
    return fewest


@pytest.mark.parametrize("seed", range(10))
def test_never_a_sheet_more_than_an_independent_packer(seed: int) -> None:
    parts = boxes(seed)
    assert len(laid_out(parts, METRIC).fewest_sheets.sheets) <= packed_by_another(parts, METRIC)


def exact_boards(lengths: list[int], board: int, kerf: int) -> int:
    """The least number of boards, proved by another solver."""
    model, most = cp_model.CpModel(), len(lengths)
    used = [model.new_bool_var("") for _ in range(most)]
    lies = [[model.new_bool_var("") for _ in range(most)] for _ in lengths]
    for row in lies:
        model.add_exactly_one(row)
    for at in range(most):
        run = sum((length + kerf) * row[at] for length, row in zip(lengths, lies, strict=True))
        model.add(run <= (board + kerf) * used[at])
    model.minimize(sum(used))
    solver = cp_model.CpSolver()
    assert solver.solve(model) == cp_model.OPTIMAL
    return round(solver.objective_value)


@pytest.mark.skipif(not is_installed(), reason="the search wants Python 3.12 or newer")
@pytest.mark.parametrize("seed", range(8))
def test_boards_are_the_least_that_another_solver_proves(seed: int) -> None:
    random = Random(seed)
    lengths = [random.randint(200, 1300) for _ in range(14)]
    stock = Stock(Mm(2400), Mm(90), Mm(3))
    parts = tuple(Part(f"p{number}", Mm(length), Mm(90)) for number, length in enumerate(lengths))
    least = exact_boards(lengths, 2400, 3)
    assert bound(parts, stock).sheets <= least
    fewest = len(laid_out(parts, stock).fewest_sheets.sheets)
    if fewest > least:
        fewest = min(len(layout.sheets) for layout, _ in searched(parts, stock, 10))
    assert fewest == least
