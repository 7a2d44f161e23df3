"""A drawing of each part: the inside face with what is cut into it, its profile, and the grain."""

from __future__ import annotations

from fractions import Fraction

from vasculum.core.flow import Key, key_text
from vasculum.core.lengths import Mm, show
from vasculum.drawing.primitives import Arc, Dimension, Line, Polyline, Rect, Sheet, Text, scale_for
from vasculum.plan.joinery import Joinery
from vasculum.plan.part import Part
from vasculum.plan.solving import SolvedPlan

PAPER = (110, 42)
ZERO = Fraction(0)
HOLE = Fraction(3, 2)
"""How large a screw hole is drawn, mm of the thing."""
FINEST = Fraction(1, 2)
"""Fingers and tails narrower than this on paper, in mm, would be a blot: they are told in words only."""


def part_sheet(plan: SolvedPlan, part: Part, tint: int = 1) -> Sheet:
    """One part, its length across; empty while a size waits."""
    mark = plan.plan.marks.get(part.id, "")
    hand = f" ({part.hand})" if part.hand else ""
    sheet = Sheet(f"part-{part.id.replace('/', '-')}", f"{mark}  {part.name}{hand}".strip())
    sizes = [plan.solved.value(*key) for key in (part.length, part.width, part.thickness)]
    if None in sizes:
        return sheet
    length, width, thickness = sizes
    sheet.scale = scale_for(length, width, *PAPER)
    drawn = _PartDrawing(plan, part, sheet, (length, width, thickness))
    sheet.add(Rect("fill", "part", (ZERO, ZERO), length, width, key_text(part.length), tint))
    for joinery in part.joinery:
        drawn.joinery(joinery)
    drawn.grain()
    drawn.profile()
    drawn.dimension(part.length, (ZERO, ZERO), (length, ZERO), "across", -8)
    drawn.dimension(part.width, (ZERO, ZERO), (ZERO, width), "up", -17)
    return sheet


