"""Which edges of case boards, dividers and shelves are banded, where they have a band. Exact counts."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, rule
from vasculum.core.lengths import Mm

alternative("case_edges.front", title="The front edges", about="What is seen of a case that has a back.", order=1)
alternative(
    "case_edges.both", title="Front and back edges", about="Of a case that is seen, or used, from both sides.", order=2
)


@rule(source="common practice", label="banded edges of a board", per="case_edges.front", unit="count")
def banded_edges() -> Mm:
    """The front edge is banded."""
    return Mm(1)
