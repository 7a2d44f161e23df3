"""Measure the budgets: medians beside a calibration loop, printed, never asserted. Run by ``make bench``."""

from __future__ import annotations

import gzip
import itertools
import json
import os
import re
import statistics
import subprocess
import sys
import tempfile
import time
import urllib.request
from collections.abc import Callable, Iterator
from fractions import Fraction
from functools import partial
from pathlib import Path
from random import Random
from typing import Any

import psutil
from playwright.sync_api import Response, sync_playwright

ROOT = Path(__file__).parent.parent
sys.path.insert(0, str(ROOT))
sys.path.insert(0, str(ROOT / "tools"))

from find_browser import chromium_path  # noqa: E402

from vasculum.core.catalogue import the_catalogue  # noqa: E402
from vasculum.core.flow import wire  # noqa: E402
from vasculum.demo import demo_plan  # noqa: E402
from vasculum.export.pdf.pack import print_pack  # noqa: E402
from vasculum.plan.document import Plan  # noqa: E402
from vasculum.plan.document.patching import PatchStep, patched  # noqa: E402
from vasculum.plan.document.reading import plan_from  # noqa: E402
from vasculum.plan.document.starting import new_plan  # noqa: E402
from vasculum.plan.edits.things_csv import read_things, things_taken_in  # noqa: E402
from vasculum.plan.laying.places import plan_to_places  # noqa: E402
from vasculum.plan.laying.solving import solve_plan  # noqa: E402
from vasculum.plan.making.marking import marked  # noqa: E402
from vasculum.plan.telling.weighing import weighed_plans  # noqa: E402
from vasculum.proposing.asked import asked  # noqa: E402
from vasculum.proposing.proposals import propose  # noqa: E402
from vasculum.solid.proof import prove  # noqa: E402

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


HOLDS = ("drawer", "drawer", "tray", "drawer")
JOINTS = ("rabbet_in_ends", "dado", "butt_between", "finger", "dado_tongue")


