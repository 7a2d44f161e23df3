"""Dividing a space: by buttons, by keys, by touch, with sizes typed, differences cleared, and all of it undone."""

from __future__ import annotations

import re
from pathlib import Path

from openpyxl import Workbook
from playwright.sync_api import Browser, Locator, Page, expect

from tests.browser.conftest import Open, Server, Watch, kept, ready

DEMO = "/plans/scullery-cupboard/fill"
BENCH = "/plans/potting-bench/fill"


def layout(page: Page) -> list[str]:
    return [text.split("\n")[0] for text in page.locator(".layout .place .name").all_inner_texts()]


def cells(page: Page, count: int) -> None:
    expect(page.locator(".drawing .cell")).to_have_count(count)


def test_a_cell_is_split_and_keeps_its_drawer(open_at: Open) -> None:
    page = open_at(DEMO)
    page.get_by_role("button", name="Split into columns").click()
    cells(page, 2)
    assert layout(page)[:2] == ["Columns", "Rack drawer"]
    page.get_by_role("button", name="Split into rows").click()
    cells(page, 3)
    page.get_by_role("button", name="Split into rows").click()
    cells(page, 4)
    assert layout(page)[:3] == ["Columns", "Column", "Rack drawer"]


def test_five_steps_are_undone_and_done_again_across_a_restart(open_at: Open, server: Server) -> None:
    page = open_at(DEMO)
    for count in range(2, 7):
        page.get_by_role("button", name="Split into columns").click()
        cells(page, count)
    for count in range(5, 3, -1):
        page.get_by_role("button", name="Undo").click()
        cells(page, count)
    server.stop()
    server.start()
    page.goto(server.url + DEMO)
    ready(page)
    for count in range(3, 0, -1):
        page.get_by_role("button", name="Undo").click()
        cells(page, count)
    expect(page.get_by_role("button", name="Undo")).to_be_disabled()
    for count in range(2, 7):
        page.get_by_role("button", name="Redo").click()
        cells(page, count)
    expect(page.get_by_role("button", name="Redo")).to_be_disabled()


def test_the_keyboard_alone_walks_and_splits(open_at: Open) -> None:
    page = open_at(DEMO)
    page.locator(".drawing .cell").focus()
    page.keyboard.press("|")
    cells(page, 2)
    page.locator(".drawing .cell").first.focus()
    page.keyboard.press("ArrowRight")
    expect(page.locator(".drawing .cell").nth(1)).to_be_focused()
    page.keyboard.press("-")
    cells(page, 3)
    expect(page.get_by_role("region", name="Chosen place").get_by_role("heading").first).to_contain_text("Drawer")
    page.keyboard.press("Control+z")
    cells(page, 2)


def test_a_typed_width_is_fixed_and_the_others_share_the_rest(open_at: Open) -> None:
    page = open_at(BENCH)
    page.get_by_role("button", name="Left column").click()
    field = page.get_by_label("Clear width")
    field.fill("500")
    field.press("Enter")
    expect(page.locator(".layout li", has_text="Left column").locator(".height")).to_contain_text("500")
    expect(page.locator(".layout li", has_text="Right column").locator(".height")).to_contain_text("662")
    page.get_by_role("button", name="Make equal").click()
    expect(page.locator(".layout li", has_text="Left column").locator(".height")).to_contain_text("581")


def test_rows_that_are_over_say_so_and_draw_nothing_wrong(open_at: Open) -> None:
    page = open_at(BENCH)
    page.get_by_role("button", name="Left column").click()
    field = page.get_by_label("Clear width")
    field.fill("1300")
    field.press("Enter")
    expect(page.locator("[data-code=rows-over]")).to_be_visible()
    expect(page.get_by_role("link", name="Fill needs attention")).to_be_visible()


def test_a_drawer_that_differs_is_seen_and_cleared_with_one_press(open_at: Open) -> None:
    page = open_at(BENCH)
    page.locator(".layout .place", has_text="Hand tools").click()
    page.get_by_label("Let it differ in").select_option(label="Sheets: Sheet for the sides")
    page.get_by_label("Sheet for the sides", exact=True).select_option(label="Plywood 18 mm")
    expect(page.locator(".layout li", has_text="Hand tools").locator(".differs")).to_be_visible()
    moved = page.get_by_role("region", name="What moved")
    expect(moved.locator("li", has_text="box front length, cut")).to_have_count(1)
    page.get_by_label("Let it differ in").select_option(label="Front: Front")
    page.get_by_label("Front", exact=True).select_option("none")
    expect(page.locator("main .figures").get_by_text("front height, cut")).to_have_count(0)
    expect(page.locator(".drawing .label", has_text="2*")).to_have_count(1)
    page.get_by_role("button", name="As in the plan again", exact=True).click()
    expect(page.locator(".differs")).to_have_count(0)
    expect(page.locator("main .figures").get_by_text("front height, cut")).to_be_visible()


