"""Drawings as DXF: full size in millimetres, one layer for each role, the sheets beside one another."""

from __future__ import annotations

import io

from ezdxf import units
from ezdxf.enums import TextEntityAlignment
from ezdxf.filemanagement import new
from ezdxf.layouts.layout import Modelspace

from vasculum.drawing.primitives import Sheet
from vasculum.drawing.strokes import PathStroke, Stroke, bounds_of, printed_strokes_of

COLOURS = {
    "outline": 7, "cut": 7, "hidden": 8, "fill": 7, "centre": 4, "reading": 30, "dimension": 3, "obstruction": 1,
    "grain": 8, "label": 8,
}  # fmt: skip
"""Colour of each layer, by its number in the format."""
LINETYPES = {"hidden": "DASHED", "centre": "CENTER", "reading": "DOT"}
ALIGNMENTS = {
    "start": TextEntityAlignment.LEFT,
    "middle": TextEntityAlignment.CENTER,
    "end": TextEntityAlignment.RIGHT,
}


def dxf_of(sheets: list[Sheet]) -> bytes:
    """All sheets in model space, 1:1; their order runs to the right."""
    document = new("R2010", setup=True)
    document.units = units.MM
    for role, colour in COLOURS.items():
        document.layers.add(role, color=colour, linetype=LINETYPES.get(role, "Continuous"))
    space = document.modelspace()
    at = 0.0
    for sheet in sheets:
        strokes = printed_strokes_of(sheet)
        left, bottom, width, _ = bounds_of(strokes, sheet.scale)
        for stroke in strokes:
            _add(space, stroke, (at - left, -bottom))
        at += width + 50 * sheet.scale
    out = io.StringIO()
    document.write(out)
    return out.getvalue().encode("utf-8")


def _add(space: Modelspace, stroke: Stroke, shift: tuple[float, float]) -> None:
    dx, dy = shift
    if isinstance(stroke, PathStroke):
        points = [(x + dx, y + dy) for x, y in stroke.points]
        space.add_lwpolyline(points, close=stroke.is_closed, dxfattribs={"layer": stroke.role})
        return
    text = space.add_text(stroke.text, height=stroke.height, rotation=stroke.turn, dxfattribs={"layer": stroke.role})
    text.set_placement((stroke.x + dx, stroke.y + dy), align=ALIGNMENTS[stroke.anchor])
