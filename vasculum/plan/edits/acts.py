"""What an act is: something a person does to a plan, told as data, that answers the change as a JSON Patch.

An act is worked out on the plan as it stands, never on what a screen held of it. Lengths in it are texts as typed: a
bare number takes the plan's unit, and the text is kept with it.
"""

from __future__ import annotations

from collections.abc import Collection, Iterable
from itertools import chain
from typing import Annotated, Any

from pydantic import Field

from vasculum.core.errors import NoSuchQuantity
from vasculum.core.lengths import read_length
from vasculum.plan.document import Model, Place, Plan
from vasculum.plan.document.patching import PatchStep
from vasculum.plan.laying.solving import SolvedPlan

Typed = Annotated[str, Field(max_length=400, description="A length as typed; a bare number takes the plan's unit.")]
Named = Annotated[str, Field(max_length=60, description="An id of the plan.")]


class Act(Model):
    """One act of a person. Each kind says its change; some carry one length that was typed."""

    def steps(self, now: SolvedPlan) -> Iterable[PatchStep]:
        """The change to the plan as it stands; nothing where it is so already.

        Raises:
            VasculumError: where it cannot be done here, with what would do.
        """
        raise NotImplementedError

    def typed(self, plan: Plan) -> str | None:
        """The text of the length that a field holds while it is typed, where the act has one."""
        return None

    def entered(self, plan: Plan) -> str | None:
        """What was typed, as it is kept with its unit: the history says it behind the name."""
        return as_kept(self.typed(plan), plan)

    def told(self, now: SolvedPlan) -> str:
        """What the history calls it where the caller has no name for it."""
        return "Changed"


class Numbers:
    """Ids that were never given, each with the plan's next number."""

    def __init__(self, plan: Plan) -> None:
        self.next = plan.next_id

    def fresh(self, kind: str) -> str:
        """A new id such as ``place-17``."""
        self.next += 1
        return f"{kind}-{self.next - 1}"

    def given(self) -> PatchStep:
        """What the plan has to remember of it."""
        return PatchStep(op="replace", path="/next_id", value=self.next)


def put(path: str, value: Any) -> PatchStep:
    """Put a value at a path, whether or not one stands there."""
    return PatchStep(op="add", path=path, value=value)


def gone(path: str) -> PatchStep:
    """Take out what stands at a path."""
    return PatchStep(op="remove", path=path)


def as_kept(text: str | None, plan: Plan) -> str | None:
    """A length as it is kept in the plan: with its unit; nothing stays nothing.

    Raises:
        LengthRefused: where it cannot be read.
    """
    return None if text is None else read_length(text, plan.units.length).kept


def dumped(model: Model) -> dict[str, Any]:
    """A model as it stands in a file."""
    return model.model_dump(mode="json")


def place_of(plan: Plan, place: str) -> Place:
    """A place of the layout.

    Raises:
        NoSuchQuantity: ``no-such-place``.
    """
    if place not in plan.places:
        raise NoSuchQuantity("no-such-place", f"There is no place {place!r} in this plan.")
    return plan.places[place]


def parent_of(plan: Plan, place: str) -> str | None:
    """The split that a place stands in, or None where it fills a space."""
    return next((id_ for id_, one in plan.places.items() if place in one.children), None)


def own_name(name: str, taken: Collection[str]) -> str:
    """A name that is not taken: itself, or with the first number that is free."""
    numbered = (f"{name} {number}" for number in range(2, len(taken) + 3))
    return next(one for one in chain([name], numbered) if one not in taken)
