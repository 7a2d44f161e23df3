"""What is cut from each row of stock, and how it is laid out: parts, the sheet, its offcuts, and what is kept of it.

The faces of a matched column are one part here, in their order: they are cut from one panel.
"""

from __future__ import annotations

from collections.abc import Iterable, Iterator, Mapping
from fractions import Fraction
from typing import NamedTuple

from vasculum.core.lengths import Mm
from vasculum.core.shopping import money
from vasculum.cutting.model import Layout, Part, Piece, Size, Stock, Trims, Zone
from vasculum.cutting.order import Setting, settings_of
from vasculum.cutting.slices import Slice
from vasculum.cutting.ways import AIMS, Aim, Kept, Laid, Offcut, laid_out
from vasculum.plan.document import Board, CutTree, KeptSheet, Plan, Sheet
from vasculum.plan.laying.layout import nodes_of
from vasculum.plan.laying.places import PLAN
from vasculum.plan.laying.solving import SolvedPlan, nearest_key
from vasculum.plan.making.blanks import PANEL, Blank, opened, spare_ids, together
from vasculum.plan.making.piece import STRIPS
from vasculum.plan.making.piece import Piece as MadePiece
from vasculum.plan.making.pieces import pieces_of


class OnStock(NamedTuple):
    """One row of stock: what is cut from it, the sheet it is, and the ways to lay it out."""

    row: str
    sheet: Sheet | Board
    stock: Stock
    parts: tuple[Part, ...]
    laid: Laid
    blanks: Mapping[str, Blank]
    """Parts of it that several are cut from, by their name."""

    def as_cut(self, sheets: Iterable[Piece]) -> list[Piece]:
        """Sheets or offcuts with every cut, of blanks too."""
        return [opened(sheet, self.blanks) for sheet in sheets]

    @property
    def on_offcuts(self) -> list[tuple[Offcut, Piece]]:
        """What is cut from the rack, with every cut."""
        return [(offcut, opened(piece, self.blanks)) for offcut, piece in self.laid.on_offcuts]

    def all_sawn(self, layout: Layout) -> list[Piece]:
        """Everything that is sawn one way: offcuts of the rack first, then sheets."""
        return [*(piece for _, piece in self.on_offcuts), *self.as_cut(layout.sheets)]

    @property
    def members(self) -> dict[str, str]:
        """The blank of each part that comes out of one."""
        return {part.name: name for name, blank in self.blanks.items() for part in blank.parts}

    @property
    def noun(self) -> str:
        """What one of it is called."""
        if isinstance(self.sheet, Sheet):
            return "sheet"
        return "board" if self.sheet.is_ripped else "length"

    @property
    def is_of_one_width(self) -> bool:
        """Whether it is sold in lengths, all of one width."""
        return isinstance(self.sheet, Board)

    @property
    def is_free(self) -> bool:
        """Whether no grain is to be seen."""
        return isinstance(self.sheet, Sheet) and self.sheet.grain == "free"


def stocks_of(plan: SolvedPlan) -> list[OnStock]:
    """Every row of sheets that something is cut from, laid out; worked out once for each solution."""
    kept: list[OnStock] | None = plan.kept.get("stocks")
    if kept is None:
        kept = plan.kept["stocks"] = list(_stocks(plan))
    return kept


def ways_of(laid: Laid) -> Iterator[tuple[Aim, Layout]]:
    """Every way that there is, by what it aims at."""
    for aim in AIMS:
        layout = laid.of(aim)
        if layout is not None:
            yield aim, layout


def layout_of(laid: Laid, aim: Aim | None = None) -> tuple[Aim, Layout]:
    """A way by its aim; the best where nothing is asked for, or where nothing was kept."""
    layout = laid.of(aim) if aim else None
    return (laid.aim, laid.best) if aim is None or layout is None else (aim, layout)


def settings_in_work(one: OnStock, aim: Aim) -> list[Setting]:
    """The settings of the sheets on the saw now, in the order of the work: those that are begun, or all not yet sawn.

    Offcuts of the rack are not among them: they are cut by themselves, and what is counted as done stays true.
    """
    laid, layout = one.laid, layout_of(one.laid, aim)[1]
    first = laid.sawn - laid.begun
    return settings_of(one.as_cut(layout.sheets[first : laid.sawn] if laid.begun else layout.sheets[laid.sawn :]))


