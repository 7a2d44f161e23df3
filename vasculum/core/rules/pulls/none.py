"""No pull. Exact counts."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="common practice", per="pull.none", unit="count")
def pull_count() -> Mm:
    """Nothing is screwed on."""
    return Mm(0)
