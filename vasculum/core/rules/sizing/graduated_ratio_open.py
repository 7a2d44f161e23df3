"""A row of a graduated bank, growing downward by a ratio, without rails: its front shares. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import times_over
from vasculum.core.rules.obstructions.free import NOTHING


@rule(source="geometry", per="sizing.graduated_ratio_open")
def fixed_part(gap_above: Mm, gap_below: Mm, edge_allowance: Mm = NOTHING) -> Mm:
    """Without rails the gaps round its front are fixed, and what a pull on its edge takes."""
    return gap_above + gap_below + edge_allowance


@rule(source="geometry", per="sizing.graduated_ratio_open", unit="ratio")
def weight(grade_ratio: Mm, grade: Mm) -> Mm:
    """Each graduated row is the ratio times the one before it."""
    return times_over(grade_ratio, grade)
