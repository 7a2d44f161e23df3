"""A way to divide a space, built as a plan: what it comes to by each goal, and what speaks against it."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass
from fractions import Fraction
from functools import cached_property
from typing import Any, Literal

from vasculum.core.lengths import Mm
from vasculum.core.tables import uses
from vasculum.plan.document.patching import PatchStep, patched
from vasculum.plan.laying.solving import SolvedPlan, solve_plan
from vasculum.plan.making.stored import Stored, stored_in
from vasculum.plan.telling.solution import findings_of
from vasculum.proposing.asked import Asked, made_in
from vasculum.proposing.layouts import LEFT, SHARE, Slot, divided
from vasculum.proposing.probing import Probe
from vasculum.proposing.shares import Goal, Shared
from vasculum.proposing.wanting import weight_of

AS_THINGS_ASK = {"by": "contents", "length": None}


@dataclass(frozen=True)
class Tried:
    """One way, for one goal or with equal rows, in so many columns."""

    goal: Goal | Literal["equal"]
    probe: Probe
    shared: Shared
    asked: Asked
    patch: list[PatchStep]
    built: SolvedPlan

    @property
    def drawers(self) -> int:
        """How many of them."""
        return sum(len(rows) for rows in self.shared.columns)

    @cached_property
    def stored(self) -> dict[str, Stored]:
        """Its cells with things, by place."""
        own = set(made_in(self.asked, self.built.plan))
        return {one.place: one for one in stored_in(self.built) if one.place in own}

    @cached_property
    def air(self) -> Mm:
        """The empty height over the tallest thing of each drawer, all together."""
        return sum((one.room.sides - max(one.heights.values()) for one in self.stored.values() if one.heights), Mm(0))

    @cached_property
    def left(self) -> int:
        """How many of the list do not go in."""
        return len(self.shared.left) + sum(len(one.left) for one in self.stored.values())

    @cached_property
    def stops(self) -> tuple[str, ...]:
        """What speaks against cutting it, each once."""
        return tuple(dict.fromkeys(one.message for one in findings_of(self.built) if one.severity == "stop"))

    def comes_to(self, goal: str) -> tuple[int, float]:
        """What is left over, then its figure by a goal: the smaller the better."""
        return (self.left, self._figure(goal))

    def _figure(self, goal: str) -> float:
        if goal == "closest":
            return float(self.air)
        rows = [row for column in self.shared.columns for row in column]
        if goal == "in_reach":
            return sum(self._use_out_of_reach(row, cell) for row, cell in self._cells())
        if goal == "heavy_low":
            above = [(row, len(column) - 1 - at) for column in self.shared.columns for at, row in enumerate(column)]
            return sum(self._weighs(row) * rows_below for row, rows_below in above)
        if goal == "balanced":
            last = self.probe.columns - 1
            sides = [(2 * c - last, row) for c, column in enumerate(self.shared.columns) for row in column]
            return abs(sum(self._weighs(row) * side for side, row in sides))
        if goal == "together":
            return sum(len({self.asked.things[id_].belongs_with for id_ in row} - {""}) for row in rows)
        return self.drawers

    def _cells(self) -> Iterator[tuple[tuple[str, ...], str]]:
        """Each row with the cell that it became; a column without rows became one cell too."""
        rows = (row for column in self.shared.columns for row in column or ((),))
        return zip(rows, made_in(self.asked, self.built.plan), strict=True)

    def _weighs(self, row: tuple[str, ...]) -> float:
        return float(sum((weight_of(self.asked.things[id_]) for id_ in row), Fraction(0)))

    def _use_out_of_reach(self, row: tuple[str, ...], cell: str) -> float:
        """How far the middle of a drawer is out of reach, mm, or below the top where nobody said how high it stands."""
        counts = sum(uses()[self.asked.things[id_].use].counts for id_ in row)
        begins, high = (self.built.solved.value(cell, name) for name in ("cell_from_floor", "cell_height"))
        if not counts or begins is None or high is None:
            return 0.0
        middle = begins + high / 2 - self.probe.begins
        if self.probe.reach is None:
            return counts * float(self.probe.height - middle)
        return counts * float(max(self.probe.reach.low - middle, middle - self.probe.reach.high, Mm(0)))


def built(asked: Asked, goal: Goal | Literal["equal"], probe: Probe, shared: Shared) -> Tried:
    """Rows as high as their things ask, the lowest of each column as high as is left; or all of them alike."""

    def size(at: int, many: int) -> dict[str, Any]:
        if goal == "equal":
            return SHARE
        return LEFT if at == many - 1 else AS_THINGS_ASK

    columns = [
        [Slot(_name(asked, row), size(at, len(rows)), row) for at, row in enumerate(rows)] or [Slot("Spare", SHARE)]
        for rows in shared.columns
    ]
    patch = divided(asked, columns)
    return Tried(goal, probe, shared, asked, patch, solve_plan(patched(asked.plan, patch)))


def _name(asked: Asked, row: tuple[str, ...]) -> str:
    """After the thing that takes most of it."""
    size = asked.plan.length
    return max((asked.things[id_] for id_ in row), key=lambda one: size(one.length) * size(one.width)).name
