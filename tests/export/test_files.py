"""Files read back by another reader: csv, XML, PDF text."""

from __future__ import annotations

import csv
import io
import xml.etree.ElementTree as ET
from fractions import Fraction

import ezdxf
import openpyxl
import pypdf
import pytest

from tests.helpers import (
    changed,
    drawer_of,
    framed,
    frameless,
    measured,
    solved,
    split,
    step,
    value,
    with_readings,
)
from vasculum.core.lengths import show
from vasculum.demo import demo_plan
from vasculum.drawing.opening import opening_sheets
from vasculum.drawing.strokes import strokes_of
from vasculum.export.dxf import dxf_of
from vasculum.export.files import EXPORTS
from vasculum.export.parts_csv import COLUMNS, parts_csv
from vasculum.export.pdf.glyphs import unprintable
from vasculum.export.pdf.measuring import measuring_sheet
from vasculum.export.pdf.pack import print_pack
from vasculum.export.svg import svg_of
from vasculum.plan.document.reading import read_plan
from vasculum.plan.document.settings import SETTINGS, setting_named
from vasculum.plan.document.starting import new_plan
from vasculum.plan.laying.layout import boxes_of, cells_of
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.telling.solution import solution_of
from vasculum.solid.proof import prove

SVG = "{http://www.w3.org/2000/svg}"


@pytest.fixture(scope="module")
def demo() -> SolvedPlan:
    return solved(demo_plan("scullery-cupboard"))


def pdf_text(made: bytes) -> list[str]:
    """Text of each page, white space folded, fractions joined."""
    pages = pypdf.PdfReader(io.BytesIO(made)).pages
    return [" ".join(page.extract_text().split()).replace(" ⁄ ", "⁄") for page in pages]


# ---- CSV ----------------------------------------------------------------------------------------------------------


def test_the_parts_list_has_every_part_with_exact_sizes(demo: SolvedPlan) -> None:
    rows = list(csv.DictReader(io.StringIO(EXPORTS["parts.csv"].make(demo, 1).decode())))
    assert sum(int(r["count"]) for r in rows) == sum(p.count for p in solution_of(demo).parts) == 8
    side = next(r for r in rows if r["name"] == "Box side, left")
    assert Fraction(side["length_mm"]) == value(demo, "side_length_cut")
    assert Fraction(side["width_mm"]) == value(demo, "wall_height_cut")
    assert (side["length"], side["length_other"], side["hand"], side["assumed"]) == ("22", "558.8 mm", "L", "yes")


def test_a_waiting_size_is_an_empty_cell() -> None:
    rows = list(csv.reader(io.StringIO(parts_csv(solution_of(solved(new_plan("Empty", "framed", "in")))).decode())))
    assert tuple(rows[0]) == COLUMNS
    assert {row[4] for row in rows[1:]} == {""}


@pytest.mark.parametrize("name", ["=1+1", "+1", "-1", "−1", "@x"])
def test_a_name_that_a_spreadsheet_would_run_is_marked_as_text(name: str) -> None:
    plan = frameless()
    sheet = plan.choices["side_sheet"]
    plan = changed(plan, step(f"/library/sheets/{sheet}/name", name, "replace"))
    rows = list(csv.DictReader(io.StringIO(parts_csv(solution_of(solved(plan))).decode())))
    assert rows[0]["material"] == f"'{name}"


# ---- XLSX ----------------------------------------------------------------------------------------------------------


def test_the_workbook_reads_back_with_parts_hardware_and_checks(demo: SolvedPlan) -> None:
    book = openpyxl.load_workbook(io.BytesIO(EXPORTS["parts.xlsx"].make(demo, 1)))
    assert book.sheetnames == ["Parts", "To buy", "Tape checks"]
    head, *rows = book["Parts"].iter_rows(values_only=True)
    parts = [dict(zip(head, row, strict=True)) for row in rows]
    assert sum(int(p["No."]) for p in parts) == 8  # type: ignore[arg-type]
    side = next(p for p in parts if p["Part"] == "Box side, left")
    assert (side["Length"], side["Length mm"]) == ("22", pytest.approx(558.8))
    assert (
        next(row[2] for row in book["To buy"].iter_rows(min_row=2, values_only=True))
        == "Side-mount ball-bearing runner, 22 in"
    )
    assert book["Tape checks"].max_row == len(solution_of(demo).tape_checks) + 1


