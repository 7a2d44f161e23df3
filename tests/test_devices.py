"""The simulated tape and its protocol: spoken on loopback, noisy, and refused when it is garbled or silent."""

from __future__ import annotations

import socket
import socketserver
import threading
from collections.abc import Iterator

import pytest

from tests.conftest import Api
from vasculum.core.lengths import read_length
from vasculum.devices.protocol import DeviceRefused, measure
from vasculum.devices.simulated_tape import NOISE_MM, OFF_MM, ROOM_MM, SimulatedTape


@pytest.fixture
def tape() -> Iterator[SimulatedTape]:
    made = SimulatedTape(seed=7)
    yield made
    made.close()


@pytest.mark.parametrize("what", ROOM_MM)
def test_it_measures_its_room_near_enough(tape: SimulatedTape, what: str) -> None:
    readings = [measure(tape.address, what) for _ in range(20)]
    sizes = [float(read_length(one.value, None).mm) for one in readings]
    assert all(abs(size - ROOM_MM[what]) < 6 * NOISE_MM for size in sizes)
    assert len(set(sizes)) > 1, "two readings of one thing differ"
    assert {one.device for one in readings} == {"simulated"}
    assert read_length(readings[0].plus_minus, None).mm == OFF_MM


def test_it_answers_on_this_machine_only(tape: SimulatedTape) -> None:
    assert tape.address[0] == "127.0.0.1"


def test_what_it_does_not_know_is_refused(tape: SimulatedTape) -> None:
    with pytest.raises(DeviceRefused, match="no girth"):
        measure(tape.address, "girth")


def test_a_tape_that_is_off_is_silent(tape: SimulatedTape) -> None:
    tape.close()
    with pytest.raises(DeviceRefused) as refused:
        measure(tape.address, "width", timeout=0.5)
    assert refused.value.code == "device-silent"


@pytest.mark.parametrize(
    "lines",
    [
        ["TAPE 2 other"],
        ["HELLO"],
        ["TAPE 1 x", "READING many mm 1"],
        ["TAPE 1 x", "READING 5 furlongs 1"],
        ["TAPE 1 x", ""],
    ],
)
def test_a_garbled_tape_is_refused(lines: list[str]) -> None:
    class Talk(socketserver.StreamRequestHandler):
        def handle(self) -> None:
            for line in lines:
                self.rfile.readline()
                self.wfile.write(line.encode() + b"\n")

    with socketserver.TCPServer(("127.0.0.1", 0), Talk) as server:
        threading.Thread(target=server.handle_request, daemon=True).start()
        host, port = server.server_address[:2]
        with pytest.raises(DeviceRefused) as refused:
            measure((str(host), int(port)), "width", timeout=2)
    assert refused.value.code == "device-garbled"


def test_the_protocol_as_documented_over_a_bare_socket(tape: SimulatedTape) -> None:
    with socket.create_connection(tape.address, 2) as line, line.makefile("rw", newline="\n") as talk:
        for said, begins in (("HELLO", "TAPE 1 simulated"), ("JUMP", "REFUSED"), ("MEASURE depth", "READING 5")):
            talk.write(said + "\n")
            talk.flush()
            assert talk.readline().startswith(begins)


def test_the_web_asks_it_and_keeps_nothing(api: Api) -> None:
    answer = api.post("/devices/tape", {"of": "width"})
    assert answer["device"] == "simulated"
    assert abs(float(answer["value"].removesuffix(" mm")) - ROOM_MM["width"]) < 6 * NOISE_MM
    assert api.client.post("/api/devices/tape", json={"of": "girth"}).status_code == 422
