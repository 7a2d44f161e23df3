"""The library of a plan: stock taken in as it is sold and taken out, and a runner measured in the hand."""

from __future__ import annotations

from collections.abc import Iterator
from typing import Annotated, Any, Literal

from pydantic import Field

from vasculum.core.errors import NoSuchQuantity, PlanRefused
from vasculum.core.lengths import Unit
from vasculum.core.tables import choosables, stock_bands, stock_boards, stock_sheets
from vasculum.core.weights import SECTION_DENSITY, SECTION_SOURCE
from vasculum.plan.document import Library, Model, Name, Plan, Section, as_usual
from vasculum.plan.document.patching import PatchStep
from vasculum.plan.document.starting import sheet_row
from vasculum.plan.edits.acts import Act, Named, Numbers, Typed, as_kept, gone, put
from vasculum.plan.edits.choosing import choices_at
from vasculum.plan.laying.solving import SolvedPlan

Shelf = Literal["sheets", "boards", "bands"]
ALSO_OF = {"boards": ("sheet",)}
"""What else a row is chosen for: parts are made of boards too."""
ID_OF: dict[str, str] = {"sheets": "sheet", "boards": "board", "bands": "band", "runners": "runner"}
"""What a row of each part of a library is called, in its id and where it is chosen."""


class StockRow(Model):
    """A row that can be taken into a plan's library: a sheet, a board or an edge band as sold."""

    kind: Shelf
    system: Unit
    name: str
    row: dict[str, str]


def stock_rows() -> Iterator[StockRow]:
    """Everything that is sold, as rows of a library."""
    for sheet in stock_sheets():
        yield StockRow(kind="sheets", system=sheet.system, name=sheet.name, row=sheet_row(sheet))
    for board in stock_boards():
        row = {name: getattr(board, name) for name in ("name", "thickness", "width", "length", "source")}
        yield StockRow(kind="boards", system=board.system, name=board.name, row=row)
    for band in stock_bands():
        row = {name: getattr(band, name) for name in ("name", "thickness", "length", "source")}
        yield StockRow(kind="bands", system=band.system, name=band.name, row=row)


class AddStock(Act):
    """Another row of the library, as it is sold; in the system of the plan's defaults unless another is named."""

    do: Literal["add-stock"]
    kind: Shelf
    name: Annotated[str, Field(max_length=120)]
    system: Unit | None = as_usual(None)

    def told(self, now: SolvedPlan) -> str:
        """As it is said."""
        return f"{self.name} added"

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """The row.

        Raises:
            NoSuchQuantity: ``no-such-stock``.
            PlanRefused: ``already-there``.
        """
        wanted = (self.kind, self.system or now.plan.defaults_system, self.name)
        row = next((one.row for one in stock_rows() if (one.kind, one.system, one.name) == wanted), None)
        if row is None:
            raise NoSuchQuantity("no-such-stock", f"Nothing called {self.name!r} is known among the {self.kind}.")
        _refuse_twice(now.plan, self.kind, self.name)
        numbers = Numbers(now.plan)
        yield put(f"/library/{self.kind}/{numbers.fresh(ID_OF[self.kind])}", row)
        yield numbers.given()


class NameStock(Act):
    """A sheet or a board of one's own, by its name and sizes; chosen at once for a part, where one is named."""

    do: Literal["name-stock"]
    kind: Literal["sheets", "boards"]
    name: Name
    thickness: Typed
    section: Section = as_usual("board")
    """Of what is sold by its length."""
    length: Typed | None = as_usual(None)
    width: Typed | None = as_usual(None)
    role: Annotated[str, Field(max_length=60)] | None = as_usual(None)
    """The choice that it is taken for."""
    at: Named | None = as_usual(None)
    """For one space or place of the plan, instead of the whole."""

    def told(self, now: SolvedPlan) -> str:
        """As it is said."""
        return f"{self.name}, a {ID_OF[self.kind]} of one's own"

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """The row, and the choice of it.

        Raises:
            PlanRefused: ``already-there``.
            LengthRefused: where a size cannot be read.
        """
        _refuse_twice(now.plan, self.kind, self.name)
        numbers = Numbers(now.plan)
        id_ = numbers.fresh(ID_OF[self.kind])
        sizes = {"nominal" if self.kind == "sheets" else "thickness": self.thickness}
        sizes |= {name: text for name, text in (("length", self.length), ("width", self.width)) if text}
        kept = {name: as_kept(text, now.plan) for name, text in sizes.items()}
        row: dict[str, Any] = {"name": self.name, **kept, "source": "named by its owner"}
        if self.kind == "boards" and self.section != "board":
            row["section"] = self.section
        if self.section in SECTION_DENSITY:
            row |= {"density": SECTION_DENSITY[self.section], "source": f"named by its owner; {SECTION_SOURCE}"}
        yield put(f"/library/{self.kind}/{id_}", row)
        if self.role is not None:
            where, _ = choices_at(now.plan, self.at)
            yield put(f"{where}/{self.role}", id_)
        yield numbers.given()


