"""Type on paper: the shipped fonts, real fractions, and the styles of every printed page."""

from __future__ import annotations

import re
import unicodedata
from collections.abc import Iterator
from functools import cache
from importlib.resources import files
from itertools import groupby
from xml.sax.saxutils import escape

from reportlab.lib.colors import HexColor
from reportlab.lib.styles import ParagraphStyle
from reportlab.pdfbase import pdfmetrics
from reportlab.pdfbase.ttfonts import TTFont
from reportlab.pdfgen.canvas import Canvas
from reportlab.platypus import Paragraph

SANS, BOLD, SERIF = "Sans", "Sans-Semibold", "Serif-Semibold"
INK, HAIRLINE, SHADE = HexColor("#111111"), HexColor("#999999"), HexColor("#EEEEEE")
_FRACTION = re.compile(r"(?<![\d/])(\d+)/(\d+)(?![\d/])")
_LACKING = "□"
SMALL, RISE = 0.68, 0.34
"""Size and rise of a numerator, of the text's size."""


@cache
def register_fonts() -> None:
    """Make the shipped fonts known to the PDF writer."""
    for name, file in ((SANS, "sans-regular"), (BOLD, "sans-semibold"), (SERIF, "serif-semibold")):
        with files("vasculum.export").joinpath(f"fonts/{file}.ttf").open("rb") as font:
            pdfmetrics.registerFont(TTFont(name, font))
    pdfmetrics.registerFontFamily(SANS, normal=SANS, bold=BOLD, italic=SANS, boldItalic=BOLD)


def _style(name: str, size: float, font: str = SANS, space: tuple[float, float] = (0, 0)) -> ParagraphStyle:
    before, after = space
    return ParagraphStyle(
        name, fontName=font, fontSize=size, leading=size * 1.25, textColor=INK, spaceBefore=before, spaceAfter=after
    )


BODY = _style("body", 11)
CELL = _style("cell", 11)
BIG = _style("big", 13.5, BOLD)
FINE = _style("fine", 9.5)
HEAD = _style("head", 10, BOLD)
TITLE = _style("title", 22, SERIF, (0, 4))
SECTION = _style("section", 15, SERIF, (10, 5))


def said(text: str, style: ParagraphStyle = BODY) -> Paragraph:
    """A paragraph of plain text, its fractions set as fractions; a sign that its face lacks stands in the sans."""
    return Paragraph(_marked_up(text, style), style)


def said_with(text: str, beside: str, style: ParagraphStyle | None = None) -> Paragraph:
    """A figure, large, and what goes with it in fine type on the same line."""
    style = style or BIG
    fine = f'<font name="{SANS}" size="{FINE.fontSize}">{_marked_up(beside, FINE)}</font>'
    return Paragraph(f"{_marked_up(text, style)} {fine}", style)


def _marked_up(text: str, style: ParagraphStyle) -> str:
    size = style.fontSize * SMALL

    def fraction(match: re.Match[str]) -> str:
        rise = style.fontSize * RISE
        return (
            f'<super rise="{rise:.1f}" size="{size:.1f}">{match[1]}</super>⁄<font size="{size:.1f}">{match[2]}</font>'
        )

    runs = "".join(
        run if is_there else f'<font name="{BOLD}">{run}</font>'
        for is_there, run in _faces(printable(text), style.fontName)
    )
    return _FRACTION.sub(fraction, runs)


def _faces(text: str, face: str) -> Iterator[tuple[bool, str]]:
    """The text in runs, escaped: whether the face has all of a run."""
    for is_there, signs in groupby(text, lambda sign: sign in "\n\r\t" or ord(sign) in _glyphs(face)):
        yield is_there, escape("".join(signs))


@cache
def _glyphs(face: str) -> frozenset[int]:
    register_fonts()
    return frozenset(vars(pdfmetrics.getFont(face))["face"].charToGlyph)


def without_glyph(text: str) -> list[str]:
    """The signs of a text that cannot be printed, each once."""
    return [sign for sign in dict.fromkeys(text) if not sign.isspace() and not _is_there(sign)]


def _is_there(sign: str) -> bool:
    return ord(sign) in _glyphs(SANS) and ord(sign) in _glyphs(BOLD)


def printable(text: str) -> str:
    """A text as it is printed: accents composed, a box for each sign that has no glyph."""
    text = unicodedata.normalize("NFC", text)
    lacking = without_glyph(text)
    return text.translate(dict.fromkeys(map(ord, lacking), _LACKING)) if lacking else text


def draw_number(canvas: Canvas, text: str, size: float, anchor: str) -> None:
    """Draw a text at the origin, its fractions set as fractions."""
    runs = _runs(printable(text), size)
    width = sum(pdfmetrics.stringWidth(run, SANS, run_size) for run, run_size, _ in runs)
    x = {"start": 0.0, "middle": -width / 2, "end": -width}[anchor]
    for run, run_size, rise in runs:
        canvas.setFont(SANS, run_size)
        canvas.drawString(x, rise, run)
        x += pdfmetrics.stringWidth(run, SANS, run_size)


def _runs(text: str, size: float) -> list[tuple[str, float, float]]:
    runs, at = [], 0
    for match in _FRACTION.finditer(text):
        before = text[at : match.start()]
        runs += [(before.rstrip() + ("\u2009" if before.endswith(" ") else ""), size, 0.0)] if before else []
        runs += [(match[1], size * SMALL, size * RISE), ("⁄", size, 0.0), (match[2], size * SMALL, 0.0)]
        at = match.end()
    return [*runs, (text[at:], size, 0.0)] if text[at:] else runs
