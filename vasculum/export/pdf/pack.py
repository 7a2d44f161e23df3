"""The print pack: measured and assumed, drawing, parts, runners, marks, reasons, tape checks, cautions."""

from __future__ import annotations

from collections.abc import Iterator, Sequence

from reportlab.lib.units import mm
from reportlab.platypus import Flowable, KeepTogether, PageBreak, Paragraph, Spacer

from vasculum.core.flow import Key, read_key
from vasculum.drawing.opening import opening_sheets
from vasculum.drawing.part import part_sheet
from vasculum.drawing.primitives import Sheet
from vasculum.drawing.strokes import PathStroke, Stroke, strokes_of
from vasculum.export.pdf.by_drawer import Line, by_drawer
from vasculum.export.pdf.drawing import Drawing
from vasculum.export.pdf.glyphs import unprintable
from vasculum.export.pdf.page import WIDTH, built, table
from vasculum.export.pdf.type import BIG, FINE, SECTION, TITLE, register_fonts, said
from vasculum.plan.document import Plan
from vasculum.plan.laying.layout import boxes_of, numbers_of
from vasculum.plan.laying.solving import SolvedPlan, nearest_key
from vasculum.plan.making.pieces import Piece, merged, pieces_of
from vasculum.plan.telling.solution import PartShown, Shown, Size, Solution, shown, solution_of
from vasculum.plan.telling.why import ReasonShown, tell
from vasculum.plan.telling.words import NOT_YET, cell_name, in_runs, label_of, place_name, station_of
from vasculum.solid.proof import prove

GOVERNING = (
    "box_width",
    "box_front_length",
    "box_back_length",
    "side_length",
    "wall_height",
    "bottom_width",
    "bottom_depth",
    "runner_length",
)
"""Sizes whose reasons are printed."""
RUNNERS = (
    ("runner_length", "Runner length"),
    ("members_from_front", "Set-back: front end of both members behind the face"),
    ("spacer_block_cut", "Spacer block under each cabinet member"),
    ("runner_line_built", "Runner line in the case, above its block's floor"),
    ("runner_from_floor", "Runner line in the case, above the opening's floor"),
    ("box_runner_line", "Runner line on the box, above its lower edge"),
    ("runner_line_on_wall", "Runner line on the side piece, above its lower edge"),
    ("front_edge_to_box_edge", "From the front's lower edge up to the box's"),
    ("front_overhang_left", "Front stands out beside the box, on the left"),
    ("front_overhang_right", "Front stands out beside the box, on the right"),
)


def print_pack(plan: SolvedPlan, revision: int | None) -> bytes:
    """The whole pack as one PDF; ``revision`` stands in the foot of every page."""
    register_fonts()
    solution = solution_of(plan, prove(plan))
    at = f"revision {revision}" if revision is not None else "from a plan file"
    story = [
        said(plan.plan.name, TITLE),
        *_sizes_note(plan),
        *_boxes_for_signs(plan.plan),
        *_findings("Settle before cutting", solution, ("stop", "attention")),
        *_measured(plan),
        *_in_the_way(plan),
        *_assumed(solution),
        *_findings("Notes", solution, ("note",)),
        *_findings("Cautions", solution, ("caution",)),
        *_drawings(plan),
        PageBreak(),
        *_parts(solution),
        *_shopping(solution),
        *_runners(plan),
        *_part_drawings(plan),
        *_tape_checks(solution),
        *_reasons(plan),
    ]
    return built(story, plan.plan.name, f"{plan.plan.name} · {at}")


def _sizes_note(plan: SolvedPlan) -> Iterator[Flowable]:
    units = plan.plan.units
    if plan.plan.note:
        yield said(plan.plan.note)
    unit = "inches" if units.length == "in" else "millimetres"
    yield said(
        f"Sizes in {unit}, cut to {units.increment}, the other unit beside. Sizes with * rest on something assumed.",
        FINE,
    )


MOST_MARKS = 12
"""Marks in one cell of a table; more of them stand together below it."""
MOST_NAMES = 8


