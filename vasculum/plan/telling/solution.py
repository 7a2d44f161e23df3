"""What a solved plan says, in its own unit: quantities, parts, hardware, findings, tape checks, what is still assumed.

These models are the answer of ``vasculum solve --json`` and of the web: facts by key, words rendered last.
"""

from __future__ import annotations

from collections.abc import Callable, Iterable, Iterator, Mapping
from fractions import Fraction
from functools import lru_cache
from typing import Any, Literal
from weakref import WeakKeyDictionary

from vasculum.core.flow import (
    Derivation,
    Finding,
    Key,
    MeasureUnit,
    Origin,
    Refusal,
    Severity,
    Wiring,
    key_text,
    read_key,
)
from vasculum.core.flow.things import Hand
from vasculum.core.lengths import Mm, Unit, show_with_unit
from vasculum.plan.document import Board, Model, Plan, as_usual
from vasculum.plan.document.patching import PatchStep
from vasculum.plan.laying.asked import asked_at
from vasculum.plan.laying.layout import boxes_of, numbers_of
from vasculum.plan.laying.places import PLAN, choices_at, sheet_behind
from vasculum.plan.laying.solving import SolvedPlan, nearest_key
from vasculum.plan.making.goods import goods_of
from vasculum.plan.making.meeting import Proof
from vasculum.plan.making.piece import Cut, Grain, Piece
from vasculum.plan.making.pieces import have_their_sizes, merged, pieces_of, values_of
from vasculum.plan.telling.assembled import Assembled, assembled_of, meetings_shown
from vasculum.plan.telling.contents import Contents, contents_of, found_in_contents
from vasculum.plan.telling.cuts import CutShown, in_words
from vasculum.plan.telling.finding import FindingShown
from vasculum.plan.telling.found_in_pieces import found_in_pieces
from vasculum.plan.telling.hardware import Hardware, hardware_shown
from vasculum.plan.telling.mending import mends_of
from vasculum.plan.telling.shopping import Shopping, shopping_of
from vasculum.plan.telling.stages import Stages, stages_of
from vasculum.plan.telling.travelling import travels, weight_of_piece
from vasculum.plan.telling.words import (
    cell_name,
    filled,
    label_of,
    length_texts,
    number_text,
    piece_name,
    place_name,
    unit_of,
)


class Shown(Model):
    """A value: the exact length as a reduced fraction of mm (or the bare number), and both readings."""

    mm: str | None = as_usual(None)
    number: str | None = as_usual(None)
    text: str
    other: str = as_usual("")


class Problem(Model):
    """Why a quantity has no value."""

    code: str
    message: str
    fix: str


class QuantityShown(Model):
    """One quantity under its key; what is not said is as usual. Its label is told once for each name."""

    value: Shown | None = as_usual(None)
    origin: Origin = as_usual("worked out")
    label: str = as_usual("")
    """Where it is not the one of its name: what the tape was held along."""
    is_assumed: bool = as_usual(False)
    """It rests on something that nobody has confirmed."""
    planned: Shown | None = as_usual(None)
    """Only where the size was pinned as built."""
    problem: Problem | None = as_usual(None)
    waits_for: list[str] = as_usual([])


class Size(Model):
    """A size of a part, with the key that explains it; no value while it waits."""

    key: str
    value: Shown | None
    is_assumed: bool
    is_as_built: bool


class PartShown(Model):
    """One row of the parts list: identical pieces together."""

    ids: list[str]
    marks: list[str]
    place: str
    place_name: str
    name: str
    hand: Hand | None
    count: int
    length: Size
    width: Size
    thickness: Size
    material: str
    grain: Grain
    places: list[str]
    """Names of the places, one for each piece."""
    numbers: list[int]
    """Numbers of the cells, one for each piece; 0 for what belongs to no single cell."""
    bands: list[str]
    weight: str
    """Of one piece: what a sheet of its size weighs at its density; empty while a size waits, or of no sheet."""
    joinery: list[CutShown]


