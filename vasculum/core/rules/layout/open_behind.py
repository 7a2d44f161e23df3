"""A place that reaches to the back of what it is a part of. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="geometry", label="cell depth", per="cell")
def cell_depth(depth_offered: Mm) -> Mm:
    """A place is as deep as what it is a part of."""
    return depth_offered