def test_a_length_may_differ_too(open_at: Open) -> None:
    page = open_at(BENCH)
    page.locator(".layout .place", has_text="Hand tools").click()
    page.get_by_label("Let it differ in").select_option(label="Box: Box height")
    page.get_by_label("Box height").fill("100")
    page.get_by_label("Box height").press("Enter")
    expect(page.locator("main .figures tr", has_text="outside height")).to_contain_text("100")
    page.get_by_role("button", name="as in the plan again", exact=True).click()
    expect(page.locator("main .figures tr", has_text="outside height")).to_contain_text("132.5")


def height_of(page: Page, name: str) -> Locator:
    return page.locator(".layout li", has_text=name).locator(".height")


def test_a_divider_is_dragged_and_sizes_follow_while_it_moves(open_at: Open) -> None:
    page = open_at(BENCH)
    expect(height_of(page, "Labels")).to_contain_text("118")
    handle = page.get_by_role("separator", name="Below Labels")
    box = handle.bounding_box()
    assert box is not None
    x, y = box["x"] + box["width"] / 2, box["y"] + box["height"] / 2
    page.mouse.move(x, y)
    page.mouse.down()
    page.mouse.move(x, y + 25)
    expect(page.locator(".dragged")).to_be_visible()
    expect(height_of(page, "Labels")).not_to_contain_text("118")
    expect(page.get_by_role("button", name="Undo")).to_be_disabled()
    during = height_of(page, "Labels").inner_text()
    page.mouse.up()
    expect(page.get_by_role("button", name="Undo")).to_be_enabled()
    expect(height_of(page, "Labels")).to_have_text(during)
    page.locator(".layout .place", has_text="Labels").click()
    cut = page.locator("main .figures tr", has_text="front height, cut").locator(".num").inner_text()
    assert float(cut) % 0.5 == 0
    page.get_by_role("button", name="Undo").click()
    expect(height_of(page, "Labels")).to_contain_text("118")


def test_a_drag_that_is_left_with_escape_changes_nothing(open_at: Open) -> None:
    page = open_at(BENCH)
    handle = page.get_by_role("separator", name="Below Labels")
    box = handle.bounding_box()
    assert box is not None
    page.mouse.move(box["x"] + 40, box["y"] + box["height"] / 2)
    page.mouse.down()
    page.mouse.move(box["x"] + 40, box["y"] + 40, steps=3)
    expect(page.locator(".dragged")).to_be_visible()
    page.keyboard.press("Escape")
    expect(page.locator(".dragged")).to_have_count(0)
    page.mouse.up()
    expect(height_of(page, "Labels")).to_contain_text("118")
    expect(page.get_by_role("button", name="Undo")).to_be_disabled()


def test_arrows_move_a_divider_by_the_increment_and_each_press_counts(open_at: Open) -> None:
    page = open_at(BENCH)
    page.get_by_role("separator", name="Right of Left column").focus()
    for _ in range(4):
        page.keyboard.press("ArrowRight")
    expect(height_of(page, "Left column")).to_contain_text("583")
    page.locator(".drawing .cell").first.focus()
    page.keyboard.press("Shift+ArrowLeft")
    expect(height_of(page, "Left column")).to_contain_text("582.5")


def test_a_column_is_copied_with_all_that_is_in_it(open_at: Open) -> None:
    page = open_at(BENCH)
    page.get_by_role("button", name="Right column").click()
    page.get_by_role("button", name="Copy beside").click()
    cells(page, 10)
    assert layout(page).count("Trays") == 2
    page.locator(".drawing .cell").first.focus()
    page.keyboard.press("c")
    cells(page, 11)
    assert layout(page).count("Labels") == 2


