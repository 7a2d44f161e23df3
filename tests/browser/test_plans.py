"""The list of plans: what each is and how far it is, found, ordered, compared, brought in by dropping a file."""

from __future__ import annotations

import json
from pathlib import Path

from playwright.sync_api import Page, expect

from tests.browser.conftest import Open, Server, Watch
from tests.helpers import frameless
from vasculum.demo import DEMO_PLANS, demo_plan
from vasculum.plan.document.reading import write_plan


def names(page: Page) -> list[str]:
    return page.locator(".plan-list .name").all_inner_texts()


def drop(page: Page, *files: tuple[str, str]) -> None:
    """Drop files on the page, as a hand with a mouse does."""
    page.evaluate(
        """files => {
            const held = new DataTransfer()
            for (const [name, text] of files) held.items.add(new File([text], name, { type: 'application/json' }))
            const on = document.querySelector('main')
            for (const what of ['dragover', 'drop'])
                on.dispatchEvent(new DragEvent(what, { dataTransfer: held, bubbles: true, cancelable: true }))
        }""",
        [list(one) for one in files],
    )


def test_each_plan_is_drawn_with_its_size_its_drawers_and_how_far_it_is(open_at: Open) -> None:
    page = open_at("/plans")
    bench = page.get_by_role("listitem", name="Potting bench")
    expect(bench).to_contain_text("1180 × 620 × 560 mm, 6 drawers")
    expect(bench.locator(".stage-states")).to_contain_text("Fill: settled")
    expect(bench.locator(".worst")).to_have_count(0)
    assert bench.locator(".sketch path").count() > 10
    expect(page.get_by_role("listitem", name="Night bunk")).to_contain_text("2 spaces, 4 drawers")


def test_what_is_wrong_with_a_plan_is_said_and_such_plans_come_first(open_at: Open, server: Server) -> None:
    page = open_at("/plans")
    head = page.request.get(f"{server.url}/api/plans/night-bunk").json()["revision"]
    act = {"do": "change", "patch": [{"op": "add", "path": "/choices/wanted_box_height", "value": "900 mm"}]}
    made = page.request.post(
        f"{server.url}/api/plans/night-bunk/edits", data={"base": head, "label": "Too high", "act": act}
    )
    assert made.ok, made.text()
    page.reload()
    expect(page.get_by_role("listitem", name="Night bunk").locator(".worst")).to_contain_text("meet")
    page.get_by_label("Order").select_option("by name")
    assert names(page) == sorted(demo_plan(name).name for name in DEMO_PLANS)
    page.get_by_label("Order").select_option("what wants attention")
    expect(page.locator(".plan-list .name").first).to_have_text("Night bunk")


def test_a_plan_is_found_by_a_word_and_two_are_compared(open_at: Open) -> None:
    page = open_at("/plans")
    page.get_by_label("Find a plan").fill("ench")
    expect(page.locator(".plan-list .name")).to_have_text(["Potting bench"])
    page.get_by_label("Find a plan").fill("nothing like it")
    expect(page.get_by_text("No plan has these words")).to_be_visible()
    page.get_by_label("Find a plan").fill("")
    page.get_by_label("Compare Potting bench").check()
    expect(page.get_by_text("Mark another one")).to_be_visible()
    page.get_by_label("Compare Night bunk").check()
    page.get_by_role("link", name="Compare Potting bench and Night bunk").click()
    expect(page.get_by_label("First plan")).to_have_value("potting-bench")
    expect(page.get_by_label("Second plan")).to_have_value("night-bunk")


def test_a_plan_file_is_brought_in_by_dropping_it_and_a_bad_one_changes_nothing(
    open_at: Open, watch: Watch, tmp_path: Path
) -> None:
    watch.allow("422")
    page = open_at("/plans")
    good = write_plan(frameless())
    drop(page, ("bad.json", json.dumps({"format": "other"})))
    expect(page.get_by_role("alert")).to_contain_text("Nothing was changed.")
    expect(page.locator(".plan-list li")).to_have_count(len(DEMO_PLANS))
    drop(page, ("one.json", good), ("two.json", good))
    expect(page.locator(".plan-list li")).to_have_count(len(DEMO_PLANS) + 2)
    drop(page, ("one.json", good))
    expect(page.get_by_label("Name of the plan")).to_have_value("Frameless")
