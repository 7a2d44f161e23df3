"""How a box is brought in: end on in its mouth, then each turn with the angles that it passes through."""

from __future__ import annotations

from fractions import Fraction
from math import atan2, cos, degrees, hypot, radians, sin

from vasculum.core.lengths import Mm, show
from vasculum.core.passing import Room, Size, Sizes, Turn, Way, is_free, way_in, ways_through
from vasculum.drawing.primitives import OPENING_PAPER, Dimension, Paper, Point, Polyline, Rect, Sheet, Text, scale_for
from vasculum.drawing.sizes import Sizes as SizesOf
from vasculum.plan.laying.solving import SolvedPlan

ZERO = Fraction(0)
ANGLES = range(0, 91, 30)
OUTSIDE: dict[Size, str] = {"width": "carried_width", "height": "carried_height", "depth": "carried_depth"}
TURNED = {"up": "Seen from above", "across": "Seen from the side", "along": "Seen from the mouth"}
"""About which axis it is turned → from where the turn is seen."""
ROOM = {"across": "turning_across", "up": "turning_up", "along": "turning_along"}


def brought_in(plan: SolvedPlan, box: str, number: int, on: Paper = OPENING_PAPER) -> Sheet:
    """The way in of one box; without a mouth that was measured the sheet is empty.

    Where no way is free the nearest one is drawn, and what is in the way said.
    """
    sheet = Sheet("way_in", "The way in", place=box)
    at = SizesOf(plan, box, sheet)
    found = at.all_of("carried_width", "carried_height", "carried_depth", "mouth_width", "mouth_height")
    if found is None or at.own("passes_flat") is None:
        return sheet
    width, height, depth, mouth_width, mouth_height = found
    sizes: Sizes = {"width": width, "height": height, "depth": depth}
    room: Room = {"across": at.of("turning_across"), "up": at.of("turning_up"), "along": at.of("turning_along")}
    mouth = (mouth_width, mouth_height)
    free, through = way_in(sizes, mouth, room), ways_through(sizes, mouth)
    way = free or (through[0] if through else Way(("width", "height", "depth"), ()))
    return _Drawn(at, sizes, mouth, room, way, number, on).sheet


