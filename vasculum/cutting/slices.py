"""How a sheet is divided, without sizes: they follow from the parts, so a layout that is kept holds while parts fit."""

from __future__ import annotations

from collections.abc import Iterable, Iterator, Mapping
from typing import NamedTuple

from vasculum.cutting.model import ACROSS, NOTHING, Mm, Part, Piece, Stock, Way

NO_SIZE = (NOTHING, NOTHING)


class Slice(NamedTuple):
    """A part, or a bad place, or children beside each other that cuts of one way divide."""

    part: str = ""
    is_turned: bool = False
    cut: Way | None = None
    """A *rip* leaves its children above each other, a *crosscut* to the right of each other."""
    children: tuple[Slice, ...] = ()
    least: tuple[Mm, Mm] = NO_SIZE
    """Length and width that it has at least."""
    is_bad: bool = False
    """A bad place: nothing is made of it."""

    def parts(self) -> Iterator[str]:
        """Every part in it, in the order of the cuts."""
        if self.part:
            yield self.part
        for child in self.children:
            yield from child.parts()


class DoesNotFit(Exception):
    """What should be cut is larger than what it is cut from; so much, mm, and which way."""

    def __init__(self, way: Way, over: Mm) -> None:
        super().__init__(f"{over} too {'wide' if way == 'rip' else 'long'}")
        self.way, self.over = way, over


Sizes = Mapping[str, Part]
Box = tuple[Mm, Mm, Mm, Mm]


def needs(one: Slice, sizes: Sizes, kerf: Mm) -> tuple[Mm, Mm]:
    """The least length and width that it is cut from."""
    each = [needs(child, sizes, kerf) for child in one.children]
    kerfs = kerf * (len(each) - 1)
    if one.part:
        part = sizes[one.part]
        size = (part.width, part.length) if one.is_turned else (part.length, part.width)
    elif one.cut is None:
        return one.least
    elif one.cut == "rip":
        size = max(size[0] for size in each), sum((size[1] for size in each), kerfs)
    else:
        size = sum((size[0] for size in each), kerfs), max(size[1] for size in each)
    return size if one.least is NO_SIZE else (max(one.least[0], size[0]), max(one.least[1], size[1]))


def placed(one: Slice, sizes: Sizes, stock: Stock) -> Piece:
    """A sheet with its cuts: every part in its size, what is left over at the end of each row.

    Raises:
        DoesNotFit: where the parts are larger than what trimming leaves.
    """
    length, width = stock.usable
    long, wide = needs(one, sizes, stock.kerf)
    if wide > width:
        raise DoesNotFit("rip", wide - width)
    if long > length:
        raise DoesNotFit("crosscut", long - length)
    trims = stock.trims
    return inside((trims.start, trims.lower, length, width), one, sizes, stock.kerf)


def inside(box: Box, one: Slice, sizes: Sizes, kerf: Mm) -> Piece:
    """A rectangle with its cuts, that is large enough for what is in it."""
    x, y, length, width = box
    if one.cut is None:
        long, wide = needs(one, sizes, kerf)
        leaf = Piece(x, y, long, wide, one.part, one.is_turned, is_bad=one.is_bad)
        if (long, wide) == (length, width):
            return leaf
        if long < length and wide < width:
            strip = divided((x, y, length, wide), "crosscut", [leaf], kerf)
            return divided(box, "rip", [strip], kerf)
        return divided(box, "crosscut" if long < length else "rip", [leaf], kerf)
    is_rip, children = one.cut == "rip", []
    for child in one.children:
        long, wide = needs(child, sizes, kerf)
        inner = (x, y, length, wide) if is_rip else (x, y, long, width)
        children.append(inside(inner, child, sizes, kerf))
        x, y = (x, y + wide + kerf) if is_rip else (x + long + kerf, y)
    return divided(box, one.cut, children, kerf)


def divided(box: Box, cut: Way, children: list[Piece], kerf: Mm) -> Piece:
    """A rectangle cut into pieces one after the other, with what is left of it; itself where nothing is cut."""
    x, y, length, width = box
    is_rip = cut == "rip"
    whole = width if is_rip else length
    sizes = [child.width if is_rip else child.length for child in children]
    rest = whole + kerf
    for size in sizes:
        rest -= size + kerf
    if rest == 0 and len(children) == 1:
        return children[0]
    if rest > kerf:
        begins = whole - rest + kerf
        offcut = Piece(x, y + begins, length, rest - kerf) if is_rip else Piece(x + begins, y, rest - kerf, width)
        return Piece(x, y, length, width, cut=cut, children=(*children, offcut))
    return Piece(x, y, length, width, cut=cut, children=tuple(children), lost=rest)


def slice_of(piece: Piece) -> Slice:
    """How a sheet that was laid out is divided."""
    if piece.cut is None:
        size = (piece.length, piece.width) if piece.is_bad else NO_SIZE
        return Slice(piece.part, piece.is_turned, least=size, is_bad=piece.is_bad)
    children = tuple(slice_of(child) for child in piece.children if not child.is_offcut)
    return Slice(cut=piece.cut, children=children)


def turned_over(one: Slice) -> Slice:
    """The same over the diagonal: what was ripped is crosscut; parts lie as they did to their own sheet."""
    if one.cut is None:
        return one
    return Slice(cut=ACROSS[one.cut], children=tuple(map(turned_over, one.children)), least=one.least[::-1])


def without(one: Slice, gone: Iterable[str]) -> Slice | None:
    """What is left of it without some parts; nothing where none is left."""
    out = set(gone)
    if one.cut is None:
        return None if one.part in out else one
    left = tuple(child for child in (without(child, out) for child in one.children) if child is not None)
    return one._replace(children=left) if left else None
