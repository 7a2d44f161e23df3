"""A way to divide a space, built as a plan: what it comes to by each goal, and what speaks against it."""

from __future__ import annotations

from dataclasses import dataclass
from fractions import Fraction
from functools import cached_property
from typing import Any, Literal

from vasculum.core.lengths import Mm
from vasculum.plan.document import Plan
from vasculum.plan.document.patching import PatchStep, patched
from vasculum.plan.laying.layout import cells_of
from vasculum.plan.laying.solving import SolvedPlan, solve_plan
from vasculum.plan.making.stored import Stored, stored_in
from vasculum.plan.telling.solution import findings_of
from vasculum.proposing.layouts import LEFT, SHARE, Slot, divided
from vasculum.proposing.probing import Probe
from vasculum.proposing.sharing import USES, Goal, Shared
from vasculum.proposing.wanting import weight_of

AS_THINGS_ASK = {"by": "contents", "length": None}


@dataclass(frozen=True)
class Tried:
    """One way, for one goal or with equal rows, in so many columns."""

    goal: Goal | Literal["equal"]
    probe: Probe
    shared: Shared
    before: Plan
    space: str
    patch: list[PatchStep]
    built: SolvedPlan

    @property
    def drawers(self) -> int:
        """How many of them."""
        return sum(len(rows) for rows in self.shared.columns)

    @cached_property
    def stored(self) -> dict[str, Stored]:
        """Its cells with things, by place."""
        own = {cell.id for cell in cells_of(self.built.plan, self.space)}
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
        things = self.before.things
        homes = [
            (at, len(rows), things[id_]) for rows in self.shared.columns for at, row in enumerate(rows) for id_ in row
        ]
        if goal == "in_reach":
            return sum(USES[thing.use] * at for at, _, thing in homes)
        if goal == "heavy_low":
            return float(sum((weight_of(thing) * (many - 1 - at) for at, many, thing in homes), Fraction(0)))
        if goal == "together":
            rows = [row for column in self.shared.columns for row in column]
            return sum(len({things[id_].belongs_with for id_ in row} - {""}) for row in rows)
        return self.drawers


def built(plan: Plan, space: str, goal: Goal | Literal["equal"], probe: Probe, shared: Shared) -> Tried:
    """Rows as high as their things ask, the lowest of each column as high as is left; or all of them alike."""

    def size(at: int, many: int) -> dict[str, Any]:
        if goal == "equal":
            return SHARE
        return LEFT if at == many - 1 else AS_THINGS_ASK

    columns = [
        [Slot(_name(plan, row), size(at, len(rows)), row) for at, row in enumerate(rows)] or [Slot("Spare", SHARE)]
        for rows in shared.columns
    ]
    patch = divided(plan, space, columns)
    return Tried(goal, probe, shared, plan, space, patch, solve_plan(patched(plan, patch)))


def _name(plan: Plan, row: tuple[str, ...]) -> str:
    """After the thing that takes most of it."""
    return max((plan.things[id_] for id_ in row), key=lambda one: plan.length(one.length) * plan.length(one.width)).name
