"""Primitives as strokes: every renderer draws these paths and texts, and adds only weight and colour.

Coordinates are floats of mm, y up, for nothing is sized from a drawing. A dimension becomes its extension lines, its
line, two slanted ticks and its text, all with its key.
"""

from __future__ import annotations

from collections.abc import Iterator
from math import cos, floor, radians, sin
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
CLEARANCE = 0.9
"""Between a dimension's line and its figure, mm on paper."""
WIDTH_OF_LETTER = 0.52
"""Of its height, on average in the shipped sans: for bounds, and to keep figures apart."""


Anchor = Literal["start", "middle", "end"]


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
    anchor: Anchor = "middle"
    turn: int = 0
    origin: str = ""
    is_choice: bool = False


Stroke = PathStroke | TextStroke


def strokes_of(sheet: Sheet) -> list[Stroke]:
    """The whole sheet as strokes, in the order in which they are drawn.

    No figure of a dimension lies on another: it goes further out from its line, and where there is no room near it is
    left out, for the line still says what it is when it is pressed.
    """
    taken, made = _Taken(TEXT_HEIGHT * sheet.scale), list[Stroke]()
    for primitive in sheet.primitives:
        made += _strokes(primitive, sheet.scale)
        if isinstance(primitive, Dimension):
            figure = next(filter(taken.is_free, _figures(primitive, sheet.scale)), None)
            if figure is not None:
                taken.add(figure)
                made.append(figure)
    return made


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


class _At(NamedTuple):
    """Where a dimension's line runs, as if across: a dimension up is the same with x and y exchanged."""

    start: tuple[float, float]
    end: tuple[float, float]
    line: float
    away: int


def _at(one: Dimension, scale: int) -> _At:
    (ax, ay), (bx, by) = (_xy(p)[::-1] if one.way == "up" else _xy(p) for p in (one.start, one.end))
    away = 1 if one.offset >= 0 else -1
    base = max(ay, by) if away > 0 else min(ay, by)
    return _At((ax, ay), (bx, by), base + float(one.offset) * scale, away)


def _dimension(one: Dimension, scale: int) -> Iterator[Stroke]:
    """Its lines and ticks."""
    (ax, ay), (bx, by), line, away = _at(one, scale)
    gap, tick = GAP * scale * away, TICK * scale

    def path(*points: tuple[float, float]) -> PathStroke:
        turned = tuple(p[::-1] if one.way == "up" else p for p in points)
        return PathStroke("dimension", one.layer, one.key, turned, origin=one.origin)

    yield path((ax, ay + gap), (ax, line + gap))
    yield path((bx, by + gap), (bx, line + gap))
    yield path((ax, line), (bx, line))
    for x in (ax, bx):
        yield path((x - tick, line - tick), (x + tick, line + tick))


LEVELS = 4
"""How many places there are for a figure, each further out."""


def _figures(one: Dimension, scale: int) -> Iterator[TextStroke]:
    """Where its figure may stand: on the middle of its line, or past the ticks of one too short; then further out."""
    (ax, _), (bx, _), line, away = _at(one, scale)
    height, clearance, is_up = TEXT_HEIGHT * scale, CLEARANCE * scale, one.way == "up"
    width, middle = len(one.text) * WIDTH_OF_LETTER * height, (ax + bx) / 2
    is_short = width > abs(bx - ax) - 2 * clearance
    anchor: Anchor = "middle" if not (is_short and is_up) else "start" if away > 0 else "end"
    turn = 90 if is_up and not is_short else 0
    for level in range(LEVELS):
        if is_short and is_up:
            x, y = line + away * (2 * clearance + level * (width + clearance)), middle - height / 3
        elif is_up:
            x, y = line - clearance + away * level * (height + clearance), middle
        else:
            past = 2 * clearance if is_short else clearance
            below = away < 0 and (is_short or level > 0)
            out = (level if is_short or away > 0 else max(level - 1, 0)) * (height + clearance)
            x, y = middle, line - past - 0.8 * height - out if below else line + past + out
        yield TextStroke(
            "dimension", one.layer, one.key, x, y, one.text, height, anchor, turn, one.origin, one.is_choice
        )


class _Taken:
    """Where figures are, by height: looking beside few is enough."""

    def __init__(self, size: float) -> None:
        self.size = 4 * size
        self.at: dict[int, list[Box]] = {}

    def add(self, text: TextStroke) -> None:
        box = box_of(text)
        for row in self._rows(box):
            self.at.setdefault(row, []).append(box)

    def is_free(self, text: TextStroke) -> bool:
        box = box_of(text)
        return not any(box.meets(other) for row in self._rows(box) for other in self.at.get(row, ()))

    def _rows(self, box: Box) -> range:
        return range(floor(box.low / self.size), floor(box.high / self.size) + 1)


class Box(NamedTuple):
    """What a text covers, mm of the thing drawn."""

    left: float
    low: float
    right: float
    high: float

    def meets(self, other: Box) -> bool:
        """Whether two texts lie on each other."""
        return self.left < other.right and other.left < self.right and self.low < other.high and other.low < self.high


def box_of(text: TextStroke) -> Box:
    """What a text covers."""
    width = len(text.text) * WIDTH_OF_LETTER * text.height
    begins = -{"start": 0.0, "middle": 0.5, "end": 1.0}[text.anchor] * width
    below, above = -0.25 * text.height, 0.8 * text.height
    if text.turn == 90:
        return Box(text.x - above, text.y + begins, text.x - below, text.y + begins + width)
    return Box(text.x + begins, text.y + below, text.x + begins + width, text.y + above)


def _reach(stroke: Stroke) -> Iterator[tuple[float, float]]:
    if isinstance(stroke, PathStroke):
        yield from stroke.points
        return
    left, low, right, high = box_of(stroke)
    yield from ((left, low), (right, high))
