"""A stand-in for a laser distance meter: it measures a made-up room, with noise, and answers on loopback only."""

from __future__ import annotations

import random
import socketserver
import threading

from vasculum.devices.protocol import GREETING, LONGEST_LINE, VERSION

ROOM_MM = {
    "width": 612.0, "height": 244.0, "depth": 587.0, "diagonal_rising_right": 659.0, "diagonal_rising_left": 658.2,
}  # fmt: skip
"""A made-up room. Invented."""
NOISE_MM = 0.4
"""How far a reading strays, one standard deviation. Invented."""
OFF_MM = 1.0
"""How far a reading says that it may be off. Invented."""


class SimulatedTape:
    """Serves the protocol until it is closed; ``seed`` makes its noise the same each time."""

    def __init__(self, seed: int | None = None) -> None:
        noise = random.Random(seed)

        class Talk(socketserver.StreamRequestHandler):
            timeout = 10

            def handle(self) -> None:
                while line := self.rfile.readline(LONGEST_LINE).decode("ascii", "replace").strip():
                    if line == "BYE":
                        return
                    self.wfile.write((_answer(line, noise) + "\n").encode("ascii"))

        self._server = socketserver.ThreadingTCPServer(("127.0.0.1", 0), Talk)
        self._server.daemon_threads = True
        host, port = self._server.server_address[:2]
        self.address = (str(host), int(port))
        threading.Thread(target=self._server.serve_forever, daemon=True).start()

    def close(self) -> None:
        """Switch it off."""
        self._server.shutdown()
        self._server.server_close()


def _answer(line: str, noise: random.Random) -> str:
    if line == "HELLO":
        return f"{GREETING} {VERSION} simulated"
    word, _, what = line.partition(" ")
    if word != "MEASURE":
        return "REFUSED only HELLO, MEASURE and BYE are known"
    if what not in ROOM_MM:
        return f"REFUSED there is no {what or 'such thing'} in this room"
    return f"READING {ROOM_MM[what] + noise.gauss(0, NOISE_MM):.1f} mm {OFF_MM}"
