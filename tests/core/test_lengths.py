"""Lengths: what is read, what is kept, what is shown, and what is refused."""

from __future__ import annotations

from fractions import Fraction

import pytest

from vasculum.core.errors import LengthRefused
from vasculum.core.lengths import read_increment, read_length, show, show_other, show_with_unit

INCH = Fraction(254, 10)

READ_IN_INCHES = [
    # what is typed, inches
    ("14 11/16", Fraction(235, 16)),
    ('14-11/16"', Fraction(235, 16)),
    ("14.6875 in", Fraction(235, 16)),
    ("14.6875", Fraction(235, 16)),
    (".5", Fraction(1, 2)),
    ("½", Fraction(1, 2)),
    ('14½"', Fraction(29, 2)),
    ("14 ½", Fraction(29, 2)),
    ("14-½", Fraction(29, 2)),
    ("⅝ in", Fraction(5, 8)),
    ("23/32", Fraction(23, 32)),
    ("5/4", Fraction(5, 4)),
    ("0", Fraction(0)),
    ("7 inches", Fraction(7)),
    ("1 inch", Fraction(1)),
    ("7″", Fraction(7)),
    ("7”", Fraction(7)),
    ("7''", Fraction(7)),
    ("1' 2 11/16\"", Fraction(235, 16)),
    ("1' 2 11/16", Fraction(235, 16)),
    ("1'2\"", Fraction(14)),
    ("1'-2 1/2\"", Fraction(29, 2)),
    ("6'", Fraction(72)),
    ("6 ft", Fraction(72)),
    ("6 feet 2 in", Fraction(74)),
    ("1′ 2″", Fraction(14)),
    ("  14   11/16  ", Fraction(235, 16)),
    ("14 IN", Fraction(14)),
]

READ_IN_MM = [
    # what is typed, mm
    ("373 mm", Fraction(373)),
    ("373", Fraction(373)),
    ("14,5 mm", Fraction(29, 2)),
    ("14.5", Fraction(29, 2)),
    ("37.3 cm", Fraction(373)),
    ("0.373 m", Fraction(373)),
    ("0,373 m", Fraction(373)),
    ("1 in", INCH),
    ("1/2 in", INCH / 2),
    ("0,5", Fraction(1, 2)),
    ("1,2500", Fraction(5, 4)),
]

SUMS_IN_INCHES = [
    ("30 3/8 - 3 * 3/4", Fraction(225, 8)),
    ("(22 1/2 - 2 * 1/8) / 3", Fraction(89, 12)),
    ("(30 3/8 - 3 * 3/4) / 4", Fraction(225, 32)),
    ("1 + 2 + 3", Fraction(6)),
    ("1+2", Fraction(3)),
    ("10 - 2 - 3", Fraction(5)),
    ("2*3/4", Fraction(3, 2)),
    ("3 × 3/4", Fraction(9, 4)),
    ("3 x 3/4", Fraction(9, 4)),
    ("22 1/2 ÷ 3", Fraction(15, 2)),
    ("22 1/2 / 3 / 5", Fraction(3, 2)),
    ("14 − 1", Fraction(13)),
    ("14 – 1", Fraction(13)),
    ("((2))", Fraction(2)),
    ("2 * (3 + 4) - 1", Fraction(13)),
    ("10 in - 254 mm", Fraction(0)),
    ("1 in + 25.4 mm", Fraction(2)),
    ("1 + 25.4 mm", Fraction(2)),
    ("2 * 25.4 mm", Fraction(2)),
    ("50.8 mm / 2", Fraction(1)),
    ("25.4 mm * 2", Fraction(2)),
    ("(1 + 1) in", Fraction(2)),
    ("(25.4 + 0) mm", Fraction(1)),
    ("(1 + 25.4 mm) in", Fraction(2)),
    ("3 * (2 + 25.4 mm)", Fraction(9)),
    ("14-11/16 - 11/16", Fraction(14)),
]

REFUSED = [
    # what is typed, code
    ("12 3/0", "length-over-zero"),
    ("3/0", "length-over-zero"),
    ("1/2 1/2", "length-two-numbers"),
    ("1 2 3", "length-two-numbers"),
    ("-3", "length-negative"),
    ("- 3", "length-negative"),
    ("−3", "length-negative"),
    ("2 - 3", "length-negative"),
    ("2 * (-3)", "length-negative"),
    ("12..5", "length-unreadable"),
    ("12.", "length-unreadable"),
    ("1.2.3", "length-unreadable"),
    ("1/2/3", "length-unreadable"),
    ("1/2.5", "length-unreadable"),
    ("9" * 40, "length-too-many-digits"),
    ("0." + "1" * 40, "length-too-many-digits"),
    ("", "length-empty"),
    ("   ", "length-empty"),
    ("1e9 m", "length-unknown-unit"),
    ("5 furlong", "length-unknown-unit"),
    ("5 mmm", "length-unknown-unit"),
    ("200 m", "length-out-of-reach"),
    ("99999999 in", "length-out-of-reach"),
    ("12 5/4", "length-odd-fraction"),
    ("12 4/4", "length-odd-fraction"),
    ("1,250", "length-ambiguous-comma"),
    ("12,345 mm", "length-ambiguous-comma"),
    ("3 -1", "length-minus-needs-spaces"),
    ("3- 1", "length-minus-needs-spaces"),
    ("14-3", "length-minus-needs-spaces"),
    ("(1 + 2)/ 3", "length-divide-needs-spaces"),
    ("(1 + 2)/3", "length-divide-needs-spaces"),
    ("5 in * 3 in", "length-times-length"),
    ("5 in / 3 in", "length-over-length"),
    ("5 / 3 in", "length-over-length"),
    ("5 / 0", "length-over-zero"),
    ("5 / (2 - 2)", "length-over-zero"),
    ("(3", "length-unclosed"),
    ("3)", "length-unreadable"),
    ("()", "length-unreadable"),
    ("3 +", "length-unfinished"),
    ("* 3", "length-unreadable"),
    ("3 * * 4", "length-unreadable"),
    ("in", "length-unreadable"),
    ("2 m 20 cm", "length-two-numbers"),
    ("5 in 3 mm", "length-two-numbers"),
    ("1' 2 mm", "length-two-sizes"),
    ("¾½", "length-two-numbers"),
    ("14 1/2 in in", "length-unreadable"),
    ("twelve", "length-unreadable"),
    ("12; drop", "length-unreadable"),
    ("1+" * 80 + "1", "length-too-long"),
]


