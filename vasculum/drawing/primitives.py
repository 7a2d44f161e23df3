"""What can be drawn: line, polyline, rectangle, arc, text and dimension, each with role, layer and the key it shows.

Coordinates are exact mm, y up. Text heights and the distances of dimension lines are mm on paper: times the sheet's
scale they are mm of the thing drawn.
"""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass, field
from fractions import Fraction
from typing import Literal, NamedTuple

from vasculum.core.lengths import Mm

Point = tuple[Mm, Mm]
Role = Literal[
    "outline", "hidden", "cut", "centre", "reading", "dimension", "obstruction", "grain", "fill", "label",
    "cell", "handle",
]  # fmt: skip
Layer = Literal[
    "opening",
    "cells",
    "obstructions",
    "readings",
    "front",
    "box",
    "runners",
    "part",
    "joinery",
    "dimensions",
    "things",
]
CAPITAL = Fraction(18, 25)
"""How high a capital or a figure is in its type; a text stands on its place."""
FOR_HANDS: tuple[Role, ...] = ("cell", "handle")
"""There to be chosen or dragged on a screen, not to be printed."""
Way = Literal["across", "up"]


class Line(NamedTuple):
    role: Role
    layer: Layer
    start: Point
    end: Point
    key: str = ""


class Polyline(NamedTuple):
    role: Role
    layer: Layer
    points: tuple[Point, ...]
    is_closed: bool = False
    key: str = ""


class Rect(NamedTuple):
    """``tint`` is the number of the drawer whose colour fills it, 0 for none."""

    role: Role
    layer: Layer
    corner: Point
    width: Mm
    height: Mm
    key: str = ""
    tint: int = 0


class Arc(NamedTuple):
    """From one angle to another, in degrees anticlockwise from the right."""

    role: Role
    layer: Layer
    centre: Point
    radius: Mm
    start: int
    end: int
    key: str = ""


class Text(NamedTuple):
    """``height`` is mm on paper; ``turn`` is degrees anticlockwise."""

    role: Role
    layer: Layer
    at: Point
    text: str
    height: Mm = Fraction(3)
    anchor: Literal["start", "middle", "end"] = "middle"
    turn: int = 0
    key: str = ""


class Dimension(NamedTuple):
    """The distance between two points, across or up; ``offset`` is mm on paper, plus is up or right of the points."""

    layer: Layer
    start: Point
    end: Point
    way: Way
    offset: Mm
    text: str
    key: str = ""
    origin: str = "worked out"
    is_choice: bool = False
    """Another length may be typed over it."""
    role: Role = "dimension"


Primitive = Line | Polyline | Rect | Arc | Text | Dimension

Paper = tuple[int, int]
"""How much paper a drawing may take without its dimensions, across and up, in mm."""
OPENING_PAPER: Paper = (115, 95)
"""For an opening; dimensions stand around it."""
FIRST, STEP = Fraction(7), Fraction(8)
"""Distance of the first dimension line, and between lines, mm on paper."""
SCALES = (1, 2, 3, 4, 5, 8, 10, 12, 15, 20, 25, 30, 40, 50, 75, 100)


@dataclass(slots=True)
class Sheet:
    """One view: 1 mm on paper is ``scale`` mm of the thing."""

    name: str
    title: str
    scale: int = 1
    place: str = ""
    primitives: list[Primitive] = field(default_factory=list)

    def add(self, *primitives: Primitive) -> None:
        """Put more on the sheet."""
        self.primitives.extend(primitives)


def scale_for(width: Mm, height: Mm, paper_width: int, paper_height: int) -> int:
    """The largest of the usual scales at which a thing of this size goes on the paper, in mm."""
    return next((s for s in SCALES if width <= s * paper_width and height <= s * paper_height), SCALES[-1])


def points_of(primitive: Primitive) -> Iterator[Point]:
    """The points that a primitive reaches, dimension lines and texts left out."""
    if isinstance(primitive, (Line, Dimension)):
        yield from (primitive.start, primitive.end)
    elif isinstance(primitive, Polyline):
        yield from primitive.points
    elif isinstance(primitive, Rect):
        x, y = primitive.corner
        yield from ((x, y), (x + primitive.width, y + primitive.height))
    elif isinstance(primitive, Arc):
        (x, y), r = primitive.centre, primitive.radius
        yield from ((x - r, y - r), (x + r, y + r))
    else:
        yield primitive.at
