"""A cell under or over something solid: a rail, the floor, the top. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="common practice", per="above.solid")
def gap_above(gap: Mm) -> Mm:
    """Below a rail or the top the front keeps a whole gap."""
    return gap


@rule(source="common practice", per="below.solid")
def gap_below(gap: Mm) -> Mm:
    """Above a rail or the floor the front keeps a whole gap."""
    return gap
