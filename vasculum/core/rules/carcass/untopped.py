"""A case without a top laid on it. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="geometry", per="untopped")
def top_over() -> Mm:
    """Nothing is laid on the case."""
    return Mm(0)
