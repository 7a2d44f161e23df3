"""What is there before anything is built: noted, and taken off the list again."""

from __future__ import annotations

from collections.abc import Iterator
from typing import Annotated, Literal

from pydantic import Field

from vasculum.core.errors import NoSuchQuantity
from vasculum.plan.document.patching import PatchStep
from vasculum.plan.edits.acts import Act, Named, Numbers, gone, own_name, put
from vasculum.plan.laying.solving import SolvedPlan


class NoteExisting(Act):
    """A part that is there, and what becomes of it; its name gets a number where it is taken."""

    do: Literal["note-existing"]
    space: Named
    name: Annotated[str, Field(min_length=1, max_length=100)]
    what: Annotated[str, Field(max_length=60)]
    fate: Annotated[str, Field(max_length=60)]

    def told(self, now: SolvedPlan) -> str:
        """As it is said."""
        return f"{self.name} noted"

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """The part."""
        numbers = Numbers(now.plan)
        name = own_name(self.name, {one.name for one in now.plan.existing.values()})
        body = {"space": self.space, "name": name, "what": self.what, "fate": self.fate}
        yield put(f"/existing/{numbers.fresh('existing')}", body)
        yield numbers.given()


class TakeExistingOut(Act):
    """A part that was noted is not there."""

    do: Literal["forget-existing"]
    existing: Named

    def told(self, now: SolvedPlan) -> str:
        """As it is said."""
        return f"{self._name(now)} is off the list"

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """It is taken off the list."""
        self._name(now)
        yield gone(f"/existing/{self.existing}")

    def _name(self, now: SolvedPlan) -> str:
        one = now.plan.existing.get(self.existing)
        if one is None:
            raise NoSuchQuantity("no-such-existing", f"Nothing noted is called {self.existing!r}.", "", self.existing)
        return one.name