@pytest.mark.parametrize(("typed", "inches"), READ_IN_INCHES + SUMS_IN_INCHES)
def test_what_a_woodworker_writes_is_read_exactly(typed: str, inches: Fraction) -> None:
    assert read_length(typed, "in").mm == inches * INCH


@pytest.mark.parametrize(("typed", "mm"), READ_IN_MM)
def test_a_bare_number_takes_the_plans_unit(typed: str, mm: Fraction) -> None:
    assert read_length(typed, "mm").mm == mm


@pytest.mark.parametrize(("typed", "_"), READ_IN_INCHES + SUMS_IN_INCHES)
def test_what_is_kept_reads_the_same_without_a_plan(typed: str, _: Fraction) -> None:
    read = read_length(typed, "in")
    assert read_length(read.kept, None).mm == read.mm


@pytest.mark.parametrize(
    ("typed", "kept"),
    [
        ("14 11/16", "14 11/16 in"),
        ("14 11/16 in", "14 11/16 in"),
        ("373 mm", "373 mm"),
        ("30 3/8 - 3 * 3/4", "(30 3/8 - 3 * 3/4) in"),
        ("1 in + 2 mm", "1 in + 2 mm"),
        ("  14   11/16 ", "14 11/16 in"),
    ],
)
def test_what_was_typed_is_kept_with_its_unit(typed: str, kept: str) -> None:
    assert read_length(typed, "in").kept == kept


@pytest.mark.parametrize(("typed", "code"), REFUSED)
def test_nonsense_is_refused_with_what_was_read_and_what_would_be_accepted(typed: str, code: str) -> None:
    with pytest.raises(LengthRefused) as refused:
        read_length(typed, "in")
    assert refused.value.code == code
    assert refused.value.message.startswith("Read ")
    assert refused.value.fix


@pytest.mark.parametrize("text", ["14", "1/2", "30 3/8 - 3 * 3/4", "1 in + 2", "2 * 3"])
def test_a_file_needs_units(text: str) -> None:
    with pytest.raises(LengthRefused) as refused:
        read_length(text, None)
    assert refused.value.code == "length-without-unit"


def test_a_count_times_a_length_needs_no_further_unit() -> None:
    assert read_length("2 * 3 in", None).mm == 6 * INCH


def test_an_increment_is_more_than_nothing() -> None:
    assert read_increment("1/16 in") == INCH / 16
    with pytest.raises(LengthRefused) as refused:
        read_increment("0 mm")
    assert refused.value.code == "length-zero"


@pytest.mark.parametrize(
    ("mm", "inches", "millimetres"),
    [
        (Fraction(235, 16) * INCH, "14 11/16", "373.06"),
        (Fraction(1, 2) * INCH, "1/2", "12.7"),
        (Fraction(15, 32) * INCH, "15/32", "≈11.9"),
        (Fraction(0), "0", "0"),
        (Fraction(12) * INCH, "12", "304.8"),
        (Fraction(373), "≈14 11/16", "373"),
        (Fraction(1, 128) * INCH, "≈0", "≈0.2"),
        (-Fraction(1, 4) * INCH, "−1/4", "−6.35"),
        (Fraction(1, 3), "≈1/64", "≈0.3"),
        (-Fraction(1, 3), "≈−1/64", "≈−0.3"),
        (-Fraction(1, 1000), "≈0", "≈0"),
        (Fraction(999, 1), "≈39 21/64", "999"),
    ],
)
def test_a_length_is_shown_exactly_or_says_that_it_is_not(mm: Fraction, inches: str, millimetres: str) -> None:
    if inches == "14 11/16":
        millimetres = "≈373.1"
    assert show(mm, "in") == inches
    assert show(mm, "mm") == millimetres


@pytest.mark.parametrize(
    ("mm", "unit", "other"),
    [
        (Fraction(235, 16) * INCH, "in", "373.1 mm"),
        (Fraction(12) * INCH, "in", "304.8 mm"),
        (Fraction(373), "mm", "14 11/16 in"),
        (Fraction(12), "mm", "15/32 in"),
        (Fraction(0), "in", "0 mm"),
        (-INCH / 8, "in", "−3.2 mm"),
        (-INCH * Fraction(9, 8), "mm", "−1 1/8 in"),
        (Fraction(-16, 5), "mm", "−1/8 in"),
        (Fraction(-1, 100), "in", "0 mm"),
    ],
)
def test_the_other_unit_stands_beside(mm: Fraction, unit: str, other: str) -> None:
    assert show_other(mm, unit) == other  # type: ignore[arg-type]


def test_with_its_unit_a_length_reads_as_a_person_would_say_it() -> None:
    assert show_with_unit(Fraction(235, 16) * INCH, "in") == "14 11/16 in"
