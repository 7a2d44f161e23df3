"""The wheel carries everything: unpacked on its own, it serves the screens without Node."""

from __future__ import annotations

import json
import re
import subprocess
import sys
import urllib.request
import zipfile
from pathlib import Path

from vasculum.demo import DEMO_PLANS

ROOT = Path(__file__).parent.parent


def test_a_wheel_carries_the_front_end_and_serves_it(tmp_path: Path) -> None:
    build = [sys.executable, "-m", "build", "--no-isolation", "--wheel", "--outdir", str(tmp_path), str(ROOT)]
    subprocess.run(build, check=True, capture_output=True)
    (wheel,) = tmp_path.glob("*.whl")
    unpacked = tmp_path / "unpacked"
    with zipfile.ZipFile(wheel) as archive:
        archive.extractall(unpacked)
    assert not (unpacked / "tests").exists()
    app = subprocess.Popen(
        [sys.executable, "-u", "-m", "vasculum", "demo", "--data", str(tmp_path / "data"), "--port", "0"],
        cwd=unpacked, stdout=subprocess.PIPE, text=True,
    )  # fmt: skip
    try:
        assert app.stdout is not None
        found = re.search(r"http://127\.0\.0\.1:\d+", app.stdout.readline())
        assert found
        page = urllib.request.urlopen(found.group() + "/").read().decode()
        script = re.search(r'src="(/assets/[^"]+\.js)"', page)
        assert script
        assert b"Measure my own" in urllib.request.urlopen(found.group() + script[1]).read()
        plans = json.load(urllib.request.urlopen(found.group() + "/api/plans"))
        assert [p["id"] for p in plans["plans"]] == list(DEMO_PLANS)
        paper = urllib.request.urlopen(found.group() + "/api/plans/scullery-cupboard/files/sheet.pdf").read()
        assert paper.startswith(b"%PDF")
    finally:
        app.terminate()
        app.wait()
        if app.stdout:
            app.stdout.close()
