"""Gather the parts of a solved plan: which sizes make a part, what is cut into it, what hangs on it.

A part's id is its place and role; its sizes are keys of the solution, never copies.
"""

from __future__ import annotations

from dataclasses import replace
from typing import TypedDict

from vasculum.core.flow import Key, read_key
from vasculum.plan.case_parts import case_parts
from vasculum.plan.joinery import End, WallJoinery, front_joinery, nearest_key
from vasculum.plan.layout import BOXES, Node, divider_of, levels_of, nearest_choice, nodes_of
from vasculum.plan.part import Hand, Part, Role
from vasculum.plan.solving import SolvedPlan


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
        parts += [
            *_wooden_runners(plan, nodes),
            *_packing(plan, space, nodes),
            *_strips(plan, nodes),
            *_scribes(plan, space),
            *case_parts(plan, space),
        ]
    sheets = plan.plan.library.sheets
    free = {id_ for id_, sheet in sheets.items() if sheet.grain == "free"}
    return [replace(p, grain="free") if p.sheet in free and p.grain == "length" else p for p in parts]


def _sheet(plan: SolvedPlan, node: Node, *choices: str) -> str | None:
    """The sheet that the nearest level chooses, by the first of these choices that any level makes."""
    levels = levels_of(plan.plan, node.space, node.place)
    return next((found for c in choices if (found := nearest_choice(levels, c)) is not None), None)


def _walls(plan: SolvedPlan, node: Node) -> list[Part]:
    drawer, side_sheet, cut = node.id, _sheet(plan, node, "side_sheet"), WallJoinery(plan, node.id)
    sides = Part(
        f"{drawer}/side_left", drawer, "side_left", "Side, left", (drawer, "side_length_cut"),
        (drawer, "wall_height_cut"), nearest_key(plan, drawer, "side_thickness"), side_sheet, "L",
        joinery=cut.of_side(),
    )  # fmt: skip
    ends = [
        Part(
            f"{drawer}/box_{end}", drawer, role, f"Box {end}", (drawer, f"box_{end}_length_cut"),
            (drawer, height), nearest_key(plan, drawer, f"box_{end}_thickness"),
            _sheet(plan, node, f"box_{end}_sheet", "side_sheet"), joinery=cut.of_end(end),
        )
        for end, role, height in _ENDS
        if (drawer, f"box_{end}_length_cut") in plan.solved.quantities
    ]  # fmt: skip
    right = replace(sides, id=f"{drawer}/side_right", role="side_right", name="Side, right", hand="R")
    return [sides, right, *ends]


_ENDS: tuple[tuple[End, Role, str], ...] = (
    ("front", "box_front", "wall_height_cut"),
    ("back", "box_back", "back_wall_height_cut"),
)


def _bottom(plan: SolvedPlan, node: Node) -> Part:
    drawer = node.id
    return Part(
        f"{drawer}/bottom", drawer, "bottom", "Bottom", (drawer, "bottom_width_cut"), (drawer, "bottom_depth_cut"),
        nearest_key(plan, drawer, "bottom_thickness"), _sheet(plan, node, "bottom_sheet"),
    )  # fmt: skip


def _front(plan: SolvedPlan, node: Node) -> Part:
    drawer = node.id
    is_banded = (drawer, "front_core_width") in plan.solved.quantities
    size = "front_core_{}" if is_banded else "front_{}_cut"
    is_matched = node.parent is not None and "grain.matched" in plan.laid.places[node.parent].kinds
    return Part(
        f"{drawer}/front", drawer, "front", "Front", (drawer, size.format("width")), (drawer, size.format("height")),
        nearest_key(plan, drawer, "front_thickness"), _sheet(plan, node, "front_sheet"),
        grain="matched" if is_matched else "length", joinery=front_joinery(plan, drawer),
        bands=ALL_EDGES if is_banded else (), band=_sheet(plan, node, "front_band") if is_banded else None,
    )  # fmt: skip


ALL_EDGES = ("top", "bottom", "left", "right")


def _shelf(plan: SolvedPlan, node: Node) -> Part:
    return Part(
        f"{node.id}/shelf", node.id, "shelf", "Shelf", (node.id, "shelf_length_cut"), _deep(plan, node.id, "shelf"),
        nearest_key(plan, node.id, "divider_thickness"), _sheet(plan, node, "divider_sheet", "side_sheet"),
        **_front_edge(plan, node, f"{node.id}/shelf_depth_core"),
    )  # fmt: skip


