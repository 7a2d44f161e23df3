"""Devices at the bench: the simulated tape, switched on when it is first asked."""

from __future__ import annotations

from threading import Lock

from flask import current_app

from vasculum.devices.protocol import measure
from vasculum.devices.simulated_tape import SimulatedTape
from vasculum.web.endpoints import Endpoints
from vasculum.web.messages import TapeAnswer, TapeAsked

endpoints = Endpoints("devices")
route = endpoints.route


class Bench:
    """The devices of one app."""

    def __init__(self) -> None:
        self._tape: SimulatedTape | None = None
        self._lock = Lock()

    def tape(self) -> tuple[str, int]:
        """Where the tape answers."""
        with self._lock:
            if self._tape is None:
                self._tape = SimulatedTape()
            return self._tape.address

    def close(self) -> None:
        """Switch everything off."""
        with self._lock:
            if self._tape is not None:
                self._tape.close()
                self._tape = None


@route("POST", "/devices/tape", TapeAnswer, TapeAsked, refuses=(503,), for_guests=True)
def read_tape(body: TapeAsked) -> TapeAnswer:
    """One reading of the tape; nothing is kept."""
    bench: Bench = current_app.extensions["bench"]
    reading = measure(bench.tape(), body.of)
    return TapeAnswer(value=reading.value, plus_minus=reading.plus_minus, device=reading.device)
