"""The command line, as a person runs it: without server or database."""

from __future__ import annotations

import json
import subprocess
import sys
from fractions import Fraction
from pathlib import Path

import pytest

from tests.helpers import frameless, measured
from vasculum.plan.document.reading import write_plan
from vasculum.store.database import database_file, open_database

ROOT = Path(__file__).parent.parent


def run(*arguments: str, cwd: Path) -> subprocess.CompletedProcess[str]:
    return subprocess.run(
        [sys.executable, "-m", "vasculum", *arguments],
        cwd=cwd,
        env={"PYTHONPATH": str(ROOT), "PATH": "/usr/bin:/bin", "HOME": str(cwd), "LANG": "C.UTF-8"},
        capture_output=True,
        text=True,
        check=False,
    )


@pytest.fixture
def folder(tmp_path: Path) -> Path:
    (tmp_path / "plan.json").write_text(write_plan(measured(frameless(), side_sheet="15/32 in")))
    (tmp_path / "bad.json").write_text(write_plan(frameless()).replace('"22 1/2 in"', '"22 1/2"'))
    (tmp_path / "high.json").write_text(write_plan(frameless(wanted_box_height="12 in")))
    return tmp_path


def test_solve_prints_everything_as_json(folder: Path) -> None:
    done = run("solve", "plan.json", "--json", cwd=folder)
    assert done.returncode == 0
    solution = json.loads(done.stdout)
    length = next(q for k, q in solution["quantities"].items() if k.endswith("/box_front_length_cut"))
    assert Fraction(length["value"]["mm"]) == Fraction(329, 16) * Fraction("25.4")
    assert (length["value"]["text"], length["value"]["other"]) == ("20 9/16", "522.3 mm")
    assert {"ids", "marks", "name", "hand", "count", "length", "material", "grain", "bands", "joinery"} <= solution[
        "parts"
    ][0].keys()
    assert solution["hardware"]
    assert solution["findings"]


def test_solve_prints_a_summary_for_people(folder: Path) -> None:
    done = run("solve", "plan.json", cwd=folder)
    assert "1 × Box side, left L: 16 × 9 1/16 × 15/32  Plywood 1/2" in done.stdout
    assert "1 pair: Side-mount ball-bearing runner, 16 in" in done.stdout


def test_why_prints_the_chain_back_to_the_tape(folder: Path) -> None:
    done = run("solve", "plan.json", "--why", "place-2/box_front_length", cwd=folder)
    assert done.stdout.startswith("place-2/box_front_length  box front length: 20 9/16 (522.3 mm)  [worked out]")
    assert "The front stands between the sides" in done.stdout
    assert "= box width 21 1/2 in − 2 × side thickness 15/32 in" in done.stdout
    assert "reading-4/width  width, middle, front: 22 1/2 (571.5 mm)  [measured]" in done.stdout
    as_json = json.loads(run("solve", "plan.json", "--why", "place-2/box_front_length", "--json", cwd=folder).stdout)
    assert as_json[0]["sum"] == "box width 21 1/2 in − 2 × side thickness 15/32 in"


@pytest.mark.parametrize(
    ("target", "begins"),
    [("parts.csv", b"marks,"), ("drawing.svg", b"<svg"), ("sheet.pdf", b"%PDF"), ("out.json", b"{")],
)
def test_export_writes_the_file_that_its_ending_names(folder: Path, target: str, begins: bytes) -> None:
    done = run("export", "plan.json", "--to", target, cwd=folder)
    assert done.returncode == 0
    assert (folder / target).read_bytes().startswith(begins)


def test_an_ending_that_is_none_is_refused(folder: Path) -> None:
    done = run("export", "plan.json", "--to", "parts.doc", cwd=folder)
    assert done.returncode == 2
    assert ".csv" in done.stderr
    assert not (folder / "parts.doc").exists()


def test_a_faulty_file_is_named_by_place_on_the_error_stream(folder: Path) -> None:
    for command in (["solve", "bad.json"], ["check", "bad.json"], ["export", "bad.json", "--to", "x.csv"]):
        done = run(*command, cwd=folder)
        assert done.returncode == 2
        assert "/readings/reading-4/value: Read '22 1/2': it has no unit." in done.stderr
        assert done.stdout == ""
        assert "Traceback" not in done.stderr


