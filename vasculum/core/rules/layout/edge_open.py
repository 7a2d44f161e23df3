"""A cell under or over another front: one gap between them, half of it each's. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="common practice", per="above.open")
def gap_above(gap: Mm) -> Mm:
    """Below another front half of the gap is this one's."""
    return gap / 2


@rule(source="common practice", per="below.open")
def gap_below(gap: Mm) -> Mm:
    """Above another front half of the gap is this one's."""
    return gap / 2
