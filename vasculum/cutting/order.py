"""The order at the saw: one setting of the fence for each size, with everything that is cut at it over all sheets.

Stage by stage, the widest setting first: first all rips of whole sheets, then what the strips are crosscut to, then
what is ripped again. Two settings that are alike in two stages are still two: the strips have to be there first.
"""

from __future__ import annotations

from collections.abc import Iterable, Iterator
from typing import NamedTuple

from vasculum.cutting.model import Mm, Piece, Way


class Setting(NamedTuple):
    """The fence at one distance: in which stage, what cut, how many pieces come off, and which of them are parts."""

    stage: int
    way: Way
    size: Mm
    pieces: int
    parts: tuple[str, ...]


def settings_of(sheets: Iterable[Piece]) -> list[Setting]:
    """Every setting of some sheets, in the order of the work."""
    found: dict[tuple[int, Way, Mm], list[str]] = {}
    for sheet in sheets:
        for stage, way, size, part in _cuts(sheet, 1):
            found.setdefault((stage, way, size), []).append(part)
    ordered = sorted(found.items(), key=lambda one: (one[0][0], one[0][1] != "rip", -one[0][2]))
    return [Setting(*key, len(names), tuple(name for name in names if name)) for key, names in ordered]


def _cuts(one: Piece, stage: int) -> Iterator[tuple[int, Way, Mm, str]]:
    for child in one.children:
        if one.cut is not None and not child.is_offcut:
            yield stage, one.cut, child.width if one.cut == "rip" else child.length, child.part
        yield from _cuts(child, stage + 1)
