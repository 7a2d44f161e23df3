"""What the proof found, in words: which two things meet, where, by how much, and what would help."""

from __future__ import annotations

from collections.abc import Iterator
from fractions import Fraction

from vasculum.core.flow import key_text
from vasculum.core.lengths import UNIT_MM, Unit, show_with_unit
from vasculum.plan.document import Model
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.making.meeting import How, Meeting, Proof
from vasculum.plan.making.piece import Piece
from vasculum.plan.making.pieces import made_of
from vasculum.plan.telling.words import piece_name, place_name

SURROUNDINGS = {
    "wall_left": "the wall on the left", "wall_right": "the wall on the right",
    "wall_left_behind": "the wall on the left", "wall_right_behind": "the wall on the right", "floor": "the floor",
    "top": "the top", "back": "the back", "door_swing": "the door as it swings", "door_open": "the open door",
}  # fmt: skip
_SAID: dict[How, str] = {
    "meets": "{first} and {second} meet: they share {across} across, {back} front to back and {up} up, around {where}.",
    "on its way": "Coming out, {first} meets {second}, by {across} across and {up} up, around {where}.",
    "gapes": "{first} and {second} do not close: {across} stands open, around {where}.",
    "uncovers": "{first} leaves {across} of its opening uncovered, around {where}.",
    "lines differ": "{first} and {second} tell one line differently, by {up}, around {where}.",
}
CODES: dict[How, str] = {
    "meets": "pieces-meet", "on its way": "way-out-blocked", "gapes": "joint-gapes",
    "uncovers": "front-uncovers", "lines differ": "lines-differ",
}  # fmt: skip
_FIXES: dict[How, str] = {
    "meets": "Make one of them smaller, or move it.",
    "on its way": "Make the drawer narrower or lower there, or move what stands in its way.",
    "gapes": "Cut to a finer increment, or join both ends alike.",
    "uncovers": "Cut the front larger, or choose a smaller gap.",
    "lines differ": "Put the line back to where it was worked out.",
}
FRONTS_FIX = "Take a smaller lap, or put a thicker divider between them."


class Assembled(Model):
    """The plan put together in space."""

    pieces: int
    """How many stand."""
    meetings: int
    says: str
    """*assembled: nothing meets*, or how many places do."""


class MeetingShown(Model):
    """One meeting in the plan's words and unit."""

    code: str
    place: str
    message: str
    fix: str
    keys: list[str]
    """Quantities that the two are drawn by."""
    pieces: list[str]


def assembled_of(plan: SolvedPlan, proof: Proof) -> Assembled:
    """The sign beside *kept*."""
    count = len(proof.meetings)
    if not proof.standing:
        says = "nothing to assemble yet"
    elif not count:
        waits = len(proof.waiting)
        says = "assembled: nothing meets"
        if waits:
            says += f"; {'a piece has' if waits == 1 else f'{waits} pieces have'} no size yet"
    else:
        says = f"assembled: {count} meeting{'s' if count > 1 else ''}"
    return Assembled(pieces=proof.standing, meetings=count, says=says)


def meetings_shown(plan: SolvedPlan, proof: Proof) -> Iterator[MeetingShown]:
    """Every meeting, in the order found."""
    if not proof.meetings:
        return
    by_id = made_of(plan).by_id
    for one in proof.meetings:
        yield _shown(plan, one, by_id)


def standing_shown(plan: SolvedPlan) -> Iterator[str]:
    """Every piece, a line each: its mark and name, where its corner stands, and how far it reaches."""
    by_id = made_of(plan).by_id
    unit = plan.plan.units.length
    for piece in by_id.values():
        name = named(plan, piece.id, by_id)
        if piece.stand is None or piece.size is None:
            is_open = piece.size is None or piece.rule.needs
            yield f"{name}: {'no size yet' if is_open else 'stands where nobody can say'}"
            continue
        at = [show_with_unit(v, unit) for v in (piece.stand.across, piece.stand.back, piece.stand.up)]
        reach = [show_with_unit(v, unit) for v in piece.stand.extent(*piece.size)]
        yield (
            f"{name}: {at[0]} from the left, {at[1]} behind the front face, {at[2]} above the floor; "
            f"{reach[0]} across, {reach[1]} front to back, {reach[2]} up"
        )


def _shown(plan: SolvedPlan, one: Meeting, by_id: dict[str, Piece]) -> MeetingShown:
    both = [by_id[id_] for id_ in dict.fromkeys((one.first, one.second)) if id_ in by_id]
    unit = plan.plan.units.length
    across, up = (length_text(one.at[axis], unit) for axis in (0, 2))
    by = [length_text(v, unit) for v in one.by]
    names = [named(plan, id_, by_id) for id_ in (one.first, one.second)]
    message = _SAID[one.how].format(
        first=names[0][0].upper() + names[0][1:], second=names[1], across=by[0], back=by[1], up=by[2],
        where=f"{across} from the left, {up} above the floor, {_depth(one.at[1], unit)}",
    )  # fmt: skip
    are_fronts = len(both) == 2 and {piece.role for piece in both} == {"front"}
    return MeetingShown(
        code=CODES[one.how],
        place=both[0].place if both else one.space,
        message=message,
        fix=FRONTS_FIX if are_fronts else _FIXES[one.how],
        keys=list(dict.fromkeys(key for piece in both for key in _drawn_by(plan, piece))),
        pieces=[piece.id for piece in both],
    )


def _depth(back: float, unit: Unit) -> str:
    side = "behind" if back >= 0 else "before"
    return f"{length_text(abs(back), unit)} {side} the front face"


def _drawn_by(plan: SolvedPlan, piece: Piece) -> Iterator[str]:
    yield from (key_text(key) for key in (piece.length, piece.width))
    if piece.rule.moves and (piece.place, "outside_width") in plan.solved.quantities and piece.role != "front":
        yield f"{piece.place}/outside_width"


def named(plan: SolvedPlan, id_: str, by_id: dict[str, Piece]) -> str:
    """*front D of Seed trays*, *the wall on the left*, or the name of what stands in the way."""
    piece = by_id.get(id_)
    place, _, what = id_.partition("/")
    if piece is None:
        return SURROUNDINGS.get(what) or f"“{place_name(plan.plan, place)}”"
    mark = plan.plan.marks.get(id_, "")
    name = piece_name(plan.plan, piece)
    title = name[0].lower() + name[1:]
    return f"{title}{f' {mark}' if mark else ''} of {place_name(plan.plan, place)}"


def length_text(mm: float, unit: Unit) -> str:
    """A float of mm as a length: exact where it is within a thousandth of a sixty-fourth, or of a tenth of a mm."""
    step = UNIT_MM["in"] / 64 if unit == "in" else Fraction(1, 10)
    exact = round(mm / float(step)) * step
    near = exact if abs(float(exact) - mm) < 0.001 else Fraction(round(mm * 100), 100)
    return show_with_unit(near, unit)
