"""The plan document: what a person measured, chose, listed, assumed and built; never a derived value.

These models are the open file format ``vasculum-plan``, version 4; the JSON Schema comes from them. Lengths are texts
with a unit, as typed. Every collection is an object keyed by id; ids end in a number that is never used twice.
"""

from __future__ import annotations

from collections.abc import Mapping
from typing import Annotated, Any, Literal
from unicodedata import category

from pydantic import AfterValidator, BaseModel, ConfigDict, Field, ValidationInfo, field_validator
from pydantic_core import PydanticCustomError

from vasculum.core.errors import LengthRefused, WeightRefused
from vasculum.core.lengths import Mm, Unit, read_increment, read_length
from vasculum.core.weights import read_weight

FORMAT = "vasculum-plan"
VERSION = 4


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


def _weight(text: str) -> str:
    try:
        read_weight(text)
    except WeightRefused as refused:
        raise PydanticCustomError(
            "weight", "{what} {fix}", {"what": refused.message, "fix": refused.fix, "code": refused.code}
        ) from refused
    return text


WeightText = Annotated[
    str,
    Field(max_length=40, description="A weight with its unit, as typed.", examples=["45 kg", "100 lb"]),
    AfterValidator(_weight),
]
Id = Annotated[str, Field(max_length=60, pattern=r"^[a-z]+(-[a-z]+)*-[1-9][0-9]{0,8}$", examples=["reading-7"])]


def _one_line(text: str) -> str:
    return _without_control(text, "")


def _lines(text: str) -> str:
    return _without_control(text, "\t\n\r")


def _without_control(text: str, allowed: str) -> str:
    """Refuse signs that no screen shows and no file may carry."""
    for at, sign in enumerate(text):
        if (category(sign) in ("Cc", "Cs") and sign not in allowed) or sign in "\u2028\u2029":
            raise PydanticCustomError(
                "control", "Sign {at} is the control character {code}: take it out.",
                {"at": at + 1, "code": f"U+{ord(sign):04X}"},
            )  # fmt: skip
    return text


Name = Annotated[str, Field(min_length=1, max_length=120), AfterValidator(_one_line)]
Note = Annotated[str, Field(max_length=2000), AfterValidator(_lines)]
Choices = Annotated[
    dict[Annotated[str, Field(pattern=r"^[a-z][a-z_]{0,59}$")], Annotated[str, Field(max_length=140)]],
    Field(max_length=200, description="What a person wants here, by name; anything else is looked up further out."),
]


class Model(BaseModel):
    """Strict and closed: an unknown field is refused, nothing is converted."""

    model_config = ConfigDict(extra="forbid", strict=True, frozen=True, use_attribute_docstrings=True)


def as_usual(value: Any) -> Any:
    """A field of an answer that may be left out where it is as usual: its default is no part of the schema."""
    return Field(default=value, json_schema_extra=_without_default)


def _without_default(schema: dict[str, Any]) -> None:
    schema.pop("default", None)


TIME = r"^[0-9]{4}-[01][0-9]-[0-3][0-9]T[0-2][0-9]:[0-5][0-9]:[0-5][0-9]Z$"


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
    taken_by: Annotated[str, Field(max_length=60), AfterValidator(_one_line)] = ""
    """Who held the tape."""
    taken_at: Annotated[str, Field(pattern=TIME)] | None = None
    """When, in universal time: `2026-11-25T09:30:00Z`."""
    note: Note = ""


Setting = Literal["cabinet", "alcove", "chest", "bench", "bed", "vehicle", "unit", "drawer"]


class Space(Model):
    """A space that exists, with its surveys and the place that fills it."""

    name: Name
    what: Setting = "cabinet"
    """What it is: it decides which stations are offered, in which order, and what is looked for."""
    kind: Literal["framed", "frameless"]
    frame: Id | None = None
    """The survey of the face frame's opening."""
    case: Id
    """The survey of the inside."""
    holds: Id
    """The place that fills the space."""
    choices: Choices = {}


class ProfilePoint(Model):
    """How far something stands in at one height above the floor."""

    at: LengthText
    projection: LengthText


UPRIGHT = ("left", "right", "back")
"""Where what stands in has a height of its own, and so may lean or have a profile."""


