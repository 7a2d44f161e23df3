"""The opening with its cells from the front.

The origin is the clear front lower left corner. What has no size yet is left out; the rest is drawn.
"""

from __future__ import annotations

from fractions import Fraction

from vasculum.core.flow import key_text
from vasculum.core.lengths import Mm, show
from vasculum.core.rules.organizers.hanging import FROM_THE_FRONT as HANGING
from vasculum.core.rules.organizers.parts_tray import FROM_THE_FRONT as PARTS_TRAYS
from vasculum.core.rules.organizers.rack import PARTS as RACK_PARTS
from vasculum.core.rules.shelves.board import SHELVES
from vasculum.drawing.above import above
from vasculum.drawing.carcass import case_from_front, edges_from_front, niche_from_front
from vasculum.drawing.carriers import RUNNER_LINES, carriers
from vasculum.drawing.dimensions import many_dimensions, outer_dimensions, single_dimensions
from vasculum.drawing.in_the_way import from_the_front
from vasculum.drawing.panel import matched_splits, panel_of
from vasculum.drawing.primitives import CAPITAL, OPENING_PAPER, Arc, Line, Paper, Rect, Role, Sheet, Text, scale_for
from vasculum.drawing.section import column_of, section
from vasculum.drawing.sizes import Sizes
from vasculum.drawing.standing import own_parts, standing
from vasculum.drawing.way_in import brought_in
from vasculum.plan.laying.layout import BOXES, Node, boxes_of, numbers_of
from vasculum.plan.laying.solving import SolvedPlan, nodes_in

ZERO = Fraction(0)
PULL = Fraction(8)
"""How large a pull is drawn, mm: it stands for whatever is screwed on."""
LABEL_HEIGHT = Fraction(9, 2)
"""Of a cell's number and name, mm on paper. A star beside the number: the cell differs from the plan."""
LABEL_SHARE = Fraction(17, 50)
"""A label is no higher than this share of a low cell: between the runner line in its middle and its upper edge."""
LABEL_OFF = Fraction(6, 5)
"""How far a label stands off lines, mm on paper."""


def opening_sheets(plan: SolvedPlan) -> list[Sheet]:
    """The elevation of every space, then what stands behind it."""
    return [*(elevation(plan, space) for space in plan.plan.space_order), *behind(plan)]


def behind(plan: SolvedPlan, on: Paper = OPENING_PAPER) -> list[Sheet]:
    """A section through every column, a plan view of every box, how each size of box goes in, and matched panels."""
    numbers = numbers_of(plan.plan)
    sheets = []
    for space in plan.plan.space_order:
        boxes = [node.id for node in boxes_of(plan.plan) if node.space == space]
        sheets += [section(plan, cell, on) for cell in _one_of_each_column(plan, space, boxes)]
        sheets += [above(plan, space, box, numbers, on) for box in boxes]
        ways = [brought_in(plan, box, numbers[box], on) for box in _one_of_each_size(plan, boxes)]
        sheets += [way for way in ways if way.primitives]
    return sheets + [panel_of(plan, split, on) for split in matched_splits(plan)]


def _one_of_each_column(plan: SolvedPlan, space: str, boxes: list[str]) -> list[str]:
    """Boxes above each other share a section; a space without one is cut through its middle."""
    found: dict[tuple[str, ...], str] = {}
    for box in boxes or [plan.plan.spaces[space].holds]:
        found.setdefault(tuple(column_of(plan, box)), box)
    return list(found.values())


def _one_of_each_size(plan: SolvedPlan, boxes: list[str]) -> list[str]:
    """Boxes of the same outside go in the same way."""
    names = ("carried_width", "carried_height", "carried_depth")
    found = {tuple(plan.solved.value(box, name) for name in names): box for box in reversed(boxes)}
    return [box for box in boxes if box in found.values()]


