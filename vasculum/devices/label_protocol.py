"""The line protocol between the program and a label printer: ASCII lines over a socket, one answer for each request.

::

    → HELLO                              ← LABELS 1 300 simulated     (dots across the tape, and its name)
    → PRINT 900 300 base64 of the dots   ← PRINTED 1                  (how many it has printed since it was switched on)
    → BYE                                (the line is closed)

The dots are rows of one bit each from the left, a row filled up to whole bytes, black being 0. What cannot be done is
answered ``REFUSED`` and a reason.
"""

from __future__ import annotations

import base64
import re
import socket
from collections.abc import Callable
from typing import NamedTuple, TextIO

from vasculum.devices.protocol import DeviceRefused

GREETING, VERSION = "LABELS", 1
LONGEST_ANSWER = 200
MOST_DOTS = 2_000
"""Across a tape, and along a label four times as many."""
_HELLO = re.compile(rf"{GREETING} {VERSION} ([1-9][0-9]{{1,3}}) (.{{1,60}})")
_PRINTED = re.compile(r"PRINTED ([0-9]{1,6})")


class Dots(NamedTuple):
    """A label as the printer prints it: dots along and across the tape, and the rows packed into bytes."""

    along: int
    across: int
    rows: bytes


class Printed(NamedTuple):
    """What became of it: the printer's name, and which of its labels they are."""

    device: str
    numbers: list[int]


def print_labels(address: tuple[str, int], made: Callable[[int], list[Dots]], timeout: float = 5.0) -> Printed:
    """Print labels, made for as many dots as the tape is wide.

    Raises:
        DeviceRefused: ``device-silent`` when nobody answers; ``device-garbled`` when the answer is none, or it refuses.
    """
    try:
        with (
            socket.create_connection(address, timeout) as line,
            line.makefile("rw", encoding="ascii", newline="\n") as talk,
        ):
            across, name = _read(_HELLO, _ask(talk, "HELLO"))
            numbers = [
                int(
                    _read(
                        _PRINTED, _ask(talk, f"PRINT {one.along} {one.across} {base64.b64encode(one.rows).decode()}")
                    )[0]
                )
                for one in made(min(int(across), MOST_DOTS))
            ]
            talk.write("BYE\n")
            talk.flush()
    except (OSError, UnicodeError) as silent:
        raise DeviceRefused("device-silent", "The label printer does not answer.", "Is it switched on?") from silent
    return Printed(name, numbers)


def _ask(talk: TextIO, line: str) -> str:
    talk.write(line + "\n")
    talk.flush()
    return talk.readline(LONGEST_ANSWER).rstrip("\n")


def _read(wanted: re.Pattern[str], answer: str) -> tuple[str, ...]:
    found = wanted.fullmatch(answer)
    if found is None:
        raise DeviceRefused(
            "device-garbled", f"The label printer said {answer[:60]!r}.", "Look whether tape is in it, and print again."
        )
    return found.groups()
