"""A stand-in for a label printer: it keeps what it would have printed, and answers on loopback only."""

from __future__ import annotations

import base64
import binascii
import threading
from collections import OrderedDict

from vasculum.devices.label_protocol import GREETING, MOST_DOTS, VERSION, Dots
from vasculum.devices.serving import LineServer

ACROSS = 284
"""Dots across its tape: 24 mm at 300 to the inch. Invented."""
MOST_KEPT = 200
LONGEST_LINE = 4 * MOST_DOTS * MOST_DOTS // 6 + 100


class SimulatedLabelPrinter(LineServer):
    """Serves the protocol until it is closed; the last labels can be looked at, by number."""

    def __init__(self) -> None:
        self.printed: OrderedDict[int, Dots] = OrderedDict()
        self._count, self._lock = 0, threading.Lock()
        super().__init__(self._answer, LONGEST_LINE)

    def _answer(self, line: str) -> str:
        if line == "HELLO":
            return f"{GREETING} {VERSION} {ACROSS} simulated"
        word, *rest = line.split(" ")
        if word != "PRINT" or len(rest) != 3:
            return "REFUSED only HELLO, PRINT and BYE are known"
        try:
            along, across, rows = int(rest[0]), int(rest[1]), base64.b64decode(rest[2], validate=True)
        except (ValueError, binascii.Error):
            return "REFUSED these are no dots"
        if across != ACROSS or not 0 < along <= 4 * MOST_DOTS:
            return f"REFUSED the tape is {ACROSS} dots wide"
        if len(rows) != across * ((along + 7) // 8):
            return "REFUSED there are not as many dots as were said"
        with self._lock:
            self._count += 1
            self.printed[self._count] = Dots(along, across, rows)
            while len(self.printed) > MOST_KEPT:
                self.printed.popitem(last=False)
            return f"PRINTED {self._count}"
