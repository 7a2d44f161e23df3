"""A shopping list: sheets as parts are laid out on them, boards and bands by length, runners by pair, and the cost.

Sums are of numbers; they become words in the last step.
"""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterable, Iterator
from dataclasses import dataclass
from fractions import Fraction

from vasculum.core import shopping
from vasculum.core.flow import Key, key_text
from vasculum.cutting.model import Layout, Part, Stock
from vasculum.cutting.ways import laid_out
from vasculum.plan.document import Model
from vasculum.plan.laying.places import PLAN
from vasculum.plan.laying.solving import SolvedPlan, nearest_key
from vasculum.plan.making.goods import Good
from vasculum.plan.making.on_stock import OnStock, row_of, stocks_of
from vasculum.plan.making.piece import STRIPS, Piece
from vasculum.plan.making.regions import is_across
from vasculum.plan.telling.hardware import hardware_shown
from vasculum.plan.telling.sheets import doubt


class ShoppingLine(Model):
    """One thing to buy."""

    what: str
    need: str
    """What the parts take, with its allowance."""
    buy: str
    """How many of what is sold; empty where it is not known how it is sold."""
    cost: str
    """Empty where its price is not known."""
    keys: list[str]


class Shopping(Model):
    """Everything to buy, what is known of its cost, and what has no price yet."""

    lines: list[ShoppingLine]
    total: str
    """Of the lines that have a price."""
    unpriced: int


@dataclass(frozen=True)
class _Line:
    what: str
    need: str
    buy: str
    cost: Fraction | None
    keys: tuple[Key, ...]

    def shown(self) -> ShoppingLine:
        cost = "" if self.cost is None else shopping.show_money(self.cost)
        keys = [key_text(key) for key in dict.fromkeys(self.keys)]
        return ShoppingLine(what=self.what, need=self.need, buy=self.buy, cost=cost, keys=keys)


def shopping_of(plan: SolvedPlan, pieces: Iterable[Piece], goods: Iterable[Good]) -> Shopping:
    """The shopping list of a solved plan."""
    spares = plan.plan.spares
    sized = [piece for piece in pieces if piece.size is not None for _ in range(1 + spares.get(piece.id, 0))]
    boards = [*_boards(plan, sized), *_strips(plan, sized)]
    lines = [*_sheets(plan, sized), *boards, *_bands(plan, sized), *_goods(plan, goods)]
    priced = [line.cost for line in lines if line.cost is not None]
    total = shopping.show_money(sum(priced, Fraction(0))) if priced else ""
    return Shopping(lines=[line.shown() for line in lines], total=total, unpriced=len(lines) - len(priced))


def _length_and_width(piece: Piece) -> tuple[Fraction, Fraction]:
    assert piece.size is not None
    return piece.size[0], piece.size[1]


def _percent(plan: SolvedPlan, name: str) -> Fraction:
    percent: Fraction = plan.solved.value(*nearest_key(plan, PLAN, name))
    return percent


def _cost(count: int, price: str | None) -> Fraction | None:
    return count * shopping.money(price) if price else None


def _sheets(plan: SolvedPlan, pieces: list[Piece]) -> Iterator[_Line]:
    """Sheets as the layout has them; of one that nobody says how large it is sold, the area of its parts."""
    unit, laid = plan.plan.units.length, {one.row: one for one in stocks_of(plan)}
    for id_, sheet in plan.plan.library.sheets.items():
        of_it = [piece for piece in pieces if (row_of(plan, piece) if id_ in laid else piece.sheet) == id_]
        if not of_it:
            continue
        area = sum((length * width for length, width in map(_length_and_width, of_it)), Fraction(0))
        need = f"{_counted(of_it)}, {shopping.show_area(area, unit)}"
        keys = tuple(key for piece in of_it for key in (piece.length, piece.width))
        if id_ in laid:
            yield from _laid_out(plan, laid[id_], need, keys)
        else:
            percent = _percent(plan, "sheet_allowance")
            need += f"; with {percent} % {shopping.show_area(shopping.with_allowance(area, percent), unit)}"
            yield _Line(sheet.name, need, "", None, keys)


def _counted(pieces: list[Piece]) -> str:
    """*7 parts and 1 spare*: a spare one is there under the same id."""
    parts = len({piece.id for piece in pieces})
    spare, said = len(pieces) - parts, "1 part" if parts == 1 else f"{parts} parts"
    return f"{said} and {spare} spare" if spare else said


