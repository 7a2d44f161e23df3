"""Solve a plan: wiring is kept while the structure stays; after a change only its descendants are solved again."""

from __future__ import annotations

from collections import OrderedDict
from dataclasses import dataclass, field
from threading import Lock
from typing import Any

from vasculum.core.catalogue import the_catalogue
from vasculum.core.flow import Key, Place, Solved, Wiring, solve, wire
from vasculum.plan.document import Plan
from vasculum.plan.laying.places import Laid, plan_to_places

MOST_KEPT = 64

Structure = tuple[tuple[Place, ...], frozenset[Key]]


@dataclass(frozen=True)
class SolvedPlan:
    """A plan with everything worked out."""

    plan: Plan
    laid: Laid
    solved: Solved
    kept: dict[str, Any] = field(default_factory=dict, compare=False, repr=False)
    """What was collected of it already, by name."""


class _Wirings:
    """The wirings of late, by structure."""

    def __init__(self) -> None:
        self._kept: OrderedDict[Structure, Wiring] = OrderedDict()
        self._lock = Lock()

    def of(self, laid: Laid) -> Wiring:
        structure = (tuple(laid.places.values()), frozenset(laid.given))
        with self._lock:
            if structure in self._kept:
                self._kept.move_to_end(structure)
                return self._kept[structure]
        wiring = wire(the_catalogue(), laid.places, laid.given)
        with self._lock:
            self._kept[structure] = wiring
            if len(self._kept) > MOST_KEPT:
                self._kept.popitem(last=False)
        return wiring


_WIRINGS = _Wirings()


def solve_plan(plan: Plan, before: SolvedPlan | None = None) -> SolvedPlan:
    """Work a plan out; ``before`` is an earlier state of it, of which everything untouched is taken over."""
    laid = plan_to_places(plan)
    wiring = _WIRINGS.of(laid)
    solved = solve(wiring, laid.given, laid.pins, before.solved if before else None)
    return SolvedPlan(plan, laid, solved, _taken_over(plan, solved, before))


def _taken_over(plan: Plan, solved: Solved, before: SolvedPlan | None) -> dict[str, Any]:
    """What follows from the wiring alone; and where unit and stations stayed, what was said of what did not change."""
    if before is None or before.solved.wiring is not solved.wiring:
        return {}
    kept: dict[str, Any] = {"nearest": before.kept.setdefault("nearest", {})}
    if "made" in before.kept:
        kept["made before"] = (before.plan, before.kept["made"])
    if before.plan.units.length != plan.units.length or before.plan.readings.keys() != plan.readings.keys():
        return kept
    shown, found = dict(before.kept.get("shown", {})), before.kept.get("found", {})
    for key in solved.changed:
        shown.pop(key, None)
    found = {asked: said for asked, said in found.items() if asked[0] not in solved.changed}
    return kept | {"shown": shown, "found": found}


def nearest_key(plan: SolvedPlan, place: str, name: str) -> Key:
    """The key that a bare name means at a place: its own, or the nearest further out."""
    asked = (place, name)
    known: dict[Key, Key] = plan.kept.setdefault("nearest", {})
    found = known.get(asked)
    if found is None:
        found = known[asked] = _nearest_key(plan, place, name)
    return found


def _nearest_key(plan: SolvedPlan, place: str, name: str) -> Key:
    at: str | None = place
    while at is not None:
        if (at, name) in plan.solved.quantities:
            return (at, name)
        at = plan.laid.places[at].parent
    return (place, name)
