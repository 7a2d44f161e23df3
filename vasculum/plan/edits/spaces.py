"""Another space in a plan, a space taken out, and a space once more as its mirror image."""

from __future__ import annotations

from collections.abc import Iterable, Iterator
from typing import Literal

from vasculum.core.errors import NoSuchQuantity, PlanRefused
from vasculum.plan.document import OF_ONE_SPACE, Plan, Setting, Space
from vasculum.plan.document.patching import PatchStep
from vasculum.plan.document.starting import carcass_of
from vasculum.plan.edits.acts import Act, Named, Numbers, dumped, gone, put
from vasculum.plan.edits.layout import KIND_NAMES, below
from vasculum.plan.edits.mirroring import mirrored_space
from vasculum.plan.edits.things import homeless
from vasculum.plan.laying.solving import SolvedPlan


class AddSpace(Act):
    """Another space with its surveys, not measured yet, and one drawer in it."""

    do: Literal["add-space"]
    what: Setting
    kind: Literal["framed", "frameless"]

    def told(self, now: SolvedPlan) -> str:
        """As it is said."""
        return "Another space"

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """Surveys, drawer and space."""
        plan, numbers = now.plan, Numbers(now.plan)
        frame = numbers.fresh("survey") if self.kind == "framed" else None
        case, drawer, space = numbers.fresh("survey"), numbers.fresh("place"), numbers.fresh("space")
        if frame is not None:
            yield put(f"/surveys/{frame}", {"what": "frame"})
        yield put(f"/surveys/{case}", {"what": "case"})
        yield put(f"/places/{drawer}", {"name": f"{KIND_NAMES['drawer']} {len(plan.places) + 1}", "holds": "drawer"})
        yield put(f"/spaces/{space}", {
            "name": f"Space {len(plan.space_order) + 1}", "what": self.what, "kind": self.kind,
            "frame": frame, "case": case, "holds": drawer,
            "choices": carcass_of(self.what),
        })  # fmt: skip
        yield put("/space_order/-", space)
        yield numbers.given()


class CopySpace(Act):
    """A space once more, to be measured by itself: laid out and made alike, its readings empty."""

    do: Literal["copy-space"]
    space: Named

    def told(self, now: SolvedPlan) -> str:
        """As it is said."""
        return f"{space_of(now.plan, self.space).name}, once more"

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """Its surveys, places, choices and own parts; not what was read, stands in the way or was scribed."""
        plan, space, numbers = now.plan, space_of(now.plan, self.space), Numbers(now.plan)
        surveys = {one: numbers.fresh("survey") for one in (space.frame, space.case) if one is not None}
        places = {one: numbers.fresh("place") for one in below(plan, space.holds)}
        for old, new in surveys.items():
            yield put(f"/surveys/{new}", dumped(plan.surveys[old]))
        for old, new in places.items():
            place = plan.places[old]
            yield put(f"/places/{new}", dumped(place) | {"children": [places[child] for child in place.children]})
        copy = numbers.fresh("space")
        yield put(f"/spaces/{copy}", dumped(space) | {
            "name": f"{space.name}, once more"[:120], "holds": places[space.holds],
            "frame": surveys[space.frame] if space.frame else None, "case": surveys[space.case],
        })  # fmt: skip
        yield put("/space_order/-", copy)
        for name in ("own_parts", "own_goods"):
            for id_, one in getattr(plan, name).items():
                if one.space == self.space:
                    yield put(f"/{name}/{numbers.fresh(id_.rpartition('-')[0])}", dumped(one) | {"space": copy})
        yield numbers.given()


class TakeSpaceOut(Act):
    """Take a space out, with everything that was measured and laid out in it."""

    do: Literal["take-space-out"]
    space: Named

    def told(self, now: SolvedPlan) -> str:
        """As it is said."""
        return f"{space_of(now.plan, self.space).name} taken out"

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """Readings, what stands in the way, scribes, places and surveys, then the space.

        Raises:
            PlanRefused: ``the-only-space``.
        """
        plan, space = now.plan, space_of(now.plan, self.space)
        if len(plan.space_order) < 2:
            raise PlanRefused("the-only-space", f"{space.name} is the only space.", "A plan has at least one.")
        surveys = [one for one in (space.frame, space.case) if one is not None]
        readings = [id_ for id_ in plan.reading_order if plan.readings[id_].survey in surveys]
        for at in sorted(map(plan.reading_order.index, readings), reverse=True):
            yield gone(f"/reading_order/{at}")
        yield from (gone(f"/readings/{id_}") for id_ in readings)
        for name in OF_ONE_SPACE:
            yield from (gone(f"/{name}/{id_}") for id_, one in getattr(plan, name).items() if one.space == self.space)
        yield from homeless(plan, below(plan, space.holds))
        yield from (gone(f"/places/{id_}") for id_ in below(plan, space.holds))
        yield from (gone(f"/surveys/{id_}") for id_ in surveys)
        yield gone(f"/space_order/{plan.space_order.index(self.space)}")
        yield gone(f"/spaces/{self.space}")


class Mirror(Act):
    """A space once more behind it, as its mirror image."""

    do: Literal["mirror"]
    space: Named

    def told(self, now: SolvedPlan) -> str:
        """As it is said."""
        return f"{space_of(now.plan, self.space).name}, mirrored"

    def steps(self, now: SolvedPlan) -> Iterable[PatchStep]:
        """What the mirror image takes."""
        return mirrored_space(now.plan, self.space)


def space_of(plan: Plan, space: str) -> Space:
    """A space of the plan.

    Raises:
        NoSuchQuantity: ``no-such-space``.
    """
    if space not in plan.spaces:
        raise NoSuchQuantity("no-such-space", f"There is no space {space!r} in this plan.")
    return plan.spaces[space]
