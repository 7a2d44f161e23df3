"""What an answer says against what its caller holds already: only what is otherwise."""

from __future__ import annotations

from collections.abc import Collection, Iterator
from typing import Any

from vasculum.core.flow import Key, key_text
from vasculum.plan.document import Model, as_usual
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.making.meeting import Proof
from vasculum.plan.making.pieces import pieces_of
from vasculum.plan.telling.assembled import Assembled
from vasculum.plan.telling.hardware import Hardware
from vasculum.plan.telling.shopping import Shopping
from vasculum.plan.telling.solution import (
    AskedAt,
    Assumed,
    FindingShown,
    PartShown,
    QuantityShown,
    Shown,
    TapeCheck,
    label_at,
    quantity_keys,
    quantity_shown,
    sections_of,
    shown,
)
from vasculum.plan.telling.stages import Stages
from vasculum.plan.telling.words import place_name, unit_of

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
    moved: MovedKeys | None = as_usual(None)


def outcome_delta(before: SolvedPlan | None, after: SolvedPlan, proofs: tuple[Proof | None, Proof]) -> OutcomeDelta:
    """What a plan says otherwise than the one before it; everything where there was none."""
    held: Collection[Key] = () if before is None else quantity_keys(before)
    quantities, known = dict(_changed(before, after, held)), quantity_keys(after)
    now = sections_of(after, proofs[1])
    then = None if before is None else sections_of(before, proofs[0])
    sections: dict[str, Any] = {
        name: value for name, value in now if name != "parts" and (then is None or value != getattr(then, name))
    }
    return OutcomeDelta(
        quantities={key_text(key): said for key, said in quantities.items()},
        gone=sorted(key_text(key) for key in held if key not in known),
        parts=_parts([] if then is None else then.parts, now.parts),
        moved=None if before is None else _moved(before, after, list(quantities)),
        **sections,
    )


def _changed(
    before: SolvedPlan | None, after: SolvedPlan, held: Collection[Key]
) -> Iterator[tuple[Key, QuantityShown]]:
    """The quantities that are said otherwise now."""
    keys = quantity_keys(after)
    if before is None or before.plan.units.length != after.plan.units.length:
        yield from ((key, quantity_shown(after, key)) for key in keys)
        return
    old, new = before.solved.quantities, after.solved.quantities
    changed = new.otherwise(old)
    for key in keys if changed is None else changed:
        if key not in keys:
            continue
        if key not in held:
            yield key, quantity_shown(after, key)
            continue
        was, now = old[key], new[key]
        if was is not now and was != now:
            said = quantity_shown(after, key)
            if said != quantity_shown(before, key):
                yield key, said


def _parts(before: list[PartShown], after: list[PartShown]) -> PartsDelta | None:
    known = {row.ids[0]: row for row in before}
    changed = {row.ids[0]: row for row in after if known.get(row.ids[0]) is not row}
    order = [row.ids[0] for row in after]
    is_otherwise = order != list(known)
    return PartsDelta(changed=changed, order=order if is_otherwise else None) if changed or is_otherwise else None


def moved_keys(before: SolvedPlan, after: SolvedPlan) -> list[Key]:
    """Sizes that are read otherwise now, those of parts first: not those that are only said in another unit."""
    return _in_order(before, after, [key for key, _ in _changed(before, after, quantity_keys(before))])


def _in_order(before: SolvedPlan, after: SolvedPlan, changed: list[Key]) -> list[Key]:
    of_parts = {key for piece in pieces_of(after) for key in (piece.length, piece.width, piece.thickness)}
    old, new = before.solved.quantities, after.solved.quantities
    gone = [key for key in quantity_keys(before) if key not in new]
    moved = [key for key in (*changed, *gone) if _value(old, key) != _value(new, key) and not _is_list(old, new, key)]
    return sorted(moved, key=lambda key: key not in of_parts)


def moved(before: SolvedPlan, after: SolvedPlan) -> list[Moved]:
    """Every size that changed from one solution to the next, in the unit of the later one."""
    old, new = before.solved.quantities, after.solved.quantities
    return [
        Moved(
            key=key_text(key),
            label=label_at(after, key),
            place_name=place_name(after.plan, key[0]),
            old=shown(after, _value(old, key), unit_of(key[1], after.plan.defaults_edition)),
            new=shown(after, _value(new, key), unit_of(key[1], after.plan.defaults_edition)),
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


def _value(quantities: Any, key: Key) -> Any:
    one = quantities.get(key)
    return None if one is None else one.value


def _is_list(old: Any, new: Any, key: Key) -> bool:
    return isinstance(_value(old, key), tuple) or isinstance(_value(new, key), tuple)
