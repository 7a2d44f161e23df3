"""Posts of a row that stands over another without a rail. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="geometry", per=("runner.posts", "below.open"))
def post_from_floor(outer_cell_from_floor: Mm) -> Mm:
    """Over another row without a rail the posts stand where the whole column does."""
    return outer_cell_from_floor
