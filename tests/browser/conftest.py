"""The real app in a real Chromium: no page error, no console error, no request to any other address."""

from __future__ import annotations

import sys
import threading
from collections.abc import Callable, Iterator
from contextlib import suppress
from pathlib import Path
from typing import Any

import pytest
from playwright.sync_api import BrowserContext, Page, expect
from waitress.server import create_server

from vasculum.web.app import STATIC, create_app
from vasculum.web.network import Network

ROOT = Path(__file__).parent.parent.parent
sys.path.insert(0, str(ROOT / "tools"))
from find_browser import ADVICE, chromium_path  # noqa: E402

FLAGS = [
    "--headless", "--no-sandbox", "--disable-gpu", "--disable-quic", "--no-first-run", "--disable-background-networking",
    "--disable-component-update", "--disable-sync", "--use-gl=angle", "--use-angle=swiftshader",
    "--enable-unsafe-swiftshader",
]  # fmt: skip


PATIENCE = 10_000
"""How long a test waits for what should come, ms; what comes is not waited for."""


@pytest.fixture(scope="session")
def browser_type_launch_args(browser_type_launch_args: dict[str, Any]) -> dict[str, Any]:
    path = chromium_path()
    if path is None:
        pytest.fail(ADVICE)
    return {**browser_type_launch_args, "executable_path": path, "args": FLAGS}


@pytest.fixture(scope="session")
def browser_context_args(browser_context_args: dict[str, Any]) -> dict[str, Any]:
    return {
        **browser_context_args, "viewport": {"width": 1280, "height": 800}, "device_scale_factor": 1,
        "reduced_motion": "reduce", "locale": "en-GB", "timezone_id": "UTC", "color_scheme": "light",
    }  # fmt: skip


STALLS = "GPU stall"
"""What draws in space waits for a picture that is taken of it; the browser says so."""


class Server:
    """The app on a free port; it can be closed and started again over the same data."""

    def __init__(self, data: Path) -> None:
        self.data = data
        self.start()

    def start(self) -> None:
        if not (STATIC / "index.html").is_file():
            pytest.fail("The front end is not built. Run: make front")
        app = create_app(self.data, with_demo=True)
        self.engine = app.extensions["desk"].plans._engine
        self.bench = app.extensions["bench"]
        self.network = app.extensions["network"] = Network(app, self.data, address=lambda: "127.0.0.1")
        self.server = create_server(app, host="127.0.0.1", port=0, threads=4)
        self.url = f"http://127.0.0.1:{self.server.effective_port}"
        self.thread = threading.Thread(target=self._run, daemon=True)
        self.thread.start()

    def _run(self) -> None:
        with suppress(OSError):  # its socket is closed under it by stop()
            self.server.run()

    def stop(self) -> None:
        self.network.close()
        self.bench.close()
        self.server.close()
        self.server.task_dispatcher.shutdown()
        self.engine.dispose()


@pytest.fixture
def server(tmp_path: Path) -> Iterator[Server]:
    made = Server(tmp_path)
    yield made
    made.stop()


class Watch:
    """Everything a page may not do; a test that provokes a refusal says so beforehand."""

    def __init__(self) -> None:
        self.faults: list[str] = []
        self.allowed: tuple[str, ...] = ()

    def allow(self, *parts: str) -> None:
        self.allowed += parts

    def on(self, context: BrowserContext) -> None:
        context.on("weberror", lambda error: self.faults.append(f"page error: {error.error}"))
        context.on("console", lambda m: self.note(f"console: {m.text}") if m.type in ("error", "warning") else None)
        context.on("request", lambda r: None if self.is_home(r.url) else self.faults.append(f"request to {r.url}"))

    def is_home(self, url: str) -> bool:
        return url.startswith(("http://127.0.0.1:", "data:", "blob:", "about:"))

    def note(self, fault: str) -> None:
        if not any(part in fault for part in self.allowed):
            self.faults.append(fault)


@pytest.fixture
def watch() -> Iterator[Watch]:
    made = Watch()
    yield made
    assert made.faults == []


@pytest.fixture
def page(context: BrowserContext, watch: Watch) -> Page:
    watch.on(context)
    context.set_default_timeout(PATIENCE)
    expect.set_options(timeout=PATIENCE)
    return context.new_page()


Open = Callable[..., Page]


@pytest.fixture
def open_at(page: Page, server: Server) -> Open:
    """Open an address of the app and wait until it is ready; every panel of its sheet open, unless told otherwise."""

    def go(path: str = "/", as_found: bool = False) -> Page:
        page.goto(server.url + path)
        ready(page)
        if not as_found:
            unfold(page)
        return page

    return go


def ready(page: Page) -> None:
    page.wait_for_selector("[data-ready]")
    if page.locator(".book").count():
        page.wait_for_selector("main [data-ready]")


SHUT = ".panel > h2 > button[aria-expanded=false]", ".discloses[aria-expanded=false]", ".notes[aria-expanded=false]"


def unfold(page: Page) -> None:
    """Open every panel of the sheet in view, the other alternatives of each family, and the notes.

    On a phone one panel is open at a time: there the sheet stays as it was found.
    """
    ready(page)
    if page.viewport_size is None or page.viewport_size["width"] < 768:
        return
    for shut in SHUT:
        while page.locator(shut).count():
            page.locator(shut).first.click()


def at_its_plan(page: Page) -> None:
    """Until a new plan stands on the bench: the page it was made on is still drawn for a moment."""
    page.wait_for_url("**/plans/*/measure")
    page.wait_for_selector(".book")
    ready(page)


def turn_to(page: Page, stage: str) -> None:
    """Go to another sheet by its tab, and open all of it."""
    page.get_by_role("navigation", name="Stages").get_by_role("link", name=stage).click()
    page.wait_for_selector(f"main h1:has-text('{stage}')")
    unfold(page)


def kept(page: Page) -> None:
    """Until the last change is on disk."""
    page.wait_for_selector("[data-keeping=kept]")
