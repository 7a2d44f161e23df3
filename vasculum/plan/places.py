"""From the plan document to places, given values and pins: the structure and the numbers that the catalogue works on.

Places nest as choices are looked up: cell → space → plan → defaults. A stock row is unpacked into plain sizes here.
"""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass, field
from fractions import Fraction

from vasculum.core.flow import Given, Key, Place, read_key
from vasculum.core.tables import Choosable, choosables
from vasculum.plan.document import Plan, Reading, Runner, Sheet, Space
from vasculum.plan.layout import BOXES, FACED, SPLITS, Node, divider_of, is_even_stack, nodes_of

DEFAULTS, PLAN = "defaults", "plan"

THICKNESS_OF_SHEET = {
    "side_sheet": "side_thickness",
    "box_front_sheet": "box_front_thickness",
    "box_back_sheet": "box_back_thickness",
    "bottom_sheet": "bottom_thickness",
    "front_sheet": "front_thickness",
    "divider_sheet": "divider_thickness",
}
"""Which size a chosen sheet gives. Front and back of the box are of the sides' sheet unless chosen."""
LIKE_THE_SIDES = ("box_front_sheet", "box_back_sheet", "divider_sheet")
ReadingsOf = dict[str, list[str]]
"""Survey → its readings in order."""


@dataclass
class Laid:
    """A plan laid out for the catalogue."""

    places: dict[str, Place] = field(default_factory=dict)
    given: dict[Key, Given] = field(default_factory=dict)
    pins: dict[Key, Fraction] = field(default_factory=dict)


def plan_to_places(plan: Plan) -> Laid:
    """Lay a plan out: every place with its kinds, every value that a person or a default gives, every pin."""
    laid = Laid()
    known = choosables(plan.defaults_edition)
    laid.places[DEFAULTS] = Place(DEFAULTS, frozenset({"defaults"}), None, (PLAN,))
    laid.places[PLAN] = Place(PLAN, frozenset({"plan"}), DEFAULTS, tuple(plan.space_order))
    laid.given |= {(DEFAULTS, name): one for name, one in _defaults(plan, known)}
    laid.given[PLAN, "increment"] = Given(plan.length(plan.units.increment), "chosen")
    laid.given[PLAN, "thickness_increment"] = Given(plan.length(plan.units.thickness_increment), "chosen")
    _give_choices(laid, plan, PLAN, [plan.choices])
    by_survey: ReadingsOf = {survey: [] for survey in plan.surveys}
    for id_ in plan.reading_order:
        by_survey[plan.readings[id_].survey].append(id_)
    for space_id in plan.space_order:
        _lay_space(laid, plan, space_id, by_survey)
    laid.pins = {read_key(key): plan.length(text) for key, text in plan.as_built.items()}
    return laid


def _defaults(plan: Plan, known: dict[str, Choosable]) -> Iterator[tuple[str, Given]]:
    for name, one in known.items():
        text = one.default(plan.defaults_system)
        if text is not None and one.kind in ("length", "count"):
            worth = plan.length(text) if one.kind == "length" else Fraction(text)
            yield name, Given(worth, "assumed", one.source, one.is_thing)


def _give_choices(laid: Laid, plan: Plan, place: str, levels: list[dict[str, str]]) -> None:
    """Put the choices of one place among the given values; ``levels`` are its own choices, then those further out."""
    known = choosables(plan.defaults_edition)
    own = levels[0]
    for name, text in own.items():
        one = known[name]
        if one.kind == "length":
            laid.given[place, name] = Given(plan.length(text), "measured" if one.is_thing else "chosen")
        elif one.kind == "count":
            laid.given[place, name] = Given(Fraction(text), "chosen")
        elif one.kind == "sheet":
            laid.given[place, THICKNESS_OF_SHEET[name]] = _thickness(plan, plan.library.sheets[text])
        elif one.kind == "runner":
            laid.given |= {(place, n): g for n, g in _runner_sizes(plan, plan.library.runners[text])}
    if "side_sheet" in own:
        for name in LIKE_THE_SIDES:
            if not any(name in level for level in levels):
                laid.given[place, THICKNESS_OF_SHEET[name]] = _thickness(plan, plan.library.sheets[own["side_sheet"]])


def _thickness(plan: Plan, sheet: Sheet) -> Given:
    if sheet.measured is not None:
        return Given(plan.length(sheet.measured), "measured", f"the sheet in hand: {sheet.name}", True)
    often = f"; often {sheet.often}" if sheet.often else ""
    return Given(plan.length(sheet.nominal), "assumed", f"nominal of {sheet.name}{often} ({sheet.source})", True)


def _runner_sizes(plan: Plan, runner: Runner) -> Iterator[tuple[str, Given]]:
    origin, source = ("measured", f"the pair in hand: {runner.name}") if runner.measured else ("assumed", runner.source)
    sizes = {
        "runner_side_clearance": runner.side_clearance,
        "runner_height": runner.height,
        "runner_metal": runner.metal,
    }
    for name, text in sizes.items():
        yield name, Given(plan.length(text), "measured" if origin == "measured" else "assumed", source, True)
    lengths = tuple(sorted(plan.length(text) for text in runner.stock_lengths))
    yield "runner_stock_lengths", Given(lengths, "chosen", source)


def chosen_kind(plan: Plan, family: str, levels: list[dict[str, str]]) -> str:
    """Which alternative of a family holds: the nearest choice, or the edition's default."""
    known = choosables(plan.defaults_edition)
    name = next(n for n, one in known.items() if one.kind == family and one.inch is not None)
    text = next((level[name] for level in levels if name in level), known[name].default(plan.defaults_system))
    return f"{family}.{text}"


