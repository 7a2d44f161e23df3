"""Where to hold the tape: pictures without numbers, for the measuring sheet."""

from __future__ import annotations

from fractions import Fraction

from vasculum.drawing.primitives import Line, Rect, Sheet, Text

WIDE, HIGH, DEEP = Fraction(600), Fraction(300), Fraction(420)
SCALE = 10


def front_stations() -> Sheet:
    """The opening from the front: three widths, two heights, two diagonals."""
    sheet = Sheet("stations-front", "From the front", SCALE)
    sheet.add(Rect("outline", "opening", (Fraction(0), Fraction(0)), WIDE, HIGH))
    for name, share, along in (("low", 1, 4), ("middle", 3, Fraction(5, 2)), ("high", 5, 4)):  # clear of the diagonals
        y = HIGH * share / 6
        sheet.add(Line("reading", "readings", (Fraction(0), y), (WIDE, y)))
        sheet.add(Text("reading", "readings", (WIDE * Fraction(along) / 10, y + 12), f"W {name}", Fraction(3)))
    for name, x in (("H left", WIDE / 10), ("H right", WIDE * 9 / 10)):
        sheet.add(Line("reading", "readings", (x, Fraction(0)), (x, HIGH)))
        sheet.add(Text("reading", "readings", (x - 12, HIGH / 3), name, Fraction(3), turn=90))
    sheet.add(Line("hidden", "readings", (Fraction(0), Fraction(0)), (WIDE, HIGH)))
    sheet.add(Line("hidden", "readings", (Fraction(0), HIGH), (WIDE, Fraction(0))))
    return sheet


def top_stations() -> Sheet:
    """The inside from above: widths at front, middle and back, depths left, middle and right."""
    sheet = Sheet("stations-top", "From above, front edge below", SCALE)
    sheet.add(Rect("outline", "opening", (Fraction(0), Fraction(0)), WIDE, DEEP))
    for name, share in (("front", Fraction(1, 8)), ("middle", Fraction(1, 2)), ("back", Fraction(7, 8))):
        sheet.add(Line("reading", "readings", (Fraction(0), DEEP * share), (WIDE, DEEP * share)))
        sheet.add(Text("reading", "readings", (WIDE / 4, DEEP * share + 12), f"W {name}", Fraction(3)))
    for name, share in (("left", Fraction(1, 10)), ("middle", Fraction(1, 2)), ("right", Fraction(9, 10))):
        sheet.add(Line("reading", "readings", (WIDE * share, Fraction(0)), (WIDE * share, DEEP)))
        sheet.add(Text("reading", "readings", (WIDE * share - 12, DEEP / 3), f"D {name}", Fraction(3), turn=90))
    return sheet
