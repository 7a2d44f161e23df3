"""Making: each alternative seen before it is chosen, tools that are there, a runner in hand, a new case with its fronts."""

from __future__ import annotations

import json
import re

from playwright.sync_api import Locator, Page, expect

from tests.browser.conftest import Open, Server, Watch, kept, ready, turn_to, unfold
from tests.export.test_files import pdf_text

BENCH = "/plans/potting-bench/make"


def card(page: Page, family: str, title: str) -> Locator:
    return page.locator(f"label.kind-card:has(input[name={family}])").filter(has=page.get_by_text(title, exact=True))


def choose(page: Page, family: str, title: str) -> None:
    card(page, family, title).click()
    expect(card(page, family, title).get_by_role("radio")).to_be_checked()
    kept(page)


def test_a_runner_is_chosen_before_anything_was_weighed(open_at: Open) -> None:
    page = open_at(BENCH)
    page.route("**/alternatives?family=runner", lambda route: None)  # on its way, and not here yet
    hung = card(page, "runner", "Hung under a top")
    hung.scroll_into_view_if_needed()
    hung.click()
    page.unroute("**/alternatives?family=runner")  # lets go of what was held
    expect(hung.get_by_role("radio")).to_be_checked()
    kept(page)
    expect(page.get_by_label("Height of the rail under a top", exact=False).first).to_be_visible()


def test_wooden_runners_and_then_skids_change_clearance_parts_and_pull(open_at: Open) -> None:
    page = open_at(BENCH)
    skid = card(page, "runner", "Skid on felt pads")
    skid.scroll_into_view_if_needed()
    expect(skid).to_contain_text(re.compile(r"litres, .* pull \d+ N, −\d+ to buy"))
    choose(page, "runner", "Wooden runner in a groove")
    turn_to(page, "Cut")
    expect(page.get_by_role("region", name="Parts", exact=True)).to_contain_text("Wooden runner, left")
    turn_to(page, "Make")
    choose(page, "runner", "Skid on felt pads")
    turn_to(page, "Cut")
    expect(page.get_by_role("region", name="Parts", exact=True)).not_to_contain_text("Wooden runner, left")
    expect(page.get_by_role("region", name="To buy")).not_to_contain_text("runner")


def test_dovetails_in_front_and_a_tongue_behind_are_told_on_the_part(open_at: Open) -> None:
    page = open_at(BENCH)
    choose(page, "joint", "Half-blind dovetail")
    page.get_by_label("Joint at the back").select_option("dado_tongue")
    kept(page)
    expect(page.get_by_role("region", name="Findings")).to_contain_text("mirror images")
    turn_to(page, "Cut")
    side = page.get_by_role("region", name="Parts", exact=True).locator("li").filter(has_text="Box side, left").first
    side.get_by_role("button", name="Box side, left (L)").click()
    expect(side).to_contain_text(re.compile(r"Tails: front end, \d+ over the height"))
    expect(side).to_contain_text(
        re.compile(r"Dado for the tongue of the box back: .* deep, inside face; \d passes of a blade")
    )


def test_joints_that_need_other_tools_stand_last_with_what_they_would_take(open_at: Open) -> None:
    page = open_at(BENCH)
    tools = page.get_by_role("region", name="Tools")
    for name in ("Circular saw with a guide", "Router"):
        tools.get_by_role("checkbox", name=name).click()
    expect(tools.get_by_role("checkbox", name="Router")).to_be_checked()
    expect(tools.get_by_role("checkbox", name="Circular saw with a guide")).to_be_checked()
    dovetail = card(page, "joint", "Half-blind dovetail")
    dovetail.scroll_into_view_if_needed()
    expect(dovetail).to_contain_text("needs a fine saw and chisels or jig for dovetails")
    titles = page.locator("label.kind-card:has(input[name=joint]) strong").all_text_contents()
    assert titles.index("Sliding dovetail") < titles.index("Half-blind dovetail")
    tools.get_by_role("button", name="Offer everything").click()
    dovetail.scroll_into_view_if_needed()
    expect(dovetail).not_to_contain_text("needs a")