def _several(names: Sequence[str]) -> str:
    """Names in a row; of many the first, and how many more."""
    shown = ", ".join(names[:MOST_NAMES])
    return f"{shown} and {len(names) - MOST_NAMES} more" if len(names) > MOST_NAMES else shown


def _boxes_for_signs(plan: Plan) -> Iterator[Flowable]:
    """What of the plan's words the fonts cannot print."""
    lacking = unprintable(plan)
    if lacking:
        codes = dict.fromkeys(f"U+{ord(sign):04X}" for one in lacking for sign in one.signs)
        yield said(f"□ stands for signs that no font here has: {_several(list(codes))}.", FINE)


def _findings(title: str, solution: Solution, severities: tuple[str, ...]) -> Iterator[Flowable]:
    found = [one for one in solution.findings if one.severity in severities]
    if found:
        yield said(title, SECTION)
    for one in found:
        mark = "■" if one.severity == "stop" else "–"
        yield said(f"{mark} {_several(one.place_name.split(', '))}: {one.message} {one.fix}".rstrip())


def _measured(plan: SolvedPlan) -> Iterator[Flowable]:
    yield said("Measured", SECTION)
    rows: list[list[str | Paragraph]] = []
    for id_ in plan.plan.reading_order:
        reading = plan.plan.readings[id_]
        size = plan.solved.value(id_, reading.of)
        shown_size = _shown(plan, (id_, reading.of))
        is_smallest = size == plan.solved.value(reading.survey, f"governing_{reading.of}")
        margin = f" ± {reading.plus_minus}" if reading.plus_minus else ""
        rows.append(
            [
                place_name(plan.plan, reading.survey),
                station_of(reading),
                said(f"{reading.value}{margin}", BIG),
                shown_size.other if shown_size else "",
                "governs" if is_smallest else "",
            ]
        )
    if rows:
        yield table(("Where", "Station", "Reading", "Other unit", ""), rows, (2.2, 3.6, 2.6, 2, 1.3))
    else:
        yield said("Nothing has been measured yet.")


_STRETCHES = (
    ("projection_above", "at its upper end"), ("from_floor", "above the floor"), ("height", "high"),
    ("from_left", "from the left"), ("width", "wide"),
)  # fmt: skip


def _in_the_way(plan: SolvedPlan) -> Iterator[Flowable]:
    if not plan.plan.obstructions:
        return
    yield said("In the way", SECTION)
    rows: list[list[str | Paragraph]] = []
    for one in plan.plan.obstructions.values():
        stretches = [f"{getattr(one, name)} {words}" for name, words in _STRETCHES if getattr(one, name) is not None]
        where = f"{place_name(plan.plan, one.space)}, {one.on}"
        rows.append([one.name, where, said(one.projection, BIG), ", ".join(stretches)])
    yield table(("What", "Where", "Stands in", "Over"), rows, (2.4, 3, 1.8, 4))


def _shown(plan: SolvedPlan, key: Key) -> Shown | None:
    return shown(plan, plan.solved.value(*key))


def _assumed(solution: Solution) -> Iterator[Flowable]:
    if not solution.assumed:
        return
    yield said("Still assumed: measure the piece in your hand", SECTION)
    rows: list[list[str | Paragraph]] = [
        [a.label, said(f"{a.value.text} *", BIG), a.value.other, a.source, "________"] for a in solution.assumed
    ]
    yield table(("What", "Assumed", "Other unit", "From", "Measured"), rows, (3, 1.7, 1.7, 4, 1.6))


def _drawings(plan: SolvedPlan) -> Iterator[Flowable]:
    """Elevations, and each distinct section once with the names of the cells it shows."""
    drawn: dict[object, list[Sheet]] = {}
    for sheet in opening_sheets(plan):
        if sheet.primitives:
            drawn.setdefault(_looks(sheet), []).append(sheet)
    is_bank, numbers = len(boxes_of(plan.plan)) > 1, numbers_of(plan.plan)
    for alike in drawn.values():
        sheet = alike[0]
        drawing = Drawing(sheet, WIDTH, 112 * mm)
        title = _title(sheet.title, sheet.scale, drawing.is_to_scale)
        if is_bank and sheet.name != "elevation":
            title += ": " + _several([cell_name(plan.plan, one.place, numbers) for one in alike])
        yield KeepTogether([said(title, SECTION), drawing])


