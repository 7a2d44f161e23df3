"""The database file: where it is, how it is opened and brought up to date, who may write, what its refusals mean."""

from __future__ import annotations

import os
import sqlite3
import sys
import threading
from collections.abc import Iterator
from contextlib import contextmanager, suppress
from pathlib import Path
from typing import Any
from urllib.parse import quote

from alembic import command
from alembic.config import Config
from alembic.migration import MigrationContext
from alembic.script import ScriptDirectory
from sqlalchemy import Connection, Engine, create_engine, event
from sqlalchemy.engine import ExceptionContext

from vasculum.core.errors import StoreRefused

FILE = "vasculum.sqlite"
PRIVATE_FOLDER, PRIVATE_FILE = 0o700, 0o600
READING_MS, WRITING_MS = 1_000, 5_000
"""How long somebody else's lock is waited for."""
SOON_MS = 3_000
"""How long a writer waits for a place among those that wait."""
MOST_WAITING = 4
"""Writers that may wait for long: the others are refused soon, so that readers always find somebody to answer."""


class NotKept(StoreRefused):
    """The database cannot be written, or not be read, just now: nothing was changed."""


def data_folder() -> Path:
    """This user's folder for application data, as the platform has it."""
    if sys.platform == "win32":
        return Path(os.environ.get("LOCALAPPDATA", Path.home() / "AppData/Local")) / "Vasculum"
    if sys.platform == "darwin":
        return Path.home() / "Library/Application Support/Vasculum"
    return Path(os.environ.get("XDG_DATA_HOME", Path.home() / ".local/share")) / "vasculum"


def database_file(folder: Path | None) -> Path:
    """The database in a folder, or in this user's."""
    return (folder or data_folder()) / FILE


# ---- what a refusal means -----------------------------------------------------------------------------------------

MEANINGS = {
    "SQLITE_BUSY": ("database-locked", "Another program holds the database {file}.", "Close it, then send again."),
    "SQLITE_LOCKED": ("database-locked", "Another program holds the database {file}.", "Close it, then send again."),
    "SQLITE_FULL": ("disk-full", "The disk with {file} is full.", "Make room on it, then send again."),
    "SQLITE_READONLY": (
        "database-read-only", "The database {file} may only be read.",
        "Let it be written, or choose another folder with --data.",
    ),
    "SQLITE_CANTOPEN": (
        "database-gone", "The database {file} cannot be reached.", "Put its folder back, then start again.",
    ),
    "SQLITE_IOERR": (
        "disk-failed", "The disk with {file} does not answer as it should.", "Look at it, then send again.",
    ),
    "SQLITE_CORRUPT": (
        "database-damaged", "The database {file} is damaged.",
        "Bring a backup back with vasculum restore, or save its plans with vasculum salvage.",
    ),
    "SQLITE_NOTADB": (
        "database-damaged", "The file {file} is damaged, or no database.",
        "Bring a backup back with vasculum restore, or save its plans with vasculum salvage.",
    ),
}  # fmt: skip
"""By the first words of SQLite's own names: our code, what happened, the way out."""


def refusal_of(fault: BaseException, file: Path) -> NotKept | None:
    """What a fault of SQLite means in plain words; None where it is a fault of ours."""
    name = getattr(fault, "sqlite_errorname", "")
    for known, (code, message, fix) in MEANINGS.items():
        if name == known or name.startswith(f"{known}_"):
            return NotKept(code, message.format(file=file.name), fix)
    if isinstance(fault, sqlite3.DatabaseError) and "not a database" in str(fault):
        return refusal_of(_named("SQLITE_NOTADB"), file)
    return None


def _named(name: str) -> BaseException:
    fault = sqlite3.DatabaseError(name)
    fault.sqlite_errorname = name
    return fault


# ---- opening ------------------------------------------------------------------------------------------------------


def open_database(file: Path) -> Engine:
    """Open the database, making or upgrading it; one that may only be read is opened to be read.

    A database that is up to date is not written: nobody's lock keeps the app from starting.

    Raises:
        NotKept: ``database-damaged``, ``database-locked`` and the like.
        StoreRefused: ``database-newer`` where a newer version of the app made it.
    """
    is_readable_only = file.exists() and not may_write(file)
    if not is_readable_only:
        _make_private(file)
    address = read_only(file) + "&uri=true" if is_readable_only else str(file)
    engine = create_engine(
        f"sqlite:///{address}", connect_args={"timeout": READING_MS / 1000}, pool_size=16, max_overflow=16
    )
    event.listen(engine, "connect", _set_up if not is_readable_only else _set_up_reading)
    event.listen(engine, "begin", _begin)
    event.listen(engine, "handle_error", _meant(file))
    try:
        _bring_up_to_date(engine, file)
    except Exception as refused:
        engine.dispose()
        meant = refused if isinstance(refused, StoreRefused) else refusal_of(refused, file)
        raise meant or StoreRefused(
            "database-damaged",
            f"The database {file.name} cannot be opened: {refused}.",
            MEANINGS["SQLITE_CORRUPT"][2],
        ) from refused
    return engine


