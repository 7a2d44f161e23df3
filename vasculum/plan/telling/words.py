"""Words and numbers for people: labels of quantities, places and stations, lengths in the plan's unit."""

from __future__ import annotations

from collections.abc import Iterable, Mapping
from fractions import Fraction
from functools import cache
from typing import Any

from vasculum.core.catalogue import the_catalogue
from vasculum.core.errors import Unwired
from vasculum.core.flow import MeasureUnit
from vasculum.core.lengths import Unit, show, show_other, show_with_unit
from vasculum.core.shopping import show_area
from vasculum.core.tables import choosables
from vasculum.core.weights import show_weight
from vasculum.plan.document import Plan, Reading
from vasculum.plan.laying.places import PLAN
from vasculum.plan.making.piece import Piece

_ENDINGS = (
    ("_cut", ", cut"), ("_built", ", as it comes out"), ("_here", " at this station"), ("*", ", of all"),
)  # fmt: skip
OF_A_RUNNER = ("runner_height", "runner_rating", "runner_case_holes", "runner_box_holes")
GIVEN_SIZES = {
    "stand_in_length": "length of what stands in",
    "stand_in_width": "width of what stands in",
    "stand_in_thickness": "thickness of what stands in",
    "own_length": "length of one's own part",
    "own_width": "width of one's own part",
    "own_thickness": "thickness of one's own part",
    "own_across": "the first one, from the left",
    "own_back": "the first one, behind the front",
    "own_up": "the first one, above the floor",
    "own_steps_across": "from one to the next, across",
    "own_steps_back": "from one to the next, back",
    "own_steps_up": "from one to the next, up",
    "own_nth": "which of them it is",
    "own_front_notch_wide": "width of the front notches",
    "own_front_notch_deep": "depth of the front notches",
    "own_back_notch_wide": "width of the back notches",
    "own_back_notch_deep": "depth of the back notches",
    "own_good_count": "how many are bought",
    "own_good_length": "length of what is bought",
    "own_good_passed": "thickness that it passes",
    "own_good_into": "thickness of what holds it",
    "increment": "shop increment",
    "thickness_increment": "increment for thickness",
    "runner_side_clearance": "runner clearance, one side",
    "runner_stock_lengths": "stock lengths of the runner",
    "runner_metal": "thickness of the runner's metal",
    "side_thickness": "side thickness",
    "box_front_thickness": "box front thickness",
    "box_back_thickness": "box back thickness",
    "bottom_thickness": "bottom thickness",
    "grid_thickness": "thickness of what is built in",
    "upper_thickness": "thickness of the upper tray's walls",
    "front_thickness": "front thickness",
    "divider_thickness": "divider thickness",
    "case_side_thickness": "thickness of the case sides",
    "case_bottom_thickness": "thickness of the case bottom",
    "case_top_thickness": "thickness of the case top",
    "plinth_thickness": "thickness of the plinth",
    "shelf_thickness": "shelf thickness",
    "case_back_thickness": "case back thickness",
    "worktop_thickness": "thickness of the top on the case",
    "mat_thickness": "thickness of the mat",
    "parts_thickness": "thickness of the parts trays",
    "hanging_thickness": "thickness of the hanging plate",
    "rack_thickness": "thickness of the rack's case",
    "rack_plate_thickness": "thickness of the rack's plates",
    "runner_height": "runner height",
    "runner_rating": "rating of a pair of runners",
    "runner_case_holes": "holes of the member in the case",
    "runner_box_holes": "holes of the member on the box",
    "screw_diameters": "diameters of screws for edges",
    "sheet_thicknesses": "thicknesses of the sheets in hand",
    "brad_lengths": "lengths that brads are sold in",
    "screw_lengths": "lengths that screws are sold in",
    "dowel_diameters": "diameters that dowels are sold in",
    "pocket_lengths": "lengths of pocket screws, by the thickness drilled",
    "pocket_thicknesses": "thicknesses that pocket screws are told for",
    "width": "width",
    "height": "height",
    "depth": "depth",
    "diagonal_rising_right": "diagonal, rising right",
    "diagonal_rising_left": "diagonal, rising left",
    "row_share": "shares of the row or column",
    "wanted_row_size": "size of the row or column",
    "grade": "number in a graduated column",
    "grade_step": "step of a graduated column",
    "scribe_at": "station along the scribe strip",
    "scribe_gap": "gap behind the scribe strip at this station",
    "projection": "stands in by",
    "reach_heights": "heights of its outline",
    "reaches": "stands in at each height of its outline",
    "over_height": "how high it reaches",
    "projection_above": "stands in by, at its upper end",
    "begins_from_floor": "its lower end above the floor",
    "ends_from_floor": "its upper end above the floor",
    "begins_from_front": "begins behind the front",
    "begins_from_left": "begins, from the left",
    "stretch_up": "how high it is",
    "stretch_across": "how wide it is",
    "stretch_deep": "how deep it is",
}
"""What no rule gives: rows of the library, readings, wishes, things in the way, and the shop's own."""


NOT_YET = "not yet"
"""Said of a size that has no value: something underneath is not known."""
NEWTONS_IN_LBF = 4.448_221_615
"""The pound-force, by the international pound and standard gravity."""


@cache
def label_of(name: str, edition: str) -> str:
    """What a woodworker calls a quantity: as its choice or its rule says, or its row of the library.

    What is cut or built of a size is called after it: ``gap_cut`` → *gap, cut*.

    Raises:
        Unwired: where nobody says what it is called.
    """
    known, said = choosables(edition), the_catalogue().labels
    if name in GIVEN_SIZES:
        return GIVEN_SIZES[name]
    if name in said:
        return said[name]
    if name in known:
        title = known[name].title
        return title[0].lower() + title[1:]
    for ending, words in _ENDINGS:
        if name.endswith(ending):
            return label_of(name.removesuffix(ending), edition) + words
    if name.endswith("_density"):
        return f"density of {label_of(name.removesuffix('density') + 'sheet', edition)}"
    if name.endswith("_band_thickness"):
        return f"thickness of the {label_of(name.removesuffix('_thickness'), edition)}"
    if name in the_catalogue().checks:
        (first, *_) = the_catalogue().checks[name].values()
        sentence = first.sentence.rstrip(".")
        return sentence[0].lower() + sentence[1:]
    raise Unwired(f"nobody says what {name} is called")


FATES = {"stays": "stays", "reused": "is used again", "taken_out": "comes out"}
"""What becomes of a part that is there, in words."""


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
    for known in (plan.existing, plan.own_parts, plan.own_goods):
        if cell in known:
            return known[cell].name
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
    """What a piece is called; the blank of a strip by the name of its strip, a stand-in by what it stands in for."""
    title = piece.rule.title
    if piece.place in plan.own_parts:
        return place_name(plan, piece.place)
    if piece.place in plan.existing:
        return f"{title} for {place_name(plan, piece.place)}"
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
    if measure == "area":
        return show_area(value, unit)
    if measure == "ml":
        return f"{value} ml"
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
