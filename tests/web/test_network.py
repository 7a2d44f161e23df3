"""The second door: closed by default, nothing unpaired, five tries, sessions that end, and the first door unchanged."""

from __future__ import annotations

import http.client
import re
import xml.etree.ElementTree as ET
from collections.abc import Iterator
from typing import Any

import pytest
from flask import Flask
from flask.testing import FlaskClient
from werkzeug.test import TestResponse

from tests.conftest import DEMO, Api, putting
from vasculum.web.network import COOKIE, GUEST, MOST_WRONG, SESSION, SHUT_FOR, Network, NoNetwork


class Clock:
    def __init__(self) -> None:
        self.now = 1000.0

    def __call__(self) -> float:
        return self.now


@pytest.fixture
def clock() -> Clock:
    return Clock()


@pytest.fixture
def door(app: Flask, clock: Clock) -> Iterator[Network]:
    made = Network(app, address=lambda: "127.0.0.1", clock=clock)
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

    def pair(self, code: str) -> TestResponse:
        response = self.ask("POST", "/pair", data={"code": code})
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
    assert api.get("/network") == {"is_on": False, "is_guest": False, "url": "", "code": "", "guests": 0}
    opened = api.post("/network", {"is_on": True})
    assert re.fullmatch(r"http://127\.0\.0\.1:\d+/pair", opened["url"])
    assert re.fullmatch(r"\d{6}", opened["code"])
    assert api.post("/network", {"is_on": True}) == opened
    assert not api.post("/network", {"is_on": False})["is_on"]


def test_the_code_for_the_camera_is_a_picture(api: Api) -> None:
    api.post("/network", {"is_on": True})
    picture = api.client.get("/api/network/code.svg")
    assert ET.fromstring(picture.data).tag.endswith("svg")


def test_a_machine_in_no_network_says_so(app: Flask, api: Api) -> None:
    def none() -> str:
        raise NoNetwork("no-network", "This machine is in no network.", "Join one, then try again.")

    app.extensions["network"] = Network(app, address=none)
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
    assert door.guests == 1
    assert phone.ask("GET", f"/api/plans/{DEMO}").status_code == 200
    body = {"base": 1, "act": putting(("/name", "Measured by phone"))}
    assert phone.ask("POST", f"/api/plans/{DEMO}/edits", json=body).status_code == 200
    assert api.get(f"/plans/{DEMO}/head") == {"revision": 2}


def test_five_wrong_codes_shut_the_pairing_for_a_while(phone: Phone, door: Network, clock: Clock) -> None:
    first = door.code
    for left in range(MOST_WRONG - 1, -1, -1):
        response = phone.pair(wrong(first))
        assert (response.status_code, f"{left} tries" in response.text) == (403, True)
    assert phone.pair(first).status_code == 429
    assert phone.pair(door.code).status_code == 429
    clock.now += SHUT_FOR
    assert phone.pair(door.code).status_code == 303


def test_the_code_is_another_after_it_was_guessed_at(phone: Phone, door: Network) -> None:
    codes = set()
    for _ in range(3):
        codes.add(door.code)
        for _ in range(MOST_WRONG):
            phone.pair(wrong(door.code))
        door._shut_until = 0
    assert len(codes) > 1


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
    assert state == {"is_on": True, "is_guest": True, "url": "", "code": "", "guests": 0}
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


def test_the_first_door_needs_no_pairing_and_knows_no_pairing_page(api: Api, door: Network) -> None:
    assert api.get(f"/plans/{DEMO}")["revision"] == 1
    assert api.client.get("/pair").status_code == 404
    assert api.client.post("/pair", data={"code": door.code}).status_code == 404
    assert api.client.get("/api/plans", headers={"Host": "10.0.0.1"}).status_code == 403


def test_the_open_door_answers_over_the_wire(door: Network) -> None:
    host, port = door.url.removeprefix("http://").removesuffix("/pair").split(":")
    line = http.client.HTTPConnection(host, int(port), timeout=10)
    line.request("GET", "/api/plans")
    assert line.getresponse().status == 403
    line.close()
