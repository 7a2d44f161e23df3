"""Rows of holes for shelf pins, in the boards on both sides of their place: found from where boards stand. Exact mm."""

from __future__ import annotations

from collections.abc import Iterable, Iterator
from itertools import combinations, product
from typing import NamedTuple

from vasculum.core.flow import CutRule
from vasculum.core.flow.things import Face
from vasculum.core.lengths import Mm
from vasculum.plan.laying.layout import marks_from_back
from vasculum.plan.laying.solving import SolvedPlan, nearest_key
from vasculum.plan.making.housings import Box, box_of, slack_of
from vasculum.plan.making.piece import STRIPS, Cut, Piece
from vasculum.plan.making.regions import points

TITLE = "Holes for shelf pins"
Side = int
"""-1 for the wall on the left of a place, 1 for the one on its right."""


class BoredThrough(NamedTuple):
    """A board, how thick it is, and how deep holes for pins go into one place of it, from one face or from both."""

    board: Piece
    place: str
    deep: Mm
    thickness: Mm


def with_pin_holes(plan: SolvedPlan, pieces: list[Piece]) -> list[Piece]:
    """Every piece, with its rows of holes for the places beside it."""
    into: dict[str, list[Cut]] = {}
    for place, side, boards in _walls(plan, pieces):
        for board, box in boards:
            into.setdefault(board.id, []).extend(_rows(plan, place, side, board, box))
    return [one._replace(cuts=(*one.cuts, *into[one.id])) if one.id in into else one for one in pieces]


class Unbored(NamedTuple):
    """A wall of a place with shelves on pins that is not bored: no board stands there, or it ends before a row."""

    place: str
    side: Side
    ends_before: Mm | None
    """Where the row is that no board reaches, from the front; none where nothing of the plan stands there at all."""


def unbored(plan: SolvedPlan, pieces: Iterable[Piece]) -> Iterator[Unbored]:
    """Every such wall, once."""
    for place, side, boards in _walls(plan, pieces):
        missed = [row for row in _rows_of(plan, place) if not any(_within((row,), box["back"]) for _, box in boards)]
        if missed:
            yield Unbored(place, side, missed[0] if boards else None)


def bored_through(plan: SolvedPlan, pieces: Iterable[Piece]) -> Iterator[BoredThrough]:
    """Every board that is bored through: by one hole, or by two that meet from both faces."""
    for board in pieces:
        rows = [cut for cut in board.cuts if cut.rule.title == TITLE]
        if not rows or board.size is None:
            continue
        thickness, places = board.size[2], [cut.keys["row"][0] for cut in rows]
        deep = [plan.solved.value(*cut.keys["deep"]) for cut in rows]
        thick = [plan.solved.value(*nearest_key(plan, place, "pin_diameter")) for place in places]
        together = [
            deep[one] + deep[other]
            for one, other in combinations(range(len(rows)), 2)
            if rows[one].rule.face != rows[other].rule.face
            and _come_near(points(plan, board, rows[one]), points(plan, board, rows[other]), thick[one])
        ]
        deepest = max([*deep, *together])
        if deepest >= thickness:
            yield BoredThrough(board, places[0], deepest, thickness)


def _come_near(some: list[tuple[Mm, Mm]], others: list[tuple[Mm, Mm]], thick: Mm) -> bool:
    """Whether any two holes share wood, seen through the board."""
    return any(abs(a - c) < thick and abs(b - d) < thick for (a, b), (c, d) in product(some, others))


def _walls(plan: SolvedPlan, pieces: Iterable[Piece]) -> Iterator[tuple[str, Side, list[tuple[Piece, Box]]]]:
    """Both walls of every place with pins, and the boards whose faces stand there, as high as its holes."""
    places = [id_ for id_, place in plan.laid.places.items() if {"shelf", "shelf_rests.pins"} <= place.kinds]
    if not places:
        return
    pieces = tuple(pieces)
    shelves = {one.id.partition("/")[0]: one for one in pieces if one.role == "shelf"}
    uprights = [
        (one, box_of(one))
        for one in pieces
        if one.rule.stock and one.rule.stock not in STRIPS and not one.rule.moves
        and one.stand is not None and one.stand.thick == "across" and one.size is not None
    ]  # fmt: skip
    for place in places:
        if place not in shelves or plan.solved.value(place, "pin_holes") is None:
            continue
        left, width = (plan.solved.value(place, name) for name in ("cell_from_left", "cell_width"))
        if left is None or width is None or plan.solved.value(place, "cell_from_floor") is None:
            continue
        near = [(one, box) for one, box in uprights if one.space == shelves[place].space and _bores(plan, place, box)]
        for side, at in ((-1, left), (1, left + width)):
            facing = 1 if side < 0 else 0
            yield place, side, [(one, box) for one, box in near if abs(box["across"][facing] - at) <= slack_of(plan)]


def _bores(plan: SolvedPlan, place: str, box: Box) -> bool:
    """Whether any hole of a place comes where a board is."""
    return bool(_within(_rows_of(plan, place), box["back"]) and _within(_holes_of(plan, place), box["up"]))


def _rows_of(plan: SolvedPlan, place: str) -> tuple[Mm, ...]:
    rows: tuple[Mm, ...] = plan.solved.value(place, "pin_rows") or ()
    return rows


def _holes_of(plan: SolvedPlan, place: str) -> tuple[Mm, ...]:
    floor = plan.solved.value(place, "cell_from_floor")
    return tuple(floor + hole for hole in plan.solved.value(place, "pin_holes"))


def _within(places: tuple[Mm, ...], span: tuple[Mm, Mm]) -> tuple[Mm, ...]:
    return tuple(one for one in places if span[0] < one < span[1])


def _rows(plan: SolvedPlan, place: str, side: Side, board: Piece, box: Box) -> Iterator[Cut]:
    """The rows of one wall: each so far from the edge that everything is told from, its holes from the lower end."""
    assert board.stand is not None
    is_from_back = marks_from_back(plan.plan, board.space)
    face: Face = "inside" if board.stand.inside == -side else "outside"
    holes = tuple(hole - box["up"][0] for hole in _within(_holes_of(plan, place), box["up"]))
    keys = {
        "row": (place, "pin_rows"),
        "holes": (place, "pin_holes"),
        "deep": nearest_key(plan, place, "pin_hole_depth"),
    }
    for row in _within(_rows_of(plan, place), box["back"]):
        at = box["back"][1] - row if is_from_back else row - box["back"][0]
        rule = CutRule(
            "holes",
            board.rule.kinds,
            board.role,
            TITLE,
            face,
            ("back",) if is_from_back else ("front",),
            at="row",
            depth="deep",
            holes="holes",
            holes_from="lower",
        )
        yield Cut(rule, keys, {"row": at, "holes": holes})
