"""The layouts of a plan as open data: what each row of stock takes, and the tree of cuts of each sheet, mm."""

from __future__ import annotations

from typing import Literal

from vasculum.core.lengths import Mm
from vasculum.cutting.model import Layout, Piece
from vasculum.cutting.order import settings_of
from vasculum.cutting.ways import Aim, waste_of
from vasculum.plan.document import Model
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.making.on_stock import OnStock, layout_of, stocks_of
from vasculum.plan.telling.sheets import part_called


class Tree(Model):
    """What a rectangle of a sheet is cut into, mm from the sheet's lower left corner."""

    x: float
    y: float
    length: float
    width: float
    part: str
    """Empty for an offcut, and for what is cut further."""
    turned: bool
    cut: Literal["rip", "crosscut"] | None
    children: list[Tree]


class RowLayout(Model):
    """The layout of one row of stock, as data."""

    stock: str
    sheets: int
    bound: int
    settings: int
    cuts: int
    offcut: list[float]
    waste: float
    left: list[str]
    offcuts: list[Tree]
    """What comes out of offcuts of the rack, before any sheet."""
    trees: list[Tree]


class Layouts(Model):
    """Every row of stock of a plan, laid out one way."""

    aim: Aim | None
    """Nothing where each is laid out as it was kept, or with the fewest sheets."""
    rows: list[RowLayout]


def layouts_of(plan: SolvedPlan, aim: Aim | None = None) -> Layouts:
    """Everything that was laid out, as data."""
    return Layouts(aim=aim, rows=[_row(plan, one, layout_of(one.laid, aim)[1]) for one in stocks_of(plan)])


def _row(plan: SolvedPlan, one: OnStock, layout: Layout) -> RowLayout:
    largest, sawn = layout.offcuts()[:1], one.all_sawn(layout)
    return RowLayout(
        stock=one.sheet.name,
        sheets=len(layout.sheets),
        bound=one.laid.bound.sheets,
        settings=len(settings_of(sawn)),
        cuts=sum(piece.cuts() for piece in sawn),
        offcut=[_mm(size) for piece in largest for size in (piece.length, piece.width)],
        waste=round(float(waste_of(layout, one.stock)), 4),
        left=[part_called(plan, name) for name in layout.left],
        offcuts=[_tree(plan, piece) for _, piece in one.on_offcuts],
        trees=[_tree(plan, sheet) for sheet in one.as_cut(layout.sheets)],
    )


def _tree(plan: SolvedPlan, one: Piece) -> Tree:
    return Tree(
        x=_mm(one.x),
        y=_mm(one.y),
        length=_mm(one.length),
        width=_mm(one.width),
        part=part_called(plan, one.part) if one.part else "",
        turned=one.is_turned,
        cut=one.cut,
        children=[_tree(plan, child) for child in one.children],
    )


def _mm(size: Mm) -> float:
    return round(float(size), 3)
