"""Packaged tables, read once: default editions, tools, stock of sheets and runners. A source per row."""

from __future__ import annotations

import csv
from collections.abc import Iterator
from dataclasses import dataclass
from functools import cache
from importlib.resources import files

from vasculum.core.errors import LengthRefused, TableRefused
from vasculum.core.lengths import Mm, Unit, read_length

NEWEST_EDITION = "2026-11"


@dataclass(frozen=True, slots=True)
class Choosable:
    """Something a person may choose: a length, or one kind of a family. ``default`` is None where a rule decides.

    ``is_above_zero``: nothing at all is no answer, for something is divided by it.
    """

    name: str
    kind: str
    group: str
    title: str
    about: str
    is_thing: bool
    is_above_zero: bool = False
    source: str = ""
    inch: str | None = None
    metric: str | None = None

    def default(self, unit: Unit) -> str | None:
        """The edition's value as it would be written in a plan, in the unit's own habit."""
        return self.inch if unit == "in" else self.metric


@dataclass(frozen=True, slots=True)
class StockSheet:
    """A sheet as merchants sell it: nominal, and what it often measures."""

    id: str
    system: Unit
    name: str
    nominal: str
    often: str
    length: str
    width: str
    used_for: str
    source: str


@dataclass(frozen=True, slots=True)
class SoldFastener:
    """The lengths that one kind of fastener is sold in; of pocket screws each for a thickness that is drilled."""

    kind: str
    system: Unit
    lengths: tuple[Mm, ...]
    for_thickness: tuple[Mm, ...]
    source: str


@dataclass(frozen=True, slots=True)
class ScrewGauge:
    """A wood screw by its number, with its diameter and the metric screw that is sold for it."""

    number: str
    diameter: Mm
    metric_name: str
    source: str


@dataclass(frozen=True, slots=True)
class StockBoard:
    """A dressed board as merchants sell it."""

    id: str
    system: Unit
    name: str
    thickness: str
    width: str
    length: str
    source: str


@dataclass(frozen=True, slots=True)
class StockBand:
    """An edge band as sold, by the roll or the strip."""

    id: str
    system: Unit
    name: str
    thickness: str
    length: str
    source: str


@dataclass(frozen=True, slots=True)
class StockRunner:
    """A generic runner: what a pair usually measures. Measure the one in hand."""

    id: str
    system: Unit
    name: str
    kind: str
    side_clearance: str
    height: str
    metal: str
    room_above: str | None
    room_below: str | None
    stock_lengths: tuple[str, ...]
    source: str


@dataclass(frozen=True, slots=True)
class Mattress:
    """A mattress as sold: its usual size. Measure the one in hand."""

    id: str
    name: str
    width: str
    length: str
    source: str


@dataclass(frozen=True, slots=True)
class LabelSheet:
    """A sheet of labels as sold: how large each is, how many there are, and where the first begins. Exact mm."""

    id: str
    paper: str
    name: str
    width: Mm
    height: Mm
    across: int
    down: int
    left: Mm
    top: Mm
    gap_across: Mm
    gap_down: Mm
    source: str


@dataclass(frozen=True, slots=True)
class Use:
    """How often a thing is used, and how much its being in reach counts."""

    use: str
    title: str
    counts: int
    source: str


@dataclass(frozen=True, slots=True)
class Tool:
    """A tool that some way of building asks for."""

    id: str
    title: str
    about: str


def _rows(table: str) -> Iterator[tuple[str, dict[str, str]]]:
    text = files(__name__).joinpath(table).read_text(encoding="utf-8")
    for number, row in enumerate(csv.DictReader(text.splitlines()), 2):
        yield f"{table}:{number}", row


def _checked(where: str, text: str) -> str:
    try:
        read_length(text, None)
    except LengthRefused as refused:
        raise TableRefused("table-row", f"{where}: {refused.message}", refused.fix, where) from refused
    return text


def editions() -> list[str]:
    """The default editions that ship, oldest first."""
    names = sorted(entry.name for entry in files(__name__).iterdir() if entry.name.startswith("defaults-"))
    return [name.removeprefix("defaults-").removesuffix(".csv") for name in names]


@cache
def choosables(edition: str = NEWEST_EDITION) -> dict[str, Choosable]:
    """Everything that may be chosen in a plan, by name, with the edition's defaults."""
    found = {}
    for where, row in _rows(f"defaults-{edition}.csv"):
        if row["kind"] == "length":
            _checked(where, row["inch"])
            _checked(where, row["metric"])
        found[row["name"]] = Choosable(
            row["name"], row["kind"], row["group"], row["title"], row["about"], row["is_thing"] == "yes",
            row["above_zero"] == "yes", row["source"], row["inch"], row["metric"],
        )  # fmt: skip
    for _, row in _rows("wanted.csv"):
        found[row["name"]] = Choosable(
            row["name"], row["kind"], row["group"], row["title"], row["about"], row["is_thing"] == "yes",
            row["above_zero"] == "yes",
        )  # fmt: skip
    return found


