"""The second door: closed by default, nothing unpaired, five tries, sessions that end, and the first door unchanged."""

from __future__ import annotations

import hashlib
import http.client
import re
import socket
import ssl
import xml.etree.ElementTree as ET
from collections.abc import Iterator
from pathlib import Path
from typing import Any

import pytest
from flask import Flask
from flask.testing import FlaskClient
from werkzeug.test import TestResponse

from tests.conftest import DEMO, Api, putting
from vasculum.web.app import MOST_BYTES_OF_GUESTS
from vasculum.web.certificate import certificate_for
from vasculum.web.network import (
    CODE_FOR,
    COOKIE,
    GUEST,
    MOST_WRONG,
    MOST_WRONG_OF_ALL,
    SESSION,
    SHUT_FOR,
    Network,
    NoNetwork,
)


class Clock:
    def __init__(self) -> None:
        self.now = 1000.0

    def __call__(self) -> float:
        return self.now


@pytest.fixture
def clock() -> Clock:
    return Clock()


@pytest.fixture
def door(app: Flask, tmp_path: Path, clock: Clock) -> Iterator[Network]:
    made = Network(app, tmp_path, address=lambda: "127.0.0.1", clock=clock)
    app.extensions["network"] = made
    made.open()
    yield made
    made.close()


class Phone:
    """A guest: its requests come through the second door."""

    def __init__(self, client: FlaskClient, door: Network) -> None:
        self.client, self.host = client, door.url.removeprefix("http://").removesuffix("/pair")

    def ask(self, method: str, path: str, **more: Any) -> TestResponse:
        headers = {"Host": self.host, **more.pop("headers", {})}
        return self.client.open(path, method=method, headers=headers, environ_overrides={GUEST: "yes"}, **more)

    def pair(self, code: str, address: str = "127.0.0.1", **more: Any) -> TestResponse:
        response = self.client.open(
            "/pair", method="POST", data={"code": code}, headers={"Host": self.host, **more.pop("headers", {})},
            environ_overrides={GUEST: "yes", "REMOTE_ADDR": address},
        )  # fmt: skip
        found = re.search(rf"{COOKIE}=([^;]+)", response.headers.get("Set-Cookie", ""))
        if found:
            self.client.set_cookie(COOKIE, found[1], domain=self.host.partition(":")[0])
        return response


@pytest.fixture
def phone(app: Flask, door: Network) -> Phone:
    return Phone(app.test_client(), door)


def wrong(code: str) -> str:
    return f"{(int(code) + 1) % 1_000_000:06d}"


def test_the_door_is_closed_by_default_and_opened_by_one_switch(api: Api) -> None:
    closed = api.get("/network")
    assert (closed["is_on"], closed["is_guest"], closed["url"], closed["code"], closed["phones"]) == (
        False, False, "", "", []
    )  # fmt: skip
    opened = api.post("/network", {"is_on": True})
    assert re.fullmatch(r"http://127\.0\.0\.1:\d+/pair", opened["url"])
    assert re.fullmatch(r"\d{6}", opened["code"])
    assert api.post("/network", {"is_on": True})["code"] == opened["code"]
    assert not api.post("/network", {"is_on": False})["is_on"]


def test_the_code_for_the_camera_is_a_picture(api: Api) -> None:
    api.post("/network", {"is_on": True})
    picture = api.client.get("/api/network/code.svg")
    assert ET.fromstring(picture.data).tag.endswith("svg")


def test_a_machine_in_no_network_says_so(app: Flask, tmp_path: Path, api: Api) -> None:
    def none() -> str:
        raise NoNetwork("no-network", "This machine is in no network.", "Join one, then try again.")

    app.extensions["network"] = Network(app, tmp_path, address=none)
    assert api.post("/network", {"is_on": True}, 503)["code"] == "no-network"


@pytest.mark.parametrize(
    "path", [f"/api/plans/{DEMO}", "/api/plans", "/api/network", f"/api/plans/{DEMO}/files/plan.json", "/api/catalogue"]
)
def test_unpaired_nothing_is_answered(phone: Phone, path: str) -> None:
    response = phone.ask("GET", path)
    assert (response.status_code, response.json["code"]) == (403, "not-paired")


@pytest.mark.parametrize("path", ["/", f"/plans/{DEMO}", "/assets/anything.js"])
def test_unpaired_every_page_leads_to_the_pairing_page(phone: Phone, path: str) -> None:
    response = phone.ask("GET", path)
    assert (response.status_code, response.headers["Location"]) == (303, "/pair")
    page = phone.ask("GET", "/pair")
    assert page.status_code == 200
    assert DEMO not in page.text
    assert "script" not in page.headers["Content-Security-Policy"]


