"""Gather the parts of a solved plan: which sizes make a part, what is cut into it, what hangs on it.

A part's id is its place and role; its sizes are keys of the solution, never copies.
"""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Literal

from vasculum.core.flow import Key
from vasculum.plan.layout import BOXES, Node, divider_of, nodes_of
from vasculum.plan.solving import SolvedPlan

Hand = Literal["L", "R"]
Role = Literal[
    "side_left",
    "side_right",
    "box_front",
    "box_back",
    "bottom",
    "front",
    "shelf",
    "divider",
    "packing_left",
    "packing_right",
]
Grain = Literal["length", "free"]


@dataclass(frozen=True, slots=True)
class Joinery:
    """One thing cut or marked: a groove or line along the lower edge, or a rabbet across an end. All by key.

    ``from_edge`` is from the part's lower edge to the nearer side of the groove, or to the line itself.
    """

    kind: Literal["groove", "rabbet_ends", "line"]
    what: str
    from_edge: Key | None = None
    width: Key | None = None
    depth: Key | None = None


@dataclass(frozen=True, slots=True)
class Part:
    """One piece to cut: its sizes by key, the sheet it comes from, and what is cut into it."""

    id: str
    place: str
    role: Role
    name: str
    length: Key
    width: Key
    thickness: Key
    sheet: str | None
    hand: Hand | None = None
    grain: Grain = "length"
    joinery: tuple[Joinery, ...] = ()


def nearest_key(plan: SolvedPlan, place: str, name: str) -> Key:
    """The key that a bare name means at a place: its own, or the nearest further out."""
    at: str | None = place
    while at is not None:
        if (at, name) in plan.solved.quantities:
            return (at, name)
        at = plan.laid.places[at].parent
    return (place, name)


def parts_of(plan: SolvedPlan) -> list[Part]:
    """All parts, space by space and place by place."""
    parts: list[Part] = []
    for space in plan.plan.space_order:
        nodes = list(nodes_of(plan.plan, space))
        for node in nodes:
            holds = node.place.holds
            if holds in BOXES:
                parts += [*_walls(plan, node), _bottom(plan, node)]
            if (node.id, "front_width_cut") in plan.solved.quantities:
                parts.append(_front(plan, node))
            if holds == "shelf":
                parts.append(_shelf(plan, node))
            if node.parent is not None and node.number > 0 and divider_of(plan.plan.places[node.parent]) == "board":
                parts.append(_divider(plan, node, node.parent))
        parts += _packing(plan, space, nodes)
    return parts


def _sheet(plan: SolvedPlan, node: Node, *choices: str) -> str | None:
    """The sheet that the nearest level chooses, by the first of these choices that any level makes."""
    levels = [node.place.choices, plan.plan.spaces[node.space].choices, plan.plan.choices]
    return next((level[c] for c in choices for level in levels if c in level), None)


def _walls(plan: SolvedPlan, node: Node) -> list[Part]:
    drawer, side_sheet = node.id, _sheet(plan, node, "side_sheet")
    sides = Part(
        f"{drawer}/side_left", drawer, "side_left", "Side, left", (drawer, "side_length_cut"),
        (drawer, "wall_height_cut"), nearest_key(plan, drawer, "side_thickness"), side_sheet, "L",
        joinery=(*_groove(plan, drawer, "groove_depth_side"), *_runner_line(plan, drawer)),
    )  # fmt: skip
    ends = [
        Part(
            f"{drawer}/box_{end}", drawer, role, f"Box {end}", (drawer, "front_back_length_cut"),
            (drawer, "wall_height_cut"), nearest_key(plan, drawer, f"box_{end}_thickness"),
            _sheet(plan, node, f"box_{end}_sheet", "side_sheet"),
            joinery=(*_groove(plan, drawer, f"groove_depth_{end}"), *_rabbet(plan, drawer, f"rabbet_depth_{end}")),
        )
        for end, role in _ENDS
    ]  # fmt: skip
    right = replace(sides, id=f"{drawer}/side_right", role="side_right", name="Side, right", hand="R")
    return [sides, right, *ends]


_ENDS: tuple[tuple[str, Role], ...] = (("front", "box_front"), ("back", "box_back"))


