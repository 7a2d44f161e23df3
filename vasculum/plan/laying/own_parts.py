"""Parts and goods of one's own, laid out: each part with its sizes, and a place for every one of its kind."""

from __future__ import annotations

from collections.abc import Iterator
from fractions import Fraction

from vasculum.core.flow import Given, Place
from vasculum.core.lengths import Mm
from vasculum.core.rules.own_parts import LIES
from vasculum.plan.document import OwnGood, OwnPart, Plan

NOTHING = Mm(0)
OUTWARD = {"across": "left", "back": "front", "up": "floor"}
"""The side from which each axis is counted."""


def own_part_places(plan: Plan, id_: str, part: OwnPart) -> Iterator[Place]:
    """The part, then each one of its kind: ``part-7``, ``part-7+1``; one alone where its sizes are not all said."""
    if part.length is None or width_of(plan, part) is None or (part.stock is None and part.thickness is None):
        yield Place(id_, frozenset({"own_part.unsized"}), part.space)
        return
    each = tuple(f"{id_}+{number}" for number in range(1, part.count + 1))
    cut = part.lies == "flat" and any(notches_of(plan, part).values())
    uncut = any(not cut or None in texts.values() for texts in notch_texts(part).values() if any(texts.values()))
    yield Place(id_, frozenset({"own_part"} | ({"own_notch.uncut"} if uncut else set())), part.space, each)
    kinds = {f"own_lies.{part.lies or 'unsaid'}"}
    kinds |= {"own_placed"} if part.lies is not None else set()
    kinds |= {"own_notched"} if cut else set()
    for one in each:
        yield Place(one, frozenset(kinds), id_)


def width_of(plan: Plan, part: OwnPart) -> str | None:
    """Its width as it was said; of what is only cut to length, that of its stock."""
    row = plan.library.boards.get(part.stock or "")
    return part.width if row is None or row.is_ripped else row.width


def notch_texts(part: OwnPart) -> dict[str, dict[str, str | None]]:
    """What was said of the notches of its front and back corners: how wide, and how deep."""
    return {
        which: {size: getattr(part, f"{which}_notch_{size}") for size in ("wide", "deep")}
        for which in ("front", "back")
    }


def notches_of(plan: Plan, part: OwnPart) -> dict[str, Mm]:
    """How wide and deep the notches of its front and back corners are; one that has only one of both is none."""
    found: dict[str, Mm] = {}
    for which, texts in notch_texts(part).items():
        said = {f"own_{which}_notch_{size}": plan.length(text) for size, text in texts.items() if text is not None}
        found |= said if len(said) == len(texts) else {f"own_{which}_notch_{size}": NOTHING for size in texts}
    return found


def own_part_sizes(plan: Plan, id_: str, part: OwnPart) -> Iterator[tuple[tuple[str, str], Given]]:
    """Its length and width, where it begins and how it goes on; its thickness comes from its stock."""
    sizes: dict[str, Mm] = {}
    for name, text in (("own_length", part.length), ("own_width", width_of(plan, part))):
        sizes |= {} if text is None else {name: plan.length(text)}
    if part.stock is None and part.thickness is not None:
        sizes["own_thickness"] = plan.length(part.thickness)
    sizes |= notches_of(plan, part)
    sizes |= {f"own_{axis}": at for axis, at in begins(plan, part).items()}
    step = NOTHING if part.step is None else plan.length(part.step)
    sizes |= {f"own_steps_{axis}": step if axis == part.steps else NOTHING for axis in OUTWARD}
    yield from (((id_, name), Given(size, "chosen")) for name, size in sizes.items())
    for number in range(part.count):
        yield (f"{id_}+{number + 1}", "own_nth"), Given(Fraction(number), "chosen")


def begins(plan: Plan, part: OwnPart) -> dict[str, Mm]:
    """Where its nearest corner stands across, back and up; what stands outward is less than nothing."""
    texts = {"across": part.from_left, "back": part.from_front, "up": part.from_floor}
    sizes = {axis: NOTHING if text is None else plan.length(text) for axis, text in texts.items()}
    return {axis: -size if OUTWARD[axis] in part.outward else size for axis, size in sizes.items()}


def reach_across(plan: Plan, part: OwnPart) -> Mm | None:
    """How far all of its kind reach from left to right together; none where a size or its place is not said."""
    wide = width_of(plan, part)
    if part.lies is None or part.length is None or wide is None:
        return None
    length, width = LIES[part.lies]
    thick = plan.library.stock(part.stock).thick if part.stock is not None else part.thickness
    own = part.length if length == "across" else wide if width == "across" else thick
    step = plan.length(part.step) if part.step is not None and part.steps == "across" else NOTHING
    return None if own is None else plan.length(own) + step * (part.count - 1)


def own_good_place(id_: str, one: OwnGood) -> Place:
    """Something to buy, by how much of it is said."""
    if one.length is None:
        return Place(id_, frozenset({"own_good.plain"}), one.space)
    if one.passes is None:
        return Place(id_, frozenset({"own_good.sized"}), one.space)
    kind = "own_good.held" if one.into is None else "own_good.bounded"
    return Place(id_, frozenset({kind, "own_good_passes"}), one.space)


def own_good_sizes(plan: Plan, id_: str, one: OwnGood) -> Iterator[tuple[tuple[str, str], Given]]:
    """How many, how long, through what into what."""
    yield (id_, "own_good_count"), Given(Fraction(one.count), "chosen")
    for name, text in (("length", one.length), ("passed", one.passes), ("into", one.into)):
        if text is not None:
            yield (id_, f"own_good_{name}"), Given(plan.length(text), "chosen")
