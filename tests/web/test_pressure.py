"""Under pressure: hostile bodies, locks, a full disk, a database that may only be read, or none."""

from __future__ import annotations

import http.client
import json
import os
import socket
import sqlite3
import threading
import time
from collections.abc import Iterator
from contextlib import closing, contextmanager, suppress
from pathlib import Path
from typing import Any

import pytest
from flask import Flask
from flask.testing import FlaskClient
from waitress.server import create_server

from tests.conftest import DEMO, Api, putting
from tests.helpers import frameless
from vasculum.core.errors import StoreRefused
from vasculum.plan.document.reading import write_plan
from vasculum.store import database
from vasculum.store.database import Turn, database_file, open_database
from vasculum.store.plans import Plans
from vasculum.web.app import create_app
from vasculum.web.serving import OWN_DOOR


@pytest.fixture
def api(client: FlaskClient) -> Api:
    return Api(client)


# ---- what is sent -------------------------------------------------------------------------------------------------

LONG = "9" * 5000
HOSTILE: list[tuple[str, str, str]] = [
    ("lone surrogate in a name", "/plans", '{"name": "\\ud800", "kind": "framed", "unit": "in"}'),
    ("bell in a name", "/plans", '{"name": "a\\u0007", "kind": "framed", "unit": "in"}'),
    ("integer of 5,000 digits", f"/plans/{DEMO}/edits", f'{{"base": {LONG}, "act": {{"do": "split"}}}}'),
    ("integer of 5,000 digits in a patch", f"/plans/{DEMO}/edits", json.dumps({"base": 1, "act": putting(("/marks_x", 1))}).replace(": 1}]", f": {LONG}}}]")),
    ("surrogate in a patch", f"/plans/{DEMO}/edits", json.dumps({"base": 1, "act": putting(("/note", "\ud800"))})),
    ("surrogate in a path", f"/plans/{DEMO}/edits", json.dumps({"base": 1, "act": putting(("/library/\ud800/x", "1"))})),
    ("surrogate in a label", f"/plans/{DEMO}/edits", json.dumps({"base": 1, "act": putting(("/note", "x")), "label": "\ud800"})),
    ("a patch nested deep", f"/plans/{DEMO}/edits", '{"base": 1, "act": {"do": "change", "patch": [{"op": "add", "path": "/note", "value": ' + "[" * 900 + "]" * 900 + "}]}}"),
    ("brackets without end", "/plans/import", "[" * 100_000),
    ("integer of 5,000 digits in a file", "/plans/import", f'{{"format": "vasculum-plan", "version": {LONG}}}'),
    ("surrogate in a pasted table", f"/plans/{DEMO}/readings", '{"space": "space-4", "text": "of,reading\\nwidth,\\ud800"}'),
    ("surrogate in a library", f"/plans/{DEMO}/library", '{"text": "{\\"format\\": \\"\\ud800\\"}"}'),
    ("library of 5,000 digits", f"/plans/{DEMO}/library", json.dumps({"text": f'{{"format": {LONG}}}'})),
    ("surrogate in a length", "/length", '{"text": "\\ud800", "unit": "in"}'),
    ("digits without end in a length", "/length", json.dumps({"text": "1" * 390, "unit": "in"})),
]  # fmt: skip


@pytest.mark.parametrize(("what", "path", "body"), HOSTILE, ids=[one[0] for one in HOSTILE])
def test_a_hostile_body_is_refused_and_changes_nothing(
    client: FlaskClient, api: Api, what: str, path: str, body: str
) -> None:
    before = api.get("/plans")
    answer = client.post(f"/api{path}", data=body, content_type="application/json")
    assert answer.status_code < 500, answer.get_data(as_text=True)
    assert answer.status_code != 201
    assert len(answer.get_data()) < 5000
    assert api.get("/plans") == before


def test_a_byte_order_mark_before_a_plan_file_is_no_fault(client: FlaskClient) -> None:
    body = b"\xef\xbb\xbf" + write_plan(frameless()).encode()
    assert client.post("/api/plans/import", data=body, content_type="application/json").status_code == 201


@pytest.mark.parametrize(
    "path", ["/" + "x" * 300, "/assets/" + "x" * 300, "/api/plans/" + "x" * 300, "/a%00b", "/assets/%00"]
)
def test_a_path_that_no_file_may_have_is_no_failure(client: FlaskClient, path: str) -> None:
    assert client.get(path).status_code in (200, 404, 503)


def test_of_files_elsewhere_nothing_is_told(client: FlaskClient) -> None:
    """What is there and what is not are answered alike."""
    there, not_there = ("..%2f" * 12 + name for name in ("etc%2fhostname", "etc%2fno-such-file"))
    for before in ("/", "/assets/"):
        answers = [client.get(before + path) for path in (there, not_there)]
        assert len({(one.status_code, one.get_data()) for one in answers}) == 1


# ---- locks --------------------------------------------------------------------------------------------------------