def test_a_waiting_size_is_an_empty_cell_of_the_workbook() -> None:
    made = EXPORTS["parts.xlsx"].make(solved(new_plan("Empty", "framed", "in")), None)
    rows = list(openpyxl.load_workbook(io.BytesIO(made))["Parts"].iter_rows(min_row=2, values_only=True))
    assert {row[4] for row in rows} == {None}


# ---- DXF -----------------------------------------------------------------------------------------------------------


def test_the_dxf_reads_back_full_size(demo: SolvedPlan) -> None:
    document = ezdxf.read(io.StringIO(EXPORTS["drawing.dxf"].make(demo, 1).decode()))
    assert not document.audit().errors
    assert document.units == ezdxf.units.MM
    outlines = [p for p in document.modelspace().query("LWPOLYLINE") if p.dxf.layer == "outline" and p.closed]
    xs = [x for x, *_ in outlines[0].get_points()]
    assert max(xs) - min(xs) == pytest.approx(float(value(demo, "opening_width")))
    texts = {t.dxf.text for t in document.modelspace().query("TEXT")}
    assert {"22 1/2", "9 7/16", "21 3/8"} <= texts


def test_the_dxf_holds_every_stroke_of_every_sheet(demo: SolvedPlan) -> None:
    sheets = opening_sheets(demo)
    document = ezdxf.read(io.StringIO(dxf_of(sheets).decode()))
    drawn = sum(1 for sheet in sheets for stroke in strokes_of(sheet) if stroke.role != "cell")
    assert len(document.modelspace()) == drawn


# ---- SVG ----------------------------------------------------------------------------------------------------------


def test_the_drawing_is_in_real_millimetres(demo: SolvedPlan) -> None:
    sheet = opening_sheets(demo)[0]
    root = ET.fromstring(svg_of([sheet], "Title & more"))
    assert root.find(f"{SVG}title").text == "Title & more"  # type: ignore[union-attr]
    _x, _y, width, _height = map(float, root.get("viewBox", "").split())
    assert root.get("width") == f"{width:.3f}mm"
    opening = next(
        p
        for p in root.iter(f"{SVG}path")
        if p.get("class") == "outline" and p.get("data-key", "").endswith("opening_width")
    )
    across = [float(part.split()[0].lstrip("ML")) for part in opening.get("d", "").replace(" Z", "").split(" L")]
    assert max(across) - min(across) == pytest.approx(float(value(demo, "opening_width")) / sheet.scale, abs=0.01)


def test_the_drawing_file_holds_every_stroke(demo: SolvedPlan) -> None:
    sheets = opening_sheets(demo)
    root = ET.fromstring(svg_of(sheets, "Any"))
    groups = root.findall(f"{SVG}g")
    drawn = [[stroke for stroke in strokes_of(s) if stroke.role != "cell"] for s in sheets]
    assert [len(g) for g in groups] == [len(strokes) for strokes in drawn]


def test_the_drawing_file_has_parts_and_needs_nothing_else(demo: SolvedPlan) -> None:
    made = EXPORTS["drawing.svg"].make(demo, 7).decode()
    root = ET.fromstring(made)
    assert len(root.findall(f"{SVG}g")) == 8
    assert made.count("http") == made.count("http://www.w3.org/2000/svg")
    assert "revision 7" in (root.find(f"{SVG}title").text or "")  # type: ignore[union-attr]


# ---- JSON ---------------------------------------------------------------------------------------------------------


def test_the_plan_file_reads_back(demo: SolvedPlan) -> None:
    assert read_plan(EXPORTS["plan.json"].make(demo, 1)) == demo.plan


# ---- PDF ----------------------------------------------------------------------------------------------------------


