"""Conversion and arithmetic against the outside: NIST SP 811, pint, and Python's decimal."""

from __future__ import annotations

import random
from decimal import Decimal, getcontext
from fractions import Fraction
from typing import Any

import pint
import pytest

from vasculum.core.lengths import UNIT_MM, read_length, show

NIST_SP_811_B8 = {
    # NIST SP 811 (2008), Appendix B.8: factors to metres, all exact
    "in": Decimal("2.54E-2"),
    "ft": Decimal("3.048E-1"),
}


@pytest.mark.parametrize(("unit", "metres"), NIST_SP_811_B8.items())
def test_factors_are_those_of_nist_sp_811(unit: str, metres: Decimal) -> None:
    assert UNIT_MM[unit] == Fraction(metres) * 1000


@pytest.fixture(scope="module")
def units() -> pint.UnitRegistry[Any]:
    return pint.UnitRegistry(non_int_type=Decimal)


@pytest.mark.parametrize("unit", UNIT_MM)
@pytest.mark.parametrize("number", ["1", "0.5", "14.6875", "37.3", "12.7"])
def test_conversion_agrees_with_pint(units: pint.UnitRegistry[Any], unit: str, number: str) -> None:
    expected = units.Quantity(Decimal(number), {"in": "inch", "ft": "foot"}.get(unit, unit)).to("millimeter").magnitude
    assert read_length(f"{number} {unit}", None).mm == Fraction(expected)


def _random_sum(draw: random.Random) -> tuple[str, Decimal]:
    """A sum of inches as typed, and its value by decimal arithmetic."""
    text, value = "", Decimal(0)
    for at in range(draw.randint(1, 5)):
        whole, below = draw.randint(0, 40), 2 ** draw.randint(1, 6)
        above = draw.randint(1, below - 1)
        count = draw.randint(1, 4)
        piece = f"{whole} {above}/{below}" if whole else f"{above}/{below}"
        worth = (Decimal(whole) + Decimal(above) / Decimal(below)) * count
        is_less = at > 0 and worth <= value and draw.random() < 0.5
        text += ("" if at == 0 else " - " if is_less else " + ") + (piece if count == 1 else f"{count} * {piece}")
        value += -worth if is_less else worth
    return text, value


@pytest.mark.parametrize("seed", range(60))
def test_sums_agree_with_decimal(seed: int) -> None:
    getcontext().prec = 50
    text, value = _random_sum(random.Random(seed))
    assert read_length(text, "in").mm == Fraction(value) * Fraction("25.4")


@pytest.mark.parametrize("sixteenths", range(0, 400, 7))
def test_what_is_shown_in_inches_agrees_with_decimal(sixteenths: int) -> None:
    shown = show(Fraction(sixteenths, 16) * Fraction("25.4"), "in")
    worth = sum(Decimal(n) / Decimal(d or 1) for n, _, d in (part.partition("/") for part in shown.split()))
    assert worth == Decimal(sixteenths) / 16
