"""Measuring what exists: what stands in the way, and more spaces than one."""

from __future__ import annotations

import re

from playwright.sync_api import Page, expect

from tests.browser.conftest import Open, Server, Watch, at_its_plan, kept, unfold
from vasculum.core.lengths import read_length

BENCH = "/plans/potting-bench/measure"


def menu(page: Page) -> None:
    """What is done with the space in hand."""
    toggle = page.get_by_role("button", name="Space", exact=True)
    if toggle.get_attribute("aria-expanded") != "true":
        toggle.click()


def test_a_hinge_takes_room_from_the_drawer_beside_it_and_gives_it_back(open_at: Open) -> None:
    page = open_at(BENCH)
    way = page.get_by_role("region", name="In the way")
    way.get_by_label("How far it stands in").fill("30")
    way.get_by_label("How far it stands in").press("Enter")
    expect(way.get_by_text("Hinge, from the left")).to_be_visible()
    for label, size in (
        ("Begins behind the front", "20"), ("How far in it goes", "50"), ("Begins above the floor", "400"),
        ("How high it is", "60"),
    ):  # fmt: skip
        way.get_by_label(label).fill(size)
        way.get_by_label(label).press("Enter")
    moved = page.get_by_role("region", name="What moved")
    expect(moved).to_contain_text("how high it is: 60 mm")
    expect(page.locator(".drawing .obstruction")).to_have_count(1)
    page.goto(page.url.replace("measure", "cut"))
    unfold(page)
    page.get_by_label("Parts together by").select_option("place")
    expect(page.get_by_role("region", name="2 Hand tools").get_by_text("Strip past what is in the way")).to_have_count(
        1
    )
    expect(page.get_by_role("region", name="1 Labels").get_by_text("Strip past what is in the way")).to_have_count(0)
    page.goto(page.url.replace("cut", "measure"))
    unfold(page)
    page.get_by_role("button", name="Take away").click()
    expect(page.locator(".drawing .obstruction")).to_have_count(0)


def test_another_space_is_measured_beside_the_first_and_taken_out(open_at: Open) -> None:
    page = open_at(BENCH)
    menu(page)
    page.get_by_label("Another space").select_option("bench frameless")
    spaces = page.get_by_role("region", name="Spaces")
    spaces.get_by_role("button", name="Space 2").click()
    expect(page.get_by_text("The opening is drawn once a width")).to_be_visible()
    menu(page)
    page.get_by_label("Name of the space").fill("Below the window")
    page.get_by_label("Name of the space").press("Enter")
    for title, size in (("Between the legs, front, low", "600"), ("Height, left", "300"), ("Depth, left, low", "500")):
        page.get_by_label(title, exact=True).fill(size)
        with page.expect_response("**/edits"):
            page.get_by_label(title, exact=True).press("Enter")
    kept(page)
    expect(page.locator(".drawing .cell")).to_have_count(1)
    page.goto(page.url.replace("measure", "fill"))
    unfold(page)
    expect(page.locator(".layout .place .number")).to_have_text(["1", "2", "3", "4", "5", "6", "7", "8"])
    page.goto(page.url.replace("fill", "measure"))
    unfold(page)
    spaces.get_by_role("button", name="Below the window").click()
    menu(page)
    page.get_by_role("button", name="Take this space out").click()
    expect(spaces.get_by_role("button", name="Below the window")).to_have_count(0)
    expect(page.locator(".drawing .cell")).to_have_count(7)


def test_readings_are_pasted_looked_at_and_then_taken(open_at: Open) -> None:
    page = open_at("/plans/night-bunk/measure")
    page.get_by_role("button", name="Paste readings").click()
    pasted = page.get_by_role("region", name="Paste readings")
    pasted.get_by_role("textbox").fill("of,side,reading\nheight,middle,295\nheight,middle,29x")
    pasted.get_by_role("button", name="Look at the rows").click()
    expect(pasted.get_by_role("listitem").nth(1)).to_contain_text("3: height,middle,29x")
    expect(page.get_by_label("Governing height")).to_contain_text("300")
    pasted.get_by_role("button", name="Take the 1 good row").click()
    expect(page.get_by_label("Governing height")).to_contain_text("295")