def compared(stock: Stock, sawn: int = 0) -> Stock:
    """A stock as layouts on it are compared: of several sizes by what is paid beside those in hand, else by number."""
    in_hand = max(0, stock.in_hand - sawn) if stock.others else 0
    return stock._replace(in_hand=in_hand, price=stock.price if stock.others else None)


def chosen(plan: SolvedPlan, name: str) -> Mm:
    """What the plan has chosen."""
    value: Mm = plan.solved.value(*nearest_key(plan, PLAN, name))
    return value


def _stocks(plan: SolvedPlan) -> Iterator[OnStock]:
    library = plan.plan.library
    rows: list[tuple[str, Sheet | Board]] = [*library.sheets.items(), *library.boards.items()]
    for id_, row in rows:
        stock, (listed, blanks) = _stock(plan, row), _parts(plan, id_, row)
        parts = tuple(listed)
        if stock is not None and parts:
            kept = tuple(kept_of(plan.plan, id_))
            laid = laid_out(parts, stock, tuple(offcuts_of(plan.plan, id_)), kept)
            yield OnStock(id_, row, stock, parts, laid, {blank.whole.name: blank for blank in blanks})


def _stock(plan: SolvedPlan, row: Sheet | Board) -> Stock | None:
    """A row as it is sold, trimmed as it or the plan says; nothing where nobody said how large it is."""
    if not row.length or not row.width:
        return None
    length, kerf = plan.plan.length, chosen(plan, "blade_kerf")
    if row.trims is not None:
        trims = Trims(*map(length, row.trims))
    elif isinstance(row, Sheet):
        trims = Trims(*[chosen(plan, "sheet_trim")] * len(Trims._fields))
    else:
        trims = Trims()
    stages = int(chosen(plan, "cut_stages"))
    sizes = (Size(length(one.length), length(one.width), _money(one.price)) for one in row.panels)
    return Stock(
        length(row.length), length(row.width), kerf, trims, None, (), stages,
        _money(row.price), tuple(sizes), row.in_hand, chosen(plan, "least_ripped"),
    )  # fmt: skip


def _money(price: str | None) -> Fraction | None:
    return money(price) if price else None


def _parts(plan: SolvedPlan, id_: str, row: Sheet | Board) -> tuple[list[Part], list[Blank]]:
    """What is cut from a row, and which of it are blanks that several parts come out of."""
    splits = {cell: split for split in _matched(plan) for cell in plan.plan.places[split].children}
    is_free = isinstance(row, Sheet) and row.grain == "free"
    over, kerf = chosen(plan, "cut_oversize"), chosen(plan, "blade_kerf")
    singles: dict[str, Part] = {}
    faces: dict[str, list[Part]] = {}
    for piece in pieces_of(plan):
        if row_of(plan, piece) != id_ or piece.size is None or min(piece.size) <= 0:
            continue
        split = splits.get(piece.place) if piece.grain == "matched" else None
        if split and _panel(plan, split):
            across, up, _ = piece.size
            faces.setdefault(split, []).append(Part(piece.id, up, across))  # the figure runs up
            continue
        length, width = _face(plan, piece, row, over)
        singles[piece.id] = Part(piece.id, length, width, may_turn=is_free or piece.grain == "free")
    spares = [part._replace(name=name) for part in singles.values() for name in spare_ids(plan.plan, part.name)]
    blanks = []
    for split, members in faces.items():
        if panel := _panel(plan, split):
            trim: Mm = plan.solved.value(*nearest_key(plan, split, "panel_trim"))
            blanks.append(Blank(panel, tuple(members), kerf + trim))
    for group, names in plan.plan.together.items():
        if sum(name in singles for name in names) > 1:
            blanks.append(together(group, tuple(singles.pop(name) for name in names if name in singles), kerf))
    return [*singles.values(), *spares, *(blank.whole for blank in blanks)], blanks


def row_of(plan: SolvedPlan, piece: MadePiece) -> str | None:
    """The row of the library that a piece is cut from: its sheet or board, or what strips are ripped from."""
    return plan.plan.choices.get("strip_board") if piece.rule.stock in STRIPS else piece.sheet


def strips_of(plan: SolvedPlan) -> list[MadePiece]:
    """Everything that is ripped in strips: packing, wooden runners, battens."""
    return [piece for piece in pieces_of(plan) if piece.rule.stock in STRIPS]


