"""The walk of a stranger: from the demo to their own drawer, its reasons, its paper, and back after a restart."""

from __future__ import annotations

import io
import re

import pypdf
from playwright.sync_api import Page, expect

from tests.browser.conftest import Open, Server, Watch, at_its_plan, kept, ready, turn_to, unfold

DEMO = "/plans/scullery-cupboard"


def type_and_keep(page: Page, label: str, text: str) -> None:
    field = page.get_by_label(label, exact=False).first
    field.fill(text)
    field.press("Enter")
    moved = page.get_by_role("region", name="What moved")
    expect(moved.get_by_role("heading")).to_contain_text(f"measured: {text} in")
    kept(page)


def start_my_own(page: Page) -> None:
    page.get_by_role("link", name="Measure my own").click()
    page.get_by_label("How wide").fill("22 1/2")
    page.get_by_label("How wide").press("Enter")
    expect(page.get_by_label("How high")).to_be_focused()
    page.keyboard.type("240 mm")
    page.keyboard.press("Enter")
    page.keyboard.type("18 3/4 - 1/8")
    expect(page.get_by_test_id("first-result")).to_contain_text("6 parts")
    page.get_by_label("Call it").fill("Jar cupboard")
    page.get_by_role("button", name="Keep it and go on").click()
    at_its_plan(page)
    unfold(page)


def test_a_first_visitor_finds_the_demo_and_one_large_button(open_at: Open) -> None:
    page = open_at("/")
    expect(page.get_by_label("Name of the plan")).to_have_value("Scullery cupboard")
    expect(page.get_by_role("link", name="Measure my own")).to_be_visible()
    assert page.locator(".drawing .dim").count() >= 6


def test_three_numbers_stand_as_a_drawn_drawer(open_at: Open) -> None:
    page = open_at("/")
    start_my_own(page)
    expect(page.get_by_label("Name of the plan")).to_have_value("Jar cupboard")
    expect(page.locator(".drawing text", has_text="22 1/2").first).to_be_visible()
    expect(page.locator("[data-code=width-taken-once]")).to_be_visible()


def test_two_more_readings_and_the_smallest_governs(open_at: Open) -> None:
    page = open_at("/")
    start_my_own(page)
    group = page.get_by_role("region", name="Frame opening, width")
    group.get_by_label("low").fill("22 7/16")
    group.get_by_label("low").press("Enter")
    group.get_by_label("high").fill("572 mm")
    group.get_by_label("high").press("Enter")
    expect(page.locator("[data-code=widths-differ]")).to_be_visible()
    expect(page.locator("[data-code=width-taken-once]")).to_have_count(0)
    expect(group.locator(".length-field", has_text="governs")).to_have_count(1)
    page.get_by_role("button", name="Governing width 22 7/16").click()
    why = page.get_by_role("region", name="Why this size")
    expect(why).to_contain_text("The narrowest reading governs the width.")
    expect(why).to_contain_text("smallest of (")


def test_measured_sides_list_everything_that_moved(open_at: Open) -> None:
    page = open_at(f"{DEMO}/make")
    type_and_keep(page, "Plywood 1/2 measures", "15/32")
    moved = page.get_by_role("region", name="What moved")
    row = moved.locator("li", has_text="box front length, cut")
    expect(row).to_contain_text("20 3/8")
    expect(row).to_contain_text("20 7/16")
    expect(moved.locator("li", has_text="groove depth in the sides")).to_contain_text("15/64")


def test_joint_and_bottom_change_by_picture(open_at: Open) -> None:
    page = open_at(f"{DEMO}/make")
    page.locator("label.kind-card", has_text="Rabbet in front and back").click()
    moved = page.get_by_role("region", name="What moved")
    expect(moved.locator("li", has_text="box side length, cut")).to_contain_text("21 1/2")
    page.get_by_text("Planted under the box").click()
    expect(moved.locator("li", has_text="box wall height, cut").first).to_contain_text("8 13/16")
    turn_to(page, "Cut")
    page.get_by_role("button", name="Box front, Box back", exact=True).click()
    expect(page.locator(".part", has_text="Box front")).to_contain_text("Rabbet for the sides")
    page.get_by_role("button", name="Box side, left (L)").click()
    expect(page.locator(".part", has_text="Box side, left")).to_contain_text("Plywood")
    expect(page.locator(".part", has_text="Box side, left")).not_to_contain_text("Groove")


def test_any_size_tells_its_reasons_back_to_the_tape(open_at: Open) -> None:
    page = open_at(f"{DEMO}/cut")
    button = page.get_by_role("button", name="Box front, Box back, length 20 3/8", exact=False)
    button.click()
    why = page.get_by_role("region", name="Why this size")
    expect(why.locator(".link").first).to_contain_text("box front length, cut")
    for words in ("The front stands between the sides", "runner clearance, one side", "width, middle", "Measured."):
        expect(why).to_contain_text(words)
    page.keyboard.press("Escape")
    expect(why).to_have_count(0)
    expect(button).to_be_focused()