def test_a_row_is_sized_by_its_contents_and_what_is_left_follows(open_at: Open) -> None:
    page = open_at(BENCH)
    page.locator(".layout .place", has_text="Trays").click()
    page.get_by_label("How high").select_option("contents")
    page.get_by_label("Contents, high").fill("150")
    page.get_by_label("Contents, high").press("Enter")
    # 150, 6 of headroom, 10 and 6 below, 6 and 3 of play
    expect(height_of(page, "Trays")).to_contain_text("181")
    page.get_by_label("Holds").select_option("bin")
    page.get_by_label("Bin width").fill("400")
    page.get_by_label("Bin height").fill("200")
    page.get_by_label("Bin depth").fill("300")
    page.get_by_label("Bin depth").press("Enter")
    expect(height_of(page, "Trays")).to_contain_text("212")


def test_the_plan_view_and_the_section_follow_the_cell(open_at: Open) -> None:
    page = open_at(BENCH)
    page.get_by_role("button", name="Plan view").click()
    expect(page.locator(".drawing .label", has_text="1")).to_have_count(1)
    page.locator(".layout .place", has_text="Small pots").click()
    expect(page.locator(".drawing .label", has_text="3")).to_have_count(1)
    page.get_by_role("button", name="Section").click()
    expect(page.locator(".drawing")).to_have_attribute("aria-label", re.compile("Section"))


def test_two_versions_stand_side_by_side(open_at: Open) -> None:
    page = open_at(BENCH)
    page.get_by_role("button", name="Plan", exact=True).click()
    page.get_by_role("button", name="Make a second version, side by side").click()
    expect(page.locator("tr.differs")).to_have_count(0)
    page.get_by_role("link", name="Open Copy of Potting bench").click()
    page.get_by_role("button", name="Right column").click()
    page.get_by_role("button", name="Take out").click()
    cells(page, 4)
    page.get_by_role("button", name="Plan", exact=True).click()
    page.get_by_role("link", name="Compare with another plan").click()
    page.get_by_label("Second plan").select_option(label="Potting bench")
    expect(page.locator("tr.differs", has_text="Boxes that are pulled out")).to_contain_text("4")
    expect(page.locator("tr.differs", has_text="Boxes that are pulled out")).to_contain_text("6")


def test_parts_stand_together_as_they_are_wanted(open_at: Open) -> None:
    page = open_at("/plans/potting-bench/cut")
    parts = page.get_by_role("region", name="Parts", exact=True)
    parts.get_by_label("Parts together by").select_option("material")
    expect(parts.get_by_role("heading", level=3)).to_have_count(3)
    parts.get_by_label("Parts together by").select_option("place")
    labels = parts.get_by_role("region", name="1 Labels")
    expect(labels.locator(".part")).to_have_count(5)
    expect(labels.locator(".part").last).to_contain_text("Front")
    parts.get_by_label("Parts together by").select_option("fence")
    expect(parts.get_by_role("heading", level=3, name="Fence at 107.5")).to_have_count(1)


def test_what_a_cell_holds_changes_its_parts(open_at: Open) -> None:
    page = open_at(BENCH)
    page.locator(".layout .place", has_text="Hand tools").click()
    page.get_by_label("Holds").select_option("tray")
    expect(page.locator("main .figures").get_by_text("front height, cut")).to_have_count(0)
    page.get_by_label("Holds").select_option("blocked")
    expect(page.locator("main .figures").get_by_text("outside width")).to_have_count(0)
    page.get_by_role("button", name="Take out").click()
    expect(page.locator(".layout li", has_text="Hand tools")).to_have_count(0)


def test_a_bank_graduates_by_its_step(open_at: Open) -> None:
    page = open_at(BENCH)
    page.get_by_role("button", name="Left column").click()
    page.get_by_label("Step of graduated parts").fill("40")
    page.get_by_label("Step of graduated parts").press("Enter")
    page.locator(".layout .place", has_text="Labels").click()
    expect(page.locator("main .figures tr", has_text="front height, cut")).to_contain_text("91")


def test_the_parts_list_names_the_places_of_merged_parts(open_at: Open) -> None:
    page = open_at("/plans/potting-bench/cut")
    expect(page.locator(".part", has_text="Box bottom").first.locator(".number").first).to_have_attribute(
        "title", "Labels"
    )
    page.locator(".part", has_text="Divider").first.get_by_role("button", name="Divider", exact=True).click()
    expect(page.locator(".views .btn[aria-pressed=true]")).to_contain_text("Divider")