class TapeCheck(Model):
    """What the tape should read on the finished or dry-assembled thing."""

    what: str
    drawer: str
    """The number and name of the drawer where a plan has several; empty for what is measured once."""
    key: str
    """The quantity that it should read."""
    tolerance: Shown


class Assumed(Model):
    """A thing that nobody has measured yet, with the change that would confirm it as it stands."""

    key: str
    label: str
    value: Shown
    source: str
    confirm: list[PatchStep]


class AskedAt(Model):
    """Choices that are asked alike at some places, spaces or in the plan: nothing else is read there."""

    places: list[str]
    choices: list[str]


class Solution(Model):
    """Everything a solved plan says."""

    quantities: dict[str, QuantityShown]
    parts: list[PartShown]
    hardware: list[Hardware]
    shopping: Shopping
    travels: str
    """How a case that comes apart travels; empty where none does."""
    findings: list[FindingShown]
    tape_checks: list[TapeCheck]
    assumed: list[Assumed]
    stages: Stages
    assembled: Assembled | None
    """The plan put together in space; nothing where nobody asked."""
    asked: list[AskedAt]
    contents: Contents

    def should_read(self, check: TapeCheck) -> Shown:
        """The value that a tape check is about."""
        value = self.quantities[check.key].value
        assert value is not None, "a check is made of a size that has its value"
        return value


SectionName = Literal[
    "parts",
    "hardware",
    "shopping",
    "travels",
    "findings",
    "tape_checks",
    "assumed",
    "stages",
    "assembled",
    "asked",
    "contents",
]
"""What a solution says beside its quantities, by name."""


def solution_of(plan: SolvedPlan, proof: Proof | None = None) -> Solution:
    """Say a solved plan in its unit, with what the proof found."""
    quantities = {key_text(k): quantity_shown(plan, k) for k in quantity_keys(plan)}
    return Solution(quantities=quantities, **{name: section_of(plan, name, proof) for name in SECTIONS})


def section_of(plan: SolvedPlan, name: SectionName, proof: Proof | None = None) -> Any:
    """One section of what is made of a plan, in words; said once for each solution."""
    kept = plan.kept.setdefault("said", {})
    if (name, proof is None) not in kept:
        kept[name, proof is None] = SECTIONS[name](plan, proof)
    return kept[name, proof is None]


def _parts(plan: SolvedPlan) -> list[PartShown]:
    numbers = numbers_of(plan.plan)
    return [_row(plan, group, numbers) for group in merged(plan, pieces_of(plan))]


def _stages(plan: SolvedPlan, proof: Proof | None) -> Stages:
    findings = [(f.place, f.severity) for f in section_of(plan, "findings", proof)]
    return stages_of(plan.plan, findings, bool(section_of(plan, "assumed")), have_their_sizes(plan))


def quantity_keys(plan: SolvedPlan) -> dict[Key, None]:
    """The keys that a person may ask about: no checks, no inner tuples, no defaults that nothing reads."""
    wiring = plan.solved.wiring
    kept: dict[Key, None] | None = _KEYS.get(wiring)
    if kept is None:
        given = (key for key in wiring.choices if key[0] != PLAN or key not in wiring.unread)
        worked_out = (t.key for t in wiring.tasks if not t.rule.is_check and not t.key[1].endswith("*"))
        kept = _KEYS[wiring] = dict.fromkeys((*given, *worked_out))
    return kept


_KEYS: WeakKeyDictionary[Wiring, dict[Key, None]] = WeakKeyDictionary()
"""They follow from the wiring alone."""


def shown(plan: SolvedPlan, value: Any, measure: MeasureUnit = "mm") -> Shown | None:
    """A value in the plan's unit, or None where there is none."""
    return _shown(value, plan.plan.units.length, measure)


