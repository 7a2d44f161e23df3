"""Two ways to cut the same parts, side by side: fewest sheets, and fewest settings of the fence."""

from __future__ import annotations

from collections.abc import Iterator, Mapping
from functools import lru_cache
from typing import Literal, NamedTuple, get_args

from vasculum.cutting.around import filled
from vasculum.cutting.bound import Bound, bound, fits
from vasculum.cutting.checked import CannotBeCut, refuse
from vasculum.cutting.model import MOST_STAGES, NOTHING, Layout, Mm, Part, Piece, Size, Stock, Trims, Zone
from vasculum.cutting.slices import DoesNotFit, Slice, needs, placed, without
from vasculum.cutting.sold import in_their_sizes
from vasculum.cutting.tried import best_two

Aim = Literal["sheets", "settings", "kept"]
AIMS: tuple[Aim, ...] = get_args(Aim)


class Offcut(NamedTuple):
    """What is left of a sheet, mm: length along the grain, and width; and its bad places."""

    name: str
    length: Mm
    width: Mm
    bad: tuple[Zone, ...] = ()


class Kept(NamedTuple):
    """A sheet that was laid out before, and stays so while its parts fit; one that is sawn is what it was then."""

    slice: Slice
    sawn: tuple[Part, ...] = ()
    """Its parts as they were sawn; nothing where it is not sawn yet."""
    kerf: Mm | None = None
    """Of the saw that it was sawn with."""
    size: tuple[Mm, Mm] | None = None
    """Of the sheet that was sawn; where nobody noted it, one as it is sold whole."""
    is_begun: bool = False
    """Whether it is only begun: sawn sheets come before it."""


class Laid(NamedTuple):
    """The ways to lay parts out, what is needed of whole sheets at least, and what came out of offcuts before."""

    fewest_sheets: Layout
    fewest_settings: Layout
    bound: Bound
    on_offcuts: tuple[tuple[Offcut, Piece], ...] = ()
    kept: Layout | None = None
    """As it was kept, where it was; parts that came since lie on sheets of their own behind it."""
    sawn: int = 0
    """So many of the first sheets of each way are sawn, or begun."""
    begun: int = 0
    """So many of them, the last, are only begun."""
    broken: int = 0
    """So many sheets were kept that their parts no longer fit: they are laid out anew."""

    def of(self, aim: Aim) -> Layout | None:
        """One of them; only what was kept may be missing."""
        return {"sheets": self.fewest_sheets, "settings": self.fewest_settings, "kept": self.kept}[aim]

    @property
    def aim(self) -> Aim:
        """What is bought and cut where nobody asks for another: as it was kept, or with the fewest sheets."""
        return "sheets" if self.kept is None else "kept"

    @property
    def best(self) -> Layout:
        """The layout of that."""
        return self.kept or self.fewest_sheets


@lru_cache(maxsize=32)
def laid_out(
    parts: tuple[Part, ...], stock: Stock, offcuts: tuple[Offcut, ...] = (), kept: tuple[Kept, ...] = ()
) -> Laid:
    """What is sawn, what comes out of offcuts, then the best of several orders; all of it has passed the checker.

    Raises:
        CannotBeCut: where the program laid something out that cannot be cut.
    """
    sawn, begun, held, broken = _as_kept(parts, stock, kept)
    gone = {name for one in sawn for name in _names(one)}
    left = tuple(part for part in parts if part.name not in gone)
    least = bound(left, stock, [_only(stock, one) for one in offcuts])
    again, also = None, gone | {name for one in held for name in _names(one)}
    fresh = stock._replace(in_hand=max(0, stock.in_hand - len(sawn)))
    known = {part.name: part for part in parts}

    def joined(layout: Layout, before: list[Piece]) -> Layout:
        sheets = in_their_sizes([*before, *layout.sheets], known, fresh)
        if fresh.others:
            refuse(Layout(sheets), [known[leaf.part] for leaf in Layout(sheets).parts()], fresh)
        return layout._replace(sheets=(*sawn, *sheets))

    if held:
        rest = tuple(part for part in parts if part.name not in also)
        used = tuple(_on_offcuts(rest, stock, offcuts))
        again = joined(best_two(_without(rest, used), fresh, 0)[0], held)
    else:
        used = tuple(_on_offcuts(left, stock, offcuts))
    by_sheets, by_settings = best_two(_without(left, used), fresh, least.sheets)
    return Laid(
        joined(by_sheets, []),
        joined(by_settings, []),
        least._replace(sheets=least.sheets + len(sawn)),
        used,
        again,
        len(sawn),
        begun,
        broken,
    )


