"""Divide a space and fill it: split, copy, take out, hold, and how large each part wants to be."""

from __future__ import annotations

import re
from collections.abc import Callable, Iterator
from typing import Annotated, Literal

from pydantic import Field

from vasculum.core.errors import PlanRefused
from vasculum.plan.document import SPLITS, Plan, Sizing, as_usual
from vasculum.plan.document.patching import PatchStep
from vasculum.plan.edits.acts import Act, Named, Numbers, Typed, as_kept, dumped, gone, parent_of, place_of, put
from vasculum.plan.edits.dragging import exactly
from vasculum.plan.edits.things import homeless
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.laying.things import things_in

KIND_NAMES = {
    "drawer": "Drawer", "tray": "Tray", "shelf": "Shelf", "rack": "Upright rack", "parts_tray": "Parts tray",
    "hanging": "Hanging pull-out", "open": "Open bay", "bin": "Bin", "false_front": "False front", "blocked": "Blocked",
}  # fmt: skip
"""What a cell is called until somebody names it: with a number behind."""
_GIVEN_NAME = re.compile(rf"({'|'.join(KIND_NAMES.values())}) ([0-9]+)")
_SHARE = dumped(Sizing())


class _OfPlace(Act):
    """An act on one place."""

    place: Named

    def told(self, now: SolvedPlan) -> str:
        """The name of the place, and what is done."""
        return f"{place_of(now.plan, self.place).name}: {self.done(now)}"

    def done(self, now: SolvedPlan) -> str:
        """What is done, in a few words."""
        raise NotImplementedError


class Split(_OfPlace):
    """Divide a place: it becomes the first part, drawers follow. In such a split already it gets neighbours there."""

    do: Literal["split"]
    into: Literal["rows", "columns"]
    count: Annotated[int, Field(ge=2, le=50)] = as_usual(2)

    def done(self, now: SolvedPlan) -> str:
        """As it is said."""
        return f"into {self.into}"

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """The new places, and where they stand."""
        plan, place, numbers = now.plan, place_of(now.plan, self.place), Numbers(now.plan)
        parent, name = parent_of(plan, self.place), _names(plan, "drawer")
        added = [numbers.fresh("place") for _ in range(self.count - 1)]
        for id_ in added:
            yield put(f"/places/{id_}", {"name": name(), "holds": "drawer", "size": _SHARE})
        if parent is not None and plan.places[parent].holds == self.into:
            at = plan.places[parent].children.index(self.place)
            for step, id_ in enumerate(added, at + 1):
                yield put(f"/places/{parent}/children/{step}", id_)
        else:
            split = numbers.fresh("place")
            yield from _exchanged(plan, self.place, split)
            yield put(f"/places/{split}", {
                "name": "Column" if self.into == "rows" else "Columns", "holds": self.into,
                "children": [self.place, *added], "size": dumped(place.size),
            })  # fmt: skip
            yield put(f"/places/{self.place}/size", _SHARE)
        yield numbers.given()


class Copy(_OfPlace):
    """A part of a split once more beside it, with everything in it; marks and what was built stay behind."""

    do: Literal["copy"]

    def done(self, now: SolvedPlan) -> str:
        """As it is said."""
        return "copied"

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """The copies from below, then the place of the whole.

        Raises:
            PlanRefused: ``not-in-a-split``.
        """
        parent, siblings = _siblings(now.plan, self.place)
        numbers = Numbers(now.plan)
        copies = {id_: numbers.fresh("place") for id_ in below(now.plan, self.place)}
        for id_, copy in copies.items():
            body = dumped(now.plan.places[id_])
            yield put(f"/places/{copy}", body | {"children": [copies[child] for child in body["children"]]})
        yield put(f"/places/{parent}/children/{siblings.index(self.place) + 1}", copies[self.place])
        yield numbers.given()


class TakeOut(_OfPlace):
    """Take a part of a split out, with everything in it; a split of one part gives way to it."""

    do: Literal["take-out"]

    def done(self, now: SolvedPlan) -> str:
        """As it is said."""
        return "taken out"

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """What stays gets the room; then what is gone.

        Raises:
            PlanRefused: ``not-in-a-split``.
        """
        parent, siblings = _siblings(now.plan, self.place)
        if len(siblings) > 2:
            yield gone(f"/places/{parent}/children/{siblings.index(self.place)}")
        else:
            (left,) = (one for one in siblings if one != self.place)
            yield from _exchanged(now.plan, parent, left)
            yield put(f"/places/{left}/size", dumped(now.plan.places[parent].size))
            yield gone(f"/places/{parent}")
        yield from homeless(now.plan, below(now.plan, self.place))
        for id_ in below(now.plan, self.place):
            yield gone(f"/places/{id_}")


class Hold(_OfPlace):
    """Let a cell hold something else; a name that was given with the kind changes with it."""

    do: Literal["hold"]
    holds: Literal["drawer", "tray", "shelf", "rack", "parts_tray", "hanging", "open", "bin", "false_front", "blocked"]

    def done(self, now: SolvedPlan) -> str:
        """As it is said."""
        return f"holds {KIND_NAMES[self.holds].lower()}"

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """Only a bin is as large as its contents without being told how large they are.

        Raises:
            PlanRefused: ``is-divided`` where the place is a split.
        """
        place = place_of(now.plan, self.place)
        if place.holds in SPLITS:
            raise PlanRefused("is-divided", f"{place.name} is divided.", "Choose one of its cells.")
        yield put(f"/places/{self.place}/holds", self.holds)
        if place.size.by == "contents" and place.size.length is None and self.holds != "bin":
            yield put(f"/places/{self.place}/size", _SHARE)
        if given := _GIVEN_NAME.fullmatch(place.name):
            name = f"{KIND_NAMES[self.holds]} {given[2]}"
            is_taken = any(other.name == name for id_, other in now.plan.places.items() if id_ != self.place)
            yield put(f"/places/{self.place}/name", _names(now.plan, self.holds)() if is_taken else name)