@cache
def stock_sheets() -> tuple[StockSheet, ...]:
    """Sheets as sold, thickest first within each system."""
    return tuple(
        StockSheet(
            row["id"], _system(where, row["system"]), row["name"], _checked(where, row["nominal"]),
            _checked(where, row["often"]), _checked(where, row["length"]), _checked(where, row["width"]),
            row["used_for"], row["source"],
        )
        for where, row in _rows("sheets.csv")
    )  # fmt: skip


@cache
def stock_boards() -> tuple[StockBoard, ...]:
    """Dressed boards as sold, narrow ones first."""
    return tuple(
        StockBoard(
            row["id"], _system(where, row["system"]), row["name"], _checked(where, row["thickness"]),
            _checked(where, row["width"]), _checked(where, row["length"]), row["source"],
        )
        for where, row in _rows("boards.csv")
    )  # fmt: skip


@cache
def stock_bands() -> tuple[StockBand, ...]:
    """Edge bands as sold, thin ones first within each system."""
    return tuple(
        StockBand(
            row["id"], _system(where, row["system"]), row["name"], _checked(where, row["thickness"]),
            _checked(where, row["length"]), row["source"],
        )
        for where, row in _rows("bands.csv")
    )  # fmt: skip


@cache
def stock_runners() -> tuple[StockRunner, ...]:
    """Generic runners, one for each system of units."""
    return tuple(
        StockRunner(
            row["id"], _system(where, row["system"]), row["name"], row["kind"], _checked(where, row["side_clearance"]),
            _checked(where, row["height"]), _checked(where, row["metal"]),
            _checked(where, row["room_above"]) if row["room_above"] else None,
            _checked(where, row["room_below"]) if row["room_below"] else None,
            tuple(_checked(where, one.strip()) for one in row["stock_lengths"].split(";")), row["source"],
        )
        for where, row in _rows("runners.csv")
    )  # fmt: skip


@cache
def sold_fasteners(system: Unit) -> tuple[SoldFastener, ...]:
    """Brads, screws and pocket screws as they are sold in one system."""

    def lengths(where: str, texts: str) -> tuple[Mm, ...]:
        return tuple(length_of(_checked(where, text.strip())) for text in texts.split(";") if text.strip())

    return tuple(
        SoldFastener(
            row["kind"], system, lengths(where, row["lengths"]), lengths(where, row["for_thickness"]), row["source"]
        )
        for where, row in _rows("fasteners.csv")
        if _system(where, row["system"]) == system
    )


@cache
def dowel_diameters(system: Unit) -> tuple[tuple[Mm, ...], str]:
    """The diameters that dowels are sold in, in one system, and where they come from."""
    for where, row in _rows("dowels.csv"):
        if _system(where, row["system"]) == system:
            diameters = tuple(length_of(_checked(where, text.strip())) for text in row["diameters"].split(";"))
            return diameters, row["source"]
    raise TableRefused("table-row", f"dowels.csv: no dowels in {system}.", "", "dowels.csv")


@cache
def screw_gauges() -> tuple[ScrewGauge, ...]:
    """The screws that hold edges, thin ones first: diameter 0.060 + 0.013 times the number, in inches."""
    return tuple(
        ScrewGauge(row["number"], length_of(_checked(where, row["diameter"])), row["metric_name"], row["source"])
        for where, row in _rows("screw_gauges.csv")
    )


@cache
def mattresses() -> tuple[Mattress, ...]:
    """Usual mattresses, the narrowest of each system first."""
    return tuple(
        Mattress(row["id"], row["name"], _checked(where, row["width"]), _checked(where, row["length"]), row["source"])
        for where, row in _rows("mattresses.csv")
    )


@cache
def label_sheets() -> tuple[LabelSheet, ...]:
    """Sheets of labels, those of each paper with the smaller labels first."""
    lengths = ("width", "height", "left", "top", "gap_across", "gap_down")
    return tuple(
        LabelSheet(
            id=row["id"], paper=row["paper"], name=row["name"], across=int(row["across"]), down=int(row["down"]),
            source=row["source"], **{name: read_length(_checked(where, row[name]), None).mm for name in lengths},
        )
        for where, row in _rows("labels.csv")
    )  # fmt: skip


@cache
def headings() -> dict[str, str]:
    """What the columns of somebody's own table may be called → the column that is meant."""
    found = {}
    for _, row in _rows("headings.csv"):
        found[row["column"].replace("_", " ")] = row["column"]
        found |= {also.strip(): row["column"] for also in row["also"].split(";")}
    return found


@cache
def uses() -> dict[str, Use]:
    """How often a thing may be used, the most often first."""
    return {
        row["use"]: Use(row["use"], row["title"], int(row["counts"]), row["source"]) for _, row in _rows("uses.csv")
    }


@cache
def tools() -> tuple[Tool, ...]:
    """Tools that a way of building may need."""
    return tuple(Tool(row["id"], row["title"], row["about"]) for _, row in _rows("tools.csv"))


def _system(where: str, text: str) -> Unit:
    if text == "in":
        return "in"
    if text == "mm":
        return "mm"
    raise TableRefused("table-row", f"{where}: the system is in or mm, not {text!r}.", "", where)


def length_of(text: str) -> Mm:
    """The exact length of a table entry."""
    return read_length(text, None).mm
