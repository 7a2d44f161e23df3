"""Collect the pieces of a solved plan with their cuts, and the bodies that stand among them: keys, numbers, no words.

A piece's id is its place and role; its sizes are keys of the solution, never copies.
"""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import dataclass
from functools import cached_property
from typing import NamedTuple
from weakref import WeakKeyDictionary

from vasculum.core.flow import CutRule, Key, PieceRule, Stand, Wired, Wiring
from vasculum.core.flow.things import Datum
from vasculum.core.lengths import Mm
from vasculum.core.tables import choosables
from vasculum.plan.document import Plan
from vasculum.plan.laying.places import PLAN, choices_at, sheet_behind
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.making.housings import with_housings, without_housings
from vasculum.plan.making.notched import with_notches
from vasculum.plan.making.piece import STRIPS, Cut, Grain, Piece
from vasculum.plan.making.pin_holes import with_pin_holes

NOTHING = Mm(0)


@dataclass(frozen=True)
class Made:
    """Everything that is cut, and every body that stands among it."""

    pieces: tuple[Piece, ...]
    bodies: tuple[Piece, ...]

    @cached_property
    def by_id(self) -> dict[str, Piece]:
        """All of them by place and role."""
        return {one.id: one for one in (*self.pieces, *self.bodies)}

    @cached_property
    def by_place(self) -> dict[str, list[Piece]]:
        """All of them by the place that they belong to."""
        found: dict[str, list[Piece]] = {}
        for one in (*self.pieces, *self.bodies):
            found.setdefault(one.id.partition("/")[0], []).append(one)
        return found


def made_of(plan: SolvedPlan) -> Made:
    """The pieces and bodies of a plan, space by space and place by place; collected once for each solution."""
    found: Made | None = plan.kept.get("made")
    if found is None:
        found = plan.kept["made"] = _collected(plan)
    return found


def pieces_of(plan: SolvedPlan) -> tuple[Piece, ...]:
    """All pieces that are cut."""
    return made_of(plan).pieces


class _Wanted(NamedTuple):
    """A piece that a wiring may give, with what may be cut into it, and every quantity that it is made of."""

    one: Wired
    rule: PieceRule
    cuts: tuple[Cut, ...]
    keys: frozenset[Key]


_WANTED: WeakKeyDictionary[Wiring, list[_Wanted]] = WeakKeyDictionary()


def _wanted(wiring: Wiring) -> list[_Wanted]:
    known = _WANTED.get(wiring)
    if known is None:
        cuts: dict[tuple[str, str], list[Cut]] = {}
        for one in wiring.things:
            if isinstance(one.rule, CutRule):
                cuts.setdefault((one.place, one.rule.into), []).append(Cut(one.rule, one.feeds))
        found = []
        for one in wiring.things:
            if isinstance(one.rule, PieceRule):
                into = tuple(sorted(cuts.get((one.place, one.rule.role), []), key=_in_order))
                keys = frozenset(key for feeds in (one.feeds, *(cut.keys for cut in into)) for key in feeds.values())
                found.append(_Wanted(one, one.rule, into, keys))
        known = _WANTED[wiring] = found
    return known


