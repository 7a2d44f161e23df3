"""Renew docs/screenshots from the demo: one picture per main view. Run by ``make screenshots``."""

from __future__ import annotations

import sys
import tempfile
import threading
from collections.abc import Callable
from pathlib import Path

from playwright.sync_api import Page, sync_playwright
from waitress.server import create_server

ROOT = Path(__file__).parent.parent
sys.path.insert(0, str(ROOT))
sys.path.insert(0, str(ROOT / "tools"))

from find_browser import chromium_path  # noqa: E402

from vasculum.web.app import create_app  # noqa: E402

TO = ROOT / "docs/screenshots"
DEMO = "/plans/scullery-cupboard"
FLAGS = [
    "--headless", "--no-sandbox", "--disable-gpu", "--disable-background-networking", "--disable-component-update",
    "--use-gl=angle", "--use-angle=swiftshader", "--enable-unsafe-swiftshader",
]  # fmt: skip


def nothing(_: Page) -> None:
    """As it opens."""


def turn(page: Page, *panels: str) -> None:
    """Open what is shut, shut what is open."""
    for panel in panels:
        page.locator(f"[data-panel={panel}]").click()


def three_numbers(page: Page) -> None:
    for label, text in (("How wide", "22 1/2"), ("How high", "240 mm"), ("How deep", "22 7/8")):
        page.get_by_label(label).fill(text)
        page.get_by_label(label).blur()
    page.wait_for_selector("[data-testid=first-result]")


def measured_sides(page: Page) -> None:
    turn(page, "stock")
    page.get_by_label("Plywood 1/2 measures").fill("15/32")
    page.get_by_label("Plywood 1/2 measures").blur()
    page.wait_for_selector(".moved")


def in_the_way(page: Page) -> None:
    turn(page, "readings", "in-the-way")


def inside(page: Page) -> None:
    page.get_by_role("button", name="Inside", exact=True).click()
    page.wait_for_selector(".drawing[aria-label^='Inside']")
    turn(page, "layout", "place", "things")
    page.get_by_label("Find a thing").last.fill("seed")
    page.wait_for_selector(".find-things li")


def through_a_narrow_door(page: Page) -> None:
    turn(page, "readings", "beside")
    page.locator("details", has_text="The way in").evaluate("one => { one.open = true }")
    for label, text in (
        ("Width of the door, hatch or mouth", "300"),
        ("Height of the door, hatch or mouth", "640"),
        ("Height to stand it up in", "520"),
        ("Width to turn it in", "640"),
    ):
        page.get_by_label(label).fill(text)
        page.get_by_label(label).press("Enter")
    page.wait_for_selector(".moved")
    page.get_by_role("button", name="Way in", exact=True).click()
    page.wait_for_selector(".drawing[aria-label^='The way in']")


def runners_by_cost(page: Page) -> None:
    turn(page, "drawer", "runners")
    page.locator("[data-panel=runners]").evaluate("one => one.scrollIntoView()")
    page.locator(".panel", has=page.locator("[data-panel=runners]")).get_by_role("button", name="Others").click()
    page.wait_for_selector(".kind-card:has(input[name=runner]) .cost")
    page.wait_for_load_state("networkidle")


def new_case(page: Page) -> None:
    turn(page, "drawer", "front")
    page.get_by_label("Grain over the fronts").select_option("matched")
    page.wait_for_selector("[data-keeping=kept]")
    turn(page, "front", "case")
    page.get_by_role("button", name="Build one instead").click()
    numbers = page.get_by_role("region", name="What the numbers are")
    numbers.get_by_role("button", name="Others").click()
    numbers.get_by_text("The clear inside of a new case", exact=True).click()
    page.wait_for_selector("[data-keeping=kept]")
    page.get_by_role("navigation", name="Stages").get_by_role("link", name="Make").click()
    page.get_by_role("button", name="Panel", exact=True).click()
    page.wait_for_selector(".drawing[aria-label^='Panel']")
    page.get_by_role("region", name="Case", exact=True).evaluate("one => one.scrollIntoView()")
    page.wait_for_load_state("networkidle")


def proposed(page: Page) -> None:
    turn(page, "layout", "place", "proposals")
    page.get_by_role("button", name="Propose", exact=True).click()
    page.wait_for_selector(".proposal", timeout=60_000)
    page.get_by_role("button", name="Stop").wait_for(state="detached", timeout=180_000)
    page.locator("[data-panel=proposals]").evaluate("one => one.scrollIntoView()")