def test_the_print_pack_holds_all_that_was_promised(demo: SolvedPlan) -> None:
    pages = pdf_text(EXPORTS["sheet.pdf"].make(demo, 12))
    whole = " ".join(pages)
    for heading in (
        "Scullery cupboard", "Measured", "Still assumed: measure the piece in your hand", "Notes",
        "Positions: elevation, from the front", "Section, from the side", "Parts to cut", "Set-ups",
        "Packing strips, thickness at each station", "Tape checks", "Parts with something to mark", "Why these sizes",
        "To buy",
    ):  # fmt: skip
        assert heading in whole, heading
    assert all(f"revision 12 page {n} of {len(pages)}" in page for n, page in enumerate(pages, 1))
    assert len(pages) <= 7


def test_the_first_two_pages_are_enough_at_the_saw() -> None:
    """Every part with its cut sizes on the first, every position and set-up on the second; a bank of six in seven."""
    bank = solved(demo_plan("potting-bench"))
    first, second, *rest = pdf_text(print_pack(bank, 1))
    for part in solution_of(bank).parts:
        assert part.name in first
        assert part.length.value is not None
        assert part.length.value.text in first
        for cut in part.joinery:
            assert "unner line" in cut.text or cut.text in second
    for node in boxes_of(bank.plan):
        for name in ("spacer_block_cut", "runner_from_floor", "runner_line_on_wall"):
            assert show(bank.solved.value(node.id, name), "mm") in second
    assert "Packing strips" in second
    assert len(rest) <= 5


def test_the_widest_parts_of_a_stock_come_first_for_one_fence_cuts_all_of_a_width() -> None:
    bank = solved(demo_plan("potting-bench"))
    first = pdf_text(print_pack(bank, 1))[0]
    stocks: dict[str, list[tuple[Fraction, int]]] = {}
    for part in solution_of(bank).parts:
        times = f" ×{part.count}" if part.count > 1 else ""
        at = first.index(f" {part.marks[0]}{times} {part.name}")
        assert part.width.value is not None
        stocks.setdefault(part.material, []).append((Fraction(part.width.value.mm or 0), at))
    assert len(stocks) == 3
    for rows in stocks.values():
        widths = [width for width, _ in sorted(rows, key=lambda row: row[1])]
        assert widths == sorted(widths, reverse=True)
    assert len({width for width, _ in stocks["Plywood 12 mm"]}) == 5


def test_one_mark_stands_for_alike_pieces_and_one_that_becomes_different_gets_its_own() -> None:
    """Six alike bottoms are E ×6; the fourth, cut by itself, is Y, and the rest stay E."""
    bank = demo_plan("potting-bench")
    assert "E ×6" in pdf_text(print_pack(solved(bank), 1))[0]
    (bottom,) = [part for part in solution_of(solved(bank)).parts if part.marks[0] == "E"]
    place = bottom.ids[3].partition("/")[0]
    first = pdf_text(print_pack(solved(changed(bank, step(f"/as_built/{place}~1bottom_width_cut", "541 mm"))), 1))[0]
    assert "E ×5" in first
    assert f"{bottom.marks[3]} Box bottom" in first


@pytest.mark.parametrize(("unit", "paper", "size"), [
    ("mm", None, "A4"), ("in", None, "Letter"), ("mm", "Letter", "Letter"), ("in", "A4", "A4"),
])  # fmt: skip
def test_paper_goes_with_the_unit_or_is_chosen(unit: str, paper: str | None, size: str) -> None:
    """A4 is 210 x 297 mm (ISO 216), Letter 8 1/2 x 11 in (ANSI Y14.1)."""
    plan = new_plan("Any", "frameless", unit, "600 mm", "200 mm", "500 mm")  # type: ignore[arg-type]
    plan = changed(plan, step("/paper", paper)) if paper else plan
    (page, *_) = pypdf.PdfReader(io.BytesIO(print_pack(solved(plan), 1))).pages
    points = {"A4": (210 / 25.4 * 72, 297 / 25.4 * 72), "Letter": (8.5 * 72, 11 * 72)}[size]
    assert (float(page.mediabox.width), float(page.mediabox.height)) == pytest.approx(points, abs=0.1)


