"""The opening with its drawer: elevation from the front, section from the side.

The origin is the clear front lower left corner. What has no size yet is left out; the rest is drawn.
"""

from __future__ import annotations

from fractions import Fraction

from vasculum.core.flow import key_text
from vasculum.core.lengths import Mm, show
from vasculum.drawing.primitives import Dimension, Layer, Line, Point, Rect, Sheet, Text, Way, scale_for
from vasculum.plan.parts import nearest_key
from vasculum.plan.solving import SolvedPlan

PAPER = (115, 95)
"""Mm on paper for the thing itself; dimensions stand around it."""
FIRST, STEP = Fraction(7), Fraction(8)
"""Distance of the first dimension line, and between lines, mm on paper."""


class _Sizes:
    """Sizes of one drawer by name, None while they wait; collects what is drawn."""

    def __init__(self, plan: SolvedPlan, drawer: str, sheet: Sheet) -> None:
        self.plan, self.drawer, self.sheet = plan, drawer, sheet

    def key(self, name: str) -> str:
        return key_text(nearest_key(self.plan, self.drawer, name))

    def of(self, name: str) -> Mm | None:
        value: Mm | None = self.plan.solved.value(*nearest_key(self.plan, self.drawer, name))
        return value

    def all_of(self, *names: str) -> tuple[Mm, ...] | None:
        values = [self.of(name) for name in names]
        return tuple(v for v in values if v is not None) if None not in values else None

    def dimension(self, name: str, way: Way, offset: Mm, start: Point, end: Point, layer: Layer = "dimensions") -> None:
        """Draw a dimension that shows one quantity."""
        key = nearest_key(self.plan, self.drawer, name)
        one = self.plan.solved.quantities[key]
        text = show(one.value, self.plan.plan.units.length)
        origin = "assumed" if one.rests_on and one.origin == "worked out" else one.origin
        self.sheet.add(Dimension(layer, start, end, way, offset, text, key_text(key), origin))


def opening_sheets(plan: SolvedPlan) -> list[Sheet]:
    """Elevation and section of every space, in order."""
    sheets = []
    for number, space in enumerate(plan.plan.space_order, 1):
        drawer = plan.plan.spaces[space].holds
        sheets += [elevation(plan, drawer, number), section(plan, drawer, number)]
    return sheets


def elevation(plan: SolvedPlan, drawer: str, tint: int) -> Sheet:
    """The opening from the front: front in its gaps, box, runners and packing behind it as hidden lines."""
    sheet = Sheet("elevation", "Elevation, from the front")
    sizes = _Sizes(plan, drawer, sheet)
    opening = sizes.all_of("opening_width", "opening_height", "clear_stands_in")
    if opening is None:
        return sheet
    width, height, stands_in = opening
    left = -stands_in
    sheet.scale = scale_for(width, height, *PAPER)
    _front(sizes, left, tint)
    _box_from_front(sizes)
    sheet.add(Rect("outline", "opening", (left, Fraction(0)), width, height, sizes.key("opening_width")))
    _readings(sizes, left, width, height)
    right = left + width
    sizes.dimension("opening_width", "across", -FIRST, (left, Fraction(0)), (right, Fraction(0)))
    edge = min(left, -(sizes.of("packing_left") or Fraction(0)))
    sizes.dimension("opening_height", "up", -FIRST, (edge, Fraction(0)), (edge, height))
    return sheet


def _front(sizes: _Sizes, left: Mm, tint: int) -> None:
    front = sizes.all_of("front_width_cut", "front_height_cut", "gap_beside", "gap_above_below", "opening_height")
    if front is None:
        return
    width, height, beside, below, opening_height = front
    x, top = left + beside, below + height
    sizes.sheet.add(Rect("fill", "front", (x, below), width, height, sizes.key("front_width_cut"), tint))
    sizes.dimension("front_width_cut", "across", FIRST, (x, opening_height), (x + width, opening_height))
    right = _right_edge(sizes, left + 2 * beside + width)
    sizes.dimension("front_height_cut", "up", FIRST, (right, below), (right, top))
    sizes.sheet.add(
        Text(
            "label", "front", (x + width / 2, below + height / 2), str(tint), Fraction(7), key=sizes.key("front_width")
        )
    )


def _right_edge(sizes: _Sizes, opening_right: Mm) -> Mm:
    """Where dimensions on the right may begin: past the opening and past the packing behind it."""
    cell, packing = sizes.of("cell_width"), sizes.of("packing_right")
    return opening_right if cell is None or packing is None else max(opening_right, cell + packing)


def _box_from_front(sizes: _Sizes) -> None:
    box = sizes.all_of("cell_width", "outside_width", "outside_height", "play_below", "opening_height")
    if box is None:
        return
    cell, width, height, below, opening_height = box
    x = (cell - width) / 2
    sheet = sizes.sheet
    sheet.add(Rect("hidden", "box", (x, below), width, height, sizes.key("outside_width")))
    sizes.dimension("outside_width", "across", FIRST + STEP, (x, opening_height), (x + width, opening_height))
    edge = _right_edge(sizes, cell + (sizes.of("clear_stands_in") or Fraction(0)))
    sizes.dimension("outside_height", "up", FIRST + STEP, (edge, below), (edge, below + height))
    runner = sizes.all_of("runner_line_built", "runner_height", "runner_side_clearance")
    if runner is None:
        return
    line, runner_height, clearance = runner
    for corner in (x - clearance, x + width):
        at = (corner, line - runner_height / 2)
        sheet.add(Rect("hidden", "runners", at, clearance, runner_height, sizes.key("runner_line_built")))
    _packing(sizes, cell, line - runner_height / 2, runner_height)
    beyond = Fraction(2) * sheet.scale
    ends = ((-beyond, line), (cell + beyond, line))
    sheet.add(Line("centre", "runners", *ends, sizes.key("runner_line_built")))


