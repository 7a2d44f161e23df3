"""The boards of a new case around its opening: from the front, from the side, from above."""

from __future__ import annotations

from collections.abc import Iterator
from fractions import Fraction

from vasculum.core.lengths import Mm
from vasculum.drawing.primitives import Primitive, Rect
from vasculum.drawing.sizes import Sizes

ZERO = Fraction(0)


def case_from_front(sizes: Sizes, corner: tuple[Mm, Mm]) -> Iterator[Primitive]:
    """Sides, top or stretchers, bottom, plinth and worktop; ``corner`` is the opening's lower left."""
    case = sizes.all_of("opening_width", "opening_height", "case_thickness", "plinth", "case_outside_width")
    if case is None or sizes.own("case_outside_width") is None:
        return
    width, height, board, plinth, outside = case
    x, y = corner
    left, low = x - board, y - board - plinth
    through = "through.sides" in sizes.plan.laid.places[sizes.place].kinds
    key = sizes.key("case_outside_width")
    start, long = (x, width) if through else (left, outside)
    for at in (y - board, y + height):
        yield Rect("cut", "opening", (start, at), long, board, key)
    from_, tall = (low, sizes.of("case_outside_height") or height) if through else (y, height)
    for at in (left, x + width):
        yield Rect("cut", "opening", (at, from_), board, tall, sizes.key("case_outside_height"))
    toe = sizes.all_of("toe_board_length_cut", "toe_board_height_cut")
    if toe is not None and plinth > 0:
        yield Rect("hidden", "opening", (start, y - board - toe[1]), toe[0], toe[1], sizes.key("toe_board_height_cut"))
    top = sizes.all_of("worktop_length_cut", "worktop_thickness")
    if top is not None and sizes.own("worktop_length_cut") is not None:
        length, thick = top
        corner_of_top = (left - (length - outside) / 2, y + height + board)
        yield Rect("cut", "opening", corner_of_top, length, thick, sizes.key("worktop_length_cut"))


def case_from_side(sizes: Sizes, height: Mm) -> Iterator[Primitive]:
    """Top, bottom and back, cut through the middle; the front of the floor is the origin."""
    case = sizes.all_of("case_thickness", "case_panel_depth_cut", "case_outside_depth", "clear_depth")
    if case is None:
        return
    board, deep, _, inside = case
    for at in (-board, height):
        yield Rect("cut", "opening", (ZERO, at), deep, board, sizes.key("case_panel_depth_cut"))
    back = sizes.of("case_back_thickness")
    if back is not None and sizes.of("case_back_width_cut") is not None:
        rabbet = sizes.of("case_back_rabbet")
        over = board if rabbet is None else rabbet
        yield Rect("cut", "opening", (inside, -over), back, height + 2 * over, sizes.key("case_back_height_cut"))


def case_from_above(sizes: Sizes, width: Mm) -> Iterator[Primitive]:
    """Sides and back, cut through; the clear left of the front is the origin."""
    case = sizes.all_of("case_thickness", "case_panel_depth_cut", "clear_depth")
    if case is None or sizes.own("case_outside_width") is None:
        return
    board, deep, inside = case
    for at in (-board, width):
        yield Rect("cut", "opening", (at, ZERO), board, deep, sizes.key("case_panel_depth_cut"))
    back = sizes.of("case_back_thickness")
    if back is not None and sizes.of("case_back_width_cut") is not None:
        rabbet = sizes.of("case_back_rabbet")
        over = board if rabbet is None else rabbet
        yield Rect("cut", "opening", (-over, inside), width + 2 * over, back, sizes.key("case_back_width_cut"))
