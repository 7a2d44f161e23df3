"""From the plan document to places, given values and pins: the structure and the numbers that the catalogue works on.

Places nest as choices are looked up: cell → space → plan; a default stands in the plan until something is chosen there,
so that choosing it changes a value and no structure. A stock row is unpacked into plain sizes here.
"""

from __future__ import annotations

from collections.abc import Iterable, Iterator
from dataclasses import dataclass, field
from fractions import Fraction
from functools import cache

from vasculum.core.flow import Given, Key, Origin, Place, read_key
from vasculum.core.lengths import Unit
from vasculum.core.tables import choosables, dowel_diameters, screw_gauges, sold_fasteners
from vasculum.core.weights import read_weight
from vasculum.plan.document import Board, Choices, Obstruction, Plan, Runner, Sheet
from vasculum.plan.document.choices import NUMBERS, worth_of
from vasculum.plan.laying.carcass import OF_CASE, has_new_case, has_niche, is_new
from vasculum.plan.laying.crossings import (
    PASSING,
    beside_case_kinds,
    beside_case_sizes,
    board_crossing_kinds,
    crossing_ids,
    crossing_kinds,
    crossing_sizes,
    obstructed_kinds,
)
from vasculum.plan.laying.kinds import kinds_of, reading_kinds, space_kinds, survey_kinds
from vasculum.plan.laying.layout import Node, nearest_choice, nodes_of
from vasculum.plan.laying.members import is_packed
from vasculum.plan.laying.own_parts import own_good_place, own_good_sizes, own_part_places, own_part_sizes
from vasculum.plan.laying.things import tallest_in, weight_in

PLAN = "plan"

THICKNESS_OF_SHEET = {
    "side_sheet": "side_thickness",
    "box_front_sheet": "box_front_thickness",
    "box_back_sheet": "box_back_thickness",
    "bottom_sheet": "bottom_thickness",
    "front_sheet": "front_thickness",
    "divider_sheet": "divider_thickness",
    "shelf_sheet": "shelf_thickness",
    "grid_sheet": "grid_thickness",
    "upper_sheet": "upper_thickness",
    "case_side_sheet": "case_side_thickness",
    "case_bottom_sheet": "case_bottom_thickness",
    "case_top_sheet": "case_top_thickness",
    "plinth_sheet": "plinth_thickness",
    "case_back_sheet": "case_back_thickness",
    "worktop_sheet": "worktop_thickness",
    "mat_sheet": "mat_thickness",
    "parts_sheet": "parts_thickness",
    "hanging_sheet": "hanging_thickness",
    "rack_sheet": "rack_thickness",
    "rack_plate_sheet": "rack_plate_thickness",
}
"""Which size a chosen sheet gives; that of the case in general gives none, but stands in for those of its boards."""
LIKE = {
    "box_front_sheet": "side_sheet", "box_back_sheet": "side_sheet", "divider_sheet": "side_sheet",
    "shelf_sheet": "divider_sheet", "case_side_sheet": "case_sheet", "case_bottom_sheet": "case_sheet",
    "case_top_sheet": "case_sheet", "plinth_sheet": "case_sheet", "case_sheet": "front_sheet",
    "case_back_sheet": "bottom_sheet", "grid_sheet": "bottom_sheet", "upper_sheet": "side_sheet",
    "parts_sheet": "bottom_sheet", "hanging_sheet": "divider_sheet",
    "rack_sheet": "divider_sheet", "rack_plate_sheet": "side_sheet",
}  # fmt: skip
"""What is of another part's sheet unless one was chosen for it."""


def roles_behind(choice: str) -> Iterator[str]:
    """The choices that name the sheet of a part, the nearest first: its own, what it is like, what that is like."""
    at: str | None = choice
    while at is not None:
        yield at
        at = LIKE.get(at)


def sheet_chosen(levels: Iterable[Choices], choice: str) -> str | None:
    """The sheet of a part: of the first of its roles that anybody chose one for, the nearest level's."""
    known = list(levels)
    return next((sheet for role in roles_behind(choice) if (sheet := nearest_choice(known, role))), None)


ReadingsOf = dict[str, list[str]]
"""Survey → its readings in order."""