def test_unpaired_nothing_is_changed(phone: Phone, api: Api) -> None:
    body = {"base": 1, "act": putting(("/name", "Mine"))}
    assert phone.ask("POST", f"/api/plans/{DEMO}/edits", json=body).status_code == 403
    assert api.get(f"/plans/{DEMO}")["revision"] == 1


def test_the_right_code_pairs_and_a_reading_arrives(phone: Phone, door: Network, api: Api) -> None:
    response = phone.pair(door.code)
    assert (response.status_code, response.headers["Location"]) == (303, "/")
    assert {"HttpOnly", "SameSite=Strict"} <= set(response.headers["Set-Cookie"].split("; "))
    assert len(door.phones) == 1
    assert phone.ask("GET", f"/api/plans/{DEMO}").status_code == 200
    body = {"base": 1, "act": measuring(api)}
    assert phone.ask("POST", f"/api/plans/{DEMO}/edits", json=body).status_code == 200
    assert api.get(f"/plans/{DEMO}/head") == {"revision": 2}


def test_five_wrong_codes_shut_one_visitor_out_and_nobody_else(
    phone: Phone, door: Network, clock: Clock, api: Api
) -> None:
    for left in range(MOST_WRONG - 1, -1, -1):
        response = phone.pair(wrong(door.code), "10.0.0.7")
        assert (response.status_code, f"{left} tries" in response.text) == (403, True)
    assert phone.pair(door.code, "10.0.0.7").status_code == 429
    assert api.get("/network")["shut_out"] == [{"address": "10.0.0.7", "seconds": SHUT_FOR}]
    assert phone.pair(door.code, "10.0.0.8").status_code == 303
    clock.now += SHUT_FOR
    assert phone.pair(wrong(door.code), "10.0.0.7").status_code == 403
    assert phone.pair(door.code, "10.0.0.7").status_code == 303


def test_a_new_code_ends_a_lockout(phone: Phone, door: Network, api: Api) -> None:
    for _ in range(MOST_WRONG):
        phone.pair(wrong(door.code))
    before = door.code
    state = api.post("/network/code")
    assert (state["shut_out"], state["code"] != before) == ([], True)
    assert phone.pair(door.code).status_code == 303


def test_a_code_pairs_one_phone_and_for_ten_minutes(phone: Phone, door: Network, clock: Clock) -> None:
    used = door.code
    assert phone.pair(used).status_code == 303
    assert phone.pair(used).status_code == 403
    old = door.code
    clock.now += CODE_FOR
    assert phone.pair(old).status_code == 403
    assert phone.pair(door.code).status_code == 303


def test_a_code_that_many_guess_at_is_another_in_the_end(phone: Phone, door: Network) -> None:
    code = door.code
    for at in range(MOST_WRONG_OF_ALL):
        phone.pair(wrong(code), f"10.0.1.{at}")
    assert door.code != code


def test_each_phone_is_listed_and_can_be_sent_away(phone: Phone, app: Flask, door: Network, api: Api) -> None:
    other = Phone(app.test_client(), door)
    phone.pair(door.code, headers={"User-Agent": "Mozilla/5.0 (Linux; Android 15)"})
    other.pair(door.code, "10.0.0.9")
    listed = api.get("/network")["phones"]
    assert [(one["name"], one["address"]) for one in listed] == [
        ("Phone 1, Android", "127.0.0.1"), ("Phone 2", "10.0.0.9")
    ]  # fmt: skip
    left = api.client.delete(f"/api/network/phones/{listed[0]['id']}").get_json()["phones"]
    assert [one["name"] for one in left] == ["Phone 2"]
    assert phone.ask("GET", "/api/plans").status_code == 403
    assert other.ask("GET", "/api/plans").status_code == 200
    assert api.client.delete("/api/network/phones/phone-9").status_code == 403


def test_a_session_ends_with_time_and_with_the_door(phone: Phone, door: Network, clock: Clock) -> None:
    phone.pair(door.code)
    clock.now += SESSION - 1
    assert phone.ask("GET", "/api/plans").status_code == 200
    clock.now += 1
    assert phone.ask("GET", "/api/plans").status_code == 403
    phone.pair(door.code)
    door.close()
    door.open()
    phone.host = door.url.removeprefix("http://").removesuffix("/pair")
    assert phone.ask("GET", "/api/plans").status_code == 403


