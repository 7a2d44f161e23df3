"""The checker: whether a layout can be cut, whoever made it. It answers what is wrong; nothing where all is well.

Every cut runs from edge to edge of what it divides; pieces, kerfs and what is lost make up the whole; each part is
there once, in its size, along the grain, inside what trimming leaves.
"""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterator, Sequence

from vasculum.cutting.model import NOTHING, Layout, Mm, Part, Piece, Stock

STAGES_ROUND_BAD = 4
"""So many more for each bad place: one along each of its edges."""


def faults(layout: Layout, parts: Sequence[Part], stock: Stock) -> list[str]:
    """What is wrong with a layout, in words for whoever made it."""
    found = [fault for sheet in layout.sheets for fault in _of_sheet(sheet, stock)]
    known = {part.name: part for part in parts}
    laid = Counter(one.part for one in layout.parts())
    missing = [name for name in known if laid[name] + layout.left.count(name) != 1]
    found += [f"{name} is laid out {laid[name]} times" for name in missing]
    found += [f"nobody asked for {name}" for name in laid if name not in known]
    found += [fault for one in layout.parts() if one.part in known for fault in _of_part(one, known[one.part])]
    if stock.copies is not None and len(layout.sheets) > stock.copies:
        found.append(f"{len(layout.sheets)} sheets of {stock.copies}")
    return found


def _of_part(laid: Piece, part: Part) -> Iterator[str]:
    wanted = (part.width, part.length) if laid.is_turned else (part.length, part.width)
    if (laid.length, laid.width) != wanted:
        yield f"{part.name} is {laid.length} x {laid.width}, not {wanted[0]} x {wanted[1]}"
    if laid.is_turned and not part.may_turn:
        yield f"{part.name} lies against its grain"


def _of_sheet(sheet: Piece, stock: Stock) -> Iterator[str]:
    corner = (stock.trims.start, stock.trims.lower)
    if (sheet.x, sheet.y) != corner or stock.under(sheet) not in {size[:2] for size in stock.sizes}:
        yield "a sheet is not what trimming leaves"
    yield from _of_piece(sheet, stock.kerf)
    yield from (f"{leaf.part} lies on a bad place" for leaf in sheet.leaves() if leaf.part and _is_on_any(leaf, stock))
    most = stock.stages + STAGES_ROUND_BAD * len(stock.bad)
    if stages_of(sheet) > most:
        yield f"{stages_of(sheet)} stages of cuts; {most} are the most"
    if not stock.bad and shortest_ripped(sheet, stock.least_ripped) < stock.least_ripped:
        yield f"a piece is ripped that is shorter than {stock.least_ripped}"


def _is_on_any(leaf: Piece, stock: Stock) -> bool:
    """Whether it shares more than an edge with a bad place."""
    return any(
        leaf.x < bad.x + bad.length and bad.x < leaf.x + leaf.length
        and leaf.y < bad.y + bad.width and bad.y < leaf.y + leaf.width
        for bad in stock.bad
    )  # fmt: skip


def stages_of(one: Piece) -> int:
    """How many stages of cuts, each across the one before."""
    return 0 if one.cut is None else 1 + max((stages_of(child) for child in one.children), default=0)


def can_be_sawn(sheet: Piece, stock: Stock) -> bool:
    """Whether it has no more stages of cuts than the saw is given, and nothing is ripped that is too short."""
    return stages_of(sheet) <= stock.stages and shortest_ripped(sheet, stock.least_ripped) >= stock.least_ripped


def shortest_ripped(one: Piece, least: Mm) -> Mm:
    """How long the shortest piece is that is ripped; ``least`` where none is shorter."""
    own = one.length if one.cut == "rip" else least
    return min([least, own, *(shortest_ripped(child, least) for child in one.children)])


def _of_piece(one: Piece, kerf: Mm) -> Iterator[str]:
    if one.length <= 0 or one.width <= 0:
        yield f"a piece of {one.length} x {one.width}"
    if one.cut is None:
        return
    is_rip = one.cut == "rip"
    at = one.y if is_rip else one.x
    ends = at + (one.width if is_rip else one.length)
    for child in one.children:
        begins, size = (child.y, child.width) if is_rip else (child.x, child.length)
        beside, other = (child.x, child.length) if is_rip else (child.y, child.width)
        whole = (one.x, one.length) if is_rip else (one.y, one.width)
        if begins != at:
            yield f"{child.part or 'a piece'} begins at {begins}, not at {at}"
        if (beside, other) != whole:
            yield f"a cut stops inside {child.part or 'a piece'}"
        at = begins + size + kerf
        yield from _of_piece(child, kerf)
    rest = ends - (at - kerf)
    if rest != one.lost or not NOTHING <= rest <= kerf:
        yield f"pieces and kerfs come to {ends - rest}, not to {ends}"


class CannotBeCut(Exception):
    """A layout that failed its check: a fault of the program, never of a plan."""


def refuse(layout: Layout, parts: Sequence[Part], stock: Stock) -> None:
    """Nothing where a layout can be cut.

    Raises:
        CannotBeCut: with the first faults.
    """
    if wrong := faults(layout, parts, stock):
        raise CannotBeCut("; ".join(wrong[:3]))
