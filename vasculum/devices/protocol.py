"""The line protocol between the program and a distance meter: ASCII lines over a socket, one answer for each request.

::

    → HELLO                     ← TAPE 1 simulated
    → MEASURE width             ← READING 612.4 mm 0.5
    → BYE                       (the line is closed)

A reading is the distance, its unit (``mm`` or ``in``) and how far it may be off in the same unit. What cannot be done
is answered ``REFUSED`` and a reason.
"""

from __future__ import annotations

import re
import socket
from dataclasses import dataclass
from decimal import Decimal

from vasculum.core.errors import VasculumError

GREETING, VERSION = "TAPE", 1
_READING = re.compile(r"READING (\d{1,6}(?:\.\d{1,4})?) (mm|in) (\d{1,3}(?:\.\d{1,4})?)")
LONGEST_LINE = 200


class DeviceRefused(VasculumError):
    """A device that does not answer, or not as the protocol says."""


@dataclass(frozen=True)
class DeviceReading:
    """What a device read: texts with a unit, as the plan keeps them."""

    value: str
    plus_minus: str
    device: str


def measure(address: tuple[str, int], what: str, timeout: float = 3.0) -> DeviceReading:
    """Ask a distance meter for one reading.

    Args:
        what: the dimension, such as ``width``; a real meter takes whatever it is pointed at.

    Raises:
        DeviceRefused: ``device-silent`` when nobody answers; ``device-garbled`` when the answer is no reading.
    """
    try:
        with (
            socket.create_connection(address, timeout) as line,
            line.makefile("rw", encoding="ascii", newline="\n") as talk,
        ):
            greeting = _ask(talk, "HELLO").split(" ", 2)
            if greeting[:2] != [GREETING, str(VERSION)]:
                raise _garbled(" ".join(greeting))
            answer = _ask(talk, f"MEASURE {what}")
            talk.write("BYE\n")
            talk.flush()
    except (OSError, UnicodeError) as silent:
        raise DeviceRefused("device-silent", "The tape does not answer.", "Is it switched on?") from silent
    found = _READING.fullmatch(answer)
    if found is None:
        raise _garbled(answer)
    value, unit, off = found.groups()
    name = greeting[2] if len(greeting) > 2 else "tape"
    return DeviceReading(f"{_plain(value)} {unit}", f"{_plain(off)} {unit}", name)


def _ask(talk: object, line: str) -> str:
    talk.write(line + "\n")  # type: ignore[attr-defined]
    talk.flush()  # type: ignore[attr-defined]
    return str(talk.readline(LONGEST_LINE)).rstrip("\n")  # type: ignore[attr-defined]


def _plain(number: str) -> str:
    return format(Decimal(number).normalize(), "f")


def _garbled(said: str) -> DeviceRefused:
    return DeviceRefused("device-garbled", f"The tape said {said[:60]!r}, which is no reading.", "Measure again.")
