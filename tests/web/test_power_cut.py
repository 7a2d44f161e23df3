"""The process killed in the middle of edits: no acknowledged change is lost, and the file opens."""

from __future__ import annotations

import json
import os
import random
import re
import signal
import subprocess
import sys
import threading
import urllib.error
import urllib.request
from concurrent.futures import ThreadPoolExecutor
from http.client import HTTPException
from pathlib import Path
from typing import Any

from tests.conftest import putting

ROOT = Path(__file__).parent.parent.parent
ROUNDS = int(os.environ.get("VASCULUM_KILL_ROUNDS", "20"))
DEMO = "scullery-cupboard"


class Running:
    """The app as its own process."""

    def __init__(self, data: Path) -> None:
        self.process = subprocess.Popen(
            [sys.executable, "-u", "-m", "vasculum", "demo", "--data", str(data), "--port", "0"],
            cwd=ROOT, stdout=subprocess.PIPE, stderr=subprocess.DEVNULL, text=True,
        )  # fmt: skip
        assert self.process.stdout is not None
        line = self.process.stdout.readline()
        found = re.search(r"http://127\.0\.0\.1:\d+", line)
        assert found, line
        self.url = found.group()

    def call(self, path: str, body: Any = None) -> Any:
        request = urllib.request.Request(f"{self.url}/api{path}")
        if body is not None:
            request = urllib.request.Request(
                f"{self.url}/api{path}", json.dumps(body).encode(), {"Content-Type": "application/json"}
            )
        with urllib.request.urlopen(request, timeout=20) as response:
            return json.load(response)

    def kill(self) -> None:
        self.process.send_signal(signal.SIGKILL)
        self.process.wait()
        assert self.process.stdout is not None
        self.process.stdout.close()


def edit_until_killed(app: Running, acknowledged: list[tuple[int, str]]) -> None:
    """Rename the plan again and again; note each name once it was answered."""
    try:
        revision = app.call(f"/plans/{DEMO}")["revision"]
        while True:
            name = f"Name {revision + 1}"
            answer = app.call(f"/plans/{DEMO}/edits", {"base": revision, "act": putting(("/name", name))})
            revision = answer["revision"]
            acknowledged.append((revision, name))
    except (urllib.error.URLError, HTTPException, ConnectionError, json.JSONDecodeError, TimeoutError, OSError):
        return


def killed_and_opened(data: Path, rounds: int, seed: int) -> int:
    """Kill the app in the middle of edits, open it again, as often as told; how many edits were answered in all."""
    draw = random.Random(seed)
    total = 0
    app = Running(data)
    for _ in range(rounds):
        acknowledged: list[tuple[int, str]] = []
        editor = threading.Thread(target=edit_until_killed, args=(app, acknowledged))
        editor.start()
        editor.join(0.15 + draw.random() / 4)
        app.kill()
        editor.join()
        app = Running(data)
        now = app.call(f"/plans/{DEMO}")
        if acknowledged:
            last, name = acknowledged[-1]
            assert now["revision"] in (last, last + 1)
            if now["revision"] == last:
                assert now["document"]["name"] == name
            total += len(acknowledged)
        numbers = [entry["number"] for entry in app.call(f"/plans/{DEMO}/history")["entries"]]
        assert {number for number, _ in acknowledged} <= set(numbers)
    undone = app.call(f"/plans/{DEMO}/undo", {"base": now["revision"]})
    assert undone["revision"] == now["revision"] + 1
    app.kill()
    return total


def test_no_acknowledged_change_is_lost_when_the_process_is_killed(tmp_path: Path) -> None:
    """Two apps beside each other, each over its own data."""
    share = -(-ROUNDS // 2)
    with ThreadPoolExecutor(2) as lanes:
        totals = [*lanes.map(lambda lane: killed_and_opened(tmp_path / str(lane), share, lane), range(2))]
    assert all(total > 0 for total in totals)