def _groove(plan: SolvedPlan, drawer: str, depth: str) -> tuple[Joinery, ...]:
    if (drawer, depth) not in plan.solved.quantities:
        return ()
    raise_key = nearest_key(plan, drawer, "bottom_raise")
    return (Joinery("groove", "Groove for the bottom", raise_key, (drawer, "groove_width"), (drawer, depth)),)


def _rabbet(plan: SolvedPlan, drawer: str, depth: str) -> tuple[Joinery, ...]:
    if (drawer, depth) not in plan.solved.quantities:
        return ()
    width = nearest_key(plan, drawer, "side_thickness")
    return (Joinery("rabbet_ends", "Rabbet for the sides", None, width, (drawer, depth)),)


def _runner_line(plan: SolvedPlan, drawer: str) -> tuple[Joinery, ...]:
    if (drawer, "runner_line_on_wall") not in plan.solved.quantities:
        return ()
    return (Joinery("line", "Runner line, outside face", (drawer, "runner_line_on_wall")),)


def _bottom(plan: SolvedPlan, node: Node) -> Part:
    drawer = node.id
    return Part(
        f"{drawer}/bottom", drawer, "bottom", "Bottom", (drawer, "bottom_width_cut"), (drawer, "bottom_depth_cut"),
        nearest_key(plan, drawer, "bottom_thickness"), _sheet(plan, node, "bottom_sheet"),
    )  # fmt: skip


def _front(plan: SolvedPlan, node: Node) -> Part:
    drawer = node.id
    return Part(
        f"{drawer}/front", drawer, "front", "Front", (drawer, "front_width_cut"), (drawer, "front_height_cut"),
        nearest_key(plan, drawer, "front_thickness"), _sheet(plan, node, "front_sheet"),
    )  # fmt: skip


def _shelf(plan: SolvedPlan, node: Node) -> Part:
    return Part(
        f"{node.id}/shelf", node.id, "shelf", "Shelf", (node.id, "shelf_length_cut"), (node.id, "shelf_depth_cut"),
        nearest_key(plan, node.id, "divider_thickness"), _sheet(plan, node, "divider_sheet", "side_sheet"),
    )  # fmt: skip


def _divider(plan: SolvedPlan, node: Node, split: str) -> Part:
    """The board before a part of a split belongs to that part: it goes when the part goes."""
    return Part(
        f"{node.id}/divider", split, "divider", "Divider", (split, "divider_length_cut"), (split, "divider_depth_cut"),
        nearest_key(plan, split, "divider_thickness"), _sheet(plan, node, "divider_sheet", "side_sheet"),
    )  # fmt: skip


def _packing(plan: SolvedPlan, space: str, nodes: list[Node]) -> list[Part]:
    """A strip behind each runner that hangs on a packed side of the case; as long and as high as the runner."""
    made = []
    for role, name, hand in _STRIPS:
        thickness = plan.solved.value(space, role)
        if thickness is None or thickness <= 0:
            continue
        for node in nodes:
            is_there = node.is_left_edge if hand == "L" else node.is_right_edge
            if node.place.holds in BOXES and is_there:
                made.append(
                    Part(
                        f"{node.id}/{role}", node.id, role, name, (node.id, "runner_length"),
                        nearest_key(plan, node.id, "runner_height"), (space, role), None, hand,
                    )
                )  # fmt: skip
    return made


_STRIPS: tuple[tuple[Role, str, Hand], ...] = (
    ("packing_left", "Packing strip, left", "L"),
    ("packing_right", "Packing strip, right", "R"),
)


def merged(plan: SolvedPlan, parts: list[Part]) -> list[list[Part]]:
    """Identical parts together: the same cut sizes, sheet, grain, joinery and hand. No part is lost."""

    def sizes(keys: list[Key | None]) -> tuple[object, ...]:
        return tuple(None if k is None else plan.solved.value(*k) for k in keys)

    groups: dict[object, list[Part]] = {}
    for part in parts:
        joinery = tuple((j.kind, j.what, sizes([j.from_edge, j.width, j.depth])) for j in part.joinery)
        measured = sizes([part.length, part.width, part.thickness])
        same = part.id if None in measured else (measured, part.sheet, part.hand, part.grain, joinery)
        groups.setdefault(same, []).append(part)
    return list(groups.values())