def _laid_out(plan: SolvedPlan, one: OnStock, need: str, keys: tuple[Key, ...]) -> Iterator[_Line]:
    """As many as the layout has, less what is there already, sawn or not; a line for each size that is bought."""
    laid, row = one.laid, one.sheet
    layout, in_hand = laid.best, max(row.in_hand, laid.sawn)
    count = len(layout.sheets)
    need = "; ".join(filter(None, [need, doubt(one, count)]))
    need += f"; {len(layout.left)} of them come out of none" if layout.left else ""
    need += f"; {count} needed, {in_hand} in hand" if in_hand and count else ""
    sold = dict(zip(one.stock.sizes, [row, *row.panels], strict=True))
    whole = one.stock.sizes[0]
    sizes = Counter(one.stock.size_under(sheet) for sheet in layout.sheets[laid.sawn :])
    sizes[whole] = max(0, sizes[whole] - (in_hand - laid.sawn))
    lines = [(size, sizes[size]) for size in sold if sizes[size]] or [(whole, 0)]
    for number, (size, bought) in enumerate(lines):
        as_sold = sold[size]
        said = as_sold.length if one.is_of_one_width else f"{as_sold.length} × {as_sold.width}"
        buy, cost = (f"{bought} of {said}", _cost(bought, as_sold.price)) if bought else ("", None)
        yield _Line(row.name, need if number == 0 else "in another size", buy, cost, keys)


def _by_length(
    plan: SolvedPlan, what: str, lengths: list[Fraction], sold: str | None, price: str | None, keys: tuple[Key, ...]
) -> _Line:
    unit, percent = plan.plan.units.length, _percent(plan, "board_allowance")
    run = sum(lengths, Fraction(0))
    wanted = shopping.with_allowance(run, percent)
    buy, cost = "", None
    need = f"{shopping.show_run(run, unit)}; with {percent} % {shopping.show_run(wanted, unit)}"
    if sold:
        each = tuple(shopping.with_allowance(length, percent) for length in lengths)
        layout = _cut_to_length(each, plan.plan.length(sold))
        count = len(layout.sheets)
        buy, cost = (f"{count} of {sold}", _cost(count, price)) if count else ("", None)
        need += f"; {len(layout.left)} of {len(lengths)} are longer than one" if layout.left else ""
    return _Line(what, need, buy, cost, keys)


def _cut_to_length(lengths: tuple[Fraction, ...], sold: Fraction) -> Layout:
    """What is cut off rolls or strips of one length, nothing pieced together; scissors take no kerf."""
    wide = Fraction(1)
    parts = tuple(Part(str(number), length, wide) for number, length in enumerate(lengths))
    return laid_out(parts, Stock(sold, wide, Fraction(0))).fewest_sheets


def _boards(plan: SolvedPlan, pieces: list[Piece]) -> Iterator[_Line]:
    """Parts made of boards as the layout has them; where nobody says how long those are, their run, ripped abreast."""
    laid = {one.row: one for one in stocks_of(plan)}
    for id_, board in plan.plan.library.boards.items():
        of_it = [piece for piece in pieces if (row_of(plan, piece) if id_ in laid else piece.sheet) == id_]
        if not of_it:
            continue
        keys = tuple(piece.length for piece in of_it)
        run = sum((_length_and_width(piece)[0] for piece in of_it), Fraction(0))
        if id_ in laid:
            need = f"{_counted(of_it)}, {shopping.show_run(run, plan.plan.units.length)}"
            yield from _laid_out(plan, laid[id_], need, keys)
        else:
            wide = plan.plan.length(board.width)
            sizes = map(_length_and_width, of_it)
            lengths = [length / shopping.abreast(wide, width, _kerf(plan)) for length, width in sizes]
            yield _by_length(plan, board.name, lengths, None, board.price, keys)


def _kerf(plan: SolvedPlan) -> Fraction:
    kerf: Fraction = plan.solved.value(*nearest_key(plan, PLAN, "blade_kerf"))
    return kerf


def _strips(plan: SolvedPlan, pieces: list[Piece]) -> Iterator[_Line]:
    """Packing and wooden runners where nothing of a known length is chosen for them: their run."""
    row = plan.plan.choices.get("strip_board")
    strips = [piece for piece in pieces if piece.rule.stock in STRIPS]
    if strips and row not in {one.row for one in stocks_of(plan)}:
        what = f"{plan.plan.library.stock(row).name}, for strips" if row else "Board for strips"
        lengths = [_length_and_width(piece)[0] for piece in strips]
        yield _by_length(plan, what, lengths, None, None, tuple(piece.length for piece in strips))


def _bands(plan: SolvedPlan, pieces: list[Piece]) -> Iterator[_Line]:
    for id_, band in plan.plan.library.bands.items():
        of_it = [piece for piece in pieces if piece.band == id_]
        if of_it:
            lengths = [run for piece in of_it for run in _edges(piece)]
            yield _by_length(plan, band.name, lengths, band.length, band.price, tuple(piece.length for piece in of_it))


def _edges(piece: Piece) -> list[Fraction]:
    """How long each banded edge is."""
    length, width = _length_and_width(piece)
    return [width if is_across(piece, edge) else length for edge in piece.bands]


def _goods(plan: SolvedPlan, goods: Iterable[Good]) -> Iterator[_Line]:
    for good in goods:
        shown = hardware_shown(plan, good)
        row = plan.plan.library.runners[good.row] if good.row else good.own
        price = None if row is None else row.price
        yield _Line(shown.what, shown.through, shown.amount, _cost(good.count, price), good.keys)
