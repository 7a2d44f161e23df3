"""An hour of bad luck: kills, hostile calls, many clients, a full disk, stale journals, two servers. ``make soak``.

    python tools/soak.py --kills 1000 --calls 100000

Every part counts what it did and what went wrong, and prints both; anything wrong ends the run with 1. Nothing is
asserted about time; a part that takes longer than its share of ``--minutes`` stops there, and its count says how far
it came.
"""

from __future__ import annotations

import copy
import json
import random
import resource
import shutil
import sys
import tempfile
import threading
import time
from collections import Counter
from collections.abc import Callable, Iterator
from concurrent.futures import ProcessPoolExecutor, ThreadPoolExecutor
from http.client import HTTPException
from pathlib import Path
from typing import Any
from urllib.error import HTTPError, URLError

import click
from hypothesis import HealthCheck, Phase, given, settings
from hypothesis import strategies as st

ROOT = Path(__file__).parent.parent
sys.path.insert(0, str(ROOT))

from tests.conftest import putting  # noqa: E402
from tests.web.test_power_cut import DEMO, Running, edit_until_killed  # noqa: E402
from vasculum.demo import DEMO_PLANS, demo_plan  # noqa: E402
from vasculum.store.copies import back_up, restore, salvage  # noqa: E402
from vasculum.store.database import database_file, open_database  # noqa: E402
from vasculum.store.plans import Plans  # noqa: E402
from vasculum.web.app import create_app  # noqa: E402

FAULTS = (URLError, HTTPException, ConnectionError, json.JSONDecodeError, TimeoutError, OSError)
Part = Callable[["Soak"], None]
LANES = 2
"""Calls and kills go on in two lanes beside each other."""


class Soak:
    """What was done and what went wrong, by part; and how long a part may take."""

    def __init__(self, kills: int, calls: int, minutes: float, seed: int) -> None:
        self.kills, self.calls, self.minutes, self.seed = kills, calls, minutes, seed
        self.counts: dict[str, Counter[str]] = {}
        self.wrong: list[str] = []
        self.until = self._left = 0.0
        self._lock = threading.Lock()

    def begin(self, share: float) -> None:
        """A part begins; it has this share of the time, and what the parts before it left."""
        self._left += share * self.minutes * 60
        self.until = time.monotonic() + self._left

    def end(self) -> None:
        """A part has ended."""
        self._left = max(0.0, self.until - time.monotonic())

    @property
    def has_time(self) -> bool:
        """Whether the part goes on."""
        return time.monotonic() < self.until

    def count(self, part: str, what: str, often: int = 1) -> None:
        """Something was done."""
        with self._lock:
            self.counts.setdefault(part, Counter())[what] += often

    def fail(self, part: str, what: str) -> None:
        """Something went wrong."""
        self.count(part, "WRONG")
        with self._lock:
            self.wrong.append(f"{part}: {what}")

    def table(self) -> str:
        """Everything counted."""
        return "\n".join(
            f"{part:14} {often:8}  {what}" for part, counts in self.counts.items() for what, often in counts.items()
        )


# ---- kills --------------------------------------------------------------------------------------------------------


