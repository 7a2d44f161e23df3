"""Choices that are numbers, as they stand in a plan: what each is worth."""

from __future__ import annotations

import re
from fractions import Fraction
from functools import lru_cache

from vasculum.core.errors import NumberRefused
from vasculum.core.weights import read_weight
from vasculum.plan.document import exact_length

NUMBERS = ("length", "lengths", "count", "weight", "ratio")
"""Kinds of choices that are numbers, or several of them."""
BETWEEN = ";"
"""What stands between the lengths of a list."""


@lru_cache(maxsize=4096)
def worth_of(kind: str, text: str) -> Fraction | tuple[Fraction, ...]:
    """The number of a choice: mm, a count, kg, or a ratio; of a list of lengths each of them, in order.

    Raises:
        LengthRefused, WeightRefused, NumberRefused: with what was read and what would be accepted.
    """
    if kind == "weight":
        return read_weight(text)
    if kind == "length":
        return exact_length(text)
    if kind == "lengths":
        return tuple(exact_length(part) for part in text.split(BETWEEN))
    if kind == "count" and not re.fullmatch(r"[0-9]{1,4}", text):
        raise NumberRefused("not-a-count", f"Read {text!r}, which is no count.", "Write a whole number.")
    if kind == "ratio" and not re.fullmatch(r"[0-9]{1,2}(\.[0-9]{1,4})?", text):
        raise NumberRefused("not-a-ratio", f"Read {text!r}, which is no ratio.", "Write it like 0.4 or 1.5.")
    return Fraction(text)
