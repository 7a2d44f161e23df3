"""Keyboard, phone, two tabs, no answer, bad files: what happens when things are not as planned."""

from __future__ import annotations

import json
import re
from pathlib import Path

import pytest
from playwright.sync_api import Browser, Page, expect

from tests.browser.conftest import Open, Server, Watch, kept, ready, unfold
from tests.helpers import frameless
from vasculum.demo import DEMO_PLANS, demo_plan
from vasculum.plan.document.reading import write_plan

DEMO = "/plans/scullery-cupboard"


def sideways(page: Page) -> int:
    found: int = page.evaluate("document.documentElement.scrollWidth - document.documentElement.clientWidth")
    return found


# ---- typing -------------------------------------------------------------------------------------------------------


def test_the_drawing_follows_while_typing_and_nothing_is_kept_until_enter(open_at: Open) -> None:
    page = open_at(f"{DEMO}/make")
    field = page.get_by_label("Gap round the front")
    field.fill("1/4")
    expect(page.locator(".drawing .dim text", has_text="22").first).to_contain_text("22")
    expect(page.get_by_role("region", name="What moved")).to_contain_text("While typing")
    expect(page.locator("main")).to_contain_text("22")
    field.press("Escape")
    expect(field).to_have_value("")
    expect(page.get_by_role("button", name="Undo")).to_be_disabled()


def drawn(page: Page) -> list[str]:
    """The texts of the sheet in view."""
    expect(page.locator(".drawing")).to_be_visible()
    return sorted(page.locator(".drawing text").all_text_contents())


def test_the_section_follows_while_typing_and_after_a_change_in_another_view(open_at: Open, server: Server) -> None:
    page = open_at(f"{DEMO}/make")
    space = demo_plan("scullery-cupboard").space_order[0]
    drawer = demo_plan("scullery-cupboard").spaces[space].holds

    def section() -> list[str]:
        asked = page.request.get(f"{server.url}/api{DEMO}/drawing?name=section&of={drawer}").json()
        return sorted(stroke["text"] for stroke in asked["strokes"] if stroke["kind"] == "text")

    page.get_by_role("button", name="Section").click()
    expect(page.locator(".drawing")).to_have_attribute("aria-label", re.compile("Section"))
    before = drawn(page)
    assert before == section()
    field = page.get_by_label("Play above the box")
    field.fill("5/8")
    expect(page.get_by_role("region", name="What moved")).to_contain_text("While typing")
    typed = drawn(page)
    assert (len(typed), typed == before) == (len(before), False)
    field.press("Enter")
    expect(page.get_by_role("region", name="What moved")).to_contain_text("5/8 in")
    assert drawn(page) == typed == section()
    page.get_by_role("button", name="Elevation").click()
    field.fill("1")
    field.press("Enter")
    expect(page.get_by_role("region", name="What moved")).to_contain_text("1 in")
    page.get_by_role("button", name="Section").click()
    expect(page.locator(".drawing")).to_have_attribute("aria-label", re.compile("Section"))
    assert drawn(page) == section() != typed


def test_the_reckoner_sends_its_answer_to_the_field_last_in_hand(open_at: Open) -> None:
    page = open_at(f"{DEMO}/make")
    page.get_by_label("Box height").focus()
    page.locator(".drawing .dim").first.focus()
    page.keyboard.press("r")
    page.keyboard.type("(30 3/8 - 3 * 3/4) / 4")
    expect(page.locator(".reckoner output")).to_contain_text("7 1/32 in, cut 7 1/16, 178.6 mm")
    page.keyboard.press("Enter")
    expect(page.get_by_label("Box height")).to_be_focused()
    expect(page.get_by_label("Box height")).to_have_value("7 1/16 in")
    page.keyboard.press("Enter")
    expect(
        page.get_by_role("region", name="What moved").locator("li", has_text="box wall height, cut").first
    ).to_contain_text("7 1/16")
    page.get_by_role("textbox", name="Reckon").fill("12..5")
    expect(page.locator(".reckoner output")).to_contain_text("cannot be read")


