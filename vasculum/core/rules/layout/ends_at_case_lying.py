"""A lying divider between the sides of a new case. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="geometry", per=("lying.board", "low_end.case"))
def low_end_host(case_side_thickness: Mm) -> Mm:
    """A lying divider begins at a side of the case."""
    return case_side_thickness


@rule(source="geometry", per=("lying.board", "high_end.case"))
def high_end_host(case_side_thickness: Mm) -> Mm:
    """A lying divider ends at a side of the case."""
    return case_side_thickness
