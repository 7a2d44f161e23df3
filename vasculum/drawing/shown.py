"""Drawings as they travel to the screen: the same strokes, rounded to a thousandth of a millimetre."""

from __future__ import annotations

from contextlib import suppress
from typing import Annotated, Any, Literal, NamedTuple

from pydantic import Field

from vasculum.core.errors import NoSuchQuantity
from vasculum.drawing.above import above
from vasculum.drawing.cut_sheet import cut_sheet
from vasculum.drawing.inside import inside
from vasculum.drawing.opening import elevation
from vasculum.drawing.panel import panel_of
from vasculum.drawing.part import part_sheet
from vasculum.drawing.primitives import Sheet
from vasculum.drawing.section import section
from vasculum.drawing.strokes import PathStroke, Stroke, bounds_of, strokes_of
from vasculum.drawing.way_in import brought_in
from vasculum.plan.document import Model, as_usual
from vasculum.plan.laying.layout import numbers_of
from vasculum.plan.laying.solving import SolvedPlan, space_around
from vasculum.plan.making.pieces import merged, pieces_of


class StrokeShown(Model):
    """A path through points, or a text; mm, y up."""

    kind: Literal["path", "text"]
    role: str
    layer: str
    key: str
    origin: str
    points: list[list[float]]
    """Of a path; a text stands at the first."""
    is_closed: bool = as_usual(False)
    tint: int = as_usual(0)
    text: str = as_usual("")
    height: float = as_usual(0)
    anchor: Literal["start", "middle", "end"] = as_usual("middle")
    turn: int = as_usual(0)
    is_choice: bool = as_usual(False)
    """Of a dimension's figure: another length may be typed over it."""


class SheetShown(Model):
    """One view with its bounds, mm; ``scale`` is mm of the thing for each mm on paper."""

    name: str
    title: str
    place: str
    """The space or the cell that is drawn; empty for a part."""
    part_ids: list[str]
    scale: int
    left: float
    bottom: float
    width: float
    height: float
    strokes: list[StrokeShown]


class View(Model):
    """One sheet that somebody looks at: of which space, cell or part."""

    name: Literal["elevation", "section", "above", "inside", "way_in", "panel", "part", "cut_sheet"]
    of: Annotated[str, Field(max_length=100)]


class SheetDelta(Model):
    """One view against the one that the caller holds: only the strokes that are otherwise, by their number."""

    name: str
    title: str
    place: str
    part_ids: list[str]
    scale: int
    left: float
    bottom: float
    width: float
    height: float
    count: int
    """How many strokes there are now."""
    strokes: dict[str, StrokeShown]


def elevations_of(plan: SolvedPlan) -> list[View]:
    """The elevation of every space."""
    return [View(name="elevation", of=space) for space in plan.plan.space_order]


def drawings_of(plan: SolvedPlan) -> list[SheetShown]:
    """The elevation of every space, whole."""
    return [_whole(one) for one in _drawn(plan, elevations_of(plan))]


def drawing_deltas(before: SolvedPlan | None, after: SolvedPlan, views: list[View]) -> list[SheetDelta]:
    """Some sheets, those that are there, as far as they are otherwise than before.

    A caller holds the elevations of the plan before; any other sheet it may not hold, and is given whole.
    """
    then = {} if before is None else {one.like: one for one in _drawn(before, views)}
    deltas = (_delta(then.get(one.like), one, one.frame["name"] == "elevation") for one in _drawn(after, views))
    return [delta for delta in deltas if delta is not None]


def _delta(before: _Drawn | None, after: _Drawn, is_held: bool) -> SheetDelta | None:
    if before is not None and before == after:
        return None
    old: list[Stroke] = before.strokes if before is not None and is_held else []
    changed = {
        str(at): _stroke(stroke) for at, stroke in enumerate(after.strokes) if at >= len(old) or old[at] != stroke
    }
    return SheetDelta(**after.frame, count=len(after.strokes), strokes=changed)


