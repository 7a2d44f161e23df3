"""A case with a whole top. Exact counts."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="common practice", per="case_top.panel", unit="count")
def stretcher_count() -> Mm:
    """A whole top needs no stretchers."""
    return Mm(0)
