"""The room of a cell for things: its floor, its tiers where a tray slides over it, what divides each. Numbers only."""

from __future__ import annotations

from typing import NamedTuple

from vasculum.core.lengths import Mm
from vasculum.plan.laying.layout import BOXES, Node
from vasculum.plan.laying.solving import SolvedPlan, nearest_key

NOTHING = Mm(0)


class Room(NamedTuple):
    """The room of a cell for things, mm: its floor, how high its sides stand, and how high things may stand."""

    width: Mm
    depth: Mm
    sides: Mm
    height: Mm


def sizes_of(node: Node) -> tuple[str, str, str] | None:
    """Which quantities are how wide, how deep and how high a cell is for things; none where nothing is kept."""
    return {
        **dict.fromkeys(BOXES, ("inside_width", "inside_depth", "inside_height")),
        "bin": ("bin_width", "bin_depth", "bin_height"), "open": ("cell_width", "cell_depth", "cell_height"),
        "shelf": ("cell_width", "cell_depth", "cell_height"),
        "parts_tray": ("parts_back_cut", "parts_inside_depth", "parts_inside_height"),
        "rack": ("free_width", "rack_run_cut", "rack_clear_height"),
    }.get(node.place.holds)  # fmt: skip


def room_of(plan: SolvedPlan, node: Node) -> Room | None:
    """The room of a cell for things; none while it waits, and none where nothing is kept."""
    names = sizes_of(node)
    sizes = [plan.solved.value(node.id, name) for name in names or ()]
    if not sizes or None in sizes:
        return None
    width, depth, sides = sizes
    above = plan.solved.value(*nearest_key(plan, node.id, "play_above_built")) if node.place.holds in BOXES else None
    taken = plan.solved.value(node.id, "shelf_thickness") if node.place.holds == "shelf" else None
    return Room(width, depth, sides, sides + max(above or NOTHING, NOTHING) - (taken or NOTHING))


Part = tuple[Mm, Mm, Mm, Mm]
"""Of a floor: from the left, from the front, how wide and how deep, mm."""


class Tier(NamedTuple):
    """A floor, or what it is divided into, under so much height."""

    room: Room
    floors: list[Part]


def tiers_of(plan: SolvedPlan, place: str, room: Room) -> list[Tier]:
    """The cell itself; of a drawer with a sliding tray the tray, which is filled first, and what is below it."""
    names = ("upper_end_cut", "upper_depth_cut", "upper_wall_cut", "upper_thickness", "between_risers", "riser_height")
    sizes = [plan.solved.value(*nearest_key(plan, place, name)) for name in names]
    if "fitted.upper_tray" not in plan.laid.places[place].kinds or None in sizes:
        return [Tier(room, _floors(plan, place, room))]
    across, back, wall, thick, between, below = sizes
    inside = back - 2 * thick
    tray = Room(across, inside, wall, wall + room.height - room.sides)
    lower = Room(between, room.depth, below, below)
    corner, beside = ((room.width - across) / 2, thick), (room.width - between) / 2
    return [
        Tier(tray, [(*corner, across, inside)]),
        Tier(lower, [(beside, NOTHING, lower.width, lower.depth)]),
    ]


def _floors(plan: SolvedPlan, place: str, room: Room) -> list[Part]:
    """The floor of a cell, or the floor between what divides it: a grid, or loose dividers; from the front left."""
    if "pocketed" in plan.laid.places[place].kinds:
        names = ("pocket_lefts", "pocket_fronts", "pocket_widths", "pocket_depths")
        pockets = list(zip(*(plan.solved.value(place, name) or () for name in names), strict=True))
        return pockets or [(NOTHING, NOTHING, room.width, room.depth)]
    across, deep = (plan.solved.value(place, name) or () for name in _middles(plan.laid.places[place].kinds))
    thick = plan.solved.value(*nearest_key(plan, place, "grid_thickness"))
    if not across and not deep:
        return [(NOTHING, NOTHING, room.width, room.depth)]
    columns, rows = (_between(middles, run, thick) for middles, run in ((across, room.width), (deep, room.depth)))
    return [(x, y, w, d) for y, d in rows for x, w in columns]


def _middles(kinds: frozenset[str]) -> tuple[str, str]:
    """Which quantities say where dividers stand: from the left, and from the front; empty where none do."""
    if "fitted.grid" in kinds:
        return ("grid_centres_across", "grid_centres_deep")
    if "rack" in kinds:
        return ("rack_middles", "")
    if "fitted.slotted_front" in kinds:
        return ("loose_middles", "")
    return ("", "loose_middles") if "fitted.slotted_sides" in kinds else ("", "")


def _between(middles: tuple[Mm, ...], run: Mm, thick: Mm) -> list[tuple[Mm, Mm]]:
    """Where each cell between strips begins, and how wide it is."""
    begins = [NOTHING, *(at + thick / 2 for at in middles)]
    ends = [*(at - thick / 2 for at in middles), run]
    return [(low, high - low) for low, high in zip(begins, ends, strict=True)]