def test_on_a_phone_a_cell_is_chosen_and_split_by_touch(browser: Browser, server: Server, watch: Watch) -> None:
    context = browser.new_context(viewport={"width": 360, "height": 760}, has_touch=True, is_mobile=True)
    watch.on(context)
    page = context.new_page()
    page.goto(server.url + BENCH)
    ready(page)
    page.get_by_role("button", name="Show the drawing").tap()
    page.locator(".layout .place", has_text="Twine").tap()
    page.get_by_role("button", name="Split into columns").tap()
    cells(page, 8)
    assert page.evaluate("document.documentElement.scrollWidth - document.documentElement.clientWidth") <= 0
    context.close()


def test_what_stays_in_one_drawer_is_weighed_and_ratios_are_no_lengths(open_at: Open) -> None:
    page = open_at("/plans/potting-bench/fill")
    page.get_by_label("Let it differ in").select_option("contents_weight")
    page.get_by_label("Weight of the contents").fill("40")
    page.get_by_label("Weight of the contents").press("Enter")
    expect(page.get_by_role("region", name="Findings")).to_contain_text("two people carry it")
    page.get_by_label("Let it differ in").select_option("rack_ratio")
    page.get_by_label("Widest box for its depth", exact=True).fill("0.8")
    page.get_by_label("Widest box for its depth", exact=True).press("Enter")
    expect(page.get_by_role("region", name="Findings")).to_contain_text("racks")


def test_a_list_is_pasted_proposed_and_taken(open_at: Open) -> None:
    page = open_at(DEMO)
    things = page.get_by_role("region", name="What goes in", exact=True)
    things.get_by_role("button", name="Bring a list in").click()
    things.get_by_label("A table, its columns").fill(
        "name,length,width,height,count,use\nDraining tray,12,8,3,1,daily\nJar,4,4,6,2,weekly\nPot,9,x,4,1,\n"
    )
    things.get_by_role("button", name="Look at the rows").click()
    expect(things.get_by_label("Rows")).to_contain_text("Read 'x'")
    things.get_by_role("button", name="Take the 2 good rows").click()
    kept(page)
    expect(things.get_by_label("Things").locator("li")).to_have_count(4)
    for label, said in (("Another thing", "Seed box"), ("Long", "8"), ("Wide", "6"), ("High", "2")):
        things.get_by_label(label, exact=True).fill(said)
    things.get_by_label("High", exact=True).press("Enter")
    kept(page)
    expect(things.get_by_label("Another thing", exact=True)).to_be_focused()
    things.get_by_label("Jar lives in").select_option(label="1 Rack drawer")
    kept(page)
    expect(things).to_contain_text("2 without a place")
    proposals = page.get_by_role("region", name="Proposals", exact=True)
    proposals.get_by_role("button", name="Propose", exact=True).click()
    fewest = proposals.get_by_role("article", name="Fewest drawers")
    expect(fewest).to_contain_text("Draining tray", timeout=30_000)
    expect(proposals.get_by_role("article", name="Equal rows")).to_be_visible()
    expect(proposals.get_by_role("button", name="Stop")).to_have_count(0, timeout=60_000)
    fewest.get_by_role("button", name="Take Fewest drawers").click()
    kept(page)
    expect(things).not_to_contain_text("without a place")
    expect(proposals).to_contain_text("The plan has changed since")
    page.get_by_role("button", name="Inside", exact=True).click()
    expect(page.locator(".drawing")).to_contain_text("Draining tray")
    page.get_by_role("button", name="Undo").click()
    kept(page)
    expect(things).to_contain_text("2 without a place")


def test_a_search_that_the_program_has_forgotten_is_over(open_at: Open, watch: Watch) -> None:
    """As after it was started again: what it had stays, and one may propose again."""
    watch.allow("404")
    page = open_at(BENCH)
    proposals = page.get_by_role("region", name="Proposals", exact=True)
    proposals.get_by_role("button", name="Propose", exact=True).click()
    expect(proposals.get_by_role("article", name="Fewest drawers")).to_be_visible(timeout=30_000)
    expect(proposals.get_by_role("button", name="Stop")).to_be_visible()
    page.route("**/proposals/*", lambda route: route.continue_(url=re.sub("[^/]*$", "none", route.request.url)))
    expect(proposals.get_by_role("alert")).to_contain_text("ended early")
    expect(proposals.get_by_role("article", name="Fewest drawers")).to_be_visible()
    expect(proposals.get_by_role("button", name="Propose again")).to_be_enabled()


