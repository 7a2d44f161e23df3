"""Measure the budgets: medians beside a calibration loop, printed, never asserted. Run by ``make bench``."""

from __future__ import annotations

import gzip
import os
import re
import statistics
import subprocess
import sys
import tempfile
import time
import urllib.request
from collections.abc import Callable
from fractions import Fraction
from pathlib import Path
from typing import Any

import psutil
from playwright.sync_api import sync_playwright

ROOT = Path(__file__).parent.parent
sys.path.insert(0, str(ROOT))
sys.path.insert(0, str(ROOT / "tools"))

from find_browser import chromium_path  # noqa: E402

from vasculum.demo import demo_plan  # noqa: E402
from vasculum.export.pdf.pack import print_pack  # noqa: E402
from vasculum.plan.document import Plan  # noqa: E402
from vasculum.plan.document.reading import plan_from  # noqa: E402
from vasculum.plan.edits.patching import PatchStep, patched  # noqa: E402
from vasculum.plan.laying.solving import solve_plan  # noqa: E402

FLAGS = ["--headless", "--no-sandbox", "--disable-gpu", "--disable-background-networking", "--disable-component-update"]


def median_ms(act: Callable[[], Any], times: int = 15) -> float:
    """The median of several runs, ms."""
    taken = []
    for _ in range(times):
        start = time.perf_counter()
        act()
        taken.append((time.perf_counter() - start) * 1000)
    return statistics.median(taken)


def calibration() -> None:
    """A fixed piece of exact arithmetic: what this machine takes for 20,000 sums of fractions."""
    total = Fraction(0)
    for n in range(20_000):
        total = Fraction(n, 64) + Fraction(1, 32) - total % 1


def with_drawers(count: int) -> Plan:
    """One wide bank: the demo cupboard's opening, ``count`` drawers in columns of eight."""
    one = demo_plan("scullery-cupboard")
    plan = one.model_dump(mode="json")
    number, columns = one.next_id, []
    for start in range(0, count, 8):
        rows = []
        for _ in range(min(8, count - start)):
            rows.append(f"place-{number}")
            plan["places"][rows[-1]] = {"name": f"Drawer {number}", "holds": "drawer"}
            number += 1
        columns.append(f"place-{number}")
        plan["places"][columns[-1]] = {"name": f"Column {number}", "holds": "rows", "children": rows}
        number += 1
    (space,) = plan["spaces"].values()
    plan["places"][space["holds"]] = {"name": "Bank", "holds": "columns", "children": columns}
    for reading in plan["readings"].values():
        if reading["of"] in ("width", "height"):
            reading["value"] = f"{15 * len(columns)} in" if reading["of"] == "width" else "60 in"
    readings = {k: r for k, r in plan["readings"].items() if not r["of"].startswith("diagonal")}
    order = [id_ for id_ in plan["reading_order"] if id_ in readings]
    fresh = {"next_id": number, "readings": readings, "reading_order": order, "marks": {}, "marks_given": 0}
    return plan_from({**plan, **fresh})


def solving(count: int) -> tuple[int, float, float]:
    """Quantities, ms for the whole with cached wiring, ms after one change."""
    plan = with_drawers(count)
    before = solve_plan(plan)
    drawer = next(id_ for id_, place in plan.places.items() if place.holds == "drawer")
    change = patched(plan, [PatchStep(op="add", path=f"/as_built/{drawer}~1box_front_length_cut", value="12 in")])
    return (
        len(before.solved.quantities),
        median_ms(lambda: solve_plan(plan)),
        median_ms(lambda: solve_plan(change, before)),
    )


class Server:
    """The app as its own process."""

    def __init__(self, data: str) -> None:
        start = time.perf_counter()
        command = [sys.executable, "-u", "-m", "vasculum", "demo", "--data", data, "--port", "0"]
        with_bytecode = {k: v for k, v in os.environ.items() if k != "PYTHONDONTWRITEBYTECODE"}
        self.process = subprocess.Popen(command, cwd=ROOT, stdout=subprocess.PIPE, text=True, env=with_bytecode)
        line = self.process.stdout.readline() if self.process.stdout else ""
        self.url = re.search(r"http://\S+?(?=/)", line.replace("/  ", "/ ")).group()  # type: ignore[union-attr]
        urllib.request.urlopen(self.url + "/api/plans").read()
        self.start_seconds = time.perf_counter() - start

    def close(self) -> None:
        self.process.terminate()
        self.process.wait()

    def memory_mb(self) -> float:
        return psutil.Process(self.process.pid).memory_info().rss / 1e6


def in_browser(server: Server) -> dict[str, float]:
    """First paint, and from key to redrawn drawing at the 95th percentile, ms."""
    with sync_playwright() as playwright:
        browser = playwright.chromium.launch(executable_path=chromium_path(), args=FLAGS)
        page = browser.new_page(viewport={"width": 1280, "height": 800})
        page.goto(server.url + "/plans/scullery-cupboard/make")
        page.wait_for_selector("main [data-ready]")
        paint = page.evaluate("performance.getEntriesByName('first-contentful-paint')[0].startTime")
        times = page.evaluate(KEYSTROKES)
        browser.close()
    times.sort()
    return {"first paint": paint, "keystroke": times[int(len(times) * 0.95)]}


KEYSTROKES = """
async () => {
  const isGap = field => field.closest('.length-field').textContent.includes('Gap round');
  const field = [...document.querySelectorAll('input[data-length]')].find(isGap);
  const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set;
  const drawing = () => document.querySelector('svg.drawing').innerHTML;
  const times = [];
  for (let n = 1; n <= 60; n++) {
    const before = drawing(), start = performance.now();
    set.call(field, `${n}/32`);
    field.dispatchEvent(new Event('input', { bubbles: true }));
    while (drawing() === before && performance.now() - start < 3000) await new Promise(requestAnimationFrame);
    times.push(performance.now() - start);
  }
  return times;
}
"""


def main() -> None:
    print(f"calibration, 20,000 sums of fractions        {median_ms(calibration, 5):8.1f} ms")
    for count in (24, 200, 1000):
        quantities, whole, one = solving(count)
        print(
            f"solve {count:4} drawers, {quantities:5} quantities: whole  {whole:8.1f} ms   after a change {one:6.1f} ms"
        )
    pack = solve_plan(demo_plan("scullery-cupboard"))
    print(f"print pack                                   {median_ms(lambda: print_pack(pack, 1), 5):8.1f} ms")
    with tempfile.TemporaryDirectory() as data:
        Server(data).close()
        server = Server(data)
        print(f"server start to first answer                 {server.start_seconds * 1000:8.1f} ms")
        for name, taken in in_browser(server).items():
            print(f"{name:44} {taken:8.1f} ms")
        print(f"server memory after that                     {server.memory_mb():8.1f} MB")
        server.close()
    for kind in ("js", "css"):
        size = sum(len(gzip.compress(f.read_bytes())) for f in (ROOT / "vasculum/web/static/assets").glob(f"*.{kind}"))
        print(f"{kind}, gzipped                                  {size / 1000:12.1f} kB")


if __name__ == "__main__":
    main()
