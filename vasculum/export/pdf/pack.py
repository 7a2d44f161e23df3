"""The print pack: measured and assumed, drawing, parts, runners, marks, reasons, tape checks, cautions."""

from __future__ import annotations

from collections.abc import Iterator

from reportlab.lib.units import mm
from reportlab.platypus import Flowable, KeepTogether, PageBreak, Paragraph, Spacer

from vasculum.core.flow import Key, read_key
from vasculum.drawing.opening import opening_sheets
from vasculum.drawing.part import part_sheet
from vasculum.drawing.primitives import Sheet
from vasculum.drawing.strokes import PathStroke, Stroke, strokes_of
from vasculum.export.pdf.drawing import Drawing
from vasculum.export.pdf.page import WIDTH, built, table
from vasculum.export.pdf.type import BIG, BODY, FINE, SECTION, TITLE, register_fonts, said
from vasculum.plan.layout import boxes_of
from vasculum.plan.parts import merged, nearest_key, parts_of
from vasculum.plan.solution import FindingShown, Shown, Size, Solution, shown, solution_of
from vasculum.plan.solving import SolvedPlan
from vasculum.plan.telling import ReasonShown, tell
from vasculum.plan.words import label_of, place_name, station_of

GOVERNING = (
    "box_width",
    "front_back_length",
    "side_length",
    "wall_height",
    "bottom_width",
    "bottom_depth",
    "runner_length",
)
"""Sizes whose reasons are printed."""
RUNNERS = (
    ("runner_length", "Runner length"),
    ("set_back", "Set-back: front end of both members behind the face"),
    ("spacer_block_cut", "Spacer block under each cabinet member"),
    ("runner_line_built", "Runner line in the case, above its block's floor"),
    ("runner_from_floor", "Runner line in the case, above the opening's floor"),
    ("box_runner_line", "Runner line on the box, above its lower edge"),
    ("runner_line_on_wall", "Runner line on the side piece, above its lower edge"),
    ("front_edge_to_box_edge", "From the front's lower edge up to the box's"),
    ("front_overhang", "Front stands out beside the box, each side"),
)


