"""A row of a graduated bank, growing downward by a step, without rails: its front shares. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.obstructions.free import NOTHING


@rule(source="geometry", per="sizing.graduated_open")
def fixed_part(grade: Mm, grade_step: Mm, gap_above: Mm, gap_below: Mm, edge_allowance: Mm = NOTHING) -> Mm:
    """Without rails a graduated front is larger by its step; the gaps round it are fixed, and its pull."""
    return grade * grade_step + gap_above + gap_below + edge_allowance


@rule(source="geometry", per="sizing.graduated_open", unit="ratio")
def weight() -> Mm:
    """Graduated rows share what their steps leave alike."""
    return Mm(1)