def _deep(plan: SolvedPlan, place: str, what: str) -> Key:
    """The depth of a shelf or divider; of its core, where its front edge is banded."""
    core = (place, f"{what}_depth_core")
    return core if core in plan.solved.quantities else (place, f"{what}_depth_cut")


def _front_edge(plan: SolvedPlan, node: Node, core: str) -> _Banded:
    if read_key(core) not in plan.solved.quantities:
        return {"bands": (), "band": None}
    return {"bands": ("front",), "band": _sheet(plan, node, "case_band")}


class _Banded(TypedDict):
    bands: tuple[str, ...]
    band: str | None


def _divider(plan: SolvedPlan, node: Node, split: str) -> Part:
    """The board before a part of a split belongs to that part: it goes when the part goes."""
    return Part(
        f"{node.id}/divider", split, "divider", "Divider", (split, "divider_length_cut"), _deep(plan, split, "divider"),
        nearest_key(plan, split, "divider_thickness"), _sheet(plan, node, "divider_sheet", "side_sheet"),
        **_front_edge(plan, node, f"{split}/divider_depth_core"),
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


def _wooden_runners(plan: SolvedPlan, nodes: list[Node]) -> list[Part]:
    """A pair of strips for each box: hardwood in its grooves, battens under a tray, rails that it hangs on."""
    made = []
    for node in nodes:
        kinds = plan.laid.places[node.id].kinds
        for kind, (name, height, thickness) in _STRIPS_OF.items():
            if kind in kinds:
                sizes = (
                    (node.id, "runner_length"),
                    nearest_key(plan, node.id, height),
                    nearest_key(plan, node.id, thickness),
                )
                made += [
                    Part(f"{node.id}/{role}", node.id, role, f"{name}, {side}", *sizes, None, hand)
                    for role, side, hand in _PAIR
                ]
    return made


_STRIPS_OF = {
    "runner.wooden": ("Wooden runner", "runner_height", "runner_projects"),
    "runner.batten": ("Batten", "runner_height", "runner_projects"),
    "runner.hung": ("Rail", "hung_rail_height", "hung_rail_thickness"),
}
_PAIR: tuple[tuple[Role, str, Hand], ...] = (("runner_left", "left", "L"), ("runner_right", "right", "R"))


def _scribes(plan: SolvedPlan, space: str) -> list[Part]:
    """Blanks for scribe strips, of the stock of the fronts that they are seen beside."""
    choices = [plan.plan.spaces[space].choices, plan.plan.choices]
    return [
        Part(
            f"{id_}/scribe", id_, "scribe", f"{one.name}, blank", (id_, "strip_length_cut"), (id_, "strip_width_cut"),
            nearest_key(plan, id_, "front_thickness"), nearest_choice(choices, "front_sheet"),
        )
        for id_, one in plan.plan.scribes.items()
        if one.space == space and one.stations
    ]  # fmt: skip


def _strips(plan: SolvedPlan, nodes: list[Node]) -> list[Part]:
    """A strip past what stands in beside one box: as long as its runner, on the side where something is taken."""
    made = []
    for side, role, hand in _PAST:
        for node in nodes:
            taken = plan.solved.value(node.id, f"taken_{side}")
            if node.place.holds in BOXES and taken is not None and taken > 0:
                made.append(
                    Part(
                        f"{node.id}/{role}", node.id, role, f"Strip past what is in the way, {side}",
                        (node.id, "runner_length"), nearest_key(plan, node.id, "runner_height"),
                        (node.id, f"taken_{side}"), None, hand,
                    )
                )  # fmt: skip
    return made


_PAST: tuple[tuple[str, Role, Hand], ...] = (("left", "strip_left", "L"), ("right", "strip_right", "R"))
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
        joinery = tuple((j.kind, j.what, j.end, sizes([j.from_edge, j.width, j.depth])) for j in part.joinery)
        measured = sizes([part.length, part.width, part.thickness])
        bands = (part.band, part.bands)
        same = part.id if None in measured else (measured, part.sheet, part.hand, part.grain, joinery, bands)
        groups.setdefault(same, []).append(part)
    return list(groups.values())
