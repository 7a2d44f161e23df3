"""The guided list of stations: where to hold the tape in each kind of space, in which order, and why."""

from __future__ import annotations

from typing import Literal

from vasculum.plan.document import Dimension, Model

Level = Literal["low", "middle", "high"]
Along = Literal["front", "middle", "back"]
Side = Literal["left", "middle", "right"]
LEVELS: tuple[Level, ...] = ("low", "middle", "high")
ALONG: tuple[Along, ...] = ("front", "middle", "back")
SIDES: tuple[Side, ...] = ("left", "middle", "right")


class Station(Model):
    """One place to hold the tape."""

    of: Dimension
    level: Level | None = None
    along: Along | None = None
    side: Side | None = None


class StationGroup(Model):
    """The stations of one size, with the reason for taking it there."""

    space: Literal["framed", "frameless"]
    survey: Literal["frame", "case"]
    of: Dimension
    title: str
    hint: str
    stations: list[Station]


def station_groups() -> list[StationGroup]:
    """Every kind of space and survey, in the order in which the tape goes round."""
    frame = [
        _group("framed", "frame", "width", "Frame opening, width", "Between the stiles: low, middle and high.",
               [Station(of="width", level=level) for level in LEVELS]),
        _group("framed", "frame", "height", "Frame opening, height", "Between the rails, beside each stile.",
               [Station(of="height", side=side) for side in ("left", "right")]),
        _diagonals("framed", "frame"),
    ]  # fmt: skip
    widths = [Station(of="width", level=level, along=along) for along in ALONG for level in LEVELS]
    framed = [
        _group("framed", "case", "depth", "Inside, depth", "From the frame's front face to the nearest thing behind.",
               _depths()),
        _group("framed", "case", "width", "Inside, width", "Behind the frame: it decides the packing, not the box.",
               widths),
    ]  # fmt: skip
    frameless = [
        _group("frameless", "case", "width", "Width", "From side to side. The narrowest governs.", widths),
        _group("frameless", "case", "height", "Height", "From floor to top, along each side.",
               [Station(of="height", side=side) for side in ("left", "right")]),
        _group("frameless", "case", "depth", "Depth", "From the front edge to the nearest thing behind.", _depths()),
        _diagonals("frameless", "case"),
    ]  # fmt: skip
    return [*frame, *framed, *frameless]


def _depths() -> list[Station]:
    return [Station(of="depth", level=level, side=side) for side in SIDES for level in ("low", "high")]


def _diagonals(space: Literal["framed", "frameless"], survey: Literal["frame", "case"]) -> StationGroup:
    stations = [Station(of="diagonal_rising_right"), Station(of="diagonal_rising_left")]
    hint = "Corner to corner. Equal diagonals are square."
    return _group(space, survey, "diagonal_rising_right", "Diagonals", hint, stations)


def _group(
    space: Literal["framed", "frameless"],
    survey: Literal["frame", "case"],
    of: Dimension,
    title: str,
    hint: str,
    stations: list[Station],
) -> StationGroup:
    return StationGroup(space=space, survey=survey, of=of, title=title, hint=hint, stations=stations)
