"""A case from the space it goes into, and what it is made of, in the real app."""

from __future__ import annotations

import re

from playwright.sync_api import Locator, Page, expect

from tests.browser.conftest import Open, Watch, at_its_plan, kept, turn_to, unfold


def new_alcove(open_at: Open) -> Page:
    """An alcove 24 wide in front, 30 high, 20 deep, that a case is to be built into."""
    page = open_at("/new", as_found=True)
    page.get_by_text("Alcove", exact=True).click()
    page.get_by_text("The space a new case goes into", exact=True).click()
    for label, length in (("How wide", "24"), ("How high", "30"), ("How deep", "20")):
        page.get_by_label(label).fill(length)
        page.get_by_label(label).blur()
    expect(page.get_by_test_id("first-result")).to_contain_text("11 parts")
    page.get_by_role("button", name="Keep it and go on").click()
    at_its_plan(page)
    unfold(page)
    return page


def numbers(page: Page) -> Locator:
    return page.get_by_role("region", name="What the numbers are")


def test_a_case_is_built_into_an_alcove_that_narrows(open_at: Open) -> None:
    page = new_alcove(open_at)
    expect(numbers(page).get_by_role("row", name=re.compile("outside width"))).to_contain_text("23 3/4")
    width = page.get_by_role("region", name="Between the walls").get_by_label("back, middle")
    width.fill("23 1/2")
    width.press("Enter")
    kept(page)
    expect(numbers(page).get_by_role("row", name=re.compile("outside width"))).to_contain_text("23 1/4")
    expect(numbers(page).get_by_role("row", name=re.compile("room beside"))).to_contain_text("1/8")
    expect(page.get_by_text("assembled: nothing meets")).to_be_visible()
    room = numbers(page).get_by_label(re.compile("Fitting room between walls"))
    room.fill("1/4")
    room.press("Enter")
    kept(page)
    expect(numbers(page).get_by_role("row", name=re.compile("outside width"))).to_contain_text("23")
    turn_to(page, "Cut")
    marking = page.get_by_role("region", name="Marking", exact=True)
    expect(marking).to_contain_text("Case bottom")


def test_sheets_of_ones_own_go_to_the_case_its_back_and_one_drawer(open_at: Open, watch: Watch) -> None:
    watch.allow("422")  # nothing is listed twice
    page = new_alcove(open_at)
    turn_to(page, "Make")
    stock = page.get_by_role("region", name="Stock", exact=True)

    def own(part: str, name: str, thickness: str) -> None:
        stock.get_by_label(part, exact=True).select_option("A sheet or board of your own …")
        form = stock.get_by_role("form", name="A sheet or board of your own")
        for label, said in (("What it is called", name), ("Sold as", thickness), ("Length as sold", "60")):
            form.get_by_label(label).fill(said)
        form.get_by_role("button", name=re.compile("^Take it for")).click()
        kept(page)
        expect(form).to_have_count(0)

    own("Case", "Birch", "5/8")
    own("Case back", "Thin birch", "1/8")
    stock.get_by_role("button", name="Drawer 1").click()
    own("Sides", "Cedar", "3/8")
    stock.get_by_label("Bottom", exact=True).select_option("A sheet or board of your own …")
    form = stock.get_by_role("form", name="A sheet or board of your own")
    form.get_by_label("What it is called").fill("cedar")
    form.get_by_label("Sold as").fill("1/4")
    form.get_by_role("button", name=re.compile("^Take it for")).click()
    expect(form.get_by_role("alert")).to_contain_text("There is a sheet called cedar already")
    form.get_by_role("button", name="Leave it").click()
    turn_to(page, "Cut")
    parts = page.get_by_role("region", name="Parts", exact=True)
    for part, thickness in (("Case bottom", "5/8"), ("Case back", "1/8"), ("Box side, left", "3/8")):
        expect(parts.locator("li").filter(has_text=part).first).to_contain_text(thickness)
    expect(page.get_by_role("region", name="To buy")).to_contain_text("Cedar")


def test_dividers_are_housed_and_the_dado_is_on_the_board(open_at: Open) -> None:
    page = new_alcove(open_at)
    turn_to(page, "Fill")
    page.get_by_role("button", name=re.compile("into columns", re.IGNORECASE)).first.click()
    kept(page)
    turn_to(page, "Make")
    dividers = page.get_by_role("region", name="Dividers", exact=True)
    dividers.get_by_text("Housed", exact=True).click()
    kept(page)
    play = dividers.get_by_label(re.compile("Depth of a dado for dividers"))
    play.fill("1/4")
    play.press("Enter")
    kept(page)
    expect(page.get_by_text("assembled: nothing meets")).to_be_visible()
    turn_to(page, "Cut")
    parts = page.get_by_role("region", name="Parts", exact=True)
    parts.get_by_text("Case bottom").first.click()
    expect(parts).to_contain_text("Dado for divider")
    expect(parts).to_contain_text("1/4 in deep, inside face")


def test_what_is_there_is_noted_and_an_opening_is_measured_again(open_at: Open) -> None:
    page = new_alcove(open_at)
    there = page.get_by_role("region", name="What is there", exact=True)
    there.get_by_label("What is there").select_option("Stile")
    there.get_by_role("button", name="Note it").click()
    kept(page)
    expect(page.get_by_role("region", name="Findings")).to_contain_text("nothing stands in for it")
    there.get_by_label("In its place stands").select_option("a stiffener")
    kept(page)
    for label, size in (("Its length", "22"), ("Its width", "2"), ("Its thickness", "1")):
        there.get_by_label(label).fill(size)
        there.get_by_label(label).press("Enter")
        kept(page)
    expect(page.get_by_role("region", name="Findings")).not_to_contain_text("stands in for")
    turn_to(page, "Fill")
    width = page.get_by_role("region", name="Its sizes").get_by_label(re.compile("Width as built"))
    width.fill("22 1/8")
    width.press("Enter")
    kept(page)
    turn_to(page, "Cut")
    expect(page.get_by_role("region", name="Parts", exact=True)).to_contain_text("Stiffener for Stile")


