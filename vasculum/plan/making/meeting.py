"""What the proof found: two things that share space, or a line that two pieces tell differently. Facts, no words."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Literal

HAIR = 1e-6
"""Floats that should be equal differ by less, mm."""
Point = tuple[float, float, float]
"""Across, back and up, mm in the frame of a space."""
How = Literal["meets", "on its way", "gapes", "uncovers", "lines differ"]
"""Two share space; one meets another while its drawer comes out; a joint stands open; a front, which then
is both, leaves its opening uncovered; two tell a line differently."""


@dataclass(frozen=True, slots=True)
class Meeting:
    """Two things by id, a piece or what surrounds it, in one space.

    ``by`` is how far they overlap across, back and up, or how far a joint gapes or a front is short; ``at`` is the
    middle of it.
    """

    space: str
    first: str
    second: str
    how: How
    at: Point
    by: Point


@dataclass(frozen=True, slots=True)
class Proof:
    """A plan put together in space: how many pieces stand, which of them nobody can place, and what meets."""

    standing: int
    loose: tuple[str, ...]
    waiting: tuple[str, ...]
    """Pieces whose sizes or places wait for something refused."""
    meetings: tuple[Meeting, ...]
