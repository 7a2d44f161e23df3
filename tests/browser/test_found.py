"""A layout that a search finds: drawn before it is kept, then kept, bought, and its proof said."""

from __future__ import annotations

import re
from pathlib import Path

import pytest
from playwright.sync_api import Locator, expect

from tests.browser.conftest import Open, Server
from vasculum.cutting.search import is_installed

JOB = Path(__file__).parent.parent / "jobs/03-pocket-bank.json"
PATIENCE = 60_000


@pytest.mark.skipif(not is_installed(), reason="the search wants Python 3.12 or newer")
def test_a_better_layout_is_looked_at_before_it_is_kept(open_at: Open, server: Server) -> None:
    page = open_at("/")
    told = page.request.post(
        f"{server.url}/api/plans/import",
        data=JOB.read_bytes(),
        headers={"Content-Type": "application/json", "Origin": server.url},
    ).json()
    page = open_at(f"/plans/{told['id']}/cut")
    found = page.get_by_role("region", name="Found for Plywood 1/4")
    expect(found).to_contain_text(re.compile(r"1 sheet; .*settings"), timeout=PATIENCE)
    found.get_by_text("Look at it").click()
    expect(found.locator("svg")).to_contain_text("case back")
    thin = page.get_by_role("region", name="Plywood 1/4", exact=True)
    expect(thin).to_contain_text("2 sheets")
    found.get_by_role("button", name="Keep it").click()
    expect(thin).to_contain_text("1 sheet; no fewer will do")
    expect(thin.get_by_role("button", name="As kept")).to_be_visible()


def test_a_pair_is_cut_from_one_piece_with_a_spare_one_beside(open_at: Open) -> None:
    page = open_at("/plans/potting-bench/cut")
    parts = page.get_by_role("region", name="Parts", exact=True)
    row = parts.locator("li.part").filter(has_text="Box side, left").first
    row.locator("button.name").click()
    row.get_by_label("Spare, cut as well").fill("1")
    row.get_by_label("Spare, cut as well").press("Enter")
    expect(row).to_contain_text("and 1 spare")
    row.get_by_role("button", name=re.compile("pair from one piece")).click()
    expect(row).to_contain_text("from one piece")
    sheets = page.get_by_role("region", name="Sheets", exact=True)
    expect(sheets).to_contain_text("box side, left, spare")
    row.get_by_role("button", name="No longer from one piece").click()
    expect(row.get_by_role("button", name=re.compile("pair from one piece"))).to_be_visible()


def test_another_sheet_that_spares_one_is_told_and_taken(open_at: Open) -> None:
    page = open_at("/plans/scullery-cupboard/cut")
    sheets = page.get_by_role("region", name="Sheets", exact=True)
    sheets.get_by_role("button", name="Look for fewer").click()
    said = "One sheet and 31.00 less, if Plywood 1/2 is taken for the bottom."
    told = sheets.locator("p").filter(has_text=said)
    expect(told).to_be_visible(timeout=PATIENCE)
    expect(sheets.get_by_role("region", name="Plywood 1/4", exact=True)).to_be_visible()
    told.get_by_role("button", name="Take it so").click()
    expect(sheets.get_by_role("region", name="Plywood 1/4", exact=True)).to_have_count(0)


def test_an_offcut_from_another_plans_rack_is_taken_over(open_at: Open) -> None:
    def thin(plan: str) -> Locator:
        page = open_at(f"/plans/{plan}/cut")
        sheets = page.get_by_role("region", name="Sheets", exact=True)
        return sheets.get_by_role("region", name="Plywood 6 mm")

    van = thin("survey-van")
    van.get_by_text("In hand", exact=True).click()
    form = van.get_by_role("form", name="An offcut of Plywood 6 mm")
    for label, said in (("Where it stands", "behind the door"), ("Along the grain", "1300"), ("Across", "600")):
        form.get_by_label(label).fill(said)
    form.get_by_role("button", name="Into the rack").click()
    expect(van).to_contain_text("1300 × 600")
    bench = thin("potting-bench")
    bench.get_by_text("In hand", exact=True).click()
    bench.get_by_role("button", name="take it over").click()
    expect(bench).to_contain_text("behind the door, used here")
    expect(bench.get_by_role("button", name="take it over")).to_have_count(0)
    expect(thin("survey-van").get_by_text("In hand", exact=True)).to_be_visible()
