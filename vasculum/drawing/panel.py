"""The panel that the fronts of a column are cut from: the faces in their order, numbered, with honest kerfs."""

from __future__ import annotations

from fractions import Fraction

from vasculum.core.flow import key_text
from vasculum.core.lengths import Mm, show
from vasculum.drawing.primitives import (
    FIRST,
    OPENING_PAPER,
    STEP,
    Dimension,
    Paper,
    Polyline,
    Rect,
    Sheet,
    Text,
    scale_for,
)
from vasculum.drawing.sizes import Sizes
from vasculum.plan.laying.layout import nodes_of, numbers_of
from vasculum.plan.laying.solving import SolvedPlan

ZERO = Fraction(0)
NUMBER_HEIGHT = Fraction(5)


def matched_splits(plan: SolvedPlan) -> list[str]:
    """The columns of fronts whose figure runs on."""
    nodes = [node.id for space in plan.plan.space_order for node in nodes_of(plan.plan, space)]
    return [id_ for id_ in nodes if "grain.matched" in plan.laid.places[id_].kinds]


def panel_of(plan: SolvedPlan, place: str, on: Paper = OPENING_PAPER) -> Sheet:
    """The panel of a column, or of the column that a cell stands in; empty where the figure runs free."""
    sheet = Sheet("panel", "Panel, faces in order", place=place)
    at: str | None = place
    while at is not None and "grain.matched" not in plan.laid.places[at].kinds:
        at = plan.laid.places[at].parent
    if at is None:
        return sheet
    sizes = Sizes(plan, at, sheet)
    needed = sizes.all_of("panel_length_needed", "panel_width_needed", "blade_kerf", "panel_trim")
    if needed is None:
        return sheet
    least, wide, kerf, trim = needed
    length, width = sizes.of("panel_length"), sizes.of("panel_width")
    whole, across = max(length or least, least), max(width or wide, wide)
    sheet.scale = scale_for(across, whole, *on)
    sheet.add(Rect("outline", "part", (ZERO, ZERO), across, whole, sizes.key("panel_length_needed")))
    top, numbers = whole, numbers_of(plan.plan)
    for cell in plan.plan.places[at].children:
        height, face = (plan.solved.value(cell, f"front_{name}_cut") for name in ("height", "width"))
        if height is None or face is None:
            continue
        top = _face(plan, sheet, cell, numbers[cell], (top, height, face)) - kerf - trim
    sizes.dimension("panel_width_needed", "across", -FIRST, (ZERO, ZERO), (wide, ZERO))
    ends = ((ZERO, whole - least), (ZERO, whole))
    sizes.dimension("panel_length_needed", "up", -FIRST, *ends)
    if length is not None and length > least:
        sizes.dimension("panel_length", "up", -FIRST - STEP, (ZERO, ZERO), (ZERO, whole))
    return sheet


def _face(plan: SolvedPlan, sheet: Sheet, cell: str, number: int, size: tuple[Mm, Mm, Mm]) -> Mm:
    """One face, its upper edge at the first size; answers where its lower edge is."""
    top, height, width = size
    low = top - height
    key = (cell, "front_height_cut")
    sheet.add(Rect("fill", "front", (ZERO, low), width, height, key_text(key), number))
    mark = plan.plan.marks.get(f"{cell}/front", "")
    middle = (width / 2, low + height / 2)
    sheet.add(Text("label", "front", middle, f"{number}  {mark}".strip(), NUMBER_HEIGHT, key=key_text(key)))
    along, half = width * Fraction(9, 10), min(height / 3, 9 * Fraction(sheet.scale))
    sheet.add(Polyline("grain", "part", ((along, middle[1] - half), (along, middle[1] + half))))
    text = show(height, plan.plan.units.length)
    one = plan.solved.quantities[key]
    origin = "assumed" if one.rests_on and one.origin == "worked out" else one.origin
    ends = ((width, low), (width, top))
    sheet.add(Dimension("dimensions", *ends, "up", FIRST, text, key_text(key), origin))
    return low
