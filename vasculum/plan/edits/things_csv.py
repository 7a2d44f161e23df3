"""Things as a table: pasted from a spreadsheet or a list, and written out again.

The first row names the columns: ``name``, ``length``, ``width``, ``height``, and where they help ``count``, ``weight``,
``use``, ``turn``, ``lie``, ``stack``, ``headroom``, ``belongs_with`` and ``note``. Every row is read, and each bad one
says why; what to do with the good ones is for the person to decide.
"""

from __future__ import annotations

import csv
import io
from collections.abc import Iterator, Mapping
from typing import Any

from pydantic import ValidationError

from vasculum.core.errors import LengthRefused, PlanRefused, WeightRefused
from vasculum.core.lengths import read_length
from vasculum.core.weights import kept_weight, read_weight
from vasculum.plan.document import Model, Plan, Thing
from vasculum.plan.document.cells import harmless
from vasculum.plan.document.patching import PatchStep
from vasculum.plan.edits.acts import own_name
from vasculum.plan.edits.headings import LEFT_OUT, HeadingRead, UnitOfTable, as_headings, read_headings, with_unit
from vasculum.plan.edits.pasted import headings_in, pasted_rows

SIZES = ("length", "width", "height")
COLUMNS = (
    "name", *SIZES, "count", "weight", "use", "turn", "lie", "stack", "headroom", "belongs_with", "note",
)  # fmt: skip
LENGTHS = (*SIZES, "headroom")
YES_OR_NO = {"yes": True, "y": True, "true": True, "1": True, "no": False, "n": False, "false": False, "0": False}


class ThingRow(Model):
    """One row of a pasted table: a thing, or why it is none."""

    line: int
    """In the text, the heading being 1."""
    text: str
    thing: Thing | None
    problem: str
    twice: bool = False
    """Whether a thing of this name is on the list already, or further up in the table."""


NEEDED = ("name", *SIZES)


def read_things(
    plan: Plan, text: str, said: Mapping[str, str] | None = None, unit: UnitOfTable = "as the plan"
) -> list[ThingRow]:
    """Every row of a pasted table.

    Args:
        said: heading → column where somebody said which it is, nothing where it is left out.
        unit: of bare numbers that are lengths, where their column does not say its own.

    Raises:
        PlanRefused: ``no-table`` where there is no heading with the columns needed; ``too-many-rows``.
    """
    seen = {one.name.casefold() for one in plan.things.values()}
    rows = []
    columns = things_headings(text, said or {})
    units = {one.column: one.unit for one in columns if one.column is not None}
    bare = "" if unit == "as the plan" else unit
    of = dict.fromkeys(COLUMNS, "") | {column: units.get(column) or bare for column in LENGTHS}
    of["weight"] = units.get("weight") or ""
    for row in pasted_rows(text, COLUMNS, NEEDED, lambda _: as_headings(columns)):
        cells = {column: with_unit(cell, of[column]) for column, cell in row.cells.items()}
        one = _row(plan, row.line, cells, row.text, row.problem)
        name = "" if one.thing is None else one.thing.name.casefold()
        rows.append(one.model_copy(update={"twice": name in seen}) if name else one)
        seen.add(name)
    return rows


def things_headings(text: str, said: Mapping[str, str]) -> list[HeadingRead]:
    """What its columns are taken for.

    Raises:
        PlanRefused: ``too-many-rows``, ``table-damaged``; ``no-such-column`` where something else was said.
    """
    if unknown := [column for column in said.values() if column not in (*COLUMNS, LEFT_OUT)]:
        raise PlanRefused("no-such-column", f"There is no column {unknown[0]!r}.", f"There are {', '.join(COLUMNS)}.")
    return read_headings(headings_in(text), said)


def things_taken_in(plan: Plan, rows: list[ThingRow]) -> list[PatchStep]:
    """The change that takes the good rows into the plan; what is there twice gets a number behind its name."""
    good = [row.thing for row in rows if row.thing is not None]
    return list(_steps(plan, good))


def _steps(plan: Plan, things: list[Thing]) -> Iterator[PatchStep]:
    names = {one.name for one in plan.things.values()}
    for number, thing in enumerate(things, plan.next_id):
        name = own_name(thing.name, names)
        names.add(name)
        yield PatchStep(op="add", path=f"/things/thing-{number}", value=thing.model_dump(mode="json") | {"name": name})
    if things:
        yield PatchStep(op="replace", path="/next_id", value=plan.next_id + len(things))


def _row(plan: Plan, line: int, cells: Mapping[str, str], text: str, problem: str) -> ThingRow:
    if problem:
        return ThingRow(line=line, text=text, thing=None, problem=problem)
    try:
        return ThingRow(line=line, text=text, thing=_thing(plan, cells), problem="")
    except (LengthRefused, WeightRefused) as refused:
        said = f"{refused.message} {refused.fix}".strip()
    except ValidationError as refused:
        first = refused.errors(include_url=False)[0]
        column = str(first["loc"][0]) if first["loc"] else ""
        said = f"{column}: {cells.get(column, '')!r} is not known. {first['msg']}."
    except ValueError as refused:
        said = str(refused)
    return ThingRow(line=line, text=text, thing=None, problem=said)


def _thing(plan: Plan, cells: Mapping[str, str]) -> Thing:
    unit = plan.units.length
    body: dict[str, Any] = {"name": cells["name"], "note": cells.get("note", "")}
    for of in SIZES:
        length = read_length(cells[of], unit)
        if length.mm == 0:
            raise ValueError(f"{of}: it is more than nothing.")
        body[of] = length.kept
    if cells.get("headroom"):
        body["headroom"] = read_length(cells["headroom"], unit).kept
    if cells.get("weight"):
        body["weight"] = kept_weight(cells["weight"], unit)
        read_weight(body["weight"])
    for column, field in (("count", "count"), ("stack", "stacks")):
        if cells.get(column):
            body[field] = _whole(column, cells[column])
    for column, field in (("turn", "may_turn"), ("lie", "may_lie")):
        if cells.get(column):
            body[field] = _yes_or_no(column, cells[column])
    body |= {field: cells[field].lower() for field in ("use",) if cells.get(field)}
    return Thing.model_validate(body | {"belongs_with": cells.get("belongs_with", "")})


def _whole(column: str, said: str) -> int:
    if not said.isascii() or not said.isdigit():
        raise ValueError(f"{column}: {said!r} is no whole number.")
    return int(said)


def _yes_or_no(column: str, said: str) -> bool:
    if said.lower() not in YES_OR_NO:
        raise ValueError(f"{column}: {said!r} is neither yes nor no.")
    return YES_OR_NO[said.lower()]


def table_of_things(plan: Plan) -> Iterator[list[str]]:
    """The list as a table that can be brought in again, its heading first."""
    yield list(COLUMNS)
    said = {True: "yes", False: "no"}
    for one in plan.things.values():
        row = (
            one.name, one.length, one.width, one.height, str(one.count), one.weight or "", one.use, said[one.may_turn],
            said[one.may_lie], str(one.stacks), one.headroom or "", one.belongs_with, one.note,
        )  # fmt: skip
        yield list(row)


def things_csv(plan: Plan) -> str:
    """The list as comma-separated text; no cell of it runs as a formula."""
    out = io.StringIO()
    csv.writer(out).writerows([harmless(cell) for cell in row] for row in table_of_things(plan))
    return out.getvalue()