@dataclass
class Laid:
    """A plan laid out for the catalogue."""

    places: dict[str, Place] = field(default_factory=dict)
    given: dict[Key, Given] = field(default_factory=dict)
    pins: dict[Key, Fraction] = field(default_factory=dict)


def choices_at(plan: Plan, place: str) -> dict[str, str]:
    """What was chosen at one level: a place, a space, or the plan."""
    if place in plan.places:
        return plan.places[place].choices
    if place in plan.spaces:
        return plan.spaces[place].choices
    return plan.choices if place == PLAN else {}


def levels_at(plan: Plan, laid: Laid, place: str) -> list[dict[str, str]]:
    """Where a choice is looked up from a place: its own, those of what it is a part of, its space's, the plan's."""
    at, levels = place, []
    while at in laid.places and at != PLAN:
        levels.append(choices_at(plan, at))
        at = laid.places[at].parent or PLAN
    return [*levels, plan.choices]


def sheet_behind(plan: Plan, thickness: Key) -> str | None:
    """The sheet that gives a thickness, as chosen at the very level that it comes from."""
    if thickness[0] in plan.own_parts:
        return plan.own_parts[thickness[0]].stock
    own = choices_at(plan, thickness[0])
    for choice, name in THICKNESS_OF_SHEET.items():
        if name == thickness[1]:
            return sheet_chosen([own], choice)
    return None


def plan_to_places(plan: Plan) -> Laid:
    """Lay a plan out: every place with its kinds, every value that a person or a default gives, every pin."""
    laid = Laid()
    laid.places[PLAN] = Place(PLAN, frozenset({"plan"}), None, tuple(plan.space_order))
    laid.given |= _defaults(plan.defaults_edition, plan.defaults_system)
    laid.given[PLAN, "increment"] = Given(plan.length(plan.units.increment), "chosen")
    laid.given[PLAN, "thickness_increment"] = Given(plan.length(plan.units.thickness_increment), "chosen")
    thick = {plan.length(one.thick) for one in plan.library.sheets.values()}
    laid.given[PLAN, "sheet_thicknesses"] = Given(tuple(sorted(thick)), "chosen", "the sheets of this plan")
    _give_choices(laid, plan, PLAN, [plan.choices])
    by_survey: ReadingsOf = {survey: [] for survey in plan.surveys}
    for id_ in plan.reading_order:
        by_survey[plan.readings[id_].survey].append(id_)
    for space_id in plan.space_order:
        _lay_space(laid, plan, space_id, by_survey)
    if any("sides_mirror" in place.kinds for place in laid.places.values()):
        laid.places[PLAN] = laid.places[PLAN]._replace(kinds=frozenset({"plan", "has_mirrored_sides"}))
    laid.pins = {read_key(key): plan.length(text) for key, text in plan.as_built.items()}
    return laid


@cache
def _defaults(edition: str, system: Unit) -> dict[Key, Given]:
    """What an edition gives where nothing is chosen."""
    given = {}
    for name, one in choosables(edition).items():
        text = one.default(system)
        if text is not None and one.kind in NUMBERS:
            given[PLAN, name] = Given(worth_of(one.kind, text), "assumed", one.source, one.is_thing)
    gauges = screw_gauges()
    given[PLAN, "screw_diameters"] = Given(tuple(one.diameter for one in gauges), "assumed", gauges[0].source)
    diameters, source = dowel_diameters(system)
    given[PLAN, "dowel_diameters"] = Given(diameters, "assumed", source)
    for sold in sold_fasteners(system):
        given[PLAN, f"{sold.kind}_lengths"] = Given(sold.lengths, "assumed", sold.source)
        if sold.for_thickness:
            given[PLAN, f"{sold.kind}_thicknesses"] = Given(sold.for_thickness, "assumed", sold.source)
    return given


