"""Fitting room of a case between walls. Exact mm, one side."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="common practice", label="fitting room, one side", per=("in_niche", "fits.walls"))
def fitting_room(fitting_room_walls: Mm) -> Mm:
    """Between walls a case gets its fitting room on either side."""
    return fitting_room_walls
