"""Words and numbers for people: labels of quantities, places and stations, lengths in the plan's unit."""

from __future__ import annotations

from collections.abc import Iterable, Mapping
from fractions import Fraction
from functools import cache
from typing import Any

from vasculum.core.catalogue import the_catalogue
from vasculum.core.flow import MeasureUnit
from vasculum.core.lengths import Unit, show, show_other, show_with_unit
from vasculum.core.tables import choosables
from vasculum.core.weights import show_weight
from vasculum.plan.document import Plan, Reading
from vasculum.plan.laying.places import PLAN, THICKNESS_OF_SHEET
from vasculum.plan.making.pieces import Piece

_ENDINGS = (("_cut", ", cut"), ("_built", ", as it comes out"), ("_here", " here"))
OF_A_RUNNER = ("runner_height", "runner_rating", "runner_case_holes", "runner_box_holes")
GIVEN_SIZES = {
    "increment": "shop increment",
    "thickness_increment": "increment for thickness",
    "runner_side_clearance": "runner clearance, one side",
    "runner_stock_lengths": "stock lengths of the runner",
    "runner_metal": "thickness of the runner's metal",
    "set_back": "set-back",
    **{name: name.replace("_", " ") for name in THICKNESS_OF_SHEET.values()},
    **{
        name: name.replace("_", " ")
        for name in ("runner_height", "runner_rating", "runner_case_holes", "runner_box_holes")
    },
}
"""Sizes that come with a row of the library, and the shop's own."""


NOT_YET = "not yet"
"""Said of a size that has no value: something underneath is not known."""
NEWTONS_IN_LBF = 4.448_221_615
"""The pound-force, by the international pound and standard gravity."""


@cache
def label_of(name: str, edition: str) -> str:
    """A quantity's name in plain words, as an edition of the defaults has it: ``gap_cut`` → *gap, cut*."""
    if name in GIVEN_SIZES:
        return GIVEN_SIZES[name]
    known = choosables(edition)
    if name in known:
        title = known[name].title
        return title[0].lower() + title[1:]
    for ending, words in _ENDINGS:
        if name.endswith(ending):
            return label_of(name.removesuffix(ending), edition) + words
    return name.replace("_", " ")


def place_name(plan: Plan, place: str) -> str:
    """What a person calls a place."""
    if place in plan.places:
        return plan.places[place].name
    cell, plus, obstruction = place.partition("+")
    if cell in plan.scribes:
        return plan.scribes[cell].name + (f", station {obstruction}" if plus else "")
    obstruction = obstruction.partition("+")[0] if cell in plan.places else obstruction
    if plus and cell in plan.places and obstruction in plan.obstructions:
        return f"{plan.obstructions[obstruction].name} beside {plan.places[cell].name}"
    if place in plan.obstructions:
        return plan.obstructions[place].name
    if place in plan.spaces:
        return plan.spaces[place].name
    if place in plan.surveys:
        return "Face frame" if plan.surveys[place].what == "frame" else "Inside"
    if place in plan.readings:
        return station_of(plan.readings[place])
    return {PLAN: "This plan"}.get(place, place)


def cell_name(plan: Plan, place: str, numbers: Mapping[str, int]) -> str:
    """Number and name of a cell, for two may bear one name: *3 Seed trays*; what is divided has no number."""
    return f"{numbers[place]} {place_name(plan, place)}" if place in numbers else place_name(plan, place)


def in_runs(numbers: Iterable[int]) -> str:
    """Numbers with those that follow each other drawn together: *1–6 9 12–14*; each once, in order."""
    runs: list[list[int]] = []
    for number in sorted(set(numbers)):
        if runs and number == runs[-1][-1] + 1:
            runs[-1].append(number)
        else:
            runs.append([number])
    return " ".join(" ".join(map(str, run)) if len(run) < 3 else f"{run[0]}–{run[-1]}" for run in runs)


def piece_name(plan: Plan, piece: Piece) -> str:
    """What a piece is called; the blank of a strip by the name of its strip."""
    title = piece.rule.title
    return f"{place_name(plan, piece.place)}, {title.lower()}" if piece.place in plan.scribes else title


def station_of(reading: Reading) -> str:
    """Where the tape was held: *width, low, front*."""
    of = {"diagonal_rising_right": "diagonal rising right", "diagonal_rising_left": "diagonal rising left"}
    return ", ".join([of.get(reading.of, reading.of), *(s for s in (reading.side, reading.level, reading.along) if s)])


@cache
def unit_of(name: str, edition: str) -> MeasureUnit:
    """The unit of a quantity by its name; what a person gives is what the edition says of it."""
    answers = the_catalogue().rules.get(name)
    if answers:
        return next(iter(answers.values())).unit
    if name.endswith("_density"):
        return "kg/m³"
    known = choosables(edition).get(name)
    kinds: dict[str, MeasureUnit] = {"count": "count", "weight": "kg", "ratio": "ratio"}
    return "mm" if known is None else kinds.get(known.kind, "mm")


def number_text(value: Any, unit: Unit, measure: MeasureUnit = "mm") -> str:
    """One number as a person reads it, with its unit."""
    if isinstance(value, tuple):
        return ", ".join(number_text(one, unit, measure) for one in value)
    if measure == "litre":
        return f"{float(value):.1f} litres"
    if measure == "kg":
        return show_weight(value, unit)
    if measure == "N" and unit == "in":
        return f"{float(value) / NEWTONS_IN_LBF:.0f} lbf"
    if measure in ("N", "kg/m³"):
        return f"{float(value):.0f} {measure}"
    if measure == "share":
        return f"{float(value):.0%}"
    if measure != "mm":
        return str(value)
    exact = Fraction(round(value * 10), 10) if isinstance(value, float) else Fraction(value)
    return show_with_unit(exact, unit)


def length_texts(value: Fraction, unit: Unit) -> tuple[str, str]:
    """A length in the plan's unit, and in the other."""
    return show(value, unit), show_other(value, unit)


def filled(template: str, numbers: Mapping[str, Any], unit: Unit) -> str:
    """A message with its numbers put in, in the plan's unit."""
    shown = {n: number_text(v, unit, _measure_of(n, v)) for n, v in numbers.items()}
    return template.format(**shown) if numbers else template


def _measure_of(name: str, value: Any) -> MeasureUnit:
    """The unit of one number of a message, by its name; a whole number counts."""
    for ending, measure in _MEASURES.items():
        if name.endswith(ending):
            return measure
    return "count" if isinstance(value, int) else "mm"


_MEASURES: dict[str, MeasureUnit] = {"_kg": "kg", "_n": "N", "_count": "count"}