def test_the_runner_in_hand_goes_out_as_a_library_and_into_another_plan(
    open_at: Open, server: Server, watch: Watch
) -> None:
    watch.allow("422")
    page = open_at(BENCH)
    for label, text in (
        ("Clearance, one side", "13"), ("Holes, cabinet member", "35; 260; 480"), ("Holes, drawer member", "40; 300"),
        ("What a pair carries", "30"), ("Price of a pair", "14.20"),
    ):  # fmt: skip
        page.get_by_label(label).fill(text)
        page.get_by_label(label).press("Enter")
        kept(page)
    page.get_by_label("Holes, drawer member").fill("40; wide")
    page.get_by_label("Holes, drawer member").press("Enter")
    expect(page.locator(".said--refused")).to_be_visible()
    page.get_by_label("Holes, drawer member").press("Escape")
    library = page.request.get(f"{server.url}/api/plans/potting-bench/files/library.json").text()
    row = json.loads(library)["runners"][0]
    assert (row["side_clearance"], row["case_holes"]) == ("13 mm", ["35 mm", "260 mm", "480 mm"])
    assert (row["rating"], row["price"]) == ("30 kg", "14.20")
    page.goto(f"{server.url}/plans/night-bunk/make")
    unfold(page)
    page.get_by_role("button", name="Paste a library").click()
    broken = json.loads(library)
    broken["runners"].append({"name": "Odd one", "kind": "side_mount"})
    page.get_by_label("The text of a library file").fill(json.dumps(broken))
    page.get_by_role("button", name="Look at the rows").click()
    rows = page.get_by_role("list", name="Rows")
    expect(rows.locator(".pasted-rows__bad")).to_contain_text("runners 2: Odd one")
    page.get_by_role("button", name=re.compile("Take")).click()
    kept(page)
    names = page.get_by_label("Runner of this plan").locator("option")
    expect(names).to_have_count(2)


def test_a_new_case_with_faces_from_one_panel_down_to_the_paper(open_at: Open, server: Server) -> None:
    page = open_at(BENCH)
    case = page.get_by_role("region", name="Case", exact=True)
    case.get_by_role("button", name="Build one instead").click()
    unfold(page)
    choose(page, "carcass", "The clear inside of a new case")
    turn_to(page, "Make")
    expect(case.get_by_role("row", name=re.compile("outside width"))).to_contain_text("1216")
    choose(page, "case_joint", "Comes apart")
    page.get_by_label("Grain over the fronts").select_option("matched")
    kept(page)
    panel = page.get_by_label(re.compile("Length of the panel for matched fronts$"))
    panel.fill("600")
    panel.press("Enter")
    expect(page.get_by_role("region", name="Findings")).to_contain_text("is 14 mm short of 4 faces")
    panel.fill("700")
    panel.press("Enter")
    kept(page)
    page.get_by_role("button", name="Panel", exact=True).click()
    expect(page.locator(".drawing[aria-label^='Panel']")).to_be_visible()
    turn_to(page, "Cut")
    shopping = page.get_by_role("region", name="To buy")
    expect(shopping).to_contain_text("6 pairs")
    expect(shopping).to_contain_text("through board 18 mm into the end of the next")
    expect(shopping).to_contain_text("Dowel for the case")
    paper = " ".join(pdf_text(page.request.get(f"{server.url}/api/plans/potting-bench/files/sheet.pdf").body()))
    for said in ("Panel, faces in order", "To buy", "Case side", "Dowel for the case"):
        assert said in paper


def test_an_edge_band_is_added_and_the_core_of_the_fronts_gets_smaller(open_at: Open) -> None:
    page = open_at(BENCH)
    page.get_by_label("Another of the edge bands").select_option("Thick edge band")
    expect(page.get_by_label("Edge band of the fronts").locator("option")).to_have_count(2)
    page.get_by_label("Edge band of the fronts").select_option("Thick edge band")
    kept(page)
    turn_to(page, "Cut")
    front = (
        page.get_by_role("region", name="Parts", exact=True)
        .locator("li")
        .filter(has=page.get_by_role("button", name="Front", exact=True))
    )
    expect(front.first).to_contain_text("571")  # 575 less two bands of 2
    expect(page.get_by_role("region", name="To buy")).to_contain_text("Thick edge band")


