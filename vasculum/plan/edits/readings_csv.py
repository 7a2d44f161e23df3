"""Readings as a table: from a notebook, a spreadsheet or a device that writes CSV.

The first row names the columns: ``of`` and ``reading``, and where they help ``survey``, ``level``, ``along``, ``side``,
``plus_minus`` and ``note``. Comma, semicolon or tab. Every row is read, and each bad one says why; what to do with the
good ones is for the person to decide.
"""

from __future__ import annotations

from collections.abc import Iterator, Mapping
from typing import Any

from pydantic import ValidationError

from vasculum.core.errors import LengthRefused, PlanRefused
from vasculum.core.lengths import read_length
from vasculum.plan.document import Model, Plan, Reading
from vasculum.plan.document.patching import PatchStep
from vasculum.plan.edits.pasted import pasted_rows
from vasculum.plan.telling.words import station_of

COLUMNS = ("survey", "of", "level", "along", "side", "reading", "plus_minus", "note")
NEEDED = ("of", "reading")
_FOLDED = {"diagonal rising right": "diagonal_rising_right", "diagonal rising left": "diagonal_rising_left"}


class ReadRow(Model):
    """One row of a pasted table: a reading, or why it is none."""

    line: int
    """In the text, the heading being 1."""
    text: str
    station: str
    reading: Reading | None
    problem: str


def read_readings(plan: Plan, space: str, text: str) -> list[ReadRow]:
    """Every row of a pasted table, for one space of the plan.

    Raises:
        PlanRefused: ``no-table`` where there is no heading with the columns needed; ``too-many-rows``.
    """
    if space not in plan.spaces:
        raise PlanRefused("no-such-space", f"There is no space {space!r} in this plan.")
    return [
        ReadRow(line=row.line, text=row.text, station="", reading=None, problem=row.problem)
        if row.problem
        else _row(plan, space, row.line, row.cells, row.text)
        for row in pasted_rows(text, COLUMNS, NEEDED)
    ]


def taken_in(plan: Plan, rows: list[ReadRow]) -> list[PatchStep]:
    """The change that takes the good rows into the plan."""
    good = [row.reading for row in rows if row.reading is not None]
    return list(_steps(plan, good))


def _steps(plan: Plan, readings: list[Reading]) -> Iterator[PatchStep]:
    for number, reading in enumerate(readings, plan.next_id):
        id_ = f"reading-{number}"
        yield PatchStep(op="add", path=f"/readings/{id_}", value=reading.model_dump(mode="json"))
        yield PatchStep(op="add", path="/reading_order/-", value=id_)
    if readings:
        yield PatchStep(op="replace", path="/next_id", value=plan.next_id + len(readings))


def _row(plan: Plan, space: str, line: int, cells: Mapping[str, str], text: str) -> ReadRow:
    try:
        reading = _reading(plan, space, cells)
    except LengthRefused as refused:
        return ReadRow(
            line=line, text=text, station="", reading=None, problem=f"{refused.message} {refused.fix}".strip()
        )
    except ValidationError as refused:
        first = refused.errors(include_url=False)[0]
        column = str(first["loc"][0]) if first["loc"] else ""
        said = f"{column}: {cells.get(column, '')!r} is not known. {first['msg']}."
        return ReadRow(line=line, text=text, station="", reading=None, problem=said)
    except ValueError as refused:
        return ReadRow(line=line, text=text, station="", reading=None, problem=str(refused))
    return ReadRow(line=line, text=text, station=station_of(reading), reading=reading, problem="")


def _reading(plan: Plan, space: str, cells: Mapping[str, str]) -> Reading:
    unit, of = plan.units.length, cells["of"].lower()
    of = _FOLDED.get(of, of)
    length = read_length(cells["reading"], unit)
    if length.mm == 0:
        raise ValueError("A reading is more than nothing.")
    body: dict[str, Any] = {"survey": _survey(plan, space, cells.get("survey", "").lower(), of), "of": of}
    body |= {name: cells[name].lower() for name in ("level", "along", "side") if cells.get(name)}
    if cells.get("plus_minus"):
        body["plus_minus"] = read_length(cells["plus_minus"], unit).kept
    return Reading.model_validate(body | {"value": length.kept, "note": cells.get("note", "")})


def _survey(plan: Plan, space: str, named: str, of: str) -> str:
    """The survey that was named, or the outer one; a depth is always of the inside."""
    one = plan.spaces[space]
    surveys = {"frame": one.frame, "inside": one.case, "case": one.case}
    if named:
        found = surveys.get(named)
        if found is None:
            raise ValueError(f"survey: {named!r} is not known here; there is {'frame or ' if one.frame else ''}inside.")
        return found
    return one.case if of == "depth" or one.frame is None else one.frame