class Obstruction(Model):
    """Something in the way: it stands in from one side of a space, all along it or over a stretch.

    A box has one projection, what leans has another at its upper end, and a profile has one at each of its points.
    """

    name: Name
    what: Literal[
        "hinge", "door_edge", "frame_lip", "centre_stile", "pipe", "socket", "lock", "dog_hole", "wheel_arch",
        "seat_back", "anchor", "sill", "runner", "baseboard", "missing_wall", "stone_top", "other",
    ]  # fmt: skip
    space: Id
    on: Literal["left", "right", "back", "floor", "top"]
    projection: LengthText
    """How far it stands in from the edge of the opening on that side, or from the back."""
    projection_above: LengthText | None = None
    """On a side or the back: how far at its upper end, where it leans; ``projection`` is then at its lower end."""
    from_floor: LengthText | None = None
    height: PositiveLengthText | None = None
    """On a side or the back: where it begins, and how high it is; all the way where nothing is said."""
    from_left: LengthText | None = None
    width: PositiveLengthText | None = None
    """On back, floor or top: where it begins from the left edge of the opening, and how wide it is."""
    profile: Annotated[list[ProfilePoint], Field(max_length=40)] = []
    """On a side or the back: its outline from below; between two points it is straight. It takes the place of
    ``projection``, ``projection_above``, ``from_floor`` and ``height``."""
    from_front: LengthText | None = None
    depth: PositiveLengthText | None = None
    """Not before the back: where it begins behind the front, and how far in it goes; all the way where not said."""
    passes: Literal["beside", "before", "above"] = "beside"
    """Whether a box goes past it, or ends before it and keeps its width; a case that is built there may stand above it.
    Ending before needs ``from_front``."""
    both_sides: bool = False
    """On a side: pack the other side out alike."""
    note: Note = ""


class ScribeStation(Model):
    """The gap between the edge of the case and the wall, so far along the strip."""

    at: LengthText
    gap: PositiveLengthText


class Existing(Model):
    """A part that is there before anything is built: whether it stays, is used again or comes out, and what stands in.

    What stands in for a part that comes out, or was never there, is a part of the job: a stiffener behind a rail, a
    partition for a wall that is missing. Its sizes are chosen by who builds it.
    """

    name: Name
    what: Literal["drawer", "shelf", "stile", "rail", "wall", "door", "runner", "trim", "other"] = "other"
    space: Id
    fate: Literal["stays", "reused", "taken_out"] = "stays"
    count: Annotated[int, Field(ge=1, le=99)] = 1
    length: PositiveLengthText | None = None
    width: PositiveLengthText | None = None
    thickness: PositiveLengthText | None = None
    """As it was measured, where it is used again."""
    stand_in: Literal["stiffener", "partition"] | None = None
    stand_in_length: PositiveLengthText | None = None
    stand_in_width: PositiveLengthText | None = None
    stand_in_thickness: PositiveLengthText | None = None
    note: Note = ""


PriceText = Annotated[str, Field(pattern=r"^[0-9]{1,6}([.,][0-9]{1,2})?$", examples=["48.50"])]
"""In the maker's own money."""


Lies = Literal["flat", "flat_turned", "facing", "facing_upright", "beside", "beside_upright"]
"""How a board lies: flat with its length across, or back; facing the front with its length across, or up; beside, as a
side stands, with its length back, or up."""


class OwnPart(Model):
    """A part that no rule makes: a trim, a long shelf, a rack, a ledge. Who builds it says its sizes.

    Once it is said how it lies it stands in drawings and in the proof as well; until then it is on the lists alone.
    """

    name: Name
    space: Id
    count: Annotated[int, Field(ge=1, le=99)] = 1
    length: PositiveLengthText | None = None
    width: PositiveLengthText | None = None
    stock: Id | None = None
    """The sheet or board that it is cut from; it gives the thickness."""
    thickness: PositiveLengthText | None = None
    """Of a part that comes from nothing in the library."""
    lies: Lies | None = None
    from_left: LengthText | None = None
    from_front: LengthText | None = None
    from_floor: LengthText | None = None
    """Its nearest corner from the clear front lower left corner of the space; at the corner where nothing is said."""
    outward: Annotated[list[Literal["left", "front", "floor"]], Field(max_length=3)] = []
    """Which of these three go the other way: to the left of the space, before it, below it."""
    is_wall: bool = False
    """Whether the readings were taken to it: it is a wall, the floor or the back of its space."""
    step: LengthText | None = None
    """How far each further one stands from the one before."""
    steps: Literal["across", "back", "up"] = "across"
    """Which way they stand behind each other."""
    front_notch_wide: PositiveLengthText | None = None
    front_notch_deep: PositiveLengthText | None = None
    back_notch_wide: PositiveLengthText | None = None
    back_notch_deep: PositiveLengthText | None = None
    """What is sawn out of both front corners, or both back corners, of a part that lies flat: round legs and posts."""
    note: Note = ""