def length_shown(length: Mm, unit: Unit) -> Shown:
    """A length in both systems of units, ``unit`` first."""
    text, other = length_texts(length, unit)
    return Shown(mm=str(length), text=text, other=other)


def _shown(value: Any, unit: Unit, measure: MeasureUnit) -> Shown | None:
    if value is None:
        return None
    if isinstance(value, Fraction) and measure == "mm":
        return length_shown(value, unit)
    if isinstance(value, tuple):
        return Shown(text=number_text(value, unit, measure))
    number = str(Fraction(value)) if isinstance(value, Fraction) else None
    if isinstance(value, float) and measure == "mm":
        text, other = length_texts(Fraction(round(value * 10), 10), unit)
        return Shown(text=text, other=other)
    return Shown(number=number, text=number_text(value, unit, measure).removesuffix(f" {unit}"))


MOST_ALIKE = 4_096
"""So many quantities that differ in what is said of them are kept: about 8 MB."""


def quantity_shown(plan: SolvedPlan, key: Key) -> QuantityShown:
    """One quantity in the plan's unit."""
    kept: dict[Key, QuantityShown] = plan.kept.setdefault("shown", {})
    found = kept.get(key)
    if found is None:
        label = place_name(plan.plan, key[0]) if key[0] in plan.plan.readings else ""
        found = kept[key] = _quantity(plan.solved.quantities[key], plan.plan, label)
    return found


def label_at(plan: SolvedPlan, key: Key) -> str:
    """What a quantity is called: a reading by its station, everything else by its name."""
    if key[0] in plan.plan.readings:
        return place_name(plan.plan, key[0])
    return label_of(key[1], plan.plan.defaults_edition)


def _quantity(one: Derivation, plan: Plan, label: str) -> QuantityShown:
    unit, measure = plan.units.length, unit_of(one.key[1], plan.defaults_edition)
    if one.value is not None and one.origin != "as built" and not one.waits_for:
        return _as_usual(one.value, unit, measure, one.origin, label, bool(one.rests_on))
    return QuantityShown(
        value=_shown(one.value, unit, measure),
        origin=one.origin,
        label=label,
        is_assumed=bool(one.rests_on),
        planned=_shown(one.planned, unit, measure) if one.origin == "as built" else None,
        problem=_problem(one.refusal, unit),
        waits_for=sorted(key_text(k) for k in one.waits_for),
    )


@lru_cache(maxsize=MOST_ALIKE, typed=True)
def _as_usual(
    value: Any, unit: Unit, measure: MeasureUnit, origin: Origin, label: str, is_assumed: bool
) -> QuantityShown:
    """A quantity with a value and nothing else to say: hundreds of equal drawers share what is said of them."""
    return QuantityShown(value=_shown(value, unit, measure), origin=origin, label=label, is_assumed=is_assumed)


def _problem(refusal: Refusal | None, unit: Unit) -> Problem | None:
    if refusal is None:
        return None
    return Problem(
        code=refusal.code,
        message=filled(refusal.message, dict(refusal.numbers), unit),
        fix=filled(refusal.fix, dict(refusal.numbers), unit),
    )


def _asked(plan: SolvedPlan) -> list[AskedAt]:
    alike: dict[frozenset[str], list[str]] = {}
    for place, names in asked_at(plan.plan, plan.laid).items():
        if place == PLAN or place in plan.plan.places or place in plan.plan.spaces:
            alike.setdefault(names, []).append(place)
    return [AskedAt(places=sorted(places), choices=sorted(names)) for names, places in alike.items()]


# ---- parts and hardware -------------------------------------------------------------------------------------------


def _size(plan: SolvedPlan, key: Key) -> Size:
    one = plan.solved.quantities.get(key)
    value = None if one is None else one.value
    return Size(
        key=key_text(key),
        value=shown(plan, value),
        is_assumed=bool(one and one.rests_on),
        is_as_built=bool(one and one.origin == "as built"),
    )