def test_of_two_spaces_only_the_one_in_hand_gets_a_new_case(open_at: Open) -> None:
    page = open_at("/plans/night-bunk/make")
    case = page.get_by_role("region", name="Case", exact=True)
    expect(case.get_by_role("heading", name=re.compile("Case: "))).to_be_visible()
    turn_to(page, "Measure")
    choose(page, "carcass", "The clear inside of a new case")
    document = page.request.get(page.url.replace("/measure", "").replace("/plans/", "/api/plans/")).json()["document"]
    said = [space["choices"].get("carcass") for space in document["spaces"].values()]
    assert sorted(said, key=str) == [None, "new"]
    turn_to(page, "Cut")
    sides = page.get_by_role("region", name="Parts", exact=True).get_by_role(
        "button", name=re.compile("^Case side, left")
    )
    expect(sides.first).to_be_visible()


def test_one_request_for_each_sign_that_is_typed_and_one_to_keep_it(open_at: Open) -> None:
    page = open_at("/plans/scullery-cupboard/make")
    field = page.get_by_label("Plywood 1/2 measures")
    field.click()
    asked: list[str] = []
    page.on("request", lambda request: asked.append(f"{request.method} {request.url.rpartition('/')[2]}"))
    field.press("Control+a")
    for sign in "15/32":
        with page.expect_response(lambda answer: answer.url.endswith("/preview")):
            field.press_sequentially(sign)
    expect(page.locator(".said", has_text="15/32 in · 11.9 mm")).to_be_visible()
    field.press("Enter")
    expect(page.get_by_role("region", name="What moved")).to_contain_text("measured: 15/32 in")
    assert [one for one in asked if one.startswith("POST")] == ["POST preview"] * 5 + ["POST edits"]


def test_one_drawer_gets_a_grid_and_its_strips(open_at: Open) -> None:
    page = open_at("/plans/potting-bench/fill")
    page.locator(".layout .place", has_text="Twine").click()
    turn_to(page, "Make")
    inside = page.get_by_role("region", name="Inside", exact=True)
    expect(inside).to_contain_text("Inside of Twine")
    inside.get_by_text("Grid of strips", exact=True).click()
    kept(page)
    cells = inside.get_by_label(re.compile("Cells across"))
    cells.fill("4")
    cells.press("Enter")
    kept(page)
    expect(inside).to_contain_text("shim for the second pass")
    expect(page.get_by_text("assembled: nothing meets")).to_be_visible()
    turn_to(page, "Cut")
    parts = page.get_by_role("region", name="Parts", exact=True)
    expect(parts.locator("li").filter(has_text="Grid strip, lengthwise").first).to_contain_text("× 3")
    expect(parts.locator("li").filter(has_text="Grid strip, crosswise")).to_have_count(1)


def test_parts_lie_on_their_sheets_two_ways_and_the_saw_has_its_order(open_at: Open) -> None:
    page = open_at("/plans/potting-bench/cut")
    thick = page.get_by_role("region", name="Sheets", exact=True).get_by_role("region", name="Plywood 12 mm")
    expect(thick).to_contain_text("no fewer will do")
    fewest = thick.get_by_role("button", name="Fewest sheets")
    expect(fewest).to_have_attribute("aria-pressed", "true")
    expect(thick.locator("svg")).to_contain_text("box side, left")
    thick.get_by_role("button", name="Fewest settings").click()
    expect(fewest).to_have_attribute("aria-pressed", "false")
    expect(thick.locator("svg")).to_contain_text("box front")
    thick.get_by_text("Order at the saw").click()
    sizes = [float(text) for text in thick.locator("details tbody strong").all_inner_texts()]
    assert sizes
    first_stage = thick.locator("details tbody tr").filter(has_text="1 ")
    assert first_stage.count() >= 1
    sheets = page.get_by_role("region", name="Sheets", exact=True)
    sheets.get_by_text("one setting, all its parts").click()
    expect(sheets.locator("details li").filter(has_text="Groove").first).to_contain_text("×")


