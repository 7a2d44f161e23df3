"""What a person wants: a choice for the plan, a space or a cell, and which tools are at hand."""

from __future__ import annotations

from collections.abc import Iterable, Iterator
from typing import Annotated, Literal

from pydantic import Field

from vasculum.core.catalogue import the_catalogue
from vasculum.core.errors import NoSuchQuantity
from vasculum.core.tables import Mattress, choosables, mattresses, tools
from vasculum.core.weights import kept_weight
from vasculum.plan.document import Choices, Plan, as_usual
from vasculum.plan.document.choices import BETWEEN, NUMBERS
from vasculum.plan.document.patching import PatchStep
from vasculum.plan.edits.acts import Act, Named, as_kept, gone, put
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.telling.weighing import runner_chosen


class Choose(Act):
    """A choice for the plan, or for one space or place of it; none goes back to what holds further out."""

    do: Literal["choose"]
    at: Named | None = as_usual(None)
    name: Annotated[str, Field(max_length=60)]
    value: Annotated[str, Field(max_length=400)] | None

    def typed(self, plan: Plan) -> str | None:
        """The value, where the choice is a length."""
        return self.value if self._kind(plan) == "length" else None

    def entered(self, plan: Plan) -> str | None:
        """The number, where the choice is one."""
        if self.value is None or self._kind(plan) not in NUMBERS:
            return None
        return self._kept(plan, self.value)

    def told(self, now: SolvedPlan) -> str:
        """What is chosen, by its title."""
        known = choosables(now.plan.defaults_edition)
        return known[self.name].title if self.name in known else self.name

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """The choice with the unit of a bare number."""
        where, choices = choices_at(now.plan, self.at)
        if self.value is not None:
            yield put(f"{where}/{self.name}", self._kept(now.plan, self.value))
        elif self.name in choices:
            yield gone(f"{where}/{self.name}")

    def _kind(self, plan: Plan) -> str | None:
        known = choosables(plan.defaults_edition)
        return known[self.name].kind if self.name in known else None

    def _kept(self, plan: Plan, value: str) -> str | None:
        kind = self._kind(plan)
        if kind == "length":
            return as_kept(value, plan)
        if kind == "lengths":
            return f"{BETWEEN} ".join(as_kept(part, plan) or "" for part in value.split(BETWEEN) if part.strip())
        if kind == "weight":
            return kept_weight(value, plan.units.length)
        return value


class Carry(Act):
    """A system of runners for the plan, or for one space or place: a row that the plan has, else the stock one."""

    do: Literal["carry"]
    at: Named | None = as_usual(None)
    system: Named

    def told(self, now: SolvedPlan) -> str:
        """The system, by its title."""
        kind = the_catalogue().known.get(f"runner.{self.system}")
        return f"Runner: {kind.title if kind else self.system}"

    def steps(self, now: SolvedPlan) -> Iterable[PatchStep]:
        """The row where it is new, and its choice.

        Raises:
            NoSuchQuantity: ``no-such-runner``.
        """
        where, _ = choices_at(now.plan, self.at)
        return runner_chosen(now.plan, self.system, where)


class AsInThePlan(Act):
    """Let a place be as the plan is, in everything that was chosen for it."""

    do: Literal["as-in-the-plan"]
    at: Named

    def told(self, now: SolvedPlan) -> str:
        """As it is said."""
        one = now.plan.places.get(self.at) or now.plan.spaces.get(self.at)
        return f"{one.name if one else self.at}: as in the plan"

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """Every choice of it taken out."""
        where, choices = choices_at(now.plan, self.at)
        yield from (gone(f"{where}/{name}") for name in choices)


class LieOn(Act):
    """A mattress as it is sold lies on the space: its usual size, to be measured."""

    do: Literal["mattress"]
    space: Named
    mattress: Named

    def told(self, now: SolvedPlan) -> str:
        """As it is said."""
        return f"Mattress: {self._row().name}"

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """Its width and its length.

        Raises:
            NoSuchQuantity: ``no-such-mattress``.
        """
        where, _ = choices_at(now.plan, self.space)
        yield put(f"{where}/mattress_width", self._row().width)
        yield put(f"{where}/mattress_length", self._row().length)

    def _row(self) -> Mattress:
        row = next((one for one in mattresses() if one.id == self.mattress), None)
        if row is None:
            raise NoSuchQuantity("no-such-mattress", f"There is no mattress {self.mattress!r}.")
        return row


class Have(Act):
    """A tool is at hand, or is not."""

    do: Literal["have"]
    tool: Named
    is_there: bool

    def told(self, now: SolvedPlan) -> str:
        """As it is said."""
        title = next((one.title for one in tools() if one.id == self.tool), self.tool)
        return f"{title}: {'there' if self.is_there else 'not there'}"

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """The tools that are there."""
        others = [tool for tool in now.plan.tools or () if tool != self.tool]
        yield put("/tools", [*others, self.tool] if self.is_there else others)


def choices_at(plan: Plan, at: str | None) -> tuple[str, Choices]:
    """Where choices stand in the document, and those that do."""
    if at is None:
        return "/choices", plan.choices
    if at in plan.spaces:
        return f"/spaces/{at}/choices", plan.spaces[at].choices
    if at in plan.places:
        return f"/places/{at}/choices", plan.places[at].choices
    raise NoSuchQuantity("no-such-place", f"There is no space or place {at!r} in this plan.")