def test_a_mirror_image_stands_beside_its_half(open_at: Open) -> None:
    page = open_at("/plans/potting-bench/measure")
    menu(page)
    page.get_by_role("button", name="Its mirror image beside it").click()
    page.get_by_role("button", name="Bay in the steel frame, mirrored").click()
    cells = page.locator(".drawing .cell")
    expect(page.locator(".drawing .cell[aria-label*='Twine']")).to_have_count(1)
    expect(cells.first).to_have_attribute("aria-label", re.compile("^Cell 8,"))
    expect(page.locator(".drawing text.label")).to_have_count(0)  # readings stand there


def test_a_wavy_wall_gets_a_strip_with_a_template(open_at: Open, server: Server) -> None:
    page = open_at("/plans/night-bunk/measure")
    page.get_by_label("Another scribe strip").select_option("left")
    strips = page.get_by_role("region", name="Scribe strips")
    for number, (at, gap) in enumerate((("0", "33"), ("300", "29")), 1):
        strips.get_by_label("Next station, along").fill(at)
        expect(strips.get_by_text("Say first how far")).to_have_count(0)
        strips.get_by_label("Next station, gap").fill(gap)
        strips.get_by_label("Next station, gap").press("Enter")
        expect(strips.get_by_label(f"Station {number}, gap")).to_have_value(gap)
    expect(strips.get_by_text("blank")).to_contain_text("300")
    expect(strips.get_by_text("blank")).to_contain_text("25.5")
    link = strips.get_by_role("link", name="Templates, full size").get_attribute("href")
    printed = page.request.get(server.url + str(link))
    assert (printed.status, printed.body()[:4]) == (200, b"%PDF")


def test_the_simulated_tape_reads_into_the_station_in_focus(open_at: Open) -> None:
    page = open_at("/plans/night-bunk/measure")
    page.get_by_label("Depth, middle, low").focus()
    page.get_by_role("button", name="Simulated tape: middle, low").click()
    expect(page.get_by_label("Depth, middle, low")).to_have_value(re.compile(r"58\d(\.\d)?"))
    expect(page.get_by_text("· simulated tape")).to_be_visible()
    expect(page.get_by_label("Governing depth")).to_contain_text("58")


def test_a_vehicle_is_measured_and_the_picture_shows_how_its_box_is_turned_in(open_at: Open, watch: Watch) -> None:
    watch.allow("422")
    page = open_at("/new")
    page.get_by_role("radio", name="Vehicle").check(force=True)
    page.get_by_label("A bare number is in").select_option("mm")
    for label, size in (("How wide", "700"), ("How high", "420"), ("How deep", "620")):
        page.get_by_label(label).fill(size)
        page.get_by_label(label).blur()
    page.wait_for_selector("[data-testid=first-result]")
    page.get_by_role("button", name="Keep it and go on").click()
    at_its_plan(page)
    unfold(page)
    menu(page)
    expect(page.get_by_label("What this space is")).to_have_value("vehicle")
    expect(page.get_by_role("heading", name="Width of the floor")).to_be_visible()
    for label, size in (("Width of the door, hatch or mouth", "500"), ("Height of the door, hatch or mouth", "900")):
        page.get_by_label(label).fill(size)
        page.get_by_label(label).press("Enter")
    findings = page.get_by_role("region", name="Findings")
    expect(findings).to_contain_text("turned into place it sweeps")
    page.get_by_role("button", name="Way in", exact=True).click()
    drawing = page.locator(".drawing[aria-label^='The way in']")
    expect(drawing).to_contain_text("meets the wall")
    page.locator("summary", has_text="Load, lid, mats and deck").click()
    page.get_by_label("Payload").fill("500")
    page.get_by_label("Payload").press("Enter")
    page.get_by_label("Weight of the load").fill("a lot")
    page.get_by_label("Weight of the load").press("Enter")
    expect(page.get_by_text("which is no weight")).to_be_visible()
    page.get_by_label("Weight of the load").fill("125")
    page.get_by_label("Weight of the load").press("Enter")
    expect(findings).to_contain_text("125 kg of the 500 kg")


