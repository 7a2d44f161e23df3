"""Sheets of panels: shut to one line that says what holds, open where one works; and findings that lead to the field."""

from __future__ import annotations

import pytest
from playwright.sync_api import Locator, Page, expect

from tests.browser.conftest import Open, at_its_plan, kept, ready, unfold

BENCH = "/plans/potting-bench"
PHONE = {"width": 360, "height": 740}


def front_screw(page: Page) -> Locator:
    return page.locator("[data-field='plan/front_screw_length'] input")


def heights(page: Page) -> tuple[int, int]:
    """How high a sheet is, and how much of it is in view."""
    high, seen = page.evaluate("(s => [s.scrollHeight, s.clientHeight])(document.querySelector('.sheet'))")
    return high, seen


@pytest.mark.parametrize("stage", ["measure", "fill", "make", "cut"])
def test_a_sheet_as_it_is_found_is_at_most_three_screens_long(open_at: Open, stage: str) -> None:
    page = open_at(f"{BENCH}/{stage}", as_found=True)
    high, seen = heights(page)
    assert high <= 3 * seen


def test_a_shut_panel_says_what_holds_and_stays_as_it_was_left(open_at: Open) -> None:
    page = open_at(f"{BENCH}/make", as_found=True)
    runners = page.locator("[data-panel=runners]")
    expect(runners).to_have_attribute("aria-expanded", "false")
    expect(runners).to_contain_text("Side-mount ball-bearing, 500, 12.7 a side")
    expect(page.get_by_label("Most runner play")).to_have_count(0)
    runners.click()
    expect(page.get_by_label("Most runner play")).to_be_visible()
    page.locator("[data-panel=drawer]").click()
    page.reload()
    ready(page)
    expect(runners).to_have_attribute("aria-expanded", "true")
    expect(page.locator("[data-panel=drawer]")).to_have_attribute("aria-expanded", "false")


def test_on_a_phone_one_panel_is_open_at_a_time(open_at: Open, page: Page) -> None:
    page.set_viewport_size(PHONE)
    page = open_at(f"{BENCH}/make")
    for panel in ("runners", "front"):
        page.locator(f"[data-panel={panel}]").click()
        expect(page.locator(".panel > h2 > button[aria-expanded=true]")).to_have_count(1)
        expect(page.locator(f"[data-panel={panel}]")).to_have_attribute("aria-expanded", "true")


def test_a_drawer_that_differs_marks_the_panel_that_it_differs_in(open_at: Open) -> None:
    page = open_at(f"{BENCH}/fill")
    page.get_by_label("Let it differ in").select_option("gap")
    page.get_by_label("Gap round the front").fill("5")
    page.get_by_label("Gap round the front").press("Enter")
    kept(page)
    page.get_by_role("link", name="Make").click()
    expect(page.locator("[data-panel=front]")).to_contain_text("1 otherwise")
    expect(page.locator("[data-panel=runners]")).not_to_contain_text("otherwise")


def test_a_finding_leads_to_the_field_that_mends_it(open_at: Open) -> None:
    page = open_at(f"{BENCH}/make")
    front_screw(page).fill("12")
    front_screw(page).press("Enter")
    kept(page)
    finding = page.locator("[data-code=front-screw-too-short]")
    expect(page.locator("[data-panel=screws] .wants")).to_be_visible()
    page.locator("[data-panel=screws]").click()  # shut again
    page.get_by_role("link", name="Cut").click()
    finding.get_by_role("button", name="Go to front screw").click()
    expect(page.locator("h1")).to_have_text("Make")
    expect(front_screw(page)).to_be_focused()


def test_findings_are_ranked_and_notes_are_shut_to_their_number(open_at: Open) -> None:
    page = open_at(f"{BENCH}/make", as_found=True)
    findings = page.get_by_role("region", name="Findings")
    expect(findings).to_contain_text("nothing speaks against cutting")
    expect(findings.get_by_role("listitem")).to_have_count(0)
    findings.get_by_role("button", name="3 notes").click()
    expect(findings.get_by_role("listitem")).to_have_count(3)
    unfold(page)
    page.get_by_label("Box height").fill("400")
    page.get_by_label("Box height").press("Enter")
    kept(page)
    ranks = page.locator(".finding").evaluate_all("all => all.map(one => one.className.split('--')[1])")
    order = ["stop", "attention", "note", "caution"]
    assert ranks == sorted(ranks, key=order.index)
    assert ranks[0] == "stop"
    meet = page.locator("[data-code=pieces-meet]").first
    expect(meet).to_contain_text("more like it")


def test_what_moved_comes_with_a_change_and_can_be_left(open_at: Open) -> None:
    page = open_at(f"{BENCH}/make")
    moved = page.get_by_role("region", name="What moved")
    expect(moved).to_have_count(0)
    page.get_by_label("Gap round the front").fill("4")
    page.get_by_label("Gap round the front").press("Enter")
    expect(moved).to_be_visible()
    page.get_by_role("button", name="Leave what moved").click()
    expect(moved).to_have_count(0)


def test_a_finding_of_another_space_leads_to_the_fields_of_that_space(open_at: Open) -> None:
    page = open_at("/plans/night-bunk/measure")
    spaces = page.get_by_role("region", name="Spaces").locator(".tabs button")
    spaces.nth(1).click()
    field = page.locator("[data-field^='reading-'] input").first
    key = page.locator("[data-field^='reading-']").first.get_attribute("data-field") or ""
    field.fill("5")
    field.press("Enter")
    kept(page)
    spaces.nth(0).click()
    expect(page.locator(f"[data-field='{key}']")).to_have_count(0)
    page.locator("[data-code=rows-over]").get_by_role("button", name="Go to width").first.click()
    expect(spaces.nth(1)).to_have_attribute("aria-pressed", "true")
    expect(page.locator("[data-field^='reading-'] input:focus")).to_have_count(1)


def test_a_finding_is_mended_by_one_press(open_at: Open) -> None:
    page = open_at("/plans/scullery-cupboard/make")
    box_height = page.get_by_role("textbox", name="Box height")
    box_height.fill("12")
    box_height.press("Enter")
    finding = page.locator("[data-code=box-too-high]")
    expect(finding).to_be_visible()
    page.get_by_role("button", name="Mend: box height: 12 in → as it follows").first.click()
    expect(box_height).to_have_value("")
    expect(finding).to_have_count(0)


def test_what_was_never_read_leads_to_its_station_on_a_laptop_and_on_a_phone(open_at: Open, page: Page) -> None:
    for width in (1280, 360):
        page.set_viewport_size({"width": width, "height": 760})
        open_at("/new", as_found=True)
        page.get_by_label("How wide").fill("22")
        page.get_by_label("How wide").blur()
        page.get_by_role("button", name="Keep it and go on").click()
        at_its_plan(page)
        page.goto(page.url.replace("/measure", "/make"))
        ready(page)
        page.get_by_role("button", name="Go to depth").first.click()
        at_its_plan(page)
        if width == 1280:
            expect(page.locator("[data-field$='/depth'] input").first).to_be_focused()
        else:
            expect(page.locator("main").get_by_role("heading", name="depth")).to_be_visible()
