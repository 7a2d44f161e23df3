"""Every view, light and dark, by axe: nothing that keeps a reader out."""

from __future__ import annotations

import re
from collections.abc import Callable
from typing import Literal

import pytest
from playwright.sync_api import Page

from tests.browser.conftest import ROOT, STALLS, Open, Server, Watch, ready, unfold

AXE = (ROOT / "frontend/node_modules/axe-core/axe.min.js").read_text()
DEMO = "/plans/scullery-cupboard"


def nothing(_: Page) -> None:
    """As it opens."""


def ask_why(page: Page) -> None:
    page.locator("main .size").first.click()
    page.wait_for_selector(".why .link")


def show_help(page: Page) -> None:
    page.locator(".drawing .dim").first.focus()
    page.keyboard.press("?")
    page.wait_for_selector(".modal")


def open_menu(page: Page) -> None:
    page.get_by_role("button", name="Plan", exact=True).click()


def empty_plan(page: Page) -> None:
    page.get_by_role("button", name="Keep it and go on").click()
    page.wait_for_selector(".book")
    ready(page)


def with_faults(page: Page) -> None:
    page.get_by_label("Gap round the front").fill("12..5")
    page.wait_for_selector(".said--refused")
    page.get_by_label("Box height").fill("30")
    page.get_by_label("Box height").press("Enter")
    page.wait_for_selector("[data-code=box-too-high]")
    page.wait_for_selector(".fixes")  # tried out once the plan has been still


def as_built(page: Page) -> None:
    page.get_by_role("button", name="Box side, left (L)").click()
    page.get_by_role("button", name="Box side, left: as built").click()


def in_space(page: Page) -> None:
    page.get_by_role("button", name="In space").click()
    page.wait_for_selector(".in-space[data-ready]")


LIGHTS: tuple[Literal["light", "dark"], ...] = ("light", "dark")
VIEWS: list[tuple[str, str, Callable[[Page], None]]] = [
    ("plans", "/plans", nothing),
    ("new", "/new", nothing),
    ("measure", f"{DEMO}/measure", nothing),
    ("fill", "/plans/potting-bench/fill", nothing),
    ("compare", "/compare/scullery-cupboard/potting-bench", nothing),
    ("make", f"{DEMO}/make", nothing),
    ("cut", f"{DEMO}/cut", nothing),
    ("why", f"{DEMO}/make", ask_why),
    ("help", f"{DEMO}/make", show_help),
    ("in space", f"{DEMO}/make", in_space),
    ("menu", f"{DEMO}/make", open_menu),
    ("empty", "/new", empty_plan),
    ("faults", f"{DEMO}/make", with_faults),
    ("as built", f"{DEMO}/cut", as_built),
]


@pytest.mark.parametrize(("name", "path", "act"), VIEWS, ids=[v[0] for v in VIEWS])
def test_axe_finds_nothing(
    page: Page, server: Server, watch: Watch, name: str, path: str, act: Callable[[Page], None]
) -> None:
    """Neither by day nor in the dark."""
    if name == "faults":
        watch.allow("422")
    if name == "in space":
        watch.allow(STALLS)
    page.goto(server.url + path)
    unfold(page)
    act(page)
    page.evaluate(AXE)
    for light in LIGHTS:
        page.emulate_media(color_scheme=light, reduced_motion="reduce")
        found = page.evaluate("axe.run(document, {resultTypes: ['violations']})")
        told = [
            (light, v["id"], [n["html"][:160] + " | " + n["failureSummary"][:220] for n in v["nodes"][:3]])
            for v in found["violations"]
        ]
        assert told == []


KEY = re.compile(r"\b(place|space|survey|reading|sheet|runner|obstruction|scribe)-\d+\b|[a-z]_[a-z]|[a-z0-9]/[a-z]+_")


@pytest.mark.parametrize("stage", ["measure", "fill", "make", "cut"])
@pytest.mark.parametrize("plan", ["potting-bench", "survey-van"])
def test_no_key_of_the_program_is_read_aloud_or_seen(open_at: Open, plan: str, stage: str) -> None:
    page = open_at(f"/plans/{plan}/{stage}")
    said = page.evaluate(
        """() => [...document.querySelectorAll('body *')].flatMap(one => [
            one.getAttribute('aria-label'), one.getAttribute('title'), one.getAttribute('placeholder'),
            ...[...one.childNodes].filter(node => node.nodeType === 3).map(node => node.textContent),
        ]).filter(Boolean)"""
    )
    assert len(said) > 100
    assert [text for text in said if KEY.search(text)] == []
