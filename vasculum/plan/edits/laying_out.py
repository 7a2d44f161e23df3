"""Layouts of sheets by hand: kept, marked as sawn, a part laid elsewhere, and the rest laid out anew."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from typing import Annotated, Literal

from pydantic import Field

from vasculum.core.errors import NoSuchQuantity, PlanRefused
from vasculum.core.lengths import read_increment, show, show_with_unit
from vasculum.cutting.bound import holds
from vasculum.cutting.model import Layout, Mm, Part, Piece
from vasculum.cutting.moved import InTheWay, Move, TooManyCuts, moved
from vasculum.cutting.ways import Aim
from vasculum.plan.document import KeptSheet, as_usual
from vasculum.plan.document.patching import PatchStep
from vasculum.plan.edits.acts import Act, Named, Numbers, dumped, gone, put
from vasculum.plan.edits.offcuts import LOAD_AGAIN
from vasculum.plan.laying.places import PLAN
from vasculum.plan.laying.solving import SolvedPlan, nearest_key
from vasculum.plan.making.on_stock import OnStock, kept_sheet, layout_of, sawn_sheet, settings_in_work, stocks_of
from vasculum.plan.telling.sheets import part_called

Ordinate = Annotated[float, Field(ge=-100_000, le=100_000, allow_inf_nan=False, description="mm")]
Number = Annotated[int, Field(ge=1, le=1000, description="Which sheet, from 1.")]


class KeepLayout(Act):
    """A layout stays as it is, while its parts fit."""

    do: Literal["keep-layout"]
    row: Named
    aim: Aim

    def told(self, now: SolvedPlan) -> str:
        """As it is said."""
        return f"Layout of {_row(now, self.row).sheet.name} kept"

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """Every sheet of it; what is sawn stays sawn.

        Raises:
            NoSuchQuantity: ``no-such-stock``.
        """
        one = _row(now, self.row)
        yield kept_as(now, one, layout_of(one.laid, self.aim)[1].sheets)


class LayOutAnew(Act):
    """What was kept of a row is laid out anew, but for sheets that are sawn."""

    do: Literal["lay-out-anew"]
    row: Named

    def told(self, now: SolvedPlan) -> str:
        """As it is said."""
        return f"{_row(now, self.row).sheet.name} laid out anew"

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """What is sawn alone.

        Raises:
            NoSuchQuantity: ``no-such-stock``.
        """
        _row(now, self.row)
        yield from _kept(now, self.row, _held(now, self.row)[0])


class SawSheet(Act):
    """A sheet is sawn as it is drawn, or is not sawn after all."""

    do: Literal["saw-sheet"]
    row: Named
    aim: Aim
    sheet: Number
    is_sawn: bool

    def told(self, now: SolvedPlan) -> str:
        """As it is said."""
        return f"Sheet {self.sheet} of {_row(now, self.row).sheet.name} {'is' if self.is_sawn else 'is not'} sawn"

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """Sawn sheets come first, with the sizes that their parts have now.

        Raises:
            NoSuchQuantity: ``no-such-stock``, ``no-such-sheet``.
        """
        one = _row(now, self.row)
        sheets = layout_of(one.laid, self.aim)[1].sheets
        if self.sheet > len(sheets):
            raise NoSuchQuantity("no-such-sheet", f"There is no sheet {self.sheet}.", LOAD_AGAIN)
        sawn, kept = _held(now, self.row)
        at = self.sheet - 1
        if self.is_sawn and at < len(sawn):
            yield from _kept(now, self.row, [*sawn[:at], _as(sawn[at], "sawn"), *sawn[at + 1 :], *kept])
        elif self.is_sawn:
            yield from _kept(now, self.row, [*sawn, sawn_sheet(sheets[at], one.stock), *kept])
        elif at < len(sawn) and sawn[at].is_racked:
            raise PlanRefused("already-there", "Its offcuts are in the rack.", "Undo that first.")
        elif at < len(sawn):
            yield from _kept(now, self.row, [*sawn[:at], *sawn[at + 1 :], kept_sheet(sheets[at]), *kept])


class SettingsDone(Act):
    """At the saw: so many settings of the order are done; with the first the sheets are begun, with the last sawn."""

    do: Literal["settings-done"]
    row: Named
    aim: Aim
    done: Annotated[int, Field(ge=0, le=10_000)]

    def told(self, now: SolvedPlan) -> str:
        """As it is said."""
        return f"{self.done} settings done, {_row(now, self.row).sheet.name}"

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """The sheets in the state that they are in by then, and how far they are.

        Raises:
            NoSuchQuantity: ``no-such-stock``.
            PlanRefused: ``no-such-setting``.
        """
        one = _row(now, self.row)
        sheets = layout_of(one.laid, self.aim)[1].sheets
        frozen, kept = _held(now, self.row)
        sawn = [sheet for sheet in frozen if sheet.state == "sawn"]
        begun = [sheet for sheet in frozen if sheet.state == "begun"]
        if not begun:
            begun = [sawn_sheet(sheet, one.stock, is_begun=True) for sheet in sheets[len(sawn) :]]
            kept = []
        most = len(settings_in_work(one, self.aim))
        if self.done > most or not begun:
            raise PlanRefused("no-such-setting", f"There are {most} settings to do.", LOAD_AGAIN)
        state: State = "kept" if self.done == 0 else "sawn" if self.done == most else "begun"
        yield from _kept(now, self.row, [*sawn, *(_as(sheet, state) for sheet in begun), *kept])
        if state == "begun":
            yield put(f"/settings_done/{self.row}", self.done)


class RackOffcuts(Act):
    """What is left of a sawn sheet goes into the rack, but what is small; of a board what has its whole width."""

    do: Literal["rack-offcuts"]
    row: Named
    sheet: Number
    where: Annotated[str, Field(max_length=120)] = as_usual("")

    def told(self, now: SolvedPlan) -> str:
        """As it is said."""
        return f"Offcuts of sheet {self.sheet} of {_row(now, self.row).sheet.name} into the rack"

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """Each of them, once.

        Raises:
            NoSuchQuantity: ``no-such-stock``, ``no-such-sheet`` where it is not sawn.
            PlanRefused: ``already-there``, ``no-room`` where nothing is left.
        """
        one, at = _row(now, self.row), self.sheet - 1
        frozen, kept = _held(now, self.row)
        if at >= len(frozen):
            raise NoSuchQuantity("no-such-sheet", f"Sheet {self.sheet} is not sawn.", "Say first that it is.")
        if frozen[at].is_racked:
            raise PlanRefused("already-there", "Its offcuts are in the rack.", "Take out there what is gone.")
        offcuts = Layout((one.laid.best.sheets[at],)).offcuts()
        left = [offcut for offcut in offcuts if _is_worth_keeping(offcut, now, one)]
        if not left:
            raise PlanRefused("no-room", "Nothing that is left of it is worth keeping.", "")
        numbers = Numbers(now.plan)
        for offcut in left:
            sizes = {"length": _text(offcut.length, now), "width": _text(offcut.width, now)}
            yield put(f"/library/offcuts/{numbers.fresh('offcut')}", {"sheet": self.row, **sizes, "where": self.where})
        yield numbers.given()
        racked = frozen[at].model_copy(update={"is_racked": True})
        yield from _kept(now, self.row, [*frozen[:at], racked, *frozen[at + 1 :], *kept])


def _is_worth_keeping(offcut: Piece, now: SolvedPlan, one: OnStock) -> bool:
    small = now.solved.value(*nearest_key(now, PLAN, "small_part"))
    is_whole = offcut.width == one.stock.usable[1] if one.is_of_one_width else offcut.width >= small
    return bool(is_whole and offcut.length >= small)


STEPS = {"in": read_increment("1/64 in"), "mm": read_increment("0.5 mm")}


def _text(size: Mm, now: SolvedPlan) -> str:
    """A length as it is written, never longer than it is."""
    unit = now.plan.units.length
    return show_with_unit(size - size % STEPS[unit], unit)


State = Literal["kept", "begun", "sawn"]


def _as(sheet: KeptSheet, state: State) -> KeptSheet:
    return sheet.model_copy(update={"state": state})


class MovePart(Act):
    """A part is laid where a point of a sheet is, or where there is room on it; the layout is kept from then on."""

    do: Literal["move-part"]
    row: Named
    aim: Aim
    part: Annotated[str, Field(max_length=120)]
    sheet: Number
    x: Ordinate | None = as_usual(None)
    y: Ordinate | None = as_usual(None)
    """From the lower left corner of the sheet; without them it lies in the smallest offcut that holds it."""

    def told(self, now: SolvedPlan) -> str:
        """As it is said."""
        return f"{part_called(now, self.part)} laid on sheet {self.sheet}"

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """The sheets with the part there.

        Raises:
            NoSuchQuantity: ``no-such-stock``, ``no-such-part``.
            PlanRefused: ``cut-through`` with the cut that would go through it, ``too-many-cuts``, ``is-sawn``.
        """
        one = _row(now, self.row)
        sheets = layout_of(one.laid, self.aim)[1].sheets
        sawn, name = one.laid.sawn, one.members.get(self.part, self.part)
        at = next((n for n, sheet in enumerate(sheets) if name in _names(sheet)), None)
        if at is None or self.sheet > len(sheets) + 1:
            raise NoSuchQuantity("no-such-part", f"No sheet of this layout has a part {self.part!r}.", LOAD_AGAIN)
        if at < sawn or self.sheet <= sawn:
            raise PlanRefused("is-sawn", "That sheet is sawn: nothing on it moves.", "Say first that it is not sawn.")
        sizes = {part.name: part for part in one.parts}
        to, part = self.sheet - 1, sizes[name]
        point = (self.x, self.y) if self.x is not None and self.y is not None else _free(sheets, to, part)
        move = Move(name, to - sawn, *(Mm(str(one)) for one in point))
        if to == at and _is_on(sheets[at], move):
            return
        try:
            after = moved(sheets[sawn:], move, sizes, one.stock)
        except InTheWay as refusal:
            raise PlanRefused("cut-through", _said(now, self.part, refusal), "Put it where more is free.") from None
        except TooManyCuts:
            raise PlanRefused(
                "too-many-cuts",
                "That takes more stages of cuts than were chosen, or rips a piece that is too short.",
                "Put it elsewhere, or choose more stages.",
            ) from None
        yield kept_as(now, one, [*sheets[:sawn], *after])


def kept_as(now: SolvedPlan, one: OnStock, sheets: Sequence[Piece]) -> PatchStep:
    """The step that keeps a layout of a row: sheets that are sawn stay as they were."""
    sawn, _ = _held(now, one.row)
    kept = [*sawn, *(kept_sheet(sheet) for sheet in sheets[len(sawn) :])]
    return put(f"/layouts/{one.row}", [dumped(sheet) for sheet in kept])


def _kept(now: SolvedPlan, row: str, sheets: Sequence[KeptSheet]) -> Iterator[PatchStep]:
    """Other sheets than were kept; how far the saw was is forgotten with the sheets that were begun."""
    if sheets:
        yield put(f"/layouts/{row}", [dumped(sheet) for sheet in sheets])
    elif row in now.plan.layouts:
        yield gone(f"/layouts/{row}")
    if row in now.plan.settings_done and not any(sheet.state == "begun" for sheet in sheets):
        yield gone(f"/settings_done/{row}")


def _held(now: SolvedPlan, row: str) -> tuple[list[KeptSheet], list[KeptSheet]]:
    """What is kept of a row: sheets that are sawn or begun, in their order, and others."""
    kept = now.plan.layouts.get(row, ())
    frozen = sorted((one for one in kept if one.state != "kept"), key=lambda one: one.state == "begun")
    return frozen, [one for one in kept if one.state == "kept"]


def _row(now: SolvedPlan, row: str) -> OnStock:
    for one in stocks_of(now):
        if one.row == row:
            return one
    raise NoSuchQuantity("no-such-stock", f"Nothing is cut from a sheet or board {row!r}.", LOAD_AGAIN)


def _free(sheets: Sequence[Piece], to: int, part: Part) -> tuple[Mm, Mm]:
    """The middle of the smallest offcut of a sheet that holds a part, or of the largest that there is."""
    if to == len(sheets):
        return Mm(0), Mm(0)
    offcuts = Layout((sheets[to],)).offcuts()
    if not offcuts:
        raise PlanRefused("no-room", f"Sheet {to + 1} has nothing left.", "Take another sheet.")
    held = [one for one in offcuts if holds((one.length, one.width), part)]
    there = held[-1] if held else offcuts[0]
    return there.x + there.length / 2, there.y + there.width / 2


def _names(sheet: Piece) -> list[str]:
    return [leaf.part for leaf in sheet.leaves()]


def _is_on(sheet: Piece, move: Move) -> bool:
    """Whether a point is on the part itself already."""
    leaf = next(one for one in sheet.leaves() if one.part == move.part)
    return 0 <= move.x - leaf.x <= leaf.length and 0 <= move.y - leaf.y <= leaf.width


def _said(now: SolvedPlan, part: str, refusal: InTheWay) -> str:
    """*The rip 12 1/4 from the lower edge would go through A2 side.*"""
    called, at = part_called(now, part), show(refusal.at, now.plan.units.length)
    if refusal.cut is None and refusal.at <= 0:
        return f"{called} would lie beside the sheet."
    if refusal.cut is None:
        return f"{called} would reach {at} over what is left of the sheet there."
    edge = "lower" if refusal.cut == "rip" else "left"
    return f"The {refusal.cut} {at} from the {edge} edge would go through {called}."
