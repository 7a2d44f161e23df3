"""The layout tree of a plan: which places there are, in which order, and what borders each."""

from __future__ import annotations

from collections.abc import Iterable, Iterator
from functools import cache
from typing import NamedTuple

from vasculum.core.catalogue import the_catalogue
from vasculum.core.tables import choosables
from vasculum.plan.document import SPLITS, Choices, Place, Plan

BOXES = ("drawer", "tray")
"""What is pulled out on runners."""
FACED = ("drawer", "false_front")
"""What has a front, unless none was chosen."""
ALONE = ("bin", "rack", "hanging", "open", "blocked")
"""What stands by itself, without a board beside it."""


class Beyond(NamedTuple):
    """What stands on the other side of a divider, and what holds there of further out."""

    place: Place
    outer: tuple[Choices, ...]


Around = tuple[Beyond | None, Beyond | None, Beyond | None, Beyond | None]
"""On the left, on the right, above, below."""


class Node(NamedTuple):
    """One place where it stands: its parent, its number among its siblings, and what borders it."""

    id: str
    place: Place
    space: str
    outer: tuple[Choices, ...]
    """What was chosen further out: at what it is a part of, then at its space, then in the plan."""
    parent: str | None = None
    number: int = 0
    of: str = "whole"
    """``whole``, ``row`` or ``column``."""
    is_open_above: bool = False
    is_open_below: bool = False
    is_top_edge: bool = True
    is_bottom_edge: bool = True
    is_left_edge: bool = True
    is_right_edge: bool = True
    is_stacked: bool = False
    is_under_tray: bool = False
    """Whether a tray on risers slides over it."""
    beyond: Around = (None, None, None, None)
    """What stands beyond the divider on each side, where there is one."""

    @property
    def levels(self) -> tuple[Choices, ...]:
        """Where a choice is looked up: at the place itself, then further and further out."""
        return (self.place.choices, *self.outer)


def nodes_of(plan: Plan, space: str) -> Iterator[Node]:
    """The places of a space, each before its children, rows from above, columns from the left."""
    root = plan.spaces[space].holds
    yield from _walk(plan, Node(root, plan.places[root], space, (plan.spaces[space].choices, plan.choices)))


def _walk(plan: Plan, node: Node) -> Iterator[Node]:
    yield node
    place = node.place
    last = len(place.children) - 1
    is_even = is_even_stack(plan, node)
    for at, id_ in enumerate(place.children):
        child = node._replace(beyond=_beyond(plan, node, at), outer=node.levels)
        child = child._replace(id=id_, place=plan.places[id_], parent=node.id, number=at, is_stacked=is_even)
        if place.holds == "rows":
            is_open = divider_of(plan, place) == "open"
            above = is_open if at > 0 else node.is_open_above
            below = is_open if at < last else node.is_open_below
            top, bottom = node.is_top_edge and at == 0, node.is_bottom_edge and at == last
            child = child._replace(of="row", is_open_above=above, is_open_below=below)
            child = child._replace(is_top_edge=top, is_bottom_edge=bottom)
            over = place.children[:at] if is_open else ()
            is_under = any(rides_on_risers(plan, plan.places[one], node.levels) for one in over)
            child = child._replace(is_under_tray=node.is_under_tray or is_under)
        else:
            left, right = node.is_left_edge and at == 0, node.is_right_edge and at == last
            child = child._replace(of="column", is_left_edge=left, is_right_edge=right)
        yield from _walk(plan, child)


def _beyond(plan: Plan, node: Node, at: int) -> Around:
    """What stands beyond the dividers of one part of a split: its neighbours there, and at the ends the split's own."""
    left, right, above, below = node.beyond
    is_board, children = divider_of(plan, node.place) == "board", [plan.places[id_] for id_ in node.place.children]
    before = Beyond(children[at - 1], node.levels) if is_board and at > 0 else None
    after = Beyond(children[at + 1], node.levels) if is_board and at + 1 < len(children) else None
    is_first, is_last = at == 0, at + 1 == len(children)
    if node.place.holds == "columns":
        return left if is_first else before, right if is_last else after, above, below
    return left, right, above if is_first else before, below if is_last else after


def divider_of(plan: Plan, place: Place) -> str:
    """What stands between the parts of a split: ``board``, or ``open`` where nothing does.

    Rows have no rails unless they were chosen; columns have boards unless it was chosen otherwise, and kept so wherever
    something in them wants one.
    """
    if place.holds == "columns":
        return "board" if place.divider != "none" or wants_boards(plan, place) else "open"
    return "board" if place.divider == "board" else "open"


def wants_boards(plan: Plan, place: Place) -> bool:
    """Whether something in a place hangs on its walls, laps them or lies between them."""
    if place.holds not in SPLITS:
        return place.holds not in ALONE and not _stands(plan, place)
    is_railed = place.holds == "rows" and place.divider == "board"
    return is_railed or any(
        wants_boards(plan, plan.places[id_]) and not _hangs_on_a_wall(plan, place, at)
        for at, id_ in enumerate(place.children)
    )


