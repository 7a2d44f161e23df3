"""Two ways to cut the same parts, side by side: fewest sheets, and fewest settings of the fence."""

from __future__ import annotations

from collections.abc import Callable, Iterator, Mapping, Sequence
from functools import lru_cache
from itertools import permutations
from math import ceil, lcm
from typing import Literal, NamedTuple, cast, get_args

from vasculum.cutting.around import filled
from vasculum.cutting.bound import Bound, bound, fits
from vasculum.cutting.checked import can_be_sawn, faults
from vasculum.cutting.model import MOST_STAGES, NOTHING, Layout, Mm, Part, Piece, Size, Stock, Trims, Zone
from vasculum.cutting.order import settings_of
from vasculum.cutting.slices import DoesNotFit, Sizes, Slice, needs, placed, slice_of, without
from vasculum.cutting.sold import bought, in_their_sizes
from vasculum.cutting.strips import scale_of, strips

FEW = 6
"""Of so few parts every order is tried, where fewer sheets might do."""
MIXED = 80
"""Of so few parts sizes are mixed sheet by sheet."""
MANY = 500
"""Of so many parts fewer orders are tried: the first answer is there while one looks."""
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


class CannotBeCut(Exception):
    """A layout that failed its check: a fault of the program, never of a plan."""


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
            _refuse(Layout(sheets), [known[leaf.part] for leaf in Layout(sheets).parts()], fresh)
        return layout._replace(sheets=(*sawn, *sheets))

    if held:
        rest = tuple(part for part in parts if part.name not in also)
        used = tuple(_on_offcuts(rest, stock, offcuts))
        again = joined(_best_two(_without(rest, used), fresh, 0)[0], held)
    else:
        used = tuple(_on_offcuts(left, stock, offcuts))
    by_sheets, by_settings = _best_two(_without(left, used), fresh, least.sheets)
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


def _best_two(parts: tuple[Part, ...], stock: Stock, least: int) -> tuple[Layout, Layout]:
    """The best of several orders with fewest sheets in mind, and with fewest settings."""
    scale = lcm(*(scale_of(parts, stock.sized(size)) for size in stock.sizes))
    whole, whole_parts = _stock_times(stock, scale), [_times(part, scale) for part in parts]
    sizes = {part.name: part for part in whole_parts}
    drawn = [*_tried(whole_parts, whole, least), *_tried_smaller(whole_parts, whole)]
    tried = [one for one in drawn if all(can_be_sawn(sheet, whole) for sheet in one.sheets)]
    known = {part.name: part for part in parts}

    def best(better: Better) -> Layout:
        found = min(tried or [Layout((), tuple(sizes))], key=lambda one: better(one, sizes, whole))
        exact = Layout(tuple(placed(slice_of(one), known, stock) for one in found.sheets), found.left)
        _refuse(exact, parts, stock)
        return exact

    return best(fewer_sheets), best(_fewer_settings)


def _tried(parts: list[Part], stock: Stock, least: int) -> Iterator[Layout]:
    is_many = len(parts) >= MANY
    directions = (False,) if is_many else (False, True)
    fewest = len(parts)
    for pure in (False, True):
        for across in directions:
            for score, planned in ((0, False),) if is_many else ((0, False), (1, False), (0, True)):
                found = strips(parts, stock, is_pure=pure, across_first=across, score=score, is_planned=planned)
                fewest = min(fewest, len(found.sheets))
                yield found
    for across in directions:
        found = strips(parts, stock, across_first=across, is_first_fit=True)
        fewest = min(fewest, len(found.sheets))
        yield found
    if len(parts) <= FEW and fewest > least:
        for order in permutations(range(len(parts))):
            yield strips(parts, stock, is_first_fit=True, order=order)


def _tried_smaller(parts: list[Part], stock: Stock) -> Iterator[Layout]:
    """Everything on one of the smaller sizes; and sheet by sheet the size that costs least for what it holds."""
    for size in stock.others:
        for across in (False,) if len(parts) >= MANY else (False, True):
            yield strips(parts, stock.sized(size), across_first=across)
    if stock.others and len(parts) <= MIXED:
        yield _mixed(parts, stock)


