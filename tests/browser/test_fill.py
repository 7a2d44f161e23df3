"""Dividing a space: by buttons, by keys, by touch, with sizes typed, differences cleared, and all of it undone."""

from __future__ import annotations

from playwright.sync_api import Browser, Page, expect

from tests.browser.conftest import Open, Server, Watch, ready

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
    page.get_by_label("Sides of").select_option(label="Plywood 18 mm")
    expect(page.locator(".layout li", has_text="Hand tools").locator(".differs")).to_be_visible()
    moved = page.get_by_role("region", name="What moved")
    expect(moved.locator("li", has_text="front and back length, cut")).to_have_count(1)
    page.get_by_role("button", name="as in the plan again").click()
    expect(page.locator(".differs")).to_have_count(0)


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
    page.get_by_label("Step of graduated rows").fill("40")
    page.get_by_label("Step of graduated rows").press("Enter")
    page.locator(".layout .place", has_text="Labels").click()
    expect(page.locator("main .figures tr", has_text="front height, cut")).to_contain_text("91")


def test_the_parts_list_names_the_places_of_merged_parts(open_at: Open) -> None:
    page = open_at("/plans/potting-bench/cut")
    expect(page.locator(".part", has_text="Bottom").first).to_contain_text("Labels")
    page.locator(".part", has_text="Divider").first.get_by_role("button", name="Divider", exact=True).click()
    expect(page.locator(".views .btn[aria-pressed=true]")).to_contain_text("Divider")


def test_on_a_phone_a_cell_is_chosen_and_split_by_touch(browser: Browser, server: Server, watch: Watch) -> None:
    context = browser.new_context(viewport={"width": 360, "height": 760}, has_touch=True, is_mobile=True)
    watch.on(context)
    page = context.new_page()
    page.goto(server.url + BENCH)
    ready(page)
    page.locator(".layout .place", has_text="Twine").tap()
    page.get_by_role("button", name="Split into columns").tap()
    cells(page, 8)
    assert page.evaluate("document.documentElement.scrollWidth - document.documentElement.clientWidth") <= 0
    context.close()
