"""An upright divider between top and bottom of a new case. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="geometry", per=("upright.board", "low_end.case"))
def low_end_host(case_bottom_counts: Mm) -> Mm:
    """An upright divider stands on the bottom of the case."""
    return case_bottom_counts


@rule(source="geometry", per=("upright.board", "high_end.case"))
def high_end_host(case_top_counts: Mm) -> Mm:
    """An upright divider reaches to the top of the case."""
    return case_top_counts
