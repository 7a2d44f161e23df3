"""Words and numbers for people: labels of quantities, places and stations, lengths in the plan's unit."""

from __future__ import annotations

from collections.abc import Mapping
from fractions import Fraction
from functools import cache
from typing import Any

from vasculum.core.catalogue import the_catalogue
from vasculum.core.flow import MeasureUnit
from vasculum.core.lengths import Unit, show, show_other, show_with_unit
from vasculum.core.tables import choosables
from vasculum.plan.document import Plan, Reading
from vasculum.plan.places import DEFAULTS, PLAN

_ENDINGS = (("_cut", ", cut"), ("_built", ", as it comes out"), ("_here", " here"))
_GIVEN = {
    "increment": "shop increment",
    "thickness_increment": "increment for thickness",
    "runner_side_clearance": "runner clearance, one side",
    "runner_stock_lengths": "stock lengths of the runner",
    "runner_metal": "thickness of the runner's metal",
    "set_back": "set-back",
}


@cache
def label_of(name: str) -> str:
    """A quantity's name in plain words: ``front_back_length_cut`` → *front and back length, cut*."""
    if name in _GIVEN:
        return _GIVEN[name]
    known = choosables()
    if name in known:
        title = known[name].title
        return title[0].lower() + title[1:]
    for ending, words in _ENDINGS:
        if name.endswith(ending):
            return label_of(name.removesuffix(ending)) + words
    return name.replace("front_back", "front and back").replace("_", " ")


def place_name(plan: Plan, place: str) -> str:
    """What a person calls a place."""
    if place in plan.places:
        return plan.places[place].name
    if place in plan.spaces:
        return plan.spaces[place].name
    if place in plan.surveys:
        return "Face frame" if plan.surveys[place].what == "frame" else "Inside"
    if place in plan.readings:
        return station_of(plan.readings[place])
    return {PLAN: "This plan", DEFAULTS: "Defaults"}.get(place, place)


def station_of(reading: Reading) -> str:
    """Where the tape was held: *width, low, front*."""
    of = {"diagonal_rising_right": "diagonal rising right", "diagonal_rising_left": "diagonal rising left"}
    return ", ".join([of.get(reading.of, reading.of), *(s for s in (reading.side, reading.level, reading.along) if s)])


@cache
def unit_of(name: str) -> MeasureUnit:
    """The unit of a quantity by its name; what a person gives is a length, or a count."""
    answers = the_catalogue().rules.get(name)
    if answers:
        return next(iter(answers.values())).unit
    known = choosables().get(name)
    return "count" if known is not None and known.kind == "count" else "mm"


def number_text(value: Any, unit: Unit, measure: MeasureUnit = "mm") -> str:
    """One number as a person reads it, with its unit."""
    if isinstance(value, tuple):
        return ", ".join(number_text(one, unit, measure) for one in value)
    if measure == "litre":
        return f"{float(value):.1f} litres"
    if measure != "mm":
        return str(value)
    exact = Fraction(round(value * 10), 10) if isinstance(value, float) else Fraction(value)
    return show_with_unit(exact, unit)


def length_texts(value: Fraction, unit: Unit) -> tuple[str, str]:
    """A length in the plan's unit, and in the other."""
    return show(value, unit), show_other(value, unit)


def filled(template: str, numbers: Mapping[str, Any], unit: Unit) -> str:
    """A message with its numbers put in, in the plan's unit."""
    shown = {n: number_text(v, unit) if isinstance(v, Fraction) else str(v) for n, v in numbers.items()}
    return template.format(**shown) if numbers else template