def with_drawers(count: int) -> Plan:
    """Two spaces with half of the drawers each, in columns of six; every one of another height, some made otherwise."""
    plan = new_plan("Bench", "frameless", "in", "60", "48", "22 1/2").model_dump(mode="json")
    spaces = [plan["space_order"][0]]
    first = plan["spaces"][spaces[0]]
    numbers = itertools.count(plan["next_id"])
    survey, root, second = f"survey-{next(numbers)}", f"place-{next(numbers)}", f"space-{next(numbers)}"
    plan["surveys"][survey] = {"what": "case"}
    plan["spaces"][second] = {**first, "name": "Second", "case": survey, "holds": root}
    plan["space_order"].append(second)
    for of, value in (("width", "2000 mm"), ("height", "1400 mm"), ("depth", "580 mm")):
        reading = f"reading-{next(numbers)}"
        plan["readings"][reading] = {"survey": survey, "of": of, "value": value}
        plan["reading_order"].append(reading)
    for space, share in ((spaces[0], count - count // 2), (second, count // 2)):
        _fill(plan, plan["spaces"][space]["holds"], share, numbers)
    wide = -(-count // 12) * 15
    for reading in plan["readings"].values():
        if reading["of"] == "width":
            reading["value"] = f"{wide} in"
    return plan_from({**plan, "next_id": next(numbers)})


def _fill(plan: dict[str, Any], root: str, count: int, numbers: Iterator[int]) -> None:
    columns = []
    for start in range(0, count, 6):
        rows = []
        for at in range(start, min(start + 6, count)):
            rows.append(f"place-{next(numbers)}")
            choices = {"joint": JOINTS[at % len(JOINTS)]} if at % 3 == 0 else {}
            size = {"by": "share", "share": at % 4 + 1}
            name = f"Drawer {at + 1}"
            plan["places"][rows[-1]] = {"name": name, "holds": HOLDS[at % 4], "size": size, "choices": choices}
        columns.append(f"place-{next(numbers)}")
        divider = "board" if start % 12 else "open"
        plan["places"][columns[-1]] = {"name": "Column", "holds": "rows", "children": rows, "divider": divider}
    plan["places"][root] = {"name": "Bank", "holds": "columns", "children": columns}


def solving(count: int) -> dict[str, float]:
    """Quantities, and ms: whole with cached wiring, after a change, wired anew after a split, and proved.

    Proved for the first time, and after gaps of all fronts, none of which was met before.
    """
    plan = with_drawers(count)
    before = marked(plan)
    drawer = next(id_ for id_, place in plan.places.items() if place.holds == "drawer")
    change = patched(plan, [PatchStep(op="add", path="/choices/gap", value="3/32 in")])
    one = patched(plan, [PatchStep(op="add", path=f"/as_built/{drawer}~1box_front_length_cut", value="12 in")])
    laid = plan_to_places(plan)
    found = {
        "quantities": len(before.solved.quantities),
        "whole": median_ms(lambda: solve_plan(plan), 9),
        "one": median_ms(lambda: solve_plan(one, before), 9),
        "gap": median_ms(lambda: solve_plan(change, before), 9),
    }
    if count < 100:
        found["wired"] = median_ms(lambda: wire(the_catalogue(), laid.places, laid.given), 5)
        found["proved"] = median_ms(lambda: prove(before), 1)
        gaps = (patched(plan, [PatchStep(op="add", path="/choices/gap", value=f"{n}/64 in")]) for n in range(3, 25))
        looked_at = [marked(one, before) for one in gaps]
        after = [median_ms(partial(prove, one), 1) for one in looked_at]
        found["weighed"] = median_ms(lambda: weighed_plans(before, "joint"), 1)
        found["proved after"], found["proved after, slowest"] = statistics.median(after), max(after)
    return found


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


def keep(server: Server, plan: Plan) -> str:
    """Put a plan into the app; its id."""
    body = plan.model_dump_json().encode()
    asked = urllib.request.Request(
        server.url + "/api/plans/import", data=body, headers={"Content-Type": "application/json"}
    )
    kept: str = json.loads(urllib.request.urlopen(asked).read())["id"]
    return kept


def _length(answer: Response) -> int:
    """What a preview weighs, as it says itself."""
    return int(answer.headers.get("content-length", 0)) if "/preview" in answer.url else 0


def in_browser(server: Server) -> dict[str, float]:
    """First paint of the demo; in the bench plan from key to redrawn drawing, ms, and what an answer weighs, kB."""
    bench = keep(server, with_drawers(24))
    with sync_playwright() as playwright:
        browser = playwright.chromium.launch(executable_path=chromium_path(), args=FLAGS)
        page = browser.new_page(viewport={"width": 1280, "height": 800})
        page.goto(server.url + "/plans/scullery-cupboard/make")
        page.wait_for_selector("main [data-ready]")
        paint = page.evaluate("performance.getEntriesByName('first-contentful-paint')[0].startTime")
        page.goto(f"{server.url}/plans/{bench}/make")
        page.wait_for_selector("main [data-ready]")
        page.wait_for_selector("svg.drawing")
        page.locator("button[data-panel=front]").click()
        sizes: list[int] = []
        page.on("response", lambda answer: sizes.append(_length(answer)))
        times = page.evaluate(KEYSTROKES)
        browser.close()
    times.sort()
    return {
        "first paint": paint,
        "keystroke, 24 uneven drawers, median": statistics.median(times),
        "keystroke, 24 uneven drawers, 95 %": times[int(len(times) * 0.95)],
        ANSWER: max(sizes, default=0) / 1000,
    }


ANSWER = "its longest answer, packed"
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


SAID = {
    "whole": "whole solve, wiring cached", "one": "solve after one pin", "gap": "solve after one gap of all fronts",
    "wired": "wired anew", "proved": "assembled and proved, the first time",
    "weighed": "eleven corner joints weighed, the first time",
    "proved after": "proved after a gap of all fronts", "proved after, slowest": "the slowest of those",
}  # fmt: skip


SOUGHT = 60
"""Things for an opening of three columns of four."""


def proposing() -> Iterator[tuple[str, float, str]]:
    """The first answer, and how good the fewest drawers are after 5 s and after 60 s: left over, then drawers."""
    draw = Random(SOUGHT)
    rows = [
        f"Thing {n},{draw.randint(40, 380)},{draw.randint(40, 260)},{draw.randint(20, 180)},{use}"
        for n, use in enumerate(draw.choices(["daily", "weekly"], k=SOUGHT))
    ]
    plan = new_plan("Sixty things", "frameless", "mm", "1800", "900", "600")
    read = read_things(plan, "\n".join(["name,length,width,height,use", *rows]))
    wanted = asked(patched(plan, things_taken_in(plan, read)), plan.space_order[0])
    begun = time.perf_counter()
    search = propose(wanted)
    best = next(search)
    yield "first of 60 things", (time.perf_counter() - begun) * 1000, "ms"
    for seconds in (0, 5, 60):
        while time.perf_counter() - begun < seconds and not best.done:
            best = next(search)
        fewest = best.proposals[0]
        yield f"  after {seconds} s, left over", len(fewest.left), "things"
        yield f"  after {seconds} s, drawers", fewest.drawers, ""


def say(name: str, figure: float, unit: str = "ms") -> None:
    print(f"{name:44} {figure:8.1f} {unit}")


def main() -> None:
    say("calibration, 20,000 sums of fractions", median_ms(calibration, 5))
    for count in (24, 200, 1000):
        found = solving(count)
        print(f"{count} uneven drawers, {found.pop('quantities'):.0f} quantities")
        for name, taken in found.items():
            say(f"  {SAID[name]}", taken)
    for name, figure, unit in proposing():
        say(name, figure, unit)
    pack = solve_plan(demo_plan("scullery-cupboard"))
    say("print pack", median_ms(lambda: print_pack(pack, 1), 5))
    with tempfile.TemporaryDirectory() as data:
        Server(data).close()
        server = Server(data)
        say("server start to first answer", server.start_seconds * 1000)
        for name, taken in in_browser(server).items():
            say(name, taken, "kB" if name == ANSWER else "ms")
        say("server memory after that", server.memory_mb(), "MB")
        server.close()
    for kind in ("js", "css"):
        size = sum(len(gzip.compress(f.read_bytes())) for f in (ROOT / "vasculum/web/static/assets").glob(f"*.{kind}"))
        say(f"{kind}, gzipped", size / 1000, "kB")


if __name__ == "__main__":
    main()
