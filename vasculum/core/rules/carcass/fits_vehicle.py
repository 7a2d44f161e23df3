"""Fitting room of a case in a vehicle. Exact mm, one side."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="common practice", per=("in_niche", "fits.vehicle"))
def fitting_room(fitting_room_vehicle: Mm) -> Mm:
    """In a vehicle a case gets more: nothing there is square, and it must not rattle against trim."""
    return fitting_room_vehicle