def _as_kept(
    parts: tuple[Part, ...], stock: Stock, kept: tuple[Kept, ...]
) -> tuple[list[Piece], int, list[Piece], int]:
    """Sheets that are sawn, how many of them are only begun, sheets that are held, and how many no longer hold."""
    known = {part.name: part for part in parts}
    sawn: list[Piece] = []
    held: list[Piece] = []
    taken: set[str] = set()
    begun = broken = 0
    for one in sorted(kept, key=lambda one: (not one.sawn, one.is_begun)):
        sizes = {part.name: part for part in one.sawn} if one.sawn else known
        slice_ = without(one.slice, {name for name in one.slice.parts() if name not in sizes or name in taken})
        if slice_ is None:
            continue
        its = _as_large_as(stock, one, slice_, sizes) if one.sawn else stock
        try:
            piece = placed(slice_, sizes, its)
            lain = set(slice_.parts())
            refuse(Layout((piece,)), [sizes[name] for name in lain], its)
        except (DoesNotFit, CannotBeCut):
            broken += 1
            continue
        taken |= lain
        (sawn if one.sawn else held).append(piece)
        begun += one.is_begun
    return sawn, begun, held, broken


def _as_large_as(stock: Stock, one: Kept, slice_: Slice, sizes: Mapping[str, Part]) -> Stock:
    """The sheet that something was sawn from: its saw and stages, and a size that held it, whatever is said since."""
    kerf = stock.kerf if one.kerf is None else one.kerf
    if one.size is not None:
        stock = stock._replace(length=one.size[0], width=one.size[1])
    long, wide = needs(slice_, sizes, kerf)
    over_long, over_wide = (max(NOTHING, a - b) for a, b in zip((long, wide), stock.usable, strict=True))
    length, width = stock.length + over_long, stock.width + over_wide
    return stock._replace(kerf=kerf, stages=MOST_STAGES, length=length, width=width, others=(), least_ripped=NOTHING)


def _names(piece: Piece) -> list[str]:
    return [leaf.part for leaf in piece.leaves() if leaf.part]


def _without(parts: tuple[Part, ...], used: tuple[tuple[Offcut, Piece], ...]) -> tuple[Part, ...]:
    gone = {name for _, piece in used for name in _names(piece)}
    return tuple(part for part in parts if part.name not in gone)


def _on_offcuts(parts: tuple[Part, ...], stock: Stock, offcuts: tuple[Offcut, ...]) -> Iterator[tuple[Offcut, Piece]]:
    """The smallest offcut first, each filled as well as it can be; one that holds nothing stays in the rack."""
    left = list(parts)
    for offcut in sorted(offcuts, key=lambda one: (one.length * one.width, one.name)):
        only = _only(stock, offcut)
        fitting = [part for part in left if fits(part, only)]
        slice_ = filled(fitting, only)
        if slice_ is None:
            continue
        lain = set(slice_.parts())
        piece = placed(slice_, {part.name: part for part in fitting}, only)
        refuse(Layout((piece,)), [part for part in fitting if part.name in lain], only)
        yield offcut, piece
        left = [part for part in left if part.name not in lain]


def _only(stock: Stock, offcut: Offcut) -> Stock:
    """An offcut as a stock of one, sawn by the same saw and trimmed already."""
    one = stock.sized(Size(offcut.length, offcut.width))
    return one._replace(trims=Trims(), copies=1, bad=offcut.bad)


def waste_of(layout: Layout, stock: Stock) -> Mm:
    """Of what is bought, the share that does not end in parts."""
    used = sum((one.length * one.width for one in layout.parts()), NOTHING)
    whole = sum((length * width for length, width in map(stock.under, layout.sheets)), NOTHING)
    return 1 - used / whole if whole else Mm(0)
