"""The layouts of sheets in words and numbers: the ways beside each other, what each takes, how near the limit it is."""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterator, Sequence
from typing import Literal

from vasculum.core.lengths import Mm, Unit, show
from vasculum.core.sawing import falls_free, guide_from_edge, wants_a_stop_block
from vasculum.core.shopping import show_money
from vasculum.cutting.breakdown import broken_down
from vasculum.cutting.lengths import are_lengths
from vasculum.cutting.model import Layout, Piece
from vasculum.cutting.order import Setting, settings_of
from vasculum.cutting.ways import Aim, waste_of
from vasculum.plan.document import Model, Plan, Sheet
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.making.blanks import PANEL, made_as
from vasculum.plan.making.on_stock import (
    OnStock,
    chosen,
    is_ripped_as_thick,
    kept_of,
    offcuts_of,
    row_of,
    settings_in_work,
    stocks_of,
    strips_of,
    ways_of,
)
from vasculum.plan.making.pieces import made_of
from vasculum.plan.making.proofs import is_proved


class FenceShown(Model):
    """The fence at one size, and everything that is cut at it."""

    stage: int
    """First whole sheets, then strips, then what is cut from them."""
    way: Literal["rip", "crosscut"]
    size: str
    pieces: int
    parts: list[str]
    """Which of the pieces are parts now."""
    care: str
    """Of small pieces; and where the guide of a saw lies that is held by hand."""


class FirstCutsShown(Model):
    """What a sheet is broken down to first."""

    sheet: int
    cuts: list[str]
    """In their order; empty where it is carried whole."""
    pieces: list[str]
    """Length and width of each piece that is carried."""


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
    first_cuts: list[FirstCutsShown]
    """Of the sheets that are not sawn."""
    first_count: int
    first_cost: str
    """What the first cuts cost at the merchant; empty where no price is known."""
    order: list[FenceShown]
    """The settings in the order of the work: each once, over all sheets that are begun, or else not sawn yet."""


class RowShown(Model):
    """One row of stock, and what is needed of it."""

    row: str
    name: str
    noun: str
    """What one of it is called: a sheet, a board, or a length."""
    shelf: Literal["sheets", "boards"]
    """Where it stands in the library."""
    says: str
    """How many sheets, and whether fewer might do."""
    called: dict[str, str]
    """What each part is called, by its id; what several are cut from too."""
    left: list[str]
    """Parts that come out of no whole sheet, or of none that is there."""
    offcuts: list[str]
    """The offcuts of the rack that are used, by their id, in the order in which they are drawn."""
    rack_order: list[FenceShown]
    """The settings for the offcuts, before any sheet."""
    ways: list[WayShown]
    """What was kept last, where something was."""
    aim: Aim
    """What is bought and cut of them: what was kept, or the fewest sheets."""
    notes: list[str]
    """What is no longer as it was kept or sawn."""
    sawn: int
    """So many of the first sheets of each way are sawn, or begun."""
    done: int
    """So many settings are done of the sheets that are begun."""
    could_be_fewer: bool
    """Whether a search may find fewer, or a cheaper mix."""


def rows_shown(plan: SolvedPlan) -> list[RowShown]:
    """Every row in words and numbers."""
    return [
        RowShown(
            row=one.row,
            name=one.sheet.name,
            says=says(plan.plan, one),
            noun=one.noun,
            shelf="boards" if one.is_of_one_width else "sheets",
            called={name: part_called(plan, name) for name in [*(part.name for part in one.parts), *one.members]},
            left=[part_called(plan, name) for name in one.laid.best.left],
            offcuts=[offcut.name for offcut, _ in one.laid.on_offcuts],
            rack_order=_order(plan, settings_of(piece for _, piece in one.on_offcuts)),
            ways=[_way(plan, one, aim, layout) for aim, layout in ways_of(one.laid)],
            aim=one.laid.aim,
            notes=[*_notes(plan, one)],
            sawn=one.laid.sawn,
            done=plan.plan.settings_done.get(one.row, 0),
            could_be_fewer=could_be_fewer(plan.plan, one),
        )
        for one in stocks_of(plan)
    ]


def way_of(row: RowShown, aim: Aim | None = None) -> WayShown:
    """A way of a row by its aim, or the best."""
    return next((one for one in row.ways if one.aim == aim), next(one for one in row.ways if one.aim == row.aim))


