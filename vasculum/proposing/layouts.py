"""A place divided anew: columns of rows, what each holds, and which things live there, as a change of the plan."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from typing import Any, NamedTuple

from vasculum.plan.document import SPLITS, Plan, Sizing
from vasculum.plan.document.patching import PatchStep
from vasculum.plan.edits.acts import Numbers, dumped, gone, parent_of, put
from vasculum.plan.edits.layout import below
from vasculum.plan.edits.things import homeless
from vasculum.plan.laying.layout import BOXES
from vasculum.proposing.asked import Asked

SHARE = dumped(Sizing())
LEFT = {"by": "left"}
"""The row that takes what the others leave."""


class Box(NamedTuple):
    """What every drawer to be is alike in: a drawer or a tray, what was chosen for what stood there, and its size where
    it stands alone."""

    holds: str
    choices: dict[str, str]
    whole: dict[str, Any]


class Slot(NamedTuple):
    """One drawer to be: what it is called, how large it wants to be, and which things live in it."""

    name: str
    size: dict[str, Any]
    things: tuple[str, ...] = ()


def divided(asked: Asked, columns: Sequence[Sequence[Slot]]) -> list[PatchStep]:
    """The change that divides a place so; each column from above. What lived there and is not named lives nowhere."""
    return list(_steps(asked, columns))


def _steps(asked: Asked, columns: Sequence[Sequence[Slot]]) -> Iterator[PatchStep]:
    plan, root, numbers = asked.plan, asked.root, Numbers(asked.plan)
    old, parent = list(below(plan, root)), parent_of(plan, root)
    kept = {} if plan.places[root].holds in SPLITS else plan.places[root].choices
    yield from homeless(plan, old)
    size = SHARE if parent is None else dumped(plan.places[root].size)
    is_alone = len(columns) == 1
    are_trays = {plan.places[id_].holds for id_ in old} & set(BOXES) == {"tray"}
    box = Box("tray" if are_trays else "drawer", kept, size if is_alone else SHARE)
    made = [list(_column(column, numbers, box, is_alone)) for column in columns]
    for steps in made:
        yield from steps
    tops = [steps[-1].path.rpartition("/")[2] for steps in made]
    top = tops[0]
    if not is_alone:
        top = numbers.fresh("place")
        yield put(f"/places/{top}", {"name": "Columns", "holds": "columns", "children": tops, "size": size})
    homes = {thing: step.path.rpartition("/")[2] for steps, column in zip(made, columns, strict=True)
             for step, slot in zip(steps, column, strict=False) for thing in slot.things}  # fmt: skip
    yield _in_its_stead(plan, asked.space, parent, root, top)
    yield from (gone(f"/places/{id_}") for id_ in old)
    yield from (put(f"/things/{thing}/lives_in", home) for thing, home in homes.items())
    yield numbers.given()


def _in_its_stead(plan: Plan, space: str, parent: str | None, root: str, top: str) -> PatchStep:
    """The space, or the split that the place stood in, holds what was made."""
    if parent is None:
        return put(f"/spaces/{space}/holds", top)
    children = [top if child == root else child for child in plan.places[parent].children]
    return put(f"/places/{parent}/children", children)


def _column(column: Sequence[Slot], numbers: Numbers, box: Box, is_alone: bool) -> Iterator[PatchStep]:
    """Its drawers, then the split that they stand in where there are several."""
    ids = [numbers.fresh("place") for _ in column]
    for id_, slot in zip(ids, column, strict=True):
        size = slot.size if len(column) > 1 else box.whole
        yield put(f"/places/{id_}", {"name": slot.name, "holds": box.holds, "size": size, "choices": box.choices})
    if len(column) > 1:
        split = numbers.fresh("place")
        name = "Rows" if is_alone else "Column"
        yield put(f"/places/{split}", {"name": name, "holds": "rows", "children": ids, "size": box.whole})
