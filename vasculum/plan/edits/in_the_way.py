"""What stands in the way: put there, taken away, given a profile, made straight again, moved along its wall."""

from __future__ import annotations

from collections.abc import Iterator
from typing import Annotated, Any, Literal

from pydantic import Field

from vasculum.core.errors import NoSuchQuantity, PlanRefused
from vasculum.plan.document import Obstruction, Plan, as_usual
from vasculum.plan.document.patching import PatchStep
from vasculum.plan.edits.acts import Act, Named, Numbers, Typed, as_kept, dumped, gone, own_name, put
from vasculum.plan.edits.dragging import exactly
from vasculum.plan.laying.solving import SolvedPlan

FEWEST_POINTS = 2


class Obstruct(Act):
    """Something more in the way: it stands in so far from one side; its name gets a number where it is taken."""

    do: Literal["obstruct"]
    name: Annotated[str, Field(min_length=1, max_length=100)]
    what: Annotated[str, Field(max_length=60)]
    space: Named
    on: Annotated[str, Field(max_length=60)]
    projection: Typed

    def typed(self, plan: Plan) -> str | None:
        """How far it stands in."""
        return self.projection

    def told(self, now: SolvedPlan) -> str:
        """As it is said."""
        return f"{self.name} in the way"

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """The obstruction."""
        numbers = Numbers(now.plan)
        name = own_name(self.name, {one.name for one in now.plan.obstructions.values()})
        yield put(f"/obstructions/{numbers.fresh('obstruction')}", {
            "name": name, "what": self.what,
            "space": self.space, "on": self.on, "projection": as_kept(self.projection, now.plan),
        })  # fmt: skip
        yield numbers.given()


class _OfOne(Act):
    """An act on one obstruction."""

    obstruction: Named

    def told(self, now: SolvedPlan) -> str:
        """Its name, and what is done."""
        return f"{obstruction_of(now.plan, self.obstruction).name} {self.done}"

    @property
    def done(self) -> str:
        """What is done, in a few words."""
        raise NotImplementedError

    def changed(self, one: Obstruction, **fields: Any) -> PatchStep:
        """The obstruction with fields changed."""
        return put(f"/obstructions/{self.obstruction}", dumped(one) | fields)


class TakeAway(_OfOne):
    """What stood in the way is gone."""

    do: Literal["take-away"]

    @property
    def done(self) -> str:
        """As it is said."""
        return "is gone"

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """It is taken out."""
        obstruction_of(now.plan, self.obstruction)
        yield gone(f"/obstructions/{self.obstruction}")


class Outline(_OfOne):
    """Begin a profile: its lower and its upper end as they are said; what runs all the way up ends at the top."""

    do: Literal["outline"]

    @property
    def done(self) -> str:
        """As it is said."""
        return "has a profile"

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """Two points.

        Raises:
            PlanRefused: ``height-waits`` where nobody said or measured how high it is.
        """
        one = obstruction_of(now.plan, self.obstruction)
        top = one.height
        if top is None:
            height = now.solved.value(one.space, "opening_height")
            if height is None:
                raise PlanRefused("height-waits", "Its upper end is not known.", "Read the height of the space first.")
            top = exactly(height, now.plan.units.length)
        elif one.from_floor is not None:
            top = f"{one.from_floor} + {one.height}"
        points = [
            {"at": one.from_floor or "0 mm", "projection": one.projection},
            {"at": top, "projection": one.projection_above or one.projection},
        ]
        yield self.changed(one, **_outlined(points))


class PointField(_OfOne):
    """One size of one point of a profile, counted from below; past the last one, another point at that height."""

    do: Literal["point"]
    point: Annotated[int, Field(ge=0, le=40)]
    name: Literal["at", "projection"] = as_usual("at")
    length: Typed

    @property
    def done(self) -> str:
        """As it is said."""
        return f"point {self.point + 1}"

    def typed(self, plan: Plan) -> str | None:
        """The length."""
        return self.length

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """The profile with the point; a new one stands in as far as the one below it."""
        one = obstruction_of(now.plan, self.obstruction)
        points: list[dict[str, Any]] = [dumped(point) for point in one.profile]
        length = as_kept(self.length, now.plan)
        if self.point < len(points):
            points[self.point][self.name] = length
        else:
            points.append({"at": length, "projection": points[-1]["projection"] if points else one.projection})
        yield self.changed(one, **_outlined(points))


class LastPointOut(_OfOne):
    """Take the uppermost point of a profile out."""

    do: Literal["last-point-out"]

    @property
    def done(self) -> str:
        """As it is said."""
        return "without its last point"

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """The profile without it.

        Raises:
            PlanRefused: ``too-few-points`` where two are left.
        """
        one = obstruction_of(now.plan, self.obstruction)
        if len(one.profile) <= FEWEST_POINTS:
            raise PlanRefused("too-few-points", "A profile has two points at least.", "Take the profile off instead.")
        yield self.changed(one, **_outlined([dumped(point) for point in one.profile[:-1]]))


class Straighten(_OfOne):
    """Take a profile off: what its two ends say stays, where it begins, how high it is, and how it leans."""

    do: Literal["straighten"]

    @property
    def done(self) -> str:
        """As it is said."""
        return "has no profile"

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """The ends in place of the points; nothing where it has none."""
        one = obstruction_of(now.plan, self.obstruction)
        if one.profile:
            first, last, plan = one.profile[0], one.profile[-1], now.plan
            height = exactly(plan.length(last.at) - plan.length(first.at), plan.units.length)
            yield self.changed(
                one, profile=[], projection=first.projection, projection_above=last.projection,
                from_floor=first.at, height=height,
            )  # fmt: skip


def obstruction_of(plan: Plan, obstruction: str) -> Obstruction:
    """Something that stands in the way.

    Raises:
        NoSuchQuantity: ``no-such-obstruction``.
    """
    if obstruction not in plan.obstructions:
        raise NoSuchQuantity("no-such-obstruction", f"Nothing called {obstruction!r} stands in the way.")
    return plan.obstructions[obstruction]


def _outlined(points: list[dict[str, Any]]) -> dict[str, Any]:
    """What a profile takes the place of."""
    return {
        "profile": points, "projection": points[0]["projection"], "projection_above": None,
        "from_floor": None, "height": None,
    }  # fmt: skip
