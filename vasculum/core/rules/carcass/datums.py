"""From which edge the boards of a case are marked: all of them from the same one. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative
from vasculum.core.lengths import Mm

alternative("marking_datum.front", title="The front edge", about="Where front edges agree.", order=1)
alternative("marking_datum.back", title="The back edge", about="Where a top runs over the fronts.", order=2)


def measured_from_back(places: tuple[Mm, ...], depth: Mm) -> tuple[Mm, ...]:
    """Places that were measured from the front edge of a board, from its back edge; the nearest to it first."""
    return tuple(depth - place for place in reversed(places))
