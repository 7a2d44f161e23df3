"""What lies where, in words: the things of each cell, what of them is left over, and what is used of its room."""

from __future__ import annotations

from collections.abc import Iterator

from vasculum.core.flow import key_text
from vasculum.plan.document import Model, Plan, Thing
from vasculum.plan.laying.layout import numbers_of
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.laying.things import things_in
from vasculum.plan.making.by_hand import Amiss, thing_of
from vasculum.plan.making.stored import Left, Stored, stored_in, takers
from vasculum.plan.telling.before_after import BeforeAfter, before_and_after
from vasculum.plan.telling.finding import FindingShown
from vasculum.plan.telling.words import filled, number_text, place_name

MOST_NAMED = 3
"""Cells that are named where something would go in."""


class ThingKept(Model):
    """A thing of a cell: how many go in, and what is said of those that do not."""

    id: str
    name: str
    count: int
    left: int
    why: str
    """Why some are left over; empty where all go in."""


class CellContents(Model):
    """One cell with what is kept in it."""

    place: str
    number: int
    name: str
    things: list[ThingKept]
    floor: str
    """How much of its floor is covered."""
    volume: str
    """How much of its room below the rim is filled."""
    weight: str
    """What its things weigh together; empty where nobody said."""
    load: str
    """What its runners carry of what they are rated for; empty where that is not known."""
    wood: str
    """Of its opening, what walls, bottom, runners and gaps take; empty while that waits."""
    air: str
    """Of its opening, what is empty round the things."""
    is_by_hand: bool
    """Whether something in it was laid by hand."""


class ThingFound(Model):
    """A thing that was looked for, and the cell that it lives in."""

    id: str
    thing: Thing
    place_name: str
    """Empty where it lives nowhere yet."""
    number: int
    """Of its cell; nothing where it lives nowhere yet."""


class Contents(Model):
    """What is kept where, and what lives nowhere yet."""

    cells: list[CellContents]
    nowhere: list[str]
    """Ids of things that live nowhere."""
    compared: list[BeforeAfter]
    """With the arrangement before; empty where none was measured, or something still waits."""


def contents_of(plan: SolvedPlan) -> Contents:
    """Every cell with things, and the things without a cell."""
    numbers = numbers_of(plan.plan)
    stored = [_cell(plan, one, numbers[one.place]) for one in stored_in(plan)]
    return Contents(
        cells=stored,
        nowhere=[id_ for id_, one in plan.plan.things.items() if one.lives_in is None],
        compared=list(before_and_after(plan)),
    )


def things_found(plan: Plan, words: str) -> list[ThingFound]:
    """The things of a plan whose name, note or what they belong with has all of these words, in any order."""
    asked, numbers = words.casefold().split(), numbers_of(plan)
    return [
        ThingFound(
            id=id_, thing=one,
            place_name="" if one.lives_in is None else plan.places[one.lives_in].name,
            number=0 if one.lives_in is None else numbers.get(one.lives_in, 0),
        )
        for id_, one in plan.things.items()
        if asked and all(word in f"{one.name} {one.belongs_with} {one.note}".casefold() for word in asked)
    ]  # fmt: skip


def _cell(plan: SolvedPlan, one: Stored, number: int) -> CellContents:
    left = {gone.thing: gone for gone in one.left}
    weight = plan.solved.value(one.place, "contents_weight")
    load = plan.solved.value(one.place, "runner_load")
    wood, air = _lost(plan, one)
    return CellContents(
        place=one.place,
        number=number,
        name=place_name(plan.plan, one.place),
        things=[
            ThingKept(
                id=id_, name=thing.name, count=thing.count, left=left[id_].many if id_ in left else 0,
                why=_why(plan, left[id_]) if id_ in left else "",
            )
            for id_, thing in things_in(plan.plan, one.place).items()
        ],
        floor=f"{round(one.floor_used * 100)} %",
        volume=f"{round(one.volume_used * 100)} %",
        weight="" if weight is None else number_text(float(weight), plan.plan.units.length, "kg"),
        load="" if load is None else f"{round(load * 100)} %",
        wood=wood,
        air=air,
        is_by_hand=any(thing.lies_at for thing in things_in(plan.plan, one.place).values()),
    )  # fmt: skip


def _lost(plan: SolvedPlan, one: Stored) -> tuple[str, str]:
    """Of the opening: what wood and gaps take, and what is air; the rest are things."""
    sizes = [plan.solved.value(one.place, name) for name in ("cell_width", "cell_height", "cell_depth")]
    if None in sizes or not all(sizes):
        return "", ""
    opening = sizes[0] * sizes[1] * sizes[2]
    wood, air = 1 - one.volume / opening, (one.volume - one.filled) / opening
    return f"{round(wood * 100)} %", f"{round(air * 100)} %"


def _why(plan: SolvedPlan, left: Left) -> str:
    if left.why == "no_floor":
        return "no floor is left for it"
    return f"{number_text(left.over, plan.plan.units.length)} too high"


def found_in_contents(plan: SolvedPlan) -> Iterator[FindingShown]:
    """Things that do not go where they are to live."""
    unit = plan.plan.units.length
    for one in stored_in(plan):
        yield from (_laid_amiss(plan, one.place, amiss) for amiss in one.amiss)
        for left in one.left:
            name = plan.plan.things[left.thing].name
            said = f"{left.many} of {name}" if left.many < plan.plan.things[left.thing].count else name
            high = left.why == "too_high"
            yield FindingShown(
                code="thing-too-high" if high else "thing-left-over",
                severity="attention",
                place=one.place,
                places=[one.place],
                place_name=place_name(plan.plan, one.place),
                message=filled(f"{said}: {{over}} higher than the room over the floor.", {"over": left.over}, unit)
                if high
                else f"{said}: no floor is left.",
                fix=_fix(plan, left),
                keys=[key_text((one.place, "inside_height" if high else "inside_width"))],
                pieces=[],
            )


def _laid_amiss(plan: SolvedPlan, place: str, one: Amiss) -> FindingShown:
    name, other = (plan.plan.things[thing_of(said)].name if said else "" for said in (one.name, one.other))
    said = {
        "beyond": f"{name}: laid {{by}} beyond the floor.", "across": f"{name}: laid across what divides the floor.",
        "laps": f"{name}: laid {{by}} onto {other}.",
    }[one.what]  # fmt: skip
    return FindingShown(
        code="thing-laid-amiss",
        severity="attention",
        place=place,
        places=[place],
        place_name=place_name(plan.plan, place),
        message=filled(said, {"by": one.by}, plan.plan.units.length),
        fix="Move it, or let the program lay it anew.",
        keys=[key_text((place, "inside_width"))],
        pieces=[],
    )


def _fix(plan: SolvedPlan, left: Left) -> str:
    """Where it would go, and how much higher a cell would have to be for it; and what else would do."""
    known = takers(plan, left.thing)
    names = [place_name(plan.plan, one.place) for one in known if not one.grows]
    lower = [one for one in known if one.grows]
    goes = f"{' or '.join(names[:MOST_NAMED])} has room for it." if names else "No other cell has room for it as it is."
    if lower and not names:
        least, unit = lower[0], plan.plan.units.length
        goes += f" {place_name(plan.plan, least.place)} would, were it {number_text(least.grows, unit)} higher."
    if left.why == "too_high":
        return f"{goes} Or let it lie down, or let its things decide how high the row is."
    return f"{goes} Or let it turn, or stand on others."