def _row(plan: SolvedPlan, group: list[Piece], numbers: dict[str, int]) -> PartShown:
    """A row of the list; the same pieces in the same words are told once."""
    piece, quantities = group[0], plan.solved.quantities
    asked = (
        tuple(
            (p.id, plan.plan.marks.get(p.id), place_name(plan.plan, p.place), numbers.get(p.place, 0)) for p in group
        ),
        tuple(quantities[key][:5] for key in (piece.length, piece.width, piece.thickness)),
        piece.sheet and plan.plan.library.stock(piece.sheet).name,
        (piece.grain, piece.bands, piece.rule, weight_of_piece(plan, piece), plan.plan.units.length),
        piece.stand and (piece.stand.length, piece.stand.width, piece.stand.inside),
        values_of(plan, piece),
        tuple(one.text for one in _notes(plan, group)),
        tuple(key for cut in piece.cuts for key in cut.keys.values()),
        plan.solved.value(*nearest_key(plan, piece.place, "blade_kerf")) if piece.place in plan.laid.places else None,
    )
    row = _ROWS.get(asked)
    if row is None:
        if len(_ROWS) >= MOST_ROWS:
            _ROWS.clear()
        row = _ROWS[asked] = _part_row(plan, group, numbers)
    return row


MOST_ROWS = 4000
_ROWS: dict[object, PartShown] = {}


def _part_row(plan: SolvedPlan, group: list[Piece], numbers: dict[str, int]) -> PartShown:
    piece = group[0]
    sheet = plan.plan.library.stock(piece.sheet) if piece.sheet else None
    weight = weight_of_piece(plan, piece)
    return PartShown(
        ids=[p.id for p in group],
        marks=[plan.plan.marks.get(p.id, "") for p in group],
        place=piece.place,
        place_name=place_name(plan.plan, piece.place),
        name=", ".join(dict.fromkeys(piece_name(plan.plan, p) for p in group)),
        hand=piece.hand,
        count=len(group),
        length=_size(plan, piece.length),
        width=_size(plan, piece.width),
        thickness=_size(plan, piece.thickness),
        material=sheet.name if sheet else _OF_NO_SHEET[piece.rule.stock],
        grain=piece.grain,
        places=[place_name(plan.plan, p.place) for p in group],
        numbers=[numbers.get(p.place, 0) for p in group],
        bands=[_EDGES.get(edge, edge) for edge in piece.bands],
        weight="" if weight is None else number_text(weight, plan.plan.units.length, "kg"),
        joinery=[_cut_shown(plan, piece, cut) for cut in piece.cuts] + _notes(plan, group),
    )


_OF_NO_SHEET = {
    "packing_strip": "Packing, planed to thickness",
    "hardwood_strip": "Hardwood, planed to thickness",
    "partition_board": "Board, as thick as was noted",
    "sheet_in_hand": "A sheet of this thickness",
    "own_stock": "As its owner says",
}
_EDGES = {"upper": "top", "lower": "bottom"}


def _notes(plan: SolvedPlan, group: list[Piece]) -> list[CutShown]:
    """What is written on parts: in their owner's words how his own are worked; spare ones, and what is of one piece."""
    own = (plan.plan.own_parts.get(piece.place.partition("+")[0]) for piece in group)
    notes = dict.fromkeys(one.note for one in own if one is not None and one.note)
    ids, marks = {piece.id for piece in group}, plan.plan.marks
    for names in plan.plan.together.values():
        if ids.intersection(names):
            notes[f"{' and '.join(marks.get(name, '') for name in names)} from one piece"] = None
    spare = sum(plan.plan.spares.get(id_, 0) for id_ in ids)
    notes |= {f"{spare} spare, cut as well": None} if spare else {}
    return [CutShown(kind="note", text=note, keys=[]) for note in notes]


