"""Long work in a process of its own: it tells what it has, may be stopped, and leaves its best answer if it dies.

The work is a module of this package. It reads what it needs from its standard input and prints its answers, each on a
line of its own and better than the one before.
"""

from __future__ import annotations

import os
import secrets
import subprocess
import sys
import threading
from collections import OrderedDict
from pathlib import Path
from typing import Literal

from flask import current_app

import vasculum
from vasculum.core.errors import NoSuchQuantity

State = Literal["working", "done", "stopped", "died"]
MOST_JOBS = 8
"""So many are remembered; the oldest is stopped and forgotten."""
MOST_AT_ONCE = 2
"""So many work beside each other."""
ROOT = Path(vasculum.__file__).parent.parent


class Job:
    """One piece of work, its last answer, and what became of it."""

    def __init__(self, about: str, base: int, module: str, arguments: tuple[str, ...], told: bytes, first: str) -> None:
        self.id, self.about, self.base, self.module = secrets.token_urlsafe(9), about, base, module
        self.latest = first
        self.state: State = "working"
        path = os.pathsep.join(filter(None, (str(ROOT), os.environ.get("PYTHONPATH"))))
        self._process = subprocess.Popen(
            [sys.executable, "-m", module, *arguments], env={**os.environ, "PYTHONPATH": path, "PYTHONUTF8": "1"},
            stdin=subprocess.PIPE, stdout=subprocess.PIPE, stderr=subprocess.DEVNULL,
        )  # fmt: skip
        self._reading = threading.Thread(target=self._read, args=(told,), daemon=True)
        self._reading.start()

    def _read(self, told: bytes) -> None:
        assert self._process.stdin is not None
        assert self._process.stdout is not None
        try:
            self._process.stdin.write(told)
            self._process.stdin.close()
        except OSError:
            pass  # it is gone already: its end says so
        for line in self._process.stdout:
            if line.endswith(b"\n"):  # half a line was cut off with its process
                self.latest = line.decode()
        ended_well = self._process.wait() == 0
        if self.state == "working":
            self.state = "done" if ended_well else "died"

    def stop(self) -> None:
        """End it; what it has told stays."""
        if self.state == "working":
            self.state = "stopped"
            self._process.kill()
            self._reading.join()


class Jobs:
    """The jobs of one app."""

    def __init__(self) -> None:
        self._jobs: OrderedDict[str, Job] = OrderedDict()
        self._lock = threading.Lock()

    def start(self, about: str, base: int, module: str, arguments: tuple[str, ...], told: bytes, first: str) -> Job:
        """Begin a piece of work; what was about the same is stopped, and the oldest where too many work.

        Args:
            told: what the work reads.
            first: its answer until it has a better one.
        """
        job = Job(about, base, module, arguments, told, first)
        with self._lock:
            for one in self._jobs.values():
                if one.about == about:
                    one.stop()
            working = [one for one in self._jobs.values() if one.state == "working"]
            for one in working[: max(0, len(working) + 1 - MOST_AT_ONCE)]:
                one.stop()
            self._jobs[job.id] = job
            while len(self._jobs) > MOST_JOBS:
                self._jobs.popitem(last=False)[1].stop()
        return job

    def get(self, id_: str, module: str) -> Job | None:
        """A job of one module that is remembered."""
        with self._lock:
            job = self._jobs.get(id_)
        return job if job is not None and job.module == module else None


def jobs() -> Jobs:
    """Those of the app that answers."""
    found: Jobs = current_app.extensions.setdefault("jobs", Jobs())
    return found


def known_job(plan_id: str, id_: str, module: str) -> Job:
    """A job about a plan.

    Raises:
        NoSuchQuantity: ``no-such-job``.
    """
    job = jobs().get(id_, module)
    if job is None or job.about.partition("/")[0] != plan_id:
        raise NoSuchQuantity("no-such-job", "What was found is no longer kept.", "Begin again.")
    return job