def _give_choices(laid: Laid, plan: Plan, place: str, levels: list[dict[str, str]]) -> None:
    """Put the choices of one place among the given values; ``levels`` are its own choices, then those further out."""
    known = choosables(plan.defaults_edition)
    own = {name: text for name, text in levels[0].items() if name not in OF_CASE or has_new_case(plan)}
    for name, text in own.items():
        one = known[name]
        if one.kind in NUMBERS:
            laid.given[place, name] = Given(worth_of(one.kind, text), "measured" if one.is_thing else "chosen")
        elif one.kind == "band":
            band = plan.library.bands[text]
            source = f"of {band.name} ({band.source})"
            laid.given[place, f"{name}_thickness"] = Given(plan.length(band.thickness), "chosen", source, True)
        elif one.kind == "runner":
            row = plan.library.runners[text]
            laid.given |= {(place, n): g for n, g in _runner_sizes(plan, row)}
            laid.given |= {(place, n): g for n, g in _runner_room(plan, row, levels, place)}
    for name, thickness in THICKNESS_OF_SHEET.items():
        chosen = next((role for role in roles_behind(name) if nearest_choice(levels, role)), None)
        if chosen in own and (name not in OF_CASE or has_new_case(plan)):
            laid.given[place, thickness] = _thickness(plan, plan.library.stock(own[chosen]))
    if "sheet_density" in own or any(known[name].kind == "sheet" for name in own):
        laid.given |= {(place, name): given for name, given in _densities(plan, levels)}


def _densities(plan: Plan, levels: list[dict[str, str]]) -> Iterator[tuple[str, Given]]:
    """The density of each part at a place: its sheet's own, or what was said there of sheets in general."""
    usual = choosables(plan.defaults_edition)["sheet_density"]
    said = nearest_choice(levels, "sheet_density")
    for choice, thickness in THICKNESS_OF_SHEET.items():
        sheet = sheet_chosen(levels, choice)
        if sheet is None or (choice in OF_CASE and not has_new_case(plan)):
            continue
        row, name = plan.library.stock(sheet), thickness.replace("_thickness", "_density")
        if row.density is not None:
            yield name, Given(Fraction(row.density), "chosen", f"of {row.name}")
        elif said is not None:
            yield name, Given(Fraction(said), "chosen")
        else:
            yield name, Given(Fraction(usual.default(plan.defaults_system) or ""), "assumed", usual.source)


def _thickness(plan: Plan, row: Sheet | Board) -> Given:
    what, often = ("board", None) if isinstance(row, Board) else ("sheet", row.often)
    if row.measured is not None:
        return Given(plan.length(row.thick), "measured", f"the {what} in hand: {row.name}", True)
    often = f"; often {often}" if often else ""
    return Given(plan.length(row.thick), "assumed", f"nominal of {row.name}{often} ({row.source})", True)


def _runner_sizes(plan: Plan, runner: Runner) -> Iterator[tuple[str, Given]]:
    origin, source = ("measured", f"the pair in hand: {runner.name}") if runner.measured else ("assumed", runner.source)
    sizes = {
        "runner_side_clearance": runner.side_clearance,
        "runner_height": runner.height,
        "runner_metal": runner.metal,
    }
    for name, text in sizes.items():
        yield name, Given(plan.length(text), "measured" if origin == "measured" else "assumed", source, True)
    if runner.rating:
        yield "runner_rating", Given(read_weight(runner.rating), "chosen", source)
    for name, texts in (
        ("runner_stock_lengths", runner.stock_lengths),
        ("runner_case_holes", runner.case_holes),
        ("runner_box_holes", runner.box_holes),
    ):
        if texts:
            yield name, Given(tuple(sorted(plan.length(text) for text in texts)), "chosen", source)


def _runner_room(plan: Plan, runner: Runner, levels: list[dict[str, str]], place: str) -> Iterator[tuple[str, Given]]:
    """What a runner wants above and below the box; play that a person chose stands.

    One that wants nothing of its own goes back to the default: it does not take the room of another runner further out.
    """
    origin: Origin = "measured" if runner.measured else "assumed"
    for name, text in (("play_above", runner.room_above), ("play_below", runner.room_below)):
        if any(name in level for level in levels):
            continue
        usual = choosables(plan.defaults_edition)[name]
        if text is not None:
            yield name, Given(plan.length(text), origin, runner.source)
        elif place != PLAN:
            yield name, Given(worth_of("length", usual.default(plan.defaults_system) or ""), "assumed", usual.source)


