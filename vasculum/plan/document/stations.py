"""The guided list of stations: where to hold the tape in each kind of space, in which order, and why."""

from __future__ import annotations

from typing import Literal

from vasculum.plan.document import Dimension, Model, Setting

Level = Literal["low", "middle", "high"]
Along = Literal["front", "middle", "back"]
Side = Literal["left", "middle", "right"]
Kind = Literal["framed", "frameless"]
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

    what: Setting
    space: Kind
    survey: Literal["frame", "case"]
    of: Dimension
    title: str
    hint: str
    stations: list[Station]


def station_groups() -> list[StationGroup]:
    """Every kind of space and survey, in the order in which the tape goes round."""
    framed = [group for what in ("cabinet", "alcove") for group in _framed(what)]
    return [*framed, *_cabinet(), *_alcove(), *_chest(), *_bench(), *_bed(), *_vehicle(), *_unit(), *_drawer()]


WIDTHS = [Station(of="width", level=level, along=along) for along in ALONG for level in LEVELS]
ENDS = [Station(of="width", level=level, along=along) for along in ("front", "back") for level in LEVELS]
HEIGHTS = [Station(of="height", side=side) for side in ("left", "right")]
DEPTHS = [Station(of="depth", level=level, side=side) for side in SIDES for level in ("low", "high")]
DIAGONALS = [Station(of="diagonal_rising_right"), Station(of="diagonal_rising_left")]
SQUARE = "Corner to corner. Equal diagonals are square."


def _framed(what: Setting) -> list[StationGroup]:
    """A frame, or the casing of an opening, and the inside behind it."""
    name = {"cabinet": "Frame opening", "alcove": "Between the casing"}[what]
    frame_widths = [Station(of="width", level=level) for level in LEVELS]

    def group(survey: Literal["frame", "case"], title: str, hint: str, stations: list[Station]) -> StationGroup:
        return _group(what, "framed", title, hint, stations, survey)

    return [
        group("frame", f"{name}, width", "Between the stiles: low, middle and high.", frame_widths),
        group("frame", f"{name}, height", "Between the rails, beside each stile.", HEIGHTS),
        group("frame", "Diagonals", SQUARE, DIAGONALS),
        group("case", "Inside, depth", "From the frame's front face to the nearest thing behind.", DEPTHS),
        group("case", "Inside, width", "Behind the frame: it decides the packing, not the box.", WIDTHS),
    ]


def _cabinet() -> list[StationGroup]:
    return [
        _group("cabinet", "frameless", "Width", "From side to side. The narrowest governs.", WIDTHS),
        _group("cabinet", "frameless", "Height", "From floor to top, along each side.", HEIGHTS),
        _group("cabinet", "frameless", "Depth", "From the front edge to the nearest thing behind.", DEPTHS),
        _group("cabinet", "frameless", "Diagonals", SQUARE, DIAGONALS),
    ]


def _alcove() -> list[StationGroup]:
    return [
        _group("alcove", "frameless", "Between the walls", "Above the baseboard. Three heights at each of three depths: "
               "walls bulge, lean and run apart, and the packing takes it all out.", WIDTHS),
        _group("alcove", "frameless", "Height", "Beside each wall: floors fall away into corners.", HEIGHTS),
        _group("alcove", "frameless", "Depth", "From where the fronts will stand to the wall behind, low and high.", DEPTHS),
        _group("alcove", "frameless", "Diagonals", "Corner to corner, across the front: they tell the lean.", DIAGONALS),
    ]  # fmt: skip


def _chest() -> list[StationGroup]:
    return [
        _group("chest", "frameless", "Between the walls", "Between the walls that the runners hang on, front and back: "
               "what the old boxes measure is asked below.", ENDS),
        _group("chest", "frameless", "Height", "Of the bay that becomes one drawer, along each side.", HEIGHTS),
        _group("chest", "frameless", "Depth", "From the front edge to the back wall, or to the lock's rod.", DEPTHS),
    ]  # fmt: skip


def _bench() -> list[StationGroup]:
    return [
        _group("bench", "frameless", "Between the legs", "Leg to leg, not between the rails: at the front legs and at the "
               "back legs.", ENDS),
        _group("bench", "frameless", "Height", "From the lower stretcher, or the floor, to the underside of the top.", HEIGHTS),
        _group("bench", "frameless", "Depth", "From the face of the front legs to the rail behind.", DEPTHS),
        _group("bench", "frameless", "Diagonals", "Across the front legs: a frame racks.", DIAGONALS),
    ]  # fmt: skip


def _bed() -> list[StationGroup]:
    return [
        _group("bed", "frameless", "Along the bed", "From the head's support to the foot's: the side that drawers open to.",
               ENDS),
        _group("bed", "frameless", "Height", "From the floor to the underside of slats or platform, at head and foot.",
               HEIGHTS),
        _group("bed", "frameless", "Depth", "From the side rail's outer face to the middle support, or to the other side.",
               DEPTHS),
    ]  # fmt: skip


def _vehicle() -> list[StationGroup]:
    return [
        _group("vehicle", "frameless", "Width of the floor", "Above the arches, from trim to trim; the arches themselves "
               "are noted as in the way.", WIDTHS),
        _group("vehicle", "frameless", "Height", "From the floor to the lowest thing above: roof, trim or parcel shelf.",
               HEIGHTS),
        _group("vehicle", "frameless", "Length", "From the sill to the seat backs, low at the floor and high at the box's "
               "top, on each side.", DEPTHS),
    ]  # fmt: skip


def _unit() -> list[StationGroup]:
    return [
        _group("unit", "frameless", "Width", "Between the uprights, as wanted.",
               [Station(of="width", level="middle", along="front")]),
        _group("unit", "frameless", "Height", "Between bottom and top, as wanted: what is left open is worked out below.",
               [Station(of="height", side="left")]),
        _group("unit", "frameless", "Depth", "As wanted, less a gap for cords.", [Station(of="depth", side="middle")]),
    ]  # fmt: skip


def _drawer() -> list[StationGroup]:
    return [
        _group("drawer", "frameless", "Width inside", "Between the sides, in front and behind, low and high: sides bow.", ENDS),
        _group("drawer", "frameless", "Height", "From the bottom to the rim, or to the lowest thing that passes over it.",
               HEIGHTS),
        _group("drawer", "frameless", "Depth inside", "From the front wall to the back wall, at both sides.",
               [Station(of="depth", side=side) for side in SIDES]),
    ]  # fmt: skip


def _group(
    what: Setting,
    space: Kind,
    title: str,
    hint: str,
    stations: list[Station],
    survey: Literal["frame", "case"] = "case",
) -> StationGroup:
    return StationGroup(
        what=what, space=space, survey=survey, of=stations[0].of, title=title, hint=hint, stations=stations
    )
