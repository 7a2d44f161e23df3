"""A stand-in for a laser distance meter: it measures a made-up room, with noise, and answers on loopback only."""

from __future__ import annotations

import random

from vasculum.devices.protocol import GREETING, LONGEST_LINE, VERSION
from vasculum.devices.serving import LineServer

ROOM_MM = {
    "width": 612.0, "height": 244.0, "depth": 587.0, "diagonal_rising_right": 659.0, "diagonal_rising_left": 658.2,
}  # fmt: skip
"""A made-up room. Invented."""
NOISE_MM = 0.4
"""How far a reading strays, one standard deviation. Invented."""
OFF_MM = 1.0
"""How far a reading says that it may be off. Invented."""


class SimulatedTape(LineServer):
    """Serves the protocol until it is closed; ``seed`` makes its noise the same each time."""

    def __init__(self, seed: int | None = None) -> None:
        noise = random.Random(seed)
        super().__init__(lambda line: _answer(line, noise), LONGEST_LINE)


def _answer(line: str, noise: random.Random) -> str:
    if line == "HELLO":
        return f"{GREETING} {VERSION} simulated"
    word, _, what = line.partition(" ")
    if word != "MEASURE":
        return "REFUSED only HELLO, MEASURE and BYE are known"
    if what not in ROOM_MM:
        return f"REFUSED there is no {what or 'such thing'} in this room"
    return f"READING {ROOM_MM[what] + noise.gauss(0, NOISE_MM):.1f} mm {OFF_MM}"