def test_a_shelf_on_pins_bores_the_sides_and_a_top_on_its_sides_covers_them(open_at: Open) -> None:
    page = new_alcove(open_at)
    turn_to(page, "Fill")
    page.get_by_label("Holds").select_option("shelf")
    kept(page)
    turn_to(page, "Make")
    shelves = page.get_by_role("region", name="Shelves", exact=True)
    shelves.get_by_text("On pins, adjustable", exact=True).click()
    kept(page)
    count = shelves.get_by_label(re.compile("Shelves in one place"))
    count.fill("2")
    count.press("Enter")
    kept(page)
    case = page.get_by_role("region", name="Case", exact=True)
    case.get_by_text("Top runs through, bottom between", exact=True).click()
    kept(page)
    case.get_by_text("Two stretchers below", exact=True).click()
    kept(page)
    turn_to(page, "Cut")
    parts = page.get_by_role("region", name="Parts", exact=True)
    expect(parts.locator("li").filter(has_text="Shelf").first).to_contain_text("× 2")
    expect(parts.locator("li").filter(has_text="Stretcher").first).to_contain_text("22 1/4")
    expect(parts.locator("li").filter(has_text="Case top").first).to_contain_text("23 3/4")
    expect(page.get_by_role("region", name="To buy")).to_contain_text("Shelf pin")


def test_a_front_is_made_of_a_board_of_ones_own(open_at: Open) -> None:
    page = new_alcove(open_at)
    turn_to(page, "Make")
    stock = page.get_by_role("region", name="Stock", exact=True)
    stock.get_by_label("Front", exact=True).select_option("A sheet or board of your own …")
    form = stock.get_by_role("form", name="A sheet or board of your own")
    form.get_by_label("It is", exact=True).select_option("board")
    for label, said in (("What it is called", "Larch"), ("Sold as", "7/8"), ("Length as sold", "96")):
        form.get_by_label(label).fill(said)
    take = form.get_by_role("button", name=re.compile("^Take it for"))
    expect(take).to_be_disabled()
    form.get_by_label("Width as sold").fill("9 1/4")
    take.click()
    kept(page)
    expect(stock.get_by_label(re.compile("Larch measures"))).to_be_visible()
    expect(page.get_by_role("region", name="Findings")).to_contain_text("Larch is sold as")
    turn_to(page, "Cut")
    front = page.get_by_role("region", name="Parts", exact=True).locator("li").filter(has_text="Front").last
    expect(front).to_contain_text("7/8")
    expect(page.get_by_role("region", name="To buy")).to_contain_text("Larch")


def test_a_part_and_hardware_of_ones_own_are_made_bought_and_drawn(open_at: Open, watch: Watch) -> None:
    watch.allow("422")  # how many is a number
    page = new_alcove(open_at)
    turn_to(page, "Make")
    parts = page.get_by_role("region", name="Parts of your own", exact=True)
    parts.get_by_label("Name of the part").fill("Shelf over the door")
    parts.get_by_role("button", name="Add the part").click()
    kept(page)
    findings = page.get_by_role("region", name="Findings")
    expect(findings).to_contain_text("no length, width or thickness yet")
    parts.get_by_text("Shelf over the door", exact=True).click()
    for label, said in (("Length", "20 1/2"), ("Width", "3")):
        parts.get_by_label(label, exact=True).fill(said)
        parts.get_by_label(label, exact=True).press("Enter")
        kept(page)
    parts.get_by_label("Cut from").select_option("Plywood 3/4")
    kept(page)
    expect(findings).not_to_contain_text("no length, width or thickness yet")
    parts.get_by_label("It lies").select_option("facing you, its length across")
    kept(page)
    expect(page.get_by_text("assembled: nothing meets")).to_have_count(0)  # it stands in the middle of the front
    parts.get_by_label("before the front").click()
    kept(page)
    for label, said in (("Behind the front", "2"), ("Above the floor", "31")):  # over the drawer, on its way out too
        parts.get_by_label(label).fill(said)
        parts.get_by_label(label).press("Enter")
        kept(page)
    expect(page.get_by_text("assembled: nothing meets")).to_be_visible()
    hardware = page.get_by_role("region", name="Other hardware", exact=True)
    hardware.get_by_label("What is bought").fill("Screw for the shelf")
    hardware.get_by_role("button", name="Add it to the list").click()
    kept(page)
    hardware.get_by_text("1 × Screw for the shelf", exact=True).click()
    for label, said in (("Length", "1 1/4"), ("It passes", "3/4"), ("Into something thick", "3/4")):
        hardware.get_by_label(label, exact=True).fill(said)
        hardware.get_by_label(label, exact=True).press("Enter")
        kept(page)
    expect(hardware).to_contain_text("It bites 1/2, and leaves 1/4")
    count = hardware.get_by_label("How many")
    count.fill("many")
    count.press("Enter")
    expect(hardware.get_by_text("valid integer")).to_be_visible()
    count.fill("6")
    count.press("Enter")
    kept(page)
    turn_to(page, "Cut")
    expect(page.get_by_role("region", name="Parts", exact=True)).to_contain_text("Shelf over the door")
    expect(page.get_by_role("region", name="To buy", exact=True)).to_contain_text("6 pieces")