def _lay_space(laid: Laid, plan: Plan, space_id: str, by_survey: ReadingsOf) -> None:
    space = plan.spaces[space_id]
    surveys = [s for s in (space.frame, space.case) if s is not None]
    kinds = space_kinds(plan, space_id)
    has_case_width = any(plan.readings[id_].of == "width" for id_ in by_survey[space.case])
    if space.kind == "framed":
        kinds.add("case_width.read" if has_case_width else "case_width.unread")
    kinds |= {"packed"} if is_packed(plan, space) else set()
    scribes = [id_ for id_, one in plan.scribes.items() if one.space == space_id]
    has_strips = has_case_width if space.kind == "framed" else not is_new(plan, space)
    in_the_way = [(id_, one) for id_, one in plan.obstructions.items() if one.space == space_id]
    is_outside = has_niche(plan, space)
    there = [id_ for id_, one in plan.existing.items() if one.space == space_id]
    own = [
        id_ for name in ("own_parts", "own_goods") for id_, one in getattr(plan, name).items() if one.space == space_id
    ]
    children = (*surveys, space.holds, *scribes, *there, *own, *(id_ for id_, _ in in_the_way))
    laid.places[space_id] = Place(space_id, frozenset(kinds), PLAN, children)
    for id_, one in in_the_way:
        kinds_of_one = {"in_the_way", f"in_the_way.{one.what}", f"in_the_way.on_{one.on}"}
        kinds_of_one |= beside_case_kinds(one) if is_outside else set()
        laid.places[id_] = Place(id_, frozenset(kinds_of_one), space_id)
        reach = max((point.projection for point in one.profile), key=plan.length, default=one.projection)
        laid.given[id_, "projection"] = Given(plan.length(reach), "measured", "", True)
        for name, size in beside_case_sizes(plan, one) if is_outside else ():
            laid.given[id_, name] = Given(size, "measured", "", True)
    for id_ in scribes:
        _lay_scribe(laid, plan, id_)
    for id_ in there:
        _lay_existing(laid, plan, id_)
    for id_ in own:
        _lay_own(laid, plan, id_)
    _give_choices(laid, plan, space_id, [space.choices, plan.choices])
    if is_new(plan, space) and nearest_choice([space.choices, plan.choices], "end_panel_thickness") is None:
        case = laid.given.get((space_id, "case_side_thickness"), laid.given.get((PLAN, "case_side_thickness")))
        laid.given |= {} if case is None else {(space_id, "end_panel_thickness"): case}
    for survey in surveys:
        ids = by_survey[survey]
        readings = [plan.readings[id_] for id_ in ids]
        laid.places[survey] = Place(survey, survey_kinds(plan, space, survey, readings), space_id, tuple(ids))
        _lay_readings(laid, plan, ids, has_strips and survey == space.case)
    for node in nodes_of(plan, space_id):
        met = in_the_way if node.place.holds in PASSING and not is_outside else []
        crossings = [place for id_, one in met for place in _lay_crossings(laid, plan, node.id, id_, one)]
        of_node = kinds_of(plan, node) | obstructed_kinds([one for _, one in met])
        apart: list[str] = []
        if "has_board" in of_node and in_the_way and not is_outside:
            of_node |= {"board_obstructed"}
            for id_, one in in_the_way:
                apart += _lay_crossings(laid, plan, node.id, id_, one, board_of=node.of)
        children = (*node.place.children, *crossings, *apart)
        laid.places[node.id] = Place(node.id, of_node, node.parent or space_id, children, len(apart))
        _give_choices(laid, plan, node.id, list(node.levels))
        laid.given |= {(node.id, name): Given(value, "chosen") for name, value in _sizing(plan, node)}
        if "contents_weight" not in node.place.choices and (weight := weight_in(plan, node.id)) is not None:
            laid.given[node.id, "contents_weight"] = Given(weight, "chosen", "the things that are kept there")


