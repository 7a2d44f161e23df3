"""Exact lengths: read what a woodworker writes, show it again, snap it to the shop's increment.

A length is a :class:`fractions.Fraction` of millimetres. 1 in = 25.4 mm exactly (NIST SP 811, Appendix B.8).

What is read: ``14 11/16``, ``14-11/16"``, ``14.6875 in``, ``14,5 mm``, ``1' 2 11/16"``, ``37.3 cm``, ``0.373 m``,
``½``, and sums of these: ``30 3/8 - 3 * 3/4``, ``(22 1/2 - 2 * 1/8) / 3``. ``n/m`` without spaces is one number, a
minus and a division stand between spaces, and a hyphen without spaces joins a whole number to its fraction.
A unit after a closing parenthesis is the unit of the bare numbers inside.
"""

from __future__ import annotations

import re
from dataclasses import dataclass
from fractions import Fraction
from functools import lru_cache
from typing import Literal, NamedTuple, NoReturn

from vasculum.core.errors import LengthRefused

Mm = Fraction
"""An exact length in millimetres."""

Unit = Literal["in", "mm"]

UNIT_MM: dict[str, Fraction] = {
    "mm": Fraction(1),
    "cm": Fraction(10),
    "m": Fraction(1000),
    "in": Fraction(254, 10),
    "ft": Fraction(3048, 10),
}
"""Millimetres in each unit (NIST SP 811, Appendix B.8)."""

MOST_CHARACTERS = 120
MOST_DIGITS = 12
LONGEST = Fraction(100_000)
"""A hundred metres: beyond any room, so a slip of the finger."""

ACCEPTED = "Write it like 14 11/16, 14.6875 in, 373 mm, 1' 2 11/16\" or 30 3/8 - 3 * 3/4."

_SPELLINGS = {
    "mm": "mm", "cm": "cm", "m": "m",
    "in": "in", "inch": "in", "inches": "in", '"': "in", "″": "in", "”": "in", "''": "in",
    "ft": "ft", "foot": "ft", "feet": "ft", "'": "ft", "′": "ft", "’": "ft",
}  # fmt: skip
_VULGAR = {
    "½": (1, 2), "¼": (1, 4), "¾": (3, 4), "⅛": (1, 8), "⅜": (3, 8), "⅝": (5, 8), "⅞": (7, 8), "⅓": (1, 3), "⅔": (2, 3),
}  # fmt: skip
_TOKEN = re.compile(
    r"""
    (?P<space>\s+)
  | (?P<mixed>[0-9]+(?:-|\s+)[0-9]+/[0-9]+(?![0-9.,/]))
  | (?P<mixed_vulgar>[0-9]+(?:-|\s)?[½¼¾⅛⅜⅝⅞⅓⅔])
  | (?P<fraction>[0-9]+/[0-9]+(?![0-9.,/]))
  | (?P<vulgar>[½¼¾⅛⅜⅝⅞⅓⅔])
  | (?P<decimal>[0-9]*[.,][0-9]+(?![0-9.,/]))
  | (?P<whole>[0-9]+(?![0-9.,/]))
  | (?P<unit>''|["″”'′’]|[a-zA-Z]+)
  | (?P<mark>[-+*/()×÷−–])
    """,
    re.VERBOSE,
)


@dataclass(frozen=True, slots=True)
class Length:
    """A length as read: exact millimetres, and the text to keep in a file, with its unit."""

    mm: Mm
    kept: str


class _Value(NamedTuple):
    """What a part of a sum is worth: ``bare`` numbers still without unit, plus ``mm``."""

    bare: Fraction
    mm: Fraction

    def in_unit(self, unit: str) -> _Value:
        return _Value(Fraction(0), self.mm + self.bare * UNIT_MM[unit])


class _Token(NamedTuple):
    kind: str
    text: str
    space_before: bool
    space_after: bool


@lru_cache(maxsize=4_096)
def read_length(text: str, unit: Unit | None) -> Length:
    """Read a length or a sum of lengths; a bare number takes ``unit``. Each text is read once.

    Args:
        unit: the plan's unit, or None where every length must carry its own (in files).

    Raises:
        LengthRefused: with what was read and what would be accepted. Nothing is mended.
    """
    return _Reader(text).length(unit)


def read_increment(text: str, unit: Unit | None = None) -> Mm:
    """Read a length that must be more than nothing, such as an increment or a thickness."""
    length = read_length(text, unit)
    if length.mm <= 0:
        raise LengthRefused("length-zero", f"Read {text!r} as nothing at all.", "Write a length above zero.")
    return length.mm


