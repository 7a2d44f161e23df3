"""Ways to bring a box in: end on through a mouth, then turned into place about one axis at a time.

Exact: a quarter turn of a rectangle a by b sweeps its diagonal both ways, so it is free where a² + b² ≤ room².
"""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass
from itertools import permutations
from math import sqrt
from typing import Literal

from vasculum.core.lengths import Mm

Axis = Literal["across", "up", "along"]
AXES: tuple[Axis, ...] = ("across", "up", "along")
Size = Literal["width", "height", "depth"]
PLACE: dict[Axis, Size] = {"across": "width", "up": "height", "along": "depth"}
"""Which size of the box lies along which axis when it stands in place."""


Lies = tuple[Size, Size, Size]
"""Which size of the box lies across, up and along."""


@dataclass(frozen=True, slots=True)
class Turn:
    """A quarter turn about one axis: the two sizes that change places, and the axes they lie along, before."""

    about: Axis
    sizes: tuple[Size, Size]
    axes: tuple[Axis, Axis]


@dataclass(frozen=True, slots=True)
class Way:
    """A way in: which size lies along which axis while it passes the mouth, then the turns in order."""

    lies: Lies
    turns: tuple[Turn, ...]


Sizes = dict[Size, Mm]
Room = dict[Axis, Mm | None]
"""Clear room to turn in along each axis; None where nothing is near."""


def ways_through(box: Sizes, mouth: tuple[Mm, Mm]) -> list[Way]:
    """Every way through a mouth (its width, its height), the fewest turns first; whether it can turn is not asked."""
    found = []
    for across, up, along in permutations(PLACE.values()):
        lies = (across, up, along)
        if box[lies[0]] <= mouth[0] and box[lies[1]] <= mouth[1]:
            found += [Way(lies, turns) for turns in _turns(lies)]
    return sorted(found, key=lambda way: len(way.turns))


def way_in(box: Sizes, mouth: tuple[Mm, Mm], room: Room) -> Way | None:
    """The way with the fewest turns that passes the mouth and turns free, or None."""
    ways = ways_through(box, mouth)
    return next((way for way in ways if all(is_free(turn, box, room) for turn in way.turns)), None)


def is_free(turn: Turn, box: Sizes, room: Room) -> bool:
    """Whether the room takes the diagonal along both axes of the turn."""
    one, other = (box[size] for size in turn.sizes)
    rooms = [room[axis] for axis in turn.axes]
    return all(r is None or one * one + other * other <= r * r for r in rooms)


def goes_through(board: tuple[Mm, Mm], mouth: tuple[Mm, Mm]) -> bool:
    """Whether a rectangle passes another one, tilted if need be.

    The known criterion for a rectangle within a rectangle, from memory; exact, but for the root.
    """
    q, p = sorted(board)
    b, a = sorted(mouth)
    if p <= a and q <= b:
        return True
    if p <= a or q > b:
        return False
    across = p * p + q * q
    return float(b) >= (2 * float(p * q * a) + float(p * p - q * q) * sqrt(float(across - a * a))) / float(across)


def pieces(size: Mm, room: Mm) -> int:
    """Into how many equal pieces a size is cut, so that each goes through."""
    return -(-size.numerator * room.denominator // (size.denominator * room.numerator))


def _turns(lies: Lies) -> Iterator[tuple[Turn, ...]]:
    """The orders of quarter turns that bring what lies so into place: none, one, or two one after the other."""
    wanted: Lies = ("width", "height", "depth")
    if lies == wanted:
        yield ()
        return
    for first in range(3):
        turned = _turned(lies, first)
        if turned == wanted:
            yield (_turn(lies, first),)
            return
    for first in range(3):
        turned = _turned(lies, first)
        for second in range(3):
            if second != first and _turned(turned, second) == wanted:
                yield (_turn(lies, first), _turn(turned, second))


def _turned(lies: Lies, about: int) -> Lies:
    one, other = (n for n in range(3) if n != about)
    swapped = list(lies)
    swapped[one], swapped[other] = lies[other], lies[one]
    return (swapped[0], swapped[1], swapped[2])


def _turn(lies: Lies, about: int) -> Turn:
    one, other = (n for n in range(3) if n != about)
    return Turn(AXES[about], (lies[one], lies[other]), (AXES[one], AXES[other]))
