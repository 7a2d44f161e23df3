"""What a solved plan is made of: pieces that stand somewhere, cuts in them, and goods that hold them.

Pieces, cuts and goods are declared beside the rules whose quantities are their sizes, and are wired in the same way: by
the kind of place they belong to and by names. They carry no numbers of their own and no words but a title.
"""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass
from fractions import Fraction
from typing import Literal, NamedTuple

Mm = Fraction
Axis = Literal["across", "back", "up"]
"""Left to right, front to back, floor to top."""
Datum = Literal["left", "right", "front", "back", "lower", "upper"]
"""An end or edge by the direction in which it lies: exact whatever way a piece stands."""
Face = Literal["inside", "outside", "through"]
Hand = Literal["L", "R"]

AXES: tuple[Axis, Axis, Axis] = ("across", "back", "up")
TOWARDS: dict[Datum, tuple[Axis, int]] = {
    "left": ("across", -1), "right": ("across", 1), "front": ("back", -1),
    "back": ("back", 1), "lower": ("up", -1), "upper": ("up", 1),
}  # fmt: skip
"""Each end or edge: along which axis it lies, and on which side."""


class Stand(NamedTuple):
    """Where a piece stands: its corner with the smallest coordinates in the frame of its space, and how it lies.

    Exact mm. ``length`` and ``width`` name the axes they run along; its thickness takes the third. ``inside`` says on
    which side of its thickness the face lies that joints are cut into: 1 towards the larger coordinate. The frame
    begins at the clear front lower left corner.
    """

    across: Mm
    back: Mm
    up: Mm
    length: Axis
    width: Axis
    inside: int = 1

    @property
    def thick(self) -> Axis:
        """The axis that the thickness takes."""
        return next(axis for axis in AXES if axis not in (self.length, self.width))

    def extent(self, length: Mm, width: Mm, thickness: Mm) -> tuple[Mm, Mm, Mm]:
        """How far a piece of this size reaches across, back and up."""
        sizes = {self.length: length, self.width: width, self.thick: thickness}
        return (sizes["across"], sizes["back"], sizes["up"])


class Edges(NamedTuple):
    """Which edges of a piece are banded: the choice that names the band, and the sizes of its core.

    ``only`` names how many of the edges, the first ones; without it all of them are.
    """

    choice: str
    edges: tuple[Datum, ...]
    length: str = ""
    width: str = ""
    only: str = ""

    @property
    def needs(self) -> tuple[str, ...]:
        """The quantities that it may ask for: where there is no band there are none of them."""
        return tuple(name for name in (self.length, self.width, self.only, f"{self.choice}_thickness") if name)


@dataclass(frozen=True, slots=True)
class PieceRule:
    """A part to cut: the quantities that are its sizes, its stock, and the function that says where it stands.

    ``stock`` is the choice that names its sheet, or a kind of strip; without one it is a body that is not cut, such as
    a member of a runner in the room that it takes. ``stand`` answers a :class:`Stand`, or None where nobody can say.
    """

    role: str
    kinds: frozenset[str]
    title: str
    length: str
    width: str
    thickness: str
    stock: str
    stand: Callable[..., Stand | None]
    needs: tuple[str, ...]
    optional: frozenset[str]
    sentence: str
    hand: Hand | None = None
    bands: Edges | None = None
    moves: bool = False
    """Whether it comes out with the drawer."""
    where: str = ""
    """A quantity that has to be there, and more than nothing."""
    let_in: str = ""
    """How deep both of its ends go into the boards that they end at."""
    fixed_at: str = ""
    """Where fasteners stand along both of its ends, from its front edge."""
    order: int = 0
    """Where it stands in lists: tens together over all places of a space, ones within a place."""
    nth: int = 0
    """Of several that stand alike: which of them it is; ``where`` then names something for each."""

    @property
    def sizes(self) -> tuple[str, str, str]:
        """The names of its length, width and thickness."""
        return (self.length, self.width, self.thickness)


CutKind = Literal[
    "groove", "stopped_groove", "rabbet", "dado", "slot", "tongue", "fingers", "tails", "round", "kerf", "hole",
    "notch", "notches", "slots", "bores", "cutout", "line", "holes", "mitre",
]  # fmt: skip
"""Grooves run along a piece, dados and slots across it; a rabbet takes an edge; a tongue is what is left of an end.
``round`` is a rabbet along all four edges, ``kerf`` one pass of the blade, ``hole`` an opening, ``notch`` a corner
that is sawn out, ``cutout`` a rectangle anywhere, ``notches`` a row sawn into an edge and ``slots`` a row across a
face, their middles at ``holes``; of ``bores`` each opening is as wide as its own in ``width``; ``line`` is a mark. Of
two mitred ends the one whose ``first`` is 1 gives way in drawings and solids: lengths are to the long points."""


