"""Move what stands between two parts of a split, or what stands in the way, snapped to the shop.

A part becomes fixed at the new size. The part after it gives or takes as much where it is of a size of its own too;
otherwise what is left is shared anew. At least one part goes on sharing what is left, where one did before.
"""

from __future__ import annotations

from collections.abc import Iterable
from fractions import Fraction
from typing import Annotated, Literal

from pydantic import Field, JsonValue

from vasculum.core.errors import PlanRefused
from vasculum.core.lengths import Mm, Unit, show_with_unit
from vasculum.core.reasons import snap_nearest
from vasculum.plan.document import UPRIGHT, Place, as_usual
from vasculum.plan.document.patching import PatchStep
from vasculum.plan.edits.acts import Act, Named, parent_of
from vasculum.plan.laying.solving import SolvedPlan

ABSOLUTE = ("fixed", "contents")
FARTHEST = 100_000
"""How far a pointer may have gone, in mm: the length of the longest drawing."""
Way = Annotated[float, Field(ge=-FARTHEST, le=FARTHEST, allow_inf_nan=False)]


class Drag(Act):
    """Move what stands after a part of a split: by mm as dragged, or by whole increments as nudged."""

    do: Literal["drag"]
    place: Named
    by: Way = as_usual(0.0)
    in_steps: bool = as_usual(False)
    """Whether ``by`` counts increments."""

    def steps(self, now: SolvedPlan) -> Iterable[PatchStep]:
        """What makes it stand there."""
        return self._dragged(now)[0]

    def told(self, now: SolvedPlan) -> str:
        """The part, and its new clear size."""
        size = self._dragged(now)[1]
        return f"{now.plan.places[self.place].name}: {show_with_unit(size, now.plan.units.length)}"

    def _dragged(self, now: SolvedPlan) -> tuple[list[PatchStep], Mm]:
        return dragged(now, self.place, Fraction(self.by) * step_of(now, self.in_steps))


class Push(Act):
    """Move what stands in the way along its wall: by mm as dragged, or by whole increments as nudged."""

    do: Literal["push"]
    obstruction: Named
    across: Way = as_usual(0.0)
    up: Way = as_usual(0.0)
    in_steps: bool = as_usual(False)
    """Whether ``across`` and ``up`` count increments."""

    def steps(self, now: SolvedPlan) -> Iterable[PatchStep]:
        """What makes it stand there."""
        step = step_of(now, self.in_steps)
        return pushed(now, self.obstruction, (Fraction(self.across) * step, Fraction(self.up) * step))

    def told(self, now: SolvedPlan) -> str:
        """As it is said."""
        one = now.plan.obstructions.get(self.obstruction)
        return f"{one.name if one else self.obstruction} moved"


def step_of(now: SolvedPlan, in_steps: bool) -> Mm:
    """What one of a move is in mm: the shop's increment, or a mm."""
    return now.solved.value("plan", "increment") or Fraction(1) if in_steps else Fraction(1)


def dragged(plan: SolvedPlan, place: str, by: Mm) -> tuple[list[PatchStep], Mm]:
    """Make a part of a split larger by about ``by`` mm, less than nothing for smaller, at the cost of the next.

    In a column of fronts the front is snapped; elsewhere the clear size is. Neither part becomes smaller than one
    increment.

    Args:
        place: the part before what is moved: the upper row, the left column.

    Returns:
        The change, and the new clear size of the part in mm.

    Raises:
        PlanRefused: ``nothing-to-move`` where no other part follows; ``sizes-wait`` where the split has no sizes yet.
    """
    after = _next(plan, place)
    name = "cell_height" if _parent(plan, place).holds == "rows" else "cell_width"
    here, there = plan.solved.value(place, name), plan.solved.value(after, name)
    increment = plan.solved.value("plan", "increment")
    if here is None or there is None or increment is None:
        raise PlanRefused("sizes-wait", "These parts have no sizes yet.", "Settle what is over first.")
    wanted = min(max(here + by, increment), here + there - increment)
    face = plan.solved.value(place, "front_height") if name == "cell_height" else None
    beside = here - face if face is not None else Fraction(0)
    size = Fraction(snap_nearest(wanted - beside, increment)) + beside
    return list(_settled(plan, place, after, (size, there + here - size))), size