def test_a_wheel_arch_gets_a_profile_and_is_moved_in_the_drawing_with_the_arrows_and_by_hand(
    open_at: Open, page: Page
) -> None:
    open_at("/plans/potting-bench/measure")
    way = page.get_by_role("region", name="In the way")
    way.get_by_role("button", name="Stretcher").click()
    way.get_by_label("How far it stands in").fill("60")
    way.get_by_label("How far it stands in").press("Enter")
    way.get_by_role("button", name="It has a profile").click()
    way.get_by_label("Point 2, above the floor").fill("150")
    way.get_by_label("Point 2, above the floor").press("Enter")
    kept(page)
    thing = page.get_by_role("button", name="Stretcher, in the way")
    thing.focus()
    page.keyboard.press("ArrowUp")
    expect(way.get_by_label("Point 1, above the floor")).to_have_value("0.5")
    expect(way.get_by_label("Point 2, above the floor")).to_have_value("150.5")
    kept(page)
    box = thing.bounding_box()
    assert box is not None
    x, y = box["x"] + box["width"] / 8, box["y"] + box["height"] / 2
    page.mouse.move(x, y)
    page.mouse.down()
    page.mouse.move(x, y - 30, steps=3)
    page.mouse.up()
    expect(way.get_by_label("Point 1, above the floor")).not_to_have_value("0.5")
    page.get_by_role("button", name="Undo").click()  # moves of one thing after each other are one step
    expect(way.get_by_label("Point 1, above the floor")).to_have_value("0")


def test_a_reading_says_who_took_it_and_when(open_at: Open) -> None:
    page = open_at(BENCH)
    page.get_by_label("Who measures").fill("The warden")
    page.get_by_label("Who measures").blur()
    field = page.get_by_label("Depth, right, high", exact=True)
    field.fill("590")
    field.press("Enter")
    kept(page)
    expect(page.get_by_text(re.compile(r"The warden, 20\d\d-\d\d-\d\d"))).to_be_visible()


def test_a_mattress_is_picked_by_name_and_what_contradicts_it_is_said(open_at: Open) -> None:
    page = open_at("/plans/night-bunk/measure")
    page.get_by_label("A mattress by its name").select_option("160")
    expect(page.get_by_label("Mattress width")).to_have_value("160 cm")
    expect(page.get_by_role("region", name="Findings")).to_contain_text("wider than its platform")


def test_a_profile_begins_with_what_was_said_and_goes_back_without_losing_it(open_at: Open) -> None:
    page = open_at(BENCH)
    way = page.get_by_role("region", name="In the way")
    way.get_by_label("How far it stands in").fill("30")
    way.get_by_label("How far it stands in").press("Enter")
    for label, size in (
        ("Begins behind the front", "20"), ("How far in it goes", "50"), ("Begins above the floor", "400"),
        ("How high it is", "60"),
    ):  # fmt: skip
        way.get_by_label(label).fill(size)
        way.get_by_label(label).press("Enter")
        kept(page)
    way.get_by_role("button", name="It has a profile").click()
    expect(way.get_by_label("Point 1, above the floor")).to_have_value("400")
    expect(way.get_by_label("Point 2, above the floor")).to_have_value("400 mm + 60 mm")
    way.get_by_role("button", name="No profile").click()
    expect(way.get_by_label("Begins above the floor")).to_have_value("400")
    kept(page)
    document = page.request.get(page.url.replace("/measure", "").replace("/plans/", "/api/plans/")).json()["document"]
    (one,) = document["obstructions"].values()
    assert read_length(one["height"], None).mm == 60


def test_what_is_pressed_waits_for_what_was_typed(open_at: Open) -> None:
    page = open_at(BENCH)
    way = page.get_by_role("region", name="In the way")
    way.get_by_label("How far it stands in").fill("30")
    way.get_by_label("How far it stands in").press("Enter")
    kept(page)
    page.route("**/api/length", lambda route: None)
    way.get_by_label("How high it is").fill("60")
    way.get_by_label("How high it is").press("Enter")
    way.get_by_role("button", name="It has a profile").click()
    expect(page.locator("[data-keeping=keeping]")).to_be_visible()
    expect(way.get_by_label("Point 1, above the floor")).to_have_count(0)
    page.unroute("**/api/length")  # lets go of what was held
    expect(way.get_by_label("Point 2, above the floor")).to_have_value("60")
