"""A pull on the upper edge of the front. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, good, rule
from vasculum.core.lengths import Mm

alternative(
    "pull.top_edge",
    title="On the upper edge",
    about="Its allowance comes off the front's height.",
    order=5,
)


@rule(source="common practice", label="height that a pull on the edge takes", per="pull.top_edge")
def edge_allowance(edge_pull_allowance: Mm) -> Mm:
    """A pull on the upper edge takes its allowance off the front."""
    return edge_pull_allowance


good("pull", per="pull.top_edge", title="Pull for the upper edge", by="edge_allowance")