def elevation(plan: SolvedPlan, space: str, on: Paper = OPENING_PAPER) -> Sheet:
    """A space from the front: fronts in their gaps, boxes, runners and packing behind them as hidden lines."""
    sheet = Sheet("elevation", "Elevation, from the front", place=space)
    sizes = Sizes(plan, space, sheet)
    opening = sizes.all_of("opening_width", "opening_height", "clear_stands_in")
    if opening is None:
        return sheet
    width, height, stands_in = opening
    left = -stands_in
    whole = (sizes.of("niche_width") or width, sizes.of("niche_height") or height)
    sheet.scale = scale_for(max(width, whole[0]), max(height, whole[1]), *on)
    nodes = nodes_in(plan, space)
    numbers = numbers_of(plan.plan)
    sheet.add(*case_from_front(sizes))
    sheet.add(*from_the_front(sizes, space))
    for node in nodes:
        at = Sizes(plan, node.id, sheet)
        _cell(at, node, numbers.get(node.id, 0))
        for board in standing(at, "divider"):
            sheet.add(*board.seen("front", "cut", "cells", board.thin))
        if node.parent is not None:
            _handle(plan, at, node, node.parent)
    for own in own_parts(sizes, space):
        role: Role = "hidden" if own.low["back"] > 0 else "outline"
        sheet.add(*own.seen("front", role, "cells", "up" if own.thin == "across" else "across"))
    sheet.add(Rect("outline", "opening", (left, ZERO), width, height, sizes.key("opening_width")))
    sheet.add(*niche_from_front(sizes))
    _readings(sizes, space)
    edges = edges_from_front(sizes)
    outer_dimensions(sizes, edges, is_single=len(nodes) == 1)
    if len(nodes) == 1:
        single_dimensions(Sizes(plan, nodes[0].id, sheet), edges)
    else:
        many_dimensions(plan, sheet, nodes, edges)
    return sheet


def _cell(at: Sizes, node: Node, number: int) -> None:
    """What one place holds, seen from the front, and the cell itself to be chosen by."""
    cell = at.all_of("cell_from_left", "cell_from_floor", "cell_width", "cell_height")
    if cell is None or number == 0:
        return
    x, y, width, height = cell
    _front(at, number)
    if node.place.holds in BOXES:
        _box_from_front(at, number)
    for shelf in standing(at, *SHELVES, *RACK_PARTS, *PARTS_TRAYS, *HANGING):
        at.sheet.add(*shelf.seen("front", "cut", "cells", "across", tint=number))
    if node.place.holds == "bin":
        bin_ = at.all_of("bin_width", "bin_height")
        if bin_ is not None:
            bin_width, bin_height = bin_
            corner = (x + (width - bin_width) / 2, y)
            at.sheet.add(Rect("fill", "cells", corner, bin_width, bin_height, at.key("bin_width"), number))
    if node.place.holds == "blocked":
        for start, end in (((x, y), (x + width, y + height)), ((x, y + height), (x + width, y))):
            at.sheet.add(Line("obstruction", "cells", start, end, at.key("cell_width")))
    box = at.all_of("box_from_left", "outside_width", "outside_height", "room_from_floor", "room_below_box")
    across, upper = (x, width), y + height
    if box is not None and node.place.holds in BOXES:
        across, upper = (box[0], box[1]), min(upper, box[3] + box[4] + box[2])
    plate = at.of("hanging_from_left")
    if plate is not None and node.place.holds == "hanging":
        across = (x, plate - x)
    rack = at.all_of("rack_from_left", "rack_first", "rack_from_floor", "rack_height", "divider_thickness")
    if rack is not None and node.place.holds == "rack":
        left, bay, low, high, strip = rack
        _in_first_bay(at, number, (left, bay), low + high - strip)
    else:
        _label(at, node, number, across, upper, height)
    at.sheet.add(Rect("cell", "cells", (x, y), width, height, at.key("cell_width")))


def _in_first_bay(at: Sizes, number: int, across: tuple[Mm, Mm], upper: Mm) -> None:
    """The number of a rack, before its first divider and below the strips: as high as it is narrow."""
    left, bay = across
    high = min(LABEL_HEIGHT, bay / at.sheet.scale / len(str(number)))
    point = (left + bay / 2, upper - (LABEL_OFF + high * CAPITAL) * at.sheet.scale)
    at.sheet.add(Text("label", "cells", point, str(number), high, key=at.key("cell_width")))


def _label(at: Sizes, node: Node, number: int, across: tuple[Mm, Mm], upper: Mm, height: Mm) -> None:
    """The number of a cell and, where there is room, its name: in its upper left, clear of runner line and pull."""
    scale = at.sheet.scale
    text = f"{number}*" if node.place.choices else str(number)
    named = f"{text}  {node.place.name}"
    high = min(LABEL_HEIGHT, height * LABEL_SHARE / scale)
    off = LABEL_OFF * scale
    label = named if len(named) * high * scale / 2 < across[1] - 4 * off else text
    point = (across[0] + 2 * off, upper - off - high * CAPITAL * scale)
    at.sheet.add(Text("label", "cells", point, label, high, "start", key=at.key("cell_width")))


