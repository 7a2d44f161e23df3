"""Copies of the database: written and checked, brought back, and what a damaged one still holds saved as plan files."""

from __future__ import annotations

import os
import re
import sqlite3
from collections.abc import Iterator
from contextlib import closing, contextmanager, suppress
from datetime import UTC, datetime
from pathlib import Path
from tempfile import TemporaryDirectory
from typing import NamedTuple

from vasculum.core.errors import PlanRefused, StoreRefused
from vasculum.plan.document.reading import read_plan
from vasculum.store.database import PRIVATE_FILE, WRITING_MS, open_database, read_only, refusal_of

JOURNALS = ("", "-wal", "-shm")
"""A database and what stands beside it while it is in use, by the end of the name."""
NOT_DAMAGED = ("database-locked", "database-read-only", "database-gone", "disk-full")
"""Why a database cannot be copied though nothing is wrong with it."""
MOST_ROWS = 10_000_000
"""Revisions that are looked for in a damaged database."""


class Restored(NamedTuple):
    """What was brought back, and where what was there before is now."""

    plans: int
    kept_before: Path | None


class Salvaged(NamedTuple):
    """One plan of a damaged database: the file it was written to, from which revision, and whether it reads whole."""

    file: Path
    plan_id: str
    revision: int
    is_whole: bool


@contextmanager
def _meant(file: Path) -> Iterator[None]:
    try:
        yield
    except sqlite3.Error as fault:
        raise refusal_of(fault, file) or StoreRefused(
            "copy-failed", f"{file.name}: {fault}.", "Look at the disk, then try again."
        ) from fault


# ---- written ------------------------------------------------------------------------------------------------------


def back_up(file: Path, target: Path) -> int:
    """Copy a database whole, also while it is in use; it is called done once the copy was checked.

    Returns:
        How many plans are in the copy.

    Raises:
        StoreRefused: ``no-database``, ``backup-exists``, ``copy-damaged``.
        NotKept: where disk or database do not take part.
    """
    if not file.exists():
        raise StoreRefused("no-database", f"There is no database {file.name} to copy.", "Name its folder with --data.")
    if target.exists():
        raise StoreRefused("backup-exists", f"{target.name} is already there.", "Choose another name.")
    if not target.parent.is_dir():
        raise StoreRefused("no-folder", f"There is no folder {target.parent}.", "Make it, or choose another.")
    unfinished = target.with_name(f"{target.name}.part")
    with suppress(FileNotFoundError):
        unfinished.unlink()
    try:
        os.close(os.open(unfinished, os.O_CREAT | os.O_EXCL | os.O_RDWR, PRIVATE_FILE))
        _copied(file, unfinished)
        plans = _checked(unfinished, file)
        unfinished.replace(target)
    except OSError as refused:
        raise StoreRefused("copy-failed", f"{target}: {refused.strerror}.", "Choose another place.") from refused
    finally:
        with suppress(OSError):
            unfinished.unlink()
    return plans


def _copied(file: Path, target: Path) -> None:
    with (
        _meant(file),
        closing(sqlite3.connect(read_only(file), uri=True)) as source,
        closing(sqlite3.connect(target)) as copy,
    ):
        source.backup(copy)
        copy.execute("PRAGMA journal_mode = DELETE")  # one file, with nothing beside it


