"""Parts that are cut from one piece, one after the other along the grain: faces of a matched column, pairs, spares."""

from __future__ import annotations

from collections.abc import Mapping
from typing import NamedTuple

from vasculum.core.lengths import Mm
from vasculum.cutting.model import ACROSS, Part, Piece, Way
from vasculum.cutting.slices import Slice, inside, needs
from vasculum.plan.document import Plan

PANEL = "panel"
SPARE = "~"
"""Between the id of a part and the number of a spare one."""
ALONG: Way = "crosscut"


class Blank(NamedTuple):
    """A piece that several parts are crosscut from, in their order; kerf and trim lie between two of them."""

    whole: Part
    parts: tuple[Part, ...]
    between: Mm


def together(id_: str, parts: tuple[Part, ...], kerf: Mm) -> Blank:
    """The piece that some parts come out of: as long as all of them with their kerfs, as wide as the widest."""
    length = sum((part.length for part in parts), kerf * (len(parts) - 1))
    may_turn = all(part.may_turn for part in parts)
    return Blank(Part(f"{id_}/{PANEL}", length, max(part.width for part in parts), may_turn), parts, kerf)


def opened(piece: Piece, blanks: Mapping[str, Blank]) -> Piece:
    """What was laid out, with the cuts that divide its blanks; one that was sawn too small is left whole."""
    blank = blanks.get(piece.part)
    if blank is None:
        return piece._replace(children=tuple(opened(child, blanks) for child in piece.children))
    sizes = {part.name: part for part in blank.parts}
    slices = tuple(Slice(part.name, piece.is_turned) for part in blank.parts)
    slice_ = Slice(cut=ACROSS[ALONG] if piece.is_turned else ALONG, children=slices)
    long, wide = needs(slice_, sizes, blank.between)
    if long > piece.length or wide > piece.width:
        return piece
    return inside((piece.x, piece.y, piece.length, piece.width), slice_, sizes, blank.between)


def spare_ids(plan: Plan, part: str) -> list[str]:
    """What the spare ones of a part are called; nothing is made of them."""
    return [f"{part}{SPARE}{number + 1}" for number in range(plan.spares.get(part, 0))]


def made_as(name: str) -> str:
    """The part that one is made like: a spare one says which, any other is itself."""
    return name.partition(SPARE)[0]
