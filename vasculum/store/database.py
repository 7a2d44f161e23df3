"""The database file: where it is, how it is opened, brought up to date and copied."""

from __future__ import annotations

import os
import sqlite3
import sys
from pathlib import Path
from typing import Any

from alembic import command
from alembic.config import Config
from sqlalchemy import Engine, create_engine, event

from vasculum.core.errors import StoreRefused

FILE = "vasculum.sqlite"
BUSY_MS = 10_000


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


def open_database(file: Path) -> Engine:
    """Open the database, making or upgrading it.

    Raises:
        StoreRefused: ``database-unreadable`` when the file is there but is no such database.
    """
    file.parent.mkdir(parents=True, exist_ok=True)
    engine = create_engine(f"sqlite:///{file}", connect_args={"timeout": BUSY_MS / 1000})
    event.listen(engine, "connect", _set_up)
    event.listen(engine, "begin", _begin)
    try:
        _migrate(engine)
    except Exception as damaged:
        engine.dispose()
        raise StoreRefused(
            "database-unreadable",
            f"The database {file.name} cannot be opened: {damaged}.",
            "Put a backup in its place, or choose another folder with --data.",
        ) from damaged
    return engine


def _set_up(connection: sqlite3.Connection, _record: Any) -> None:
    """Write ahead, wait for the disk, and let us begin transactions ourselves."""
    connection.isolation_level = None
    for pragma in ("journal_mode = WAL", "synchronous = FULL", "foreign_keys = ON", f"busy_timeout = {BUSY_MS}"):
        connection.execute(f"PRAGMA {pragma}")


def writing(engine: Engine) -> Engine:
    """The same database, for transactions that write."""
    return engine.execution_options(is_writing=True)


def _begin(connection: Any) -> None:
    """Who writes takes the lock at the start, so that what was read is still true then; who reads waits for nobody."""
    is_writing = connection.get_execution_options().get("is_writing", False)
    connection.exec_driver_sql("BEGIN IMMEDIATE" if is_writing else "BEGIN")


def _migrate(engine: Engine) -> None:
    config = Config()
    config.set_main_option("script_location", str(Path(__file__).parent / "migrations"))
    with writing(engine).begin() as connection:
        config.attributes["connection"] = connection
        command.upgrade(config, "head")


def back_up(file: Path, target: Path) -> None:
    """Copy a database whole, also while it is in use.

    Raises:
        StoreRefused: ``no-database`` or ``backup-exists``.
    """
    if not file.exists():
        raise StoreRefused("no-database", f"There is no database {file.name} to copy.", "Name its folder with --data.")
    if target.exists():
        raise StoreRefused("backup-exists", f"{target.name} is already there.", "Choose another name.")
    source, copy = sqlite3.connect(file), sqlite3.connect(target)
    try:
        source.backup(copy)
    finally:
        copy.close()
        source.close()