def may_write(file: Path) -> bool:
    """Whether the file and its folder, where the journal stands, may be written."""
    return os.access(file, os.W_OK) and os.access(file.parent, os.W_OK)


def read_only(file: Path) -> str:
    """The address at which a database is read and nothing is written, not even a journal where there can be none."""
    address = f"file:{quote(str(file))}?mode=ro"
    with suppress(sqlite3.Error):
        connection = sqlite3.connect(address, uri=True)
        try:
            connection.execute("SELECT count(*) FROM sqlite_master").fetchone()
            return address
        finally:
            connection.close()
    return f"{address}&immutable=1"


def _make_private(file: Path) -> None:
    """Nobody but this user reads the plans: the folder, where it is made here or is the usual one, and the file."""
    is_ours = not file.parent.exists() or file.parent == data_folder()
    try:
        file.parent.mkdir(parents=True, exist_ok=True)
    except OSError as refused:
        raise StoreRefused(
            "no-folder", f"The folder {file.parent} cannot be made: {refused.strerror}.", "Choose another with --data."
        ) from refused
    with suppress(OSError):
        if is_ours:
            file.parent.chmod(PRIVATE_FOLDER)
        os.close(os.open(file, os.O_CREAT | os.O_RDWR, PRIVATE_FILE))
        file.chmod(PRIVATE_FILE)


def _set_up(connection: sqlite3.Connection, _record: Any) -> None:
    """Write ahead, wait for the disk, and let us begin transactions ourselves."""
    connection.isolation_level = None
    for pragma in ("journal_mode = WAL", "synchronous = FULL", "foreign_keys = ON"):
        connection.execute(f"PRAGMA {pragma}")


def _set_up_reading(connection: sqlite3.Connection, _record: Any) -> None:
    connection.isolation_level = None


def _meant(file: Path) -> Any:
    """Faults of SQLite come out of the engine as what they mean."""

    def handle(context: ExceptionContext) -> None:
        meant = refusal_of(context.original_exception, file)
        if meant is not None:
            raise meant from context.original_exception

    return handle


def writing(engine: Engine) -> Engine:
    """The same database, for transactions that write."""
    return engine.execution_options(is_writing=True)


def _begin(connection: Connection) -> None:
    """Who writes takes the lock at the start, so that what was read is still true then; who reads waits for nobody."""
    is_writing = connection.get_execution_options().get("is_writing", False)
    connection.exec_driver_sql(f"PRAGMA busy_timeout = {WRITING_MS if is_writing else READING_MS}")
    connection.exec_driver_sql("BEGIN IMMEDIATE" if is_writing else "BEGIN")


def _bring_up_to_date(engine: Engine, file: Path) -> None:
    config = Config()
    config.set_main_option("script_location", str(Path(__file__).parent / "migrations"))
    scripts = ScriptDirectory.from_config(config)
    with engine.connect() as connection:
        now = MigrationContext.configure(connection).get_current_revision()
    if now == scripts.get_current_head():
        return
    if now is not None and now not in {one.revision for one in scripts.walk_revisions()}:
        raise StoreRefused(
            "database-newer", f"A newer version of Vasculum made the database {file.name}.",
            "Install that version, or choose another folder with --data.",
        )  # fmt: skip
    with writing(engine).begin() as connection:
        config.attributes["connection"] = connection
        command.upgrade(config, "head")


# ---- who writes ---------------------------------------------------------------------------------------------------


class Turn:
    """Writers of one app take turns, and only a few of them wait for long."""

    def __init__(self, most_waiting: int = MOST_WAITING) -> None:
        self._waiting = threading.BoundedSemaphore(most_waiting)
        self._writes = threading.Lock()

    @contextmanager
    def taken(self) -> Iterator[None]:
        """The turn to write, as soon as it is free.

        Raises:
            NotKept: ``database-busy`` where too many wait already, or somebody holds it for too long.
        """
        busy = NotKept("database-busy", "Other changes still wait to be kept.", "Send again in a moment.")
        if not self._waiting.acquire(timeout=SOON_MS / 1000):
            raise busy
        try:
            if not self._writes.acquire(timeout=2 * WRITING_MS / 1000):
                raise busy
            try:
                yield
            finally:
                self._writes.release()
        finally:
            self._waiting.release()
