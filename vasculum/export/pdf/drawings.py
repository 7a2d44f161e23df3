"""The drawings of a pack: the front beside the positions, then each view and each worked part that differs, once."""

from __future__ import annotations

from collections.abc import Iterator

from reportlab.lib.units import mm
from reportlab.platypus import Flowable

from vasculum.drawing.opening import behind, elevation
from vasculum.drawing.part import part_sheet
from vasculum.drawing.primitives import Paper as Room
from vasculum.drawing.primitives import Sheet
from vasculum.drawing.section import column_of
from vasculum.drawing.strokes import PathStroke, Stroke, strokes_of
from vasculum.export.pdf.drawing import Drawing
from vasculum.export.pdf.found import several
from vasculum.export.pdf.page import Paper, in_columns, section
from vasculum.export.pdf.type import HEAD, SECTION, said
from vasculum.plan.laying.layout import BOXES, boxes_of, numbers_of
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.making.piece import Piece
from vasculum.plan.making.pieces import merged, pieces_of
from vasculum.plan.telling.words import cell_name, place_name

BESIDE = 3 * mm
"""Between two drawings beside each other."""
VIEW: Room = (42, 70)
PART: Room = (34, 34)
FRONT: Room = (115, 42)
"""What two beside each other, and one front by itself, have for the thing; dimensions stand around it."""


def elevations(plan: SolvedPlan, paper: Paper, most_height: float) -> Iterator[Flowable]:
    """Every space from the front, without its readings, which are listed; of several two beside each other."""
    is_of_several = len(plan.plan.space_order) > 1
    room: Room = VIEW if is_of_several else FRONT
    width = paper.inner_width / 2 - BESIDE if is_of_several else paper.inner_width
    found: list[list[Flowable]] = []
    for space in plan.plan.space_order:
        sheet = elevation(plan, space, room)
        sheet.primitives = [one for one in sheet.primitives if one.layer != "readings"]
        if sheet.primitives:
            drawing = Drawing(sheet, width, most_height)
            name = f"{place_name(plan.plan, space)}, " if is_of_several else ""
            title = _title(
                f"Positions: {name}{sheet.title[0].lower()}{sheet.title[1:]}", sheet.scale, drawing.is_to_scale
            )
            found.append([said(title, HEAD if is_of_several else SECTION), drawing])
    if is_of_several:
        yield from in_columns(found)
    else:
        yield from (one for cell in found for one in cell)


def views_behind(plan: SolvedPlan, paper: Paper) -> Iterator[Flowable]:
    """Sections, plan views, ways in and panels, two beside each other; what looks alike once, with all its names."""
    drawn: dict[object, list[Sheet]] = {}
    for sheet in behind(plan, VIEW):
        if sheet.primitives:
            drawn.setdefault(_looks(sheet), []).append(sheet)
    is_bank, numbers = len(boxes_of(plan.plan)) > 1, numbers_of(plan.plan)
    found: list[list[Flowable]] = []
    for alike in drawn.values():
        sheet = alike[0]
        drawing = Drawing(sheet, paper.inner_width / 2 - BESIDE, 105 * mm)
        title = _title(sheet.title, sheet.scale, drawing.is_to_scale)
        if is_bank:
            cells = [cell for one in alike for cell in _shows(plan, one)]
            title += ": " + several([cell_name(plan.plan, cell, numbers) for cell in cells])
        found.append([said(title, HEAD), drawing])
    if found:
        yield from section("Sections and plan views", 105 * mm)
        yield from in_columns(found)


def _shows(plan: SolvedPlan, sheet: Sheet) -> list[str]:
    """The cells that a sheet is about: of a section all boxes of its column."""
    if sheet.name != "section":
        return [sheet.place]
    return [place for place in column_of(plan, sheet.place) if plan.plan.places[place].holds in BOXES]


def _looks(sheet: Sheet) -> object:
    """What a sheet looks like, whatever cell it shows and whatever number stands in it."""

    def look(stroke: Stroke) -> tuple[object, ...]:
        if isinstance(stroke, PathStroke):
            return (stroke.role, stroke.points)
        return (stroke.role, stroke.x, stroke.y, "" if stroke.role == "label" else stroke.text)

    return tuple(look(stroke) for stroke in strokes_of(sheet))


def part_drawings(plan: SolvedPlan, paper: Paper) -> Iterator[Flowable]:
    """Each part with something to mark on it, once; of a mirrored pair the left one, with the marks of both."""
    numbers = numbers_of(plan.plan)
    found: list[list[Flowable]] = []
    for group, mirrored in _pairs(merged(plan, pieces_of(plan))):
        part = group[0]
        if not part.cuts or part.sheet is None:
            continue
        sheet = part_sheet(plan, part, numbers.get(part.place, 0), PART)
        if sheet.primitives:
            drawing = Drawing(sheet, paper.inner_width / 2 - BESIDE, 60 * mm)
            times = f" ×{len(group)}" if len(group) > 1 else ""
            if mirrored:
                times += f"; {plan.plan.marks.get(mirrored[0].id, '')} ×{len(mirrored)} mirrored"
            title = _title(sheet.title + times, sheet.scale, drawing.is_to_scale)
            found.append([said(title, HEAD), drawing])
    if found:
        yield from section("Parts with something to mark", 50 * mm)
        yield from in_columns(found)


def _title(title: str, scale: int, is_to_scale: bool) -> str:
    return f"{title}, 1:{scale}" if is_to_scale else f"{title}, not to scale"


def _pairs(groups: list[list[Piece]]) -> Iterator[tuple[list[Piece], list[Piece]]]:
    """Groups of parts with the group of their mirror images, each once."""
    rights: dict[tuple[str, str], list[Piece]] = {(g[0].place, g[0].role): g for g in groups if g[0].hand == "R"}
    taken: set[str] = set()
    for group in groups:
        part = group[0]
        if part.id in taken:
            continue
        mirror = rights.get((part.place, part.role.replace("left", "right")), []) if part.hand == "L" else []
        taken |= {one.id for one in mirror}
        yield group, mirror
