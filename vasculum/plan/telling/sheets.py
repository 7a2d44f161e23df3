"""Parts on the sheets that they are cut from: both ways, what each takes, and how near the limit it is.

The faces of a matched column are one part here, in their order: they are cut from one panel.
"""

from __future__ import annotations

from collections.abc import Iterator
from typing import Literal, NamedTuple

from vasculum.core.lengths import Mm, show
from vasculum.cutting.model import Layout, Part, Piece, Stock
from vasculum.cutting.order import settings_of
from vasculum.cutting.ways import Aim, Laid, Offcut, laid_out, waste_of
from vasculum.plan.document import Model, Sheet
from vasculum.plan.laying.layout import nodes_of
from vasculum.plan.laying.places import PLAN
from vasculum.plan.laying.solving import SolvedPlan, nearest_key
from vasculum.plan.making.pieces import pieces_of

PANEL = "panel"


class OnStock(NamedTuple):
    """One row of stock: what is cut from it, the sheet it is, and the ways to lay it out."""

    row: str
    sheet: Sheet
    stock: Stock
    parts: tuple[Part, ...]
    laid: Laid


class FenceShown(Model):
    """The fence at one size, and everything that is cut at it."""

    stage: int
    """First whole sheets, then strips, then what is cut from them."""
    way: Literal["rip", "crosscut"]
    size: str
    pieces: int
    parts: list[str]
    """Which of the pieces are parts now."""


class WayShown(Model):
    """One way to cut the parts of a row."""

    aim: Aim
    sheets: int
    settings: int
    """How many times the fence is set."""
    cuts: int
    waste: float
    """The share of what is bought that does not end in parts."""
    offcut: list[str]
    """Length and width of the largest offcut; empty where there is none."""
    order: list[FenceShown]
    """The settings in the order of the work: each once, over all sheets."""


class RowShown(Model):
    """One row of stock, and what is needed of it."""

    row: str
    name: str
    says: str
    """How many sheets, and whether fewer might do."""
    left: list[str]
    """Parts that come out of no whole sheet, or of none that is there."""
    offcuts: list[str]
    """The offcuts of the rack that are used, by their id, in the order in which they are drawn."""
    ways: list[WayShown]


def stocks_of(plan: SolvedPlan) -> list[OnStock]:
    """Every row of sheets that something is cut from, laid out; worked out once for each solution."""
    kept: list[OnStock] | None = plan.kept.get("stocks")
    if kept is None:
        kept = plan.kept["stocks"] = list(_stocks(plan))
    return kept


def rows_shown(plan: SolvedPlan) -> list[RowShown]:
    """Every row in words and numbers."""
    return [
        RowShown(
            row=one.row,
            name=one.sheet.name,
            says=says(one.laid),
            left=[part_called(plan, name) for name in one.laid.fewest_sheets.left],
            offcuts=[offcut.name for offcut, _ in one.laid.on_offcuts],
            ways=[_way(plan, one, aim) for aim in ("sheets", "settings")],
        )
        for one in stocks_of(plan)
    ]


def says(laid: Laid) -> str:
    """*5 sheets; at least 5 are needed: proved*, or *at least 4: one may be too many*."""
    count, least = len(laid.fewest_sheets.sheets), laid.bound.sheets
    sheets = f"{count} sheet{'' if count == 1 else 's'}"
    racked = len(laid.on_offcuts)
    if racked:
        from_rack = f"{racked} offcut{'' if racked == 1 else 's'} from the rack"
        if count == 0:
            return f"{from_rack}, and no sheet"
        sheets = f"{from_rack}, and {sheets}"
    if count <= least:
        why = "so many parts share no sheet" if laid.bound.why == "large" else "by area"
        return f"{sheets}; no fewer will do: {why}"
    return f"{sheets}; {doubt(laid)}"


def doubt(laid: Laid) -> str:
    """*at least 4 by area: one may be too many*; nothing where no fewer will do."""
    least = laid.bound.sheets
    over = len(laid.fewest_sheets.sheets) - least
    return f"at least {least} by area: {'one' if over == 1 else over} may be too many" if over > 0 else ""


def part_called(plan: SolvedPlan, name: str) -> str:
    """What a part is called: its mark, and which it is; of a matched column its place."""
    place, _, role = name.rpartition("/")
    if role == PANEL:
        return f"faces of {plan.plan.places[place].name}"
    piece = next(one for one in pieces_of(plan) if one.id == name)
    mark = plan.plan.marks.get(name, "")
    return f"{mark} {piece.rule.title.lower()}".strip()