def test_the_print_pack_shows_every_part_in_both_units(demo: SolvedPlan) -> None:
    whole = " ".join(pdf_text(print_pack(demo, 1)))
    for part in solution_of(demo).parts:
        assert part.name.split(",")[0] in whole
        for size in (part.length, part.width, part.thickness):
            assert size.value is not None
            assert size.value.other in whole


def test_the_print_pack_names_what_is_assumed_and_what_stops() -> None:
    bad = solved(frameless(wanted_box_height="12 in"))
    whole = " ".join(pdf_text(print_pack(bad, 1)))
    assert "Settle before cutting" in whole
    assert "Make the box lower" in whole
    fine = solved(measured(frameless(runner_screw_length="3/8 in"), side_sheet="15/32 in"))
    assert "Settle before cutting" not in " ".join(pdf_text(print_pack(fine, 1)))
    assert "thickness of Plywood 1⁄2" not in " ".join(pdf_text(print_pack(fine, 1)))


@pytest.mark.parametrize("plan", [new_plan("Empty", "framed", "in"), new_plan("Half", "frameless", "mm", "600")])
def test_an_unfinished_plan_prints_what_there_is(plan: object) -> None:
    whole = " ".join(pdf_text(print_pack(solved(plan), None)))  # type: ignore[arg-type]
    assert "from a plan file" in whole
    assert "not yet" in whole


def test_names_with_signs_print_as_they_are() -> None:
    plan = changed(frameless(), step("/name", "Jars <b>&amp; racks</b>", "replace"))
    assert "Jars <b>&amp; racks</b>" in pdf_text(print_pack(solved(plan), 1))[0]


def test_fonts_are_embedded(demo: SolvedPlan) -> None:
    reader = pypdf.PdfReader(io.BytesIO(print_pack(demo, 1)))
    for page in reader.pages:
        for font in page["/Resources"]["/Font"].values():  # type: ignore[index, union-attr]
            one = font.get_object()
            if one["/Subtype"] == "/TrueType":
                assert "/FontFile2" in one["/FontDescriptor"]
    bases = {f.get_object()["/BaseFont"] for p in reader.pages for f in p["/Resources"]["/Font"].values()}  # type: ignore[index, union-attr]
    assert any("SourceSans3" in base for base in bases)


def test_the_same_plan_prints_the_same_bytes(demo: SolvedPlan) -> None:
    assert print_pack(demo, 3) == print_pack(demo, 3)


def test_the_measuring_sheet_prints_before_any_number_is_known() -> None:
    whole = " ".join(pdf_text(measuring_sheet(setting_named("cabinet"))))
    for station in (
        "Width",
        "Height",
        "Depth, from the face",
        "Diagonals",
        "rising right",
        "W middle",
        "D left",
        "H right",
    ):
        assert station in whole


@pytest.mark.parametrize("what", [one.what for one in SETTINGS])
def test_the_measuring_sheet_asks_what_to_look_for_in_such_a_space(what: str) -> None:
    setting = setting_named(what)
    whole = " ".join(pdf_text(measuring_sheet(setting))).replace("\n", " ")
    assert setting.title.lower() in whole
    for one in setting.look_for:
        assert one.name in whole
    assert ("Frame opening" in whole) == setting.may_be_framed


def test_drawers_above_each_other_share_a_section_and_columns_that_look_alike_too() -> None:
    plan = frameless("45 3/4", "29 5/8", "18")
    plan, sides = split(plan, drawer_of(plan), "columns", {"name": "Left"}, {"name": "Right"})
    for side in sides:
        plan, _ = split(plan, side, "rows", {"name": "High"}, {"name": "Low"})
    whole = " ".join(pdf_text(print_pack(solved(plan), 1)))
    assert whole.count("Section, from the side") == 1
    assert "1 High, 2 Low, 3 High, 4 Low" in whole
    plan, _ = split(plan, cells_of(plan, plan.space_order[0])[3].id, "rows", {"name": "Third"}, {"name": "Last"})
    whole = " ".join(pdf_text(print_pack(solved(plan), 1)))
    assert whole.count("Section, from the side") == 2


