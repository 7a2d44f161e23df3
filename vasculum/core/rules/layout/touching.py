"""Rows over each other without rails: nothing stands between them but the gap of their fronts. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="geometry", per="divided.open")
def between() -> Mm:
    """Without rails nothing stands between rows."""
    return Mm(0)