class OwnGood(Model):
    """Something to buy that no rule asks for: a rod, catches, screws of a part of one's own.

    A fastener says what it passes, and may say what holds it: its bite follows, and what is left before its point.
    """

    name: Name
    space: Id
    count: Annotated[int, Field(ge=1, le=9999)] = 1
    unit: Literal["piece", "pair"] = "piece"
    length: PositiveLengthText | None = None
    passes: PositiveLengthText | None = None
    into: PositiveLengthText | None = None
    """How thick what holds it is."""
    price: PriceText | None = None
    """Of one of them."""
    note: Note = ""


class Scribe(Model):
    """A strip scribed to a wall that is not straight; stations from its lower or left end."""

    name: Name
    space: Id
    side: Literal["left", "right", "top"]
    stations: Annotated[list[ScribeStation], Field(max_length=60)] = []


class Sizing(Model):
    """How large a row or column wants to be. ``length`` belongs to fixed and contents, ``share`` to shares."""

    by: Literal["fixed", "contents", "share", "graduated", "left"] = "share"
    length: PositiveLengthText | None = None
    """Of a fixed row: its clear height; of one sized by its contents: how high they are. Of a column: how wide.
    A bought bin brings its own."""
    share: Annotated[int, Field(ge=1, le=100)] = 1
    """How many shares of what is left."""


SPLITS = ("rows", "columns")
"""What divides a cell into others."""


class Place(Model):
    """One node of the layout: what stands there, or how it is divided further."""

    name: Name
    holds: Literal[
        "drawer",
        "tray",
        "shelf",
        "rack",
        "parts_tray",
        "hanging",
        "open",
        "bin",
        "false_front",
        "blocked",
        "rows",
        "columns",
    ]
    children: Annotated[list[Id], Field(max_length=1000)] = []
    """Of rows: from above; of columns: from the left."""
    size: Sizing = Sizing()
    """What it wants of the split it stands in."""
    divider: Literal["board", "open", "none"] | None = None
    """Of rows: a rail between them, or fronts over each other without. Of columns: a board, unless none was chosen."""
    step: LengthText | None = None
    """Of a split: by how much each graduated part is larger than the one before."""
    ratio: Annotated[str, Field(pattern=r"^([1-9]|[0-9]\.[0-9]{1,4}|[1-9][0-9]?/[1-9][0-9]?)$")] | None = None
    """Of a split: how many times each graduated part is the one before; takes the place of a step."""
    backwards: bool = False
    """Of a split: graduated parts grow the other way, upward or to the left."""
    choices: Choices = {}


Use = Literal["daily", "weekly", "seldom"]
Stacks = Annotated[int, Field(ge=1, le=99)]
Word = Annotated[str, Field(max_length=60), AfterValidator(_one_line)]


class LiesAt(Model):
    """Where one stack of a thing was laid by hand, from the front left corner of the floor."""

    stack: Annotated[int, Field(ge=0, le=998)]
    from_left: LengthText
    from_front: LengthText
    is_turned: bool = False


def _each_stack_once(laid: list[LiesAt]) -> list[LiesAt]:
    if len({one.stack for one in laid}) < len(laid):
        raise PydanticCustomError("stacks", "A stack lies in one place only.")
    return laid


class Thing(Model):
    """Something that goes in: its size as it stands, how many there are, and what may be done with it."""

    name: Name
    length: PositiveLengthText
    width: PositiveLengthText
    height: PositiveLengthText
    """As it stands."""
    count: Annotated[int, Field(ge=1, le=999)] = 1
    weight: WeightText | None = None
    """Of one."""
    use: Use = "weekly"
    may_turn: bool = True
    """Whether its length may lie across as well as back."""
    may_lie: bool = False
    """Whether it may lie on any of its sides."""
    stacks: Stacks = 1
    """How many may stand on each other."""
    headroom: LengthText | None = None
    """What it wants above it, where it is another than that of the plan."""
    belongs_with: Word = ""
    """A word that things which belong together share."""
    lives_in: Id | None = None
    """The place in which it is kept."""
    lies_at: Annotated[list[LiesAt], Field(max_length=999), AfterValidator(_each_stack_once)] = []
    """Stacks that were laid by hand in that place; the others lie where there is room."""
    is_out: bool = False
    """Whether it is out of its place at present: lent, in use, not put in yet."""
    note: Note = ""


