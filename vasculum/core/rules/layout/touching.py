"""Parts without boards: rows with only the gap of their fronts between them, columns beside each other. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="geometry", per="divided.open")
def between() -> Mm:
    """Without boards nothing stands between parts."""
    return Mm(0)
