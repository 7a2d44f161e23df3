"""A new plan: what kind of opening, three numbers, and copies of the stock rows it begins with."""

from __future__ import annotations

from typing import Any, Literal

from vasculum.core.lengths import Unit, read_length
from vasculum.core.tables import NEWEST_EDITION, StockRunner, StockSheet, stock_runners, stock_sheets
from vasculum.plan.document import FORMAT, VERSION, Plan, Setting
from vasculum.plan.document.reading import plan_from

Carcass = Literal["existing", "in_space", "of_outside", "new"]


def carcass_of(what: Setting, carcass: Carcass | None = None) -> dict[str, str]:
    """What is chosen of the case of a new space: as it was said, else a free unit is built and anything else exists."""
    chosen = carcass or ("new" if what == "unit" else "existing")
    return {} if chosen == "existing" else {"carcass": chosen}


STANDING_IN: dict[Unit, dict[str, str]] = {
    "in": {"front": "none", "bottom": "planted", "air_behind": "1/16 in"},
    "mm": {"front": "none", "bottom": "planted", "air_behind": "1.5 mm"},
}
"""What is chosen of boxes that stand inside a drawer: no front, and little more behind than beside. Common practice."""
STANDING_BOX = {"name": "Box 1", "holds": "tray"}
"""What stands in a drawer at first: a box without a front."""
INCREMENTS: dict[Unit, tuple[str, str]] = {"in": ("1/16 in", "1/64 in"), "mm": ("0.5 mm", "0.1 mm")}
"""The shop's increment for lengths and for thickness in each system. Common practice."""


def new_plan(
    name: str,
    kind: Literal["framed", "frameless"],
    unit: Unit,
    width: str | None = None,
    height: str | None = None,
    depth: str | None = None,
    what: Setting = "cabinet",
    carcass: Carcass | None = None,
) -> Plan:
    """A plan of one opening with one drawer; sizes as typed, a bare number in ``unit``.

    ``carcass`` says what the sizes are: of an opening that exists, of the space that a case goes into, the outside of
    a case, or its clear inside. Where nobody says, a free unit gets a new case around its inside.

    Raises:
        LengthRefused: when a size cannot be read.
        FaultyPlan: when the name is empty or too long.
    """
    numbers = _Numbers()
    frame = numbers.next("survey") if kind == "framed" else None
    case, drawer, space = numbers.next("survey"), numbers.next("place"), numbers.next("space")
    outer = frame or case
    built = carcass_of(what, carcass)
    readings: dict[str, Any] = {}
    for of, text, survey, station in (
        ("width", width, outer, {"level": "middle", "along": "front"}),
        ("height", height, outer, {"side": "left"}),
        ("depth", depth, case, {"side": "middle"}),
    ):
        if text is None:
            continue
        value = read_length(text, unit).kept
        if carcass == "of_outside":
            built[f"wanted_outside_{of}"] = value
        else:
            readings[numbers.next("reading")] = {"survey": survey, "of": of, "value": value, **station}
    choices, sheets = _sheets(numbers, unit)
    runner = numbers.next("runner")
    choices |= {"runner": runner} | (STANDING_IN[unit] if what == "drawer" else {})
    increment, thickness_increment = INCREMENTS[unit]
    surveys = {case: {"what": "case"}} | ({frame: {"what": "frame"}} if frame else {})
    return plan_from(
        {
            "format": FORMAT,
            "version": VERSION,
            "name": name,
            "defaults_edition": NEWEST_EDITION,
            "defaults_system": unit,
            "next_id": numbers.given + 1,
            "units": {"length": unit, "increment": increment, "thickness_increment": thickness_increment},
            "choices": choices,
            "spaces": {
                space: {
                    "name": "Opening",
                    "what": what,
                    "kind": kind,
                    "frame": frame,
                    "case": case,
                    "holds": drawer,
                    "choices": built,
                }
            },
            "space_order": [space],
            "surveys": surveys,
            "readings": readings,
            "reading_order": list(readings),
            "places": {drawer: {"name": "Drawer 1", "holds": "drawer"} if what != "drawer" else dict(STANDING_BOX)},
            "library": {"sheets": sheets, "runners": {runner: runner_row(_stock_runner(unit, what))}},
        }
    )


class _Numbers:
    """Ids, each number once."""

    def __init__(self) -> None:
        self.given = 0

    def next(self, what: str) -> str:
        self.given += 1
        return f"{what}-{self.given}"


def _sheets(numbers: _Numbers, unit: Unit) -> tuple[dict[str, str], dict[str, Any]]:
    choices, rows = {}, {}
    for sheet in stock_sheets():
        if sheet.system == unit:
            id_ = numbers.next("sheet")
            rows[id_] = sheet_row(sheet)
            choices[f"{sheet.used_for}_sheet"] = id_
    return choices, rows


def sheet_row(sheet: StockSheet) -> dict[str, str]:
    """A stock sheet as a row of a plan's library."""
    return {
        "name": sheet.name,
        "nominal": sheet.nominal,
        "often": sheet.often,
        "length": sheet.length,
        "width": sheet.width,
        "source": sheet.source,
    }


def _stock_runner(unit: Unit, what: Setting) -> StockRunner:
    kind = "standing" if what == "drawer" else "side_mount"
    return next(r for r in stock_runners() if r.system == unit and r.kind == kind)


def runner_row(runner: StockRunner) -> dict[str, Any]:
    """A stock runner as a row of a plan's library."""
    return {
        "name": runner.name,
        "kind": runner.kind,
        "side_clearance": runner.side_clearance,
        "height": runner.height,
        "metal": runner.metal,
        "room_above": runner.room_above,
        "room_below": runner.room_below,
        "stock_lengths": list(runner.stock_lengths),
        "source": runner.source,
    }
