"""Parts that no rule makes, and things to buy that none asks for: put on their list, and taken off."""

from __future__ import annotations

from collections.abc import Iterator
from typing import Literal

from vasculum.core.errors import NoSuchQuantity
from vasculum.plan.document import Name
from vasculum.plan.document.patching import PatchStep
from vasculum.plan.edits.acts import Act, Named, Numbers, gone, own_name, put
from vasculum.plan.laying.solving import SolvedPlan

ID_OF = {"own_parts": "part", "own_goods": "good"}
"""What one of each list is called in its id."""


class AddOwn(Act):
    """A part, or something to buy, by its name; a number is put behind a name that is taken."""

    do: Literal["add-own"]
    kind: Literal["own_parts", "own_goods"]
    space: Named
    name: Name

    def told(self, now: SolvedPlan) -> str:
        """As it is said."""
        return f"{self.name} added"

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """It, without sizes yet."""
        numbers = Numbers(now.plan)
        name = own_name(self.name, {one.name for one in getattr(now.plan, self.kind).values()})
        yield put(f"/{self.kind}/{numbers.fresh(ID_OF[self.kind])}", {"space": self.space, "name": name})
        yield numbers.given()


class TakeOwnOut(Act):
    """A part or a thing of one's own is not wanted."""

    do: Literal["take-own-out"]
    own: Named

    def told(self, now: SolvedPlan) -> str:
        """As it is said."""
        kind = self._kind(now)
        return f"{getattr(now.plan, kind)[self.own].name} taken out"

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """It is gone.

        Raises:
            NoSuchQuantity: ``no-such-own``.
        """
        yield gone(f"/{self._kind(now)}/{self.own}")

    def _kind(self, now: SolvedPlan) -> str:
        kind = next((kind for kind in ID_OF if self.own in getattr(now.plan, kind)), None)
        if kind is None:
            raise NoSuchQuantity("no-such-own", f"No part and no thing of one's own is called {self.own!r}.")
        return kind