def test_leaving_a_field_keeps_it(open_at: Open) -> None:
    page = open_at(f"{DEMO}/make")
    page.get_by_label("Gap round the front").fill("1/16")
    page.get_by_label("Gap round the front").blur()
    expect(page.get_by_role("button", name="Undo")).to_be_enabled()
    expect(page.get_by_role("button", name="back to 1/8 in")).to_be_visible()
    page.get_by_role("button", name="back to 1/8 in").click()
    expect(page.get_by_label("Gap round the front")).to_have_value("")


def test_a_pause_keeps_a_new_reading_and_the_hand_stays_in_its_field(open_at: Open) -> None:
    page = open_at(f"{DEMO}/measure")
    field = page.get_by_role("region", name="Inside, depth").get_by_label("middle, low")
    field.press_sequentially("23")
    expect(page.get_by_role("button", name="Undo")).to_be_enabled()
    expect(field).to_be_focused()
    field.press_sequentially(" 1/8")
    field.press("Enter")
    expect(page.get_by_role("region", name="Inside, depth").locator(".said", has_text="587.4 mm")).to_have_count(1)
    page.locator("h1").click()
    page.keyboard.press("Control+z")
    expect(field).to_have_value("")


def test_nonsense_is_answered_in_words_and_kept_nowhere(open_at: Open, watch: Watch) -> None:
    watch.allow("422")
    page = open_at(f"{DEMO}/measure")
    field = page.get_by_role("region", name="Frame opening, width").get_by_label("low")
    for typed in ("12 3/0", "1/2 1/2", "-3", "12..5", "9" * 40, "1e9 m"):
        field.fill(typed)
        field.press("Enter")
        expect(field).to_have_attribute("aria-invalid", "true")
        expect(field).to_be_focused()
    expect(page.locator(".said--refused")).to_contain_text("Use in, ft, mm, cm or m.")
    expect(page.get_by_role("button", name="Undo")).to_be_disabled()
    field.press("Escape")
    expect(field).to_have_value("22 1/2")


def test_emptying_a_reading_takes_it_out_and_undo_brings_it_back(open_at: Open) -> None:
    page = open_at(f"{DEMO}/measure")
    group = page.get_by_role("region", name="Frame opening, height")
    group.get_by_label("left").fill("")
    group.get_by_label("left").press("Enter")
    expect(page.locator("[data-code=height-taken-once]")).to_be_visible()
    page.locator("h1").click()
    page.keyboard.press("Control+z")
    expect(group.get_by_label("left")).to_have_value("9 7/16")


def test_enter_goes_round_the_stations(open_at: Open) -> None:
    page = open_at(f"{DEMO}/measure")
    group = page.get_by_role("region", name="Frame opening, width")
    group.get_by_label("low").focus()
    page.keyboard.press("Enter")
    expect(group.get_by_label("middle")).to_be_focused()


# ---- keyboard -----------------------------------------------------------------------------------------------------


def test_the_drawing_is_walked_by_arrows_and_asked_why(open_at: Open) -> None:
    page = open_at(f"{DEMO}/make")
    page.locator(".drawing .dim").first.focus()
    first = page.evaluate("document.activeElement.getAttribute('aria-label')")
    page.keyboard.press("ArrowRight")
    second = page.evaluate("document.activeElement.getAttribute('aria-label')")
    assert first != second
    page.keyboard.press("w")
    why = page.get_by_role("region", name="Why this size")
    expect(why.locator("h2").first).to_contain_text(second.split(" 2")[0].split(" 9")[0])
    page.get_by_role("button", name="Close").click()
    expect(why).to_have_count(0)


def test_digits_change_the_stage_only_while_the_drawing_has_the_focus(open_at: Open) -> None:
    page = open_at(f"{DEMO}/measure")
    page.locator("h1").click()
    page.keyboard.press("5")
    expect(page.locator("h1")).to_have_text("Measure")
    page.locator(".drawing .dim").first.focus()
    page.keyboard.press("5")
    expect(page.locator("h1")).to_have_text("Cut")


def test_keys_can_be_switched_off(open_at: Open) -> None:
    page = open_at(f"{DEMO}/measure")
    page.locator(".drawing .dim").first.focus()
    page.keyboard.press("?")
    page.get_by_label("Digit and letter keys act in the drawing").uncheck()
    page.keyboard.press("Escape")
    page.locator(".drawing .dim").first.focus()
    page.keyboard.press("5")
    expect(page.locator("h1")).to_have_text("Measure")


