"""A row of a graduated bank, growing downward by a ratio, between dividers. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import times_over


@rule(source="geometry", per="sizing.graduated_ratio_board")
def fixed_part() -> Mm:
    """Between dividers a row graduated by a ratio has no fixed part."""
    return Mm(0)


@rule(source="geometry", per="sizing.graduated_ratio_board", unit="ratio")
def weight(grade_ratio: Mm, grade: Mm) -> Mm:
    """Each graduated row is the ratio times the one before it."""
    return times_over(grade_ratio, grade)