class _Drawn(NamedTuple):
    """A sheet as strokes, with its frame."""

    frame: dict[str, Any]
    strokes: list[Stroke]

    @property
    def like(self) -> tuple[str, str, str]:
        """The view it is, of whichever state of the plan."""
        return (self.frame["name"], self.frame["place"], ",".join(self.frame["part_ids"]))


def _drawn(plan: SolvedPlan, views: list[View]) -> list[_Drawn]:
    found = {}
    for view in views:
        with suppress(NoSuchQuantity):
            found[view.name, view.of] = _kept(plan, view.name, view.of)
    return list(found.values())


def _kept(plan: SolvedPlan, name: str, of: str) -> _Drawn:
    """A sheet of a solution, drawn once."""
    kept = plan.kept.setdefault("drawn", {})
    if (name, of) not in kept:
        kept[name, of] = _sheet(*_asked(plan, name, of))
    found: _Drawn = kept[name, of]
    return found


def sheet_of(plan: SolvedPlan, name: str, of: str) -> SheetShown:
    """One sheet: ``elevation`` of a space, a ``part``, or of a place any other view.

    Raises:
        NoSuchQuantity: ``no-such-sheet`` where there is no such space, place or part.
    """
    return _whole(_kept(plan, name, of))


def _asked(plan: SolvedPlan, name: str, of: str) -> tuple[Sheet, list[str]]:
    numbers = numbers_of(plan.plan)
    if name == "elevation" and of in plan.plan.spaces:
        return elevation(plan, of), []
    if name == "part":
        for group in merged(plan, pieces_of(plan)):
            if any(part.id == of for part in group):
                sheet = part_sheet(plan, group[0], numbers.get(group[0].place, 1))
                return sheet, [part.id for part in group]
    if name == "cut_sheet":
        return cut_sheet(plan, of), []
    if name == "way_in" and of in plan.plan.places:
        return brought_in(plan, of, numbers.get(of, 0)), []
    if name == "panel" and of in plan.plan.places:
        return panel_of(plan, of), []
    if name == "section" and of in plan.plan.places:
        return section(plan, of), []
    if name == "above" and of in plan.plan.places:
        return above(plan, space_around(plan, of), of, numbers), []
    if name == "inside" and of in plan.plan.places:
        return inside(plan, of, numbers.get(of, 0)), []
    raise NoSuchQuantity("no-such-sheet", f"There is no {name or 'sheet'} of {of!r} in this plan.", "Load it again.")


def _sheet(sheet: Sheet, part_ids: list[str]) -> _Drawn:
    strokes = strokes_of(sheet)
    left, bottom, width, height = (round(v, 3) for v in bounds_of(strokes, sheet.scale))
    frame = {
        "name": sheet.name, "title": sheet.title, "place": sheet.place, "part_ids": part_ids, "scale": sheet.scale,
        "left": left, "bottom": bottom, "width": width, "height": height,
    }  # fmt: skip
    return _Drawn(frame, strokes)


def shown_sheet(sheet: Sheet) -> SheetShown:
    """Any sheet as it travels, whole."""
    return _whole(_sheet(sheet, []))


def _whole(drawn: _Drawn) -> SheetShown:
    return SheetShown(**drawn.frame, strokes=[_stroke(stroke) for stroke in drawn.strokes])


def _stroke(stroke: Stroke) -> StrokeShown:
    if isinstance(stroke, PathStroke):
        points = [[round(x, 3), round(y, 3)] for x, y in stroke.points]
        return StrokeShown(
            kind="path", role=stroke.role, layer=stroke.layer, key=stroke.key, origin=stroke.origin, points=points,
            is_closed=stroke.is_closed, tint=stroke.tint,
        )  # fmt: skip
    return StrokeShown(
        kind="text", role=stroke.role, layer=stroke.layer, key=stroke.key, origin=stroke.origin,
        points=[[round(stroke.x, 3), round(stroke.y, 3)]], text=stroke.text, height=round(stroke.height, 3),
        anchor=stroke.anchor, turn=stroke.turn, is_choice=stroke.is_choice,
    )  # fmt: skip