def test_a_part_built_short_keeps_its_plan_beside_and_moves_what_follows(open_at: Open) -> None:
    page = open_at(f"{DEMO}/cut")
    page.get_by_role("button", name="Box front, Box back", exact=True).click()
    page.get_by_role("button", name="Box front, Box back: as built").click()
    page.get_by_label("Length, as built").fill("20 3/8 - 1/32")
    page.get_by_label("Length, as built").press("Enter")
    row = page.locator(".part", has_text="Box front")
    expect(row.get_by_role("button", name="length 20 11/32, as built", exact=False)).to_be_visible()
    expect(row).to_contain_text("planned 20 3/8")
    moved = page.get_by_role("region", name="What moved")
    expect(moved.locator("li", has_text="outside width")).to_contain_text("21 11/32")
    expect(moved.locator("li", has_text="box width")).to_have_count(0)


def test_the_paper_carries_the_revision_and_says_when_it_is_old(open_at: Open, server: Server) -> None:
    page = open_at(f"{DEMO}/cut")
    link = page.get_by_role("link", name="Print pack (PDF), revision 1")
    made = page.request.get(server.url + (link.get_attribute("href") or ""))
    reader = pypdf.PdfReader(io.BytesIO(made.body()))
    assert "revision 1" in reader.pages[0].extract_text()
    page.request.post(f"{server.url}/api/plans/scullery-cupboard/printed", data={"revision": 1})
    page.reload()
    ready(page)
    page.get_by_role("button", name="thickness of Plywood 1/2: It measures this").click()
    expect(page.get_by_text("Printed at revision 1")).to_have_count(0)
    turn_to(page, "Make")
    type_and_keep(page, "Plywood 1/2 measures", "15/32")
    expect(page.get_by_text("Printed at revision 1; ")).to_be_visible()


def test_after_a_restart_all_is_there_and_undo_still_works(open_at: Open, server: Server) -> None:
    page = open_at(f"{DEMO}/make")
    type_and_keep(page, "Plywood 1/2 measures", "15/32")
    type_and_keep(page, "Plywood 1/4 measures", "7/32")
    server.stop()
    server.start()
    page.goto(server.url + f"{DEMO}/make")
    unfold(page)
    expect(page.get_by_label("Plywood 1/2 measures")).to_have_value("15/32")
    page.get_by_role("button", name="Undo").click()
    expect(page.get_by_label("Plywood 1/4 measures")).to_have_value("")
    page.get_by_role("button", name="Undo").click()
    expect(page.get_by_label("Plywood 1/2 measures")).to_have_value("")
    expect(page.get_by_role("button", name="Undo")).to_be_disabled()
    page.get_by_role("button", name="Redo").click()
    expect(page.get_by_label("Plywood 1/2 measures")).to_have_value("15/32")


def test_the_unit_and_the_increment_change_in_the_top_bar(open_at: Open) -> None:
    page = open_at(f"{DEMO}/cut")
    page.get_by_label("Unit").select_option("mm")
    expect(page.get_by_role("button", name="Box side, left, length 558.8", exact=False)).to_be_visible()
    page.get_by_label("Unit").select_option("in")
    page.get_by_label("Cut to").select_option("1/32 in")
    expect(page.get_by_text("8 pieces, cut to 1/32 in")).to_be_visible()
    kept(page)


def test_a_size_that_cannot_be_read_is_refused_though_its_field_was_left_before_the_answer(
    open_at: Open, watch: Watch
) -> None:
    watch.allow("422")
    page = open_at("/new")
    page.route("**/api/plans/preview", lambda route: (page.wait_for_timeout(300), route.continue_()))
    page.get_by_label("How high").fill("9 1/")
    page.get_by_label("How high").blur()
    expect(page.locator(".said--refused")).to_contain_text("cannot be read")


def test_a_size_that_cannot_be_read_is_not_left_out_of_a_new_plan(open_at: Open, watch: Watch) -> None:
    watch.allow("422")
    page = open_at("/new")
    for label, size in (("How wide", "22 1/2"), ("How high", "9 1/"), ("How deep", "18")):
        page.get_by_label(label).fill(size)
        page.get_by_label(label).blur()
    expect(page.locator(".said--refused")).to_contain_text("cannot be read")
    page.get_by_role("button", name="Keep it and go on").click()
    expect(page.get_by_role("alert")).to_contain_text("9 1/")
    expect(page).to_have_url(re.compile("/new$"))
    page.get_by_label("How high").fill("9 1/2")
    expect(page.get_by_test_id("first-result")).to_contain_text("6 parts")
    page.get_by_role("button", name="Keep it and go on").click()
    at_its_plan(page)
    unfold(page)
