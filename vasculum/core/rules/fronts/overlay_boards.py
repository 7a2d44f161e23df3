"""What a full overlay laps over above and below a case that is built: its own boards. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="geometry", per=("space", "ends_by_board"))
def end_panel_above(case_top_taken: Mm) -> Mm:
    """Above, fronts lap over the top of the case."""
    return case_top_taken


@rule(source="geometry", per=("space", "ends_by_board"))
def end_panel_below(case_bottom_taken: Mm) -> Mm:
    """Below, fronts lap over the bottom of the case."""
    return case_bottom_taken