def test_a_workbook_with_columns_of_ones_own_comes_in(open_at: Open, tmp_path: Path) -> None:
    book = Workbook()
    sheet = book.active
    assert sheet is not None
    for row in (["What", "Length (mm)", "Width (mm)", "Height (mm)", "Shelf mark"], ["Pan", 260, 260, 60, "B2"]):
        sheet.append(row)
    book.save(tmp_path / "pans.xlsx")
    page = open_at(DEMO)
    things = page.get_by_role("region", name="What goes in", exact=True)
    things.get_by_role("button", name="Bring a list in").click()
    things.get_by_label("Or a file").set_input_files(tmp_path / "pans.xlsx")
    expect(things.get_by_label("A table, its columns")).to_have_value(re.compile("Pan\t260"))
    things.get_by_role("button", name="Look at the rows").click()
    things.get_by_label("Shelf mark").select_option("note")
    expect(things.get_by_label("Rows")).to_contain_text("2: Pan, 260 mm × 260 mm × 60 mm")
    things.get_by_role("button", name="Take the 1 good row").click()
    kept(page)
    expect(things.get_by_label("Things", exact=True)).to_contain_text("Pan")


def test_a_thing_is_found_by_its_name_and_its_drawer_lights_up(open_at: Open) -> None:
    page = open_at(BENCH)
    things = page.get_by_role("region", name="What goes in", exact=True)
    find, found = things.get_by_label("Find a thing").last, things.get_by_label("Found")
    find.fill("seed tray")
    expect(found.locator("li").first).to_contain_text("Seed tray × 6: Trays")
    expect(page.locator(".layout .place[aria-pressed=true]")).to_contain_text("Trays")
    find.fill("sowing")
    expect(found.locator("li")).to_have_count(5)  # one of them in another plan
    expect(found.locator("li").last).to_contain_text("Packet drawer")
    find.fill("elephant")
    expect(found).to_contain_text("Nothing of that name")


def test_what_is_listed_in_another_plan_is_listed_here_by_one_press(open_at: Open) -> None:
    page = open_at("/plans/night-bunk/fill")
    things = page.get_by_role("region", name="What goes in", exact=True)
    things.get_by_label("Another thing", exact=True).fill("seed tr")
    things.get_by_role("button", name="Seed tray 380 × 240 × 60, as in Potting bench").click()
    kept(page)
    expect(things.get_by_label("Things", exact=True).locator("li").last).to_contain_text("Seed tray")
    expect(things.get_by_label("Another thing", exact=True)).to_have_value("")


def test_a_thing_is_carried_by_hand_to_another_drawer(open_at: Open) -> None:
    page = open_at(BENCH)
    things = page.get_by_role("region", name="What goes in", exact=True)
    lives = things.get_by_label("Seed tray lives in")
    expect(lives).to_have_value("place-22")
    grip = things.locator("[data-carry='Seed tray']")
    grip.scroll_into_view_if_needed()
    onto(page, grip, page.locator(".drawing .cell").first)
    kept(page)
    expect(lives).not_to_have_value("place-22")
    expect(things.locator("li", has_text="Seed tray")).to_contain_text("left over")
    page.get_by_role("button", name="Undo").click()
    expect(lives).to_have_value("place-22")
    onto(page, grip, page.get_by_role("heading", name="Proposals"))  # nothing lies there
    expect(lives).to_have_value("place-22")


def test_things_are_laid_by_hand_and_laid_anew(open_at: Open) -> None:
    page = open_at(f"{BENCH}?place=place-18")
    page.get_by_role("button", name="Inside", exact=True).click()
    dibber = page.get_by_role("button", name="Dibber, lies here").first
    was = dibber.get_attribute("d")
    dibber.focus()
    page.keyboard.press("ArrowRight")
    kept(page)
    expect(dibber).not_to_have_attribute("d", was or "")
    things = page.get_by_role("region", name="What goes in", exact=True)
    things.get_by_role("button", name="Lay Hand tools anew").click()
    expect(dibber).to_have_attribute("d", was or "")
    page.get_by_role("button", name="Trowel, lies here").first.hover()
    page.mouse.down()
    page.mouse.move(300, 300, steps=5)
    page.mouse.up()
    kept(page)
    expect(things.get_by_role("button", name="Lay Hand tools anew")).to_be_visible()
    expect(page.locator("[data-code=thing-laid-amiss]").first).to_be_visible()
    undo = page.get_by_role("button", name="Undo")
    expect(undo).to_have_attribute("title", re.compile("Trowel laid by hand"))
    dibber.focus()
    page.keyboard.press("t")
    expect(undo).to_have_attribute("title", re.compile("Dibber turned"))
    expect(dibber).to_be_focused()


