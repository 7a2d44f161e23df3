"""Which things share a drawer, and how the rows of each column share its height: whole numbers, solved by CP-SAT.

Lengths are whole hundredths of a mm, rounded so that what is found fits. One worker, a fixed seed and a bound on work,
not on time, make the answer the same every time.
"""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from itertools import pairwise
from math import ceil, floor
from typing import Any

from ortools.sat.python import cp_model

from vasculum.core.tables import uses
from vasculum.proposing.shares import MOST_ROWS, WHERE_IT_STANDS, Columns, Goal, Shared, Wanted

PER_MM = 100
PER_KG = 100_000


def share_out(
    things: Sequence[Wanted],
    columns: Columns,
    goal: Goal,
    not_on_one_floor: Iterable[frozenset[str]] = (),
    work: float = 2.0,
) -> Shared | None:
    """Put things into rows of columns so that as many as can go in do, and the goal is met as well as can be.

    Args:
        not_on_one_floor: sets of things that do not lie in one drawer, though their areas would.
        work: how much of it, in the solver's own measure; about seconds.

    Returns None where there is no room for a single row.
    """
    if not things or min(ceil(one.height * PER_MM) for one in things) + columns.loss * PER_MM > columns.height * PER_MM:
        return None
    model = _Model(things, columns, goal)
    for ids in not_on_one_floor:
        model.part(ids)
    return model.solved(work)


