"""The sign *kept* tells the truth: what has no answer waits, outlives a reload, and goes when the program is back."""

from __future__ import annotations

import json
import sqlite3
from contextlib import closing

import pytest
from playwright.sync_api import Page, Route, expect

from tests.browser.conftest import Open, Server, Watch, kept, ready
from vasculum.store import database
from vasculum.store.database import database_file

DEMO = "/plans/scullery-cupboard"
EDITS = "**/api/plans/*/edits"


def told(page: Page) -> str:
    return page.get_by_role("alert").filter(has_text="Not kept yet").inner_text()


def gap(page: Page, text: str) -> None:
    field = page.get_by_label("Gap round the front")
    field.fill(text)
    field.press("Enter")


def problem(code: str, status: int) -> dict[str, object]:
    body = {"type": f"urn:x:{code}", "title": "", "status": status, "code": code, "detail": "It broke.", "fix": ""}
    return {"status": status, "content_type": "application/problem+json", "body": json.dumps(body)}


def test_under_a_foreign_lock_a_change_waits_outlives_a_reload_and_is_kept(
    open_at: Open, server: Server, watch: Watch, monkeypatch: pytest.MonkeyPatch
) -> None:
    watch.allow("503")
    monkeypatch.setattr(database, "WRITING_MS", 100)
    page = open_at(f"{DEMO}/make")
    page.on("dialog", lambda dialog: dialog.accept())
    with closing(sqlite3.connect(database_file(server.data), isolation_level=None)) as other:
        other.execute("BEGIN IMMEDIATE")
        gap(page, "3/32")
        expect(page.locator("[data-keeping='not kept']")).to_be_visible()
        assert "Another program holds the database" in told(page)
        page.reload()
        ready(page)
        expect(page.locator("[data-keeping='not kept']")).to_be_visible()
        expect(page.get_by_label("Gap round the front")).not_to_have_value("3/32")
        other.execute("ROLLBACK")
    page.get_by_role("button", name="Send again").click()
    kept(page)
    expect(page.get_by_role("alert")).to_have_count(0)
    expect(page.get_by_label("Gap round the front")).to_have_value("3/32")


@pytest.mark.parametrize("answer", ["none", "a page that is no answer"])
def test_without_an_answer_changes_wait_in_order_and_go_by_themselves(open_at: Open, watch: Watch, answer: str) -> None:
    watch.allow("ERR_FAILED", "502")
    page = open_at(f"{DEMO}/make")

    def away(route: Route) -> None:
        if answer == "none":
            route.abort()
        else:
            route.fulfill(status=502, body="<h1>Bad gateway</h1>", content_type="text/html")

    page.route(EDITS, away)
    gap(page, "3/32")
    expect(page.locator("[data-keeping='not kept']")).to_be_visible()
    page.get_by_text("Planted under the box").click()
    expect(page.get_by_role("alert").filter(has_text="and 1 more")).to_be_visible()
    page.get_by_role("button", name="Undo").click(force=True)
    page.unroute(EDITS)
    kept(page)
    page.reload()
    ready(page)
    expect(page.get_by_label("Gap round the front")).to_have_value("3/32")
    expect(page.get_by_role("region", name="Bottom").locator(".family-chosen strong")).to_have_text(
        "Planted under the box"
    )


def test_an_answer_that_was_lost_is_not_kept_twice(open_at: Open, watch: Watch) -> None:
    """The program kept it, the answer got lost: the person is asked to look, and decides."""
    watch.allow("ERR_FAILED", "409")
    page = open_at(f"{DEMO}/make")

    def lost(route: Route) -> None:
        route.fetch()
        route.abort()

    page.route(EDITS, lost)
    gap(page, "3/32")
    expect(page.locator("[data-keeping='not kept']")).to_be_visible()
    page.unroute(EDITS)
    asked = page.get_by_role("alert").filter(has_text="changed elsewhere")
    expect(asked).to_contain_text("look whether it is in it already")
    page.get_by_role("button", name="Leave it out").click()
    kept(page)
    expect(page.get_by_label("Gap round the front")).to_have_value("3/32")


def test_a_change_that_fails_again_and_again_can_be_left_out(open_at: Open, watch: Watch) -> None:
    watch.allow("500")
    page = open_at(f"{DEMO}/make")
    before = page.get_by_label("Gap round the front").input_value()
    page.route(EDITS, lambda route: route.fulfill(**problem("our-fault", 500)))  # type: ignore[arg-type]
    gap(page, "3/32")
    expect(page.get_by_role("alert").filter(has_text="It broke.")).to_be_visible()
    page.unroute(EDITS)
    page.get_by_role("button", name="Leave it out").click()
    kept(page)
    expect(page.get_by_role("alert")).to_have_count(0)
    page.reload()
    ready(page)
    expect(page.get_by_label("Gap round the front")).to_have_value(before)


def test_the_front_page_opens_by_itself_when_the_program_is_back(open_at: Open, watch: Watch) -> None:
    watch.allow("ERR_FAILED")
    page = open_at(f"{DEMO}/make")
    page.route("**/api/plans/scullery-cupboard", lambda route: route.abort())
    page.reload()
    expect(page.get_by_text("The program does not answer.")).to_be_visible()
    page.unroute("**/api/plans/scullery-cupboard")
    ready(page)
    expect(page.get_by_label("Gap round the front")).to_be_visible()