@contextmanager
def locked(file: Path, how: str = "IMMEDIATE") -> Iterator[None]:
    """Somebody else writes, and does not stop."""
    with closing(sqlite3.connect(file, isolation_level=None)) as other:
        other.execute(f"BEGIN {how}")
        yield
        other.execute("ROLLBACK")


@pytest.fixture
def quick(monkeypatch: pytest.MonkeyPatch) -> None:
    """Nobody waits for seconds."""
    monkeypatch.setattr(database, "WRITING_MS", 200)
    monkeypatch.setattr(database, "SOON_MS", 200)


@pytest.mark.usefixtures("quick")
def test_a_foreign_lock_delays_writing_says_so_and_lets_everybody_read(tmp_path: Path, api: Api) -> None:
    whole = api.get(f"/plans/{DEMO}")
    with locked(database_file(tmp_path)):
        for path in ("/plans", f"/plans/{DEMO}", f"/plans/{DEMO}/history", f"/plans/{DEMO}/files/plan.json"):
            assert api.client.get(f"/api{path}").status_code == 200
        refused = api.edit(DEMO, ("/note", "x"), status=503)
        assert (refused["code"], "Another program" in refused["detail"]) == ("database-locked", True)
        assert api.post("/plans", {"name": "x", "kind": "framed", "unit": "in"}, 503)["code"] == "database-locked"
    assert api.get(f"/plans/{DEMO}") == whole
    assert api.edit(DEMO, ("/note", "x"))["document"]["note"] == "x"


@pytest.mark.usefixtures("quick")
def test_the_app_starts_under_a_foreign_lock(tmp_path: Path, app: Flask) -> None:
    with locked(database_file(tmp_path)):
        again = create_app(tmp_path, with_demo=True)
        assert again.test_client().get("/api/plans").status_code == 200
        again.extensions["desk"].plans._engine.dispose()


@pytest.mark.usefixtures("quick")
def test_only_a_few_writers_wait_for_long() -> None:
    turn, holds, done = Turn(most_waiting=1), threading.Event(), threading.Event()

    def hold() -> None:
        with turn.taken():
            holds.set()
            done.wait(20)

    writer = threading.Thread(target=hold)
    writer.start()
    assert holds.wait(20)
    with pytest.raises(StoreRefused) as refused, turn.taken():
        pytest.fail("the turn was taken twice")
    done.set()
    writer.join()
    assert refused.value.code == "database-busy"
    with turn.taken():
        pass


# ---- disks --------------------------------------------------------------------------------------------------------


def fill(app: Flask) -> None:
    """The database may not grow any further, as on a full disk."""
    engine = app.extensions["desk"].plans._engine
    database.event.listen(engine, "begin", lambda connection: connection.exec_driver_sql("PRAGMA max_page_count = 1"))


def test_on_a_full_disk_nothing_is_kept_and_everything_is_read(app: Flask, api: Api) -> None:
    whole = api.get(f"/plans/{DEMO}")
    fill(app)
    codes = {api.edit(DEMO, ("/note", "x" * 1900 + str(at)), status=503)["code"] for at in range(3)}
    assert codes == {"disk-full"}
    assert api.get(f"/plans/{DEMO}") == whole


def test_a_database_that_may_only_be_read_is_read(tmp_path: Path, api: Api, monkeypatch: pytest.MonkeyPatch) -> None:
    whole = api.get(f"/plans/{DEMO}")
    monkeypatch.setattr(os, "access", lambda path, mode: mode != os.W_OK)
    reading = create_app(tmp_path, with_demo=True)
    other = Api(reading.test_client())
    assert other.get(f"/plans/{DEMO}") == whole
    assert other.edit(DEMO, ("/note", "x"), status=503)["code"] == "database-read-only"
    reading.extensions["desk"].plans._engine.dispose()


@pytest.mark.parametrize(
    ("fault", "code"),
    [("SQLITE_IOERR_FSYNC", "disk-failed"), ("SQLITE_CORRUPT_INDEX", "database-damaged"), ("SQLITE_CANTOPEN", "database-gone")],
)  # fmt: skip
def test_each_fault_of_the_database_has_words_and_a_way_out(fault: str, code: str, tmp_path: Path) -> None:
    meant = database.refusal_of(database._named(fault), database_file(tmp_path))
    assert meant is not None
    assert (meant.code, bool(meant.message), bool(meant.fix)) == (code, True, True)
    assert database.refusal_of(ValueError("ours"), database_file(tmp_path)) is None


def test_a_database_of_a_newer_version_is_left_alone(tmp_path: Path) -> None:
    file = database_file(tmp_path)
    open_database(file).dispose()
    with closing(sqlite3.connect(file)) as other:
        other.execute("UPDATE alembic_version SET version_num = '9999'")
        other.commit()
    with pytest.raises(StoreRefused) as refused:
        open_database(file)
    assert refused.value.code == "database-newer"