class Former(Model):
    """A drawer, a shelf or a bin of the arrangement before: its inside, and how many there are alike."""

    name: Name
    width: PositiveLengthText
    depth: PositiveLengthText
    height: PositiveLengthText
    count: Annotated[int, Field(ge=1, le=99)] = 1


Trims = Annotated[list[LengthText], Field(min_length=4, max_length=4)]
"""What is cut off first, with its kerf: at the left, at the right, below, above; where it is missing, as chosen."""


class PanelSize(Model):
    """Another size that a sheet is sold in, with its length along the grain."""

    length: PositiveLengthText
    width: PositiveLengthText
    price: PriceText | None = None


class SoldLength(Model):
    """Another length that a board is sold in."""

    length: PositiveLengthText
    price: PriceText | None = None


class Sheet(Model):
    """A sheet as bought: what the label says, and what the caliper says."""

    name: Name
    nominal: PositiveLengthText
    measured: PositiveLengthText | None = None
    often: PositiveLengthText | None = None
    """What a sheet of this name often measures."""
    density: Annotated[int, Field(ge=50, le=3000)] | None = None
    """Kilograms per cubic metre."""
    length: PositiveLengthText | None = None
    width: PositiveLengthText | None = None
    """As it is sold, its length along the grain."""
    stiffness_along: Annotated[int, Field(ge=100, le=300_000)] | None = None
    stiffness_across: Annotated[int, Field(ge=100, le=300_000)] | None = None
    """Modulus of elasticity along the face grain and across it, newtons per square millimetre."""
    grain: Literal["length", "free"] = "length"
    """Along its length, or none to be seen: its parts may then be turned."""
    price: PriceText | None = None
    """Of one sheet."""
    in_hand: Annotated[int, Field(ge=0, le=999)] = 0
    """So many are there already; those that are sawn count."""
    panels: Annotated[list[PanelSize], Field(max_length=10)] = []
    """Smaller sizes that it is sold in too."""
    trims: Trims | None = None
    source: Note = ""

    @property
    def thick(self) -> str:
        """How thick it is: measured, or until then as it is sold."""
        return self.measured or self.nominal


PartId = Annotated[str, Field(max_length=100)]
OfOnePiece = Annotated[list[PartId], Field(min_length=2, max_length=8)]
Section = Literal["board", "moulding", "angle", "pipe"]


class Board(Model):
    """A board as bought, dressed, or what else is sold by its length. Its grain runs along its length."""

    name: Name
    section: Section = "board"
    """Anything but a board is only cut to length: its parts have its whole section."""
    thickness: PositiveLengthText
    measured: PositiveLengthText | None = None
    """How thick the boards in hand are."""
    width: PositiveLengthText
    length: PositiveLengthText | None = None
    density: Annotated[int, Field(ge=50, le=3000)] | None = None
    """Kilograms per cubic metre."""
    price: PriceText | None = None
    """Of one board."""
    in_hand: Annotated[int, Field(ge=0, le=999)] = 0
    """So many are there already; those that are sawn count."""
    lengths: Annotated[list[SoldLength], Field(max_length=10)] = []
    """Shorter lengths that it is sold in too."""
    trims: Trims | None = None
    source: Note = ""

    @property
    def thick(self) -> str:
        """How thick it is: measured, or until then as it is sold."""
        return self.measured or self.thickness

    @property
    def is_ripped(self) -> bool:
        """Whether something narrower comes out of it."""
        return self.section == "board"

    @property
    def panels(self) -> list[PanelSize]:
        """Its other lengths, each as wide as it is."""
        return [PanelSize(length=one.length, width=self.width, price=one.price) for one in self.lengths]


class Band(Model):
    """An edge band: what it adds to an edge, and how it is sold."""

    name: Name
    thickness: PositiveLengthText
    length: PositiveLengthText | None = None
    """Of one roll or strip."""
    price: PriceText | None = None
    """Of one roll or strip."""
    source: Note = ""


class BadPlace(Model):
    """A place of a sheet that nothing is made of: from its lower left corner, its length along the grain."""

    x: LengthText
    y: LengthText
    length: PositiveLengthText
    width: PositiveLengthText


class Offcut(Model):
    """What is left of a sheet or board from an earlier job, or one that is there with bad places: it is used first."""

    sheet: Id
    """The row of the library that it is of."""
    length: PositiveLengthText
    """Along the grain."""
    width: PositiveLengthText
    where: Annotated[str, Field(max_length=120), AfterValidator(_one_line)] = ""
    """Where it stands."""
    bad: Annotated[list[BadPlace], Field(max_length=6)] = []


