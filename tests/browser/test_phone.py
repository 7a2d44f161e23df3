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


def press(phone: Page, *keys: str) -> None:
    for key in keys:
        phone.get_by_role("button", name=key, exact=True).tap()


def test_a_phone_is_paired_and_its_reading_stands_in_the_drawing(
    open_at: Open, server: Server, phone: Page, watch: Watch
) -> None:
    watch.allow("403")
    page = open_at("/plans/scullery-cupboard/measure")
    page.get_by_role("button", name="Plan", exact=True).click()
    page.get_by_role("button", name="Measure with a phone").click()
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