class _Reader:
    """One pass over one text. Grammar: sum of terms, terms of factors, factors of quantities or parentheses."""

    def __init__(self, text: str) -> None:
        self.text = text
        if len(text) > MOST_CHARACTERS:
            self.refuse("length-too-long", f"has {len(text)} characters, more than {MOST_CHARACTERS}")
        if not text.strip():
            raise LengthRefused("length-empty", "Read nothing: the field is empty.", ACCEPTED)
        self.tokens = self._split()
        self.at = 0

    def refuse(self, code: str, because: str, fix: str = ACCEPTED) -> NoReturn:
        shown = self.text if len(self.text) <= 40 else self.text[:40] + "…"
        raise LengthRefused(code, f"Read {shown!r}: it {because}.", fix)

    def length(self, unit: Unit | None) -> Length:
        value = self._sum()
        if self.at < len(self.tokens):
            self._refuse_rest()
        if value.bare and unit is None:
            self.refuse("length-without-unit", "has no unit", "Write the unit too: 14 11/16 in, or 373 mm.")
        mm = value.in_unit(unit or "mm").mm
        if mm < 0:
            self.refuse("length-negative", "comes to less than nothing", "A length is zero or more.")
        if mm > LONGEST:
            self.refuse("length-out-of-reach", "is longer than a hundred metres")
        return Length(mm, self._kept(value, unit))

    def _kept(self, value: _Value, unit: Unit | None) -> str:
        """The text as typed, with the unit that its bare numbers took."""
        typed = " ".join(self.text.split())
        if unit is None or not self._has_bare_number:
            return typed
        return f"{typed} {unit}" if len(self.tokens) == 1 else f"({typed}) {unit}"

    _has_bare_number = False

    def _split(self) -> list[_Token]:
        found: list[tuple[str, str, int, int]] = []
        at = 0
        while at < len(self.text):
            match = _TOKEN.match(self.text, at)
            if match is None:
                self.refuse("length-unreadable", f"cannot be read from {self.text[at : at + 12]!r} on")
            if match.lastgroup and match.lastgroup != "space":
                found.append((match.lastgroup, match.group(), match.start(), match.end()))
            at = match.end()
        size = len(self.text)
        return [
            _Token(kind, piece, start == 0 or self.text[start - 1].isspace(), end == size or self.text[end].isspace())
            for kind, piece, start, end in found
        ]

    def _peek(self) -> _Token | None:
        return self.tokens[self.at] if self.at < len(self.tokens) else None

    def _take_mark(self, marks: str) -> str | None:
        token = self._peek()
        if token is None or token.kind not in ("mark", "unit") or token.text not in marks:
            return None
        if token.text in "-−–/" and not (token.space_before and token.space_after):
            word = "divide" if token.text == "/" else "minus"
            self.refuse(
                f"length-{word}-needs-spaces",
                f"has {token.text!r} without a space on both sides",
                f"Put a space on both sides of a {word} sign; n/m and 14-11/16 without spaces are one number.",
            )
        self.at += 1
        return token.text

    def _sum(self) -> _Value:
        value = self._term()
        while mark := self._take_mark("+-−–"):
            right = self._term()
            sign = 1 if mark == "+" else -1
            value = _Value(value.bare + sign * right.bare, value.mm + sign * right.mm)
        return value

    def _term(self) -> _Value:
        value = self._factor()
        while mark := self._take_mark("*×xX/÷"):
            right = self._factor()
            value = self._times(value, right) if mark in "*×xX" else self._over(value, right)
        return value

    def _times(self, left: _Value, right: _Value) -> _Value:
        if left.mm and right.mm:
            self.refuse("length-times-length", "multiplies a length by a length", "Multiply a length by a count.")
        count, other = (left.bare, right) if not left.mm else (right.bare, left)
        return _Value(other.bare * count, other.mm * count)

    def _over(self, left: _Value, right: _Value) -> _Value:
        if right.mm:
            self.refuse("length-over-length", "divides by a length", "Divide a length by a count.")
        if not right.bare:
            self.refuse("length-over-zero", "divides by zero")
        return _Value(left.bare / right.bare, left.mm / right.bare)

    def _factor(self) -> _Value:
        token = self._peek()
        if token is None:
            self.refuse("length-unfinished", "ends where a number should stand")
        if token.text == "(":
            self.at += 1
            value = self._sum()
            if self._take_mark(")") is None:
                self.refuse("length-unclosed", "has a parenthesis that is not closed")
            unit = self._unit()
            return value.in_unit(unit) if unit else value
        if token.text in ("-", "−", "–"):
            self.refuse("length-negative", "begins with a minus", "A length is zero or more.")
        return self._quantity()

    def _quantity(self) -> _Value:
        number = self._number()
        unit = self._unit()
        if unit is None:
            self._has_bare_number = True
            return _Value(number, Fraction(0))
        mm = number * UNIT_MM[unit]
        if unit == "ft":
            mm += self._inches_after_feet()
        return _Value(Fraction(0), mm)

    def _inches_after_feet(self) -> Fraction:
        token = self._peek()
        if token and token.text == "-" and not token.space_before and not token.space_after:
            self.at += 1
            token = self._peek()
        if token is None or token.kind in ("mark", "unit"):
            return Fraction(0)
        inches = self._number()
        unit = self._unit()
        if unit not in (None, "in"):
            self.refuse("length-two-sizes", "has feet followed by something other than inches")
        return inches * UNIT_MM["in"]

    def _unit(self) -> str | None:
        token = self._peek()
        if token is None or token.kind != "unit" or token.text in "xX":
            return None
        unit = _SPELLINGS.get(token.text.lower())
        if unit is None:
            self.refuse("length-unknown-unit", f"has an unknown unit {token.text!r}", "Use in, ft, mm, cm or m.")
        self.at += 1
        return unit

    def _number(self) -> Fraction:
        token = self._peek()
        if token is None:
            self.refuse("length-unfinished", "ends where a number should stand")
        if token.kind in ("mark", "unit"):
            self.refuse("length-unreadable", f"has {token.text!r} where a number should stand")
        if sum(c.isdigit() for c in token.text) > MOST_DIGITS:
            self.refuse("length-too-many-digits", f"has a number of more than {MOST_DIGITS} digits")
        self.at += 1
        following = self._peek()
        if following and following.kind not in ("mark", "unit"):
            self.refuse("length-two-numbers", f"has two numbers side by side, {token.text} and {following.text}")
        return self._worth(token)

    def _worth(self, token: _Token) -> Fraction:
        text = token.text
        if token.kind == "whole":
            return Fraction(int(text))
        if token.kind == "decimal":
            return self._decimal(text)
        if token.kind == "vulgar":
            return Fraction(*_VULGAR[text])
        if token.kind == "mixed_vulgar":
            return int(text[:-1].rstrip(" -\t")) + Fraction(*_VULGAR[text[-1]])
        whole, part = re.split(r"-|\s+", text) if token.kind == "mixed" else ("0", text)
        above, below = (int(n) for n in part.split("/"))
        if below == 0:
            self.refuse("length-over-zero", f"has a fraction over zero, {part}")
        if token.kind == "mixed" and above >= below:
            self.refuse("length-odd-fraction", f"has {part} beside a whole number, which is one or more")
        return int(whole) + Fraction(above, below)

    def _decimal(self, text: str) -> Fraction:
        whole, _, places = text.replace(",", ".").partition(".")
        if "," in text and len(places) == 3 and whole.strip("0"):
            self.refuse(
                "length-ambiguous-comma",
                f"could mean {whole}{places} or {whole}.{places}",
                f"Write {whole}{places} or {whole}.{places}.",
            )
        return Fraction(f"{whole or 0}.{places}")

    def _refuse_rest(self) -> NoReturn:
        token = self.tokens[self.at]
        if token.kind in ("mark", "unit"):
            self.refuse("length-unreadable", f"cannot be read from {token.text!r} on")
        self.refuse("length-two-numbers", f"has two sizes side by side, the second from {token.text} on")