def test_an_offcut_in_the_rack_is_used_first_and_a_bad_size_is_answered_in_words(open_at: Open, watch: Watch) -> None:
    watch.allow("422")
    page = open_at("/plans/potting-bench/cut")
    thin = page.get_by_role("region", name="Sheets", exact=True).get_by_role("region", name="Plywood 6 mm")
    thin.get_by_text("In hand", exact=True).click()
    form = thin.get_by_role("form", name="An offcut of Plywood 6 mm")
    for label, said in (("Where it stands", "behind the door"), ("Along the grain", "wide"), ("Across", "700")):
        form.get_by_label(label).fill(said)
    form.get_by_role("button", name="Into the rack").click()
    expect(form.get_by_role("alert")).to_contain_text("wide")
    form.get_by_label("Along the grain").fill("700")
    form.get_by_role("button", name="Into the rack").click()
    expect(thin).to_contain_text("1 offcut from the rack, and 1 sheet")
    expect(thin).to_contain_text("behind the door, used here")
    thin.get_by_role("button", name="out of the rack").click()
    expect(thin).to_contain_text("1 sheet; no fewer will do")


def test_a_layout_is_kept_a_sheet_is_sawn_and_a_part_goes_elsewhere(open_at: Open, watch: Watch) -> None:
    watch.allow("422")
    page = open_at("/plans/potting-bench/cut")
    thick = page.get_by_role("region", name="Sheets", exact=True).get_by_role("region", name="Plywood 12 mm")
    thick.get_by_role("button", name="Keep this way").click()
    expect(thick.get_by_role("button", name="As kept")).to_have_attribute("aria-pressed", "true")
    thick.get_by_label("A part of this sheet to lay elsewhere").select_option(index=1)
    thick.get_by_label("Onto which sheet").select_option("2")
    expect(thick).to_contain_text("2 sheets; at least 1 by area")
    part = thick.get_by_role("button", name="drag it to another place").first
    part.focus()
    part.press("ArrowUp")
    kept(page)
    thick.get_by_label("This sheet is sawn").click()
    expect(thick.get_by_label("This sheet is sawn")).to_be_checked()
    kept(page)
    expect(thick.get_by_role("button", name="drag it to another place")).to_have_count(0)
    expect(thick.get_by_label("A part of this sheet to lay elsewhere")).to_have_count(0)
    thick.get_by_role("button", name="Lay out anew, but for what is sawn").click()
    expect(thick.get_by_label("This sheet is sawn")).to_be_checked()


def drag(page: Page, part: Locator, x: float, y: float) -> None:
    """Take a part in its middle and let it go there."""
    part.scroll_into_view_if_needed()
    begins = part.bounding_box()
    assert begins is not None
    page.mouse.move(begins["x"] + begins["width"] / 2, begins["y"] + begins["height"] / 2)
    page.mouse.down()
    page.mouse.move(begins["x"] + begins["width"] / 2 + 20, begins["y"] + begins["height"] / 2 - 5, steps=3)
    page.mouse.move(x, y, steps=4)
    page.mouse.up()


def test_a_part_is_dragged_to_what_is_free_or_it_is_told_why_not(open_at: Open, watch: Watch) -> None:
    watch.allow("422")
    page = open_at("/plans/potting-bench/cut")
    thick = page.get_by_role("region", name="Sheets", exact=True).get_by_role("region", name="Plywood 12 mm")
    drawing = thick.locator("svg.drawing")
    part = thick.get_by_role("button", name="drag it to another place").first
    part.scroll_into_view_if_needed()
    whole = drawing.bounding_box()
    assert whole is not None
    drag(page, part, whole["x"] + whole["width"] * 0.5, whole["y"] + 1)
    expect(thick.get_by_role("alert")).to_contain_text("would lie beside the sheet")
    expect(thick.get_by_role("button", name="As kept")).to_have_count(0)
    whole = drawing.bounding_box()
    assert whole is not None
    drag(page, part, whole["x"] + whole["width"] * 0.5, whole["y"] + whole["height"] * 0.3)
    expect(thick.get_by_role("button", name="As kept")).to_have_attribute("aria-pressed", "true")
    expect(thick.get_by_role("alert")).to_have_count(0)