def kills(soak: Soak) -> None:
    """The process killed in the middle of edits, again and again: what was answered is there when it opens again."""

    def lane(number: int) -> None:
        draw, data = random.Random(soak.seed + number), Path(tempfile.mkdtemp())
        app = Running(data)
        for _ in range(soak.kills // LANES):
            if not soak.has_time:
                break
            acknowledged: list[tuple[int, str]] = []
            editor = threading.Thread(target=edit_until_killed, args=(app, acknowledged))
            editor.start()
            editor.join(0.05 + draw.random() / 3)
            app.kill()
            editor.join()
            app = Running(data)
            now = app.call(f"/plans/{DEMO}")
            soak.count("kills", "killed and opened")
            soak.count("kills", "edits answered", len(acknowledged))
            if acknowledged:
                last, name = acknowledged[-1]
                is_there = now["revision"] == last + 1 or (now["revision"], now["document"]["name"]) == (last, name)
                if not is_there:
                    soak.fail("kills", f"answered {last} {name!r}, found {now['revision']} {now['document']['name']!r}")
        app.kill()
        shutil.rmtree(data)

    with ThreadPoolExecutor(LANES) as lanes:
        list(lanes.map(lane, range(LANES)))


# ---- calls --------------------------------------------------------------------------------------------------------

HOSTILE: list[Any] = [
    None, True, -1, 0, 2**31, 10**30, 1.5, "", " ", "\x00", "\ud800", "a\u202eb", "9" * 200, "1/0 in", "-3 in", "=1+1",
    "../../etc/passwd", [], {}, [[[[]]]], {"a": {"b": {}}}, "place-1", "space-1", "x" * 3000, "½", "14 11/16 in",
]  # fmt: skip


def calls(soak: Soak) -> None:
    """Bodies from the OpenAPI document, and plans bent in one place: no answer is a failure of ours."""
    share = -(-soak.calls // LANES)
    with ProcessPoolExecutor(LANES) as lanes:
        for counts, wrong in lanes.map(_calls_of, [(share, soak.seed + at, soak.until) for at in range(LANES)]):
            for what, often in counts.items():
                soak.count("calls", what, often)
            soak.wrong += wrong


def _calls_of(lane: tuple[int, int, float]) -> tuple[Counter[str], list[str]]:
    """One lane of calls, over an app of its own: how many, by seed, until when."""
    many, seed, until = lane
    soak = Soak(0, many, 0, seed)
    soak.until = until
    _call(soak)
    return soak.counts["calls"], soak.wrong


def _call(soak: Soak) -> None:
    data = Path(tempfile.mkdtemp())
    app = create_app(data, with_demo=True)
    client = app.test_client()
    draw = random.Random(soak.seed)
    plans = [demo_plan(one).model_dump(mode="json") for one in DEMO_PLANS]

    def told(what: str, method: str, path: str, body: bytes | None) -> None:
        if what == "bent patch" and draw.random() < 0.8:
            head = client.get(f"/api/plans/{DEMO}/head").get_json()["revision"]
            body = _raw(json.loads(body or b"{}") | {"base": head})
        answer = client.open(path, method=method, data=body, content_type="application/json")
        soak.count("calls", f"{what}, answered {answer.status_code}")
        if answer.status_code >= 500 and answer.status_code != 503:
            soak.fail("calls", f"{method} {path[:80]} {(body or b'')[:200]!r} → {answer.status_code}")

    bent = _bent(draw, plans)
    made = 0
    _described(soak, told, soak.calls // 4)
    while soak.has_time and soak.counts["calls"].total() < soak.calls:
        made += 1
        what, method, path, body = next(bent)
        told(what, method, path, body)
        if made % 500 == 0:  # a plan that was bent for good goes back
            client.post(f"/api/demo/{DEMO}", json={})
    app.extensions["desk"].plans._engine.dispose()
    shutil.rmtree(data)


def _described(soak: Soak, told: Callable[..., None], most: int) -> None:
    """Bodies that the document allows, and those that break it in one place."""
    from vasculum.web.openapi import document

    described = document()
    asked = [
        (path, method.upper(), one["requestBody"]["content"]["application/json"]["schema"])
        for path, methods in described["paths"].items()
        for method, one in methods.items()
        if "requestBody" in one and "network" not in path and "import" not in path
    ]
    for path, method, schema in asked:
        _send(soak, told, path, method, _of(schema, described, 0) | _of(schema, described, 1), most // len(asked))


def _send(
    soak: Soak, told: Callable[..., None], path: str, method: str, bodies: st.SearchStrategy[Any], most: int
) -> None:
    at = "/api" + path.removeprefix("/api").replace("{plan_id}", DEMO).replace("{phone_id}", "phone-1")

    @settings(max_examples=max(1, most), deadline=None, database=None, phases=[Phase.generate],
              suppress_health_check=list(HealthCheck))  # fmt: skip
    @given(bodies)
    def send(body: Any) -> None:
        if soak.has_time:
            told("from the document", method, at, json.dumps(body).encode())

    send()


def _of(schema: dict[str, Any], whole: dict[str, Any], breaks: int) -> st.SearchStrategy[Any]:
    """Values of a schema; with ``breaks``, now and then something that is none of them."""
    if breaks:
        return st.one_of(st.sampled_from(HOSTILE), st.deferred(lambda: _of(schema, whole, 0)))
    if "$ref" in schema:
        name = schema["$ref"].rpartition("/")[2]
        return st.deferred(lambda: _of(whole["components"]["schemas"][name], whole, 0))
    if "const" in schema:
        return st.just(schema["const"])
    if "enum" in schema:
        return st.sampled_from(schema["enum"])
    for several in ("anyOf", "oneOf"):
        if several in schema:
            return st.one_of([_of(one, whole, 0) for one in schema[several]])
    kind = schema.get("type")
    if kind == "object":
        known, needed = schema.get("properties", {}), set(schema.get("required", ()))
        inner = {name: st.one_of(_of(one, whole, 0), _of(one, whole, 1)) for name, one in known.items()}
        return st.fixed_dictionaries(
            {name: one for name, one in inner.items() if name in needed},
            optional={name: one for name, one in inner.items() if name not in needed},
        )
    if kind == "array":
        return st.lists(_of(schema.get("items", {}), whole, 0), max_size=3)
    if kind == "integer":
        return st.one_of(st.integers(1, 5), st.integers())
    if kind == "boolean":
        return st.booleans()
    if kind == "string":
        return st.one_of(st.text(max_size=20), st.sampled_from([one for one in HOSTILE if isinstance(one, str)]))
    return st.sampled_from(HOSTILE)


def _bent(draw: random.Random, plans: list[dict[str, Any]]) -> Iterator[tuple[str, str, str, bytes]]:
    """Plan files, patches and tables, each wrong in one place or two."""
    while True:
        plan = draw.choice(plans)
        kind = draw.random()
        if kind < 0.45:
            bent = copy.deepcopy(plan)
            for _ in range(draw.randint(1, 2)):
                holder, key = draw.choice(list(_places(bent)))
                if draw.random() < 0.3 and isinstance(holder, dict):
                    del holder[key]
                else:
                    holder[key] = copy.deepcopy(draw.choice(HOSTILE))
            yield "bent plan", "POST", "/api/plans/preview" if draw.random() < 0.02 else "/api/plans/import", _raw(bent)
        elif kind < 0.8:
            path = "/" + "/".join(map(str, draw.choice(list(_paths(plans[0])))))
            op = draw.choice(["add", "replace", "remove", "test"])
            patch = [{"op": op, "path": path, "value": draw.choice(HOSTILE)}]
            body = {"base": draw.choice([1, 1, 1, 2, 3, 10**9]), "act": {"do": "change", "patch": patch}}
            yield "bent patch", "POST", f"/api/plans/{DEMO}/{draw.choice(['edits', 'preview', 'preview'])}", _raw(body)
        elif kind < 0.9:
            cells = [str(draw.choice(HOSTILE))[:300] for _ in range(draw.randint(1, 12))]
            text = draw.choice(["of,reading", "of;reading;note", "name\tkind\tside_clearance\theight", ""]) + "\n"
            text += draw.choice([",", ";", "\n", '","']).join(cells)
            where = draw.choice(["readings", "runners", "library"])
            body = {"text": text} | ({"space": "space-4"} if where == "readings" else {})
            yield "bent table", "POST", f"/api/plans/{DEMO}/{where}", _raw(body)
        else:
            part = str(draw.choice(HOSTILE)).encode("utf-8", "replace").hex("%")
            path = draw.choice(
                ["plans/%{}", f"plans/{DEMO}/why?key=%{{}}", f"plans/{DEMO}/files/%{{}}", "compare?left=%{}"]
            )
            yield "bent address", "GET", "/api/" + path.format(part or "20"), b""


def _raw(body: Any) -> bytes:
    return json.dumps(body).encode()


def _places(value: Any) -> Iterator[tuple[Any, Any]]:
    """Everything that a document holds, as holder and key."""
    for key in list(value) if isinstance(value, dict) else range(len(value)):
        yield value, key
        if isinstance(value[key], (dict, list)):
            yield from _places(value[key])


def _paths(value: Any) -> Iterator[tuple[Any, ...]]:
    for key in list(value) if isinstance(value, dict) else range(len(value)):
        yield (key,)
        if isinstance(value[key], (dict, list)):
            yield from ((key, *rest) for rest in _paths(value[key]))


# ---- many at once -------------------------------------------------------------------------------------------------


def clients(soak: Soak, data: Path | None = None, servers: int = 1, many: int = 50) -> None:
    """Many clients of one server, or of two over one folder: each edit that was answered is in the history."""
    part = "clients" if servers == 1 else "two servers"
    folder = data or Path(tempfile.mkdtemp())
    apps = [Running(folder) for _ in range(servers)]
    acknowledged: list[tuple[int, str]] = []

    def client(number: int) -> None:
        app = apps[number % servers]
        is_apart = number % 3 > 0
        try:
            plan_id = app.call(f"/plans/{DEMO}/copy", {})["id"] if is_apart else DEMO
        except HTTPError as refused:
            soak.count(part, f"refused {refused.code}")
            return
        for at in range(20):
            if not soak.has_time:
                return
            name = f"Client {number} {at}"
            try:
                base = app.call(f"/plans/{plan_id}/head")["revision"]
                body = {"base": base, "act": putting(("/name", name)), "label": name}
                answer = app.call(f"/plans/{plan_id}/edits", body)
                if plan_id == DEMO:
                    acknowledged.append((answer["revision"], name))
                soak.count(part, f"edits answered, {'of a plan of its own' if is_apart else 'of one plan'}")
            except HTTPError as refused:
                soak.count(part, f"refused {refused.code}")
                if refused.code not in (409, 503):
                    soak.fail(part, f"refused with {refused.code}")
            except FAULTS as fault:
                soak.fail(part, f"{type(fault).__name__}: {fault}")

    with ThreadPoolExecutor(many) as lanes:
        list(lanes.map(client, range(many)))
    numbers = [number for number, _ in acknowledged]
    if len(set(numbers)) != len(numbers):
        soak.fail(part, "one revision was answered twice")
    known = {entry["number"]: entry["label"] for entry in apps[0].call(f"/plans/{DEMO}/history")["entries"]}
    oldest = min(known)
    for number, name in acknowledged:
        if number >= oldest and known.get(number) != name:
            soak.fail(part, f"answered {number} {name!r}, found {known.get(number)!r}")
    for app in apps:
        app.kill()
    shutil.rmtree(folder)


def two_servers(soak: Soak) -> None:
    """Two apps over one folder."""
    clients(soak, servers=2, many=8)


# ---- disks and journals -------------------------------------------------------------------------------------------


class Narrow(Running):
    """The app where no file may grow beyond so many bytes: writing ends as on a full disk."""

    def __init__(self, data: Path, most: int) -> None:
        before = resource.getrlimit(resource.RLIMIT_FSIZE)
        resource.setrlimit(resource.RLIMIT_FSIZE, (most, before[1]))
        try:
            super().__init__(data)
        finally:
            resource.setrlimit(resource.RLIMIT_FSIZE, before)


def full_disk(soak: Soak) -> None:
    """Edits until the disk takes no more, and beyond: refusals, and everything that was answered is there."""
    for round_ in range(5):
        data = Path(tempfile.mkdtemp())
        Running(data).kill()
        size = max(one.stat().st_size for one in data.iterdir())
        app, kept = Narrow(data, size + 200_000 + 40_000 * round_), []
        revision, refused = app.call(f"/plans/{DEMO}")["revision"], 0
        while refused < 5 and soak.has_time:
            name = f"Full {revision + 1} {'x' * 80}"
            try:
                revision = app.call(f"/plans/{DEMO}/edits", {"base": revision, "act": putting(("/name", name))})[
                    "revision"
                ]
                kept.append((revision, name))
                soak.count("full disk", "edits answered")
            except HTTPError as told:
                refused += 1
                code = json.load(told).get("code")
                soak.count("full disk", f"refused: {code}")
                if code not in ("disk-full", "disk-failed", "database-locked"):
                    soak.fail("full disk", f"refused with {code}")
        app.kill()
        app = Running(data)
        now = app.call(f"/plans/{DEMO}")
        if kept and (now["revision"], now["document"]["name"]) != kept[-1]:
            soak.fail("full disk", f"answered {kept[-1]}, found {now['revision']}")
        app.kill()
        shutil.rmtree(data)


def stale_journals(soak: Soak) -> None:
    """Files copied from under a running app in any order, a backup brought back beside them, what is left saved."""
    draw = random.Random(soak.seed)
    for _ in range(20):
        if not soak.has_time:
            return
        data, other = Path(tempfile.mkdtemp()), Path(tempfile.mkdtemp())
        app = Running(data)
        revision = app.call(f"/plans/{DEMO}")["revision"]
        for at in range(draw.randint(1, 15)):
            body = {"base": revision, "act": putting(("/name", f"Stale {at}"))}
            revision = app.call(f"/plans/{DEMO}/edits", body)["revision"]
        back_up(database_file(data), other / "copy.sqlite")
        wanted = app.call(f"/plans/{DEMO}")["document"]["name"]
        for at in range(draw.randint(1, 15)):
            body = {"base": revision, "act": putting(("/name", f"Later {at}"))}
            revision = app.call(f"/plans/{DEMO}/edits", body)["revision"]
        for one in draw.sample(sorted(data.iterdir()), draw.randint(1, 3)):
            shutil.copy(one, other / one.name)
        app.kill()
        try:
            restore(other / "copy.sqlite", database_file(other))
            engine = open_database(database_file(other))
            found = Plans(engine).get(DEMO).plan.name
            engine.dispose()
            soak.count("stale journals", "brought back")
            if found != wanted:
                soak.fail("stale journals", f"{found!r} instead of {wanted!r}")
            soak.count("stale journals", "plans saved", len(salvage(database_file(data), other / "saved")))
        except Exception as fault:
            soak.fail("stale journals", f"{type(fault).__name__}: {fault}")
        shutil.rmtree(data)
        shutil.rmtree(other)


PARTS: dict[str, tuple[Part, float]] = {
    "clients": (clients, 0.08),
    "two servers": (two_servers, 0.05),
    "full disk": (full_disk, 0.05),
    "stale journals": (stale_journals, 0.05),
    "calls": (calls, 0.42),
    "kills": (kills, 0.35),
}


@click.command()
@click.option("--kills", "many_kills", default=1000, help="How often the process is killed.")
@click.option("--calls", "many_calls", default=100_000, help="How many hostile calls are made.")
@click.option("--minutes", default=60.0, help="After its share of them a part stops where it is.")
@click.option("--seed", default=1, help="The same seed draws the same.")
@click.option("--only", type=click.Choice(list(PARTS)), multiple=True, help="Only these parts.")
def main(many_kills: int, many_calls: int, minutes: float, seed: int, only: tuple[str, ...]) -> None:
    """Count what survives."""
    soak = Soak(many_kills, many_calls, minutes, seed)
    for name, (part, share) in PARTS.items():
        if only and name not in only:
            continue
        began = time.monotonic()
        soak.begin(share)
        part(soak)
        soak.end()
        click.echo(f"{name}: {time.monotonic() - began:.0f} s", err=True)
    click.echo(soak.table())
    for line in soak.wrong[:40]:
        click.echo(line, err=True)
    sys.exit(1 if soak.wrong else 0)


if __name__ == "__main__":
    main()
