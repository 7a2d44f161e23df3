"""A sheet as it is cut: its parts in the tints of their drawers, with name and sizes; what is left over in outline."""

from __future__ import annotations

from collections.abc import Iterator
from fractions import Fraction

from vasculum.core.errors import NoSuchQuantity
from vasculum.core.lengths import show
from vasculum.cutting.model import Piece
from vasculum.cutting.ways import Aim
from vasculum.drawing.primitives import (
    CAPITAL,
    FIRST,
    OPENING_PAPER,
    Dimension,
    Line,
    Paper,
    Rect,
    Sheet,
    Text,
    Way,
    scale_for,
)
from vasculum.plan.laying.layout import numbers_of
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.making.blanks import made_as
from vasculum.plan.making.on_stock import OnStock, layout_of, stocks_of, ways_of
from vasculum.plan.making.pieces import pieces_of
from vasculum.plan.telling.sheets import part_called

ZERO = Fraction(0)
TALLEST, LOWEST = Fraction(7, 2), Fraction(7, 5)
"""Of a name, mm on paper; it is left out where it would be lower."""
WIDE = Fraction(11, 20)
"""How wide a letter is of its height, about."""
ACROSS: Way = "across"
UP: Way = "up"


def cut_sheet(plan: SolvedPlan, of: str, on: Paper = OPENING_PAPER) -> Sheet:
    """One sheet of a row: *sheet-7:sheets:1*, the row, what is aimed at, and its number; or *sheet-7:offcuts:1*.

    Raises:
        NoSuchQuantity: ``no-such-sheet``.
    """
    row, _, rest = of.partition(":")
    which, _, number = rest.partition(":")
    stock = next((one for one in stocks_of(plan) if one.row == row), None)
    if stock is not None and number.isdigit():
        for at, (title, piece, size) in enumerate(_of(stock, which), 1):
            if at == int(number):
                return _drawn(plan, stock, piece, (of, f"{title} {at}", size), on)
    raise NoSuchQuantity("no-such-sheet", f"There is no sheet {of!r} in this plan.", "Load it again.")


OFFCUTS = "offcuts"
"""What names the offcuts of the rack, where an aim names whole sheets."""
Size = tuple[Fraction, Fraction]


def _of(one: OnStock, which: str) -> Iterator[tuple[str, Piece, Size]]:
    """Whole sheets one way, or offcuts: what each is called, how it is cut, and how large it is."""
    if which == OFFCUTS:
        for offcut, piece in one.on_offcuts:
            yield "Offcut", piece, (offcut.length, offcut.width)
    for aim, layout in ways_of(one.laid):
        for piece in one.as_cut(layout.sheets) if aim == which else ():
            yield one.noun.capitalize(), piece, one.stock.under(piece)


def cut_sheets(plan: SolvedPlan, aim: Aim | None = None) -> list[Sheet]:
    """Every offcut and every sheet of every row, laid out one way."""
    return [
        cut_sheet(plan, f"{one.row}:{which}:{number}")
        for one in stocks_of(plan)
        for which in (OFFCUTS, layout_of(one.laid, aim)[0])
        for number, _ in enumerate(_of(one, which), 1)
    ]


def _drawn(plan: SolvedPlan, one: OnStock, whole: Piece, called: tuple[str, str, Size], on: Paper) -> Sheet:
    (of, title, (length, width)), unit = called, plan.plan.units.length
    sheet = Sheet("cut_sheet", f"{title} of {one.sheet.name}", place=of)
    sheet.scale = scale_for(length, width, *on)
    sheet.add(Rect("outline", "part", (ZERO, ZERO), length, width))
    numbers, places = numbers_of(plan.plan), {piece.id: piece.place for piece in pieces_of(plan)}
    for leaf in whole.leaves():
        corner = (leaf.x, leaf.y)
        if leaf.is_offcut:
            sheet.add(Rect("hidden", "part", corner, leaf.length, leaf.width))
            _words(sheet, leaf, [f"{show(leaf.length, unit)} × {show(leaf.width, unit)}"])
            continue
        if leaf.is_bad:
            _crossed(sheet, leaf)
            continue
        place = places.get(made_as(leaf.part), "")
        sheet.add(Rect("fill", "box", corner, leaf.length, leaf.width, leaf.part, numbers.get(place, 0)))
        sizes = f"{show(leaf.length, unit)} × {show(leaf.width, unit)}"
        _words(sheet, leaf, [part_called(plan, leaf.part), f"{sizes}{' turned' if leaf.is_turned else ''}"])
    for end, way, size in (((length, ZERO), ACROSS, length), ((ZERO, width), UP, width)):
        sheet.add(Dimension("dimensions", (ZERO, ZERO), end, way, -FIRST, show(size, unit), "", "chosen"))
    if not one.is_free:
        high = width + 4 * sheet.scale
        sheet.add(Line("grain", "part", (length / 3, high), (length * 2 / 3, high)))
    return sheet


def _crossed(sheet: Sheet, leaf: Piece) -> None:
    """A bad place, crossed out."""
    x, y, right, top = leaf.x, leaf.y, leaf.x + leaf.length, leaf.y + leaf.width
    sheet.add(Rect("outline", "part", (x, y), leaf.length, leaf.width))
    sheet.add(Line("outline", "part", (x, y), (right, top)))
    sheet.add(Line("outline", "part", (x, top), (right, y)))


def _words(sheet: Sheet, leaf: Piece, lines: list[str]) -> None:
    """One line over the other, along whichever way they are larger; of a small part the first alone, or nothing."""
    for said in (lines, lines[:1]):
        high, is_across = max((_fits(sheet, leaf, said, not across), across) for across in (False, True))
        if high >= LOWEST:
            break
    else:
        return
    x, y = leaf.x + leaf.length / 2, leaf.y + leaf.width / 2
    step = high * sheet.scale * Fraction(6, 5)
    for number, text in enumerate(said):
        off = (Fraction(len(said) - 1, 2) - number) * step - high * CAPITAL * sheet.scale / 2
        at = (x, y + off) if is_across else (x - off, y)
        sheet.add(Text("label", "part", at, text, high, turn=0 if is_across else 90))


def _fits(sheet: Sheet, leaf: Piece, lines: list[str], is_upright: bool) -> Fraction:
    """How high lines may be in a part, mm on paper, as they run across or upwards."""
    along, beside = (leaf.width, leaf.length) if is_upright else (leaf.length, leaf.width)
    across = along / (WIDE * max(map(len, lines)) * sheet.scale)
    return min(TALLEST, across, beside * Fraction(7, 10) / (sheet.scale * len(lines)))
