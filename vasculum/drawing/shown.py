"""Drawings as they travel to the screen: the same strokes, rounded to a thousandth of a millimetre."""

from __future__ import annotations

from functools import lru_cache
from typing import Literal

from vasculum.drawing.opening import opening_sheets
from vasculum.drawing.part import part_sheet
from vasculum.drawing.primitives import Sheet
from vasculum.drawing.strokes import PathStroke, Stroke, bounds_of, strokes_of
from vasculum.plan.document import Model
from vasculum.plan.layout import numbers_of
from vasculum.plan.parts import merged, parts_of
from vasculum.plan.solving import SolvedPlan


class StrokeShown(Model):
    """A path through points, or a text; mm, y up."""

    kind: Literal["path", "text"]
    role: str
    layer: str
    key: str
    origin: str
    points: list[list[float]]
    """Of a path; a text stands at the first."""
    is_closed: bool = False
    tint: int = 0
    text: str = ""
    height: float = 0
    anchor: Literal["start", "middle", "end"] = "middle"
    turn: int = 0


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


def drawings_of(plan: SolvedPlan) -> list[SheetShown]:
    """Elevation and section of every space, then each distinct part."""
    shown = [_sheet(sheet, []) for sheet in opening_sheets(plan)]
    numbers = numbers_of(plan.plan)
    for group in merged(plan, parts_of(plan)):
        tint = numbers.get(group[0].place, 1)
        shown.append(_sheet(part_sheet(plan, group[0], tint), [part.id for part in group]))
    return shown


def _sheet(sheet: Sheet, part_ids: list[str]) -> SheetShown:
    strokes = strokes_of(sheet)
    left, bottom, width, height = (round(v, 3) for v in bounds_of(strokes, sheet.scale))
    return SheetShown(
        name=sheet.name,
        title=sheet.title,
        place=sheet.place,
        part_ids=part_ids,
        scale=sheet.scale,
        left=left,
        bottom=bottom,
        width=width,
        height=height,
        strokes=[_stroke(stroke) for stroke in strokes],
    )


@lru_cache(maxsize=8192)
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
        anchor=stroke.anchor, turn=stroke.turn,
    )  # fmt: skip