def _stocks(plan: SolvedPlan) -> Iterator[OnStock]:
    matched = {id_: _panel(plan, id_) for id_ in _matched(plan)}
    panels = {cell: split for split in matched for cell in plan.plan.places[split].children}
    kerf = plan.solved.value(*nearest_key(plan, PLAN, "blade_kerf"))
    trim = plan.solved.value(*nearest_key(plan, PLAN, "sheet_trim"))
    for id_, sheet in plan.plan.library.sheets.items():
        if not sheet.length or not sheet.width:
            continue
        parts: dict[str, Part] = {}
        for piece in pieces_of(plan):
            if piece.sheet != id_ or piece.size is None or min(piece.size) <= 0:
                continue
            split = panels.get(piece.place) if piece.grain == "matched" else None
            panel = matched[split] if split else None
            if split and panel:
                parts[panel.name] = panel
            else:
                is_free = sheet.grain == "free" or piece.grain == "free"
                parts[piece.id] = Part(piece.id, piece.size[0], piece.size[1], is_free)
        if parts:
            stock = Stock(plan.plan.length(sheet.length), plan.plan.length(sheet.width), kerf, trim)
            if min(stock.usable) > 0:
                of_it = tuple(parts.values())
                length, racked = plan.plan.length, plan.plan.library.offcuts.items()
                offcuts = (
                    Offcut(one, length(offcut.length), length(offcut.width))
                    for one, offcut in racked
                    if offcut.sheet == id_
                )
                yield OnStock(id_, sheet, stock, of_it, laid_out(of_it, stock, tuple(offcuts)))


def _matched(plan: SolvedPlan) -> list[str]:
    """The columns of fronts whose figure runs on."""
    nodes = [node.id for space in plan.plan.space_order for node in nodes_of(plan.plan, space)]
    return [id_ for id_ in nodes if "grain.matched" in plan.laid.places[id_].kinds]


def _panel(plan: SolvedPlan, split: str) -> Part | None:
    """The panel that the faces of a column are cut from."""
    sizes = [plan.solved.value(split, f"panel_{way}_needed") for way in ("length", "width")]
    return None if None in sizes else Part(f"{split}/{PANEL}", sizes[0], sizes[1])


def _way(plan: SolvedPlan, one: OnStock, aim: Aim) -> WayShown:
    layout, unit = one.laid.of(aim), plan.plan.units.length
    largest, sawn = layout.offcuts()[:1], _sawn(one, layout)
    order = [
        FenceShown(
            stage=at.stage,
            way=at.way,
            size=show(at.size, unit),
            pieces=at.pieces,
            parts=[part_called(plan, name) for name in at.parts],
        )
        for at in settings_of(sawn)
    ]
    return WayShown(
        aim=aim,
        sheets=len(layout.sheets),
        settings=len(order),
        cuts=sum(piece.cuts() for piece in sawn),
        waste=round(float(waste_of(layout, one.stock)), 4),
        offcut=[show(size, unit) for piece in largest for size in (piece.length, piece.width)],
        order=order,
    )


def _sawn(one: OnStock, layout: Layout) -> list[Piece]:
    """Everything that is sawn: offcuts of the rack first, then sheets."""
    return [*(piece for _, piece in one.laid.on_offcuts), *layout.sheets]


# ---- as open data ------------------------------------------------------------------------------------------------


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

    aim: Aim
    rows: list[RowLayout]


def layouts_of(plan: SolvedPlan, aim: Aim) -> Layouts:
    """Everything that was laid out, as data."""
    return Layouts(aim=aim, rows=[_row(plan, one, one.laid.of(aim)) for one in stocks_of(plan)])


def _row(plan: SolvedPlan, one: OnStock, layout: Layout) -> RowLayout:
    largest, sawn = layout.offcuts()[:1], _sawn(one, layout)
    return RowLayout(
        stock=one.sheet.name,
        sheets=len(layout.sheets),
        bound=one.laid.bound.sheets,
        settings=len(settings_of(sawn)),
        cuts=sum(piece.cuts() for piece in sawn),
        offcut=[_mm(size) for piece in largest for size in (piece.length, piece.width)],
        waste=round(float(waste_of(layout, one.stock)), 4),
        left=[part_called(plan, name) for name in layout.left],
        offcuts=[_tree(plan, piece) for _, piece in one.laid.on_offcuts],
        trees=[_tree(plan, sheet) for sheet in layout.sheets],
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
