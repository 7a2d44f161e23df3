"""The plan document: what a person measured, chose, listed, assumed and built; never a derived value.

These models are the open file format ``vasculum-plan``, version 2; the JSON Schema comes from them. Lengths are texts
with a unit, as typed. Every collection is an object keyed by id; ids end in a number that is never used twice.
"""

from __future__ import annotations

from functools import lru_cache
from typing import Annotated, Literal

from pydantic import AfterValidator, BaseModel, ConfigDict, Field
from pydantic_core import PydanticCustomError

from vasculum.core.errors import LengthRefused
from vasculum.core.lengths import Mm, Unit, read_increment, read_length

FORMAT = "vasculum-plan"
VERSION = 2


def _length_with_unit(text: str) -> str:
    try:
        read_length(text, None)
    except LengthRefused as refused:
        raise PydanticCustomError(
            "length", "{what} {fix}", {"what": refused.message, "fix": refused.fix, "code": refused.code}
        ) from refused
    return text


def _length_above_zero(text: str) -> str:
    try:
        read_increment(text)
    except LengthRefused as refused:
        raise PydanticCustomError(
            "length", "{what} {fix}", {"what": refused.message, "fix": refused.fix, "code": refused.code}
        ) from refused
    return text


LengthText = Annotated[
    str,
    Field(max_length=140, description="A length with its unit, as typed.", examples=["14 11/16 in", "373 mm"]),
    AfterValidator(_length_with_unit),
]
PositiveLengthText = Annotated[
    str,
    Field(max_length=140, description="A length above zero with its unit, as typed.", examples=["1/2 in"]),
    AfterValidator(_length_above_zero),
]
Id = Annotated[str, Field(pattern=r"^[a-z]+(-[a-z]+)*-[1-9][0-9]{0,8}$", examples=["reading-7"])]
Name = Annotated[str, Field(min_length=1, max_length=120)]
Note = Annotated[str, Field(max_length=2000)]
Choices = Annotated[
    dict[Annotated[str, Field(pattern=r"^[a-z][a-z_]{0,59}$")], Annotated[str, Field(max_length=140)]],
    Field(max_length=200, description="What a person wants here, by name; anything else is looked up further out."),
]


class Model(BaseModel):
    """Strict and closed: an unknown field is refused, nothing is converted."""

    model_config = ConfigDict(extra="forbid", strict=True, frozen=True, use_attribute_docstrings=True)


class Units(Model):
    """How lengths are read, shown and cut in this plan."""

    length: Unit = "in"
    """The unit of a bare number, and of everything shown."""
    increment: PositiveLengthText = "1/16 in"
    """Cut sizes are multiples of this."""
    thickness_increment: PositiveLengthText = "1/64 in"
    """Joinery cut into a thickness is a multiple of this."""


class Survey(Model):
    """One thing that was measured all round: the hole of a face frame, or the inside of a case."""

    what: Literal["frame", "case"]


Dimension = Literal["width", "height", "depth", "diagonal_rising_right", "diagonal_rising_left"]


class Reading(Model):
    """What the tape said at one station."""

    survey: Id
    of: Dimension
    value: LengthText
    level: Literal["low", "middle", "high"] | None = None
    """How high the tape was held."""
    along: Literal["front", "middle", "back"] | None = None
    """How far in the tape was held."""
    side: Literal["left", "middle", "right"] | None = None
    """On which side the tape was held."""
    plus_minus: LengthText | None = None
    """How far the reading may be off."""
    note: Note = ""


class Space(Model):
    """A space that exists, with its surveys and the place that fills it."""

    name: Name
    kind: Literal["framed", "frameless"]
    frame: Id | None = None
    """The survey of the face frame's opening."""
    case: Id
    """The survey of the inside."""
    holds: Id
    """The place that fills the space."""
    choices: Choices = {}


class Sizing(Model):
    """How large a row or column wants to be. ``length`` belongs to fixed, ``share`` to shares; nothing else counts."""

    by: Literal["fixed", "share", "graduated"] = "share"
    length: PositiveLengthText | None = None
    """Of a fixed row: its clear height; of a fixed column: its clear width."""
    share: Annotated[int, Field(ge=1, le=100)] = 1
    """How many shares of what is left."""


class Place(Model):
    """One node of the layout: what stands there, or how it is divided further."""

    name: Name
    holds: Literal["drawer", "tray", "shelf", "open", "false_front", "blocked", "rows", "columns"]
    children: Annotated[list[Id], Field(max_length=1000)] = []
    """Of rows: from above; of columns: from the left."""
    size: Sizing = Sizing()
    """What it wants of the split it stands in."""
    divider: Literal["board", "open"] | None = None
    """Of rows: a rail between them, or fronts over each other without; columns always have a board between."""
    step: LengthText | None = None
    """Of rows: by how much each graduated row is larger than the one before."""
    choices: Choices = {}


class Sheet(Model):
    """A sheet as bought: what the label says, and what the caliper says."""

    name: Name
    nominal: PositiveLengthText
    measured: PositiveLengthText | None = None
    often: PositiveLengthText | None = None
    """What a sheet of this name often measures."""
    source: Note = ""


class Runner(Model):
    """A pair of runners: its own figures, assumed until the pair in hand was measured."""

    name: Name
    kind: Literal["side_mount"]
    side_clearance: PositiveLengthText
    height: PositiveLengthText
    metal: LengthText
    stock_lengths: Annotated[list[PositiveLengthText], Field(min_length=1, max_length=60)]
    measured: bool = False
    source: Note = ""


class Library(Model):
    """Copies of every library row the plan uses: an update never resizes an old plan."""

    sheets: Annotated[dict[Id, Sheet], Field(max_length=200)] = {}
    runners: Annotated[dict[Id, Runner], Field(max_length=200)] = {}


class Plan(Model):
    """A plan, whole: `solve` needs nothing else."""

    format: Literal["vasculum-plan"]
    version: Literal[2]
    name: Name
    note: Note = ""
    defaults_edition: Annotated[str, Field(pattern=r"^[0-9]{4}-[0-9]{2}$")]
    defaults_system: Unit = "in"
    """Which habit the edition's defaults follow; showing the plan in the other unit changes no size."""
    next_id: Annotated[int, Field(ge=1, le=999_999_999)]
    """Every id's number is below this; it only grows."""
    units: Units = Units()
    choices: Choices = {}
    spaces: Annotated[dict[Id, Space], Field(max_length=100)]
    space_order: Annotated[list[Id], Field(max_length=100)]
    surveys: Annotated[dict[Id, Survey], Field(max_length=200)]
    readings: Annotated[dict[Id, Reading], Field(max_length=2000)] = {}
    reading_order: Annotated[list[Id], Field(max_length=2000)] = []
    places: Annotated[dict[Id, Place], Field(max_length=2000)]
    library: Library = Library()
    as_built: Annotated[dict[str, PositiveLengthText], Field(max_length=2000)] = {}
    """Sizes as they were really cut or found, by key `place-id/name`."""
    marks: Annotated[dict[str, str], Field(max_length=20_000)] = {}
    """The mark printed on each part, by part id; never given twice."""
    marks_given: Annotated[int, Field(ge=0, le=999_999)] = 0

    def length(self, text: str) -> Mm:
        """The exact length of a text of this plan."""
        return _exact(text)


@lru_cache(maxsize=16_384)
def _exact(text: str) -> Mm:
    return read_length(text, None).mm
