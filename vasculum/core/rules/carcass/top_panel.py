"""A case with a whole top. Exact counts."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, rule
from vasculum.core.lengths import Mm

alternative(
    "case_top.panel",
    title="Whole top",
    order=1,
)


@rule(source="common practice", per="case_top.panel", unit="count")
def stretcher_count() -> Mm:
    """A whole top needs no stretchers."""
    return Mm(0)
