"""A library of runners as a table: out of one plan, into another; or as measured in a shop.

The first row names the columns: ``name``, ``kind``, ``side_clearance``, ``height``, and where they help ``metal``,
``room_above``, ``room_below``, ``measured`` (yes or no) and ``source``; and with semicolons between the lengths
``stock_lengths``, ``case_holes`` and ``box_holes``.
Every row is read, and each bad one says why; what to do with the good ones is for the person to decide.
"""

from __future__ import annotations

import csv
import io
from collections.abc import Mapping
from typing import Any

from pydantic import ValidationError

from vasculum.core.errors import LengthRefused
from vasculum.core.lengths import UNIT_MM, read_length
from vasculum.plan.document import Model, Plan, Runner
from vasculum.plan.document.cells import harmless
from vasculum.plan.document.patching import PatchStep
from vasculum.plan.edits.pasted import pasted_rows

COLUMNS = (
    "name", "kind", "side_clearance", "height", "metal", "room_above", "room_below", "stock_lengths", "case_holes",
    "box_holes", "measured", "source",
)  # fmt: skip
NEEDED = ("name", "kind", "side_clearance", "height")
LENGTHS = ("side_clearance", "height", "metal", "room_above", "room_below")
LISTS = ("stock_lengths", "case_holes", "box_holes")
LARGEST = 8 * UNIT_MM["in"]
"""Of a clearance, a height or a room: more is a slip of the finger."""


class RunnerRow(Model):
    """One row of a pasted table: a runner, or why it is none."""

    line: int
    text: str
    runner: Runner | None
    problem: str


def runners_csv(plan: Plan) -> bytes:
    """Every runner of the plan's library, as :func:`read_runners` reads it again."""
    out = io.StringIO()
    writer = csv.writer(out, lineterminator="\r\n")
    writer.writerow(COLUMNS)
    for runner in plan.library.runners.values():
        row = runner.model_dump(mode="json")
        row |= {name: "; ".join(getattr(runner, name)) for name in LISTS} | {
            "measured": "yes" if runner.measured else "no"
        }
        writer.writerow([harmless(row[name] or "") for name in COLUMNS])
    return out.getvalue().encode()


def read_runners(plan: Plan, text: str) -> list[RunnerRow]:
    """Every row of a pasted table of runners; a bare number takes the plan's unit.

    Raises:
        PlanRefused: ``no-table``, ``too-many-rows``.
    """
    return [
        RunnerRow(line=row.line, text=row.text, runner=None, problem=row.problem)
        if row.problem
        else _row(plan, row.line, row.cells, row.text)
        for row in pasted_rows(text, COLUMNS, NEEDED)
    ]


def taken_in(plan: Plan, rows: list[RunnerRow]) -> list[PatchStep]:
    """The change that puts the good rows into the plan's library."""
    good = [row.runner for row in rows if row.runner is not None]
    steps = [
        PatchStep(op="add", path=f"/library/runners/runner-{number}", value=runner.model_dump(mode="json"))
        for number, runner in enumerate(good, plan.next_id)
    ]
    return [*steps, PatchStep(op="replace", path="/next_id", value=plan.next_id + len(good))] if good else []


def _row(plan: Plan, line: int, cells: Mapping[str, str], text: str) -> RunnerRow:
    try:
        return RunnerRow(line=line, text=text, runner=_runner(plan, cells), problem="")
    except LengthRefused as refused:
        said = f"{refused.message} {refused.fix}".strip()
    except ValidationError as refused:
        first = refused.errors(include_url=False)[0]
        column = str(first["loc"][0]) if first["loc"] else ""
        said = f"{column}: {cells.get(column, '')!r} is not known. {first['msg']}."
    except ValueError as refused:
        said = str(refused)
    return RunnerRow(line=line, text=text, runner=None, problem=said)


def _runner(plan: Plan, cells: Mapping[str, str]) -> Runner:
    unit = plan.units.length
    body: dict[str, Any] = {"name": cells["name"], "kind": cells["kind"].lower(), "metal": "0 mm"}
    for name in LENGTHS:
        if cells.get(name):
            length = read_length(cells[name], unit)
            if length.mm > LARGEST:
                raise ValueError(f"{name}: {cells[name]!r} is more than any runner takes.")
            body[name] = length.kept
    for name in LISTS:
        said = [read_length(one, unit) for one in cells.get(name, "").split(";") if one.strip()]
        if len({one.mm for one in said}) != len(said):
            raise ValueError(f"{name}: one of them stands there twice.")
        body[name] = [one.kept for one in said]
    body["stock_lengths"] = body["stock_lengths"] or list(next(iter(plan.library.runners.values())).stock_lengths)
    measured = cells.get("measured", "").lower()
    if measured not in ("", "yes", "no"):
        raise ValueError(f"measured: {measured!r} is neither yes nor no.")
    return Runner.model_validate(body | {"measured": measured == "yes", "source": cells.get("source", "")})