def _cut_shown(plan: SolvedPlan, piece: Piece, cut: Cut) -> CutShown:
    rule = cut.rule
    names = (rule.at, rule.width, rule.depth or rule.length, rule.count, rule.holes)
    keys = [key_text(cut.keys[name]) for name in names if name]
    return CutShown(kind=rule.what, text=in_words(plan, piece, cut), keys=keys)


# ---- findings -----------------------------------------------------------------------------------------------------

_ORDER: dict[Severity, int] = {"stop": 0, "attention": 1, "note": 2, "caution": 3}


def findings_of(plan: SolvedPlan, proof: Proof | None = None) -> list[FindingShown]:
    """Every finding, root refusal and meeting once, the gravest first; the same of several places is one."""
    found: dict[tuple[str, str, str], dict[str, FindingShown]] = {}
    for one in (
        *_refusals(plan),
        *_met(plan, proof),
        *_checks(plan),
        *found_in_pieces(plan),
        *found_in_contents(plan),
        *_built_otherwise(plan),
        *_lost_pins(plan),
    ):
        found.setdefault((one.code, one.message, one.fix), {}).setdefault(one.place, one)
    return sorted(map(_as_one, found.values()), key=lambda f: _ORDER[f.severity])


def alike(findings: Iterable[FindingShown]) -> list[list[FindingShown]]:
    """The same finding at the same places together, so that one line can stand for all: five meetings of one box."""
    found: dict[tuple[Severity, str, str], list[FindingShown]] = {}
    for one in findings:
        found.setdefault((one.severity, one.code, one.place_name), []).append(one)
    return list(found.values())


def _told(plan: SolvedPlan, proof: Proof | None) -> list[FindingShown]:
    """Every finding; what stops or wants attention with the fields that decide it."""
    told = []
    for at, group in enumerate(alike(findings_of(plan, proof))):
        for one in group:
            more: dict[str, object] = {"group": at}
            if one.severity in ("stop", "attention"):
                more["mends"] = mends_of(plan, map(read_key, one.keys))
            told.append(one.model_copy(update=more))
    return sorted(told, key=lambda one: _ORDER[one.severity])


def _as_one(found: Mapping[str, FindingShown]) -> FindingShown:
    """What was found at several places, as one finding."""
    first, *others = found.values()
    if not others:
        return first
    names = dict.fromkeys(one.place_name for one in found.values())
    keys = dict.fromkeys(key for one in found.values() for key in one.keys)
    more = {"places": list(found), "place_name": ", ".join(names), "keys": list(keys)}
    return first.model_copy(update=more)


def _refusals(plan: SolvedPlan) -> Iterator[FindingShown]:
    for one in plan.solved.quantities.refused():
        key = one.key
        problem = _problem(one.refusal, plan.plan.units.length)
        if problem is not None:
            yield FindingShown(
                code=problem.code,
                severity="stop",
                place=key[0],
                places=[key[0]],
                place_name=place_name(plan.plan, key[0]),
                message=problem.message,
                fix=problem.fix,
                keys=[key_text(key)],
                pieces=[],
            )


def _checks(plan: SolvedPlan) -> Iterator[FindingShown]:
    """What the checks found; what was found before of a plan that stays is not said anew."""
    said: dict[object, FindingShown] = plan.kept.setdefault("found", {})
    for key in _check_keys(plan.solved.wiring):
        finding = plan.solved.quantities[key].value
        if isinstance(finding, Finding):
            called = place_name(plan.plan, key[0])
            shown = said.get((key, called))
            if shown is None:
                shown = said[key, called] = _found(plan, key, finding, called)
            yield shown


def _check_keys(wiring: Wiring) -> list[Key]:
    """The checks of a plan."""
    known = _CHECKS.get(wiring)
    if known is None:
        known = _CHECKS[wiring] = [task.key for task in wiring.tasks if task.rule.is_check]
    return known


_CHECKS: WeakKeyDictionary[Wiring, list[Key]] = WeakKeyDictionary()


