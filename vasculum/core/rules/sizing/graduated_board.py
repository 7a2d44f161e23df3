"""A row of a graduated bank, growing downward by a step, between dividers. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="geometry", per="sizing.graduated_board")
def fixed_part(grade: Mm, grade_step: Mm) -> Mm:
    """A graduated row is larger than the first by its step, as often as rows stand before it."""
    return grade * grade_step


@rule(source="geometry", per="sizing.graduated_board", unit="ratio")
def weight() -> Mm:
    """Graduated rows share what their steps leave alike."""
    return Mm(1)
