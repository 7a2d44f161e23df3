"""A library as a file: sheets, boards, edge bands and runners, out of one plan and into another.

JSON: ``{"format": "vasculum-library", "version": 1, "sheets": [...], "boards": [...], "bands": [...], "runners":
[...]}``, each row as the plan document has it. Every row is read, and each bad one says why; what to do with the good
ones is for the person to decide.
"""

from __future__ import annotations

import json
from typing import Any, Literal

from pydantic import ValidationError

from vasculum.core.errors import PlanRefused
from vasculum.plan.document import Band, Board, Model, Plan, Runner, Sheet
from vasculum.plan.document.patching import PatchStep

FORMAT = "vasculum-library"
VERSION = 1
Kind = Literal["sheets", "boards", "bands", "runners"]
KINDS: dict[Kind, type[Sheet] | type[Board] | type[Band] | type[Runner]] = {
    "sheets": Sheet,
    "boards": Board,
    "bands": Band,
    "runners": Runner,
}
MOST_ROWS = 200


class LibraryRow(Model):
    """One row of a library file: what it is, or why it is none."""

    kind: Kind
    line: int
    """Its number among the rows of its kind, from 1."""
    name: str
    row: dict[str, Any] | None
    problem: str


def library_json(plan: Plan) -> bytes:
    """Everything in the plan's library, as :func:`read_library` reads it again."""
    library = plan.library.model_dump(mode="json")
    body = {"format": FORMAT, "version": VERSION} | {kind: list(library[kind].values()) for kind in KINDS}
    return (json.dumps(body, indent=2, ensure_ascii=False) + "\n").encode("utf-8")


def read_library(text: str) -> list[LibraryRow]:
    """Every row of a library file.

    Raises:
        PlanRefused: ``not-a-library`` when the text is no such file, ``too-many-rows``.
    """
    try:
        body = json.loads(text.removeprefix("\ufeff"))
    except (ValueError, RecursionError) as damaged:  # no JSON, or a number of thousands of digits
        raise PlanRefused(
            "not-a-library", "This is no whole JSON.", "Choose a library that was exported here."
        ) from damaged
    if not isinstance(body, dict) or body.get("format") != FORMAT:
        raise PlanRefused("not-a-library", f"It does not say that it is a {FORMAT}.", "Choose a library file.")
    if body.get("version") != VERSION:
        raise PlanRefused(
            "not-a-library", f"Version {repr(body.get('version'))[:40]} is not read here.", f"Version {VERSION} is."
        )
    if unknown := sorted(body.keys() - KINDS.keys() - {"format", "version"}):
        raise PlanRefused(
            "not-a-library", f"There are no {unknown[0][:40]!r} in a library.", f"There is {', '.join(KINDS)}."
        )
    rows = [(kind, number, row) for kind in KINDS for number, row in enumerate(_rows(body, kind), 1)]
    if len(rows) > MOST_ROWS:
        raise PlanRefused(
            "too-many-rows", f"It has {len(rows)} rows; {MOST_ROWS} are read at once.", "Take it in parts."
        )
    return [_read(kind, number, row) for kind, number, row in rows]


def library_taken_in(plan: Plan, rows: list[LibraryRow]) -> list[PatchStep]:
    """The change that puts the good rows into the plan's library, but those that are there already."""
    library = plan.library.model_dump(mode="json")
    there = [(kind, row) for kind in KINDS for row in library[kind].values()]
    good = [row for row in rows if row.row is not None and (row.kind, row.row) not in there]
    steps = [
        PatchStep(op="add", path=f"/library/{row.kind}/{row.kind.removesuffix('s')}-{number}", value=row.row)
        for number, row in enumerate(good, plan.next_id)
    ]
    return [*steps, PatchStep(op="replace", path="/next_id", value=plan.next_id + len(good))] if good else []


def _rows(body: dict[str, Any], kind: Kind) -> list[Any]:
    rows = body.get(kind, [])
    if not isinstance(rows, list):
        raise PlanRefused("not-a-library", f"{kind} should be a list.", "Choose a library that was exported here.")
    return rows


def _read(kind: Kind, number: int, row: Any) -> LibraryRow:
    name = str(row.get("name", ""))[:120] if isinstance(row, dict) else ""
    try:
        made = KINDS[kind].model_validate(row)
    except ValidationError as refused:
        first = refused.errors(include_url=False)[0]
        where = "/".join(str(part) for part in first["loc"])
        return LibraryRow(kind=kind, line=number, name=name, row=None, problem=f"{where}: {first['msg']}".lstrip(": "))
    return LibraryRow(kind=kind, line=number, name=name, row=made.model_dump(mode="json"), problem="")
