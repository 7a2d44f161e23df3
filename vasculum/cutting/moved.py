"""A part laid elsewhere by hand: it snaps to what can still be cut, or the cut that would go through it is told."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from typing import NamedTuple

from vasculum.cutting.checked import CannotBeCut, refuse
from vasculum.cutting.model import ACROSS, NOTHING, Layout, Mm, Part, Piece, Stock, Way
from vasculum.cutting.slices import DoesNotFit, Sizes, Slice, placed, slice_of, without


class Move(NamedTuple):
    """Which part goes to which sheet, from 0, and the point of it where it is put down; one more is a new sheet."""

    part: str
    sheet: int
    x: Mm
    y: Mm


class TooManyCuts(Exception):
    """It could lie there, by more stages of cuts than the saw is given, or by ripping a piece that is too short."""


class InTheWay(Exception):
    """Nothing that can be cut has the part there: the cut that would go through it, or how far it is over the edge."""

    def __init__(self, cut: Way | None, at: Mm) -> None:
        super().__init__(f"{cut or 'the edge'} at {at}")
        self.cut, self.at = cut, at


def moved(sheets: Sequence[Piece], move: Move, sizes: Sizes, stock: Stock) -> list[Piece]:
    """The sheets with one part elsewhere; a sheet without parts is gone.

    Raises:
        InTheWay: where it cannot lie there.
        TooManyCuts: where only the saw forbids it.
        KeyError: where no sheet has such a part, or there is no such sheet.
    """
    source = next((at for at, sheet in enumerate(sheets) if move.part in slice_of(sheet).parts()), None)
    if source is None or not 0 <= move.sheet <= len(sheets):
        raise KeyError(move)
    part = sizes[move.part]
    target = _leaf_at(sheets[move.sheet], move) if move.sheet < len(sheets) else _whole(stock)
    if target is None or target.part == part.name:
        raise InTheWay(None, Mm(0)) if target is None else KeyError(move)
    found, is_forbidden = [], False
    ways = _tried(sheets, source, target, move, part) if move.sheet < len(sheets) else _alone(sheets, source, part)
    for tried in ways:
        try:
            found.append(_cut(tried, sizes, stock))
        except DoesNotFit:
            continue
        except CannotBeCut:
            is_forbidden = True
    if is_forbidden and not found:
        raise TooManyCuts
    if not found:
        raise _in_the_way(sheets[move.sheet] if move.sheet < len(sheets) else target, target, part)
    return min(found, key=lambda one: _away(one, move))


def _tried(sheets: Sequence[Piece], source: int, target: Piece, move: Move, part: Part) -> Iterator[list[Slice | None]]:
    """Ways to have the part there: in what is free; instead of what lies there, before, behind or beside it."""
    for turned in (False, True) if part.may_turn else (False,):
        own = Slice(part.name, is_turned=turned)
        ways: list[tuple[Slice, ...]] = [(own,)]
        if not target.is_offcut:
            other = Slice(target.part, target.is_turned)
            beside = [(own, other), (other, own)]
            ways = [*beside, *((Slice(cut=cut, children=pair),) for cut in ACROSS for pair in beside)]
            swapped: Given = {_corner(target): (own,), move.part: (other,)}
            yield [_with(sheet, swapped if at in (source, move.sheet) else {}) for at, sheet in enumerate(sheets)]
        for way in ways:
            given: list[Given] = [{move.part: ()} if at == source else {} for at in range(len(sheets))]
            given[move.sheet][_corner(target)] = way
            yield [_with(sheet, one) for sheet, one in zip(sheets, given, strict=True)]


Corner = tuple[Mm, Mm]
Given = dict[Corner | str, tuple[Slice, ...]]
"""What stands instead of a leaf, told by its corner or its part."""


def _corner(piece: Piece) -> Corner:
    return piece.x, piece.y


def _with(piece: Piece, given: Given) -> Slice | None:
    """A sheet with other things where some leaves are; offcuts are left out."""
    return next(iter(_instead(piece, given)), None)


def _instead(piece: Piece, given: Given) -> tuple[Slice, ...]:
    if piece.cut is None:
        key: Corner | str = piece.part if piece.part in given and piece.part else _corner(piece)
        if key in given:
            return given[key]
        return () if piece.is_offcut else (slice_of(piece),)
    children = tuple(one for child in piece.children for one in _instead(child, given))
    return (Slice(cut=piece.cut, children=children),) if children else ()


def _alone(sheets: Sequence[Piece], source: int, part: Part) -> Iterator[list[Slice | None]]:
    """The part on a sheet of its own, behind the others."""
    others = [without(slice_of(sheet), [part.name] if at == source else []) for at, sheet in enumerate(sheets)]
    for turned in (False, True) if part.may_turn else (False,):
        yield [*others, Slice(part.name, is_turned=turned)]


def _whole(stock: Stock) -> Piece:
    """A new sheet."""
    return Piece(stock.trims.start, stock.trims.lower, *stock.usable)


def _cut(slices: Sequence[Slice | None], sizes: Sizes, stock: Stock) -> list[Piece]:
    sheets = [placed(one, sizes, stock) for one in slices if one is not None]
    layout = Layout(tuple(sheets))
    lain = {leaf.part for leaf in layout.parts()}
    refuse(layout, [sizes[name] for name in lain], stock)
    return sheets


def _leaf_at(sheet: Piece, move: Move) -> Piece | None:
    """What lies at a point of a sheet; in a kerf what is nearest, beside the sheet nothing."""
    if not (0 <= move.x - sheet.x <= sheet.length and 0 <= move.y - sheet.y <= sheet.width):
        return None
    return min(sheet.leaves(), key=lambda leaf: _beside(leaf, move))


def _beside(leaf: Piece, move: Move) -> Mm:
    """How far a point is outside of a leaf, both ways together."""
    across = max(leaf.x - move.x, move.x - leaf.x - leaf.length, NOTHING)
    up = max(leaf.y - move.y, move.y - leaf.y - leaf.width, NOTHING)
    return across + up


def _away(sheets: Sequence[Piece], move: Move) -> Mm:
    """How far the part ends from the point, both ways together."""
    leaves = (leaf for leaf in sheets[min(move.sheet, len(sheets) - 1)].leaves() if leaf.part == move.part)
    leaf = next(leaves, None)
    if leaf is None:
        return Mm(10**6)
    return abs(leaf.x + leaf.length / 2 - move.x) + abs(leaf.y + leaf.width / 2 - move.y)


def _in_the_way(sheet: Piece, target: Piece, part: Part) -> InTheWay:
    """The first cut, as they are made, that would go through the part at the corner of what lies there."""
    for cut, at, begins, ends in _cuts(sheet):
        along, across = (target.y, target.x) if cut == "rip" else (target.x, target.y)
        size, beside = (part.width, part.length) if cut == "rip" else (part.length, part.width)
        if along < at < along + size and across < ends and begins < across + beside:
            return InTheWay(cut, at)
    over_x = target.x + part.length - (sheet.x + sheet.length)
    over_y = target.y + part.width - (sheet.y + sheet.width)
    return InTheWay(None, max(over_x, over_y))


def _cuts(piece: Piece) -> Iterator[tuple[Way, Mm, Mm, Mm]]:
    """Every cut, in the order of the work: which way, where its kerf begins, and from where to where it runs."""
    if piece.cut is None:
        return
    is_rip = piece.cut == "rip"
    run = (piece.x, piece.x + piece.length) if is_rip else (piece.y, piece.y + piece.width)
    for child in piece.children[: None if piece.lost > 0 else -1]:
        yield piece.cut, child.y + child.width if is_rip else child.x + child.length, *run
    for child in piece.children:
        yield from _cuts(child)