def _found(plan: SolvedPlan, key: Key, finding: Finding, called: str) -> FindingShown:
    unit = plan.plan.units.length
    about = (nearest_key(plan, key[0], name) for name in finding.about)
    return FindingShown(
        code=finding.code,
        severity=finding.severity,
        place=key[0],
        places=[key[0]],
        place_name=called,
        message=filled(finding.message, finding.numbers, unit),
        fix=filled(finding.fix, finding.numbers, unit),
        keys=[key_text(k) for k in about if k in plan.solved.quantities],
        pieces=[],
    )


def _met(plan: SolvedPlan, proof: Proof | None) -> Iterator[FindingShown]:
    for one in [] if proof is None else meetings_shown(plan, proof):
        yield FindingShown(
            code=one.code,
            severity="stop",
            place=one.place,
            places=[one.place],
            place_name=place_name(plan.plan, one.place),
            message=one.message,
            fix=one.fix,
            keys=one.keys,
            pieces=one.pieces,
        )


def _built_otherwise(plan: SolvedPlan) -> Iterator[FindingShown]:
    """Sizes noted as built that follow from others and contradict them: a width beside the front that makes it."""
    unit = plan.plan.units.length
    for key in plan.solved.pins:
        task = plan.solved.wiring.task(key)
        if task is None or task.rule.source != "geometry":
            continue
        one = plan.solved.quantities[key]
        agrees = plan.solved.value(*nearest_key(plan, key[0], "tape_tolerance"))
        if one.planned is None or abs(one.planned - one.value) <= agrees:
            continue
        numbers = {"built": one.value, "made": one.planned, "off": abs(one.planned - one.value)}
        label = label_at(plan, key).capitalize()
        if key[1] in OPENINGS:
            yield _as_found(plan, key, numbers)
            continue
        yield FindingShown(
            code="built-otherwise",
            severity="attention",
            place=key[0],
            places=[key[0]],
            place_name=place_name(plan.plan, key[0]),
            message=filled(
                f"{label} was noted as {{built}}; what it follows from makes {{made}}: {{off}} off.", numbers, unit
            ),
            fix="Measure both again: one of them is not as it was noted.",
            keys=[key_text(key)],
            pieces=[],
        )


OPENINGS = ("cell_width", "cell_height", "cell_depth")
"""What is measured again where a case stands: what is not yet cut follows it."""


def _as_found(plan: SolvedPlan, key: Key, numbers: dict[str, Mm]) -> FindingShown:
    """An opening that was measured again, and is not as planned."""
    said = (
        f"{label_at(plan, key).capitalize()} is {{built}} as built, planned {{made}}: what is not cut yet follows it."
    )
    return FindingShown(
        code="opening-as-built",
        severity="note",
        place=key[0],
        places=[key[0]],
        place_name=place_name(plan.plan, key[0]),
        message=filled(said, numbers, plan.plan.units.length),
        fix="Leave what is cut as it is, or note it as built too.",
        keys=[key_text(key)],
        pieces=[],
    )


def _lost_pins(plan: SolvedPlan) -> Iterator[FindingShown]:
    for key in plan.solved.unmatched_pins:
        size, label = show_with_unit(plan.solved.pins[key], plan.plan.units.length), label_at(plan, key).capitalize()
        yield FindingShown(
            code="pin-without-place",
            severity="attention",
            place=key[0],
            places=[key[0]],
            place_name=place_name(plan.plan, key[0]),
            message=f"{label} was noted as built, {size}, but there is no such size any more.",
            fix="Take the note out, or bring back what it belonged to.",
            keys=[],
            pieces=[],
        )


# ---- on the bench -------------------------------------------------------------------------------------------------

