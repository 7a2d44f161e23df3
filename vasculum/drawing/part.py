"""A drawing of each piece: its inside face with what is cut into it, its profile, and the grain."""

from __future__ import annotations

from fractions import Fraction

from vasculum.core.flow import AXES, TOWARDS, Key, key_text
from vasculum.core.flow.things import Datum
from vasculum.core.lengths import Mm, show
from vasculum.drawing.primitives import FIRST, STEP, Arc, Dimension, Line, Paper, Polyline, Rect, Sheet, Text, scale_for
from vasculum.drawing.strokes import TEXT_HEIGHT, WIDTH_OF_LETTER
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.making.piece import Cut, Piece
from vasculum.plan.making.regions import Region, is_across, points, regions
from vasculum.plan.telling.words import piece_name

PAPER: Paper = (110, 42)
ZERO = Fraction(0)
HOLE = Fraction(3, 2)
"""How large a screw hole is drawn, mm of the thing."""
FINEST = Fraction(1, 2)
"""Fingers and tails narrower than this on paper, in mm, would be a blot: they are told in words only."""


def part_sheet(plan: SolvedPlan, piece: Piece, tint: int = 1, on: Paper = PAPER) -> Sheet:
    """One piece, its length across; empty while a size waits."""
    mark = plan.plan.marks.get(piece.id, "")
    hand = f" ({piece.hand})" if piece.hand else ""
    sheet = Sheet(f"part-{piece.id.replace('/', '-')}", f"{mark}  {piece_name(plan.plan, piece)}{hand}".strip())
    if piece.size is None:
        return sheet
    length, width, _ = piece.size
    sheet.scale = scale_for(length, width, *on)
    drawn = _PieceDrawing(plan, piece, sheet, piece.size)
    sheet.add(Rect("fill", "part", (ZERO, ZERO), length, width, key_text(piece.length), tint))
    for cut in piece.cuts:
        drawn.cut(cut)
    drawn.grain()
    drawn.profile()
    drawn.dimension(piece.length, (ZERO, ZERO), (length, ZERO), "across", -8)
    drawn.dimension(piece.width, (ZERO, ZERO), (ZERO, width), "up", drawn.beyond_marks())
    return sheet


def is_turned(piece: Piece) -> bool:
    """Whether the inside face, looked at with its width upright, has the low end of the length on the right."""
    stand = piece.stand
    if stand is None:
        return False
    order = [AXES.index(axis) for axis in (stand.thick, stand.width, stand.length)]
    is_even = order in ([0, 1, 2], [1, 2, 0], [2, 0, 1])
    return (stand.inside > 0) == is_even


