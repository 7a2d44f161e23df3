"""The rack: what is left of sheets and boards from earlier jobs, and the sizes that they are sold in.

A board is as wide as it is: of it only a length is said.
"""

from __future__ import annotations

from collections.abc import Iterator
from typing import Annotated, Literal

from pydantic import Field

from vasculum.core.errors import NoSuchQuantity, PlanRefused
from vasculum.plan.document import Board, Sheet, as_usual
from vasculum.plan.document.patching import PatchStep
from vasculum.plan.edits.acts import Act, Named, Numbers, Typed, as_kept, gone, put
from vasculum.plan.laying.solving import SolvedPlan

LOAD_AGAIN = "Load it again."


class AddOffcut(Act):
    """An offcut of a sheet or board of the library: length along the grain, width, and where it stands."""

    do: Literal["add-offcut"]
    sheet: Named
    length: Typed
    width: Typed | None = as_usual(None)
    """Of a board it may be left out."""
    where: Annotated[str, Field(max_length=120)] = as_usual("")

    def told(self, now: SolvedPlan) -> str:
        """As it is said."""
        return f"An offcut of {_stock(now, self.sheet).name}, {_sized(self.length, self.width)}"

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """The offcut.

        Raises:
            NoSuchQuantity: ``no-such-stock``.
            PlanRefused: ``size-unknown`` of a sheet without a width.
            LengthRefused: where a size cannot be read.
        """
        numbers = Numbers(now.plan)
        sizes = {"length": as_kept(self.length, now.plan), "width": _width(now, self.sheet, self.width)}
        offcut = {"sheet": self.sheet, **sizes, "where": self.where}
        yield put(f"/library/offcuts/{numbers.fresh('offcut')}", offcut)
        yield numbers.given()


class AddBadPlace(Act):
    """A bad place of an offcut, from its lower left corner; or of a whole sheet, which then stands in the rack."""

    do: Literal["add-bad-place"]
    offcut: Named | None = as_usual(None)
    sheet: Named | None = as_usual(None)
    x: Typed
    y: Typed = as_usual("0")
    length: Typed
    width: Typed | None = as_usual(None)
    """Of a board it may be left out: all across."""

    def told(self, now: SolvedPlan) -> str:
        """As it is said."""
        return f"A bad place, {_sized(self.length, self.width)}"

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """The place; with the sheet that it is in, where that is a whole one.

        Raises:
            NoSuchQuantity: ``no-such-stock``.
            PlanRefused: ``size-unknown`` where nobody said how large the sheet is.
            LengthRefused: where a size cannot be read.
        """
        of = self.sheet or ""
        if self.offcut in now.plan.library.offcuts:
            of = now.plan.library.offcuts[self.offcut].sheet
        bad = {name: as_kept(getattr(self, name), now.plan) for name in ("x", "y", "length")}
        bad["width"] = _width(now, of, self.width)
        if self.offcut is not None:
            rack = now.plan.library.offcuts
            if self.offcut not in rack:
                raise NoSuchQuantity("no-such-stock", f"There is no offcut {self.offcut!r} in the rack.", LOAD_AGAIN)
            self._refuse_beside(now, rack[self.offcut].length, rack[self.offcut].width)
            yield put(f"/library/offcuts/{self.offcut}/bad/-", bad)
            return
        row = _stock(now, of)
        if not row.length or not row.width:
            raise PlanRefused(
                "size-unknown", f"Nobody said how large {row.name} is.", "Say its length and width first."
            )
        self._refuse_beside(now, row.length, row.width)
        numbers = Numbers(now.plan)
        whole = {"sheet": self.sheet, "length": row.length, "width": row.width, "where": "whole", "bad": [bad]}
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
    """Another size that a sheet is sold in, or another length of a board, and what it costs."""

    do: Literal["add-panel-size"]
    sheet: Named
    length: Typed
    width: Typed | None = as_usual(None)
    """Of a sheet."""
    price: Annotated[str, Field(max_length=40)] = as_usual("")

    def told(self, now: SolvedPlan) -> str:
        """As it is said."""
        return f"{_stock(now, self.sheet).name}, also sold {_sized(self.length, self.width)}"

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """The size.

        Raises:
            NoSuchQuantity: ``no-such-stock``.
            PlanRefused: ``size-unknown`` of a sheet without a width, ``already-there``.
            LengthRefused: where a size cannot be read.
        """
        row, price = _stock(now, self.sheet), self.price.strip() or None
        length = as_kept(self.length, now.plan)
        width = row.width if isinstance(row, Board) else _width(now, self.sheet, self.width)
        sizes = [(now.plan.length(one.length), now.plan.length(one.width)) for one in row.panels]
        if (now.plan.length(length or ""), now.plan.length(width or "")) in sizes:
            raise PlanRefused("already-there", f"{row.name} is sold in that size already.", "Take that one out first.")
        sold = {"length": length, "price": price}
        if isinstance(row, Board):
            yield put(f"/library/boards/{self.sheet}/lengths/-", sold)
        else:
            yield put(f"/library/sheets/{self.sheet}/panels/-", {**sold, "width": width})


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


def _stock(now: SolvedPlan, row: str) -> Sheet | Board:
    if not now.plan.library.has_stock(row):
        raise NoSuchQuantity("no-such-stock", f"There is no sheet and no board {row!r} in the library.", LOAD_AGAIN)
    return now.plan.library.stock(row)


def _width(now: SolvedPlan, row: str, typed: str | None) -> str | None:
    """A width as it is kept; a board's own where none is said."""
    stock = _stock(now, row)
    if typed:
        return as_kept(typed, now.plan)
    if isinstance(stock, Board):
        return stock.width
    raise PlanRefused("size-unknown", f"How wide it is was not said, of {stock.name}.", "Say its length and width.")


def _sized(length: str, width: str | None) -> str:
    return f"{length} × {width}" if width else length