def _looks(sheet: Sheet) -> object:
    """What a sheet looks like, whatever cell it shows and whatever number stands in it."""

    def look(stroke: Stroke) -> tuple[object, ...]:
        if isinstance(stroke, PathStroke):
            return (stroke.role, stroke.points)
        return (stroke.role, stroke.x, stroke.y, "" if stroke.role == "label" else stroke.text)

    return tuple(look(stroke) for stroke in strokes_of(sheet))


def _title(title: str, scale: int, is_to_scale: bool) -> str:
    return f"{title}, 1:{scale}" if is_to_scale else f"{title}, not to scale"


def _cells(part: PartShown) -> str:
    """Which cells the pieces are for, by number."""
    numbers = in_runs(n for n in part.numbers if n)
    return f" · {numbers}" if numbers else ""


def _size_text(size: Size) -> str:
    if size.value is None:
        return NOT_YET
    return size.value.text + (" *" if size.is_assumed else "") + (" as built" if size.is_as_built else "")


def _marks(marks: Sequence[str]) -> str:
    return " ".join(marks) if len(marks) <= MOST_MARKS else f"{marks[0]} … {marks[-1]}"


def _parts(solution: Solution) -> Iterator[Flowable]:
    yield said("Parts to cut", SECTION)
    rows: list[list[str | Paragraph]] = []
    for part in solution.parts:
        sizes = (part.length, part.width, part.thickness)
        name = part.name + (f" ({part.hand})" if part.hand else "")
        other = " × ".join(s.value.other if s.value else "?" for s in sizes)
        rows.append(
            [
                said(_marks(part.marks), BIG),
                str(part.count),
                said(name + _cells(part)),
                *(said(_size_text(size), BIG) for size in sizes),
                said("; ".join(filter(None, (other, part.material, part.weight))), FINE),
            ]
        )
    yield table(
        ("Mark", "No.", "Part", "Length", "Width", "Thick", "Other unit; material"),
        rows,
        (1.1, 0.8, 2.7, 2.1, 1.9, 1.6, 4),
    )
    if solution.travels:
        yield said(solution.travels)
    for part in solution.parts:
        if len(part.marks) > MOST_MARKS:
            yield said(f"– {part.name}, {part.count} marks: {' '.join(part.marks)}", FINE)
    notes = {j.text: part.name for part in solution.parts for j in part.joinery}
    yield Spacer(1, 3 * mm)
    for text, name in notes.items():
        yield said(f"– {name}: {text}", FINE)


def _shopping(solution: Solution) -> Iterator[Flowable]:
    """What to buy, with its allowance, and what it comes to as far as prices are known."""
    shopping = solution.shopping
    if not shopping.lines:
        return
    rows: list[list[str | Paragraph]] = [
        [said(line.what), said(line.need, FINE), said(line.buy), line.cost] for line in shopping.lines
    ]
    if shopping.total:
        without = f"without {shopping.unpriced} that have no price" if shopping.unpriced else ""
        rows.append([said("Together", BIG), said(without, FINE), "", said(shopping.total, BIG)])
    yield said("Shopping list", SECTION)
    yield table(("What", "Needed", "Buy", "Cost"), rows, (5, 5, 3.2, 1.6))