def test_check_fails_where_something_stands_in_the_way(folder: Path) -> None:
    good, bad = run("check", "plan.json", cwd=folder), run("check", "high.json", cwd=folder)
    assert (good.returncode, bad.returncode) == (0, 1)
    assert "stop: Drawer 1: The box is" in bad.stdout


def test_a_key_that_is_none_is_refused(folder: Path) -> None:
    done = run("solve", "plan.json", "--why", "colour", cwd=folder)
    assert done.returncode == 2
    assert "Write place-id/name." in done.stderr


def test_schema_prints_a_json_schema(folder: Path) -> None:
    assert json.loads(run("schema", cwd=folder).stdout)["title"] == "Vasculum plan"


def test_the_measuring_sheet_needs_no_plan(folder: Path) -> None:
    assert run("measuring-sheet", "--to", "blank.pdf", cwd=folder).returncode == 0
    assert (folder / "blank.pdf").read_bytes().startswith(b"%PDF")


def test_backup_without_a_database_is_refused(folder: Path) -> None:
    done = run("backup", "--data", "nowhere", "copy.sqlite", cwd=folder)
    assert done.returncode == 2
    assert "no database" in done.stderr


def test_without_optimisation_is_required_for_reasons(folder: Path) -> None:
    stripped = subprocess.run(
        [sys.executable, "-OO", "-m", "vasculum", "solve", "plan.json"],
        cwd=folder, env={"PYTHONPATH": str(ROOT)}, capture_output=True, text=True, check=False,
    )  # fmt: skip
    assert stripped.returncode != 0
    assert "docstring" in stripped.stderr


BAD_CALLS: list[tuple[tuple[str, ...], str]] = [
    (("serve", "--port", "99999"), "99999 is not in the range"),
    (("serve", "--port", "-1"), "-1 is not in the range"),
    (("serve", "--data", "plan.json/below", "--port", "0"), "cannot be made"),
    (("export", "plan.json", "--to", "nowhere/x.pdf"), "nowhere/x.pdf: No such file"),
    (("measuring-sheet", "--to", "nowhere/x.pdf"), "No such file"),
    (("measuring-sheet", "--to", "x.pdf", "--for", "moon"), "'moon' is not one of"),
    (("solve", "no-such.json"), "does not exist"),
    (("solve", "bytes.json"), "not UTF-8"),
    (("solve", "deep.json"), "nested too deeply"),
    (("restore", "--data", ".", "plan.json"), "damaged, or no database"),
    (("restore", "--data", ".", "none.sqlite"), "There is no file"),
    (("salvage", "--data", "nowhere", "saved"), "There is no database"),
]


@pytest.mark.parametrize(("call", "said"), BAD_CALLS, ids=[" ".join(call) for call, _ in BAD_CALLS])
def test_a_bad_call_is_answered_in_a_few_words(folder: Path, call: tuple[str, ...], said: str) -> None:
    (folder / "bytes.json").write_bytes(bytes(range(128, 256)))
    (folder / "deep.json").write_text("[" * 5000 + "]" * 5000)
    done = run(*call, cwd=folder)
    assert done.returncode == 2
    assert said in done.stderr
    assert "Traceback" not in done.stderr


def test_a_backup_goes_out_and_comes_back(folder: Path) -> None:
    open_database(database_file(folder)).dispose()
    assert "read it back: 0 plans" in run("backup", "--data", ".", "copy.sqlite", cwd=folder).stdout
    assert "Brought back 0 plans" in run("restore", "--data", ".", "copy.sqlite", cwd=folder).stdout


def test_signs_without_a_glyph_are_named_on_the_error_stream(folder: Path) -> None:
    plan = frameless().model_copy(update={"name": "木"})
    (folder / "signs.json").write_text(write_plan(plan))
    assert "木" in run("export", "signs.json", "--to", "signs.pdf", cwd=folder).stderr
