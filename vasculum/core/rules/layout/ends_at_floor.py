"""An upright divider in a case without a bottom: it stands on the floor, and is held above alone. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.obstructions.free import NOTHING


@rule(source="geometry", per=("upright.board", "low_end.nothing"))
def low_end_host(high_end_host: Mm) -> Mm:
    """Where nothing is below, what it reaches up to counts alone."""
    return high_end_host


@rule(source="geometry", per=("divided.board", "upright.board", "low_end.nothing"))
def divider_held_ends() -> Mm:
    """It is held at one end."""
    return Mm(1)


@rule(source="geometry", per=("upright.board", "low_end.nothing"))
def divider_begins() -> Mm:
    """It is let into nothing below: it begins on the floor."""
    return NOTHING