def _checked(copy: Path, of: Path) -> int:
    """How many plans a copy holds, once it was found whole.

    Raises:
        StoreRefused: ``copy-damaged``, ``no-such-database``.
    """
    with _meant(copy), closing(sqlite3.connect(read_only(copy), uri=True)) as database:
        found = [str(row[0]) for row in database.execute("PRAGMA integrity_check")]
        if found != ["ok"]:
            raise StoreRefused(
                "copy-damaged", f"{of.name} is damaged: {found[0]}.", "Save its plans with vasculum salvage."
            )
        tables = {row[0] for row in database.execute("SELECT name FROM sqlite_master WHERE type = 'table'")}
        if not {"plan", "revision", "alembic_version"} <= tables:
            raise StoreRefused("no-such-database", f"{of.name} holds no plans of this app.", "Choose a backup.")
        lost = database.execute(
            "SELECT id FROM plan WHERE NOT EXISTS "
            "(SELECT 1 FROM revision WHERE plan_id = plan.id AND number = plan.head)"
        ).fetchall()
        if lost:
            raise StoreRefused(
                "copy-damaged", f"In {of.name} a plan lacks its newest state.", "Save its plans with vasculum salvage."
            )
        return int(database.execute("SELECT count(*) FROM plan").fetchone()[0])


# ---- brought back -------------------------------------------------------------------------------------------------


def restore(copy: Path, file: Path, now: datetime | None = None) -> Restored:
    """Bring a backup back, also while the app is open: whole, or not at all.

    What is there before is copied beside it first; a database that is damaged is put aside with its journals. Every
    plan goes on with a new revision, so that no screen takes it for what it showed before.

    Raises:
        StoreRefused: ``no-database``, ``copy-damaged``, ``no-such-database``, ``database-newer``.
        NotKept: where the database that is there does not take it.
    """
    if not copy.is_file():
        raise StoreRefused("no-database", f"There is no file {copy.name}.", "Choose a backup.")
    stamp = (now or datetime.now(UTC)).strftime("%Y%m%d-%H%M%S")
    with TemporaryDirectory() as folder:
        own = Path(folder) / "copy.sqlite"
        _copied(copy, own)
        plans = _checked(own, copy)
        open_database(own).dispose()  # brings an older one up to date, and refuses a newer one
        with _meant(own), closing(sqlite3.connect(own)) as database:
            database.execute("PRAGMA journal_mode = DELETE")
        before = _put_by(file, stamp)
        open_database(file).dispose()
        with _meant(file):
            _replaced(own, file)
    return Restored(plans, before)


def _put_by(file: Path, stamp: str) -> Path | None:
    """What is there before, copied; or put aside with its journals where it cannot be copied."""
    if not file.exists():
        for journal in JOURNALS[1:]:  # left over from a database that is gone: no part of this one
            with suppress(FileNotFoundError):
                file.with_name(file.name + journal).rename(file.with_name(f"{file.name}-left-{stamp}{journal}"))
        return None
    beside = _free(file.with_name(f"{file.stem}-before-{stamp}.sqlite"))
    try:
        back_up(file, beside)
    except StoreRefused as refused:
        if refused.code in NOT_DAMAGED:
            raise
        beside = _free(file.with_name(f"{file.stem}-damaged-{stamp}.sqlite"))
        for journal in JOURNALS:
            with suppress(FileNotFoundError):
                file.with_name(file.name + journal).rename(beside.with_name(beside.name + journal))
    return beside


def _free(file: Path) -> Path:
    number, free = 1, file
    while free.exists():
        number += 1
        free = file.with_name(f"{file.stem}-{number}{file.suffix}")
    return free


def _replaced(copy: Path, file: Path) -> None:
    """The rows of the copy in place of those that are there, in one transaction."""
    with closing(sqlite3.connect(file, timeout=WRITING_MS / 1000, isolation_level=None)) as database:
        database.execute("PRAGMA synchronous = FULL")
        database.execute("ATTACH ? AS copy", (str(copy),))
        database.execute("BEGIN IMMEDIATE")
        try:
            heads = dict(database.execute("SELECT id, head FROM plan"))
            database.execute("DELETE FROM revision")
            database.execute("DELETE FROM plan")
            for table in ("plan", "revision"):
                columns = ", ".join(row[1] for row in database.execute(f"PRAGMA main.table_info({table})"))
                database.execute(f"INSERT INTO main.{table} ({columns}) SELECT {columns} FROM copy.{table}")
            for plan_id, head in database.execute("SELECT id, head FROM plan").fetchall():
                _go_on(database, plan_id, head, max(head, heads.get(plan_id, 0)) + 1)
            database.execute("COMMIT")
        except BaseException:
            database.execute("ROLLBACK")
            raise