def _stands(plan: Plan, place: Place) -> bool:
    """Whether a place holds a box without a front that stands on its floor and lifts out."""
    row = plan.library.runners[nearest_choice((place.choices, plan.choices), "runner") or ""]
    return place.holds in BOXES and row.kind == "standing" and front_of(plan, place, (plan.choices,)) == "none"


def _hangs_on_a_wall(plan: Plan, split: Place, at: int) -> bool:
    """Whether a column at an end is carried on one side alone, by what its split ends at."""
    column = plan.places[split.children[at]]
    levels = (column.choices, plan.choices)
    row = plan.library.runners[nearest_choice(levels, "runner") or ""]
    if split.holds != "columns" or column.holds not in BOXES or row.kind != "one_side":
        return False
    ends = {"left": 0, "right": len(split.children) - 1}
    return ends[chosen(plan, levels, "carried_on")] == at


def is_even_stack(plan: Plan, node: Node) -> bool:
    """A column of fronts without rails, every one of them a front of the same kind."""
    place = node.place
    if place.holds != "rows" or divider_of(plan, place) != "open":
        return False
    fronts = {front_of(plan, plan.places[id_], node.levels) for id_ in place.children}
    return len(fronts) == 1 and "none" not in fronts


def nearest_choice(levels: Iterable[Choices], name: str) -> str | None:
    """The choice of the nearest level that makes it."""
    return next((level[name] for level in levels if name in level), None)


def chosen(plan: Plan, levels: Iterable[Choices], name: str) -> str:
    """What the nearest level chooses, or the edition's default; empty where there is neither."""
    return nearest_choice(levels, name) or choosables(plan.defaults_edition)[name].default(plan.defaults_system) or ""


def front_of(plan: Plan, place: Place, outer: tuple[Choices, ...]) -> str:
    """The kind of front that a place carries: as chosen, or the edition's default; ``none`` for what has none."""
    if place.holds not in FACED:
        return "none"
    return chosen(plan, (place.choices, *outer), "front") or "none"


def shows_fronts(plan: Plan, place: Place, outer: tuple[Choices, ...]) -> bool:
    """Whether a place, or anything that it is divided into, carries a front."""
    if place.holds in SPLITS:
        inner = (place.choices, *outer)
        return any(shows_fronts(plan, plan.places[id_], inner) for id_ in place.children)
    return front_of(plan, place, outer) != "none"


@cache
def laps(front: str) -> bool:
    """Whether such a front laps over what surrounds its cell."""
    return "lapping" in _shares(front)


@cache
def meets_edges_singly(front: str) -> bool:
    """Whether such a front may end inside the opening at one edge, and lap over the others."""
    return "edge_by_edge" in _shares(front)


def _shares(front: str) -> tuple[str, ...]:
    known = the_catalogue().known.get(f"front.{front}")
    return () if known is None else known.shares


def cells_of(plan: Plan, space: str) -> list[Node]:
    """The undivided places of a space, in order."""
    return [node for node in nodes_of(plan, space) if node.place.holds not in SPLITS]


def every_cell(plan: Plan) -> list[Node]:
    """The undivided places of all spaces, in the order of their numbers."""
    return [node for space in plan.space_order for node in cells_of(plan, space)]


def boxes_of(plan: Plan) -> list[Node]:
    """Every drawer and tray of the plan, space by space."""
    return [node for node in every_cell(plan) if node.place.holds in BOXES]


def numbers_of(plan: Plan) -> dict[str, int]:
    """The number, and so the tint, of each cell: 1, 2, 3 … through the plan."""
    return {node.id: number for number, node in enumerate(every_cell(plan), 1)}


def chosen_kind(plan: Plan, family: str, levels: Iterable[Choices]) -> str:
    """Which alternative of a family holds: the nearest choice, or the edition's default."""
    return f"{family}.{chosen(plan, levels, _choice_of(family, plan.defaults_edition))}"


@cache
def _choice_of(family: str, edition: str) -> str:
    """The choice of a family that has a default in an edition."""
    return next(n for n, one in choosables(edition).items() if one.kind == family and one.inch is not None)


def marks_from_back(plan: Plan, space: str) -> bool:
    """Whether boards of a space are marked from their back edges."""
    return chosen(plan, [plan.spaces[space].choices, plan.choices], "marking_datum") == "back"


def hangs_on_posts(plan: Plan, place: Place, outer: tuple[Choices, ...]) -> bool:
    """Whether anything is pulled out of a place on clip rails between posts."""
    levels = (place.choices, *outer)
    row = plan.library.runners[nearest_choice(levels, "runner") or ""]
    children = (plan.places[id_] for id_ in place.children)
    return (place.holds in BOXES and row.kind == "posts") or any(hangs_on_posts(plan, one, levels) for one in children)


def rides_on_risers(plan: Plan, place: Place, outer: tuple[Choices, ...]) -> bool:
    """Whether a place holds a tray that slides on risers."""
    row = plan.library.runners[nearest_choice((place.choices, *outer), "runner") or ""]
    return place.holds in BOXES and row.kind == "risers"


def holds_boxes(plan: Plan, place: Place) -> bool:
    """Whether anything is pulled out of a place."""
    return place.holds in BOXES or any(holds_boxes(plan, plan.places[id_]) for id_ in place.children)
