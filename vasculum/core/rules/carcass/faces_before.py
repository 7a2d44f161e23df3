"""Fronts that stand before the case. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="geometry", per="faces.before")
def front_before(front_thickness: Mm, lock_stand_off: Mm) -> Mm:
    """Fronts that lap stand before the case by their thickness and any stand-off."""
    return front_thickness + lock_stand_off