def sheets(page: Page) -> None:
    turn(page, "print", "parts", "sheets")
    page.wait_for_selector(".cut-sheet svg")
    page.wait_for_load_state("networkidle")


def shopping(page: Page) -> None:
    turn(page, "print", "parts", "shopping")


def second_version(page: Page) -> None:
    page.get_by_role("button", name="Plan", exact=True).click()
    page.get_by_role("button", name="Make a second version, side by side").click()
    page.get_by_role("link", name="Open Copy of Potting bench").click()
    page.wait_for_url(lambda url: "/potting-bench" not in url)
    page.get_by_role("button", name="Left column").click()
    page.get_by_role("button", name="Take out").click()
    page.wait_for_selector(".drawing .cell >> nth=2")
    page.get_by_role("button", name="Plan", exact=True).click()
    page.get_by_role("link", name="Compare with another plan").click()
    page.get_by_label("Second plan").select_option(label="Potting bench")
    page.wait_for_selector("tr.differs")


def why(page: Page) -> None:
    page.get_by_role("button", name="Box front, Box back, length", exact=False).click()
    page.wait_for_selector(".why .link")


def in_space(page: Page) -> None:
    page.get_by_role("button", name="In space").click()
    page.wait_for_selector(".in-space[data-ready]")
    for drawer in (2, 6):
        page.get_by_role("button", name=f"Drawer {drawer} out").click()


def part(page: Page) -> None:
    page.get_by_role("button", name="Side, left (L)").click()


VIEWS: list[tuple[str, str, Callable[[Page], None], tuple[int, int], str]] = [
    ("measure", "/plans/survey-van/measure", in_the_way, (1280, 800), "light"),
    ("phone-station", f"{DEMO}/measure", nothing, (360, 740), "light"),
    ("new-plan", "/new", three_numbers, (1280, 800), "light"),
    ("fill", "/plans/potting-bench/fill", nothing, (1280, 800), "light"),
    ("inside", "/plans/potting-bench/fill?place=place-18", inside, (1280, 800), "light"),
    ("proposals", "/plans/potting-bench/fill", proposed, (1280, 800), "light"),
    ("way-in", "/plans/night-bunk/measure", through_a_narrow_door, (1280, 800), "light"),
    ("compare", "/plans/potting-bench/fill", second_version, (1280, 800), "light"),
    ("make", f"{DEMO}/make", measured_sides, (1280, 800), "light"),
    ("choose", "/plans/potting-bench/make", runners_by_cost, (1280, 800), "light"),
    ("case", "/plans/potting-bench/make", new_case, (1280, 800), "light"),
    ("sheets", "/plans/potting-bench/cut", sheets, (1280, 800), "light"),
    ("shopping", "/plans/potting-bench/cut", shopping, (1280, 800), "light"),
    ("cut", f"{DEMO}/cut", part, (1280, 800), "light"),
    ("why", f"{DEMO}/cut", why, (1280, 800), "light"),
    ("space", "/plans/potting-bench/make", in_space, (1280, 800), "light"),
    ("plans", "/plans", nothing, (1280, 800), "light"),
    ("dark", f"{DEMO}/make", nothing, (1280, 800), "dark"),
    ("phone-drawer", "/plans/packet-drawer/drawer/place-16", nothing, (360, 760), "light"),
]


def main() -> None:
    TO.mkdir(parents=True, exist_ok=True)
    with tempfile.TemporaryDirectory() as data, sync_playwright() as playwright:
        server = create_server(create_app(Path(data), with_demo=True), host="127.0.0.1", port=0, threads=4)
        threading.Thread(target=server.run, daemon=True).start()
        browser = playwright.chromium.launch(executable_path=chromium_path(), args=FLAGS)
        for name, path, act, (width, height), light in VIEWS:
            context = browser.new_context(
                viewport={"width": width, "height": height}, color_scheme=light, reduced_motion="reduce", locale="en-GB"
            )  # type: ignore[arg-type]
            page = context.new_page()
            page.goto(f"http://127.0.0.1:{server.effective_port}{path}")
            page.wait_for_selector("[data-ready]")
            page.wait_for_load_state("networkidle")
            act(page)
            page.wait_for_load_state("networkidle")
            page.evaluate("document.fonts.ready")
            page.screenshot(path=TO / f"{name}.png")
            context.close()
        browser.close()


if __name__ == "__main__":
    main()
