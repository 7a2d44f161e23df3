"""Scribe strips: widths by hand, a blank that holds them, and a template that is full size on paper."""

from __future__ import annotations

import io
from typing import Any

import pytest
from pypdf import PdfReader

from tests.helpers import changed, codes, frameless, mm, solved, space_of, step
from vasculum.core.errors import PlanRefused
from vasculum.drawing.primitives import Polyline
from vasculum.drawing.template import template, templates
from vasculum.export.files import EXPORTS
from vasculum.plan.document import Plan
from vasculum.plan.document.reading import FaultyPlan
from vasculum.plan.making.pieces import pieces_of


def with_scribe(plan: Plan, *stations: tuple[str, str], **more: Any) -> tuple[Plan, str]:
    one = {
        "name": "Scribe strip, left", "space": space_of(plan), "side": "left",
        "stations": [{"at": at, "gap": gap} for at, gap in stations], **more,
    }  # fmt: skip
    id_ = f"scribe-{plan.next_id}"
    return changed(plan, step(f"/scribes/{id_}", one), step("/next_id", plan.next_id + 1, "replace")), id_


WAVY = (("0 in", "1 5/16 in"), ("15 in", "1 9/16 in"), ("30 in", "1 1/16 in"))


def test_the_strip_fills_the_gap_less_reveal_and_caulk() -> None:
    """1 5/16 less 1/4 and 1/16 is 1 inch: common practice for the two, worked here."""
    plan, scribe = with_scribe(frameless(), *WAVY)
    done = solved(plan)
    widths = [done.solved.value(f"{scribe}+{n}", "strip_width_here") for n in (1, 2, 3)]
    assert widths == [mm("1"), mm("1 1/4"), mm("3/4")]
    assert done.solved.value(scribe, "strip_width_cut") == mm("1 1/4")
    assert done.solved.value(scribe, "strip_length_cut") == mm("30")


def test_its_blank_is_a_part_and_an_unmeasured_strip_is_none() -> None:
    plan, scribe = with_scribe(frameless(), *WAVY)
    assert [p.id for p in pieces_of(solved(plan)) if p.role == "scribe"] == [f"{scribe}/scribe"]
    bare, _ = with_scribe(frameless())
    assert not [p for p in pieces_of(solved(bare)) if p.role == "scribe"]
    assert not codes(bare, "stop")


def test_a_gap_that_reveal_and_caulk_fill_is_refused() -> None:
    plan, _ = with_scribe(frameless(), ("0 in", "5/16 in"), ("10 in", "1 in"))
    assert codes(plan, "stop") == {"no-room-for-scribe"}


def test_a_scribe_in_no_space_is_refused() -> None:
    with pytest.raises(FaultyPlan, match="There is no space"):
        with_scribe(frameless(), *WAVY, space="space-99")


def test_the_template_is_the_strip_at_full_size() -> None:
    plan, scribe = with_scribe(frameless(), *WAVY)
    sheet = template(solved(plan), scribe)
    assert sheet.scale == 1
    (outline,) = (p for p in sheet.primitives if isinstance(p, Polyline))
    zero = mm("0")
    wall = [(mm("1"), zero), (mm("1 1/4"), mm("15")), (mm("3/4"), mm("30"))]
    assert outline.points == ((zero, zero), *wall, (zero, mm("30")))


def test_one_station_makes_no_template() -> None:
    plan, scribe = with_scribe(frameless(), ("0 in", "1 in"))
    assert not template(solved(plan), scribe).primitives
    with pytest.raises(PlanRefused, match="no scribe strip"):
        EXPORTS["templates.pdf"].make(solved(plan), 1)


def test_the_template_is_tiled_and_every_page_says_where_it_belongs() -> None:
    """30 inches are 762 mm: four pages of Letter, 245 mm each, and each with a bar to measure."""
    plan, _ = with_scribe(frameless(), *WAVY)
    assert len(templates(solved(plan))) == 1
    pages = PdfReader(io.BytesIO(EXPORTS["templates.pdf"].make(solved(plan), 4))).pages
    texts = [page.extract_text() for page in pages]
    assert len(texts) == 4
    assert [f"page {n} of 4" in text for n, text in enumerate(texts, 1)] == [True] * 4
    assert all("revision 4" in text and "100 mm" in text for text in texts)


def test_templates_go_into_the_drawings_at_full_size() -> None:
    plan, _ = with_scribe(frameless(), *WAVY)
    assert b"template, full size, 1:1" in EXPORTS["drawing.svg"].make(solved(plan), 1)