def _lay_existing(laid: Laid, plan: Plan, existing: str) -> None:
    """Something that is there, and the sizes of what stands in for it, once all of them were chosen."""
    one = plan.existing[existing]
    kinds = {"existing", f"existing.{one.fate}", f"existing_is.{one.what}"}
    sizes = {
        "stand_in_length": one.stand_in_length,
        "stand_in_width": one.stand_in_width,
        "stand_in_thickness": one.stand_in_thickness,
    }
    if one.stand_in is None:
        kinds.add("stood_in.by_nothing")
    elif None in sizes.values():
        kinds.add("stood_in.unsized")
    else:
        kinds.add(f"stood_in.{one.stand_in}")
        laid.given |= {(existing, n): Given(plan.length(t), "chosen") for n, t in sizes.items() if t is not None}
    laid.places[existing] = Place(existing, frozenset(kinds), one.space)


def _lay_own(laid: Laid, plan: Plan, id_: str) -> None:
    """A part that no rule makes, or something to buy that none asks for."""
    if id_ in plan.own_goods:
        one = plan.own_goods[id_]
        laid.places[id_] = own_good_place(id_, one)
        laid.given |= own_good_sizes(plan, id_, one)
        return
    part = plan.own_parts[id_]
    laid.places |= {place.id: place for place in own_part_places(plan, id_, part)}
    laid.given |= own_part_sizes(plan, id_, part)
    if part.stock is not None:
        laid.given[id_, "own_thickness"] = _thickness(plan, plan.library.stock(part.stock))


def _lay_scribe(laid: Laid, plan: Plan, scribe: str) -> None:
    """A scribe strip and its stations."""
    one = plan.scribes[scribe]
    stations = tuple(f"{scribe}+{number}" for number in range(1, len(one.stations) + 1))
    laid.places[scribe] = Place(
        scribe, frozenset({"scribe"} if stations else {"scribe_unmeasured"}), one.space, stations
    )
    for id_, station in zip(stations, one.stations, strict=True):
        laid.places[id_] = Place(id_, frozenset({"scribe_station"}), scribe)
        laid.given[id_, "scribe_at"] = Given(plan.length(station.at), "measured", "", True)
        laid.given[id_, "scribe_gap"] = Given(plan.length(station.gap), "measured", "", True)


def _lay_crossings(
    laid: Laid, plan: Plan, cell: str, obstruction: str, one: Obstruction, board_of: str = ""
) -> list[str]:
    """One obstruction where it meets, or may meet, one cell: one place, or one for each stretch of its profile.

    Or where it may meet the board before a cell that is a row or a column.
    """
    places = crossing_ids(cell, obstruction, one, is_board=bool(board_of))
    kinds = board_crossing_kinds(one, board_of) if board_of else crossing_kinds(one)
    for place, sizes in zip(places, crossing_sizes(one), strict=True):
        laid.places[place] = Place(place, kinds, cell)
        laid.given |= {(place, n): Given(plan.length(text), "measured", "", True) for n, text in sizes.items()}
    return places


def _sizing(plan: Plan, node: Node) -> Iterator[tuple[str, Fraction]]:
    """What a row wants, as plain sizes of its own: none of it is inherited."""
    size = node.place.size
    if node.of == "whole":
        return
    if size.by == "contents" and size.length is None and (tallest := tallest_in(plan, node.id)) is not None:
        yield "contents_size", tallest
    elif size.by in ("fixed", "contents") and size.length is not None:
        yield "wanted_row_size" if size.by == "fixed" else "contents_size", plan.length(size.length)
    elif size.by in ("share", "left"):
        yield "row_share", Fraction(size.share if size.by == "share" else 1)
    elif size.by == "graduated":
        parent = plan.places[node.parent or ""]
        last = len(parent.children) - 1
        yield "grade", Fraction(last - node.number if parent.backwards else node.number)
        if parent.ratio:
            yield "grade_ratio", Fraction(parent.ratio)
        else:
            yield "grade_step", plan.length(parent.step) if parent.step else Fraction(0)


def _lay_readings(laid: Laid, plan: Plan, ids: list[str], has_strips: bool) -> None:
    for id_ in ids:
        reading = plan.readings[id_]
        laid.places[id_] = Place(id_, reading_kinds(reading, has_strips), reading.survey)
        margin = f"± {reading.plus_minus}" if reading.plus_minus else ""
        laid.given[id_, reading.of] = Given(plan.length(reading.value), "measured", margin, True)