def _runners(plan: SolvedPlan) -> Iterator[Flowable]:
    boxes, numbers = boxes_of(plan.plan), numbers_of(plan.plan)
    title = "Runner positions and spacer blocks"
    lines = [
        Line(what, cell_name(plan.plan, node.id, numbers), size)
        for node in boxes
        for name, what in RUNNERS
        if (size := _shown(plan, nearest_key(plan, node.id, name))) is not None
    ]
    if len(boxes) > 1:
        yield from by_drawer(title, lines)
    elif lines:
        rows: list[list[str | Paragraph]] = [[one.what, said(one.size.text, BIG), one.size.other] for one in lines]
        yield KeepTogether([said(title, SECTION), table(("What", "Size", "Other unit"), rows, (6, 2, 2))])
    strips = list(_strips(plan))
    if strips:
        yield KeepTogether(
            [
                said("Packing strips, thickness at each station", SECTION),
                table(("Station", "Left", "Right"), strips, (4, 2, 2)),
            ]
        )


def _strips(plan: SolvedPlan) -> Iterator[list[str]]:
    for id_ in plan.plan.reading_order:
        left, right = (_shown(plan, (id_, f"packing_{side}_here")) for side in ("left", "right"))
        if left is not None and right is not None and (left.mm != "0" or right.mm != "0"):
            yield [place_name(plan.plan, id_), f"{left.text} ({left.other})", f"{right.text} ({right.other})"]


def _tape_checks(solution: Solution) -> Iterator[Flowable]:
    shared = [c for c in solution.tape_checks if not c.drawer]
    if shared:
        rows: list[list[str | Paragraph]] = [
            [c.what, said(read.text, BIG), read.other, f"± {c.tolerance.text}", "________"]
            for c in shared
            if (read := solution.should_read(c))
        ]
        head = ("Measure", "Should read", "Other unit", "Within", "Reads")
        yield KeepTogether([said("Tape checks", SECTION), table(head, rows, (5, 2, 2, 1.5, 2))])
    own = [Line(c.what, c.drawer, solution.should_read(c), "______") for c in solution.tape_checks if c.drawer]
    yield from by_drawer("Tape checks, drawer by drawer", own)


def _part_drawings(plan: SolvedPlan) -> Iterator[Flowable]:
    """Each distinct part once; of a mirrored pair the left one, with the marks of both."""
    yield said("Part drawings", SECTION)
    numbers = numbers_of(plan.plan)
    for group, mirrored in _pairs(merged(plan, pieces_of(plan))):
        part = group[0]
        sheet = part_sheet(plan, part, numbers.get(part.place, 0))
        if sheet.primitives and part.sheet is not None:
            drawing = Drawing(sheet, WIDTH, 78 * mm)
            times = f", {len(group)} pieces" if len(group) > 1 else ""
            if mirrored:
                marks = _marks([plan.plan.marks.get(p.id, "") for p in mirrored])
                times += f"; mirrored: {marks}, {len(mirrored)} more"
            title = _title(sheet.title + times, sheet.scale, drawing.is_to_scale)
            yield KeepTogether([said(title, BIG), drawing, Spacer(1, 3 * mm)])


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


def _reasons(plan: SolvedPlan) -> Iterator[Flowable]:
    yield said("Why these sizes", SECTION)
    for node in boxes_of(plan.plan)[:1]:
        for name in GOVERNING:
            key = (node.id, name)
            if key in plan.solved.quantities:
                yield from _reason(plan, tell(plan, key)[0])
    yield Spacer(1, 3 * mm)
    yield said(
        "Readings and defaults that these rest on stand on the first page; every further step is in the program.", FINE
    )


def _reason(plan: SolvedPlan, one: ReasonShown) -> Iterator[Flowable]:
    label = label_of(read_key(one.key)[1], plan.plan.defaults_edition)
    value = f"{one.value.text} ({one.value.other})" if one.value else NOT_YET
    lines: list[Flowable] = [said(f"{label[0].upper()}{label[1:]}: {value}", BIG), said(one.sentence)]
    if one.sum:
        lines.append(said(f"= {one.sum}"))
    if one.problem:
        lines.append(said(f"{one.problem.message} {one.problem.fix}"))
    lines += [said(f"Source: {one.source}", FINE), Spacer(1, 3 * mm)]
    yield KeepTogether(lines)
