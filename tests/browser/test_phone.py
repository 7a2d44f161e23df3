"""A phone measures, station by station; what it reads stands on the laptop at once."""

from __future__ import annotations

from collections.abc import Iterator

import pytest
from playwright.sync_api import Browser, Page, expect

from tests.browser.conftest import Open, Server, Watch, ready


@pytest.fixture
def phone(browser: Browser, watch: Watch) -> Iterator[Page]:
    context = browser.new_context(viewport={"width": 360, "height": 740}, has_touch=True, is_mobile=True)
    watch.on(context)
    yield context.new_page()
    context.close()


def at_the_door(open_at: Open) -> Page:
    """The laptop, where the second door is opened."""
    page = open_at("/plans/scullery-cupboard/measure")
    page.get_by_role("button", name="Plan", exact=True).click()
    page.get_by_role("button", name="Measure with a phone").click()
    return page


def press(phone: Page, *keys: str) -> None:
    for key in keys:
        phone.get_by_role("button", name=key, exact=True).tap()


def test_a_phone_is_paired_and_its_reading_stands_in_the_drawing(
    open_at: Open, server: Server, phone: Page, watch: Watch
) -> None:
    watch.allow("403")
    page = at_the_door(open_at)
    page.get_by_label("Open to phones in this network").click()
    code = page.get_by_test_id("pairing-code").inner_text()
    phone.goto(server.network.url)
    phone.get_by_label("The six digits").fill("12345")
    phone.get_by_role("button", name="Pair").tap()
    expect(phone.get_by_role("alert")).to_contain_text("4 tries are left")
    phone.get_by_label("The six digits").fill(code)
    phone.get_by_role("button", name="Pair").tap()
    expect(page.get_by_text("Paired: 1")).to_be_visible()
    page.keyboard.press("Escape")
    expect(phone.get_by_role("form", name="One station")).to_be_visible()
    press(phone, "2", "2", "space", "1", "3", "/16")
    expect(phone.locator(".said-now")).to_have_value("22 13/16")
    phone.get_by_role("button", name="Next").tap()
    expect(phone.get_by_text("No reading here yet.")).to_be_visible()
    expect(page.locator("input[value='22 13/16']")).to_have_count(1)
    expect(page.get_by_label("Governing depth")).to_contain_text("22 13/16")


def test_stations_follow_each_other_with_last_readings_and_refusals(phone: Page, server: Server, watch: Watch) -> None:
    watch.allow("422")
    phone.goto(server.url + "/plans/scullery-cupboard/measure")
    ready(phone)
    form = phone.get_by_role("form", name="One station")
    press(phone, "Back")
    expect(form.get_by_role("heading", level=2)).to_have_text("Inside, depth")
    expect(phone.locator(".said-now")).to_have_value("22 7/8")
    expect(form.get_by_role("status")).to_contain_text("Last reading: 22 7/8 in")
    press(phone, "/8", "/8")
    phone.keyboard.press("Enter")
    expect(form.get_by_role("alert")).to_be_visible()
    for _ in range(4):
        press(phone, "Take the last sign away")
    phone.keyboard.press("Enter")
    expect(form).to_contain_text("left, high")
    press(phone, "Drawing")
    expect(phone.locator(".drawing")).to_be_visible()
    phone.get_by_role("button", name="Station by station").tap()
    expect(form).to_be_visible()
    assert phone.evaluate("document.documentElement.scrollWidth - document.documentElement.clientWidth") <= 0


def test_a_paired_phone_is_offered_what_it_may_do_and_can_be_sent_away(
    open_at: Open, server: Server, phone: Page, watch: Watch
) -> None:
    watch.allow("403")
    page = at_the_door(open_at)
    page.get_by_label("Open to phones in this network").click()
    expect(page.get_by_text("Not encrypted.")).to_be_visible()
    first = page.get_by_test_id("pairing-code").inner_text()
    page.get_by_role("button", name="New code").click()
    expect(page.get_by_test_id("pairing-code")).not_to_have_text(first)
    phone.goto(server.network.url)
    phone.get_by_label("The six digits").fill(page.get_by_test_id("pairing-code").inner_text())
    phone.get_by_role("button", name="Pair").tap()
    expect(phone.get_by_role("form", name="One station")).to_be_visible()
    phone.goto(server.network.origin + "/plans")
    ready(phone)
    expect(phone.get_by_role("link", name="Scullery cupboard")).to_be_visible()
    for name in ("Bring a plan file in", "Copy Scullery cupboard", "Delete Scullery cupboard"):
        expect(phone.get_by_role("button", name=name)).to_have_count(0)
    page.get_by_role("button", name="Send Phone 1").click()
    expect(page.get_by_text("No phone is paired yet.")).to_be_visible()
    phone.reload()
    expect(phone.get_by_label("The six digits")).to_be_visible()


def test_the_private_door_shows_its_fingerprint_on_both_screens(
    open_at: Open, server: Server, browser: Browser, watch: Watch
) -> None:
    page = at_the_door(open_at)
    page.get_by_label("Encrypted, with a certificate").click()
    shown = page.locator(".fingerprint").inner_text()
    context = browser.new_context(ignore_https_errors=True)
    watch.on(context)
    watch.is_home = lambda url: "127.0.0.1" in url  # type: ignore[method-assign]
    guest = context.new_page()
    guest.goto(server.network.url)
    assert guest.locator(".print").inner_text().split() == shown.split()
    expect(guest.get_by_text("Encrypted,")).to_be_visible()
    context.close()
