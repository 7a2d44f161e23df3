"""Fronts that stand in the case, or none. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="geometry", per="faces.within")
def front_before() -> Mm:
    """Inset fronts stand within the case."""
    return Mm(0)
