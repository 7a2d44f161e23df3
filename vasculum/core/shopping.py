"""How much to buy: amounts with their allowance, and how many of what is sold that takes. Exact."""

from __future__ import annotations

from fractions import Fraction

from vasculum.core.lengths import UNIT_MM, Unit

SQUARE_MM_PER_M2 = 1_000_000


def with_allowance(amount: Fraction, percent: Fraction) -> Fraction:
    """An amount and so many percent more."""
    return amount * (100 + percent) / 100


def abreast(wide: Fraction, strip: Fraction, kerf: Fraction) -> int:
    """How many strips come beside each other out of a board so wide, a kerf between; one at least."""
    return max(1, (wide + kerf) // (strip + kerf))


def money(text: str) -> Fraction:
    """A price as written, with a point or a comma."""
    return Fraction(text.replace(",", "."))


def show_money(amount: Fraction) -> str:
    """An amount of money to two places."""
    return f"{float(amount):.2f}"


def show_area(area: Fraction, unit: Unit) -> str:
    """An area in mm² as square feet or square metres, whichever goes with the unit of length."""
    if unit == "mm":
        return f"{float(area / SQUARE_MM_PER_M2):.2f} m²"
    return f"{float(area / UNIT_MM['ft'] ** 2):.1f} sq ft"


def show_run(length: Fraction, unit: Unit) -> str:
    """A long length as feet or metres."""
    if unit == "mm":
        return f"{float(length / UNIT_MM['m']):.1f} m"
    return f"{float(length / UNIT_MM['ft']):.1f} ft"