@dataclass(frozen=True, slots=True)
class CutRule:
    """What is taken out of a piece, or marked on it: fields and names of quantities, nothing in words but its title.

    It is measured from each of the ends or edges in ``datums``: it begins at ``at`` (at the end itself where none is
    said) and is ``width`` wide; ``depth`` goes into the thickness, from the inside or outside face. ``begins`` and
    ``length`` bound it the other way, from the left or lower edge. ``count`` is of fingers or tails; ``holes`` are
    distances along a line, from the ``holes_from`` end.
    """

    what: CutKind
    kinds: frozenset[str]
    into: str
    title: str
    face: Face
    datums: tuple[Datum, ...]
    at: str = ""
    width: str = ""
    depth: str = ""
    begins: str = ""
    length: str = ""
    count: str = ""
    first: int = 0
    """Of fingers: which of them this piece loses, 0 the lowest and every other one."""
    holes: str = ""
    holes_from: Datum = "front"
    is_centred: bool = False
    """Whether ``at`` is its middle."""

    @property
    def names(self) -> tuple[str, ...]:
        """The quantities it is measured by."""
        every = (self.at, self.width, self.depth, self.begins, self.length, self.count, self.holes)
        return tuple(name for name in every if name)

    @property
    def needs(self) -> tuple[str, ...]:
        """What it asks of its place."""
        return self.names

    @property
    def way(self) -> tuple[object, ...]:
        """How it is cut, whatever its sizes and whichever piece it goes into."""
        return (self.what, self.title, self.face, self.datums, self.first, self.holes_from, self.is_centred)

    @property
    def role(self) -> str:
        """A name of its own beside the others that go into the same piece."""
        return f"{self.what} {self.title} {'-'.join(self.datums)} into {self.into}"


GoodKind = Literal[
    "runner",
    "clip_rail",
    "post",
    "pull",
    "screw",
    "pocket_screw",
    "brad",
    "dowel",
    "angle",
    "plug",
    "shelf_pin",
    "glue",
    "other",
]
"""What is bought, in the order in which it is listed."""
GoodUnit = Literal["pair", "piece", "ml"]
Holder = Literal[
    "case",
    "next_board",
    "edges",
    "divider_ends",
    "walls",
    "layer_behind",
    "studs",
    "plugs",
    "cabinet",
    "top",
    "top_from_below",
    "blocks",
]
"""What a screw may go into that is no thickness of its place."""


@dataclass(frozen=True, slots=True)
class GoodRule:
    """What is bought for a place: what, how many, by which size, through which pieces into which.

    ``count`` is a quantity; without one it is one. ``through`` and ``into`` name thicknesses, ``holds`` what it goes
    into besides. ``row`` is the choice that names its library row, by which its price is found; ``by`` is what else it
    follows from.
    """

    what: GoodKind
    kinds: frozenset[str]
    title: str
    unit: GoodUnit
    needs: tuple[str, ...]
    optional: frozenset[str]
    count: str = ""
    size: str = ""
    through: tuple[str, ...] = ()
    into: tuple[str, ...] = ()
    holds: Holder | None = None
    row: str = ""
    by: str = ""
    at_least: bool = False
    where: str = ""
    """A quantity that has to be more than nothing."""
    gauge: str = ""
    """How thick a screw is."""
    bite: str = ""
    """How deep it holds, where a rule says so: else a screw into an edge or a wall bites what is left of its length."""

    @property
    def role(self) -> str:
        """A name of its own among the goods of a place."""
        return f"{self.title} {self.size or self.count or self.by}"


@dataclass(frozen=True, slots=True)
class Alternative:
    """One kind of a family: its words, what it shares with others, and the tools that make it."""

    kind: str
    title: str
    about: str
    needs: tuple[tuple[str, ...], ...] = ()
    """Any one tool of each group will do."""
    instead: str = ""
    shares: tuple[str, ...] = ()
    """Kinds that answer for several alternatives."""
    order: int = 0
    """Where it stands among the others of its family: the usual ones first."""