def print_pack(plan: SolvedPlan, revision: int | None) -> bytes:
    """The whole pack as one PDF; ``revision`` stands in the foot of every page."""
    register_fonts()
    solution = solution_of(plan)
    at = f"revision {revision}" if revision is not None else "from a plan file"
    story = [
        said(plan.plan.name, TITLE),
        *_sizes_note(plan),
        *_findings("Settle before cutting", solution, ("stop", "attention")),
        *_measured(plan),
        *_assumed(solution),
        *_findings("Notes", solution, ("note",)),
        *_findings("Cautions", solution, ("caution",)),
        *_drawings(plan),
        PageBreak(),
        *_parts(solution),
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


def _findings(title: str, solution: Solution, severities: tuple[str, ...]) -> Iterator[Flowable]:
    found = [f for f in solution.findings if f.severity in severities]
    if found:
        yield said(title, SECTION)
        for one in found:
            yield said(f"■ {_finding_text(one)}" if one.severity == "stop" else f"– {_finding_text(one)}")


def _finding_text(one: FindingShown) -> str:
    return f"{one.place_name}: {one.message} {one.fix}".strip()


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
    is_bank = len(boxes_of(plan.plan)) > 1
    for alike in drawn.values():
        sheet = alike[0]
        drawing = Drawing(sheet, WIDTH, 112 * mm)
        title = _title(sheet.title, sheet.scale, drawing.is_to_scale)
        if is_bank and sheet.name == "section":
            title += ": " + ", ".join(place_name(plan.plan, one.place) for one in alike)
        yield KeepTogether([said(title, SECTION), drawing])


def _looks(sheet: Sheet) -> object:
    """What a sheet looks like, whatever cell it shows."""

    def look(stroke: Stroke) -> tuple[object, ...]:
        if isinstance(stroke, PathStroke):
            return (stroke.role, stroke.points)
        return (stroke.role, stroke.x, stroke.y, stroke.text)

    return tuple(look(stroke) for stroke in strokes_of(sheet))


def _title(title: str, scale: int, is_to_scale: bool) -> str:
    return f"{title}, 1:{scale}" if is_to_scale else f"{title}, not to scale"


def _size_text(size: Size) -> str:
    if size.value is None:
        return "waits"
    return size.value.text + (" *" if size.is_assumed else "") + (" as built" if size.is_as_built else "")


def _parts(solution: Solution) -> Iterator[Flowable]:
    yield said("Parts to cut", SECTION)
    rows: list[list[str | Paragraph]] = []
    for part in solution.parts:
        sizes = (part.length, part.width, part.thickness)
        name = part.name + (f" ({part.hand})" if part.hand else "")
        other = " × ".join(s.value.other if s.value else "?" for s in sizes)
        rows.append(
            [
                said(" ".join(part.marks), BIG),
                str(part.count),
                said(name),
                *(said(_size_text(size), BIG) for size in sizes),
                said(f"{other}; {part.material}", FINE),
            ]
        )
    yield table(
        ("Mark", "No.", "Part", "Length", "Width", "Thick", "Other unit; material"),
        rows,
        (1.1, 0.8, 2.7, 2.1, 1.9, 1.6, 4),
    )
    notes = {j.text: part.name for part in solution.parts for j in part.joinery}
    yield Spacer(1, 3 * mm)
    for text, name in notes.items():
        yield said(f"– {name}: {text}", FINE)
    for hardware in solution.hardware:
        yield said(f"– {hardware.amount}: {hardware.what}", BODY)


def _runners(plan: SolvedPlan) -> Iterator[Flowable]:
    rows: list[list[str | Paragraph]] = []
    boxes = boxes_of(plan.plan)
    for node in boxes:
        for name, what in RUNNERS:
            shown_size = _shown(plan, nearest_key(plan, node.id, name))
            if shown_size is not None:
                own = f"{place_name(plan.plan, node.id)}: {what}" if len(boxes) > 1 else what
                rows.append([own, said(shown_size.text, BIG), shown_size.other])
    if rows:
        yield KeepTogether(
            [
                said("Runner positions and spacer blocks", SECTION),
                table(("What", "Size", "Other unit"), rows, (6, 2, 2)),
            ]
        )
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
    if not solution.tape_checks:
        return
    rows: list[list[str | Paragraph]] = [
        [c.what, said(c.value.text, BIG), c.value.other, f"± {c.tolerance.text}", "________"]
        for c in solution.tape_checks
    ]
    yield KeepTogether(
        [
            said("Tape checks", SECTION),
            table(("Measure", "Should read", "Other unit", "Within", "Reads"), rows, (5, 2, 2, 1.5, 2)),
        ]
    )


def _part_drawings(plan: SolvedPlan) -> Iterator[Flowable]:
    yield said("Part drawings", SECTION)
    for group in merged(plan, parts_of(plan)):
        part = group[0]
        sheet = part_sheet(plan, part)
        if sheet.primitives and part.sheet is not None:
            drawing = Drawing(sheet, WIDTH, 78 * mm)
            times = f", {len(group)} pieces" if len(group) > 1 else ""
            title = _title(sheet.title + times, sheet.scale, drawing.is_to_scale)
            yield KeepTogether([said(title, BIG), drawing, Spacer(1, 3 * mm)])


def _reasons(plan: SolvedPlan) -> Iterator[Flowable]:
    yield said("Why these sizes", SECTION)
    for node in boxes_of(plan.plan)[:1]:
        for name in GOVERNING:
            key = (node.id, name)
            if key in plan.solved.quantities:
                yield from _reason(tell(plan, key)[0])
    yield Spacer(1, 3 * mm)
    yield said(
        "Readings and defaults that these rest on stand on the first page; every further step is in the program.", FINE
    )


def _reason(one: ReasonShown) -> Iterator[Flowable]:
    label = label_of(read_key(one.key)[1])
    value = f"{one.value.text} ({one.value.other})" if one.value else "waits"
    lines: list[Flowable] = [said(f"{label[0].upper()}{label[1:]}: {value}", BIG), said(one.sentence)]
    if one.sum:
        lines.append(said(f"= {one.sum}"))
    if one.problem:
        lines.append(said(f"{one.problem.message} {one.problem.fix}"))
    lines += [said(f"Source: {one.source}", FINE), Spacer(1, 3 * mm)]
    yield KeepTogether(lines)
