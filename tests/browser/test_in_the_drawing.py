"""In the drawing itself: a length typed over a figure, a cell's acts beside it, spaces seen together."""

from __future__ import annotations

import pytest
from playwright.sync_api import expect

from tests.browser.conftest import Open, Watch, kept

BENCH = "/plans/potting-bench"


@pytest.mark.parametrize("by", ["hand", "keyboard"])
def test_a_length_is_typed_over_the_figure_of_a_choice(open_at: Open, by: str) -> None:
    page = open_at(f"{BENCH}/fill", as_found=True)
    choice = page.get_by_role("button", name="front height, cut 138.5: another?")
    if by == "hand":
        choice.click()
    else:
        choice.focus()
        choice.press("Enter")
    field = page.get_by_role("group", name="Another front height, cut").get_by_role("textbox")
    expect(field).to_be_focused()
    field.fill("150")
    typed = page.get_by_role("button", name="front height, cut 150: another?")
    if by == "hand":
        expect(typed).to_be_visible()  # shown while it is typed, kept by nothing yet
    field.press("Enter")
    expect(field).to_have_count(0)
    kept(page)
    page.reload()
    expect(typed).to_be_visible()


def test_escape_leaves_a_figure_as_it_was_and_a_result_asks_why(open_at: Open) -> None:
    page = open_at(f"{BENCH}/fill", as_found=True)
    page.get_by_role("button", name="front height, cut 138.5: another?").click()
    page.keyboard.type("1")
    page.keyboard.press("Escape")
    expect(page.get_by_role("group", name="Another front height, cut")).to_have_count(0)
    expect(page.get_by_role("button", name="front height, cut 138.5: another?")).to_be_visible()
    page.get_by_role("button", name="opening width 1180: why?").click()
    expect(page.get_by_role("region", name="Why this size")).to_contain_text("opening width")


def test_a_length_that_cannot_be_read_says_so_and_changes_nothing(open_at: Open, watch: Watch) -> None:
    watch.allow("422")
    page = open_at(f"{BENCH}/fill", as_found=True)
    page.get_by_role("button", name="front height, cut 138.5: another?").click()
    field = page.get_by_role("group", name="Another front height, cut").get_by_role("textbox")
    field.fill("wide")
    field.press("Enter")
    expect(page.get_by_role("group", name="Another front height, cut")).to_contain_text("wide")
    expect(page.get_by_role("button", name="front height, cut 138.5: another?")).to_be_visible()


def test_the_acts_of_a_cell_stand_beside_it_and_leave(open_at: Open) -> None:
    page = open_at(f"{BENCH}/fill", as_found=True)
    page.get_by_role("button", name="Cell 6, Trays").click()
    acts = page.get_by_role("toolbar", name="Trays")
    acts.get_by_role("button", name="Split into rows: Trays").click()
    kept(page)
    expect(page.locator(".drawing .cell")).to_have_count(8)
    expect(acts).to_have_count(0)
    page.get_by_role("button", name="Cell 1, Labels").click()
    expect(page.get_by_role("toolbar", name="Labels")).to_be_visible()
    page.get_by_role("button", name="Section").click()
    expect(page.get_by_role("toolbar", name="Labels")).to_have_count(0)


def test_several_spaces_are_seen_together_and_a_cell_in_any_of_them_is_chosen(open_at: Open) -> None:
    page = open_at("/plans/night-bunk/fill", as_found=True)
    page.get_by_role("button", name="Together").click()
    expect(page.locator(".together .drawing")).to_have_count(2)
    page.locator(".together").get_by_role("button", name="Cell 5, Linen").click()
    page.get_by_role("button", name="Elevation").click()
    expect(page.get_by_role("button", name="Cell 5, Linen")).to_have_attribute("aria-pressed", "true")
    open_at(f"{BENCH}/fill", as_found=True)
    expect(page.get_by_role("button", name="Together")).to_have_count(0)


def test_the_section_of_an_open_bay_shows_the_drawers_of_its_column(open_at: Open) -> None:
    page = open_at(f"{BENCH}/fill", as_found=True)
    page.get_by_role("button", name="Cell 7, Sieves").click()
    page.get_by_role("button", name="Section").click()
    drawing = page.locator(".drawing[aria-label^='Section']")
    expect(drawing.get_by_role("button", name="outside height 107.5", exact=False)).to_be_visible()
    expect(drawing.get_by_role("button", name="outside height 224.5", exact=False)).to_be_visible()
    drawing.get_by_role("button", name="Cell 6, Trays").click()
    expect(drawing.get_by_role("button", name="Cell 6, Trays")).to_have_attribute("aria-pressed", "true")
