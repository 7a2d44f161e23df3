"""The arrangement before, to be compared with: a drawer or a shelf of it put down, and taken out."""

from __future__ import annotations

from collections.abc import Iterator
from typing import Annotated, Literal

from pydantic import Field

from vasculum.core.errors import NoSuchQuantity
from vasculum.plan.document import Name, as_usual
from vasculum.plan.document.patching import PatchStep
from vasculum.plan.edits.acts import Act, Named, Numbers, Typed, as_kept, gone, own_name, put
from vasculum.plan.laying.solving import SolvedPlan


class AddFormer(Act):
    """One of it, measured inside, and how many there are alike; a number is put behind a name that is taken."""

    do: Literal["add-former"]
    name: Name
    width: Typed
    depth: Typed
    height: Typed
    count: Annotated[int, Field(ge=1, le=99)] = as_usual(1)

    def told(self, now: SolvedPlan) -> str:
        """As it is said."""
        return f"{self.name} as it was before"

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """It, with its three sizes.

        Raises:
            LengthRefused: where a size cannot be read.
        """
        numbers = Numbers(now.plan)
        name = own_name(self.name, {one.name for one in now.plan.former.values()})
        sizes = {of: as_kept(getattr(self, of), now.plan) for of in ("width", "depth", "height")}
        yield put(f"/former/{numbers.fresh('former')}", {"name": name, **sizes, "count": self.count})
        yield numbers.given()


class TakeFormerOut(Act):
    """It is not compared with any more."""

    do: Literal["take-former-out"]
    former: Named

    def told(self, now: SolvedPlan) -> str:
        """As it is said."""
        return f"{now.plan.former[self.former].name if self.former in now.plan.former else self.former} left out"

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """It is gone.

        Raises:
            NoSuchQuantity: ``no-such-former``.
        """
        if self.former not in now.plan.former:
            raise NoSuchQuantity("no-such-former", f"There is no {self.former!r} in the arrangement before.")
        yield gone(f"/former/{self.former}")
