"""The rack: what is left of sheets from earlier jobs, put into the library and taken out."""

from __future__ import annotations

from collections.abc import Iterator
from typing import Annotated, Literal

from pydantic import Field

from vasculum.core.errors import NoSuchQuantity
from vasculum.plan.document import as_usual
from vasculum.plan.document.patching import PatchStep
from vasculum.plan.edits.acts import Act, Named, Numbers, Typed, as_kept, gone, put
from vasculum.plan.laying.solving import SolvedPlan


class AddOffcut(Act):
    """An offcut of a sheet of the library: length along the grain, width, and where it stands."""

    do: Literal["add-offcut"]
    sheet: Named
    length: Typed
    width: Typed
    where: Annotated[str, Field(max_length=120)] = as_usual("")

    def told(self, now: SolvedPlan) -> str:
        """As it is said."""
        return f"An offcut of {_sheet_name(now, self.sheet)}, {self.length} × {self.width}"

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """The offcut.

        Raises:
            NoSuchQuantity: ``no-such-stock``.
            LengthRefused: where a size cannot be read.
        """
        _sheet_name(now, self.sheet)
        numbers = Numbers(now.plan)
        sizes = {"length": as_kept(self.length, now.plan), "width": as_kept(self.width, now.plan)}
        offcut = {"sheet": self.sheet, **sizes, "where": self.where}
        yield put(f"/library/offcuts/{numbers.fresh('offcut')}", offcut)
        yield numbers.given()


class TakeOffcutOut(Act):
    """An offcut is gone from the rack: it was used, or thrown away."""

    do: Literal["take-offcut-out"]
    offcut: Named

    def told(self, now: SolvedPlan) -> str:
        """As it is said."""
        return "An offcut taken out of the rack"

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """It is gone.

        Raises:
            NoSuchQuantity: ``no-such-stock``.
        """
        if self.offcut not in now.plan.library.offcuts:
            raise NoSuchQuantity("no-such-stock", f"There is no offcut {self.offcut!r} in the rack.", "Load it again.")
        yield gone(f"/library/offcuts/{self.offcut}")


def _sheet_name(now: SolvedPlan, sheet: str) -> str:
    if sheet not in now.plan.library.sheets:
        raise NoSuchQuantity("no-such-stock", f"There is no sheet {sheet!r} in the plan's library.", "Load it again.")
    return now.plan.library.sheets[sheet].name
