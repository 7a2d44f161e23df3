"""Primitives as strokes: every renderer draws these paths and texts, and adds only weight and colour.

Coordinates are floats of mm, y up, for nothing is sized from a drawing. A dimension becomes its extension lines, its
line, two slanted ticks and its text, all with its key.
"""

from __future__ import annotations

from collections.abc import Iterator
from math import cos, radians, sin
from typing import Literal, NamedTuple

from vasculum.drawing.primitives import FOR_HANDS, Arc, Dimension, Line, Polyline, Primitive, Rect, Role, Sheet, Text

TICK = 1.2
"""Half a dimension's tick, mm on paper."""
GAP = 1.0
"""Between the thing and its extension line, mm on paper."""
TEXT_HEIGHT = 4.0
"""Of a dimension, mm on paper: read at arm's length."""
MARGIN = 3.0
"""Round the drawing, mm on paper."""
WIDTH_OF_LETTER = 0.52
"""Of its height, on average in the shipped sans: for the bounds only."""


class PathStroke(NamedTuple):
    """A line through points."""

    role: Role
    layer: str
    key: str
    points: tuple[tuple[float, float], ...]
    is_closed: bool = False
    tint: int = 0
    origin: str = ""


class TextStroke(NamedTuple):
    """A text, its height in mm of the thing drawn."""

    role: Role
    layer: str
    key: str
    x: float
    y: float
    text: str
    height: float
    anchor: Literal["start", "middle", "end"] = "middle"
    turn: int = 0
    origin: str = ""


Stroke = PathStroke | TextStroke


def strokes_of(sheet: Sheet) -> list[Stroke]:
    """The whole sheet as strokes, in the order in which they are drawn."""
    return [stroke for primitive in sheet.primitives for stroke in _strokes(primitive, sheet.scale)]


def printed_strokes_of(sheet: Sheet) -> list[Stroke]:
    """The strokes that go on paper or into a file: without what is only there to be touched."""
    return [stroke for stroke in strokes_of(sheet) if stroke.role not in FOR_HANDS]


def bounds_of(strokes: list[Stroke], scale: int) -> tuple[float, float, float, float]:
    """Left, bottom, width and height of all strokes with a margin, mm of the thing drawn."""
    points = [point for stroke in strokes for point in _reach(stroke)] or [(0.0, 0.0)]
    margin = MARGIN * scale
    across, up = [x for x, _ in points], [y for _, y in points]
    left, bottom = min(across) - margin, min(up) - margin
    return left, bottom, max(across) + margin - left, max(up) + margin - bottom


def _strokes(primitive: Primitive, scale: int) -> Iterator[Stroke]:
    if isinstance(primitive, Line):
        points = (_xy(primitive.start), _xy(primitive.end))
        yield PathStroke(primitive.role, primitive.layer, primitive.key, points)
    elif isinstance(primitive, Polyline):
        points_of_line = tuple(_xy(p) for p in primitive.points)
        yield PathStroke(primitive.role, primitive.layer, primitive.key, points_of_line, primitive.is_closed)
    elif isinstance(primitive, Rect):
        (x, y), w, h = _xy(primitive.corner), float(primitive.width), float(primitive.height)
        corners = ((x, y), (x + w, y), (x + w, y + h), (x, y + h))
        yield PathStroke(primitive.role, primitive.layer, primitive.key, corners, True, primitive.tint)
    elif isinstance(primitive, Arc):
        yield PathStroke(primitive.role, primitive.layer, primitive.key, _arc_points(primitive))
    elif isinstance(primitive, Text):
        x, y = _xy(primitive.at)
        height = float(primitive.height) * scale
        yield TextStroke(
            primitive.role,
            primitive.layer,
            primitive.key,
            x,
            y,
            primitive.text,
            height,
            primitive.anchor,
            primitive.turn,
        )
    else:
        yield from _dimension(primitive, scale)


def _xy(point: tuple[object, object]) -> tuple[float, float]:
    return (float(point[0]), float(point[1]))  # type: ignore[arg-type]


def _arc_points(arc: Arc) -> tuple[tuple[float, float], ...]:
    (x, y), r = _xy(arc.centre), float(arc.radius)
    steps = max(2, abs(arc.end - arc.start) // 5)
    angles = (radians(arc.start + (arc.end - arc.start) * at / steps) for at in range(steps + 1))
    return tuple((x + r * cos(a), y + r * sin(a)) for a in angles)


def _dimension(one: Dimension, scale: int) -> Iterator[Stroke]:
    """Drawn as if across; a dimension up is the same with x and y exchanged."""
    is_up = one.way == "up"
    (ax, ay), (bx, by) = (_xy(p)[::-1] if is_up else _xy(p) for p in (one.start, one.end))
    away = 1 if one.offset >= 0 else -1
    base = max(ay, by) if away > 0 else min(ay, by)
    line = base + float(one.offset) * scale
    gap, tick = GAP * scale * away, TICK * scale

    def path(*points: tuple[float, float]) -> PathStroke:
        turned = tuple(p[::-1] if is_up else p for p in points)
        return PathStroke("dimension", one.layer, one.key, turned, origin=one.origin)

    yield path((ax, ay + gap), (ax, line + gap))
    yield path((bx, by + gap), (bx, line + gap))
    yield path((ax, line), (bx, line))
    for x in (ax, bx):
        yield path((x - tick, line - tick), (x + tick, line + tick))
    yield _dimension_text(one, scale, (min(ax, bx), max(ax, bx), line))


def _dimension_text(one: Dimension, scale: int, at: tuple[float, float, float]) -> TextStroke:
    """In the middle of the line and above it; beside it where it is too short for the text."""
    low, high, line = at
    height = TEXT_HEIGHT * scale
    clearance = 0.9 * scale
    width = len(one.text) * WIDTH_OF_LETTER * height
    is_up = one.way == "up"
    if width <= high - low - 2 * clearance:
        middle, beside = (low + high) / 2, line + (-clearance if is_up else clearance)
        x, y = (beside, middle) if is_up else (middle, beside)
        return TextStroke(
            "dimension", one.layer, one.key, x, y, one.text, height, "middle", 90 if is_up else 0, one.origin
        )
    if is_up:
        x = line + (2 * clearance if one.offset >= 0 else -2 * clearance)
        y, anchor = (low + high) / 2 - height / 3, ("start" if one.offset >= 0 else "end")
    else:
        x, y, anchor = high + 2.5 * clearance, line - height / 3, "start"
    return TextStroke(
        "dimension", one.layer, one.key, x, y, one.text, height, "end" if anchor == "end" else "start", 0, one.origin
    )


def _reach(stroke: Stroke) -> Iterator[tuple[float, float]]:
    if isinstance(stroke, PathStroke):
        yield from stroke.points
        return
    width = len(stroke.text) * WIDTH_OF_LETTER * stroke.height
    before = {"start": 0.0, "middle": 0.5, "end": 1.0}[stroke.anchor] * width
    along, up = (-before, width - before), (-0.25 * stroke.height, 0.8 * stroke.height)
    for a in along:
        for u in up:
            yield (stroke.x - u, stroke.y + a) if stroke.turn == 90 else (stroke.x + a, stroke.y + u)
