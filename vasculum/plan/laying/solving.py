"""Solve a plan: wiring is kept while the structure stays; after a change only its descendants are solved again."""

from __future__ import annotations

from dataclasses import dataclass, field
from typing import Any

from vasculum.core.catalogue import the_catalogue
from vasculum.core.flow import Key, Place, Solved, Wiring, solve, wire
from vasculum.core.recent import Recent
from vasculum.plan.document import Plan
from vasculum.plan.laying.layout import Node, nodes_of
from vasculum.plan.laying.places import Laid, plan_to_places

Structure = tuple[tuple[Place, ...], frozenset[Key]]


@dataclass(frozen=True)
class SolvedPlan:
    """A plan with everything worked out."""

    plan: Plan
    laid: Laid
    solved: Solved
    kept: dict[str, Any] = field(default_factory=dict, compare=False, repr=False)
    """What was collected of it already, by name."""


MOST_TASKS = 60_000
"""So many tasks are kept wired, of whatever plans: about 90 MB."""
_WIRINGS: Recent[Structure, Wiring] = Recent(MOST_TASKS, lambda wiring: len(wiring.tasks))


def _wiring_of(laid: Laid) -> Wiring:
    structure = (tuple(laid.places.values()), frozenset(laid.given))
    wiring = _WIRINGS.get(structure)
    if wiring is None:
        wiring = wire(the_catalogue(), laid.places, laid.given)
        _WIRINGS.put(structure, wiring)
    return wiring


def solve_plan(plan: Plan, before: SolvedPlan | None = None) -> SolvedPlan:
    """Work a plan out; ``before`` is an earlier state of it, of which everything untouched is taken over."""
    laid = plan_to_places(plan)
    wiring = _wiring_of(laid)
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


def nodes_in(plan: SolvedPlan, space: str) -> list[Node]:
    """The places of a space as the layout has them, collected once."""
    found: dict[str, list[Node]] = plan.kept.setdefault("nodes", {})
    if space not in found:
        found[space] = list(nodes_of(plan.plan, space))
    return found[space]


def space_around(plan: SolvedPlan, place: str) -> str:
    """The space that a place of the layout stands in."""
    while place not in plan.plan.spaces:
        place = plan.laid.places[place].parent or ""
    return place


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