def _handle(plan: SolvedPlan, at: Sizes, node: Node, parent: str) -> None:
    """What can be dragged between this part of a split and the next: the board, or the line without one."""
    children = plan.plan.places[parent].children
    cell = at.all_of("cell_from_left", "cell_from_floor", "cell_width", "cell_height")
    between = plan.solved.value(parent, "between")
    if cell is None or between is None or node.number + 1 == len(children):
        return
    x, y, width, height = cell
    if node.of == "column":
        at.sheet.add(Rect("handle", "cells", (x + width, y), between, height, at.key("cell_width")))
    else:
        at.sheet.add(Rect("handle", "cells", (x, y - between), width, between, at.key("cell_height")))


def _front(at: Sizes, number: int) -> None:
    for front in standing(at, "front"):
        at.sheet.add(*front.seen("front", "fill", "front", at.key("front_width_cut"), tint=number))
        _pulls(at, (front.low["across"], front.low["up"]))


def _pulls(at: Sizes, corner: tuple[Mm, Mm]) -> None:
    """Where pulls go, or the hand-hole; from the front's lower left corner."""
    x, y = corner
    places, up = at.plan.solved.value(at.place, "pull_holes_from_left"), at.own("pull_up")
    if places is not None and up is not None:
        for along in places:
            at.sheet.add(Arc("outline", "front", (x + along, y + up), PULL, 0, 360, at.key("pull_up")))
    hole = at.all_of("pull_hole_from_left", "pull_hole_from_edge", "pull_hole_width", "pull_hole_height")
    if hole is not None and at.own("pull_hole_from_edge") is not None:
        along, from_edge, width, height = hole
        place = (x + along, y + from_edge)
        at.sheet.add(Rect("cut", "front", place, width, height, at.key("pull_hole_from_edge")))


def _box_from_front(at: Sizes, number: int) -> None:
    """A box behind its front as hidden lines; a tray without one in its tint."""
    box = at.all_of(
        "box_from_left",
        "outside_width",
        "outside_height",
        "room_from_floor",
        "room_below_box",
        "cell_from_left",
        "cell_width",
    )
    if box is None:
        return
    x, width, height, room, below, left, cell = box
    sheet = at.sheet
    is_seen = at.own("front_width_cut") is None
    role: Role = "fill" if is_seen else "hidden"
    tint = number if is_seen else 0
    sheet.add(Rect(role, "box", (x, room + below), width, height, at.key("outside_width"), tint))
    sheet.add(*carriers(at))
    beyond = Fraction(2) * sheet.scale
    for up, told_by in RUNNER_LINES:
        line = at.of(up)
        if line is not None:
            ends = ((left - beyond, line), (left + cell + beyond, line))
            sheet.add(Line("centre", "runners", *ends, at.key(told_by)))


_LEVELS = {"low": Fraction(1, 6), "middle": Fraction(1, 2), "high": Fraction(5, 6)}
_SIDES = {"left": Fraction(1, 8), "middle": Fraction(1, 2), "right": Fraction(7, 8)}


def _readings(sizes: Sizes, space_id: str) -> None:
    """Where the tape was held across the front: a line for each reading of the outer survey, with what it said."""
    plan = sizes.plan.plan
    space = plan.spaces[space_id]
    outer = space.frame or space.case
    niche = sizes.all_of("niche_from_left", "niche_width", "niche_from_floor", "niche_height")
    if niche is None:
        return
    left, width, floor, height = niche
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
            y = floor + height * _LEVELS[reading.level]
            if y not in taken:
                taken.add(y)
                sizes.sheet.add(Line("reading", "readings", (left, y), (left + width, y), key))
                at = (left + width * Fraction(7, 10), y + lift)  # names of cells begin at the left
                sizes.sheet.add(Text("reading", "readings", at, text, small, key=key))
        elif reading.of == "height" and reading.side:
            x = left + width * _SIDES[reading.side]
            sizes.sheet.add(Line("reading", "readings", (x, floor), (x, floor + height), key))
            at = (x - lift, floor + height * Fraction(1, 3))
            sizes.sheet.add(Text("reading", "readings", at, text, small, turn=90, key=key))