def test_packing_per_station_is_printed() -> None:
    inside = [
        {"of": "width", "value": "24 in", "along": "front", "level": "low"},
        {"of": "width", "value": "23 1/2 in", "along": "back", "level": "low"},
    ]
    plan = solved(with_readings(framed(), "case", *inside))
    whole = " ".join(pdf_text(print_pack(plan, 1)))
    assert "Packing strips, thickness at each station" in whole
    assert drawer_of(plan.plan)


def test_each_piece_says_what_it_weighs_and_a_denser_sheet_weighs_more() -> None:
    """A front of 694 x 194 x 18 mm at 600 kg per cubic metre: 1.454 kg; at 750 a quarter more. Worked by hand."""
    plan = new_plan("Heavy", "frameless", "mm", "700", "200", "500")
    weights = []
    for density in (None, 750):
        dense = changed(plan, step(f"/library/sheets/{plan.choices['front_sheet']}/density", density))
        (front,) = [part for part in solution_of(solved(dense)).parts if part.name == "Front"]
        weights.append(front.weight)
    assert weights == ["1.45 kg", "1.82 kg"]


# ---- paper that prints whatever the plan is -----------------------------------------------------------------------


def bank(drawers: int) -> SolvedPlan:
    plan = frameless("30", "480", "20")
    return solved(split(plan, drawer_of(plan), "rows", *[{}] * drawers, divider="open")[0])


def test_many_equal_drawers_print_with_one_mark_and_their_numbers() -> None:
    plan = bank(60)
    text = " ".join(pdf_text(print_pack(plan, 1)))
    part = next(part for part in solution_of(plan).parts if part.count == 60)
    assert f"{part.marks[0]} ×60" in text
    assert "· 1–60" in text


def test_a_row_higher_than_a_page_goes_on_on_the_next() -> None:
    plan = frameless()
    source = " ".join(f"word{number:03}" for number in range(220))
    plan = changed(plan, step(f"/library/sheets/{plan.choices['side_sheet']}/source", source))
    text = " ".join(pdf_text(print_pack(solved(plan), 1)))
    assert all(f"word{number:03}" in text for number in range(220))


WORDS = ["Łódź ŦĬ ễ", "Жук ґанок", "Ωμέγα ᾧ", "2⅝ ½ ≈ → ≤"]


@pytest.mark.parametrize("words", WORDS)
def test_latin_greek_cyrillic_and_fractions_print(words: str) -> None:
    plan = changed(frameless(), step("/name", words, "replace"), step("/note", words, "replace"))
    pages = pdf_text(print_pack(solved(plan), 1))
    assert pages[0].count(words) == 3  # title, note and foot
    assert unprintable(plan) == []


def test_signs_without_a_glyph_are_named_and_stand_as_boxes() -> None:
    plan = changed(frameless(), step("/note", "Fach 木 und 木 🪚", "replace"))
    assert unprintable(plan) == [("Fach 木 und 木 🪚", "木🪚")]
    page = pdf_text(print_pack(solved(plan), 1))[0]
    assert "Fach □ und □ □" in page
    assert "U+6728, U+1FA9A" in page


def test_meetings_of_one_drawer_stand_as_one_line_on_paper() -> None:
    """Boxes 300 mm high in rows of 113 to 228: dozens meet, and the paper says it once for each drawer."""
    bank = demo_plan("potting-bench")
    plan = solved(changed(bank, step("/choices/wanted_box_height", "300 mm")))
    stops = [one for one in solution_of(plan, prove(plan)).findings if one.severity == "stop"]
    pages = pdf_text(print_pack(plan, 1))
    whole = " ".join(pages)
    lines = {one.group for one in stops}
    assert len(lines) < len(stops) / 2
    assert whole.count("more like it") >= 3
    assert "Settle before cutting" in pages[0]
    assert len(pages) <= 10
