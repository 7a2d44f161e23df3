"""Labels: one for each drawer, inside its sheet's places, with what lies in it and a code that opens its page."""

from __future__ import annotations

from io import BytesIO

import pytest
import segno
from pypdf import PdfReader

from tests.conftest import Api
from tests.helpers import act, drawer_of, frameless, solved, split
from vasculum.core.tables import label_sheets
from vasculum.demo import demo_plan
from vasculum.export.pdf.labels import labels
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.making.on_stock import stocks_of
from vasculum.plan.making.pieces import pieces_of
from vasculum.plan.telling.labels import labels_of, part_labels

SHEETS = {one.id: one for one in label_sheets()}
PAPERS = {"A4": (210.0, 297.0), "Letter": (215.9, 279.4)}
BENCH = "potting-bench"


def page_of(place: str) -> str:
    return f"http://127.0.0.1:8017/plans/p/drawer/{place}"


def said(made: bytes) -> list[str]:
    return [" ".join(page.extract_text().split()) for page in PdfReader(BytesIO(made)).pages]


def of_drawers(plan: SolvedPlan, size: str) -> bytes:
    return labels(plan.plan.name, labels_of(plan.plan), SHEETS[size], page_of)


def many(count: int) -> SolvedPlan:
    plan, _ = split(frameless("22 1/2", "60"), "place-2", "rows", *({"name": f"Row {n}"} for n in range(count)))
    return solved(plan)


@pytest.mark.parametrize("sheet", SHEETS.values(), ids=lambda one: one.id)
def test_a_sheet_of_labels_lies_on_its_paper(sheet: object) -> None:
    width, height = PAPERS[sheet.paper]  # type: ignore[attr-defined]
    wide = sheet.left + sheet.across * sheet.width + (sheet.across - 1) * sheet.gap_across  # type: ignore[attr-defined]
    high = sheet.top + sheet.down * sheet.height + (sheet.down - 1) * sheet.gap_down  # type: ignore[attr-defined]
    assert float(wide) <= width + 0.01
    assert float(high) <= height + 0.01


@pytest.mark.parametrize("size", SHEETS)
def test_every_drawer_of_the_bench_has_its_label_with_what_lies_in_it(size: str) -> None:
    (page,) = said(of_drawers(solved(demo_plan(BENCH)), size))
    for number, name, kept in (("1", "Labels", "Label box"), ("6", "Trays", "Seed tray"), ("7", "Sieves", "")):
        assert f"{number} {name} {kept}".strip() in page


@pytest.mark.parametrize(("count", "pages"), [(24, 1), (25, 2)])
def test_more_labels_than_a_sheet_has_go_on_on_the_next(count: int, pages: int) -> None:
    made = said(of_drawers(many(count), "a4-24"))
    assert len(made) == pages
    assert f"{count} Row {count - 1}" in made[-1]


def test_a_long_list_is_cut_to_the_lines_that_there_are() -> None:
    plan = frameless()
    for number in range(40):
        plan = act(plan, "add-thing", name=f"Thing with a long name {number}", length="1", width="1", height="1")
        plan = act(plan, "put-thing", thing=list(plan.things)[-1], place=drawer_of(plan))
    (page,) = said(of_drawers(solved(plan), "letter-30"))
    assert "Thing with a long name 0" in page
    assert "Thing with a long name 39" not in page


def test_labels_come_over_the_wire_on_the_paper_of_the_plan(api: Api) -> None:
    answer = api.client.get(f"/api/plans/{BENCH}/labels.pdf")
    assert answer.status_code == 200
    box = PdfReader(BytesIO(answer.data)).pages[0].mediabox
    assert round(float(box.height)) == 842  # A4, for it is in millimetres
    other = api.client.get(f"/api/plans/{BENCH}/labels.pdf?size=letter-10")
    assert round(float(PdfReader(BytesIO(other.data)).pages[0].mediabox.height)) == 792
    refused = api.client.get(f"/api/plans/{BENCH}/labels.pdf?size=a4-999")
    assert (refused.status_code, refused.json["code"]) == (404, "no-such-labels")


def test_every_part_has_its_label_in_the_order_of_its_sheets() -> None:
    done = solved(demo_plan(BENCH))
    told = list(part_labels(done))
    marks = [done.plan.marks[one.id] for one in pieces_of(done) if one.size is not None]
    assert sorted(str(one.number) for one in told) == sorted(marks)
    first = stocks_of(done)[0]
    lain = [leaf.part for leaf in first.laid.best.parts()]
    assert [str(one.number) for one in told[: len(lain)]] == [done.plan.marks[name] for name in lain]
    assert f"{first.sheet.name}, sheet 1" in told[0].kept
    made = said(labels(done.plan.name, told, SHEETS["a4-24"], page_of))
    assert told[0].name in made[0]


def test_labels_of_parts_come_over_the_wire(api: Api) -> None:
    answer = api.client.get(f"/api/plans/{BENCH}/labels.pdf?of=parts")
    assert answer.status_code == 200
    assert "part-labels" in answer.headers["Content-Disposition"]
    assert "box side" in " ".join(said(answer.data)).lower()


def test_the_code_on_a_part_opens_where_parts_are_cut_and_on_a_drawer_its_page(
    api: Api, monkeypatch: pytest.MonkeyPatch
) -> None:
    links: list[str] = []
    made = segno.make

    def noted(link: str, **more: bool) -> segno.QRCode:
        links.append(link)
        return made(link, **more)

    monkeypatch.setattr("vasculum.export.pdf.labels.segno.make", noted)
    assert api.client.get(f"/api/plans/{BENCH}/labels.pdf?of=parts").status_code == 200
    assert links
    assert {link.partition("/plans/")[2] for link in links} == {f"{BENCH}/cut"}
    links.clear()
    assert api.client.get(f"/api/plans/{BENCH}/labels.pdf").status_code == 200
    assert links
    assert all(f"/plans/{BENCH}/drawer/" in link for link in links)