def onto(page: Page, grip: Locator, goal: Locator) -> None:
    """Press, carry, let go."""
    for at, act in ((grip, page.mouse.down), (goal, page.mouse.up)):
        box = at.bounding_box()
        assert box is not None
        page.mouse.move(box["x"] + box["width"] / 2, box["y"] + box["height"] / 2, steps=4)
        act()


def test_the_page_of_a_drawer_says_what_lies_in_it_and_ticks_it_off(open_at: Open) -> None:
    page = open_at("/plans/potting-bench/drawer/place-22")
    expect(page.get_by_role("heading", level=1)).to_contain_text("Trays")
    lies = page.get_by_label("What lies in it").locator("li")
    expect(lies.first).to_contain_text("Seed tray")
    expect(page.locator(".from-above svg")).to_contain_text("Seed tray")
    page.get_by_role("checkbox", name="Seed tray").click()
    expect(lies.first).to_contain_text("out at present")
    page.get_by_label("Find a thing").last.fill("seed tray")
    expect(page.get_by_label("Found")).to_contain_text("out at present")
    page.get_by_label("Seed tray lives in").select_option(index=1)
    expect(lies.filter(has_text="Seed tray")).to_have_count(0)
    expect(page.get_by_label("Found").locator("li").first).not_to_contain_text("Trays")
    page.get_by_label("Found").get_by_role("link").first.click()
    expect(page.get_by_role("heading", level=1)).not_to_contain_text("Trays")
    expect(lies.filter(has_text="Seed tray")).to_have_count(1)


def test_a_drawer_that_is_gone_says_so(open_at: Open) -> None:
    page = open_at("/plans/potting-bench/drawer/place-999")
    expect(page.get_by_role("heading", level=1)).to_contain_text("no longer in the plan")
    expect(page.get_by_label("Find a thing").last).to_be_visible()


def test_the_code_of_a_label_opens_its_drawer(open_at: Open) -> None:
    page = open_at(f"{BENCH}?place=place-22")
    expect(page.locator(".layout .place[aria-pressed=true]")).to_contain_text("Trays")
    expect(page.get_by_role("link", name="Print labels")).to_have_attribute("href", re.compile("labels.pdf"))


def test_the_list_is_typed_over_as_a_table_and_what_is_pasted_into_it_is_looked_at(open_at: Open, watch: Watch) -> None:
    watch.allow("422")
    page = open_at(BENCH)
    page.get_by_role("button", name="The list as a table").click()
    table = page.get_by_role("dialog", name="What goes in")
    first, second = (table.locator(f'[data-cell="{row}:4"]') for row in (0, 1))
    name = table.locator('[data-cell="0:0"]').input_value()
    first.fill("7")
    first.press("Enter")
    expect(second).to_be_focused()
    second.press("Tab")
    expect(table.locator('[data-cell="1:5"]')).to_be_focused()
    wide = table.locator('[data-cell="0:2"]')
    kept_before = wide.input_value()
    wide.fill("no width")
    wide.press("Enter")
    expect(table.get_by_role("alert")).to_contain_text("no width")
    wide.press("Escape")
    expect(wide).to_have_value(kept_before)
    kept(page)
    things = page.request.get(page.url.replace("/fill", "").replace("/plans/", "/api/plans/")).json()["document"][
        "things"
    ]
    assert next(one for one in things.values() if one["name"] == name)["count"] == 7
    table.locator('[data-cell="0:0"]').evaluate(
        """cell => {
            const data = new DataTransfer()
            data.setData('text', 'name\\tlength\\twidth\\theight\\nTwine\\t80\\t80\\t60\\nNonsense\\tx\\ty\\tz')
            cell.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }))
        }"""
    )
    expect(table).to_be_hidden()
    pasted = page.get_by_role("region", name="Bring a list in")
    expect(pasted.get_by_role("textbox")).to_have_value(re.compile("Twine"))
