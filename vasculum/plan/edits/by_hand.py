"""Things laid by hand on the floor of their drawer: moved, turned, and left to the program again."""

from __future__ import annotations

from collections.abc import Iterable, Iterator
from fractions import Fraction
from typing import Annotated, Literal

from pydantic import Field

from vasculum.core.errors import PlanRefused
from vasculum.core.reasons import snap_nearest
from vasculum.packing.floor import Placed
from vasculum.plan.document import as_usual
from vasculum.plan.document.patching import PatchStep
from vasculum.plan.edits.acts import Act, Named, place_of, put
from vasculum.plan.edits.dragging import Way, exactly, step_of
from vasculum.plan.edits.things import thing_of
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.laying.things import things_in
from vasculum.plan.making import by_hand
from vasculum.plan.making.stored import Stored, stored_in

Stack = Annotated[int, Field(ge=0, le=998)]


class LayThing(Act):
    """Move a stack on the floor of its drawer, by mm as dragged or by increments as nudged; or turn it."""

    do: Literal["lay-thing"]
    thing: Named
    stack: Stack
    across: Way = as_usual(0.0)
    back: Way = as_usual(0.0)
    in_steps: bool = as_usual(False)
    """Whether ``across`` and ``back`` count increments."""
    turn: bool = as_usual(False)

    def told(self, now: SolvedPlan) -> str:
        """As it is said."""
        return f"{thing_of(now.plan, self.thing).name} {'turned' if self.turn else 'laid by hand'}"

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """Where it lies; everything else in the drawer stays where it lay.

        It stops at the walls. What it then lies on is said, not pushed away.

        Raises:
            NoSuchQuantity: ``no-such-thing``.
            PlanRefused: ``lies-nowhere`` where that stack lies in no drawer; ``may-not-turn``.
        """
        thing, name = thing_of(now.plan, self.thing), by_hand.name_of(self.thing, self.stack)
        stored, placed = _lying(now, name)
        if self.turn and not thing.may_turn:
            raise PlanRefused("may-not-turn", f"{thing.name} may not be turned.", "Allow it on its line of the list.")
        step = step_of(now, self.in_steps)
        size = (placed.back, placed.across) if self.turn else (placed.across, placed.back)
        room = (stored.room.width, stored.room.depth)
        increment = now.solved.value("plan", "increment") or Fraction(1)
        moves = (Fraction(self.across) * step, Fraction(self.back) * step)
        left, front = (
            _kept_within(old + by, whole - own, increment) if by else max(Fraction(0), min(old, whole - own))
            for old, by, own, whole in zip((placed.from_left, placed.from_front), moves, size, room, strict=True)
        )
        moved = Placed(name, left, front, *size, is_turned=placed.is_turned is not self.turn)
        lying = [moved if one.name == name else one for one in _all(stored)]
        for id_ in things_in(now.plan, stored.place):
            own = [_lies_at(now, one) for one in lying if by_hand.thing_of(one.name) == id_]
            yield put(f"/things/{id_}/lies_at", own)


class LayAnew(Act):
    """Leave it to the program again where the things of a drawer lie."""

    do: Literal["lay-anew"]
    place: Named

    def told(self, now: SolvedPlan) -> str:
        """As it is said."""
        return f"{place_of(now.plan, self.place).name}: laid anew"

    def steps(self, now: SolvedPlan) -> Iterable[PatchStep]:
        """Nothing in it is laid by hand.

        Raises:
            NoSuchQuantity: ``no-such-place``.
        """
        place_of(now.plan, self.place)
        return [put(f"/things/{id_}/lies_at", []) for id_ in things_in(now.plan, self.place)]


def _kept_within(wanted: Fraction, most: Fraction, increment: Fraction) -> Fraction:
    """Snapped, but at a wall it lies at the wall."""
    return max(Fraction(0), min(Fraction(snap_nearest(wanted, increment)), most))


def _all(stored: Stored) -> list[Placed]:
    return [*(stored.upper.placed if stored.upper else ()), *stored.floor.placed]


def _lying(now: SolvedPlan, name: str) -> tuple[Stored, Placed]:
    for stored in stored_in(now):
        for placed in _all(stored):
            if placed.name == name:
                return stored, placed
    said = now.plan.things[by_hand.thing_of(name)].name
    raise PlanRefused("lies-nowhere", f"{said} lies in no drawer.", "Say where it lives first.")


def _lies_at(now: SolvedPlan, one: Placed) -> dict[str, object]:
    at = (exactly(length, now.plan.units.length) for length in (one.from_left, one.from_front))
    names = ("from_left", "from_front")
    return {"stack": by_hand.stack_of(one.name), **dict(zip(names, at, strict=True)), "is_turned": one.is_turned}