class _PartDrawing:
    def __init__(self, plan: SolvedPlan, part: Part, sheet: Sheet, sizes: tuple[Mm, Mm, Mm]) -> None:
        self.plan, self.part, self.sheet = plan, part, sheet
        self.length, self.width, self.thickness = sizes
        self.profile_from = self.length + 26 * sheet.scale

    def value(self, key: Key | None) -> Mm | None:
        value: Mm | None = None if key is None else self.plan.solved.value(*key)
        return value

    def dimension(self, key: Key, start: tuple[Mm, Mm], end: tuple[Mm, Mm], way: str, offset: int) -> None:
        one = self.plan.solved.quantities[key]
        text = show(one.value, self.plan.plan.units.length)
        origin = "assumed" if one.rests_on and one.origin == "worked out" else one.origin
        is_up = way == "up"
        self.sheet.add(
            Dimension(
                "dimensions", start, end, "up" if is_up else "across", Fraction(offset), text, key_text(key), origin
            )
        )

    def joinery(self, one: Joinery) -> None:
        if one.kind == "rabbet_ends":
            self._rabbet(one)
            return
        if one.kind in ("rabbet_end", "dado", "slot", "tongue"):
            self._across(one)
            return
        if one.kind in ("fingers", "tails"):
            self._interlocking(one)
            return
        if one.kind == "rabbet_edge":
            self._edge(one)
            return
        if one.kind == "holes":
            self._holes(one)
            return
        if one.kind == "hole_line":
            self._hole_line(one)
            return
        if one.kind == "case_dado":
            self._case_dado(one)
            return
        if one.kind == "back_rabbet":
            self._back_rabbet(one)
            return
        if one.kind == "round":
            self._round(one)
            return
        if one.kind == "housing":
            self._housing(one)
            return
        if one.kind == "hand_hole":
            self._through(one)
            return
        from_edge = self.value(one.from_edge)
        if from_edge is None or one.from_edge is None:
            return
        key, at_edge = key_text(one.from_edge), self.length
        if one.kind == "line":
            self.sheet.add(Line("centre", "joinery", (ZERO, from_edge), (self.length, from_edge), key))
            self.dimension(one.from_edge, (ZERO, ZERO), (ZERO, from_edge), "up", -8)
            return
        groove = self.value(one.width)
        if groove is None:
            return
        for y in (from_edge, from_edge + groove):
            self.sheet.add(Line("cut", "joinery", (ZERO, y), (self.length, y), key))
        self.dimension(one.from_edge, (at_edge, ZERO), (at_edge, from_edge), "up", 6)

    def _ends(self, one: Joinery) -> list[int]:
        """Which ends it is cut at: 0 left, 1 right. A left side has its front on the left, a right one on the right."""
        if one.end is None:
            return [0, 1]
        return [int((one.end == "back") != (self.part.hand == "R"))]

    def _x(self, end: int, distance: Mm) -> Mm:
        return self.length - distance if end else distance

    def _across(self, one: Joinery) -> None:
        """A cut across the face near an end: from its distance, as wide as it is."""
        begins, width = self.value(one.from_edge) or ZERO, self.value(one.width)
        if width is None or one.width is None:
            return
        for end in self._ends(one):
            edges = (begins, begins + width) if begins else (width,)
            for distance in edges:
                x = self._x(end, distance)
                self.sheet.add(Line("cut", "joinery", (x, ZERO), (x, self.width), key_text(one.width)))
        end = self._ends(one)[0]
        if one.from_edge is not None:
            edge, near = self._x(end, ZERO), self._x(end, begins)
            ends = ((min(edge, near), self.width), (max(edge, near), self.width))
            self.dimension(one.from_edge, *ends, "across", 6)

    def _interlocking(self, one: Joinery) -> None:
        """Where fingers or tails begin and end along the end of the part."""
        width, depth = self.value(one.width), self.value(one.depth)
        count = None if one.count is None else self.value(one.count)
        if width is None or depth is None or count is None or one.width is None or width < FINEST * self.sheet.scale:
            return
        shift = ZERO if one.kind == "fingers" else width / 2
        for end in self._ends(one):
            edge, inner = self._x(end, ZERO), self._x(end, depth)
            self.sheet.add(Line("cut", "joinery", (inner, ZERO), (inner, self.width), key_text(one.width)))
            for number in range(int(count) + (one.kind == "tails")):
                y = width * number + shift if one.kind == "tails" else width * (number + 1)
                if 0 < y < self.width:
                    self.sheet.add(Line("cut", "joinery", (edge, y), (inner, y), key_text(one.width)))

    def _edge(self, one: Joinery) -> None:
        """A rabbet along the lower edge."""
        height = self.value(one.width)
        if height is None or one.width is None:
            return
        self.sheet.add(Line("cut", "joinery", (ZERO, height), (self.length, height), key_text(one.width)))
        self.dimension(one.width, (self.length, ZERO), (self.length, height), "up", 6)

    def _holes(self, one: Joinery) -> None:
        """Screw holes on a line, from the front end: left on a left side, right on a right one."""
        line, holes = self.value(one.from_edge), None if one.width is None else self.plan.solved.value(*one.width)
        if line is None or holes is None or one.width is None:
            return
        for hole in holes:
            at = (self._x(int(self.part.hand == "R"), hole), line)
            self.sheet.add(Arc("cut", "joinery", at, HOLE, 0, 360, key_text(one.width)))

    def _hole_line(self, one: Joinery) -> None:
        """Holes across a board of the case, from its front edge, which is the lower one."""
        begins, holes = self.value(one.from_edge), None if one.width is None else self.plan.solved.value(*one.width)
        if begins is None or holes is None or one.from_edge is None or one.width is None:
            return
        x = self._x(int("upper" in one.what), begins)
        self.sheet.add(Line("centre", "joinery", (x, ZERO), (x, self.width), key_text(one.from_edge)))
        for hole in holes:
            self.sheet.add(Arc("cut", "joinery", (x, hole), HOLE, 0, 360, key_text(one.width)))
        edge = self._x(int("upper" in one.what), ZERO)
        ends = ((min(edge, x), self.width), (max(edge, x), self.width))
        self.dimension(one.from_edge, *ends, "across", 6)

    def _case_dado(self, one: Joinery) -> None:
        middle, width = self.value(one.from_edge), self.value(one.width)
        if middle is None or width is None or one.from_edge is None:
            return
        x = self._x(int("upper" in one.what), middle)
        for at in (x - width / 2, x + width / 2):
            self.sheet.add(Line("cut", "joinery", (at, ZERO), (at, self.width), key_text(one.from_edge)))

    def _back_rabbet(self, one: Joinery) -> None:
        """A rabbet along the back edge, which is the upper one."""
        width = self.value(one.width)
        if width is None or one.width is None:
            return
        y = self.width - width
        self.sheet.add(Line("cut", "joinery", (ZERO, y), (self.length, y), key_text(one.width)))
        self.dimension(one.width, (self.length, y), (self.length, self.width), "up", 6)

    def _round(self, one: Joinery) -> None:
        """A rabbet along all four edges."""
        width = self.value(one.width)
        if width is None or one.width is None:
            return
        inner = (self.length - 2 * width, self.width - 2 * width)
        self.sheet.add(Rect("cut", "joinery", (width, width), *inner, key_text(one.width)))
        self.dimension(one.width, (ZERO, self.width), (width, self.width), "across", 6)

    def _housing(self, one: Joinery) -> None:
        """A housing across the back of a face: seen from within, the left side is on the right."""
        begins, width = self.value(one.from_edge), self.value(one.width)
        if begins is None or width is None or one.from_edge is None:
            return
        end = int("left" in one.what)
        for distance in (begins, begins + width):
            x = self._x(end, distance)
            self.sheet.add(Line("cut", "joinery", (x, ZERO), (x, self.width), key_text(one.from_edge)))
        edge, near = self._x(end, ZERO), self._x(end, begins)
        ends = ((min(edge, near), self.width), (max(edge, near), self.width))
        self.dimension(one.from_edge, *ends, "across", 6)

    def _through(self, one: Joinery) -> None:
        """A hole right through, in the middle of the length."""
        begins, width, height = (self.value(key) for key in (one.from_edge, one.width, one.depth))
        if begins is None or width is None or height is None or one.from_edge is None:
            return
        corner = ((self.length - width) / 2, begins)
        self.sheet.add(Rect("cut", "joinery", corner, width, height, key_text(one.from_edge)))
        self.dimension(one.from_edge, (self.length, ZERO), (self.length, begins), "up", 6)

    def _rabbet(self, one: Joinery) -> None:
        width = self.value(one.width)
        if width is None or one.width is None:
            return
        for x in (width, self.length - width):
            self.sheet.add(Line("cut", "joinery", (x, ZERO), (x, self.width), key_text(one.width)))
        self.dimension(one.width, (ZERO, self.width), (width, self.width), "across", 6)
        self._edge_view(one, width)

    def _edge_view(self, one: Joinery, width: Mm) -> None:
        """Above the face: the upper edge, inside face down, with both rabbets."""
        depth = self.value(one.depth)
        if depth is None or one.depth is None:
            return
        base = self.width + 16 * self.sheet.scale
        length, top = self.length, base + self.thickness
        points = (
            (ZERO, base + depth), (width, base + depth), (width, base), (length - width, base),
            (length - width, base + depth), (length, base + depth), (length, top), (ZERO, top),
        )  # fmt: skip
        self.sheet.add(Polyline("cut", "part", points, True, key_text(one.depth)))
        self.dimension(one.depth, (length, base), (length, base + depth), "up", 6)

    def grain(self) -> None:
        """An arrow along the grain, or a word where it is free."""
        if self.part.grain != "length":
            word = "grain free" if self.part.grain == "free" else "in its place on the panel"
            self.sheet.add(Text("grain", "part", (self.length / 2, self.width * Fraction(3, 5)), word, Fraction(3)))
            return
        y = self.width * Fraction(3, 5)
        middle, half = self.length / 2, min(self.length / 4, 18 * Fraction(self.sheet.scale))
        head = Fraction(3, 2) * self.sheet.scale
        for start, end in ((middle - half, middle + half), (middle + half, middle - half)):
            back = head if end > start else -head
            points = ((end - back, y + head / 2), (end, y), (end - back, y - head / 2))
            self.sheet.add(Polyline("grain", "part", points))
        self.sheet.add(Line("grain", "part", (middle - half, y), (middle + half, y)))
        at = (middle, y + Fraction(6, 5) * self.sheet.scale)
        self.sheet.add(Text("grain", "part", at, "grain", Fraction(3)))

    def profile(self) -> None:
        """Beside the face: the part from its end, inside face to the left, with its groove."""
        x, right = self.profile_from, self.profile_from + self.thickness
        groove = next((j for j in self.part.joinery if j.kind == "groove"), None)
        sizes = [self.value(k) for k in (groove.from_edge, groove.width, groove.depth)] if groove else []
        points: tuple[tuple[Mm, Mm], ...] = ((x, ZERO), (right, ZERO), (right, self.width), (x, self.width))
        if groove and groove.depth and None not in sizes:
            up, wide, deep = (s for s in sizes if s is not None)
            notch = ((x, up + wide), (x + deep, up + wide), (x + deep, up), (x, up))
            points = (*points, *notch)
            self.dimension(groove.depth, (x, ZERO), (x + deep, ZERO), "across", -8)
        self.sheet.add(Polyline("cut", "part", points, True, key_text(self.part.thickness)))
        self.dimension(self.part.thickness, (x, self.width), (right, self.width), "across", 6)