def test_a_guest_cannot_turn_the_switch_or_see_the_code(phone: Phone, door: Network) -> None:
    phone.pair(door.code)
    state = phone.ask("GET", "/api/network").json
    assert (state["is_on"], state["is_guest"], state["url"], state["code"], state["phones"]) == (
        True, True, "", "", []
    )  # fmt: skip
    assert phone.ask("POST", "/api/network", json={"is_on": False}).status_code == 403
    assert phone.ask("GET", "/api/network/code.svg").status_code == 403
    assert door.is_on


def test_a_page_elsewhere_cannot_ask_for_a_paired_phone(phone: Phone, door: Network) -> None:
    phone.pair(door.code)
    elsewhere = phone.ask("GET", "/api/plans", headers={"Origin": "http://elsewhere.example"})
    assert (elsewhere.status_code, elsewhere.json["code"]) == (403, "wrong-origin")
    other = phone.ask("GET", "/api/plans", headers={"Host": "elsewhere.example"})
    assert (other.status_code, other.json["code"]) == (403, "wrong-host")
    own = phone.ask("GET", "/api/plans", headers={"Origin": f"http://{phone.host}"})
    assert own.status_code == 200


@pytest.mark.parametrize("header", [{"Host": "elsewhere.example"}, {"Origin": "http://elsewhere.example"}])
def test_the_pairing_page_too_answers_to_its_own_address_only(
    phone: Phone, door: Network, header: dict[str, str]
) -> None:
    assert phone.ask("GET", "/pair", headers=header).status_code == 403
    assert phone.pair(door.code, headers=header).status_code == 403
    assert door.phones == []


def measuring(api: Api) -> dict[str, Any]:
    """A reading put down, as a phone sends it."""
    survey = next(iter(api.get(f"/plans/{DEMO}")["document"]["surveys"]))
    return {
        "do": "measure",
        "survey": survey,
        "station": {"of": "width", "level": "low"},
        "reading": None,
        "value": "22 1/2",
    }


REFUSED_TO_GUESTS = [
    ("POST", "/plans", {"name": "x", "kind": "framed", "unit": "in"}), ("POST", "/plans/import", {}),
    ("POST", f"/plans/{DEMO}/copy", {}), ("DELETE", f"/plans/{DEMO}", None), ("POST", f"/plans/{DEMO}/restore", {}),
    ("POST", f"/plans/{DEMO}/undo", {"base": 1}), ("POST", f"/plans/{DEMO}/printed", {"revision": 1}),
    ("POST", f"/demo/{DEMO}", {}), ("POST", "/network", {"is_on": False}), ("POST", "/network/code", {}),
    ("DELETE", "/network/phones/phone-1", None), ("GET", "/network/code.svg", None),
    ("POST", f"/plans/{DEMO}/edits", {"base": 1, "act": putting(("/name", "Mine"))}),
    ("POST", f"/plans/{DEMO}/edits", {"base": 1, "act": {"do": "take-out", "place": "place-2"}}),
    ("POST", f"/plans/{DEMO}/edits", {"base": 1, "act": {"do": "change", "patch": [{"op": "remove", "path": "/readings/reading-5"}]}}),
]  # fmt: skip


@pytest.mark.parametrize(("method", "path", "body"), REFUSED_TO_GUESTS)
def test_a_paired_phone_deletes_imports_restores_and_opens_doors_for_nobody(
    phone: Phone, door: Network, api: Api, method: str, path: str, body: Any
) -> None:
    phone.pair(door.code)
    before = api.get(f"/plans/{DEMO}"), api.get("/plans")
    assert phone.ask(method, f"/api{path}", json=body).status_code in (403, 404)
    assert (api.get(f"/plans/{DEMO}"), api.get("/plans")) == before
    assert len(door.phones) == 1


def test_a_paired_phone_reads_and_tries(phone: Phone, door: Network, api: Api) -> None:
    phone.pair(door.code)
    for path in ("/plans", f"/plans/{DEMO}", f"/plans/{DEMO}/history", "/catalogue", f"/plans/{DEMO}/files/plan.json"):
        assert phone.ask("GET", f"/api{path}").status_code == 200
    body = {"base": 1, "act": putting(("/name", "Tried"))}
    assert phone.ask("POST", f"/api/plans/{DEMO}/preview", json=body).status_code == 200