def _lay_space(laid: Laid, plan: Plan, space_id: str, by_survey: ReadingsOf) -> None:
    space = plan.spaces[space_id]
    surveys = [s for s in (space.frame, space.case) if s is not None]
    kinds = {"space", f"space.{space.kind}"}
    has_case_width = any(plan.readings[id_].of == "width" for id_ in by_survey[space.case])
    if space.kind == "framed":
        kinds.add("case_width.read" if has_case_width else "case_width.unread")
    has_strips = space.kind == "frameless" or has_case_width
    laid.places[space_id] = Place(space_id, frozenset(kinds), PLAN, (*surveys, space.holds))
    _give_choices(laid, plan, space_id, [space.choices, plan.choices])
    for survey in surveys:
        ids = by_survey[survey]
        readings = [plan.readings[id_] for id_ in ids]
        laid.places[survey] = Place(survey, _survey_kinds(space, survey, readings), space_id, tuple(ids))
        _lay_readings(laid, plan, ids, has_strips and survey == space.case)
    for node in nodes_of(plan, space_id):
        laid.places[node.id] = Place(
            node.id, _kinds_of(plan, node), node.parent or space_id, tuple(node.place.children)
        )
        _give_choices(laid, plan, node.id, [node.place.choices, space.choices, plan.choices])
        laid.given |= {(node.id, name): Given(value, "chosen") for name, value in _sizing(plan, node)}


def _kinds_of(plan: Plan, node: Node) -> frozenset[str]:
    """Every kind that holds at a place of the layout."""
    place, levels = node.place, [node.place.choices, plan.spaces[node.space].choices, plan.choices]
    kinds = {"cell", f"cell.{node.of}"}
    if node.of != "whole":
        parent = plan.places[node.parent or ""]
        by = place.size.by if place.size.by == "fixed" else f"{place.size.by}_{divider_of(parent)}"
        kinds.add(f"sizing.{by}")
    kinds |= {
        "above.open" if node.is_open_above else "above.solid",
        "below.open" if node.is_open_below else "below.solid",
        "left.edge" if node.is_left_edge else "left.divider",
        "right.edge" if node.is_right_edge else "right.divider",
    }
    if place.holds in SPLITS:
        return frozenset(kinds | _split_kinds(plan, node, levels))
    if place.holds in BOXES:
        kinds |= {"drawer"} | {chosen_kind(plan, family, levels) for family in ("joint", "bottom")}
        row = next(level["runner"] for level in levels if "runner" in level)
        kinds.add(f"runner.{plan.library.runners[row].kind}")
        kinds.add("room.stacked" if node.is_stacked else "room.own")
    if place.holds in FACED or place.holds in BOXES:
        front = chosen_kind(plan, "front", levels) if place.holds in FACED else "front.none"
        kinds.add(front)
        if front != "front.none":
            kinds.add("front_snap.stacked" if node.is_stacked else "front_snap.own")
            kinds |= {"faced"} if place.holds in BOXES else {"false_front"}
    return frozenset(kinds | {place.holds})


def _split_kinds(plan: Plan, node: Node, levels: list[dict[str, str]]) -> set[str]:
    divider = divider_of(node.place)
    kinds = {"split", f"split.{node.place.holds}", f"divided.{divider}"}
    if divider == "board":
        kinds.add("upright.board" if node.place.holds == "columns" else "lying.board")
    if is_even_stack(plan, node):
        kinds |= {"stack.even", chosen_kind(plan, "surplus", levels)}
    return kinds


def _sizing(plan: Plan, node: Node) -> Iterator[tuple[str, Fraction]]:
    """What a row wants, as plain sizes of its own: none of it is inherited."""
    size = node.place.size
    if node.of == "whole":
        return
    if size.by == "fixed" and size.length is not None:
        yield "wanted_row_size", plan.length(size.length)
    elif size.by == "share":
        yield "row_share", Fraction(size.share)
    else:
        parent = plan.places[node.parent or ""]
        yield "grade", Fraction(node.number)
        yield "grade_step", plan.length(parent.step) if parent.step else Fraction(0)


def _lay_readings(laid: Laid, plan: Plan, ids: list[str], has_strips: bool) -> None:
    for id_ in ids:
        reading = plan.readings[id_]
        laid.places[id_] = Place(id_, _reading_kinds(reading, has_strips), reading.survey)
        margin = f"± {reading.plus_minus}" if reading.plus_minus else ""
        laid.given[id_, reading.of] = Given(plan.length(reading.value), "measured", margin, True)


def _survey_kinds(space: Space, survey: str, readings: list[Reading]) -> frozenset[str]:
    is_frame = survey == space.frame
    kinds = {"survey", "survey.frame" if is_frame else "survey.case_depth"}
    taken = {r.of for r in readings}
    if is_frame or space.kind == "frameless":
        kinds |= {"survey.width", "survey.height"}
    if not is_frame:
        kinds.add("survey.depth")
        if space.kind == "frameless":
            kinds |= {"survey.case", "survey.case_height"}
        elif "width" in taken:
            kinds |= {"survey.width", "survey.case"}
    if {"diagonal_rising_right", "diagonal_rising_left"} <= taken and "survey.width" in kinds:
        kinds.add("survey.diagonals")
    along = {r.along for r in readings if r.of == "width"}
    if {"front", "back"} <= along:
        kinds.add("survey.tapered")
    return frozenset(kinds)


def _reading_kinds(reading: Reading, has_strips: bool) -> frozenset[str]:
    kinds = {"reading", f"reading.{reading.of}"}
    if reading.of == "width":
        if reading.along in ("front", "back"):
            kinds.add(f"width_at.{reading.along}")
        if has_strips:
            kinds.add("strip.left_and_right")
    return frozenset(kinds)