class _Model:
    """Booleans for what lives where, whole numbers for how high each row is."""

    def __init__(self, things: Sequence[Wanted], columns: Columns, goal: Goal) -> None:
        self.things, self.columns, self.goal = things, columns, goal
        self.model = cp_model.CpModel()
        self.high, self.loss = floor(columns.height * PER_MM), ceil(columns.loss * PER_MM)
        self.needs = [ceil(one.height * PER_MM) for one in things]
        self.rows = max(1, min(MOST_ROWS, len(things), self.high // (min(self.needs) + self.loss)))
        self.slots = [(c, r) for c in range(columns.many) for r in range(self.rows)]
        self.lives = {(i, s): self.model.new_bool_var(f"x{i}_{s}") for i in range(len(things)) for s in self.slots}
        self.used = {s: self.model.new_bool_var(f"u{s}") for s in self.slots}
        self.height = {s: self.model.new_int_var(0, self.high, f"h{s}") for s in self.slots}
        self._things()
        self._rows()

    def _things(self) -> None:
        """Each thing lives in one row at most, which is as high as it wants and has floor for it."""
        areas = [ceil(one.area) for one in self.things]
        every = range(len(self.things))
        for i, need in enumerate(self.needs):
            self.model.add_at_most_one(self.lives[i, s] for s in self.slots)
            for s in self.slots:
                self.model.add(self.height[s] >= need).only_enforce_if(self.lives[i, s])
                self.model.add_implication(self.lives[i, s], self.used[s])
        for s in self.slots:
            self.model.add(self.height[s] == 0).only_enforce_if(self.used[s].negated())
            self.model.add_bool_or(self.lives[i, s] for i in every).only_enforce_if(self.used[s])
            self.model.add(sum(areas[i] * self.lives[i, s] for i in every) <= floor(self.columns.floor))
            if self.columns.carries is not None:
                most, per_mm = self.columns.carries
                weights = [ceil(one.weight * PER_KG) for one in self.things]
                own = ceil(per_mm * PER_KG / PER_MM) * self.height[s]
                carried = sum(weights[i] * self.lives[i, s] for i in every) + own
                self.model.add(carried <= floor(most * PER_KG)).only_enforce_if(self.used[s])

    def _rows(self) -> None:
        """Rows stand without a gap, and no higher together than the column; the higher ones below where that is free.

        They are counted from where the goal counts them: from above for what shall be in reach, else from the floor.
        Columns that are alike are told apart by how high their rows are.
        """
        for c in range(self.columns.many):
            for r in range(self.rows - 1):
                near, far = ((c, r), (c, r + 1)) if self.goal == "in_reach" else ((c, r + 1), (c, r))
                self.model.add_implication(self.used[far], self.used[near])
                if self.goal not in WHERE_IT_STANDS:
                    higher = self.model.add(self.height[c, r] <= self.height[c, r + 1])
                    higher.only_enforce_if(self.used[c, r + 1])
            whole = sum(self.height[c, r] + self.loss * self.used[c, r] for r in range(self.rows))
            self.model.add(whole <= self.high)
        if self.goal == "balanced":
            return  # which column is which does matter
        heights = [sum(self.height[c, r] for r in range(self.rows)) for c in range(self.columns.many)]
        for one, next_one in pairwise(heights):
            self.model.add(one >= next_one)

    def part(self, ids: frozenset[str]) -> None:
        """Not all of these in one drawer."""
        members = [i for i, one in enumerate(self.things) if one.id in ids]
        for s in self.slots:
            self.model.add(sum(self.lives[i, s] for i in members) <= len(members) - 1)

    def solved(self, work: float) -> Shared | None:
        """What counts most is that everything goes in; then the goal; then the drawers, or the air."""
        (first, most), (second, then_most) = self._counted()
        left = len(self.things) - sum(self.lives.values())
        self.model.minimize((left * (most + 1) + first) * (then_most + 1) + second)
        solver = cp_model.CpSolver()
        solver.parameters.num_workers = 1
        solver.parameters.random_seed = 1
        solver.parameters.max_deterministic_time = work
        status = solver.solve(self.model)
        if status not in (cp_model.OPTIMAL, cp_model.FEASIBLE):
            return None
        inside = {
            s: tuple(one.id for i, one in enumerate(self.things) if solver.value(self.lives[i, s])) for s in self.slots
        }
        shared = (tuple(inside[c, r] for r in range(self.rows) if inside[c, r]) for c in range(self.columns.many))
        kept = {id_ for ids in inside.values() for id_ in ids}
        nowhere = tuple(one.id for one in self.things if one.id not in kept)
        return Shared(tuple(shared), nowhere, status == cp_model.OPTIMAL)

    # ---- what each goal counts, with the most that it can come to ----------------------------------------------------

    def _counted(self) -> tuple[tuple[Any, int], tuple[Any, int]]:
        drawers = (sum(self.used.values()), len(self.slots))
        if self.goal == "fewest":
            return drawers, self._air()
        if self.goal == "closest":
            return self._air(), drawers
        if self.goal == "together":
            return self._apart(), drawers
        if self.goal == "in_reach":
            counts = [uses()[one.use].counts for one in self.things]
            return self._out_of_reach(counts) if self.columns.reach else self._by_rows(counts, from_above=True), drawers
        if self.goal == "balanced":
            return self._lopsided(), drawers
        return self._by_rows([round(one.weight * 10) for one in self.things], from_above=False), drawers

    def _by_rows(self, counts: list[int], from_above: bool) -> tuple[Any, int]:
        """What each thing counts, times the rows above it, or below it."""
        terms = [
            counts[i] * (r if from_above else self.rows - 1 - r) * self.lives[i, (c, r)]
            for i in range(len(self.things))
            for c, r in self.slots
        ]
        return sum(terms), sum(counts) * self.rows

    def _out_of_reach(self, counts: list[int]) -> tuple[Any, int]:
        """How far the middle of its row is out of reach, mm, times what each thing counts."""
        assert self.columns.reach is not None
        low, high = (round(one) for one in self.columns.reach)
        most = self.high // PER_MM + abs(low) + abs(high)
        terms = []
        for c, r in self.slots:
            below = sum(self.height[c, q] + self.loss * self.used[c, q] for q in range(r))
            twice = 2 * (self.high - below) - self.height[c, r] - self.loss * self.used[c, r]
            away = self.model.new_int_var(0, most, f"r{c}_{r}")
            self.model.add(2 * PER_MM * away >= twice - 2 * PER_MM * high)
            self.model.add(2 * PER_MM * away >= 2 * PER_MM * low - twice)
            for i, count in enumerate(counts):
                if count:
                    far = self.model.new_int_var(0, count * most, f"f{i}_{c}_{r}")
                    self.model.add(far >= count * away).only_enforce_if(self.lives[i, (c, r)])
                    terms.append(far)
        return sum(terms), sum(counts) * most

    def _lopsided(self) -> tuple[Any, int]:
        """What weighs on one side of the middle more than on the other, times how many half columns from it."""
        weights, last = [round(one.weight * 10) for one in self.things], self.columns.many - 1
        turning = sum(
            weight * (2 * c - last) * self.lives[i, (c, r)] for i, weight in enumerate(weights) for c, r in self.slots
        )
        most = sum(weights) * max(last, 1)
        over = self.model.new_int_var(0, most, "lopsided")
        self.model.add(over >= turning)
        self.model.add(over >= -turning)
        return over, most

    def _air(self) -> tuple[Any, int]:
        """What is empty over each thing, mm, all together."""
        over = []
        for i, need in enumerate(self.needs):
            air = self.model.new_int_var(0, self.high // PER_MM + 1, f"a{i}")
            for s in self.slots:
                self.model.add(air * PER_MM >= self.height[s] - need).only_enforce_if(self.lives[i, s])
            over.append(air)
        return sum(over), len(over) * (self.high // PER_MM + 1)

    def _apart(self) -> tuple[Any, int]:
        """In how many drawers the things of each group are."""
        groups: dict[str, list[int]] = {}
        for i, one in enumerate(self.things):
            if one.group:
                groups.setdefault(one.group, []).append(i)
        found = []
        for name, members in groups.items():
            for s in self.slots:
                here = self.model.new_bool_var(f"g{name}_{s}")
                self.model.add_max_equality(here, [self.lives[i, s] for i in members])
                found.append(here)
        return sum(found), len(found)