def says(plan: Plan, one: OnStock) -> str:
    """*5 sheets; no fewer will do: by area*, or *at least 4 by area: one may be too many*."""
    laid, noun = one.laid, one.noun
    count = len(laid.best.sheets)
    racked = len(laid.on_offcuts)
    beside = f"{racked} offcut{'' if racked == 1 else 's'} from the rack" if racked else ""
    if beside and count == 0:
        return f"{beside}, and no {noun}"
    found = ", and ".join(filter(None, [beside, counted(one, laid.best.sheets, plan.units.length)]))
    return f"{found}; {how_near(one, count, is_proved=is_proved(plan, one))}"


def how_near(one: OnStock, count: int, *, is_proved: bool) -> str:
    """How near so many sheets are to the fewest that are possible, or to the cheapest mix, and how that is known."""
    if is_proved and (one.stock.others or count > one.laid.bound.sheets):
        in_stages = "" if are_lengths(one.parts, one.stock) else " in rips, crosscuts and rips again"
        return f"no {'cheaper mix' if one.stock.others else 'fewer'} will do{in_stages}: proved"
    if count <= one.laid.bound.sheets:
        why = f"so many parts share no {one.noun}" if one.laid.bound.why == "large" else "by area"
        return f"no fewer will do: {why}"
    return doubt(one, count)


def counted(one: OnStock, sheets: Sequence[Piece], unit: Unit) -> str:
    """*5 sheets*; where some are smaller than whole ones *5 sheets, 2 of them 48 × 48*, or *2 sheets of 48 × 48*."""
    said = f"{len(sheets)} {one.noun}{'' if len(sheets) == 1 else 's'}"
    sizes = Counter(map(one.stock.under, sheets))
    whole = sizes.pop((one.stock.length, one.stock.width), 0)
    if whole == 0 and len(sizes) == 1:
        return f"{said} of {_size_said(one, next(iter(sizes)), unit)}"
    return ", ".join([said, *(f"{many} of them {_size_said(one, size, unit)}" for size, many in sizes.items())])


def _size_said(one: OnStock, size: tuple[Mm, Mm], unit: Unit) -> str:
    length, width = (show(side, unit) for side in size)
    return length if one.is_of_one_width else f"{length} × {width}"


def doubt(one: OnStock, count: int) -> str:
    """*at least 4 by area: one may be too many*, of so many; nothing where no fewer will do."""
    over = count - one.laid.bound.sheets
    if over <= 0:
        return ""
    if one.stock.others:
        return "a cheaper mix may be possible"
    return f"at least {one.laid.bound.sheets} by area: {'one' if over == 1 else over} may be too many"


def could_be_fewer(plan: Plan, one: OnStock) -> bool:
    """Whether a search may find fewer, or where there are several sizes a cheaper mix."""
    count = len(one.laid.best.sheets)
    is_open = count > one.laid.bound.sheets or (bool(one.stock.others) and count > 1)
    return is_open and not is_proved(plan, one)


def part_called(plan: SolvedPlan, name: str) -> str:
    """What a part is called: its mark, and which it is; of a matched column its place, of others of one piece all."""
    place, _, role = name.rpartition("/")
    if role == PANEL and place in plan.plan.places:
        return f"faces of {plan.plan.places[place].name}"
    if role == PANEL and place in plan.plan.together:
        there = [part for part in plan.plan.together[place] if part in made_of(plan).by_id]
        return " and ".join(part_called(plan, part) for part in there)
    like = made_as(name)
    piece = made_of(plan).by_id.get(like)
    if piece is None:
        return "a part that is no longer in the plan"
    mark = plan.plan.marks.get(like, "")
    return f"{mark} {piece.rule.title.lower()}{'' if like == name else ', spare'}".strip()