def _face(plan: SolvedPlan, piece: MadePiece, row: Sheet | Board, over: Mm) -> tuple[Mm, Mm]:
    """Length, and how wide it lies on its row, cut so much larger; no wider than a board that it takes all across.

    A strip as thick as its board or sheet lies on the flat, one as wide as that on edge. One that is neither takes the
    whole width of its board, and so does whatever is cut from a moulding, an angle or a pipe.
    """
    assert piece.size is not None
    length, width, thickness = piece.size
    is_on_edge = piece.rule.stock in STRIPS and thickness != plan.plan.length(row.thick) == width
    width = thickness if is_on_edge else width
    if not isinstance(row, Board):
        return length + over, width + over
    whole = plan.plan.length(row.width)
    if piece.rule.stock in STRIPS and not is_ripped_as_thick(plan, piece, row):
        width = whole
    is_all_across = width == whole or not row.is_ripped
    return length + over, whole if is_all_across else width + over


def is_ripped_as_thick(plan: SolvedPlan, piece: MadePiece, row: Sheet | Board) -> bool:
    """Whether a strip is as thick, or as wide, as what it is ripped from: nothing is planed off."""
    return piece.size is not None and plan.plan.length(row.thick) in piece.size[1:]


def offcuts_of(plan: Plan, row: str) -> Iterator[Offcut]:
    """What of a row stands in the rack."""
    length = plan.length
    for name, one in plan.library.offcuts.items():
        if one.sheet == row:
            bad = (Zone(length(bad.x), length(bad.y), length(bad.length), length(bad.width)) for bad in one.bad)
            yield Offcut(name, length(one.length), length(one.width), tuple(bad))


def _matched(plan: SolvedPlan) -> list[str]:
    """The columns of fronts whose figure runs on."""
    nodes = [node.id for space in plan.plan.space_order for node in nodes_of(plan.plan, space)]
    return [id_ for id_ in nodes if "grain.matched" in plan.laid.places[id_].kinds]


def _panel(plan: SolvedPlan, split: str) -> Part | None:
    """The panel that the faces of a column are cut from."""
    sizes = [plan.solved.value(split, f"panel_{way}_needed") for way in ("length", "width")]
    return None if None in sizes else Part(f"{split}/{PANEL}", sizes[0], sizes[1])


# ---- as it is kept in the plan -----------------------------------------------------------------------------------


def kept_of(plan: Plan, row: str) -> Iterator[Kept]:
    """The sheets of a row whose layout is kept."""
    for sheet in plan.layouts.get(row, ()):
        sawn = tuple(_as_sawn(plan, sheet.cuts)) if sheet.state != "kept" else ()
        kerf = plan.length(sheet.kerf) if sheet.kerf else None
        size = (plan.length(sheet.size[0]), plan.length(sheet.size[1])) if sheet.size else None
        yield Kept(_slice(sheet.cuts), sawn, kerf, size, sheet.state == "begun")


def kept_sheet(piece: Piece) -> KeptSheet:
    """A sheet that was laid out, to be kept."""
    return KeptSheet(cuts=_kept_tree(piece, is_sawn=False))


def sawn_sheet(piece: Piece, stock: Stock, *, is_begun: bool = False) -> KeptSheet:
    """A sheet as it is sawn, or begun: with its saw, its size, and the sizes that its parts have now."""
    return KeptSheet(
        state="begun" if is_begun else "sawn",
        kerf=_mm(stock.kerf),
        size=[_mm(side) for side in stock.under(piece)],
        cuts=_kept_tree(piece, is_sawn=True),
    )


def _mm(size: Mm) -> str:
    return f"{size} mm"


def _kept_tree(piece: Piece, is_sawn: bool) -> CutTree:
    if piece.part:
        size = (piece.width, piece.length) if piece.is_turned else (piece.length, piece.width)
        sawn = [_mm(side) for side in size] if is_sawn else None
        return CutTree(part=piece.part, turned=piece.is_turned, sawn=sawn)
    children = [_kept_tree(child, is_sawn) for child in piece.children if not child.is_offcut]
    return CutTree(cut=piece.cut, children=children)


def _slice(tree: CutTree) -> Slice:
    return Slice(tree.part, tree.turned, tree.cut, tuple(map(_slice, tree.children)))


def _as_sawn(plan: Plan, tree: CutTree) -> Iterator[Part]:
    if tree.sawn is not None:
        length, width = map(plan.length, tree.sawn)
        yield Part(tree.part, length, width, may_turn=tree.turned)
    for child in tree.children:
        yield from _as_sawn(plan, child)
