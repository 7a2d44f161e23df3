"""From nothing to a printed bank: three drawers, overlay fronts, one of them on wood; nothing is far to reach."""

from __future__ import annotations

import pytest
from playwright.sync_api import Locator, Page, expect

from tests.browser.conftest import Open, Server, at_its_plan, kept, ready
from tests.export.test_files import pdf_text

LAPTOP, PHONE = (1280, 800), (360, 740)


def within_reach(one: Locator) -> Locator:
    """It is there, and no more than one screen of scrolling from the top of its sheet."""
    expect(one).to_be_visible()
    far, screen = one.evaluate(
        """one => {
            const sheet = one.closest('.sheet')
            if (!sheet) return [0, 1]
            return [one.getBoundingClientRect().bottom - sheet.getBoundingClientRect().top + sheet.scrollTop, sheet.clientHeight]
        }"""
    )
    assert far <= 2 * screen, (far, screen)
    return one


class Hand:
    """Presses what it can reach: with a pointer, or with keys alone."""

    def __init__(self, has_keys_only: bool) -> None:
        self.has_keys_only = has_keys_only

    def press(self, one: Locator, key: str = "Enter") -> None:
        within_reach(one)
        if self.has_keys_only:
            one.focus()
            one.press(key)
        else:
            one.click()


def to(page: Page, hand: Hand, stage: str) -> None:
    hand.press(page.get_by_role("navigation", name="Stages").get_by_role("link", name=stage))
    page.wait_for_selector(f"main h1:has-text('{stage}')")


def panel(page: Page, hand: Hand, name: str) -> None:
    """Open a panel, where it is shut: one press."""
    button = page.locator(f"button[data-panel={name}]")
    if button.get_attribute("aria-expanded") == "false":
        hand.press(button)


@pytest.mark.parametrize(("size", "by"), [(LAPTOP, "pointer"), (PHONE, "pointer"), (LAPTOP, "keys")])
def test_from_three_numbers_to_a_printed_bank(
    open_at: Open, page: Page, server: Server, size: tuple[int, int], by: str
) -> None:
    hand = Hand(by == "keys")
    page.set_viewport_size({"width": size[0], "height": size[1]})
    open_at("/new", as_found=True)
    for label, length in (("How wide", "22 1/2"), ("How high", "30"), ("How deep", "20")):
        page.get_by_label(label).fill(length)
        page.get_by_label(label).blur()
    page.wait_for_selector("[data-testid=first-result]")
    hand.press(page.get_by_role("button", name="Keep it and go on"))
    at_its_plan(page)
    page.goto(page.url.replace("/measure", "/fill"))  # a phone shows one station alone: its drawing is one press away
    ready(page)

    panel(page, hand, "place")
    hand.press(page.get_by_role("button", name="Split into rows", exact=True))
    kept(page)
    hand.press(page.locator(".layout").get_by_role("button", name="Drawer 2"))
    panel(page, hand, "place")
    hand.press(page.get_by_role("button", name="Copy beside", exact=True))
    kept(page)

    to(page, hand, "Make")
    panel(page, hand, "front")
    front = page.locator(".panel", has=page.locator("[data-panel=front]"))
    hand.press(front.get_by_role("button", name="Others").first)
    hand.press(front.get_by_role("radio", name="Full overlay"), " ")
    kept(page)

    to(page, hand, "Fill")
    panel(page, hand, "differs")
    within_reach(page.get_by_label("Let it differ in")).select_option(label="Runners: Runner")
    within_reach(page.get_by_label("Runner", exact=True)).select_option(label="Wooden runner in a groove")
    kept(page)

    to(page, hand, "Cut")
    panel(page, hand, "print")
    link = within_reach(page.get_by_role("link", name="Print pack"))
    pages = pdf_text(page.request.get(server.url + (link.get_attribute("href") or "")).body())
    assert len(pages) <= 7
    assert "Parts to cut" in pages[0]
    assert "Wooden runner" in pages[0]
    assert "Positions" in pages[1]
    assert page.evaluate("document.documentElement.scrollWidth") <= size[0]