def pushed(plan: SolvedPlan, obstruction: str, by: tuple[Mm, Mm]) -> list[PatchStep]:
    """Move what stands in the way along its wall by about so much across and up, snapped to the shop's increment.

    On a side it moves up and down, on floor and top across, before the back both ways; never past the left edge or the
    floor. A profile moves as a whole.

    Raises:
        PlanRefused: ``nothing-to-move`` where there is no such thing, or it runs all along its wall.
    """
    one = plan.plan.obstructions.get(obstruction)
    increment = plan.solved.value("plan", "increment")
    if one is None or increment is None:
        raise PlanRefused("nothing-to-move", "Nothing of that name stands in the way.", "")
    where = f"/obstructions/{obstruction}"
    steps = []
    for name, size, way, along in (
        ("from_left", one.width, by[0], ("back", "floor", "top")),
        ("from_floor", one.height, by[1], UPRIGHT),
    ):
        start = getattr(one, name)
        if one.on in along and (start is not None or size is not None):
            moved = _snapped_from(plan, start, way, increment)
            steps.append(PatchStep(op="add", path=f"{where}/{name}", value=exactly(moved, plan.plan.units.length)))
    if one.profile:
        lift = _snapped_from(plan, one.profile[0].at, by[1], increment) - plan.plan.length(one.profile[0].at)
        points: list[JsonValue] = [
            {"at": exactly(plan.plan.length(p.at) + lift, plan.plan.units.length), "projection": p.projection}
            for p in one.profile
        ]
        steps.append(PatchStep(op="add", path=f"{where}/profile", value=points))
    if not steps:
        raise PlanRefused(
            "nothing-to-move",
            f"{one.name} runs all along its wall.",
            "Say where it begins, or how large it is; then it can be moved.",
        )
    return steps


def _snapped_from(plan: SolvedPlan, start: str | None, by: Mm, increment: Mm) -> Mm:
    """Where something begins after it was moved: on a whole increment, not below nothing."""
    begins = plan.plan.length(start) if start is not None else Fraction(0)
    return max(Fraction(snap_nearest(begins + by, increment)), Fraction(0))


def _parent(plan: SolvedPlan, place: str) -> Place:
    return plan.plan.places[parent_of(plan.plan, place) or place]


def _next(plan: SolvedPlan, place: str) -> str:
    siblings = _parent(plan, place).children if place in plan.plan.places else []
    at = siblings.index(place) + 1 if place in siblings else 0
    if not 0 < at < len(siblings):
        raise PlanRefused("nothing-to-move", "Nothing stands between this part and another after it.", "")
    return siblings[at]


def _settled(plan: SolvedPlan, place: str, after: str, sizes: tuple[Mm, Mm]) -> list[PatchStep]:
    places = plan.plan.places
    siblings = _parent(plan, place).children
    has_other_share = any(places[one].size.by not in ABSOLUTE for one in siblings if one != place)
    steps = []
    if has_other_share or places[place].size.by in ABSOLUTE:
        steps.append(_fixed(plan, place, sizes[0]))
    if places[after].size.by in ABSOLUTE:
        steps.append(_fixed(plan, after, sizes[1]))
    return steps


def _fixed(plan: SolvedPlan, place: str, size: Mm) -> PatchStep:
    length = exactly(size, plan.plan.units.length)
    share = plan.plan.places[place].size.share
    return PatchStep(op="add", path=f"/places/{place}/size", value={"by": "fixed", "length": length, "share": share})


def exactly(size: Mm, unit: Unit) -> str:
    """The length as a person would type it, or the bare fraction of mm where no such reading is exact."""
    text = show_with_unit(size, unit)
    return f"{size} mm" if text.startswith("≈") else text
