"""Backups: checked, brought back beside leftover journals and under an open app; what damage leaves is saved."""

from __future__ import annotations

import shutil
import sqlite3
from collections.abc import Callable, Iterator
from pathlib import Path

import pytest
from sqlalchemy import Engine

from tests.helpers import frameless
from tests.store.test_store import rename
from vasculum.core.errors import PlanMovedOn, StoreRefused
from vasculum.plan.document.reading import read_plan
from vasculum.store.copies import back_up, restore, salvage
from vasculum.store.database import database_file, open_database
from vasculum.store.plans import Plans


@pytest.fixture
def file(tmp_path: Path) -> Path:
    return database_file(tmp_path / "data")


@pytest.fixture
def engine(file: Path) -> Iterator[Engine]:
    engine = open_database(file)
    yield engine
    engine.dispose()


@pytest.fixture
def plans(engine: Engine) -> Plans:
    return Plans(engine)


def refused(code: str, call: Callable[[Path, Path], object], source: Path, target: Path) -> None:
    with pytest.raises(StoreRefused) as found:
        call(source, target)
    assert found.value.code == code


def put(file: Path, sql: str, *values: object) -> None:
    """Change a database past the app."""
    database = sqlite3.connect(file)
    with database:
        database.execute(sql, values)
    database.close()


def test_a_backup_is_whole_private_and_overwrites_nothing(tmp_path: Path, file: Path, plans: Plans) -> None:
    plan_id = plans.make(frameless(), "Made").plan_id
    copy = tmp_path / "copy.sqlite"
    assert back_up(file, copy) == 1
    assert sqlite3.connect(copy).execute("SELECT id FROM plan").fetchall() == [(plan_id,)]
    assert copy.stat().st_mode & 0o777 == 0o600
    assert {one.name for one in tmp_path.iterdir()} == {"data", "copy.sqlite"}
    refused("backup-exists", back_up, file, copy)
    refused("no-database", back_up, tmp_path / "none.sqlite", tmp_path / "other.sqlite")
    refused("no-folder", back_up, file, tmp_path / "nowhere" / "other.sqlite")


def test_a_backup_of_a_damaged_database_is_not_called_done(tmp_path: Path, file: Path, plans: Plans) -> None:
    """A row that points at no state: SQLite finds nothing wrong with it, we do."""
    plans.make(frameless(), "Made")
    put(file, "UPDATE plan SET head = 7")
    refused("copy-damaged", back_up, file, tmp_path / "copy.sqlite")
    assert not list(tmp_path.glob("copy*"))


def test_a_backup_is_brought_back_under_an_open_app(tmp_path: Path, file: Path, plans: Plans) -> None:
    """The app sees it at once; a screen that shows what was there before is told that the plan moved on."""
    plan_id = plans.make(frameless(), "Made").plan_id
    rename(plans, plan_id, "kept")
    back_up(file, tmp_path / "copy.sqlite")
    rename(plans, plan_id, "after")
    other = plans.make(frameless(), "Made later").plan_id
    before = plans.get(plan_id).number

    made = restore(tmp_path / "copy.sqlite", file)

    now = plans.get(plan_id)
    assert (made.plans, now.plan.name, now.label) == (1, "kept", "Brought back from a backup")
    assert now.number > before
    assert [one.id for one in plans.listed()] == [plan_id]
    with pytest.raises(PlanMovedOn):
        plans.apply(plan_id, before, lambda plan: plan.model_copy(update={"name": "late"}), "Late")
    assert plans.undo(plan_id, now.number).plan.name == "kept"
    assert made.kept_before is not None
    kept = sqlite3.connect(made.kept_before).execute("SELECT id, name FROM plan ORDER BY created").fetchall()
    assert kept == [(plan_id, "after"), (other, "Frameless")]


def test_leftover_journals_do_not_reach_what_is_brought_back(tmp_path: Path, file: Path, plans: Plans) -> None:
    """The journal of a database that is gone, beside a new one: its pages are no part of it."""
    plan_id = plans.make(frameless(), "Made").plan_id
    back_up(file, tmp_path / "copy.sqlite")
    for at in range(30):
        rename(plans, plan_id, f"late {at}")
    stale = tmp_path / "stale"
    stale.mkdir()
    for ending in ("-wal", "-shm"):
        shutil.copy(f"{file}{ending}", stale / f"{file.name}{ending}")
    for has_database in (False, True):
        target = stale / file.name
        if has_database:
            target.write_bytes(b"no database " * 500)
        restore(tmp_path / "copy.sqlite", target)
        engine = open_database(target)
        assert Plans(engine).get(plan_id).plan.name == "Frameless"
        engine.dispose()
    assert list(stale.glob("*-damaged-*.sqlite"))
    assert list(stale.glob("*-left-*-wal"))


def test_what_is_no_backup_is_refused_and_changes_nothing(tmp_path: Path, file: Path, plans: Plans) -> None:
    plan_id = plans.make(frameless(), "Made").plan_id
    (tmp_path / "text.sqlite").write_text("no database at all " * 100)
    put(tmp_path / "foreign.sqlite", "CREATE TABLE thing (id)")
    back_up(file, tmp_path / "newer.sqlite")
    put(tmp_path / "newer.sqlite", "UPDATE alembic_version SET version_num = '9999'")
    before = plans.get(plan_id)
    for name, code in (
        ("none.sqlite", "no-database"), ("text.sqlite", "database-damaged"), ("foreign.sqlite", "no-such-database"),
        ("newer.sqlite", "database-newer"),
    ):  # fmt: skip
        refused(code, restore, tmp_path / name, file)
    assert plans.get(plan_id) == before


def test_a_damaged_database_is_saved_as_plan_files(tmp_path: Path, file: Path, engine: Engine) -> None:
    """Pages in the middle overwritten: SQLite refuses to copy it, and most plans are still there."""
    plans = Plans(engine)
    ids = [plans.make(frameless(), "Made").plan_id for _ in range(20)]
    for plan_id in ids:
        rename(plans, plan_id, "the newest")
    engine.dispose()
    put(file, "PRAGMA wal_checkpoint(TRUNCATE)")
    raw = bytearray(file.read_bytes())
    middle = len(raw) // 8192 * 4096
    raw[middle : middle + 3 * 4096] = b"\xff" * (3 * 4096)
    file.write_bytes(raw)

    with pytest.raises(StoreRefused, match="is damaged"):
        back_up(file, tmp_path / "copy.sqlite")
    saved = salvage(file, tmp_path / "saved")

    assert len(saved) > len(ids) // 2
    names = [read_plan(one.file.read_bytes()).name for one in saved if one.is_whole]
    assert "the newest" in names
    assert bytes(raw) == file.read_bytes()
    refused("folder-not-empty", salvage, file, tmp_path / "saved")


def test_a_state_that_no_longer_reads_is_saved_as_text(tmp_path: Path, file: Path, plans: Plans) -> None:
    plan_id = plans.make(frameless(), "Made").plan_id
    rename(plans, plan_id, "newest")
    put(file, "UPDATE revision SET document = substr(document, 1, 50) WHERE number = 2")
    (older,) = salvage(file, tmp_path / "older")
    assert (older.revision, older.is_whole) == (1, True)
    put(file, "UPDATE revision SET document = 'half of'")
    (text,) = salvage(file, tmp_path / "text")
    assert (text.revision, text.is_whole, text.file.read_text()) == (2, False, "half of")
