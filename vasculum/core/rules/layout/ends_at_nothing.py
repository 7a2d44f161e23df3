"""An upright divider in a case without a top: it stands on what is below it, and is held there alone. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="geometry", per=("upright.board", "high_end.nothing"))
def high_end_host(low_end_host: Mm) -> Mm:
    """Where nothing is above, what it stands on counts alone."""
    return low_end_host


@rule(source="geometry", per=("divided.board", "upright.board", "high_end.nothing"))
def divider_held_ends() -> Mm:
    """It is held at one end."""
    return Mm(1)
