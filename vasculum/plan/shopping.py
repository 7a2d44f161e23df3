"""A first shopping list: sheets by area, boards and bands by length, runners by pair, and what they come to.

Until the parts are laid out on sheets, an allowance over their area stands for what sawing wastes.
"""

from __future__ import annotations

from collections.abc import Iterator
from fractions import Fraction

from vasculum.core import shopping
from vasculum.core.flow import key_text
from vasculum.plan.document import Model
from vasculum.plan.hardware import Hardware
from vasculum.plan.joinery import nearest_key
from vasculum.plan.layout import boxes_of, levels_of, nearest_choice
from vasculum.plan.part import Part
from vasculum.plan.places import PLAN
from vasculum.plan.solving import SolvedPlan

STRIPS = ("packing_left", "packing_right", "strip_left", "strip_right", "runner_left", "runner_right")


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


def shopping_of(plan: SolvedPlan, parts: list[Part], hardware: list[Hardware]) -> Shopping:
    """The shopping list of a solved plan."""
    lines = [*_sheets(plan, parts), *_strips(plan, parts), *_bands(plan, parts), *_hardware(plan, hardware)]
    priced = [shopping.money(line.cost) for line in lines if line.cost]
    total = shopping.show_money(sum(priced, Fraction(0))) if priced else ""
    return Shopping(lines=lines, total=total, unpriced=len(lines) - len(priced))


def _sizes(plan: SolvedPlan, part: Part) -> tuple[Fraction, Fraction] | None:
    length, width = plan.solved.value(*part.length), plan.solved.value(*part.width)
    return None if length is None or width is None else (length, width)


def _percent(plan: SolvedPlan, name: str) -> Fraction:
    percent: Fraction = plan.solved.value(*nearest_key(plan, PLAN, name))
    return percent


def _sheets(plan: SolvedPlan, parts: list[Part]) -> Iterator[ShoppingLine]:
    unit, percent = plan.plan.units.length, _percent(plan, "sheet_allowance")
    for id_, sheet in plan.plan.library.sheets.items():
        of_it = [(part, size) for part in parts if part.sheet == id_ and (size := _sizes(plan, part))]
        if not of_it:
            continue
        area = sum((length * width for _, (length, width) in of_it), Fraction(0))
        wanted = shopping.with_allowance(area, percent)
        buy = cost = ""
        if sheet.length and sheet.width:
            count = shopping.how_many(wanted, plan.plan.length(sheet.length) * plan.plan.length(sheet.width))
            buy = f"{count} of {sheet.length} × {sheet.width}"
            cost = shopping.show_money(count * shopping.money(sheet.price)) if sheet.price else ""
        need = f"{len(of_it)} parts, {shopping.show_area(area, unit)}; with {percent} % {_area(plan, wanted)}"
        keys = [key_text(key) for part, _ in of_it for key in (part.length, part.width)]
        yield ShoppingLine(what=sheet.name, need=need, buy=buy, cost=cost, keys=list(dict.fromkeys(keys)))


def _area(plan: SolvedPlan, area: Fraction) -> str:
    return shopping.show_area(area, plan.plan.units.length)


def _by_length(
    plan: SolvedPlan, what: str, lengths: list[Fraction], sold: str | None, price: str | None, keys: list[str]
) -> ShoppingLine:
    unit, percent = plan.plan.units.length, _percent(plan, "board_allowance")
    run = sum(lengths, Fraction(0))
    wanted = shopping.with_allowance(run, percent)
    buy = cost = ""
    if sold:
        count = shopping.how_many(wanted, plan.plan.length(sold))
        buy = f"{count} of {sold}"
        cost = shopping.show_money(count * shopping.money(price)) if price else ""
    need = f"{shopping.show_run(run, unit)}; with {percent} % {shopping.show_run(wanted, unit)}"
    return ShoppingLine(what=what, need=need, buy=buy, cost=cost, keys=list(dict.fromkeys(keys)))


def _strips(plan: SolvedPlan, parts: list[Part]) -> Iterator[ShoppingLine]:
    """Packing and wooden runners, ripped from one kind of board."""
    strips = [part for part in parts if part.role in STRIPS and _sizes(plan, part)]
    if not strips:
        return
    id_ = plan.plan.choices.get("strip_board")
    board = plan.plan.library.boards[id_] if id_ else None
    lengths = [size[0] for part in strips if (size := _sizes(plan, part))]
    keys = [key_text(part.length) for part in strips]
    what = f"{board.name}, for strips" if board else "Board for strips"
    sold, price = (board.length, board.price) if board else (None, None)
    yield _by_length(plan, what, lengths, sold, price, keys)


def _bands(plan: SolvedPlan, parts: list[Part]) -> Iterator[ShoppingLine]:
    for id_, band in plan.plan.library.bands.items():
        of_it = [(part, size) for part in parts if part.band == id_ and (size := _sizes(plan, part))]
        if not of_it:
            continue
        lengths = [run for part, (length, width) in of_it for run in _edges(part, length, width)]
        keys = [key_text(part.length) for part, _ in of_it]
        yield _by_length(plan, band.name, lengths, band.length, band.price, keys)


def _edges(part: Part, length: Fraction, width: Fraction) -> list[Fraction]:
    """How long each banded edge is."""
    return [width if edge in ("left", "right") else length for edge in part.bands]


def _hardware(plan: SolvedPlan, hardware: list[Hardware]) -> Iterator[ShoppingLine]:
    prices = {}
    for node in boxes_of(plan.plan):
        row = plan.plan.library.runners[nearest_choice(levels_of(plan.plan, node.space, node.place), "runner") or ""]
        prices[f"{row.name} runner"] = row.price
    for one in hardware:
        price = next((p for name, p in prices.items() if one.unit == "pair" and one.what.startswith(name)), None)
        cost = shopping.show_money(one.count * shopping.money(price)) if price else ""
        yield ShoppingLine(what=one.what, need=one.through, buy=one.amount, cost=cost, keys=one.keys)
