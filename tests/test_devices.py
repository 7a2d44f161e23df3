"""The simulated tape and its protocol: spoken on loopback, noisy, and refused when it is garbled or silent."""

from __future__ import annotations

import socket
import socketserver
import threading
from collections.abc import Iterator
from io import BytesIO

import pytest
from PIL import Image

from tests.conftest import Api
from vasculum.core.lengths import read_length
from vasculum.devices.label_protocol import Dots, print_labels
from vasculum.devices.protocol import DeviceRefused, measure
from vasculum.devices.simulated_label_printer import ACROSS, MOST_KEPT, SimulatedLabelPrinter
from vasculum.devices.simulated_tape import NOISE_MM, OFF_MM, ROOM_MM, SimulatedTape
from vasculum.export.label_strip import LENGTH, strip_of
from vasculum.plan.telling.labels import LabelSaid


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


# ---- the label printer --------------------------------------------------------------------------------------------------

BLACK = Dots(16, ACROSS, bytes(2 * ACROSS))


@pytest.fixture
def printer() -> Iterator[SimulatedLabelPrinter]:
    made = SimulatedLabelPrinter()
    yield made
    made.close()


def test_it_keeps_what_it_would_have_printed(printer: SimulatedLabelPrinter) -> None:
    white = Dots(8, ACROSS, b"\xff" * ACROSS)
    printed = print_labels(printer.address, lambda across: [BLACK, white] if across == ACROSS else [])
    assert (printed.device, printed.numbers) == ("simulated", [1, 2])
    assert list(printer.printed.values()) == [BLACK, white]
    assert print_labels(printer.address, lambda _: [white]).numbers == [3]


@pytest.mark.parametrize("wrong", [BLACK._replace(across=12), BLACK._replace(rows=b"short"), BLACK._replace(along=0)])
def test_what_does_not_fit_its_tape_is_refused(printer: SimulatedLabelPrinter, wrong: Dots) -> None:
    with pytest.raises(DeviceRefused, match="REFUSED"):
        print_labels(printer.address, lambda _: [wrong])
    assert not printer.printed


def test_a_printer_that_is_switched_off_is_said_to_be_silent() -> None:
    made = SimulatedLabelPrinter()
    made.close()
    with pytest.raises(DeviceRefused, match="does not answer"):
        print_labels(made.address, lambda _: [BLACK])


def test_the_old_labels_of_a_long_day_are_forgotten(printer: SimulatedLabelPrinter) -> None:
    print_labels(printer.address, lambda _: [BLACK] * (MOST_KEPT + 3))
    assert list(printer.printed) == list(range(4, MOST_KEPT + 4))


def test_the_labels_of_a_plan_are_printed_and_shown(api: Api) -> None:
    """As many as there are drawers; the code on each is the page of its drawer."""
    answer = api.post("/devices/labels", {"plan": "potting-bench"})
    assert answer["device"] == "simulated"
    assert len(answer["numbers"]) == 7
    pictures = [Image.open(BytesIO(api.client.get(f"/api/devices/labels/{n}.png").data)) for n in answer["numbers"]]
    assert {one.size for one in pictures} == {(ACROSS * LENGTH, ACROSS)}
    assert len({one.tobytes() for one in pictures}) == 7
    one = api.post("/devices/labels", {"plan": "potting-bench", "place": "place-22"})
    assert len(one["numbers"]) == 1
    again = api.client.get(f"/api/devices/labels/{one['numbers'][0]}.png").data
    assert Image.open(BytesIO(again)).tobytes() == pictures[5].tobytes()
    for none in ("999", "x"):
        assert api.client.get(f"/api/devices/labels/{none}.png").status_code == 404
    assert api.client.post("/api/devices/labels", json={"plan": "potting-bench", "place": "x"}).status_code == 404


@pytest.mark.parametrize("kept", ["", "One", "A thing with a name " * 40, "W" * 300])
def test_nothing_on_a_strip_is_written_over_its_code(kept: str) -> None:
    """Whatever is written, the right end with the code and its white border is the same."""
    plain = strip_of(LabelSaid("place-1", 1, "", ""), "http://127.0.0.1/d", 284)
    full = strip_of(LabelSaid("place-1", 123, "A long name of a drawer " * 4, kept), "http://127.0.0.1/d", 284)
    code = (plain.width - 284, 0, plain.width, 284)
    assert full.crop(code).tobytes() == plain.crop(code).tobytes()
    assert plain.crop(code).getextrema() == (0, 1)