def _go_on(database: sqlite3.Connection, plan_id: str, head: int, number: int) -> None:
    database.execute(
        "INSERT INTO revision (plan_id, number, kind, label, field, undo_to, redo_to, made, document) "
        "SELECT plan_id, ?, 'edit', 'Brought back from a backup', '', number, NULL, made, document "
        "FROM revision WHERE plan_id = ? AND number = ?",
        (number, plan_id, head),
    )
    database.execute("UPDATE plan SET head = ? WHERE id = ?", (number, plan_id))


# ---- saved from a damaged one -------------------------------------------------------------------------------------


def salvage(file: Path, folder: Path) -> list[Salvaged]:
    """Write every plan that a database still holds as a plan file, in its newest state that reads whole.

    The database is only read. Where no state of a plan reads whole, its newest text is written with the ending
    ``.damaged.json``.

    Raises:
        StoreRefused: ``no-database``, ``nothing-to-save``, ``folder-not-empty``.
    """
    if not file.exists():
        raise StoreRefused("no-database", f"There is no database {file.name}.", "Name its folder with --data.")
    if folder.exists() and (not folder.is_dir() or any(folder.iterdir())):
        raise StoreRefused("folder-not-empty", f"{folder} is not empty.", "Choose a new folder.")
    found: dict[str, list[tuple[int, str]]] = {}
    for plan_id, number, document in _revisions(file):
        found.setdefault(plan_id, []).append((number, document))
    if not found:
        raise StoreRefused(
            "nothing-to-save", f"Nothing can be read of {file.name} any more.", "Bring a backup back instead."
        )
    folder.mkdir(parents=True, exist_ok=True)
    return [_written(folder, plan_id, sorted(states, reverse=True)) for plan_id, states in sorted(found.items())]


def _written(folder: Path, plan_id: str, states: list[tuple[int, str]]) -> Salvaged:
    for number, document in states:
        try:
            name = read_plan(document).name
        except PlanRefused:
            continue
        plain = re.sub(r"[^a-z0-9]+", "-", name.lower()).strip("-")[:60] or "plan"
        file = folder / f"{plain}-{_plain_id(plan_id)}.json"
        file.write_text(document, "utf-8")
        return Salvaged(file, plan_id, number, True)
    number, document = states[0]
    file = folder / f"{_plain_id(plan_id)}.damaged.json"
    file.write_text(document, "utf-8", errors="replace")
    return Salvaged(file, plan_id, number, False)


def _plain_id(plan_id: str) -> str:
    return re.sub(r"[^A-Za-z0-9-]+", "-", plan_id)[:60]


def _revisions(file: Path) -> Iterator[tuple[str, int, str]]:
    """Every revision that can still be read, one by one; what cannot be is passed over.

    Its row is asked for by its own number, for a list of them ends at the first damaged page.
    """
    with closing(sqlite3.connect(read_only(file), uri=True)) as database:
        database.text_factory = lambda raw: raw.decode("utf-8", "replace")
        for row in _numbers(database):
            try:
                one = database.execute("SELECT plan_id, number, document FROM revision WHERE id = ?", (row,)).fetchone()
            except sqlite3.Error:
                continue
            if one is not None and isinstance(one[0], str) and isinstance(one[1], int) and isinstance(one[2], str):
                yield one


def _numbers(database: sqlite3.Connection) -> Iterator[int]:
    last = 0
    for sql in (
        "SELECT seq FROM sqlite_sequence WHERE name = 'revision'",
        "SELECT max(id) FROM revision",
        "SELECT count(*) FROM revision",
    ):
        with suppress(sqlite3.Error, TypeError):
            last = max(last, int(database.execute(sql).fetchone()[0]))
    yield from range(1, min(last or 100_000, MOST_ROWS) + 1)
