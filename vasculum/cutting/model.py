"""What is cut from what: parts, a stock, and the tree of cuts of each sheet. Exact mm.

A sheet lies with its length to the right. A *rip* runs along it and divides its width, a *crosscut* runs across. Every
cut goes from edge to edge of what is left of the sheet, and takes a kerf.
"""

from __future__ import annotations

from collections.abc import Iterator
from fractions import Fraction
from typing import Literal, NamedTuple

Mm = Fraction
NOTHING = Mm(0)
Way = Literal["rip", "crosscut"]
ACROSS: dict[Way, Way] = {"rip": "crosscut", "crosscut": "rip"}
"""The other way to cut."""


MOST_STAGES = 4
"""Rip, crosscut, rip again, trim."""


class Part(NamedTuple):
    """One part to cut: its length lies along the sheet's, unless it may be turned."""

    name: str
    length: Mm
    width: Mm
    may_turn: bool = False


class Trims(NamedTuple):
    """What is cut off every edge first, kerf and all: at the left, at the right, below, above."""

    start: Mm = NOTHING
    end: Mm = NOTHING
    lower: Mm = NOTHING
    upper: Mm = NOTHING


class Zone(NamedTuple):
    """A bad place: from the lower left corner of what it is in, untrimmed, to the right and up."""

    x: Mm
    y: Mm
    length: Mm
    width: Mm


class Size(NamedTuple):
    """A size that a stock is sold in, and what one of it costs; nothing where nobody said."""

    length: Mm
    width: Mm
    price: Mm | None = None


class Stock(NamedTuple):
    """A kind of sheet: its size, what is trimmed off it first, the kerf of the saw, how many there are, bad places."""

    length: Mm
    width: Mm
    kerf: Mm
    trims: Trims = Trims()
    copies: int | None = None
    bad: tuple[Zone, ...] = ()
    stages: int = MOST_STAGES
    """So many changes of direction at most: rips, then crosscuts, and so on."""
    price: Mm | None = None
    """Of one."""
    others: tuple[Size, ...] = ()
    """Smaller sizes that it is sold in too."""
    in_hand: int = 0
    """So many are there already, whole."""
    least_ripped: Mm = NOTHING
    """What is shorter is not ripped: it does not lie along the fence."""

    @property
    def sizes(self) -> tuple[Size, ...]:
        """Every size that it is sold in, its own first."""
        return (Size(self.length, self.width, self.price), *self.others)

    def sized(self, size: Size) -> Stock:
        """The same in one of its sizes."""
        return self._replace(length=size.length, width=size.width, price=size.price, others=())

    def under(self, piece: Piece) -> tuple[Mm, Mm]:
        """Length and width of the sheet that a piece is what trimming leaves of."""
        trims = self.trims
        return piece.length + trims.start + trims.end, piece.width + trims.lower + trims.upper

    def size_under(self, piece: Piece) -> Size:
        """The size that it is sold in; one that is sold no longer, or was sawn before, has no price."""
        under = self.under(piece)
        return next((size for size in self.sizes if size[:2] == under), Size(*under))

    @property
    def usable(self) -> tuple[Mm, Mm]:
        """What is left of length and width after trimming."""
        trims = self.trims
        return (self.length - trims.start - trims.end, self.width - trims.lower - trims.upper)


class Piece(NamedTuple):
    """A rectangle of a sheet: a part, an offcut, or what is cut further; from the sheet's lower left corner."""

    x: Mm
    y: Mm
    length: Mm
    width: Mm
    part: str = ""
    is_turned: bool = False
    cut: Way | None = None
    """How it is divided; its children lie to the right of each other, or above each other."""
    children: tuple[Piece, ...] = ()
    lost: Mm = NOTHING
    """What is left beyond the last child and is no wider than the kerf: the last cut takes it."""
    is_bad: bool = False
    """Whether nothing may be made of it."""

    def leaves(self) -> Iterator[Piece]:
        """Parts and offcuts, in the order of the cuts."""
        if self.cut is None:
            yield self
        for child in self.children:
            yield from child.leaves()

    def cuts(self) -> int:
        """How many cuts divide it."""
        own = 0 if self.cut is None else len(self.children) - 1 + (1 if self.lost > 0 else 0)
        return own + sum(child.cuts() for child in self.children)

    @property
    def is_offcut(self) -> bool:
        """Whether it is left over and good."""
        return self.cut is None and not self.part and not self.is_bad


class Layout(NamedTuple):
    """Parts on sheets of one kind; what does not come out of a whole one."""

    sheets: tuple[Piece, ...]
    left: tuple[str, ...] = ()

    def parts(self) -> list[Piece]:
        """Every part that was laid out."""
        return [leaf for sheet in self.sheets for leaf in sheet.leaves() if leaf.part]

    def offcuts(self) -> list[Piece]:
        """Everything that is left over, the largest first."""
        found = [leaf for sheet in self.sheets for leaf in sheet.leaves() if leaf.is_offcut]
        return sorted(found, key=lambda one: (-one.length * one.width, one.x, one.y))
