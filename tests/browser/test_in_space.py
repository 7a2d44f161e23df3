"""The model in space: turned, opened and looked behind; a piece chosen there is the piece in the list."""

from __future__ import annotations

from playwright.sync_api import Page, expect

from tests.browser.conftest import STALLS, Open, Watch

BENCH = "/plans/potting-bench"


def in_space(page: Page) -> Page:
    page.get_by_role("button", name="In space").click()
    page.wait_for_selector(".in-space[data-ready]")
    return page


def seen(page: Page) -> bytes:
    """The picture as it stands after the next frames."""
    page.evaluate("new Promise(done => requestAnimationFrame(() => requestAnimationFrame(done)))")
    return page.locator(".in-space canvas").screenshot()


def test_it_turns_opens_and_is_looked_behind_by_keys_and_buttons(open_at: Open, watch: Watch) -> None:
    watch.allow(STALLS)
    page = in_space(open_at(f"{BENCH}/make", as_found=True))
    expect(page.locator(".in-space")).to_have_attribute("data-pieces", "52")
    pictures = [seen(page)]
    canvas = page.locator(".in-space canvas")
    for key in ("ArrowRight", "ArrowUp", "+"):
        canvas.press(key)
        pictures.append(seen(page))
    for button in ("Without fronts", "Drawer 2 out"):
        page.get_by_role("button", name=button).click()
        expect(page.get_by_role("button", name=button)).to_have_attribute("aria-pressed", "true")
        pictures.append(seen(page))
    page.get_by_label("Look from").select_option("back")
    pictures.append(seen(page))
    page.get_by_label("apart").fill("1")
    pictures.append(seen(page))
    assert len(set(pictures)) == len(pictures)


def test_a_piece_chosen_in_space_is_chosen_in_the_list_and_drawn_flat(open_at: Open, watch: Watch) -> None:
    watch.allow(STALLS)
    page = in_space(open_at(f"{BENCH}/cut"))
    canvas = page.locator(".in-space canvas")
    box = canvas.bounding_box()
    assert box is not None
    canvas.click(position={"x": box["width"] * 0.35, "y": box["height"] * 0.5})
    said = page.locator(".in-space .piece")
    expect(said).to_contain_text("Front")
    chosen = page.locator(".part--chosen")
    expect(chosen).to_have_count(1)
    mark = chosen.locator(".part-mark").inner_text()
    expect(said).to_contain_text(mark)
    canvas.press("Escape")
    expect(chosen).to_have_count(0)
    page.get_by_role("button", name="Elevation").click()
    expect(page.get_by_role("region", name="Working drawing").locator(".drawing")).to_be_visible()


def test_it_follows_a_change(open_at: Open, watch: Watch) -> None:
    watch.allow(STALLS)
    page = in_space(open_at(f"{BENCH}/make"))
    before = seen(page)
    page.get_by_label("Gap round the front").fill("30")
    with page.expect_response("**/model"):
        page.get_by_label("Gap round the front").press("Enter")
    page.wait_for_load_state("networkidle")
    assert seen(page) != before


def test_where_nothing_draws_in_space_the_flat_drawing_is_offered(page: Page, open_at: Open) -> None:
    page.add_init_script("HTMLCanvasElement.prototype.getContext = () => null")
    page = open_at(f"{BENCH}/make", as_found=True)
    page.get_by_role("button", name="In space").click()
    page.get_by_role("button", name="The flat drawing").click()
    expect(page.get_by_role("region", name="Working drawing").locator(".drawing")).to_be_visible()
