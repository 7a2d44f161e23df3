"""A label as the dots of a label printer: black on white, one strip for each drawer."""

from __future__ import annotations

from functools import cache
from importlib.resources import files
from io import BytesIO

import segno
from PIL import Image, ImageDraw, ImageFont

from vasculum.plan.telling.labels import LabelSaid

LENGTH = 3
"""How many times as long as it is wide a strip is."""
EDGE = 12
"""Left white along the edges, of a strip's width in dots."""
NUMBER, NAME, KEPT = 0.55, 0.26, 0.17
"""How high the number, the name and what lies there are set, of the strip's width less its edges."""


def strip_of(label: LabelSaid, link: str, across: int) -> Image.Image:
    """One label along the tape: number, name and things at the left, the code at the right.

    Args:
        across: dots across the tape.
    """
    strip = Image.new("1", (across * LENGTH, across), 1)
    draw = ImageDraw.Draw(strip)
    edge = max(1, across // EDGE)
    side = across - 2 * edge
    _code(strip, link, (across * LENGTH - edge - side, edge), side)
    number = _font("sans-semibold", side * NUMBER)
    draw.text((edge, edge), str(label.number), font=number, fill=0)
    left = edge + draw.textlength(str(label.number), font=number) + edge
    room = across * LENGTH - side - 2 * edge - left
    draw.text((left, edge), _cut(draw, label.name, _font("sans-semibold", side * NAME), room), fill=0,
              font=_font("sans-semibold", side * NAME))  # fmt: skip
    font, top = _font("sans-regular", side * KEPT), edge + side * NAME * 1.4
    for line in _lines(draw, label.kept, font, room):
        if top + side * KEPT > across - edge:
            break
        draw.text((left, top), line, font=font, fill=0)
        top += side * KEPT * 1.2
    return strip


def _lines(draw: ImageDraw.ImageDraw, text: str, font: ImageFont.FreeTypeFont, room: float) -> list[str]:
    """Whole words on each line, as many as there is room for; a word that is too long is cut."""
    lines, line = list[str](), ""
    for word in text.split():
        wanted = f"{line} {word}".strip()
        if line and draw.textlength(wanted, font=font) > room:
            lines.append(line)
            line = word
        else:
            line = wanted
    return [_cut(draw, one, font, room) for one in (*lines, line) if one]


def _cut(draw: ImageDraw.ImageDraw, text: str, font: ImageFont.FreeTypeFont, room: float) -> str:
    """As it is, or so much of it as there is room for with a sign that there is more."""
    if draw.textlength(text, font=font) <= room:
        return text
    while text and draw.textlength(text + "…", font=font) > room:
        text = text[:-1]
    return text + "…"


def _code(strip: Image.Image, link: str, corner: tuple[int, int], side: int) -> None:
    """In whole dots, so that each square is square."""
    rows = list(segno.make(link, micro=False).matrix_iter(border=2))
    dot = side // len(rows)
    for down, row in enumerate(rows):
        for across, is_dark in enumerate(row):
            if is_dark:
                x, y = corner[0] + across * dot, corner[1] + down * dot
                strip.paste(0, (x, y, x + dot, y + dot))


@cache
def _font(name: str, size: float) -> ImageFont.FreeTypeFont:
    shipped = files("vasculum.export").joinpath(f"fonts/{name}.ttf").read_bytes()
    return ImageFont.truetype(BytesIO(shipped), round(size))