def test_every_control_is_reached_by_tab(open_at: Open) -> None:
    page = open_at(f"{DEMO}/cut", as_found=True)
    seen = set()
    for _ in range(80):
        page.keyboard.press("Tab")
        seen.add(
            page.evaluate("document.activeElement.getAttribute('aria-label') || document.activeElement.textContent")
        )
    for wanted in ("To the sheet of this stage", "Name of the plan", "Unit", "Elevation", "Box side, left (L)"):
        assert wanted in seen, wanted


# ---- two tabs, no answer ------------------------------------------------------------------------------------------


def test_the_second_tab_is_told_and_can_make_its_change_again(open_at: Open, server: Server, watch: Watch) -> None:
    watch.allow("409")
    page = open_at(f"{DEMO}/make")
    other = page.context.new_page()
    other.goto(f"{server.url}{DEMO}/make")
    ready(other)
    page.get_by_label("Plywood 1/2 measures").fill("15/32")
    page.get_by_label("Plywood 1/2 measures").press("Enter")
    expect(page.get_by_role("button", name="Undo")).to_be_enabled()
    other.get_by_label("Gap round the front").fill("1/16")
    other.get_by_label("Gap round the front").press("Enter")
    told = other.get_by_role("alert").filter(has_text="changed elsewhere")
    expect(told).to_contain_text("side thickness 1/2 → 15/32")
    other.get_by_role("button", name="Make my change again").click()
    expect(told).to_have_count(0)
    expect(other.get_by_label("Gap round the front")).to_have_value("1/16")
    expect(other.get_by_label("Plywood 1/2 measures")).to_have_value("15/32")


def test_a_change_without_an_answer_is_held_and_kept_later(open_at: Open, watch: Watch) -> None:
    watch.allow("ERR_INTERNET_DISCONNECTED", "Failed to load resource")
    page = open_at(f"{DEMO}/make")
    page.get_by_text("Planted under the box").scroll_into_view_if_needed()
    page.context.set_offline(True)
    page.get_by_text("Planted under the box").click()
    expect(page.get_by_role("alert").filter(has_text="Not kept yet")).to_be_visible()
    expect(page.locator("[data-keeping='not kept']")).to_have_text("not kept")
    page.context.set_offline(False)
    expect(page.get_by_role("alert")).to_have_count(0)
    kept(page)
    page.reload()
    ready(page)
    expect(page.get_by_role("region", name="Bottom").locator(".family-chosen strong")).to_have_text(
        "Planted under the box"
    )


# ---- plans --------------------------------------------------------------------------------------------------------


def test_plans_are_renamed_copied_deleted_and_put_back(open_at: Open) -> None:
    page = open_at(DEMO)
    page.get_by_label("Name of the plan").fill("Rack cupboard")
    page.get_by_label("Name of the plan").press("Enter")
    kept(page)
    page.get_by_title("All plans").click()
    page.get_by_role("button", name="Copy Rack cupboard").click()
    expect(page.get_by_role("link", name="Copy of Rack cupboard")).to_be_visible()
    page.get_by_role("button", name="Delete Copy of Rack cupboard").click()
    expect(page.get_by_role("link", name="Copy of Rack cupboard")).to_have_count(0)
    page.get_by_role("button", name="Put it back").click()
    expect(page.get_by_role("link", name="Copy of Rack cupboard")).to_be_visible()


def test_a_plan_file_is_brought_in_or_refused_with_its_faults(open_at: Open, watch: Watch, tmp_path: Path) -> None:
    watch.allow("422")
    page = open_at("/plans")
    document = json.loads(write_plan(frameless()))
    good, bad = tmp_path / "good.json", tmp_path / "bad.json"
    good.write_text(json.dumps(document))
    document["readings"]["reading-4"]["value"] = "22 1/2"
    bad.write_text(json.dumps(document))
    page.get_by_label("Plan file").set_input_files(bad)
    expect(page.get_by_role("alert")).to_contain_text("Nothing was changed.")
    expect(page.get_by_role("alert")).to_contain_text("/readings/reading-4/value")
    expect(page.locator(".plan-list li")).to_have_count(len(DEMO_PLANS))
    page.get_by_label("Plan file").set_input_files(good)
    expect(page.get_by_label("Name of the plan")).to_have_value("Frameless")


