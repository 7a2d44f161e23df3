"""Dimensions around an elevation: of opening and case below and on the left, of fronts and boxes above and right."""

from __future__ import annotations

from vasculum.core.lengths import Mm
from vasculum.drawing.carcass import ZERO
from vasculum.drawing.primitives import FIRST, STEP, Sheet
from vasculum.drawing.sizes import Sizes
from vasculum.plan.laying.layout import Node
from vasculum.plan.laying.solving import SolvedPlan

Edges = tuple[Mm, Mm, Mm, Mm]
"""Left, right, lower and upper edge of what is drawn: dimensions stand outside them."""


def outer_dimensions(sizes: Sizes, edges: Edges, is_single: bool) -> None:
    """Of the opening, of a case that is built, and of the space around it, outside those of the cells."""
    opening = sizes.all_of("opening_width", "opening_height", "clear_stands_in")
    if opening is None:
        return
    (width, height, stands_in), (edge, _, below, _) = opening, edges
    sizes.dimension("opening_width", "across", -FIRST, (-stands_in, below), (width - stands_in, below))
    offset = -FIRST if is_single else -FIRST - 2 * STEP
    sizes.dimension("opening_height", "up", offset, (edge, ZERO), (edge, height))
    around = sizes.all_of("case_from_left", "case_outside_width", "niche_from_floor", "standing_height", "lost_below")
    if around is None:
        return
    left, wide, floor, high, over = around
    sizes.dimension("case_outside_width", "across", -FIRST - STEP, (left, below), (left + wide, below))
    sizes.dimension("standing_height", "up", offset - STEP, (edge, floor + over), (edge, floor + over + high))
    niche = sizes.all_of("niche_from_left", "niche_width")
    if niche is not None and sizes.own("room_beside_case") is not None:
        begins, width = niche
        sizes.dimension("niche_width", "across", -FIRST - 2 * STEP, (begins, below), (begins + width, below))


def single_dimensions(at: Sizes, edges: Edges) -> None:
    """One cell: its front and its box, both ways."""
    _, edge, _, top = edges
    front = at.all_of("front_from_left", "front_from_floor", "front_width_cut", "front_height_cut")
    if front is not None and at.own("front_width_cut") is not None:
        x, y, width, height = front
        at.dimension("front_width_cut", "across", FIRST, (x, top), (x + width, top))
        at.dimension("front_height_cut", "up", FIRST, (edge, y), (edge, y + height))
    box = at.all_of("box_from_left", "outside_width", "outside_height", "room_from_floor", "room_below_box")
    if box is not None and at.own("outside_width") is not None:
        x, width, height, room, below = box
        y = room + below
        at.dimension("outside_width", "across", FIRST + STEP, (x, top), (x + width, top))
        at.dimension("outside_height", "up", FIRST + STEP, (edge, y), (edge, y + height))


def many_dimensions(plan: SolvedPlan, sheet: Sheet, nodes: list[Node], edges: Edges) -> None:
    """Many cells: heights of fronts or cells at the side they touch, widths of the columns above."""
    left, right, _, top = edges
    for node in nodes:
        at = Sizes(plan, node.id, sheet)
        cell = at.all_of("cell_from_left", "cell_from_floor", "cell_width", "cell_height")
        if cell is None:
            continue
        x, y, width, height = cell
        if node.of == "column":
            at.dimension("cell_width", "across", FIRST, (x, top), (x + width, top))
        if node.place.children or not (node.is_left_edge or node.is_right_edge):
            continue
        edge, offset = (right, FIRST) if node.is_right_edge else (left, -FIRST)
        name, low, high = "cell_height", y, y + height
        start, cut = at.own("front_from_floor"), at.own("front_height_cut")
        if start is not None and cut is not None:
            name, low, high = "front_height_cut", start, start + cut
        at.dimension(name, "up", offset, (edge, low), (edge, high))
