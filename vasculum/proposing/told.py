"""Proposals in words: side by side, why one more row does not go, and what is larger than any drawer."""

from __future__ import annotations

from collections.abc import Iterator

from vasculum.core.lengths import Mm, Unit
from vasculum.plan.document import Model
from vasculum.plan.document.patching import PatchStep
from vasculum.plan.making.stored import Stored
from vasculum.plan.telling.words import number_text
from vasculum.proposing.asked import made_in
from vasculum.proposing.shares import Goal
from vasculum.proposing.tried import Tried
from vasculum.proposing.wanting import TooLarge, wanted_in

TITLES: dict[str, str] = {
    "fewest": "Fewest drawers", "closest": "Least empty height", "in_reach": "Daily things at hand",
    "heavy_low": "Heavy things low", "together": "What belongs together", "balanced": "Left and right alike",
    "equal": "Equal rows",
}  # fmt: skip


class DrawerProposed(Model):
    """One drawer of a proposal."""

    column: int
    row: int
    things: list[str]
    """Names of what lives in it."""
    inside: str
    """How high it is inside; empty where nothing lives there."""
    tallest: str
    floor: str
    """How much of its floor is covered."""


class Proposal(Model):
    """One way to divide a space for its things."""

    title: str
    best_at: list[str]
    """What no other proposal does better."""
    columns: int
    drawers: int
    left: list[str]
    """Names of things that do not go in, with why."""
    air: str
    """Empty height over the tallest things, all drawers together."""
    stops: list[str]
    """What speaks against cutting it."""
    is_best: bool
    """Whether it was proved that its goal cannot be met better in as many columns."""
    lies: list[DrawerProposed]
    patch: list[PatchStep]
    """The change that takes it."""


class Proposals(Model):
    """All of them, and why one more row does not go."""

    proposals: list[Proposal]
    one_more: str
    """The sum that says why one more row does not go, or that it does."""
    too_large: list[str]
    """Things larger than any drawer here could be, with what would have to give."""
    done: bool
    progress: int
    """Of a hundred."""


def told(
    chosen: list[Tried],
    goals: list[Goal],
    fewest: Tried | None,
    too_large: list[TooLarge],
    progress: int,
) -> Proposals:
    """What was chosen of the ways that were tried, side by side."""
    unit: Unit = "mm" if not chosen else chosen[0].asked.plan.units.length
    return Proposals(
        proposals=[_proposal(one, chosen, goals) for one in chosen],
        one_more="" if fewest is None else _one_more(fewest),
        too_large=[_too_large(one, unit) for one in too_large],
        done=progress >= 100,
        progress=progress,
    )


def _proposal(one: Tried, chosen: list[Tried], goals: list[Goal]) -> Proposal:
    others = [other for other in chosen if other.goal != "equal"]
    unit, things = one.asked.plan.units.length, one.asked.things
    best = [
        goal for goal in goals if one.goal != "equal" and all(one.comes_to(goal) <= o.comes_to(goal) for o in others)
    ]
    return Proposal(
        title=TITLES[one.goal],
        best_at=[TITLES[goal] for goal in best],
        columns=one.probe.columns,
        drawers=one.drawers,
        left=[things[id_].name for id_ in one.shared.left]
        + [words for kept in one.stored.values() for words in _left_over(one, kept)],
        air=number_text(one.air, unit),
        stops=list(one.stops),
        is_best=one.shared.is_best and one.goal != "equal",
        lies=list(_drawers(one)),
        patch=one.patch,
    )


def _left_over(one: Tried, kept: Stored) -> Iterator[str]:
    for left in kept.left:
        over = f", {number_text(left.over, one.asked.plan.units.length)} too high" if left.over else ""
        yield f"{one.asked.plan.things[left.thing].name}{over}"


def _drawers(one: Tried) -> Iterator[DrawerProposed]:
    unit, cells = one.asked.plan.units.length, iter(made_in(one.asked, one.built.plan))
    for c, column in enumerate(one.shared.columns, 1):
        for r, row in enumerate(column or ((),), 1):
            kept = one.stored.get(next(cells))
            yield DrawerProposed(
                column=c,
                row=r,
                things=[one.asked.things[id_].name for id_ in row],
                inside="" if kept is None else number_text(kept.room.sides, unit),
                tallest="" if kept is None or not kept.heights else number_text(max(kept.heights.values()), unit),
                floor="" if kept is None else f"{round(kept.floor_used * 100)} %",
            )


def _one_more(fewest: Tried) -> str:
    """The least that one row more than the fewest drawers take would want: the tallest thing, and the lowest ones."""
    unit, probe = fewest.asked.plan.units.length, fewest.probe
    rows = max(len(column) for column in fewest.shared.columns)
    needs = sorted(one.height for one in wanted_in(fewest.asked, probe))
    wanted = [needs[-1], *needs[:rows]]
    whole = sum(wanted, Mm(0)) + probe.loss * (rows + 1)
    terms = " + ".join(number_text(one, unit) for one in wanted)
    said = (
        f"{rows + 1} rows want at least {terms} for things, and {rows + 1} × {number_text(probe.loss, unit)} for wood, "
        f"play and headroom: {number_text(whole, unit)}"
    )
    over = whole - probe.height
    if len(needs) <= rows:
        return ""
    if over > 0:
        return f"{said}, {number_text(over, unit)} more than the {number_text(probe.height, unit)} that are there."
    return f"{said} of {number_text(probe.height, unit)}: one row more goes."


def _too_large(one: TooLarge, unit: Unit) -> str:
    name, probe = one.thing.name, one.probe
    if one.what == "high":
        return f"{name}: {number_text(one.over, unit)} higher than one drawer as high as the whole space takes."
    if one.what == "heavy":
        return f"{name}: {number_text(float(one.over), unit, 'kg')} more than the runners of a drawer carry beside it."
    floor = f"{number_text(probe.width, unit)} × {number_text(probe.depth, unit)}"
    return f"{name}: larger than the floor of the widest drawer, {floor}."


def as_text(found: Proposals) -> str:
    """Each proposal with its drawers, then what does not go and why: for the command line."""
    return "\n".join(_lines(found))


def _lines(found: Proposals) -> Iterator[str]:
    if not found.proposals:
        yield "Nothing is proposed: the list is empty, or the space has no sizes yet."
    for one in found.proposals:
        yield from _of_one(one)
    yield from found.too_large
    if found.one_more:
        yield found.one_more


def _of_one(one: Proposal) -> Iterator[str]:
    drawers = "1 drawer" if one.drawers == 1 else f"{one.drawers} drawers"
    columns = "1 column" if one.columns == 1 else f"{one.columns} columns"
    best = f"; best at: {', '.join(one.best_at).lower()}" if one.best_at else ""
    yield f"{one.title}: {drawers} in {columns}, {one.air} of air{best}"
    for drawer in one.lies:
        inside = f", {drawer.inside} inside for {drawer.tallest}, floor {drawer.floor}" if drawer.tallest else ""
        yield f"  column {drawer.column}, row {drawer.row}: {', '.join(drawer.things) or 'nothing'}{inside}"
    if one.left:
        yield f"  left over: {', '.join(one.left)}"
    yield from (f"  stop: {stop}" for stop in one.stops)