def test_the_demo_can_be_put_back(open_at: Open) -> None:
    page = open_at(f"{DEMO}/make")
    page.get_by_text("Planted under the box").click()
    expect(page.get_by_role("button", name="Undo")).to_be_enabled()
    page.get_by_role("button", name="Plan", exact=True).click()
    page.get_by_role("button", name="Put the demo back as it ships").click()
    expect(page.get_by_role("region", name="Bottom").locator(".family-chosen strong")).to_have_text(
        "Captured in a groove"
    )


def test_without_any_plan_the_screen_says_how_to_begin(open_at: Open, server: Server) -> None:
    page = open_at("/plans")
    for plan_id in DEMO_PLANS:
        page.get_by_role("button", name=f"Delete {demo_plan(plan_id).name}", exact=True).click()
    expect(page.get_by_text("A plan begins with three numbers")).to_be_visible()
    page.goto(server.url + "/")
    expect(page.get_by_text("A plan begins with three numbers")).to_be_visible()


def test_an_address_that_is_none_says_so(open_at: Open, watch: Watch) -> None:
    watch.allow("404")
    page = open_at("/plans/plan-none/cut")
    expect(page.get_by_role("alert")).to_contain_text("There is no plan 'plan-none'")
    open_at("/nowhere")
    expect(page.get_by_text("There is no such page")).to_be_visible()


# ---- small and large screens --------------------------------------------------------------------------------------


def test_no_page_scrolls_sideways(open_at: Open) -> None:
    for width, height in ((1280, 800), (1024, 768), (768, 1024), (360, 760)):
        for path in ("/plans", "/new", "/plans/potting-bench/fill", f"{DEMO}/measure", f"{DEMO}/make", f"{DEMO}/cut"):
            page = open_at(path)
            page.set_viewport_size({"width": width, "height": height})
            assert sideways(page) <= 0, (path, width)


def test_the_drawing_stays_in_view_beside_the_sheet(open_at: Open) -> None:
    page = open_at(f"{DEMO}/make")
    page.locator("main").evaluate("sheet => sheet.scrollTo(0, sheet.scrollHeight)")
    box = page.locator("svg.drawing").bounding_box()
    assert box is not None
    assert box["y"] >= 0
    assert box["y"] + box["height"] <= 800


def test_on_a_phone_everything_is_large_enough_for_a_thumb(browser: Browser, server: Server, watch: Watch) -> None:
    context = browser.new_context(viewport={"width": 360, "height": 760}, has_touch=True, is_mobile=True)
    watch.on(context)
    page = context.new_page()
    page.goto(f"{server.url}{DEMO}/make")
    unfold(page)
    for control in page.locator("button.btn:visible, a.btn:visible, input.form-control:visible, select:visible").all():
        box = control.bounding_box()
        if box is not None and "p-0" not in (control.get_attribute("class") or ""):
            assert box["height"] >= 43.5, control.evaluate("e => e.outerHTML")
    page.get_by_role("navigation", name="Stages").get_by_role("link", name="Cut").tap()
    expect(page.locator("h1")).to_have_text("Cut")
    context.close()


def test_light_and_dark_are_chosen_and_remembered(open_at: Open) -> None:
    page = open_at(DEMO)
    page.get_by_role("button", name="Plan", exact=True).click()
    page.get_by_role("button", name="Dark, for a dim shop").click()
    assert page.evaluate("document.documentElement.dataset.bsTheme") == "dark"
    page.reload()
    ready(page)
    assert page.evaluate("document.documentElement.dataset.bsTheme") == "dark"


