"""What an answer says against what its caller holds already: only what is otherwise."""

from __future__ import annotations

from collections.abc import Collection
from typing import Annotated

from pydantic import Field

from vasculum.core.flow import Key, key_text
from vasculum.plan.document import Model, as_usual
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.making.meeting import Proof
from vasculum.plan.making.pieces import size_keys
from vasculum.plan.telling.assembled import Assembled
from vasculum.plan.telling.contents import Contents
from vasculum.plan.telling.finding import FindingShown
from vasculum.plan.telling.hardware import Hardware
from vasculum.plan.telling.shopping import Shopping
from vasculum.plan.telling.solution import (
    SECTIONS,
    AskedAt,
    Assumed,
    PartShown,
    QuantityShown,
    SectionName,
    Shown,
    TapeCheck,
    label_at,
    quantity_keys,
    quantity_shown,
    section_of,
    shown,
)
from vasculum.plan.telling.stages import Stages
from vasculum.plan.telling.words import number_text, place_name, unit_of

MOST_MOVED = 60
"""Of a change that moves everything, the first are listed and the rest is counted."""


class PartsDelta(Model):
    """Rows of the parts list that are otherwise, by the id of their first piece; and the order of all, where it is."""

    changed: dict[str, PartShown] = as_usual({})
    order: list[str] | None = as_usual(None)


class Moved(Model):
    """One size that changed."""

    key: str
    label: str
    place_name: str
    old: Shown | None
    new: Shown | None


class MovedKeys(Model):
    """Sizes that moved, those of parts first; and how many more."""

    keys: list[str]
    names: dict[str, str]
    """The places that they belong to, by id."""
    more: int = as_usual(0)


class OutcomeDelta(Model):
    """What became otherwise; a section that is not there is as it was."""

    quantities: dict[str, QuantityShown] = as_usual({})
    gone: list[str] = as_usual([])
    parts: PartsDelta | None = as_usual(None)
    hardware: list[Hardware] | None = as_usual(None)
    shopping: Shopping | None = as_usual(None)
    travels: str | None = as_usual(None)
    findings: list[FindingShown] | None = as_usual(None)
    tape_checks: list[TapeCheck] | None = as_usual(None)
    assumed: list[Assumed] | None = as_usual(None)
    stages: Stages | None = as_usual(None)
    assembled: Assembled | None = as_usual(None)
    asked: list[AskedAt] | None = as_usual(None)
    contents: Contents | None = as_usual(None)
    moved: MovedKeys | None = as_usual(None)


class OnScreen(Model):
    """What a caller shows of a solution: a preview says no more of it."""

    sections: list[SectionName]
    keys: Annotated[list[Annotated[str, Field(max_length=200)]], Field(max_length=5000)]
    """The quantities that it shows."""


def outcome_delta(
    before: SolvedPlan | None,
    after: SolvedPlan,
    proofs: tuple[Proof | None, Proof],
    on_screen: OnScreen | None = None,
) -> OutcomeDelta:
    """What a plan says otherwise than the one before it; everything where there was none.

    Args:
        on_screen: what alone is asked for, beside the sizes that are listed as moved; none asks for everything.
    """
    changed, gone = _changed(before, after)
    moved = None if before is None else _moved(before, after, [*changed, *gone])
    shown = None if on_screen is None else {*on_screen.keys, *(moved.keys if moved else ())}
    names = SECTIONS if on_screen is None else on_screen.sections
    now = {name: section_of(after, name, proofs[1]) for name in names}
    then = {} if before is None else {name: section_of(before, name, proofs[0]) for name in names}
    sections = {n: value for n, value in now.items() if n != "parts" and (n not in then or then[n] != value)}
    return OutcomeDelta(
        quantities=_said_otherwise(before, after, changed, shown),
        gone=sorted(text for text in map(key_text, gone) if shown is None or text in shown),
        parts=_parts(then.get("parts", []), now["parts"]) if "parts" in now else None,
        moved=moved,
        **sections,
    )


