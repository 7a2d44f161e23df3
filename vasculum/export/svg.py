"""Drawings as SVG at their scale: real millimetres on paper, one file that needs nothing else."""

from __future__ import annotations

import re
import xml.etree.ElementTree as ET

from vasculum.drawing.primitives import Sheet
from vasculum.drawing.strokes import PathStroke, Stroke, bounds_of, printed_strokes_of
from vasculum.drawing.tints import tint_of

SVG = "http://www.w3.org/2000/svg"
WEIGHT = {
    "outline": 0.5, "cut": 0.4, "hidden": 0.25, "fill": 0.35, "centre": 0.2, "reading": 0.25, "dimension": 0.18,
    "obstruction": 0.4, "grain": 0.2, "label": 0.2,
}  # fmt: skip
"""Line widths on paper, mm."""
DASHES = {"hidden": "2 1", "centre": "5 1 1 1", "reading": "0.8 0.8"}
"""On paper, mm."""
TITLE_HEIGHT, GAP = 6.0, 8.0

ET.register_namespace("", SVG)


def svg_of(sheets: list[Sheet], title: str) -> bytes:
    """The sheets below one another, each at its own scale, ink on white, each drawer in its tint."""
    root = ET.Element(f"{{{SVG}}}svg", {"font-family": "'Source Sans 3', 'Noto Sans', sans-serif"})
    ET.SubElement(root, f"{{{SVG}}}title").text = title
    y, widest = 0.0, 0.0
    for sheet in sheets:
        strokes = printed_strokes_of(sheet)
        left, bottom, width, height = bounds_of(strokes, sheet.scale)
        paper_width, paper_height = width / sheet.scale, height / sheet.scale
        heading = ET.SubElement(root, f"{{{SVG}}}text", {"x": "3", "y": f"{y + 4.5:.3f}", "font-size": "4"})
        heading.text = f"{sheet.title}, 1:{sheet.scale}"
        y += TITLE_HEIGHT
        group = ET.SubElement(root, f"{{{SVG}}}g", {"id": sheet.name, "transform": f"translate(0 {y:.3f})"})
        for stroke in strokes:
            group.append(_element(stroke, sheet.scale, left, bottom + height))
        y += paper_height + GAP
        widest = max(widest, paper_width)
    root.set("width", f"{widest:.3f}mm")
    root.set("height", f"{y:.3f}mm")
    root.set("viewBox", f"0 0 {widest:.3f} {y:.3f}")
    return ET.tostring(root, encoding="unicode", xml_declaration=False).encode("utf-8")


def _element(stroke: Stroke, scale: int, left: float, top: float) -> ET.Element:
    def paper(x: float, y: float) -> tuple[float, float]:
        return (x - left) / scale, (top - y) / scale

    if isinstance(stroke, PathStroke):
        points = [paper(x, y) for x, y in stroke.points]
        path = "M" + " L".join(f"{x:.3f} {y:.3f}" for x, y in points) + (" Z" if stroke.is_closed else "")
        style = {
            "d": path,
            "fill": tint_of(stroke.tint) if stroke.tint else "none",
            "stroke": "#000",
            "stroke-width": str(WEIGHT[stroke.role]),
        }
        if stroke.role in DASHES:
            style["stroke-dasharray"] = DASHES[stroke.role]
        element = ET.Element(f"{{{SVG}}}path", style)
    else:
        x, y = paper(stroke.x, stroke.y)
        style = {
            "x": f"{x:.3f}",
            "y": f"{y:.3f}",
            "font-size": f"{stroke.height / scale:.3f}",
            "text-anchor": stroke.anchor,
        }
        if stroke.turn:
            style["transform"] = f"rotate({-stroke.turn} {x:.3f} {y:.3f})"
        element = ET.Element(f"{{{SVG}}}text", style)
        _set_with_fractions(element, stroke.text)
    if stroke.key:
        element.set("data-key", stroke.key)
    element.set("class", stroke.role)
    return element


_FRACTION = re.compile(r"(?<![\d/])(\d+/\d+)(?![\d/])")


def _set_with_fractions(element: ET.Element, text: str) -> None:
    """The text in runs, only its fractions set as fractions."""
    for at, run in enumerate(_FRACTION.split(text)):
        if run:
            span = ET.SubElement(element, f"{{{SVG}}}tspan")
            span.text = run
            if at % 2:
                span.set("style", "font-feature-settings: 'frac'")