def _packing(sizes: _Sizes, cell: Mm, from_floor: Mm, height: Mm) -> None:
    """Packing strips behind the runners, out to the inside of the case."""
    packing = sizes.all_of("packing_left", "packing_right")
    if packing is None:
        return
    left, right = packing
    for name, x, width in (("packing_left", -left, left), ("packing_right", cell, right)):
        if width > 0:
            sizes.sheet.add(Rect("hidden", "runners", (x, from_floor), width, height, sizes.key(name)))


_LEVELS = {"low": Fraction(1, 6), "middle": Fraction(1, 2), "high": Fraction(5, 6)}
_SIDES = {"left": Fraction(1, 8), "middle": Fraction(1, 2), "right": Fraction(7, 8)}


def _readings(sizes: _Sizes, left: Mm, width: Mm, height: Mm) -> None:
    """Where the tape was held across the front: a line for each reading of the outer survey, with what it said."""
    plan = sizes.plan.plan
    space = next(s for s in plan.spaces.values() if s.holds == sizes.drawer)
    outer = space.frame or space.case
    taken: set[Mm] = set()
    for id_ in plan.reading_order:
        reading = plan.readings[id_]
        if reading.survey != outer or reading.along in ("middle", "back"):
            continue
        text = show(plan.length(reading.value), plan.units.length)
        key = key_text((id_, reading.of))
        small = Fraction(28, 10)
        lift = Fraction(sizes.sheet.scale)
        if reading.of == "width" and reading.level:
            y = height * _LEVELS[reading.level]
            if y not in taken:
                taken.add(y)
                sizes.sheet.add(Line("reading", "readings", (left, y), (left + width, y), key))
                at = (left + width * Fraction(3, 10), y + lift)
                sizes.sheet.add(Text("reading", "readings", at, text, small, key=key))
        elif reading.of == "height" and reading.side:
            x = left + width * _SIDES[reading.side]
            sizes.sheet.add(Line("reading", "readings", (x, Fraction(0)), (x, height), key))
            at = (x - lift, height * Fraction(1, 3))
            sizes.sheet.add(Text("reading", "readings", at, text, small, turn=90, key=key))


def section(plan: SolvedPlan, drawer: str, tint: int) -> Sheet:
    """The opening from the side, cut through the middle: front, box, bottom and runner in the depth."""
    sheet = Sheet("section", "Section, from the side")
    sizes = _Sizes(plan, drawer, sheet)
    space = sizes.all_of("clear_depth", "opening_height")
    if space is None:
        return sheet
    depth, height = space
    sheet.scale = scale_for(depth, height, *PAPER)
    zero = Fraction(0)
    for start, end in (
        ((zero, zero), (depth, zero)),
        ((depth, zero), (depth, height)),
        ((depth, height), (zero, height)),
    ):
        sheet.add(Line("outline", "opening", start, end, sizes.key("clear_depth")))
    sizes.dimension("clear_depth", "across", -FIRST - STEP, (zero, zero), (depth, zero))
    front = sizes.all_of("front_thickness", "front_height_cut", "gap_above_below")
    if front is not None:
        thickness, front_height, below = front
        sheet.add(Rect("cut", "front", (zero, below), thickness, front_height, sizes.key("front_thickness"), tint))
    _box_from_side(sizes, tint, depth, height)
    return sheet


def _box_from_side(sizes: _Sizes, tint: int, depth: Mm, height: Mm) -> None:
    box = sizes.all_of(
        "set_back", "outside_depth", "outside_height", "play_below", "box_front_thickness", "box_back_thickness"
    )
    if box is None:
        return
    start, box_depth, box_height, below, front, back = box
    sheet, end = sizes.sheet, start + box_depth
    bottom = sizes.all_of("bottom_depth_cut", "bottom_thickness", "wall_height_cut")
    sheet.add(Rect("fill", "box", (start, below), box_depth, box_height, sizes.key("outside_depth"), tint))
    if bottom is not None:
        length, thickness, wall = bottom
        wall_from = below + box_height - wall
        for x, t in ((start, front), (end - back, back)):
            sheet.add(Rect("cut", "box", (x, wall_from), t, wall, sizes.key("wall_height_cut"), tint))
        raised = sizes.of("bottom_raise") if sizes.of("groove_width") is not None else Fraction(0)
        at = (start + (box_depth - length) / 2, below + (raised or Fraction(0)))
        sheet.add(Rect("cut", "box", at, length, thickness, sizes.key("bottom_depth_cut"), tint))
    sizes.dimension("outside_depth", "across", FIRST, (start, height), (end, height))
    sizes.dimension("outside_height", "up", FIRST, (depth, below), (depth, below + box_height))
    _runner_from_side(sizes, start)


def _runner_from_side(sizes: _Sizes, start: Mm) -> None:
    runner = sizes.all_of("runner_length", "runner_height", "runner_line_built")
    if runner is None:
        return
    length, runner_height, line = runner
    zero = Fraction(0)
    at = (start, line - runner_height / 2)
    sizes.sheet.add(Rect("hidden", "runners", at, length, runner_height, sizes.key("runner_length")))
    beyond = Fraction(2) * sizes.sheet.scale
    sizes.sheet.add(
        Line(
            "centre", "runners", (start - beyond, line), (start + length + beyond, line), sizes.key("runner_line_built")
        )
    )
    sizes.dimension("runner_length", "across", -FIRST, (start, zero), (start + length, zero))
    sizes.dimension("runner_line_built", "up", -FIRST, (zero, zero), (zero, line))