def test_a_paired_phone_at_the_saw_says_what_is_cut(phone: Phone, door: Network, api: Api) -> None:
    phone.pair(door.code)
    row = phone.ask("GET", f"/api/plans/{DEMO}/sheets").json["rows"][0]
    act = {"do": "settings-done", "row": row["row"], "aim": row["aim"], "done": 1}
    base = api.get(f"/plans/{DEMO}")["revision"]
    assert phone.ask("POST", f"/api/plans/{DEMO}/edits", json={"base": base, "act": act}).status_code == 200
    assert {one["row"]: one["done"] for one in api.get(f"/plans/{DEMO}/sheets")["rows"]}[row["row"]] == 1
    moving = {"base": base + 1, "act": {"do": "lay-out-anew", "row": row["row"]}}
    assert phone.ask("POST", f"/api/plans/{DEMO}/edits", json=moving).status_code == 403


def test_a_body_through_the_second_door_is_limited(phone: Phone, door: Network) -> None:
    phone.pair(door.code)
    body = {"text": "1" * MOST_BYTES_OF_GUESTS, "unit": "in"}
    assert phone.ask("POST", "/api/length", json=body).status_code == 413


def test_the_first_door_needs_no_pairing_and_knows_no_pairing_page(api: Api, door: Network) -> None:
    assert api.get(f"/plans/{DEMO}")["revision"] == 1
    assert api.client.get("/pair").status_code == 404
    assert api.client.post("/pair", data={"code": door.code}).status_code == 404
    assert api.client.get("/api/plans", headers={"Host": "10.0.0.1"}).status_code == 403


def test_the_open_door_answers_over_the_wire(door: Network) -> None:
    line = http.client.HTTPConnection(*address_of(door), timeout=10)
    line.request("GET", "/api/plans")
    assert line.getresponse().status == 403
    line.close()


def address_of(door: Network) -> tuple[str, int]:
    host, port = door.url.partition("://")[2].removesuffix("/pair").split(":")
    return host, int(port)


@pytest.mark.parametrize("is_private", [False, True])
def test_connections_that_say_nothing_hold_up_nobody(door: Network, is_private: bool) -> None:
    door.open(is_private)
    silent = [socket.create_connection(address_of(door), 10) for _ in range(150)]
    for at, one in enumerate(silent):
        one.sendall(b"GET / HTTP/1.1\r\nHost:"[: at % 20])
    assert asked(door, "/api/plans")[0] == 403
    for one in silent:
        one.close()


def asked(door: Network, path: str) -> tuple[int, bytes]:
    """The answer over the wire, and the certificate as it came."""
    context = ssl.create_default_context()
    context.check_hostname, context.verify_mode = False, ssl.CERT_NONE
    host, port = address_of(door)
    line = (
        http.client.HTTPSConnection(host, port, timeout=10, context=context)
        if door.is_private
        else http.client.HTTPConnection(host, port, timeout=10)
    )
    line.request("GET", path)
    status = line.getresponse().status
    shown = line.sock.getpeercert(binary_form=True) if isinstance(line.sock, ssl.SSLSocket) else b""
    line.close()
    return status, shown or b""


def test_the_private_door_shows_the_fingerprint_of_its_certificate_on_both_screens(door: Network, api: Api) -> None:
    state = api.post("/network", {"is_on": True, "is_private": True})
    assert state["url"].startswith("https://")
    status, certificate = asked(door, "/pair")
    seen = hashlib.sha256(certificate).hexdigest().upper()
    assert (status, state["fingerprint"].replace(":", "")) == (200, seen)
    page = guest_page(api, door)
    assert seen in re.sub(r"[^0-9A-F]", "", page.partition('class="print"')[2].replace("<br>", ""))
    assert "Not encrypted" not in page
    door.close()
    door.open(True)
    assert door.fingerprint == state["fingerprint"]


def test_without_a_certificate_the_page_says_what_can_be_read(door: Network, api: Api) -> None:
    page = guest_page(api, door)
    assert "Not encrypted" in page
    assert "the code, names, notes and sizes" in page


def guest_page(api: Api, door: Network) -> str:
    host = ":".join(map(str, address_of(door)))
    return api.client.get("/pair", headers={"Host": host}, environ_overrides={GUEST: "yes"}).text


def test_the_certificate_is_made_anew_for_another_address_and_kept_for_this_user(tmp_path: Path) -> None:
    first = certificate_for("127.0.0.1", tmp_path)
    assert certificate_for("127.0.0.1", tmp_path) == first
    assert certificate_for("127.0.0.2", tmp_path) != first
    assert first.file.stat().st_mode & 0o777 == 0o600