def test_a_sheet_with_a_bad_corner_is_used_first(open_at: Open) -> None:
    page = open_at("/plans/potting-bench/cut")
    thin = page.get_by_role("region", name="Sheets", exact=True).get_by_role("region", name="Plywood 6 mm")
    thin.get_by_text("In hand", exact=True).click()
    thin.get_by_role("button", name="A bad place of a sheet in hand").click()
    form = thin.get_by_role("form", name="A bad place of a sheet in hand")
    form.get_by_label("Length").fill("100")
    form.get_by_label("Width").fill("60")
    form.get_by_role("button", name="Leave it out").click()
    expect(thin).to_contain_text("1 offcut from the rack, and no sheet")
    expect(thin).to_contain_text("one bad place")


def test_at_the_saw_one_setting_follows_the_other_and_is_there_again_after_a_reload(open_at: Open) -> None:
    page = open_at("/plans/potting-bench/saw")
    page.set_viewport_size({"width": 390, "height": 800})
    page.get_by_label("What is cut").select_option(label="Plywood 6 mm")
    cut = page.get_by_role("region", name="Next cut")
    expect(cut).to_contain_text("Setting 1 of")
    first = cut.locator("strong").inner_text()
    cut.get_by_role("button", name="Done").click()
    expect(cut).to_contain_text("Setting 2 of")
    assert cut.locator("strong").inner_text() != first
    page.reload()
    ready(page)
    expect(page.get_by_label("What is cut")).to_have_value(re.compile("sheet-"))
    expect(cut).to_contain_text("Setting 2 of")
    cut.get_by_role("button", name="Back").click()
    expect(cut).to_contain_text("Setting 1 of")
    expect(cut.get_by_role("button", name="Back")).to_be_disabled()
    many = int(cut.inner_text().split(" of ")[1].split(":")[0])
    for number in range(1, many + 1):
        cut.get_by_role("button", name="Done").click()
        if number < many:
            expect(cut).to_contain_text(f"Setting {number + 1} of")
    expect(page.get_by_text("Everything of it is sawn.")).to_be_visible()
    page.set_viewport_size({"width": 1280, "height": 800})
    page = open_at("/plans/potting-bench/cut")
    thin = page.get_by_role("region", name="Sheets", exact=True).get_by_role("region", name="Plywood 6 mm")
    expect(thin.get_by_label("This sheet is sawn")).to_be_checked()
    thin.get_by_role("button", name="What is left of it into the rack").click()
    expect(thin).to_contain_text("in the rack")


def test_another_size_that_a_sheet_is_sold_in_is_listed_and_bought(open_at: Open) -> None:
    page = open_at("/plans/potting-bench/cut")
    sheets = page.get_by_role("region", name="Sheets", exact=True)
    thin = sheets.get_by_role("region", name="Plywood 6 mm")
    thin.get_by_text("In hand", exact=True).click()
    form = thin.get_by_role("form", name="Another size of Plywood 6 mm")
    for label, said in (("Length", "1220"), ("Width", "1220"), ("Price", "5")):
        form.get_by_label(label).fill(said)
    form.get_by_role("button", name="Sold so too").click()
    expect(thin).to_contain_text("1220 × 1220 for 5")
    expect(thin).to_contain_text("2 sheets of 1220 × 1220")
    expect(page.get_by_role("region", name="To buy", exact=True)).to_contain_text("2 of 1220 mm × 1220 mm")
    thin.get_by_role("button", name="1220 × 1220 is no longer sold").click()
    expect(thin).not_to_contain_text("sheets of 1220")
