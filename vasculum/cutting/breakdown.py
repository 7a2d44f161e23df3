"""First cuts, at the merchant or on the floor: as few as leave pieces that one person carries and the car takes."""

from __future__ import annotations

from collections.abc import Iterator
from typing import NamedTuple

from vasculum.cutting.model import Mm, Piece, Way


class FirstCut(NamedTuple):
    """One cut: which way, and how wide or long the piece is that comes off."""

    cut: Way
    size: Mm


class Broken(NamedTuple):
    """A sheet by its first cuts, in their order, and the pieces that they leave: length and width."""

    cuts: tuple[FirstCut, ...]
    pieces: tuple[tuple[Mm, Mm], ...]


def broken_down(sheet: Piece, most: tuple[Mm, Mm]) -> Broken:
    """A sheet cut along its own cuts until every piece is small enough, whichever way it is turned.

    Args:
        most: the longer and the shorter side of the largest piece that is handled; a part may be larger.
    """
    cuts: list[FirstCut] = []
    pieces = [(one.length, one.width) for one in _broken(sheet, most, cuts)]
    return Broken(tuple(cuts), tuple(pieces))


def _broken(piece: Piece, most: tuple[Mm, Mm], cuts: list[FirstCut]) -> Iterator[Piece]:
    if piece.cut is None or _is_handled(piece, most):
        yield piece
        return
    groups = list(_groups(piece, most))
    for group in groups[:-1] if piece.lost == 0 else groups:
        cuts.append(FirstCut(piece.cut, group.width if piece.cut == "rip" else group.length))
    for group in groups:
        yield from _broken(group, most, cuts)


def _groups(piece: Piece, most: tuple[Mm, Mm]) -> Iterator[Piece]:
    """Neighbours that are carried together: as many as stay small enough."""
    group: Piece | None = None
    for child in piece.children:
        wider = child if group is None else _together(piece, group, child)
        if group is not None and not _is_handled(wider, most):
            yield group
            wider = child
        group = wider
    if group is not None:
        yield group


def _together(piece: Piece, group: Piece, child: Piece) -> Piece:
    children = (*(group.children if group.cut == piece.cut else (group,)), child)
    if piece.cut == "rip":
        return group._replace(part="", width=child.y + child.width - group.y, cut=piece.cut, children=children)
    return group._replace(part="", length=child.x + child.length - group.x, cut=piece.cut, children=children)


def _is_handled(piece: Piece, most: tuple[Mm, Mm]) -> bool:
    return max(piece.length, piece.width) <= max(most) and min(piece.length, piece.width) <= min(most)