def _collected(plan: SolvedPlan) -> Made:
    """Every piece; one of an earlier solution stands as it was where nothing that it is made of has changed."""
    then, made = plan.kept.pop("made before", (None, None))
    stands = made.by_id if made is not None and _stock(then) == _stock(plan.plan) else None
    spaces, found = _spaces(plan), []
    for one, rule, into, keys in _wanted(plan.solved.wiring):
        if stands is not None and keys.isdisjoint(plan.solved.changed):
            piece = stands.get(f"{one.place}/{rule.role}")
            found += [] if piece is None else [without_housings(piece)]
        elif _is_there(plan, one, rule.where, rule.nth):
            cuts = tuple([cut for cut in into if _is_cut(plan, cut)])
            found.append(_piece(plan, one, rule, spaces[one.place], cuts))
    order = {place: at for at, place in enumerate(plan.laid.places)}
    space_at = {space: at for at, space in enumerate(plan.plan.space_order)}
    found = with_notches(plan, with_pin_holes(plan, with_housings(plan, found)))
    found.sort(key=lambda p: (space_at[p.space], p.rule.order // 10, order[p.id.partition("/")[0]], p.rule.order))
    return Made(tuple(p for p in found if p.rule.stock), tuple(p for p in found if not p.rule.stock))


def _stock(plan: Plan) -> object:
    """What pieces are made of beside quantities: the library, and the sheets and bands that are chosen of it."""
    known = choosables(plan.defaults_edition)
    levels = [(PLAN, plan.choices)]
    levels += [(id_, space.choices) for id_, space in plan.spaces.items()]
    levels += [(id_, place.choices) for id_, place in plan.places.items()]
    chosen = [(id_, name, row) for id_, own in levels for name, row in own.items() if known[name].kind in OF_LIBRARY]
    return plan.library, chosen, [(id_, part.stock) for id_, part in plan.own_parts.items()]


OF_LIBRARY = ("sheet", "band")


def _spaces(plan: SolvedPlan) -> dict[str, str]:
    """Place → the space it stands in."""
    found: dict[str, str] = {}
    for place in plan.laid.places.values():
        inside = place.parent is not None and place.parent in found
        found[place.id] = found[place.parent or ""] if inside else place.id
        if place.id not in plan.plan.spaces and not inside:
            del found[place.id]
    return found


def _is_there(plan: SolvedPlan, one: Wired, where: str, nth: int) -> bool:
    """Whether what a thing depends on is more than nothing, or is said for it too, where it is one of several."""
    if not where:
        return True
    value = plan.solved.value(*one.feeds[where])
    if isinstance(value, tuple):
        return len(value) > nth
    return value is not None and value > 0


def have_their_sizes(plan: SolvedPlan) -> bool:
    """Whether every piece that is cut has its length, width and thickness."""
    value = plan.solved.value
    return not plan.solved.quantities.refused() or all(
        value(*key) is not None
        for one in plan.solved.wiring.things
        if isinstance(one.rule, PieceRule) and one.rule.stock and _is_there(plan, one, one.rule.where, one.rule.nth)
        for key in _sizes(one, one.rule)
    )


def size_keys(wiring: Wiring) -> frozenset[Key]:
    """The lengths, widths and thicknesses of all pieces that a wiring may give."""
    known = _SIZE_KEYS.get(wiring)
    if known is None:
        sizes = (_sizes(one, one.rule) for one in wiring.things if isinstance(one.rule, PieceRule) and one.rule.stock)
        known = _SIZE_KEYS[wiring] = frozenset(key for keys in sizes for key in keys)
    return known


_SIZE_KEYS: WeakKeyDictionary[Wiring, frozenset[Key]] = WeakKeyDictionary()


def _is_cut(plan: SolvedPlan, cut: Cut) -> bool:
    """A cut without depth, width, length or holes is none."""
    sizes = (cut.rule.depth, cut.rule.width, cut.rule.length)
    has_holes = not cut.rule.holes or plan.solved.value(*cut.keys[cut.rule.holes]) != ()
    return has_holes and all(plan.solved.value(*cut.keys[name]) != 0 for name in sizes if name)


def _band(one: Wired, rule: PieceRule) -> Key | None:
    """How thick the band of a piece is, where it has one."""
    return None if rule.bands is None else one.feeds.get(f"{rule.bands.choice}_thickness")


def _sizes(one: Wired, rule: PieceRule) -> tuple[Key, Key, Key]:
    """Length, width and thickness of a piece: of its core, where edges are banded."""
    feeds = one.feeds
    length, width, thickness = (feeds[name] for name in rule.sizes)
    if rule.bands is not None and _band(one, rule) is not None:
        length, width = feeds.get(rule.bands.length, length), feeds.get(rule.bands.width, width)
    return length, width, thickness


def _piece(plan: SolvedPlan, one: Wired, rule: PieceRule, space: str, cuts: tuple[Cut, ...]) -> Piece:
    length, width, thickness = _sizes(one, rule)
    bands: tuple[Datum, ...] = ()
    band, by = None, NOTHING
    key = _band(one, rule)
    if key is not None and rule.bands is not None:
        count = plan.solved.value(*one.feeds[rule.bands.only]) if rule.bands.only else len(rule.bands.edges)
        bands, by = rule.bands.edges[: int(count)], plan.solved.value(*key)
        band = choices_at(plan.plan, key[0]).get(rule.bands.choice)
    sizes = tuple(plan.solved.value(*key) for key in (length, width, thickness))
    sheet = _sheet(plan, rule, thickness)
    let_in, fixed_at = (one.feeds[name] if name else None for name in (rule.let_in, rule.fixed_at))
    return Piece(
        f"{one.place}/{rule.role}", length[0], rule, length, width, thickness,
        None if None in sizes else (sizes[0], sizes[1], sizes[2]), _stand(plan, one, rule), space, sheet,
        _grain(plan, one.place, rule, sheet), bands, band, by, cuts, let_in, fixed_at,
    )  # fmt: skip


def _sheet(plan: SolvedPlan, rule: PieceRule, thickness: Key) -> str | None:
    """The sheet that a piece comes from: the one behind its thickness, or any in hand that measures so much."""
    if not rule.stock or rule.stock in STRIPS:
        return None
    if rule.stock != "sheet_in_hand":
        return sheet_behind(plan.plan, thickness)
    length, sheets = plan.plan.length, plan.plan.library.sheets.items()
    wanted = plan.solved.value(*thickness)
    return next((id_ for id_, sheet in sheets if length(sheet.thick) == wanted), None)


DATUMS: tuple[Datum, ...] = ("lower", "upper", "left", "right", "front", "back")
"""What is cut along the edges comes before what is cut at the ends."""


def _in_order(cut: Cut) -> tuple[bool, int]:
    """Inside before outside, along before across, front before back."""
    return (cut.rule.face == "outside", DATUMS.index(cut.rule.datums[0]))


def _stand(plan: SolvedPlan, one: Wired, rule: PieceRule) -> Stand | None:
    given = {name: plan.solved.value(*one.feeds[name]) for name in rule.needs if name in one.feeds}
    return None if None in given.values() else rule.stand(**given)


def _grain(plan: SolvedPlan, place: str, rule: PieceRule, sheet: str | None) -> Grain:
    if rule.role == "front" and "front_in_panel" in plan.laid.places[place].kinds:
        return "matched"
    row = plan.plan.library.sheets.get(sheet) if sheet else None
    return "free" if row is not None and row.grain == "free" else "length"


def values_of(plan: SolvedPlan, piece: Piece) -> tuple[object, ...]:
    """What is cut into a piece, and by how much: two pieces with the same are cut alike."""
    return tuple((c.rule.way, tuple([c.value(plan, name) for name in c.rule.names])) for c in piece.cuts)


def merged(plan: SolvedPlan, pieces: Iterable[Piece]) -> list[list[Piece]]:
    """Identical pieces together: the same cut sizes, sheet, grain, cuts, bands and hand. No piece is lost."""
    groups: dict[object, list[Piece]] = {}
    for piece in pieces:
        same = (piece.size, piece.sheet, piece.hand, piece.grain, values_of(plan, piece), piece.band, piece.bands)
        groups.setdefault(piece.id if piece.size is None else same, []).append(piece)
    return list(groups.values())