def _notes(plan: SolvedPlan, one: OnStock) -> Iterator[str]:
    """What is no longer as it was kept or sawn."""
    now, unit = {part.name: part for part in one.parts}, plan.plan.units.length
    if min(one.stock.usable) <= 0:
        yield f"What is trimmed off takes the whole {one.noun}."
    if one.laid.broken:
        sheets = "One sheet that was kept holds its" if one.laid.broken == 1 else "Sheets that were kept hold their"
        yield f"{sheets} parts no longer: laid out anew."
    unused = len([*offcuts_of(plan.plan, one.row)]) - len(one.laid.on_offcuts)
    if one.laid.kept is not None and unused:
        yield f"The layout that is kept leaves {unused} of the rack unused: lay out anew to use what fits."
    for piece in strips_of(plan) if isinstance(one.sheet, Sheet) else ():
        if piece.size and row_of(plan, piece) == one.row and not is_ripped_as_thick(plan, piece, one.sheet):
            thick = show(piece.size[2], unit)
            yield f"{part_called(plan, piece.id)} is {thick} thick: it does not come out of this sheet."
    own = set(one.members) | {part.name for part in one.parts}
    for names in plan.plan.together.values():
        here = [name for name in names if name in own]
        if 0 < len(here) < len(names):
            others = " and ".join(part_called(plan, name) for name in names if name not in own)
            yield f"{' and '.join(part_called(plan, name) for name in here)} should be of one piece with {others}."
    for kept in kept_of(plan.plan, one.row):
        for then in kept.sawn:
            part = now.get(then.name)
            if part is None:
                size = f"{show(then.length, unit)} × {show(then.width, unit)}"
                yield f"A part of {size} is sawn, and belongs to nothing in the plan any more."
            elif (part.length, part.width) != (then.length, then.width):
                was, wanted = (f"{show(x.length, unit)} × {show(x.width, unit)}" for x in (then, part))
                yield f"{part_called(plan, then.name)} is sawn {was}, and should be {wanted} by now."


def _way(plan: SolvedPlan, one: OnStock, aim: Aim, layout: Layout) -> WayShown:
    unit = plan.plan.units.length
    largest, sawn = layout.offcuts()[:1], one.all_sawn(layout)
    first = list(_first_cuts(plan, one, layout))
    count, price = sum(len(sheet.cuts) for sheet in first), chosen(plan, "cut_price")
    return WayShown(
        first_cuts=first,
        first_count=count,
        first_cost=show_money(count * price) if price else "",
        aim=aim,
        sheets=len(layout.sheets),
        settings=len(settings_of(sawn)),
        cuts=sum(piece.cuts() for piece in sawn),
        waste=round(float(waste_of(layout, one.stock)), 4),
        offcut=[show(size, unit) for piece in largest for size in (piece.length, piece.width)],
        order=_order(plan, settings_in_work(one, aim)),
    )


def _order(plan: SolvedPlan, settings: list[Setting]) -> list[FenceShown]:
    return [
        FenceShown(
            stage=at.stage,
            way=at.way,
            size=show(at.size, plan.plan.units.length),
            pieces=at.pieces,
            parts=[part_called(plan, name) for name in at.parts],
            care=_care(plan, at),
        )
        for at in settings
    ]


def _care(plan: SolvedPlan, setting: Setting) -> str:
    """*Short pieces: …*, and *guide 33 5/8 from the edge*."""
    said, guide = [], chosen(plan, "saw_guide")
    if setting.way == "crosscut" and wants_a_stop_block(setting.size, chosen(plan, "small_part")):
        said.append("Short pieces: a stop block before the blade, nothing between fence and blade.")
    if setting.way == "rip" and falls_free(setting.size, chosen(plan, "thin_strip")):
        said.append("Thin strips: they fall off on the free side of the blade.")
    if guide:
        at = guide_from_edge(setting.size, guide)
        where = f"{show(abs(at), plan.plan.units.length)} {'from the edge' if at >= 0 else 'beyond the edge'}"
        said.append(f"Guide {where}, on the side that is kept.")
    return " ".join(said)


def _first_cuts(plan: SolvedPlan, one: OnStock, layout: Layout) -> Iterator[FirstCutsShown]:
    most, unit = (chosen(plan, "carry_length"), chosen(plan, "carry_width")), plan.plan.units.length
    for number, sheet in enumerate(layout.sheets[one.laid.sawn :], one.laid.sawn + 1):
        broken = broken_down(sheet, most)
        yield FirstCutsShown(
            sheet=number,
            cuts=[f"{cut.cut} {show(cut.size, unit)}" for cut in broken.cuts],
            pieces=[f"{show(length, unit)} × {show(width, unit)}" for length, width in broken.pieces],
        )