def test_folder_and_database_are_this_users_alone(tmp_path: Path) -> None:
    file = database_file(tmp_path / "new")
    engine = open_database(file)
    Plans(engine).make(frameless(), "Made")
    assert file.parent.stat().st_mode & 0o777 == 0o700
    assert {one.stat().st_mode & 0o777 for one in file.parent.iterdir()} == {0o600}
    engine.dispose()


# ---- answers before commits ---------------------------------------------------------------------------------------


@pytest.mark.parametrize("call", ["edit", "make", "copy", "restore", "printed", "demo", "undo"])
def test_nothing_is_kept_whose_answer_could_not_be_worked_out(
    app: Flask, api: Api, monkeypatch: pytest.MonkeyPatch, call: str
) -> None:
    api.edit(DEMO, ("/note", "x"))
    if call == "restore":
        api.client.delete(f"/api/plans/{DEMO}")
    plans = app.extensions["desk"].plans
    before = (plans.listed(), plans.listed(deleted=True), plans.get(DEMO, also_deleted=True))

    def broken(*_: Any, **__: Any) -> Any:
        raise RuntimeError("no answer")

    for name in ("solution_of", "outcome_delta"):
        monkeypatch.setattr(f"vasculum.web.desk.{name}", broken)
    path, body = {
        "edit": (f"/plans/{DEMO}/edits", {"base": 2, "act": putting(("/note", "y"))}),
        "make": ("/plans", {"name": "x", "kind": "framed", "unit": "in"}),
        "copy": (f"/plans/{DEMO}/copy", {}),
        "restore": (f"/plans/{DEMO}/restore", {}),
        "printed": (f"/plans/{DEMO}/printed", {"revision": 1}),
        "demo": (f"/demo/{DEMO}", {}),
        "undo": (f"/plans/{DEMO}/undo", {"base": 2}),
    }[call]
    assert api.post(path, body, 500)["code"] == "our-fault"
    assert (plans.listed(), plans.listed(deleted=True), plans.get(DEMO, also_deleted=True)) == before


def test_revisions_of_another_database_are_not_taken_for_those_of_this_one(
    tmp_path: Path, app: Flask, api: Api
) -> None:
    """The file exchanged under an open app, with the same plan and the same number: what is told is what is there."""
    api.edit(DEMO, ("/choices/gap", "1/8 in"))
    first = api.get(f"/plans/{DEMO}")
    with closing(sqlite3.connect(database_file(tmp_path))) as other:
        other.execute('UPDATE revision SET document = replace(document, \'"gap":"1/8 in"\', \'"gap":"1/4 in"\')')
        other.commit()
    then = api.get(f"/plans/{DEMO}")
    assert then["revision"] == first["revision"]
    assert then["document"]["choices"]["gap"] == "1/4 in"
    assert then["solution"]["quantities"] != first["solution"]["quantities"]


def test_time_is_not_waited_for(tmp_path: Path) -> None:
    """A lock that is let go within the time that writers wait delays a change, and loses none."""
    engine = open_database(database_file(tmp_path))
    plans = Plans(engine)
    plan_id = plans.make(frameless(), "Made").plan_id
    held = threading.Event()

    def hold() -> None:
        with locked(database_file(tmp_path)):
            held.set()
            time.sleep(0.3)

    other = threading.Thread(target=hold)
    other.start()
    held.wait(20)
    plans.apply(plan_id, 1, lambda plan: plan.model_copy(update={"note": "late"}), "Late")
    other.join()
    assert plans.get(plan_id).plan.note == "late"
    engine.dispose()


# ---- the door of this machine, over the wire ----------------------------------------------------------------------


@pytest.fixture
def own_door(app: Flask) -> Iterator[tuple[str, int]]:
    server = create_server(app, host="127.0.0.1", port=0, **OWN_DOOR)
    running = threading.Thread(target=run_until_closed, args=(server,), daemon=True)
    running.start()
    yield "127.0.0.1", server.effective_port
    server.close()
    server.task_dispatcher.shutdown()


def run_until_closed(server: Any) -> None:
    with suppress(OSError):  # its socket is closed under it
        server.run()


def test_a_body_without_end_is_refused_by_its_head(own_door: tuple[str, int]) -> None:
    """Nothing of it is sent, and nothing is waited for."""
    with closing(socket.create_connection(own_door, 10)) as line:
        line.sendall(
            b"POST /api/plans/import HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Type: application/json\r\n"
            b"Content-Length: 1000000000\r\n\r\n"
        )
        assert b" 413 " in line.recv(200).split(b"\r\n")[0]


def test_connections_that_say_nothing_do_not_hold_up_the_own_door(own_door: tuple[str, int]) -> None:
    silent = [socket.create_connection(own_door, 10) for _ in range(150)]
    for at, one in enumerate(silent):
        one.sendall(b"GET / HTTP/1.1\r\nHost:"[: at % 20])
    line = http.client.HTTPConnection(*own_door, timeout=10)
    line.request("GET", "/api/plans")
    assert line.getresponse().status == 200
    line.close()
    for one in silent:
        one.close()
