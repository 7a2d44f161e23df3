"""A drawing on paper, at its scale, from the same strokes as on the screen."""

from __future__ import annotations

from reportlab.lib.colors import HexColor
from reportlab.lib.units import mm
from reportlab.platypus import Flowable

from vasculum.drawing.primitives import Sheet
from vasculum.drawing.strokes import PathStroke, TextStroke, bounds_of, printed_strokes_of
from vasculum.drawing.tints import tint_of
from vasculum.export.pdf.type import HAIRLINE, INK, draw_number
from vasculum.export.svg import DASHES, WEIGHT


class Drawing(Flowable):
    """One sheet; smaller than its scale only where it would not go on the page."""

    def __init__(self, sheet: Sheet, most_width: float, most_height: float = 245 * mm) -> None:
        super().__init__()
        self.strokes = printed_strokes_of(sheet)
        left, bottom, width, height = bounds_of(self.strokes, sheet.scale)
        self.left, self.bottom = left, bottom
        self.per_mm = mm / sheet.scale
        shrink = min(1.0, most_width / (width * self.per_mm), most_height / (height * self.per_mm))
        self.per_mm *= shrink
        self.is_to_scale = shrink == 1.0
        self.width, self.height = width * self.per_mm, height * self.per_mm

    def wrap(self, _available_width: float, _available_height: float) -> tuple[float, float]:
        """The room it takes, in points."""
        return self.width, self.height

    def draw(self) -> None:
        """Draw all strokes on the canvas."""
        for stroke in self.strokes:
            if isinstance(stroke, PathStroke):
                self._path(stroke)
            else:
                self._text(stroke)

    def _xy(self, x: float, y: float) -> tuple[float, float]:
        return (x - self.left) * self.per_mm, (y - self.bottom) * self.per_mm

    def _path(self, stroke: PathStroke) -> None:
        canvas = self.canv
        canvas.setStrokeColor(HAIRLINE if stroke.role in ("dimension", "grain") else INK)
        canvas.setLineWidth(WEIGHT[stroke.role] * mm)
        canvas.setDash([float(d) * mm for d in DASHES[stroke.role].split()] if stroke.role in DASHES else [])
        path = canvas.beginPath()
        path.moveTo(*self._xy(*stroke.points[0]))
        for point in stroke.points[1:]:
            path.lineTo(*self._xy(*point))
        if stroke.is_closed:
            path.close()
        if stroke.tint:
            canvas.setFillColor(HexColor(tint_of(stroke.tint)))
        canvas.drawPath(path, stroke=1, fill=int(bool(stroke.tint)))

    def _text(self, stroke: TextStroke) -> None:
        canvas = self.canv
        canvas.saveState()
        canvas.setFillColor(INK)
        canvas.translate(*self._xy(stroke.x, stroke.y))
        canvas.rotate(stroke.turn)
        draw_number(canvas, stroke.text, stroke.height * self.per_mm, stroke.anchor)
        canvas.restoreState()