# ---- showing ----------------------------------------------------------------------------------------------------

FINEST_INCH = 64
"""The finest fraction on a tape or rule: 1/64 in. Common practice."""


@lru_cache(maxsize=4_096)
def show(mm: Fraction, unit: Unit) -> str:
    """The length in the plan's unit, without naming it: ``14 11/16`` or ``373.1``.

    Exact to 1/64 in or 1/100 mm; a length between two such marks is shown at the nearest, with ``≈`` before it.
    """
    text = _show_inches(abs(mm) / UNIT_MM["in"]) if unit == "in" else _show_mm(abs(mm))
    if mm >= 0 or text == "≈0":
        return text
    return f"≈−{text[1:]}" if text.startswith("≈") else f"−{text}"


@lru_cache(maxsize=4_096, typed=True)
def show_with_unit(mm: Fraction, unit: Unit) -> str:
    """The length as a person would say it, ``14 11/16 in``."""
    return f"{show(mm, unit)} {unit}"


@lru_cache(maxsize=4_096)
def show_other(mm: Fraction, unit: Unit) -> str:
    """The same length in the other unit, rounded to 0.1 mm or 1/64 in: for reading beside the exact one."""
    if unit == "in":
        text, other = _decimal_text(round(abs(mm) * 10), 10), "mm"
    else:
        text, other = _show_inches(Fraction(round(abs(mm) / UNIT_MM["in"] * FINEST_INCH), FINEST_INCH)), "in"
    return f"{'−' if mm < 0 and text != '0' else ''}{text} {other}"


def _show_inches(inches: Fraction) -> str:
    sixty_fourths = round(inches * FINEST_INCH)
    about = "" if Fraction(sixty_fourths, FINEST_INCH) == inches else "≈"
    whole, part = divmod(Fraction(sixty_fourths, FINEST_INCH), 1)
    if not part:
        return f"{about}{whole}"
    return f"{about}{whole} {part}" if whole else f"{about}{part}"


def _show_mm(mm: Fraction) -> str:
    if mm * 100 == int(mm * 100):
        return _decimal_text(int(mm * 100), 100)
    return "≈" + _decimal_text(round(mm * 10), 10)


def _decimal_text(count: int, per_one: int) -> str:
    whole, part = divmod(count, per_one)
    places = len(str(per_one)) - 1
    return f"{whole}.{part:0{places}d}".rstrip("0").rstrip(".")