class CutTree(Model):
    """How a sheet, or a piece of it, is divided: a part, or pieces that cuts of one way divide.

    Its sizes follow from its parts.
    """

    part: Annotated[str, Field(max_length=120)] = ""
    turned: bool = False
    sawn: Annotated[list[PositiveLengthText], Field(min_length=2, max_length=2)] | None = None
    """Length and width that the part was sawn to; nothing while it is not."""
    cut: Literal["rip", "crosscut"] | None = None
    """Rips run along the sheet, and leave their children above each other; crosscuts leave them to the right."""
    children: Annotated[list[CutTree], Field(max_length=2000)] = []


class KeptSheet(Model):
    """A sheet whose layout is kept while its parts fit; one that is begun or sawn stays what it was."""

    state: Literal["kept", "begun", "sawn"] = "kept"
    """What is begun at the saw, or sawn, is cut to the sizes that were drawn then."""
    kerf: LengthText | None = None
    """Of the saw that it is sawn with."""
    size: Annotated[list[PositiveLengthText], Field(min_length=2, max_length=2)] | None = None
    """Length and width of the sheet that is sawn."""
    is_racked: bool = False
    """Whether its offcuts went into the rack."""
    cuts: CutTree


class Proved(Model):
    """The least that has to be bought of a row, as a search has proved; true while what it is of is the same."""

    least: Annotated[str, Field(pattern=r"^[0-9]{1,20}(/[1-9][0-9]{0,19})?$")]
    """Sheets; where there are several sizes, money or square millimetres."""
    of: Annotated[str, Field(pattern=r"^[0-9a-f]{32}$")]
    """What tells the parts, the sheet and the saw that it is of from any others."""


class Runner(Model):
    """A pair of runners: its own figures, assumed until the pair in hand was measured."""

    name: Name
    kind: Literal[
        "side_mount", "heavy_side_mount", "roller", "undermount", "centre_mount", "wooden", "skid", "friction",
        "standing", "batten", "hung", "posts", "risers", "one_side",
    ]  # fmt: skip
    side_clearance: LengthText
    """One side, from the box to the case; of an undermount from the inside of the box. Nothing only where it stands."""
    height: PositiveLengthText
    metal: LengthText
    room_above: LengthText | None = None
    room_below: LengthText | None = None
    """What it wants above and below the box, in place of the plan's play, unless play was chosen."""
    stock_lengths: Annotated[list[PositiveLengthText], Field(min_length=1, max_length=60)]
    """Not asked of what slides wood on wood: it is cut to any length."""
    case_holes: Annotated[list[PositiveLengthText], Field(max_length=40)] = []
    box_holes: Annotated[list[PositiveLengthText], Field(max_length=40)] = []
    """Where its holes are: from the front end of the cabinet member, and of the drawer member."""
    measured: bool = False
    rating: WeightText | None = None
    """What a pair carries at its length, as its sheet says."""
    price: PriceText | None = None
    """Of one pair."""
    source: Note = ""

    @field_validator("side_clearance")
    @classmethod
    def _only_what_stands_is_snug(cls, text: str, others: ValidationInfo) -> str:
        return text if others.data.get("kind") == "standing" else _length_above_zero(text)


class Library(Model):
    """Copies of every library row the plan uses: an update never resizes an old plan."""

    sheets: Annotated[dict[Id, Sheet], Field(max_length=200)] = {}
    runners: Annotated[dict[Id, Runner], Field(max_length=200)] = {}
    boards: Annotated[dict[Id, Board], Field(max_length=200)] = {}
    bands: Annotated[dict[Id, Band], Field(max_length=200)] = {}
    offcuts: Annotated[dict[Id, Offcut], Field(max_length=200)] = {}

    def has_stock(self, row: str) -> bool:
        """Whether it is a sheet or a board of the library."""
        return row in self.sheets or row in self.boards

    def stock(self, row: str) -> Sheet | Board:
        """What a part is made of, by its id: a sheet, or a board."""
        return self.sheets[row] if row in self.sheets else self.boards[row]


PaperSize = Literal["A4", "Letter"]
OF_ONE_SPACE = ("obstructions", "scribes", "existing", "own_parts", "own_goods")
"""Collections of the plan whose things each name the space that they belong to."""


