"""The rack: what is left of sheets from earlier jobs, put into the library and taken out."""

from __future__ import annotations

from collections.abc import Iterator
from typing import Annotated, Literal

from pydantic import Field

from vasculum.core.errors import NoSuchQuantity, PlanRefused
from vasculum.plan.document import as_usual
from vasculum.plan.document.patching import PatchStep
from vasculum.plan.edits.acts import Act, Named, Numbers, Typed, as_kept, gone, put
from vasculum.plan.laying.solving import SolvedPlan

LOAD_AGAIN = "Load it again."


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


class AddBadPlace(Act):
    """A bad place of an offcut, from its lower left corner; or of a whole sheet, which then stands in the rack."""

    do: Literal["add-bad-place"]
    offcut: Named | None = as_usual(None)
    sheet: Named | None = as_usual(None)
    x: Typed
    y: Typed
    length: Typed
    width: Typed

    def told(self, now: SolvedPlan) -> str:
        """As it is said."""
        return f"A bad place, {self.length} × {self.width}"

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """The place; with the sheet that it is in, where that is a whole one.

        Raises:
            NoSuchQuantity: ``no-such-stock``.
            PlanRefused: ``size-unknown`` where nobody said how large the sheet is.
            LengthRefused: where a size cannot be read.
        """
        bad = {name: as_kept(getattr(self, name), now.plan) for name in ("x", "y", "length", "width")}
        if self.offcut is not None:
            rack = now.plan.library.offcuts
            if self.offcut not in rack:
                raise NoSuchQuantity("no-such-stock", f"There is no offcut {self.offcut!r} in the rack.", LOAD_AGAIN)
            self._refuse_beside(now, rack[self.offcut].length, rack[self.offcut].width)
            yield put(f"/library/offcuts/{self.offcut}/bad/-", bad)
            return
        name = _sheet_name(now, self.sheet or "")
        row = now.plan.library.sheets[self.sheet or ""]
        if not row.length or not row.width:
            raise PlanRefused("size-unknown", f"Nobody said how large {name} is.", "Say its length and width first.")
        self._refuse_beside(now, row.length, row.width)
        numbers = Numbers(now.plan)
        whole = {"sheet": self.sheet, "length": row.length, "width": row.width, "where": "a whole sheet", "bad": [bad]}
        yield put(f"/library/offcuts/{numbers.fresh('offcut')}", whole)
        yield numbers.given()

    def _refuse_beside(self, now: SolvedPlan, length: str, width: str) -> None:
        """A place that begins beside what it is in is none."""
        x, y = (now.plan.length(as_kept(text, now.plan) or "") for text in (self.x, self.y))
        if not (0 <= x < now.plan.length(length) and 0 <= y < now.plan.length(width)):
            raise PlanRefused(
                "beside-it", f"It is {length} × {width}: that is beside it.", "Measure from its lower left."
            )


class AddPanelSize(Act):
    """Another size that a sheet is sold in, and what it costs."""

    do: Literal["add-panel-size"]
    sheet: Named
    length: Typed
    width: Typed
    price: Annotated[str, Field(max_length=40)]

    def told(self, now: SolvedPlan) -> str:
        """As it is said."""
        return f"{_sheet_name(now, self.sheet)}, also sold {self.length} × {self.width}"

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """The size.

        Raises:
            NoSuchQuantity: ``no-such-stock``.
            LengthRefused: where a size cannot be read.
        """
        _sheet_name(now, self.sheet)
        sizes = {"length": as_kept(self.length, now.plan), "width": as_kept(self.width, now.plan)}
        yield put(f"/library/sheets/{self.sheet}/panels/-", {**sizes, "price": self.price})


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
            raise NoSuchQuantity("no-such-stock", f"There is no offcut {self.offcut!r} in the rack.", LOAD_AGAIN)
        yield gone(f"/library/offcuts/{self.offcut}")


def _sheet_name(now: SolvedPlan, sheet: str) -> str:
    if sheet not in now.plan.library.sheets:
        raise NoSuchQuantity("no-such-stock", f"There is no sheet {sheet!r} in the plan's library.", LOAD_AGAIN)
    return now.plan.library.sheets[sheet].name