def _refuse_twice(plan: Plan, kind: Shelf, name: str) -> None:
    """Nothing is listed twice by accident."""
    if any(one.name.casefold() == name.casefold() for one in getattr(plan.library, kind).values()):
        raise PlanRefused(
            "already-there", f"There is a {ID_OF[kind]} called {name} already.", "Choose it, or name another."
        )


class TakeStockOut(Act):
    """A row of the library that nothing uses is taken out."""

    do: Literal["take-stock-out"]
    kind: Literal["sheets", "boards", "bands", "runners"]
    row: Named

    def told(self, now: SolvedPlan) -> str:
        """As it is said."""
        return f"{row_of(now.plan.library, self.kind, self.row).name} taken out"

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """It is gone.

        Raises:
            PlanRefused: ``in-use`` with what it is chosen for.
        """
        one = row_of(now.plan.library, self.kind, self.row)
        if users := [*_users(now.plan, self.kind, self.row)]:
            raise PlanRefused("in-use", f"{one.name} is in use: {', '.join(users)}.", "Choose another there first.")
        for name in ("layouts", "settings_done", "proved"):
            if self.row in getattr(now.plan, name):
                yield gone(f"/{name}/{self.row}")
        for id_, offcut in now.plan.library.offcuts.items():
            if offcut.sheet == self.row:
                yield gone(f"/library/offcuts/{id_}")
        yield gone(f"/library/{self.kind}/{self.row}")


class MeasureRunner(Act):
    """One size of the pair in hand; the row counts as measured from then on."""

    do: Literal["measure-runner"]
    runner: Named
    name: Literal["side_clearance", "height", "metal"]
    length: Typed

    def typed(self, plan: Plan) -> str | None:
        """The size."""
        return self.length

    def told(self, now: SolvedPlan) -> str:
        """As it is said."""
        return f"{row_of(now.plan.library, 'runners', self.runner).name}, {self.name.replace('_', ' ')}"

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """The size, and that it was measured."""
        row_of(now.plan.library, "runners", self.runner)
        yield put(f"/library/runners/{self.runner}/{self.name}", as_kept(self.length, now.plan))
        yield put(f"/library/runners/{self.runner}/measured", True)


def row_of(library: Library, kind: str, row: str) -> Any:
    """A row of a library: a sheet, a board, a band or a runner.

    Raises:
        NoSuchQuantity: ``no-such-stock``.
    """
    rows = getattr(library, kind)
    if row not in rows:
        raise NoSuchQuantity("no-such-stock", f"There is no {row!r} among the {kind} of this plan.")
    return rows[row]


def _users(plan: Plan, kind: str, row: str) -> Iterator[str]:
    """What a row is chosen for, in words."""
    yield from (part.name for part in plan.own_parts.values() if part.stock == row)
    known = choosables(plan.defaults_edition)
    chosen = [("", plan.choices)]
    chosen += [(f"{space.name}, ", space.choices) for space in plan.spaces.values()]
    chosen += [(f"{place.name}, ", place.choices) for place in plan.places.values()]
    for whose, choices in chosen:
        for name, value in choices.items():
            if value == row and known[name].kind in (ID_OF[kind], *ALSO_OF.get(kind, ())):
                title = known[name].title
                yield f"{whose}{title.lower() if whose else title}"