def _changed(before: SolvedPlan | None, after: SolvedPlan) -> tuple[list[Key], list[Key]]:
    """The quantities that are otherwise now, or are said in another unit; and those that there are no longer."""
    now, new = quantity_keys(after), after.solved.quantities
    if before is None:
        return list(now), []
    then, old = quantity_keys(before), before.solved.quantities
    is_said_anew = before.plan.units.length != after.plan.units.length
    if is_said_anew:
        changed = list(now)
    elif now is then:
        changed = [key for key in new.otherwise(old) if key in now]
    else:
        differ = set(new.otherwise(old))
        changed = [key for key in now if key in differ or key not in then]
    return changed, [] if now is then else [key for key in then if key not in now]


def _said_otherwise(
    before: SolvedPlan | None, after: SolvedPlan, changed: list[Key], shown: Collection[str] | None
) -> dict[str, QuantityShown]:
    """What changed as it is said now, where it was said otherwise; of what is shown."""
    held: Collection[Key] = () if before is None else quantity_keys(before)
    found = {}
    for key in changed:
        text = key_text(key)
        if shown is None or text in shown:
            said = quantity_shown(after, key)
            if before is None or key not in held or said != quantity_shown(before, key):
                found[text] = said
    return found


def _parts(before: list[PartShown], after: list[PartShown]) -> PartsDelta | None:
    known = {row.ids[0]: row for row in before}
    changed = {row.ids[0]: row for row in after if known.get(row.ids[0]) is not row}
    order = [row.ids[0] for row in after]
    is_otherwise = order != list(known)
    return PartsDelta(changed=changed, order=order if is_otherwise else None) if changed or is_otherwise else None


def moved_keys(before: SolvedPlan, after: SolvedPlan) -> list[Key]:
    """Sizes that are read otherwise now, those of parts first: not those that are only said in another unit."""
    changed, gone = _changed(before, after)
    return _in_order(before, after, [*changed, *gone])


def _in_order(before: SolvedPlan, after: SolvedPlan, keys: list[Key]) -> list[Key]:
    """Those whose value is another one, sizes of parts first; lists are not compared.

    What is rounded to be read may have changed by less than that.
    """
    found: tuple[list[Key], list[Key]] = ([], [])
    of_parts, old, new = size_keys(after.solved.wiring), before.solved.value, after.solved.value
    for key in keys:
        was, now = old(*key), new(*key)
        if was is now or isinstance(was, tuple) or isinstance(now, tuple) or was == now:
            continue
        if not isinstance(was, float) or not isinstance(now, float) or _text(after, key, was) != _text(after, key, now):
            found[key not in of_parts].append(key)
    return found[0] + found[1]


def _text(plan: SolvedPlan, key: Key, value: float) -> str:
    return number_text(value, plan.plan.units.length, unit_of(key[1], plan.plan.defaults_edition))


def moved(before: SolvedPlan, after: SolvedPlan) -> list[Moved]:
    """Every size that changed from one solution to the next, in the unit of the later one."""
    old, new = before.solved.value, after.solved.value
    return [
        Moved(
            key=key_text(key),
            label=label_at(after, key),
            place_name=place_name(after.plan, key[0]),
            old=shown(after, old(*key), unit_of(key[1], after.plan.defaults_edition)),
            new=shown(after, new(*key), unit_of(key[1], after.plan.defaults_edition)),
        )
        for key in moved_keys(before, after)
    ]


def _moved(before: SolvedPlan, after: SolvedPlan, changed: list[Key]) -> MovedKeys | None:
    keys = _in_order(before, after, changed)
    if not keys:
        return None
    listed = keys[:MOST_MOVED]
    names = {place: place_name(after.plan, place) for place in dict.fromkeys(key[0] for key in listed)}
    return MovedKeys(keys=[key_text(key) for key in listed], names=names, more=len(keys) - len(listed))
