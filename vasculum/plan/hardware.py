"""What is bought rather than cut: runners in pairs, pulls, screws by length with the stack that they go through."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass
from typing import Literal

from vasculum.core.flow import Key, key_text
from vasculum.core.lengths import show_with_unit
from vasculum.plan.document import Model
from vasculum.plan.joinery import nearest_key
from vasculum.plan.layout import Node, boxes_of, levels_of, nearest_choice
from vasculum.plan.solving import SolvedPlan

Unit = Literal["pair", "piece"]


class Hardware(Model):
    """Something to buy rather than cut."""

    what: str
    through: str
    """Of a screw: what it passes, and what holds it."""
    count: int
    unit: Unit
    amount: str
    """Count and unit as a person says them."""
    keys: list[str]


@dataclass(frozen=True)
class Wanted:
    """So many of one thing for one drawer."""

    what: str
    through: str
    count: int
    unit: Unit
    keys: tuple[Key, ...]


def hardware_of(plan: SolvedPlan) -> Iterator[Hardware]:
    """Runners, then pulls, then screws; the same things through the same stack counted together."""
    found: dict[tuple[str, str], list[Wanted]] = {}
    drawers = [_Drawer(plan, node) for node in boxes_of(plan.plan)]
    for gather in (_runners, _posts, _pulls, _screws):
        for drawer in drawers:
            for one in gather(drawer):
                found.setdefault((one.what, one.through), []).append(one)
    for space in plan.plan.space_order:
        for one in _case(plan, space):
            found.setdefault((one.what, one.through), []).append(one)
    for (what, through), wanted in found.items():
        count, unit = sum(one.count for one in wanted), wanted[0].unit
        yield Hardware(
            what=what,
            through=through,
            count=count,
            unit=unit,
            amount=f"{count} {unit}{'' if count == 1 else 's'}",
            keys=[key_text(key) for key in dict.fromkeys(key for one in wanted for key in one.keys)],
        )


def _case(plan: SolvedPlan, space: str) -> Iterator[Wanted]:
    """What holds a new case together."""
    if (space, "case_screw_count") not in plan.solved.quantities:
        return
    names = ("case_screw_count", "case_screw_length", "case_thickness")
    keys = tuple(nearest_key(plan, space, name) for name in names)
    count, length, board = (plan.solved.value(*key) for key in keys)
    if count is None or length is None or board is None:
        return
    unit = plan.plan.units.length
    through = f"through board {show_with_unit(board, unit)} into the end of the next"
    yield Wanted(f"Screw for the case, {show_with_unit(length, unit)}", through, int(count), "piece", keys[:2])
    dowels = plan.solved.value(space, "case_dowel_count")
    if dowels is not None:
        yield Wanted("Dowel for the case", "", int(dowels), "piece", ((space, "case_dowel_count"),))


class _Drawer:
    """One drawer or tray, asked for its sizes."""

    def __init__(self, plan: SolvedPlan, node: Node) -> None:
        self.plan, self.node = plan, node
        self.kinds = plan.laid.places[node.id].kinds

    def key(self, name: str) -> Key:
        return nearest_key(self.plan, self.node.id, name)

    def has(self, *names: str) -> bool:
        return all(self.plan.solved.value(*self.key(name)) is not None for name in names)

    def said(self, name: str) -> str:
        return show_with_unit(self.plan.solved.value(*self.key(name)), self.plan.plan.units.length)

    def count(self, name: str) -> int:
        return int(self.plan.solved.value(*self.key(name)))

    def is_something(self, name: str) -> bool:
        value = self.plan.solved.value(*self.key(name))
        return value is not None and value > 0


def _runners(at: _Drawer) -> Iterator[Wanted]:
    if "rolling" not in at.kinds or not at.has("runner_length"):
        return
    row = nearest_choice(levels_of(at.plan.plan, at.node.space, at.node.place), "runner")
    name = at.plan.plan.library.runners[row or ""].name
    yield Wanted(f"{name} runner, {at.said('runner_length')}", "", 1, "pair", (at.key("runner_length"),))


def _posts(at: _Drawer) -> Iterator[Wanted]:
    if "runner.posts" in at.kinds and at.has("clip_rail_count"):
        yield Wanted("Clip rail", "", at.count("clip_rail_count"), "piece", (at.key("clip_rail_count"),))
        siblings = at.plan.plan.places[at.node.parent].children if at.node.parent else [at.node.id]
        first = next(one for one in siblings if "runner.posts" in at.plan.laid.places[one].kinds)
        if first == at.node.id or at.node.of == "column":
            yield Wanted("Post", "", at.count("post_count"), "piece", (at.key("post_count"),))


def _pulls(at: _Drawer) -> Iterator[Wanted]:
    if "pull_screwed" in at.kinds and at.has("pull_count"):
        yield Wanted("Pull", "", at.count("pull_count"), "piece", (at.key("pull_count"),))
    if "pull.top_edge" in at.kinds:
        yield Wanted("Pull for the upper edge", "", 1, "piece", (at.key("edge_allowance"),))


def _screws(at: _Drawer) -> Iterator[Wanted]:
    stand_off = f", stand-off {at.said('lock_stand_off')}" if at.is_something("lock_stand_off") else ""
    if at.has("front_screw_count", "box_front_thickness", "front_thickness"):
        through = (
            f"through box front {at.said('box_front_thickness')}{stand_off} into front {at.said('front_thickness')}"
        )
        yield _screw(at, "front", "front_screw_length", through, at.count("front_screw_count"), "front_screw_count")
    if "screwed" in at.kinds and at.has("runner_screw_count", "side_thickness"):
        shim = f", shim {at.said('runner_shim')}" if at.is_something("runner_shim") else ""
        through = (
            f"through metal {at.said('runner_metal')}{shim} into side {at.said('side_thickness')}, and into the case"
        )
        yield _screw(at, "runner", "runner_screw_length", through, at.count("runner_screw_count"), "runner_screw_count")
        for side in ("left", "right"):
            if at.is_something(f"behind_{side}"):
                through = f"through packing {at.said(f'behind_{side}')} into the case"
                count = at.count("packing_screws")
                yield _screw(at, "packing", f"packing_screw_{side}", through, count, f"behind_{side}", " at least")
    if "pull_screwed" in at.kinds and at.has("pull_screw_length", "pull_count"):
        wall = f"box front {at.said('box_front_thickness')}{stand_off} and " if "front_walled" in at.kinds else ""
        through = f"through {wall}front {at.said('front_thickness')} into the pull {at.said('pull_thread')}"
        yield _screw(at, "pull", "pull_screw_length", through, at.count("pull_count"), "pull_count")


def _screw(at: _Drawer, of: str, length: str, through: str, count: int, by: str, more: str = "") -> Wanted:
    what = f"Screw for the {of}, {at.said(length)}{more}"
    return Wanted(what, through, count, "piece", (at.key(by), at.key(length)))
