"""Scribe strips: put to a side, taken away, and their gaps at stations along them."""

from __future__ import annotations

from collections.abc import Iterator
from typing import Literal

from vasculum.core.errors import NoSuchQuantity
from vasculum.plan.document import Plan, Scribe
from vasculum.plan.document.patching import PatchStep
from vasculum.plan.edits.acts import Act, Named, Numbers, Typed, as_kept, gone, put
from vasculum.plan.laying.solving import SolvedPlan


class AddScribe(Act):
    """A scribe strip on one side of a space, to be measured."""

    do: Literal["scribe"]
    space: Named
    side: Literal["left", "right", "top"]

    def told(self, now: SolvedPlan) -> str:
        """As it is said."""
        return f"Scribe strip, {self.side}"

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """The strip without stations."""
        numbers = Numbers(now.plan)
        body = {"name": f"Scribe strip, {self.side}", "space": self.space, "side": self.side, "stations": []}
        yield put(f"/scribes/{numbers.fresh('scribe')}", body)
        yield numbers.given()


class TakeScribeAway(Act):
    """A scribe strip is not wanted."""

    do: Literal["take-scribe-away"]
    scribe: Named

    def told(self, now: SolvedPlan) -> str:
        """As it is said."""
        return f"{scribe_of(now.plan, self.scribe).name} is gone"

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """It is taken out."""
        scribe_of(now.plan, self.scribe)
        yield gone(f"/scribes/{self.scribe}")


class AddStation(Act):
    """Another station of a strip: how far along it, and the gap to the wall."""

    do: Literal["station"]
    scribe: Named
    at: Typed
    gap: Typed

    def typed(self, plan: Plan) -> str | None:
        """The gap."""
        return self.gap

    def told(self, now: SolvedPlan) -> str:
        """As it is said."""
        return f"{scribe_of(now.plan, self.scribe).name}: another station"

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """The station behind the others."""
        scribe_of(now.plan, self.scribe)
        body = {"at": as_kept(self.at, now.plan), "gap": as_kept(self.gap, now.plan)}
        yield put(f"/scribes/{self.scribe}/stations/-", body)


def scribe_of(plan: Plan, scribe: str) -> Scribe:
    """A scribe strip.

    Raises:
        NoSuchQuantity: ``no-such-scribe``.
    """
    if scribe not in plan.scribes:
        raise NoSuchQuantity("no-such-scribe", f"There is no scribe strip {scribe!r} in this plan.")
    return plan.scribes[scribe]
