"""Weights: read what a person writes, and show it in the plan's habit.

A weight is a :class:`fractions.Fraction` of kilograms. 1 lb = 0.45359237 kg exactly (NIST SP 811, Appendix B.8).
"""

from __future__ import annotations

import re
from fractions import Fraction

from vasculum.core.errors import WeightRefused
from vasculum.core.lengths import Unit

Kg = Fraction
"""A weight in kilograms."""

POUND = Fraction(45_359_237, 100_000_000)
UNIT_KG: dict[str, Fraction] = {"kg": Fraction(1), "g": Fraction(1, 1000), "lb": POUND, "oz": POUND / 16}
"""Kilograms in each unit (NIST SP 811, Appendix B.8)."""
OF: dict[Unit, str] = {"in": "lb", "mm": "kg"}
"""Which unit of weight goes with which unit of length."""
HEAVIEST = Fraction(10_000)
"""Ten tonnes: beyond any cabinet, so a slip of the finger."""
ACCEPTED = "Write it like 45 lb, 1 1/2 lb, 12 oz, 20.5 kg or 800 g."
_NUMBER = r"(?:(?:([0-9]{1,6})\s+)?([0-9]{1,3})/([0-9]{1,3})|([0-9]{1,6}(?:[.,][0-9]{1,4})?))"
_BARE = re.compile(_NUMBER)
_WEIGHT = re.compile(rf"\s*{_NUMBER}\s*(kg|g|lb|lbs|oz)\s*", re.IGNORECASE)


SECTION_DENSITY = {"angle": 1800, "pipe": 1800}
"""Kilograms per cubic metre of a whole section that is mostly air, until its owner says better."""
SECTION_SOURCE = "density of the whole section from memory: 25 × 25 × 3 of steel, 1.1 kg a metre"
CUBIC_MM = 1_000_000_000
"""In a cubic metre."""


def weight_of(volume: Fraction, density: Fraction) -> float:
    """Kilograms of a volume in mm³ at a density in kg/m³."""
    return float(volume * density / CUBIC_MM)


def read_weight(text: str) -> Kg:
    """Read a weight with its unit.

    Raises:
        WeightRefused: with what was read and what would be accepted. Nothing is mended.
    """
    read = _WEIGHT.fullmatch(text)
    if read is None:
        raise WeightRefused("not-a-weight", f"Read {text!r}, which is no weight.", ACCEPTED)
    whole, over, under, number, unit = read.groups()
    if under is not None and int(under) == 0:
        raise WeightRefused("not-a-weight", f"Read {text!r}, which divides by nothing.", ACCEPTED)
    amount = Fraction(number.replace(",", ".")) if number else int(whole or 0) + Fraction(int(over), int(under))
    weight = amount * UNIT_KG[unit.lower().removesuffix("s")]
    if weight > HEAVIEST:
        raise WeightRefused("weight-too-large", f"Read {text!r}, more than ten tonnes.", ACCEPTED)
    return weight


def kept_weight(text: str, unit: Unit) -> str:
    """A weight as it is kept: a bare number in the unit that goes with the plan's lengths; anything else as typed."""
    typed = text.strip()
    return f"{typed} {OF[unit]}" if _BARE.fullmatch(typed) else typed


def show_weight(weight: Kg | float, unit: Unit) -> str:
    """A weight to three figures in the unit that goes with the plan's lengths: *12.4 kg*, *27.3 lb*."""
    name = OF[unit]
    amount = float(weight) / float(UNIT_KG[name])
    return f"{amount:.0f} {name}" if amount >= 100 else f"{amount:.3g} {name}"