class _PieceDrawing:
    def __init__(self, plan: SolvedPlan, piece: Piece, sheet: Sheet, size: tuple[Mm, Mm, Mm]) -> None:
        self.plan, self.piece, self.sheet = plan, piece, sheet
        self.length, self.width, self.thickness = size
        self.turned = is_turned(piece)
        self.profile_from = self.length + 15 * sheet.scale

    def beyond_marks(self) -> int:
        """How far left of the piece its width stands: past the heights of marks and their figures, mm on paper."""
        marks = [
            len(one.text) for one in self.sheet.primitives
            if isinstance(one, Dimension) and one.way == "up" and one.offset == -FIRST
        ]  # fmt: skip
        return -int(FIRST + (STEP if marks else 0) + max(marks, default=0) * Fraction(TEXT_HEIGHT * WIDTH_OF_LETTER))

    def dimension(
        self, key: Key, start: tuple[Mm, Mm], end: tuple[Mm, Mm], way: str, offset: int, stood: Mm | None = None
    ) -> None:
        """A dimension of one quantity, or of what stood somewhere because of it."""
        one = self.plan.solved.quantities[key]
        text = show(one.value if stood is None else stood, self.plan.plan.units.length)
        origin = "assumed" if one.rests_on and one.origin == "worked out" else one.origin
        is_up = way == "up"
        self.sheet.add(
            Dimension(
                "dimensions", start, end, "up" if is_up else "across", Fraction(offset), text, key_text(key), origin
            )
        )

    def x(self, along: Mm) -> Mm:
        """A place along the piece as it is looked at."""
        return self.length - along if self.turned else along

    # ---- cuts ----------------------------------------------------------------------------------------------------

    def cut(self, cut: Cut) -> None:
        """The outlines of what is taken out; of a mark its line; holes as circles; the distance that sets the fence."""
        rule = cut.rule
        key = key_text(cut.keys[rule.at or rule.width])
        found = regions(self.plan, self.piece, cut)
        if rule.what in ("fingers", "tails") and self._is_too_fine(found):
            return
        if rule.what == "round" and found:
            self._round(cut, key)
            return
        for one in found:
            if rule.what == "bores":
                self._bore(one, key)
            else:
                self._outline(one, key, as_rect=rule.what == "hole")
        if rule.what == "line":
            self._line(cut, key)
        for along, across in points(self.plan, self.piece, cut):
            self.sheet.add(Arc("cut", "joinery", (self.x(along), across), HOLE, 0, 360, key_text(cut.keys[rule.holes])))
        if rule.what == "holes" and is_across(self.piece, rule.datums[0]):
            self._line(cut, key)
        if rule.what == "rabbet" and len(rule.datums) > 1:
            self._edge_view(cut, found)
        self._distance(cut)

    def _is_too_fine(self, found: list[Region]) -> bool:
        return all(high - low < FINEST * self.sheet.scale for _, (low, high), _ in found)

    def _outline(self, one: Region, key: str, as_rect: bool) -> None:
        """The edges of a cut that are not edges of the piece."""
        (left, right), (low, high) = sorted(map(self.x, one.along)), one.across
        if as_rect:
            self.sheet.add(Rect("cut", "joinery", (left, low), right - left, high - low, key))
            return
        for x in (left, right):
            if 0 < x < self.length:
                self.sheet.add(Line("cut", "joinery", (x, low), (x, high), key))
        for y in (low, high):
            if 0 < y < self.width:
                self.sheet.add(Line("cut", "joinery", (left, y), (right, y), key))

    def _bore(self, one: Region, key: str) -> None:
        """A round opening inside its square."""
        (left, right), (low, high) = sorted(map(self.x, one.along)), one.across
        middle = ((left + right) / 2, (low + high) / 2)
        self.sheet.add(Arc("cut", "joinery", middle, (right - left) / 2, 0, 360, key))

    def _round(self, cut: Cut, key: str) -> None:
        """A rabbet along all four edges."""
        width = self.plan.solved.value(*cut.keys[cut.rule.width])
        inner = (self.length - 2 * width, self.width - 2 * width)
        self.sheet.add(Rect("cut", "joinery", (width, width), *inner, key))
        self.dimension(cut.keys[cut.rule.width], (ZERO, self.width), (width, self.width), "across", 6)

    def _line(self, cut: Cut, key: str) -> None:
        """The centre of something, so far from an edge or an end."""
        datum, at = cut.rule.datums[0], cut.value(self.plan, cut.rule.at)
        if at is None:
            return
        if is_across(self.piece, datum):
            x = self._from_end(cut, at)
            self.sheet.add(Line("centre", "joinery", (x, ZERO), (x, self.width), key))
        else:
            edge, y = self._edge(datum), self._across(datum, at)
            self.sheet.add(Line("centre", "joinery", (ZERO, y), (self.length, y), key))
            self.dimension(cut.keys[cut.rule.at], (ZERO, edge), (ZERO, y), "up", -int(FIRST))

    def _from_end(self, cut: Cut, distance: Mm) -> Mm:
        """A distance from the finished end that a cut is measured from, on the drawing of the core."""
        is_low, low = TOWARDS[cut.rule.datums[0]][1] < 0, self.piece.low_band(0)
        return self.x(distance - low if is_low else self.length + self.piece.bands_along(0) - low - distance)

    def _across(self, datum: Datum, distance: Mm) -> Mm:
        """A distance from a finished edge, on the drawing of the core."""
        return self._edge(datum) + (distance if TOWARDS[datum][1] < 0 else -distance)

    def _edge(self, datum: Datum) -> Mm:
        """A finished edge, on the drawing of the core: beyond it by its band."""
        low = self.piece.low_band(1)
        return -low if TOWARDS[datum][1] < 0 else self.width + self.piece.bands_along(1) - low

    def _distance(self, cut: Cut) -> None:
        """The dimension from the datum to the cut, or how wide an edge that is taken off is."""
        rule = cut.rule
        name = rule.at or ("" if rule.what in ("fingers", "tails", "tongue", "hole", "mitre", "cutout") else rule.width)
        value = cut.value(self.plan, name)
        if value is None or rule.what == "line" or (rule.what == "holes" and not is_across(self.piece, rule.datums[0])):
            return
        if is_across(self.piece, rule.datums[0]):
            ends = sorted((self._from_end(cut, ZERO), self._from_end(cut, value)))
            self.dimension(
                cut.keys[name], (ends[0], self.width), (ends[1], self.width), "across", 6, cut.stood.get(name)
            )
        else:
            ends = sorted((self._edge(rule.datums[0]), self._across(rule.datums[0], value)))
            self.dimension(cut.keys[name], (self.length, ends[0]), (self.length, ends[1]), "up", 6, cut.stood.get(name))

    def _edge_view(self, cut: Cut, found: list[Region]) -> None:
        """Above the face: the upper edge, inside face down, with the rabbets at both ends."""
        if len(found) != 2:
            return
        width, depth = found[0].along[1] - found[0].along[0], found[0].deep[1]
        base = self.width + 16 * self.sheet.scale
        length, top = self.length, base + self.thickness
        outline = (
            (ZERO, base + depth), (width, base + depth), (width, base), (length - width, base),
            (length - width, base + depth), (length, base + depth), (length, top), (ZERO, top),
        )  # fmt: skip
        key = cut.keys[cut.rule.depth]
        self.sheet.add(Polyline("cut", "part", outline, True, key_text(key)))
        self.dimension(key, (length, base), (length, base + depth), "up", 6)

    # ---- the piece itself ----------------------------------------------------------------------------------------

    def grain(self) -> None:
        """An arrow along the grain, with its word where there is room, or a word where it is free."""
        if self.piece.grain != "length":
            word = "grain free" if self.piece.grain == "free" else "in its place on the panel"
            self.sheet.add(Text("grain", "part", (self.length / 2, self.width * Fraction(3, 5)), word, Fraction(3)))
            return
        y = self.width * Fraction(3, 5)
        middle, half = self.length / 2, min(self.length / 4, 18 * Fraction(self.sheet.scale))
        head = Fraction(3, 2) * self.sheet.scale
        for start, end in ((middle - half, middle + half), (middle + half, middle - half)):
            back = head if end > start else -head
            arrow = ((end - back, y + head / 2), (end, y), (end - back, y - head / 2))
            self.sheet.add(Polyline("grain", "part", arrow))
        self.sheet.add(Line("grain", "part", (middle - half, y), (middle + half, y)))
        at = (middle, y + Fraction(6, 5) * self.sheet.scale)
        if at[1] + Fraction(4) * self.sheet.scale < self.width:
            self.sheet.add(Text("grain", "part", at, "grain", Fraction(3)))

    def profile(self) -> None:
        """Beside the face: the piece from its end, inside face to the left, with its groove."""
        x, right = self.profile_from, self.profile_from + self.thickness
        groove = next((c for c in self.piece.cuts if c.rule.what == "groove" and c.rule.face == "inside"), None)
        outline: tuple[tuple[Mm, Mm], ...] = ((x, ZERO), (right, ZERO), (right, self.width), (x, self.width))
        for one in regions(self.plan, self.piece, groove) if groove else []:
            (low, high), (_, deep) = one.across, one.deep
            outline = (*outline, (x, high), (x + deep, high), (x + deep, low), (x, low))
            if groove is not None:
                self.dimension(groove.keys[groove.rule.depth], (x, ZERO), (x + deep, ZERO), "across", -8)
        self.sheet.add(Polyline("cut", "part", outline, True, key_text(self.piece.thickness)))
        self.dimension(self.piece.thickness, (x, self.width), (right, self.width), "across", 6)