_TAPE_CHECKS = (
    ("opening_width", "Opening, width at the narrowest"),
    ("opening_height", "Opening, height at the lowest"),
    ("clear_width", "Between the packing, all along"),
    ("outside_width", "Box outside, width"),
    ("outside_depth", "Box outside, depth"),
    ("outside_height", "Box outside, height"),
    ("box_diagonal", "Box, both diagonals"),
    ("dry_gap_beside", "Gap now: box without runners, each side"),
    ("runner_play_built", "Gap with runners in: play overall"),
    ("gap_beside", "Gap beside the front, each side"),
    ("gap_above_below", "Gap above and below the front"),
    ("opening_by_front", "Opening by the front and its gaps"),
    ("opening_by_box", "Opening by the box and its runners"),
)


def _tape_checks(plan: SolvedPlan) -> Iterator[TapeCheck]:
    """Each once, whatever number of drawers share it; with more than one drawer each says which."""
    boxes, numbers = boxes_of(plan.plan), numbers_of(plan.plan)
    seen: set[Key] = set()
    for node in boxes:
        tolerance = shown(plan, plan.solved.value(*nearest_key(plan, node.id, "tape_tolerance")))
        for name, what in _TAPE_CHECKS:
            key = nearest_key(plan, node.id, name)
            value = shown(plan, plan.solved.value(*key), unit_of(name, plan.plan.defaults_edition))
            if value is not None and tolerance is not None and key not in seen:
                seen.add(key)
                drawer = cell_name(plan.plan, node.id, numbers) if key[0] == node.id and len(boxes) > 1 else ""
                yield TapeCheck(what=what, drawer=drawer, key=key_text(key), tolerance=tolerance)


def _assumed(plan: SolvedPlan) -> Iterator[Assumed]:
    """Things assumed that something rests on, each once: a sheet counts once, however many sizes it gives."""
    seen: set[str] = set()
    for key, given in plan.solved.given.items():
        if given.origin != "assumed" or not given.is_thing or key in plan.solved.wiring.unread:
            continue
        label, confirm = _confirmation(plan, key)
        value = shown(plan, given.value)
        if value is not None and label not in seen:
            seen.add(label)
            yield Assumed(key=key_text(key), label=label, value=value, source=given.source, confirm=confirm)


def _confirmation(plan: SolvedPlan, key: Key) -> tuple[str, list[PatchStep]]:
    sheet = sheet_behind(plan.plan, key)
    if sheet is not None:
        row = plan.plan.library.stock(sheet)
        shelf = "boards" if isinstance(row, Board) else "sheets"
        step = PatchStep(op="replace", path=f"/library/{shelf}/{sheet}/measured", value=row.thick)
        return f"thickness of {row.name}", [step]
    if key[1].startswith("runner_") and not key[1].startswith("runner_screw"):
        step = PatchStep(
            op="replace", path=f"/library/runners/{choices_at(plan.plan, key[0])['runner']}/measured", value=True
        )
        return label_of(key[1], plan.plan.defaults_edition), [step]
    text = show_with_unit(plan.solved.given[key].value, plan.plan.units.length)
    return label_of(key[1], plan.plan.defaults_edition), [PatchStep(op="add", path=f"/choices/{key[1]}", value=text)]


SECTIONS: dict[SectionName, Callable[[SolvedPlan, Proof | None], Any]] = {
    "parts": lambda plan, _: _parts(plan),
    "hardware": lambda plan, _: [hardware_shown(plan, good) for good in goods_of(plan)],
    "shopping": lambda plan, _: shopping_of(plan, list(pieces_of(plan)), goods_of(plan)),
    "travels": lambda plan, _: travels(plan, list(pieces_of(plan))),
    "findings": _told,
    "tape_checks": lambda plan, _: list(_tape_checks(plan)),
    "assumed": lambda plan, _: list(_assumed(plan)),
    "stages": _stages,
    "assembled": lambda plan, proof: None if proof is None else assembled_of(plan, proof),
    "asked": lambda plan, _: _asked(plan),
    "contents": lambda plan, _: contents_of(plan),
}
"""How each section is said."""
