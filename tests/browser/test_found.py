"""A layout that a search finds: drawn before it is kept, then kept, bought, and its proof said."""

from __future__ import annotations

import re
from pathlib import Path

import pytest
from playwright.sync_api import expect

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
