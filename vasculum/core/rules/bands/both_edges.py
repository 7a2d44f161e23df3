"""Boards that are banded in front and at the back. Exact counts."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="common practice", per="case_edges.both", unit="count")
def banded_edges() -> Mm:
    """The front edge and the back edge are banded."""
    return Mm(2)