def test_a_runner_is_chosen_by_seeing_what_it_costs_and_the_parts_follow(open_at: Open) -> None:
    page = open_at("/plans/potting-bench/make")
    card = page.locator("label.kind-card").filter(has_text="Wooden runner in a groove")
    card.scroll_into_view_if_needed()  # what each would cost is worked out once it comes into view
    expect(card).to_contain_text(re.compile(r"litres, \+\d+ parts"))
    card.click()
    expect(card).to_contain_text("as it is")
    expect(page.locator(".family-chosen").filter(has_text="Wooden runner")).to_contain_text("litres inside")
    expect(page.get_by_role("region", name="What moved")).to_contain_text("runner length")
    page.get_by_label("Joint at the back").select_option("dado_tongue")
    kept(page)
    page.goto(page.url.replace("/make", "/cut"))
    unfold(page)
    expect(page.get_by_text("Wooden runner, left").first).to_be_visible()
    page.get_by_role("button", name="Box side, left (L)").first.click()
    expect(page.get_by_text("Dado for the tongue of the box back").first).to_be_visible()


def test_runners_go_out_as_a_table_and_come_in_with_bad_rows_named(open_at: Open, server: Server) -> None:
    page = open_at("/plans/potting-bench/make")
    library = page.get_by_role("region", name="Runner library")
    link = library.get_by_role("link", name="Runners (CSV)").get_attribute("href")
    table = page.request.get(server.url + str(link)).text()
    assert table.startswith("name,kind,side_clearance")
    library.get_by_role("button", name="Paste runners").click()
    heading = "name,kind,side_clearance,height"
    library.get_by_role("textbox").fill(f"{heading}\nFrom the shelf,side_mount,13,46\nOdd one,side_mount,,46")
    library.get_by_role("button", name="Look at the rows").click()
    expect(library.get_by_role("listitem").nth(1)).to_contain_text("side_clearance is missing")
    library.get_by_role("button", name="Take the 1 good row").click()
    library.get_by_label("Runner of this plan").select_option(label="From the shelf")
    expect(page.get_by_label("Clearance, one side")).to_have_value("13")


# ---- coming nearer ------------------------------------------------------------------------------------------------


def box_of(page: Page) -> list[float]:
    return [float(one) for one in (page.locator(".working .drawing").get_attribute("viewBox") or "").split()]


def test_the_drawing_comes_nearer_by_wheel_key_and_button_and_is_pushed(open_at: Open) -> None:
    page = open_at(f"{DEMO}/make", as_found=True)
    drawing = page.locator(".working .drawing")
    room = drawing.bounding_box()
    assert room is not None
    whole = box_of(page)
    x, y = room["x"] + room["width"] * 0.3, room["y"] + room["height"] * 0.5
    page.mouse.move(x, y)
    page.mouse.wheel(0, -100)
    expect(drawing).not_to_have_attribute("viewBox", " ".join(map(str, whole)))
    near = box_of(page)
    assert near[2] == pytest.approx(whole[2] / 1.3)
    assert near[0] - whole[0] < (whole[0] + whole[2]) - (near[0] + near[2])  # what is under the hand stays there
    page.mouse.down()
    page.mouse.move(x + 40, y, steps=4)
    page.mouse.up()
    pushed = box_of(page)
    assert pushed[0] < near[0]
    assert pushed[2:] == near[2:]
    page.locator(".drawing .dim").first.focus()
    page.keyboard.press("z")
    assert box_of(page)[2] == pytest.approx(whole[2] / 1.69)
    page.keyboard.press("0")
    assert box_of(page) == whole
    page.get_by_role("button", name="Nearer").click()
    page.get_by_role("button", name="Farther").click()
    assert box_of(page) == pytest.approx(whole)


def test_a_hand_that_pushes_the_drawing_chooses_nothing(open_at: Open) -> None:
    page = open_at("/plans/potting-bench/make", as_found=True)
    page.get_by_role("button", name="Nearer").click(click_count=2)
    drawing = page.locator(".working .drawing")
    room = drawing.bounding_box()
    assert room is not None
    chosen = page.locator(".cell--chosen").get_attribute("aria-label")
    x, y = room["x"] + room["width"] * 0.6, room["y"] + room["height"] * 0.5
    page.mouse.move(x, y)
    page.mouse.down()
    page.mouse.move(x - 60, y, steps=4)
    page.mouse.up()
    expect(page.locator(".cell--chosen")).to_have_attribute("aria-label", chosen or "")
