"""What goes in: a thing on the list, put where it lives, taken off the list."""

from __future__ import annotations

from collections.abc import Iterable, Iterator
from typing import Literal

from vasculum.core.errors import NoSuchQuantity, PlanRefused
from vasculum.plan.document import SPLITS, Name, Plan, Stacks, Thing, Use, WeightText, Word, as_usual
from vasculum.plan.document.patching import PatchStep
from vasculum.plan.edits.acts import Act, Named, Numbers, Typed, as_kept, gone, own_name, place_of, put
from vasculum.plan.edits.dragging import exactly
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.laying.things import tallest_in, things_in

KNOWN = {"weight", "use", "may_turn", "may_lie", "stacks", "belongs_with"}
"""What is taken over of a thing that was listed before."""


class AddThing(Act):
    """A thing with its three sizes, and what else is known of it; a number is put behind a name that is taken."""

    do: Literal["add-thing"]
    name: Name
    length: Typed
    width: Typed
    height: Typed
    weight: WeightText | None = as_usual(None)
    use: Use = as_usual("weekly")
    may_turn: bool = as_usual(True)
    may_lie: bool = as_usual(False)
    stacks: Stacks = as_usual(1)
    belongs_with: Word = as_usual("")

    def told(self, now: SolvedPlan) -> str:
        """As it is said."""
        return f"{self.name} goes in"

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """It, one of it, living nowhere yet.

        Raises:
            LengthRefused: where a size cannot be read.
        """
        numbers = Numbers(now.plan)
        name = own_name(self.name, {one.name for one in now.plan.things.values()})
        sizes = {of: as_kept(getattr(self, of), now.plan) for of in ("length", "width", "height")}
        known = self.model_dump(mode="json", include=KNOWN)
        yield put(f"/things/{numbers.fresh('thing')}", {"name": name, **sizes, **known})
        yield numbers.given()


class PutThing(Act):
    """A thing to where it lives from now on, or nowhere."""

    do: Literal["put-thing"]
    thing: Named
    place: Named | None

    def told(self, now: SolvedPlan) -> str:
        """As it is said."""
        name = thing_of(now.plan, self.thing).name
        return f"{name} taken out" if self.place is None else f"{name} into {place_of(now.plan, self.place).name}"

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """Where it lives; a row that it alone has sized keeps its height.

        Raises:
            NoSuchQuantity: ``no-such-thing``, ``no-such-place``.
            PlanRefused: ``is-divided`` where the place is a split.
        """
        thing = thing_of(now.plan, self.thing)
        if self.place is not None and (place := place_of(now.plan, self.place)).holds in SPLITS:
            raise PlanRefused("is-divided", f"{place.name} is divided.", "Choose one of its cells.")
        yield from _kept_high(now.plan, thing, self.thing)
        yield from _home(thing, self.thing, self.place)


class TickThing(Act):
    """A thing is in its place, or out of it at present; where it lives stays."""

    do: Literal["tick-thing"]
    thing: Named
    is_in: bool

    def told(self, now: SolvedPlan) -> str:
        """As it is said."""
        return f"{thing_of(now.plan, self.thing).name} is {'in its place' if self.is_in else 'out of its place'}"

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """Whether it is out.

        Raises:
            NoSuchQuantity: ``no-such-thing``.
        """
        thing_of(now.plan, self.thing)
        yield put(f"/things/{self.thing}/is_out", not self.is_in)


class TakeThingOut(Act):
    """A thing off the list."""

    do: Literal["take-thing-out"]
    thing: Named

    def told(self, now: SolvedPlan) -> str:
        """As it is said."""
        return f"{thing_of(now.plan, self.thing).name} is off the list"

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """It is gone; a row that it alone has sized keeps its height.

        Raises:
            NoSuchQuantity: ``no-such-thing``.
        """
        yield from _kept_high(now.plan, thing_of(now.plan, self.thing), self.thing)
        yield gone(f"/things/{self.thing}")


def thing_of(plan: Plan, thing: str) -> Thing:
    """A thing of the list.

    Raises:
        NoSuchQuantity: ``no-such-thing``.
    """
    if thing not in plan.things:
        raise NoSuchQuantity("no-such-thing", f"There is no thing {thing!r} in this plan.")
    return plan.things[thing]


def homeless(plan: Plan, places: Iterable[str]) -> Iterator[PatchStep]:
    """What lived in places that are going lives nowhere."""
    going = set(places)
    for id_, thing in plan.things.items():
        if thing.lives_in in going:
            yield from _home(thing, id_, None)


def _home(thing: Thing, id_: str, place: str | None) -> Iterator[PatchStep]:
    """Where it lives from now on; where it was laid by hand is forgotten."""
    yield put(f"/things/{id_}/lives_in", place)
    if thing.lies_at:
        yield put(f"/things/{id_}/lies_at", [])


def _kept_high(plan: Plan, thing: Thing, id_: str) -> Iterator[PatchStep]:
    """Where the last thing leaves a row that its things size, the row stays as high as they wanted."""
    home = thing.lives_in
    if home is None or things_in(plan, home).keys() != {id_}:
        return
    size, tallest = plan.places[home].size, tallest_in(plan, home)
    if size.by == "contents" and size.length is None and plan.places[home].holds != "bin" and tallest is not None:
        yield put(f"/places/{home}/size/length", exactly(tallest, plan.units.length))