def _mixed(parts: list[Part], stock: Stock) -> Layout:
    left, sheets = list(parts), []
    known = {part.name: part for part in parts}
    while left:
        made: list[tuple[Mm, Mm, int, Piece]] = []
        for size in stock.sizes:
            its = stock.sized(size)
            slice_ = filled([part for part in left if fits(part, its)], its)
            if slice_ is not None:
                piece = placed(slice_, known, its)
                area = sum((known[name].length * known[name].width for name in slice_.parts()), NOTHING)
                made.append((bought([piece], known, stock._replace(in_hand=0)) / area, -area, len(made), piece))
        if not made:
            break
        sheets.append(min(made)[-1])
        gone = set(_names(sheets[-1]))
        left = [part for part in left if part.name not in gone]
    return Layout(tuple(sheets), tuple(part.name for part in left))


def _times(part: Part, scale: int) -> Part:
    """A part in whole units: what is compared a thousand times is compared as whole numbers."""
    return part._replace(length=_whole(part.length, scale), width=_whole(part.width, scale))


def _stock_times(stock: Stock, scale: int) -> Stock:
    usable = [(*stock.sized(size).usable, size.price) for size in stock.sizes]
    sizes = [Size(_whole(length, scale), _whole(width, scale), price) for length, width, price in usable]
    kerf, whole = _whole(stock.kerf, scale), sizes[0]
    return Stock(
        whole.length, whole.width, kerf, WHOLE, stock.copies, stages=stock.stages,
        price=stock.price, others=tuple(sizes[1:]), in_hand=stock.in_hand,
        least_ripped=cast(Mm, ceil(stock.least_ripped * scale)),
    )  # fmt: skip


def _whole(size: Mm, scale: int) -> Mm:
    return cast(Mm, int(size * scale))


WHOLE = Trims(*(cast(Mm, 0) for _ in Trims._fields))


Better = Callable[[Layout, Sizes, Stock], tuple[Mm | int, ...]]


def fewer_sheets(one: Layout, parts: Sizes, stock: Stock) -> tuple[int, Mm, int, Mm, int]:
    """What is better with the fewest sheets in mind: less; then the largest offcut, then the fewest settings."""
    return len(one.left), bought(one.sheets, parts, stock), len(one.sheets), -_largest(one), setting_count(one)


def _fewer_settings(one: Layout, parts: Sizes, stock: Stock) -> tuple[int, int, Mm, int, Mm]:
    return len(one.left), setting_count(one), bought(one.sheets, parts, stock), len(one.sheets), -_largest(one)


def _refuse(layout: Layout, parts: Sequence[Part], stock: Stock) -> None:
    if wrong := faults(layout, parts, stock):
        raise CannotBeCut("; ".join(wrong[:3]))


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
            _refuse(Layout((piece,)), [sizes[name] for name in lain], its)
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
        _refuse(Layout((piece,)), [part for part in fitting if part.name in lain], only)
        yield offcut, piece
        left = [part for part in left if part.name not in lain]


def _only(stock: Stock, offcut: Offcut) -> Stock:
    """An offcut as a stock of one, sawn by the same saw and trimmed already."""
    one = stock.sized(Size(offcut.length, offcut.width))
    return one._replace(trims=Trims(), copies=1, bad=offcut.bad)


def setting_count(layout: Layout) -> int:
    """How many times the fence is set."""
    return len(settings_of(layout.sheets))


def _largest(layout: Layout) -> Mm:
    """The area of its largest offcut."""
    offcuts = layout.offcuts()
    return offcuts[0].length * offcuts[0].width if offcuts else Mm(0)


def waste_of(layout: Layout, stock: Stock) -> Mm:
    """Of what is bought, the share that does not end in parts."""
    used = sum((one.length * one.width for one in layout.parts()), NOTHING)
    whole = sum((length * width for length, width in map(stock.under, layout.sheets)), NOTHING)
    return 1 - used / whole if whole else Mm(0)