class Plan(Model):
    """A plan, whole: `solve` needs nothing else."""

    format: Literal["vasculum-plan"]
    version: Literal[4]
    name: Name
    note: Note = ""
    defaults_edition: Annotated[str, Field(pattern=r"^[0-9]{4}-[0-9]{2}$")]
    defaults_system: Unit = "in"
    """Which habit the edition's defaults follow; showing the plan in the other unit changes no size."""
    next_id: Annotated[int, Field(ge=1, le=999_999_999)]
    """Every id's number is below this; it only grows."""
    units: Units = Units()
    paper: PaperSize | None = None
    """What it is printed on; nothing where nobody said: `printed_on` tells."""
    choices: Choices = {}
    spaces: Annotated[dict[Id, Space], Field(max_length=100)]
    space_order: Annotated[list[Id], Field(max_length=100)]
    surveys: Annotated[dict[Id, Survey], Field(max_length=200)]
    readings: Annotated[dict[Id, Reading], Field(max_length=2000)] = {}
    reading_order: Annotated[list[Id], Field(max_length=2000)] = []
    obstructions: Annotated[dict[Id, Obstruction], Field(max_length=200)] = {}
    scribes: Annotated[dict[Id, Scribe], Field(max_length=100)] = {}
    existing: Annotated[dict[Id, Existing], Field(max_length=200)] = {}
    """What is there before anything is built."""
    own_parts: Annotated[dict[Id, OwnPart], Field(max_length=200)] = {}
    """Parts that no rule makes."""
    own_goods: Annotated[dict[Id, OwnGood], Field(max_length=200)] = {}
    """Things to buy that no rule asks for."""
    things: Annotated[dict[Id, Thing], Field(max_length=6000)] = {}
    former: Annotated[dict[Id, Former], Field(max_length=100)] = {}
    """What is there, or was, instead of what is planned: measured inside, to be compared with."""
    """What goes in."""
    places: Annotated[dict[Id, Place], Field(max_length=2000)]
    tools: Annotated[list[str], Field(max_length=40)] | None = None
    """The tools that the maker has; nothing where nobody said."""
    library: Library = Library()
    as_built: Annotated[dict[str, PositiveLengthText], Field(max_length=2000)] = {}
    """Sizes as they were really cut or found, by key `place-id/name`."""
    marks: Annotated[dict[str, str], Field(max_length=20_000)] = {}
    """The mark printed on each part, by part id; never given twice. Parts of places that are gone have none."""
    layouts: Annotated[dict[Id, Annotated[list[KeptSheet], Field(max_length=200)]], Field(max_length=200)] = {}
    """Layouts that are kept, by the row of the library that they are cut from."""
    settings_done: Annotated[dict[Id, Annotated[int, Field(ge=1, le=10_000)]], Field(max_length=200)] = {}
    """How many settings of the saw are done, by the row that is begun."""
    spares: Annotated[dict[PartId, Annotated[int, Field(ge=1, le=20)]], Field(max_length=500)] = {}
    """So many more are cut of a part, by its id."""
    together: Annotated[dict[Id, OfOnePiece], Field(max_length=200)] = {}
    """Parts that are cut from one piece, one after the other along the grain, by their ids."""
    proved: Annotated[dict[Id, Proved], Field(max_length=200)] = {}
    """What a search has proved, by the row of the library that it is of."""
    marks_given: Annotated[int, Field(ge=0, le=999_999_999)] = 0
    """How many marks were ever given: the next one is new."""

    def collections(self) -> dict[str, Mapping[str, Model]]:
        """Everything that has an id, by where it stands in the document."""
        return {
            "spaces": self.spaces,
            "surveys": self.surveys,
            "readings": self.readings,
            "obstructions": self.obstructions,
            "scribes": self.scribes,
            "existing": self.existing,
            "own_parts": self.own_parts,
            "own_goods": self.own_goods,
            "things": self.things,
            "places": self.places,
            "library/sheets": self.library.sheets,
            "library/runners": self.library.runners,
            "library/boards": self.library.boards,
            "library/bands": self.library.bands,
            "library/offcuts": self.library.offcuts,
        }

    @property
    def printed_on(self) -> PaperSize:
        """The paper that was chosen; Letter goes with inches, A4 with millimetres (common practice)."""
        return self.paper or ("Letter" if self.units.length == "in" else "A4")

    def length(self, text: str) -> Mm:
        """The exact length of a text of this plan."""
        return exact_length(text)


def exact_length(text: str) -> Mm:
    """The exact length of a text that carries its unit."""
    return read_length(text, None).mm
