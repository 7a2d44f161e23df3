"""Weights: read as written, shown in the plan's habit."""

from __future__ import annotations

from fractions import Fraction

import pytest

from vasculum.core.errors import WeightRefused
from vasculum.core.weights import read_weight, show_weight


@pytest.mark.parametrize(
    ("text", "kg"),
    [
        ("45 kg", "45"),
        ("20,5 kg", "20.5"),
        ("800 g", "0.8"),
        ("1 lb", "0.45359237"),
        ("10 lbs", "4.5359237"),
        ("3KG", "3"),
        ("1/2 lb", "0.226796185"),
        ("1 1/2 lb", "0.680388555"),
        ("16 oz", "0.45359237"),
    ],
)
def test_a_weight_is_read_exactly(text: str, kg: str) -> None:
    """1 lb = 0.45359237 kg: NIST SP 811, Appendix B.8."""
    assert read_weight(text) == Fraction(kg)


@pytest.mark.parametrize("text", ["", "45", "45 in", "-3 kg", "1/0 lb", "1 2 lb", "kg", "20000 kg"])
def test_what_is_no_weight_is_refused_in_words(text: str) -> None:
    with pytest.raises(WeightRefused) as refused:
        read_weight(text)
    assert refused.value.fix


@pytest.mark.parametrize(
    ("kg", "unit", "text"), [("12.36", "mm", "12.4 kg"), ("4.5359237", "in", "10 lb"), ("140.4", "mm", "140 kg")]
)
def test_a_weight_is_shown_to_three_figures(kg: str, unit: str, text: str) -> None:
    assert show_weight(Fraction(kg), "in" if unit == "in" else "mm") == text