class _Drawn:
    """The pictures beside each other."""

    def __init__(
        self, at: SizesOf, sizes: Sizes, mouth: tuple[Mm, Mm], room: Room, way: Way, number: int, on: Paper
    ) -> None:
        self.at, self.sheet, self.sizes, self.room, self.number = at, at.sheet, sizes, room, number
        largest = max((*sizes.values(), *mouth, *(r for r in room.values() if r is not None)))
        self.gap = largest / 4
        fields = [max(mouth[0], sizes[way.lies[0]]), *(self._field(turn)[0] for turn in way.turns)]
        tall = max(mouth[1], sizes[way.lies[1]], *(self._field(turn)[1] for turn in way.turns), ZERO)
        self.sheet.scale = scale_for(sum(fields, ZERO) + self.gap * len(way.turns), tall, *on)
        left = self._mouth(mouth, way)
        for turn in way.turns:
            left = self._turn(left + self.gap, turn)

    def _mouth(self, mouth: tuple[Mm, Mm], way: Way) -> Mm:
        """The mouth, and the end that goes through it, standing on its lower edge; where the next picture may begin."""
        across, up = (self.sizes[size] for size in way.lies[:2])
        passes = across <= mouth[0] and up <= mouth[1]
        self.sheet.add(Rect("outline", "opening", (ZERO, ZERO), *mouth, self.at.key("mouth_width")))
        corner = ((mouth[0] - across) / 2, ZERO)
        key = self.at.key(OUTSIDE[way.lies[0]])
        self.sheet.add(Rect("fill" if passes else "obstruction", "box", corner, across, up, key, self.number))
        self.at.dimension("mouth_width", "across", Fraction(-7), (ZERO, ZERO), (mouth[0], ZERO))
        self.at.dimension("mouth_height", "up", Fraction(-7), (ZERO, ZERO), (ZERO, mouth[1]))
        top = max(mouth[1], up)
        for size, start, end, axis in (
            (way.lies[0], (corner[0], top), (corner[0] + across, top), "across"),
            (way.lies[1], (max(mouth[0], corner[0] + across), ZERO), (max(mouth[0], corner[0] + across), up), "up"),
        ):
            self.at.dimension(OUTSIDE[size], "across" if axis == "across" else "up", Fraction(7), start, end)
        self._said((mouth[0] / 2, ZERO), "In the mouth, end on" if passes else "It does not pass")
        return max(mouth[0], corner[0] + across)

    def _field(self, turn: Turn) -> tuple[Mm, Mm]:
        """How much room one turn is drawn in."""
        sweep = self._sweep(turn)
        rooms = [self.room[axis] for axis in turn.axes]
        return tuple(max(sweep, room or ZERO) for room in rooms)  # type: ignore[return-value]

    def _sweep(self, turn: Turn) -> Mm:
        return Fraction(round(hypot(*(float(self.sizes[size]) for size in turn.sizes)) * 100), 100)

    def _turn(self, left: Mm, turn: Turn) -> Mm:
        """The angles of one turn about its middle, in the room there is; where the next picture may begin."""
        wide, high = self._field(turn)
        middle = (left + wide / 2, high / 2)
        walls = [self.room[axis] for axis in turn.axes]
        if None not in walls:
            across, up = (wall or ZERO for wall in walls)
            corner = (middle[0] - across / 2, middle[1] - up / 2)
            self.sheet.add(Rect("outline", "opening", corner, across, up, self.at.key(ROOM[turn.axes[0]])))
        else:
            self._one_wall(turn, middle, (wide, high))
        one, other = (float(self.sizes[size]) for size in turn.sizes)
        for angle in sorted({*ANGLES, self._widest(one, other)}):
            is_end = angle in (0, 90)
            self.sheet.add(self._turned(middle, (one, other), angle, "cut" if is_end else "hidden"))
        sweep = self._sweep(turn)
        free = is_free(turn, self.sizes, self.room)
        text = show(sweep, self.at.plan.plan.units.length)
        offset = -Fraction(7)
        ends = ((middle[0] - sweep / 2, ZERO), (middle[0] + sweep / 2, ZERO))
        key = self.at.key("passes_flat")
        self.sheet.add(Dimension("dimensions", *ends, "across", offset, text, key))
        self._said((middle[0], ZERO), f"{TURNED[turn.about]}: {'turns free' if free else 'meets the wall'}")
        return left + wide

    def _one_wall(self, turn: Turn, middle: Point, size: tuple[Mm, Mm]) -> None:
        """Walls along one axis only: two lines, as far as the picture goes."""
        for axis, is_across in zip(turn.axes, (True, False), strict=True):
            wall = self.room[axis]
            if wall is not None:
                x, y = middle
                half = (wall / 2, size[1] / 2) if is_across else (size[0] / 2, wall / 2)
                for way in (-1, 1):
                    ends = (
                        ((x + way * half[0], y - half[1]), (x + way * half[0], y + half[1]))
                        if is_across
                        else ((x - half[0], y + way * half[1]), (x + half[0], y + way * half[1]))
                    )
                    self.sheet.add(Polyline("outline", "opening", ends, key=self.at.key(ROOM[axis])))

    @staticmethod
    def _widest(one: float, other: float) -> int:
        """The angle at which it stands highest, to a degree."""
        return round(degrees(atan2(one, other)))

    def _turned(self, middle: Point, size: tuple[float, float], angle: int, role: str) -> Polyline:
        half = (size[0] / 2, size[1] / 2)
        turn = (cos(radians(angle)), sin(radians(angle)))
        corners = []
        for x, y in ((-1, -1), (1, -1), (1, 1), (-1, 1)):
            across, up = x * half[0], y * half[1]
            point = (across * turn[0] - up * turn[1], across * turn[1] + up * turn[0])
            corners.append((middle[0] + _near(point[0]), middle[1] + _near(point[1])))
        key = self.at.key("passes_flat")
        return Polyline("cut" if role == "cut" else "hidden", "box", tuple(corners), is_closed=True, key=key)

    def _said(self, at: Point, text: str) -> None:
        """A line of words below a picture."""
        self.sheet.add(Text("label", "dimensions", (at[0], at[1] - 17 * self.sheet.scale), text, Fraction(3)))


def _near(size: float) -> Mm:
    """To a hundredth of a millimetre: a picture, not a size."""
    return Fraction(round(size * 100), 100)