class SizeAll(_OfPlace):
    """Give every part of the split that a place stands in the same wish: all alike, or growing downwards."""

    do: Literal["size-all"]
    by: Literal["share", "graduated"]

    def done(self, now: SolvedPlan) -> str:
        """As it is said."""
        return "all alike" if self.by == "share" else "graduated"

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """The wish of each.

        Raises:
            PlanRefused: ``not-in-a-split``.
        """
        for id_ in _siblings(now.plan, self.place)[1]:
            yield put(f"/places/{id_}/size", _SHARE | {"by": self.by})


class SizeBy(_OfPlace):
    """In which way a part is sized. A length of its own is the one it had, or the one that it comes to now."""

    do: Literal["size-by"]
    by: Literal["fixed", "contents", "share", "graduated", "left"]
    share: Annotated[int, Field(ge=1, le=100)] | None = as_usual(None)

    def done(self, now: SolvedPlan) -> str:
        """As it is said."""
        return f"{self.share} shares" if self.share is not None else self.by

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """The wish.

        Raises:
            PlanRefused: ``not-in-a-split``; ``sizes-wait`` where it has no length to keep yet.
        """
        parent, _ = _siblings(now.plan, self.place)
        place = now.plan.places[self.place]
        sizes_itself = place.holds == "bin" or things_in(now.plan, self.place)
        needs_length = self.by == "fixed" or (self.by == "contents" and not sizes_itself)
        length = None
        if needs_length:
            length = place.size.length or _present(now, self.place, now.plan.places[parent].holds)
        share = place.size.share if self.share is None else self.share
        yield put(f"/places/{self.place}/size", {"by": self.by, "length": length, "share": share})


class SizeTo(Act):
    """A length typed for a part: of its contents where they size it, else of itself; none shares what is left."""

    do: Literal["size"]
    place: Named
    length: Typed | None

    def told(self, now: SolvedPlan) -> str:
        """The name of the place, where a length follows."""
        name = place_of(now.plan, self.place).name
        return f"{name}: shares what is left" if self.length is None else name

    def typed(self, plan: Plan) -> str | None:
        """The length."""
        return self.length

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """The wish.

        Raises:
            PlanRefused: ``not-in-a-split``.
        """
        _siblings(now.plan, self.place)
        size = now.plan.places[self.place].size
        by = "share" if self.length is None else "contents" if size.by == "contents" else "fixed"
        length = as_kept(self.length, now.plan)
        yield put(f"/places/{self.place}/size", {"by": by, "length": length, "share": size.share})


class Graduate(Act):
    """How the graduated parts of a split grow: by a step, or by a ratio, which takes its place."""

    do: Literal["graduate"]
    place: Named
    step: Typed | None = as_usual(None)
    ratio: Annotated[str, Field(max_length=20)] | None = as_usual(None)

    def told(self, now: SolvedPlan) -> str:
        """The name of the place, and how they grow."""
        name = place_of(now.plan, self.place).name
        return f"{name}: graduated by {self.ratio}" if self.ratio else f"{name}, step"

    def typed(self, plan: Plan) -> str | None:
        """The step."""
        return self.step

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """Both fields."""
        place_of(now.plan, self.place)
        yield put(f"/places/{self.place}/ratio", self.ratio)
        yield put(f"/places/{self.place}/step", None if self.ratio else as_kept(self.step, now.plan))


def below(plan: Plan, place: str) -> Iterator[str]:
    """A place and everything in it, each before its parts."""
    yield place
    for child in plan.places[place].children:
        yield from below(plan, child)


def _siblings(plan: Plan, place: str) -> tuple[str, list[str]]:
    """The split that a place stands in, and its parts."""
    one = place_of(plan, place)
    parent = parent_of(plan, place)
    if parent is None:
        raise PlanRefused("not-in-a-split", f"{one.name} fills its space; nothing stands beside it.", "Split it first.")
    return parent, plan.places[parent].children


def _exchanged(plan: Plan, place: str, by: str) -> Iterator[PatchStep]:
    """Another place where one stands now."""
    parent = parent_of(plan, place)
    if parent is not None:
        at = plan.places[parent].children.index(place)
        yield PatchStep(op="replace", path=f"/places/{parent}/children/{at}", value=by)
    for id_, space in plan.spaces.items():
        if space.holds == place:
            yield put(f"/spaces/{id_}/holds", by)


def _names(plan: Plan, holds: str) -> Callable[[], str]:
    """Names of one kind that no place has yet, each with the next number."""
    taken = {place.name for place in plan.places.values()}
    number = sum(not place.children for place in plan.places.values())

    def fresh() -> str:
        nonlocal number
        number += 1
        while f"{KIND_NAMES[holds]} {number}" in taken:
            number += 1
        return f"{KIND_NAMES[holds]} {number}"

    return fresh


def _present(now: SolvedPlan, place: str, holds: str) -> str:
    """The clear size that a part comes to, as it would be typed."""
    size = now.solved.value(place, "cell_height" if holds == "rows" else "cell_width")
    if size is None or size <= 0:
        raise PlanRefused("sizes-wait", "This part has no size yet.", "Type the size that it shall have.")
    return exactly(size, now.plan.units.length)
